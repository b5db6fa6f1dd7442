import { noteNamed } from '../note/parse';
import { fifths, type SpelledNote } from '../note/spelled';
import { PATTERNS } from '../scale/pattern';
import { isPrintable, signatureOf } from '../scale/signature';
import { TONICS } from '../scale/tonic';
import { answersOf, type Explanation, isSameRow } from './find-habits';
import { SCALE_HABITS, type ScaleHabit } from './habit';
import type { HabitId } from './habit-id';
import { HABITS } from './habits/all';
import { keyOfSignature, nameOfRow, partnerOf } from './judge-key';
import type { MarkQuestion } from './questions';
import type { ScaleQuestion } from './scale-question';

type Scale = ScaleQuestion['scale'];

const C = noteNamed('C');

/** A key and the scale on it. */
export type ScaleKey = { readonly tonic: SpelledNote; readonly scale: Scale };

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

function isScaleHabit(id: HabitId): id is ScaleHabit {
  return SCALE_HABITS.some((each) => each === id);
}

/** The wrong answers of a habit of scales on a key, going up. */
function wrongOn(id: HabitId, { tonic, scale }: ScaleKey, direction: ScaleQuestion['direction']) {
  const habit = isScaleHabit(id) ? HABITS.find((each) => each.id === id) : undefined;
  return habit ? answersOf(habit, { tonic, scale, direction, signature: 'none', clef: 'treble' }) : [];
}

/** Another key on which a habit shows, to practise against it: few signs, and not the one that was asked. */
export function practiceFor(id: HabitId, asked: ScaleKey): ScaleKey {
  const direction = id === 'raised-coming-down' || id === 'one-restored' ? 'both' : 'up';
  const tonics = easyTonics(asked);
  const shows = isScaleHabit(id)
    ? tonics.find((tonic) => wrongOn(id, { tonic, scale: asked.scale }, direction).length > 0)
    : undefined;
  return { tonic: shows ?? tonics[0] ?? asked.tonic, scale: asked.scale };
}

/**
 * A question that would tell habits apart which predict the same answer here: another key of the same scale where no
 * two of them predict the same. Null where none does; then they are one in all but name.
 */
export function tellingApart(
  tied: readonly Explanation<HabitId>[],
  question: ScaleQuestion,
): ScaleKey | null {
  const ids = tied.map(({ habits }) => habits);
  if (ids.length < 2 || ids.some((habits) => habits.length !== 1)) return null;
  const single = ids.flatMap(([id]) => id ?? []);
  const apart = (tonic: SpelledNote): boolean => {
    const made = single.map((id) => wrongOn(id, { tonic, scale: question.scale }, question.direction));
    return made.every(
      (rows, at) =>
        rows.length > 0 &&
        made
          .slice(at + 1)
          .every((others) => !rows.some((row) => others.some((other) => isSameRow(row, other)))),
    );
  };
  const tonic = easyTonics(question).find(apart);
  return tonic ? { tonic, scale: question.scale } : null;
}

/** The key that a question is about: the one to name in the words about its habits. */
export function keyAsked(marked: MarkQuestion): ScaleKey {
  const known = (key: { readonly tonic: SpelledNote; readonly scale: string | null } | null): ScaleKey => {
    const scale = (key?.scale ?? 'major') as Scale;
    return key ? { tonic: key.tonic, scale } : { tonic: C, scale: 'major' };
  };
  switch (marked.kind) {
    case 'name-key':
      return known(keyOfSignature(marked.question));
    case 'partner':
      return known(partnerOf(marked.question));
    case 'name-scale':
      return known(nameOfRow(marked.question.notes));
    case 'order': {
      const sharps = marked.question.kind === 'sharps';
      return known(keyOfSignature({ fifths: fifths(sharps ? 3 : -3), mode: 'major' }));
    }
    case 'steps':
      return { tonic: C, scale: marked.question.scale };
    case 'transpose':
      return { tonic: C, scale: 'major' };
    default:
      return { tonic: marked.question.tonic, scale: marked.question.scale };
  }
}
