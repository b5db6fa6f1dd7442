import type { Saying } from '../derive/derivation';
import { parentSaying } from '../derive/parent-saying';
import { type Fifths, fifthsOf, type SpelledNote } from '../note/spelled';
import { PATTERNS, type ScaleId } from '../scale/pattern';
import { enharmonicTonic, scaleNamed } from '../scale/scale';
import { accidentalsOf, isPrintable, signatureOf } from '../scale/signature';
import { relativeTonic } from '../scale/tonic';
import type { Settings } from '../school/settings';

/** One step of writing a signature. `put` is the number of its signs drawn after the step. */
export type WriteStep = { readonly saying: WriteSaying; readonly put: number };

export type WriteSaying =
  /** Steps that a derivation says as well: the relative, the parent, counted places, three signs less, past seven. */
  | Extract<
      Saying,
      { readonly code: 'relative-major' | 'parent-degree' | 'count-places' | 'less-three' | 'theoretical' }
    >
  | { readonly code: 'no-signs'; readonly tonic: SpelledNote }
  /** The rule with its stop condition. */
  | { readonly code: 'sharps-until'; readonly tonic: SpelledNote }
  | { readonly code: 'flats-past'; readonly tonic: SpelledNote }
  | { readonly code: 'plain-flat-key'; readonly tonic: SpelledNote; readonly sign: SpelledNote }
  | {
      readonly code: 'say-sharp';
      readonly sign: SpelledNote;
      readonly tonic: SpelledNote;
      /** Whether it lies a diatonic half step under the tonic: then it is the last. */
      readonly stops: boolean;
    }
  | {
      readonly code: 'say-flat';
      readonly sign: SpelledNote;
      readonly tonic: SpelledNote;
      readonly role: 'on-the-way' | 'tonic' | 'one-more';
    }
  /** Signs taken by their number alone, where the class has counted them. */
  | { readonly code: 'take-next'; readonly sign: SpelledNote; readonly number: number; readonly of: number }
  | { readonly code: 'signature-stands'; readonly count: Fifths; readonly signs: readonly SpelledNote[] }
  | { readonly code: 'seven-signs'; readonly sharps: boolean };

export type WriteAnswer = {
  readonly steps: readonly WriteStep[];
  readonly count: Fifths;
  /** The signature in its order; none where the key is theoretical, since it is never printed. */
  readonly signs: readonly SpelledNote[];
};

type School = Pick<Settings, 'minorSignature'>;

/** How a scale comes to a major key whose signature can be said: itself, its relative, parent or parallel. */
function waySteps(tonic: SpelledNote, scale: ScaleId, { minorSignature }: School): readonly WriteSaying[] {
  const { mode } = PATTERNS[scale];
  const count = signatureOf(tonic, mode);
  if (mode === 'major') return [];
  if (mode !== 'minor') return [parentSaying({ tonic, id: scale, signature: count })];
  const major = relativeTonic(tonic, 'minor');
  if (minorSignature === 'own-circle') return [{ code: 'count-places', tonic, mode, count }];
  if (minorSignature === 'parallel-less-three') {
    const parallel = signatureOf(tonic, 'major');
    return [
      { code: 'count-places', tonic, mode: 'major', count: parallel },
      { code: 'less-three', tonic, major: parallel, count },
    ];
  }
  return major ? [{ code: 'relative-major', tonic, major }] : [];
}

/** The major key whose signs are said one by one, or null where the class has counted them. */
function saidMajor(tonic: SpelledNote, scale: ScaleId, { minorSignature }: School): SpelledNote | null {
  const { mode } = PATTERNS[scale];
  if (mode === 'major') return tonic;
  if (mode === 'minor' && minorSignature !== 'relative') return null;
  return mode === 'minor'
    ? relativeTonic(tonic, 'minor')
    : parentSaying({ tonic, id: scale, signature: signatureOf(tonic, mode) }).parent;
}

/** Signs of a major key said in order until its rule stops (facts: name to signature). */
function saidSigns(tonic: SpelledNote, signs: readonly SpelledNote[]): readonly WriteSaying[] {
  const kind = signs[0]?.alteration ?? 0;
  if (kind === 0) return [{ code: 'no-signs', tonic }];
  if (kind > 0) {
    const said = signs.map((sign): WriteSaying => {
      return { code: 'say-sharp', sign, tonic, stops: fifthsOf(sign) === fifthsOf(tonic) + 5 };
    });
    return [{ code: 'sharps-until', tonic }, ...said];
  }
  const first = signs[0] as SpelledNote;
  if (tonic.alteration === 0) return [{ code: 'plain-flat-key', tonic, sign: first }];
  const at = signs.indexOf(tonic);
  const said = signs.map((sign, place): WriteSaying => {
    const role = place < at ? 'on-the-way' : place === at ? 'tonic' : 'one-more';
    return { code: 'say-flat', sign, tonic, role };
  });
  return [{ code: 'flats-past', tonic }, ...said];
}

const PUTS: readonly WriteSaying['code'][] = ['say-sharp', 'say-flat', 'take-next', 'plain-flat-key'];

/**
 * The signature of a key, sign by sign, with the condition that stops it: sharps until the one a diatonic half step
 * under the tonic, flats to the tonic and one more; a minor key and a mode through the class's way. A theoretical
 * key's is counted and never drawn.
 *
 * @example writeSignature(noteNamed('Cb'), 'major', { minorSignature: 'relative' }).signs.length // 7
 */
export function writeSignature(tonic: SpelledNote, scale: ScaleId, school: School): WriteAnswer {
  const count = signatureOf(tonic, PATTERNS[scale].mode);
  const way = waySteps(tonic, scale, school);
  const steps: WriteStep[] = [];
  let put = 0;
  const say = (saying: WriteSaying) => {
    if (PUTS.includes(saying.code)) put += 1;
    steps.push({ saying, put });
  };
  for (const saying of way) say(saying);
  if (!isPrintable(count)) {
    const reading = scaleNamed(tonic, scale);
    const instead = reading.ok ? enharmonicTonic(reading.scale) : null;
    say({ code: 'theoretical', count, scale, instead });
    return { steps, count, signs: [] };
  }
  const signs = accidentalsOf(count);
  const major = saidMajor(tonic, scale, school);
  const said = major ? saidSigns(major, signs) : counted(tonic, signs);
  for (const saying of said) say(saying);
  if (Math.abs(count) === 7) say({ code: 'seven-signs', sharps: count > 0 });
  if (count !== 0) say({ code: 'signature-stands', count, signs });
  return { steps, count, signs };
}

function counted(tonic: SpelledNote, signs: readonly SpelledNote[]): readonly WriteSaying[] {
  if (signs.length === 0) return [{ code: 'no-signs', tonic }];
  return signs.map((sign, at) => ({ code: 'take-next', sign, number: at + 1, of: signs.length }));
}
