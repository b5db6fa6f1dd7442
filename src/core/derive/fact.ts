import type { Letter } from '../note/letter';
import type { SpelledNote } from '../note/spelled';
import type { ScaleId } from '../scale/pattern';

/** A move of a note by a half step, and what its tetrachord comes to. */
export type Move = {
  readonly from: SpelledNote;
  readonly to: SpelledNote;
  /** The four notes of its tetrachord after the move, with their steps and the steps that were wanted. */
  readonly run: readonly SpelledNote[];
  readonly sizes: readonly number[];
  readonly wanted: readonly number[];
};

/** A sign that goes from a signature or comes into it, and what the scale has on its letter. */
export type MovedSign = { readonly sign: SpelledNote; readonly now: readonly SpelledNote[] };

/** A part of the scale in two tetrachords: four notes, four notes, and the step between them. */
export type TetrachordPart = 'lower' | 'join' | 'upper';

/** What one step of the working tells, as data found when its operation ran; `words` makes the sentence. */
export type Fact =
  /** Plain letters; `tonic` where the tonic's sign is given from the start, not found by the method. */
  | {
      readonly code: 'letters';
      readonly letters: readonly Letter[];
      readonly tonic: SpelledNote | null;
      /** Letters a pattern of more or fewer than seven steps passes over, or has more than once. */
      readonly skipped: readonly Letter[];
      readonly repeated: readonly Letter[];
    }
  | {
      readonly code: 'walk';
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly semitones: number;
      /** Letters moved: 1 to the next one, 0 where a letter stands twice, more where one is passed over. */
      readonly letters: number;
      readonly falling: boolean;
      /** Semitones to the plain letter, where the note is altered and the plain letter does not fit. */
      readonly plain: number | null;
      readonly refused: SpelledNote | null;
      readonly home: boolean;
    }
  | { readonly code: 'same-coming-down' }
  /** The notes of the key, before the half steps between them. */
  | { readonly code: 'key-notes'; readonly tonic: SpelledNote; readonly notes: readonly SpelledNote[] }
  /** The note between two notes of a key: the lower one raised, or coming down the upper one lowered. */
  | {
      readonly code: 'between';
      readonly low: SpelledNote;
      readonly high: SpelledNote;
      readonly to: SpelledNote;
      readonly falling: boolean;
      /** What the other way has here. */
      readonly refused: SpelledNote | null;
    }
  /** The half steps that are in the key already, each by its lower note. */
  | { readonly code: 'no-between'; readonly pairs: readonly (readonly [SpelledNote, SpelledNote])[] }
  /** Melodic minor's own descent, with the notes of it that differ where they are pointed at. */
  | { readonly code: 'natural-coming-down'; readonly notes: readonly SpelledNote[] }
  | { readonly code: 'restore'; readonly notes: readonly SpelledNote[] }
  | { readonly code: 'relative-major'; readonly tonic: SpelledNote; readonly major: SpelledNote }
  /** Places round the circle, one sharp each: from C to a major key, or from A to a minor one on its own circle. */
  | {
      readonly code: 'count-places';
      readonly tonic: SpelledNote;
      readonly mode: 'major' | 'minor';
      readonly count: number;
    }
  /** From the signature of the parallel major to minor's, three signs further flat. */
  | {
      readonly code: 'less-three';
      readonly tonic: SpelledNote;
      readonly major: number;
      readonly count: number;
    }
  | { readonly code: 'take-signs'; readonly signs: readonly SpelledNote[]; readonly count: number }
  | {
      readonly code: 'theoretical';
      readonly count: number;
      readonly scale: ScaleId;
      readonly instead: SpelledNote | null;
    }
  | {
      readonly code: 'put-sign';
      readonly sign: SpelledNote;
      readonly tonic: SpelledNote;
      readonly here: boolean;
    }
  | {
      readonly code: 'tetrachords';
      readonly lower: readonly number[];
      readonly join: number;
      readonly upper: readonly number[];
    }
  /** One note moved by a half step, because the step from the note before does not fit. */
  | {
      readonly code: 'mend';
      readonly before: SpelledNote;
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly is: number;
      readonly wanted: number;
      readonly part: TetrachordPart;
      readonly refused: Move | null;
    }
  | {
      readonly code: 'tetrachord-stands';
      readonly part: 'lower' | 'upper';
      readonly notes: readonly SpelledNote[];
      readonly sizes: readonly number[];
      /** The major key whose lower tetrachord this upper one is, where both are major's. */
      readonly next: SpelledNote | null;
    }
  | {
      readonly code: 'join';
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly semitones: number;
    }
  | { readonly code: 'parallel-major'; readonly tonic: SpelledNote; readonly notes: readonly SpelledNote[] }
  | {
      readonly code: 'alter-degree';
      readonly tonic: SpelledNote;
      readonly degree: number;
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly falling: boolean;
    }
  /** From one signature on the tonic to another: signs that go and signs that come. */
  | {
      readonly code: 'signature-shift';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      /** Whose signature it was: the major or the minor key's on the tonic. */
      readonly was: 'major' | 'minor';
      /** Whether it is only what another school would write: with the parent's signature. */
      readonly instead: boolean;
      readonly from: number;
      readonly to: number;
      readonly gone: readonly MovedSign[];
      readonly come: readonly MovedSign[];
    }
  /** The key on the tonic under whose signature a mode is worked out. */
  | {
      readonly code: 'under-tonic';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      readonly near: 'major' | 'minor';
    }
  /** The same where the notes stand already, with those that carry an accidental under it. */
  | {
      readonly code: 'written-under';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      readonly near: 'major' | 'minor';
      readonly count: number;
      readonly notes: readonly SpelledNote[];
    }
  | {
      readonly code: 'parent-degree';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      readonly parent: SpelledNote;
      readonly degree: number;
      /** Semitones from the tonic down to the parent's. */
      readonly down: number;
    }
  | { readonly code: 'two-octaves'; readonly parent: SpelledNote; readonly notes: readonly SpelledNote[] }
  | { readonly code: 'start-on'; readonly degree: number; readonly notes: readonly SpelledNote[] }
  | {
      readonly code: 'parent-signature';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      readonly parent: SpelledNote;
      readonly count: number;
    }
  | {
      readonly code: 'chain-start';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      readonly up: boolean;
      readonly links: number;
    }
  | {
      readonly code: 'chain-link';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      readonly sign: SpelledNote;
      readonly degree: number;
    }
  | { readonly code: 'chain-arrive'; readonly notes: readonly SpelledNote[] }
  | {
      readonly code: 'window-place';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      /** The tonic's place in the window, 1 to 7 from the left. */
      readonly place: number;
      readonly window: readonly SpelledNote[];
    }
  | { readonly code: 'window-order'; readonly notes: readonly SpelledNote[] }
  | {
      readonly code: 'window-raise';
      readonly tonic: SpelledNote;
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      /** Places past the window. */
      readonly past: number;
    }
  | {
      readonly code: 'raise';
      readonly tonic: SpelledNote;
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly refused: SpelledNote | null;
    };
