import type { Key } from '../../harmony/key';
import type { Fifths, SpelledNote } from '../../note/spelled';
import type { Mode } from '../../scale/mode';

/** Bars that a line of evidence points at, by their numbers as printed. */
type At = { readonly bars: readonly number[] };

/** A degree of the key, from 1. */
type OnDegree = At & { readonly note: SpelledNote; readonly degree: number | null };

/**
 * What speaks for a key or against it, as data that can be checked against the piece. `weight` is above 0 for what speaks
 * for it, below 0 for what speaks against it; a key's weights add up to how it stands among the others.
 */
export type Evidence = { readonly weight: number } & (
  | (At & {
      readonly code: 'signature';
      readonly count: Fifths;
      readonly own: boolean;
      readonly wants: Fifths;
    })
  | (OnDegree & { readonly code: 'last-note' | 'last-bass' | 'first-note' | 'first-bass' })
  /** Sections before the last that end on the tonic in the bass. */
  | (At & { readonly code: 'section-ends'; readonly note: SpelledNote })
  /** How much of the time is spent on the notes of the home chord, in hundredths. */
  | (At & { readonly code: 'home-chord'; readonly notes: readonly SpelledNote[]; readonly percent: number })
  | (At & { readonly code: 'all-fit' })
  | (At & { readonly code: 'outside'; readonly notes: readonly SpelledNote[]; readonly count: number })
  /** Minor's 7th or 6th degree raised; of the 7th, how often it goes on to the tonic. */
  | (At & {
      readonly code: 'raised-seventh';
      readonly note: SpelledNote;
      readonly count: number;
      readonly home: number;
    })
  | (At & { readonly code: 'raised-sixth'; readonly note: SpelledNote; readonly count: number })
  /** The 7th occurs, and is never raised. */
  | (At & { readonly code: 'never-raised'; readonly note: SpelledNote })
  /** The bass goes from the 5th degree to the tonic on the first beat of a bar. */
  | (At & {
      readonly code: 'bass-leaps';
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly count: number;
    })
  /** The end is a cadence: by the bass from the 5th degree, or by step in the melody. */
  | (At & {
      readonly code: 'cadence';
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly by: 'bass' | 'step';
    })
  /** A note by which the mode is told from another never occurs. */
  | (At & { readonly code: 'missing'; readonly note: SpelledNote; readonly instead: Mode })
  /** The note by which the mode is told from major or minor occurs. */
  | (At & {
      readonly code: 'own-note';
      readonly note: SpelledNote;
      readonly instead: Mode;
      readonly count: number;
    })
  /** Keys of major and minor are far more usual than the other modes. */
  | (At & { readonly code: 'usual' })
  | (At & { readonly code: 'source-says'; readonly mode: Mode })
);

/** A key that a piece could be in, with all that speaks for it and against it. */
export type Candidate = {
  readonly key: Key;
  /** Whether the signature is its own. */
  readonly owns: boolean;
  readonly evidence: readonly Evidence[];
  readonly weight: number;
  /** How sure it is among all candidates: 0 to 1, all of them together 1. */
  readonly sure: number;
};
