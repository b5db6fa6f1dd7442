import type { FileWarning } from '@/core/words/say-file';
import type { OfferedTune } from './melody/to-tune';
import type { LineKind } from './musicxml/read-parts';

/** A scale that a file offers, in plain words that can be sent: the tonic in English ASCII. */
export type OfferedScale = {
  readonly tonic: string;
  readonly scale: string;
  readonly direction: string | null;
  readonly clef: string | null;
  readonly signature: string | null;
  /** Where it stands: part and measure, or the line of a list. */
  readonly part: string | null;
  readonly place: string;
};

/** Notes of a line with their octaves and the signs printed at them, as the code of an answer, and where they stand. */
export type WrittenLine = {
  readonly part: string;
  readonly kind: LineKind;
  readonly voice: string | null;
  /** The first and the last measure. */
  readonly from: string;
  readonly to: string;
  /** The first notes, as `C4`, to know it by. */
  readonly begins: string;
  readonly notes: number;
  readonly code: string;
};

/** What a file holds of scales, and of notes that can be an answer. */
export type ScalesReading = {
  readonly ok: true;
  readonly kind: 'scales';
  readonly title: string;
  readonly scales: readonly OfferedScale[];
  /** The parts of a score note by note, to be marked as answers. */
  readonly lines: readonly WrittenLine[];
  /** Lines that can be kept as tunes in degrees. */
  readonly tunes: readonly OfferedTune[];
  readonly warnings: readonly FileWarning[];
};
