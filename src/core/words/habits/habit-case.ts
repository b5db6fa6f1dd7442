import type { SpelledNote } from '../../note/spelled';
import { PATTERNS, type ScaleId } from '../../scale/pattern';
import { scaleNamed } from '../../scale/scale';
import { signatureOf } from '../../scale/signature';
import type { ClassWords } from '../class-words';
import { signCount } from '../vocabulary';

/** What the sentences about a habit may speak of: the key that was asked, and one to practise on. */
export type HabitCase = {
  readonly w: ClassWords;
  /** The scale that was asked, by name. */
  readonly asked: string;
  /** A degree of it, as the class calls it: `the 7th`, `the leading note`. */
  readonly the: (degree: number) => string;
  /** The note on a degree of it. */
  readonly note: (degree: number) => string;
  /** Its tonic. */
  readonly tonic: string;
  /** Its signature: `two sharps`. */
  readonly signs: string;
  /** The scale to practise on. */
  readonly practice: string;
};

/** The words of one habit: its name, why this answer, what to say to the student, and one exercise. */
export type HabitWords = {
  readonly name: string;
  readonly why: string;
  readonly say: string;
  readonly cure: string;
};

export type HabitSaying = (c: HabitCase) => HabitWords;

/** A key or a scale by its tonic and its id. */
export type CaseKey = { readonly tonic: SpelledNote; readonly scale: ScaleId };

/** What a habit's sentences speak of, for a key that was asked and one to practise on. Throws past the 21 tonics. */
export function habitCase(w: ClassWords, asked: CaseKey, practice: CaseKey): HabitCase {
  const reading = scaleNamed(asked.tonic, asked.scale);
  if (!reading.ok) throw new RangeError('asked only where it can be spelled');
  const row = reading.scale.ascending;
  const on = (degree: number) => row[degree - 1] as SpelledNote;
  return {
    w,
    asked: w.scale(asked.tonic, asked.scale),
    the: (degree) => `the ${w.degree(on(degree), asked.tonic)}`,
    note: (degree) => w.note(on(degree)),
    tonic: w.note(asked.tonic),
    signs: signCount(signatureOf(asked.tonic, PATTERNS[asked.scale].mode)),
    practice: w.scale(practice.tonic, practice.scale),
  };
}
