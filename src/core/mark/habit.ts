import type { SpelledNote } from '../note/spelled';
import type { ScaleQuestion } from './scale-question';
import type { Working } from './working';

/** The habits behind a wrong scale, by the order in which ties are settled (facts: mistakes). */
export const SCALE_HABITS = [
  'respelled',
  'clef-misread',
  'seventh-not-raised',
  'sixth-and-seventh-not-raised',
  'sixth-raised',
  'sixth-not-raised',
  'form-unasked',
  'raised-coming-down',
  'one-restored',
  'raised-other-degree',
  'lowered-instead',
  'raised-is-sharp',
  'signature-ignored',
  'one-too-few',
  'one-too-many',
  'order-swapped',
  'kind-swapped',
  'parallel-signature',
  'relative-tonic',
  'own-major-signature',
  'parent-wrong-way',
  'parent-wrong-degree',
  'altered-twice',
  'stuck-accidental',
  'natural-half-step-forgotten',
  'counted-start',
  'half-step-misplaced',
  'wrong-mode',
  'accidental-missing',
  'accidental-extra',
] as const;

export type ScaleHabit = (typeof SCALE_HABITS)[number];

/**
 * A wrong procedure. It alters one stage of the working, or what was written at the end; each alternative is an answer
 * it can make. Asked the other way, the same procedure makes wrong answers.
 */
export type Habit = {
  readonly id: ScaleHabit;
  /** Rank among ties: sound, clef, minor form, whole signature, tonic or parent, carried sign, counting … single slip. */
  readonly rank: number;
} & (
  | {
      readonly alters: 'working';
      /** The workings it makes of another; none where it does not apply to the question. */
      readonly workings: (working: Working, question: ScaleQuestion) => readonly Working[];
    }
  | {
      readonly alters: 'written';
      /**
       * What of a row it touches, so that it can come second, after another habit: one note (wherever it stands), the
       * spelling alone, or the whole row. Null where it works from the question alone and only comes first.
       */
      readonly touches: 'one-note' | 'spelling' | 'whole-row' | null;
      /** The answers it makes of what would have been written; none where it does not apply. */
      readonly answers: (
        notes: readonly SpelledNote[],
        question: ScaleQuestion,
      ) => readonly (readonly SpelledNote[])[];
    }
);
