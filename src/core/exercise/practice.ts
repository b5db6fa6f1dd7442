import { answersOf, type Made } from '../mark/explain/made';
import type { Explanation } from '../mark/explain/rank';
import { isSame } from '../mark/machine/written';
import { type MistakeId, mistakeNamed } from '../mark/mistakes/all';
import type { SpelledNote } from '../note/spelled';
import { spelled } from '../note/spelled';
import type { Direction } from '../scale/direction';
import { PATTERNS, SCALE_IDS } from '../scale/pattern';
import { isPrintable, signatureOf } from '../scale/signature';
import { TONICS } from '../scale/tonic';
import {
  fieldsAsked,
  fieldsOf,
  keyOf,
  type MarkQuestion,
  markProblem,
  questionFrom,
  taskOf,
} from './kinds/all';
import { type Fields, USUAL_FIELDS } from './kinds/fields';
import type { MarkSchool } from './kinds/kind';
import { scaleTask } from './kinds/scale/scale-question';

/** A key and the scale on it. */
export type ScaleKey = { readonly tonic: SpelledNote; readonly scale: Fields['scale'] };

/** Two to four signs: enough to go wrong, few enough to see through. */
const FEW_SIGNS = 3;

/** A key of the other kind of signs is further off than any of the own kind, but for those with most signs. */
const OTHER_SIDE = 3;

/** The tonics whose key can be printed, those with about three signs first, on the side of the key itself. */
function easyTonics({ tonic, scale }: ScaleKey): readonly SpelledNote[] {
  const { mode } = PATTERNS[scale];
  const own = Math.sign(signatureOf(tonic, mode));
  const distance = (each: SpelledNote) => {
    const count = signatureOf(each, mode);
    return Math.abs(Math.abs(count) - FEW_SIGNS) + (Math.sign(count) === own || own === 0 ? 0 : OTHER_SIDE);
  };
  return TONICS.filter((each) => each !== tonic && isPrintable(signatureOf(each, mode))).toSorted(
    (a, b) => distance(a) - distance(b),
  );
}

/** What a mistake makes of a scale that is asked. */
function wrongOn(id: MistakeId, { tonic, scale }: ScaleKey, direction: Direction): readonly Made[] {
  const mistake = mistakeNamed(id);
  if (!mistake?.scopes.includes('scale')) return [];
  return answersOf(mistake, scaleTask({ tonic, scale, direction, signature: 'none', clef: 'treble' }));
}

/** Another key on which a mistake shows, to practise against it: few signs, and not the one that was asked. */
export function practiceFor(id: MistakeId, asked: ScaleKey): ScaleKey {
  const mistake = mistakeNamed(id);
  const direction = mistake?.showsComingDown ? 'both' : 'up';
  const tonics = easyTonics(asked);
  const shows = mistake?.scopes.includes('scale')
    ? tonics.find((tonic) => wrongOn(id, { tonic, scale: asked.scale }, direction).length > 0)
    : undefined;
  return { tonic: shows ?? tonics[0] ?? asked.tonic, scale: asked.scale };
}

/** Whether no two of some mistakes lead to the same answer to a question, and each to some. */
function areApart(ids: readonly MistakeId[], asked: MarkQuestion, school: MarkSchool): boolean {
  const task = taskOf(asked, school);
  const made = ids.map((id) => {
    const mistake = mistakeNamed(id);
    return mistake?.scopes.includes(task.scope) ? answersOf(mistake, task) : [];
  });
  return made.every(
    (answers, at) =>
      answers.length > 0 &&
      made
        .slice(at + 1)
        .every(
          (others) => !answers.some((one) => others.some((other) => isSame(one.written, other.written))),
        ),
  );
}

/** Scales of one family: the modes tell a mode's mistakes apart, the minor forms those of minor. */
function family(scale: Fields['scale']): readonly Fields['scale'][] {
  const minor = PATTERNS[scale].mode === 'minor';
  const own = SCALE_IDS.filter((id) => (PATTERNS[id].mode === 'minor') === minor && id !== 'major');
  return [scale, ...own.filter((id) => id !== scale)];
}

/** A question with the key that is asked in it. */
type Variant = { readonly asked: MarkQuestion; readonly key: ScaleKey };

/** The same question about other keys: of the same scale, and of others of its family. */
function* variantsOf(asked: MarkQuestion, school: MarkSchool): Generator<Variant> {
  const fields: Fields = { ...USUAL_FIELDS, ...fieldsAsked(asked) };
  const has = fieldsOf(asked.kind);
  if (!has.includes('tonic') || !has.includes('scale')) return;
  for (const scale of family(fields.scale)) {
    for (const tonic of easyTonics({ tonic: fields.tonic, scale }))
      yield { asked: questionFrom(asked.kind, { ...fields, tonic, scale }, school), key: { tonic, scale } };
  }
}

/**
 * The question to ask next, of the same kind about another key, that would tell mistakes apart which lead to the same answer
 * here. Null where none does; then they are one in all but name.
 */
export function tellingApart(
  tied: readonly Explanation[],
  asked: MarkQuestion,
  school: MarkSchool,
): Variant | null {
  if (tied.length < 2 || tied.some(({ habits }) => habits.length !== 1)) return null;
  const ids = tied.flatMap(({ habits }) => habits[0] ?? []);
  for (const variant of variantsOf(asked, school)) {
    if (!markProblem(variant.asked) && areApart(ids, variant.asked, school)) return variant;
  }
  return null;
}

const C: ScaleKey = { tonic: spelled('C', 0), scale: 'major' };

/** The key that a question is about, as one to practise beside; C major where it is about none. */
export function keyAsked(asked: MarkQuestion): ScaleKey {
  const key = keyOf(asked);
  if (!key) return asked.kind === 'steps' ? { tonic: C.tonic, scale: asked.question.scale } : C;
  return { tonic: key.tonic, scale: SCALE_IDS.find((id) => id === key.scale) ?? 'major' };
}
