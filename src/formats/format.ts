import type { Piece } from '@/core/piece/piece';
import type { PieceWarning } from '@/core/piece/piece-warning';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import type { FileProblem } from '@/core/words/say-file';

/** A file as its kind is found out: its bytes, and their text where they are one. */
export type SniffedFile = { readonly bytes: Uint8Array; readonly text: string | null };

/** A file to be read: what it is called, without its ending, in the words of a class. */
export type FileToRead = SniffedFile & { readonly title: string; readonly w: ClassWords };

/** A piece that was read, with what of it is not as it was. */
export type PieceReading =
  | { readonly ok: true; readonly piece: Piece; readonly warnings: readonly PieceWarning[] }
  | Refused;

export type Refused = { readonly ok: false; readonly problem: FileProblem };

/** A kind of file: all that the house needs to take it in and to give it out. */
export type FileFormat<Reading> = {
  /** Language-free, in addresses and in what is shared. */
  readonly code: string;
  /** What it is called in a sentence. */
  readonly name: string;
  /** The endings of its files; the first is the one that is written. */
  readonly endings: readonly [string, ...string[]];
  /** Its media type. */
  readonly type: string;
  /** Whether its bytes are a text. */
  readonly isText: boolean;
  /** Whether a file is of this kind, by what is in it and never by its name. */
  readonly sniff: (file: SniffedFile) => boolean;
  /** Loads what reads it. */
  readonly reader: () => Promise<{ readonly read: (file: FileToRead) => Reading | Refused }>;
  /** Loads what reads a piece in bars from it; null where it holds none. */
  readonly piece: (() => Promise<{ readonly read: (file: SniffedFile) => PieceReading }>) | null;
  /** Writes a scale; null where no scale goes out in it. */
  readonly write: ((w: ClassWords, written: WrittenScale) => string) | null;
};
