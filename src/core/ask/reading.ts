import type { MethodId } from '../derive/derivation';
import type { ChordQuality } from '../harmony/chord';
import type { ChordProblem } from '../harmony/chord-spelling';
import type { ChordSize } from '../harmony/family';
import type { Key } from '../harmony/key';
import type { Clef } from '../instrument/staff';
import type { FretsShown, Octaves } from '../instrument/ways';
import type { Quality } from '../note/interval';
import type { Fifths, SpelledNote } from '../note/spelled';
import type { AskedPattern } from '../play/pattern';
import type { PlayRange } from '../play/placed';
import type { TuneId } from '../play/tunes';
import type { AskedScale } from '../scale/asked';
import type { Direction } from '../scale/direction';
import type { Mode } from '../scale/mode';
import type { ScaleId } from '../scale/pattern';
import type { SignatureChoice } from '../scale/printed';
import type { Relation } from '../scale/related';
import type { SheetPhrase } from './sheet-said';

/** How a scale is to be written and worked out, as far as it was said. */
export type AskOptions = {
  readonly direction?: Direction;
  readonly clef?: Clef;
  readonly signature?: SignatureChoice;
  readonly method?: MethodId;
  /** The code of the surface that it is to be shown on. */
  readonly on?: string;
  readonly frets?: FretsShown;
  readonly tuning?: string;
  readonly instrument?: string;
  readonly octaves?: Octaves;
};

/** A tonic with its scale. */
export type AskKey = { readonly tonic: SpelledNote; readonly scale: AskedScale };

/** How something is to be played; null for what was left open. */
export type PlaySaid = {
  readonly pattern: AskedPattern | null;
  readonly tune: TuneId | null;
  readonly range: PlayRange | null;
  /** The id of a player who is no transposing instrument. */
  readonly player: string | null;
  readonly tempo: number | null;
};

/** Places of the application that can be asked for. */
export const ASK_PLACES = [
  'class',
  'people',
  'backup',
  'signatures',
  'writing',
  'keyBook',
  'blankCircle',
  'buildCircle',
  'mark',
  'read',
  'newPiece',
  'play',
  'sheets',
  'projectBook',
  'drill',
  'dueToday',
  'log',
  'practiceLog',
  'studentQuestions',
] as const;

export type AskPlace = (typeof ASK_PLACES)[number];

/** One thing a line can mean. */
export type AskReading =
  | ({ readonly kind: 'scale'; readonly options: AskOptions; readonly related: AskRelated | null } & AskKey)
  /** Two workings beside each other: another method of the same scale, or another scale. */
  | ({ readonly kind: 'compare'; readonly options: AskOptions; readonly beside: MethodId | AskKey } & AskKey)
  /** Which key has this signature? `mode` where one was named. */
  | { readonly kind: 'key'; readonly fifths: Fifths; readonly mode: Mode | null }
  | { readonly kind: 'signature'; readonly tonic: SpelledNote; readonly scale: ScaleId }
  | { readonly kind: 'name'; readonly notes: readonly SpelledNote[] }
  /** The ways from one key to another. */
  | { readonly kind: 'route'; readonly from: Key; readonly to: Key }
  /** The seven chords of a key. */
  | { readonly kind: 'chords'; readonly key: Key; readonly size: ChordSize }
  /** The notes of a chord. */
  | { readonly kind: 'chord'; readonly root: SpelledNote; readonly quality: ChordQuality }
  /** The fifths of a note. */
  | { readonly kind: 'note'; readonly note: SpelledNote }
  /** An order of signs. */
  | { readonly kind: 'order'; readonly of: 'sharps' | 'flats' }
  /** The note on a degree of a key. */
  | {
      readonly kind: 'degree';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      readonly degree: number;
      readonly note: SpelledNote;
    }
  /** A note so far above (1) or below (−1) another; `letters` counts both ends. */
  | {
      readonly kind: 'interval';
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly way: 1 | -1;
      readonly letters: number;
      readonly semitones: number;
      readonly quality: Quality;
    }
  /** A key among the keys of the circle. */
  | { readonly kind: 'circle'; readonly key: Key }
  /** An answer to be marked: a scale that was asked. */
  | ({ readonly kind: 'mark'; readonly options: AskOptions } & AskKey)
  /** A sheet of written work, as far as it was said. */
  | { readonly kind: 'sheet'; readonly sheet: SheetPhrase }
  /** A scale to be asked on a sheet. */
  | ({ readonly kind: 'sheet-question'; readonly options: AskOptions } & AskKey)
  /** A scale to be played, as far as it was said how. */
  | ({ readonly kind: 'play'; readonly options: AskOptions; readonly said: PlaySaid } & AskKey)
  | { readonly kind: 'place'; readonly place: AskPlace };

/** That a scale was asked for by a key it belongs to. */
export type AskRelated = { readonly relation: Relation | 'parent'; readonly of: AskKey };

/** Why a line was not understood. */
export type AskProblem =
  | { readonly code: 'ask-long'; readonly length: number; readonly limit: number }
  | { readonly code: 'ask-words'; readonly words: readonly string[] }
  | { readonly code: 'ask-together'; readonly read: string }
  | { readonly code: 'ask-signs'; readonly count: number }
  | { readonly code: 'ask-steps'; readonly sum: number }
  | ({ readonly code: 'ask-chord' } & Omit<ChordProblem, 'code'>)
  | { readonly code: 'ask-spelling'; readonly tonic: SpelledNote; readonly instead: SpelledNote | null };

export type Asked = {
  /** Best first. */
  readonly readings: readonly AskReading[];
  /** Null where something was understood, or nothing was typed. */
  readonly problem: AskProblem | null;
};
