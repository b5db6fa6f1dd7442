/** Why a line of a file cannot be kept as a tune in degrees. */
export type MelodyWhy = 'no-notes' | 'meter' | 'lengths' | 'signs' | 'key' | 'bars';

const NO_TUNE: Readonly<Record<MelodyWhy, string>> = {
  'no-notes': 'Fewer than two notes were found in it.',
  meter: 'Its bars are not of 2, 3 or 4 quarters, as tunes here have.',
  lengths:
    'It has lengths that are no single note value here, such as triplets or ties. Write it without them.',
  signs: 'A note of it lies more than a half step off its degree. Give the file the key it is in.',
  key: 'Its signature has no key that can be written.',
  bars: 'A note of it goes over a bar line, or a bar is not full. Write it without ties.',
};

const ABC_WHY = {
  'no-key': 'Its K: line is no key: ',
  unread: 'It cannot be read from here on: ',
  tuplet: 'Triplets and other tuplets are not read: ',
} as const;

/** Why a file cannot be used. Nothing is changed by a file that is refused. */
export type FileProblem =
  | { readonly code: 'file-empty' }
  | { readonly code: 'file-too-large'; readonly bytes: number; readonly limit: number }
  /** The kinds that can be read, as they are said. */
  | { readonly code: 'file-kind'; readonly name: string; readonly kinds: readonly string[] }
  | { readonly code: 'file-encoding'; readonly encoding: string }
  | { readonly code: 'file-entities' }
  | { readonly code: 'file-deep'; readonly limit: number }
  | { readonly code: 'file-many'; readonly limit: number }
  | { readonly code: 'xml-broken'; readonly where: string }
  | { readonly code: 'xml-other'; readonly root: string }
  | { readonly code: 'xml-timewise' }
  | { readonly code: 'zip-broken' }
  | { readonly code: 'zip-bomb'; readonly limit: number }
  | { readonly code: 'zip-no-score' }
  | { readonly code: 'midi-broken' }
  | { readonly code: 'piece-broken' }
  | { readonly code: 'piece-empty' }
  | { readonly code: 'text-no-scale'; readonly lines: number }
  /** A file of one line that is no tune here; of ABC what was read. */
  | { readonly code: 'no-tune'; readonly why: MelodyWhy }
  | { readonly code: 'abc-unread'; readonly why: 'no-key' | 'unread' | 'tuplet'; readonly read: string }
  | { readonly code: 'backup-broken'; readonly where: string }
  | { readonly code: 'backup-newer'; readonly version: number; readonly known: number }
  | { readonly code: 'file-slow'; readonly seconds: number }
  | { readonly code: 'file-unreadable' };

const NOTHING = 'Nothing was changed.';

function megabytes(bytes: number): string {
  return `${Math.max(0.1, Math.round(bytes / 100_000) / 10)} MB`;
}

/** Says what was read, what is wrong with it and what to do. */
export function sayFileProblem(problem: FileProblem): string {
  return `${sentence(problem)} ${NOTHING}`;
}

function sentence(problem: FileProblem): string {
  switch (problem.code) {
    case 'file-empty':
      return 'The file is empty.';
    case 'file-too-large':
      return `The file has ${megabytes(problem.bytes)}; at most ${megabytes(problem.limit)} are read. Export a part of the piece and open that.`;
    case 'file-kind':
      return `'${problem.name}' is none of the kinds that can be read: ${problem.kinds.slice(0, -1).join(', ')}, or ${problem.kinds.at(-1)}.`;
    case 'file-encoding':
      return `The file says it is written in ${problem.encoding}, but its bytes are not. Save it again as UTF-8.`;
    case 'file-entities':
      return 'The file declares entities of its own, which scores never need and which can do harm. Export it again from the program it comes from.';
    case 'file-deep':
      return `The file nests more than ${problem.limit} elements in each other, which no score does.`;
    case 'file-many':
      return `The file has more than ${problem.limit} elements. Export a part of the piece and open that.`;
    case 'xml-broken':
      return `The file is not whole XML: it breaks at ${problem.where}. Export it again from the program it comes from.`;
    case 'xml-other':
      return `The file is XML, but its root is '${problem.root}' and not a score.`;
    case 'xml-timewise':
      return 'The score is written time by time (score-timewise). Export it part by part (score-partwise), as programs usually do.';
    case 'zip-broken':
      return 'The compressed file cannot be unpacked; it is broken or cut off. Export it again, or export it uncompressed.';
    case 'zip-bomb':
      return `Unpacked, the file would have more than ${megabytes(problem.limit)}. Export a part of the piece and open that.`;
    case 'zip-no-score':
      return 'The compressed file holds no score.';
    case 'piece-broken':
      return 'The piece was kept in a way that cannot be read any more. Bring its file in again.';
    case 'piece-empty':
      return 'There is no note with a pitch in it.';
    case 'midi-broken':
      return 'The MIDI file is broken or cut off. Export it again from the program it comes from.';
    case 'text-no-scale':
      return `No scale was read in ${problem.lines === 1 ? 'the one line' : `the ${problem.lines} lines`} of the text. Write one a line, such as: C# harmonic minor, going up, bass clef.`;
    case 'no-tune':
      return NO_TUNE[problem.why];
    case 'abc-unread':
      return `${ABC_WHY[problem.why]}'${problem.read}'.`;
    case 'backup-broken':
      return `The file looks like a backup, but '${problem.where}' in it cannot be read.`;
    case 'backup-newer':
      return `The backup was written by a newer Moon Step (version ${problem.version}; this one reads up to ${problem.known}). Update to read it.`;
    case 'file-slow':
      return `Reading took longer than ${problem.seconds} seconds and was stopped.`;
    case 'file-unreadable':
      return 'The browser could not read the file. Copy it to this computer and try again.';
  }
}

/** What was passed over in a file that could be read. */
export type FileWarning =
  | {
      readonly code: 'note-passed-over';
      readonly part: string;
      readonly measure: string;
      readonly count: number;
    }
  | {
      readonly code: 'misspelled';
      readonly part: string;
      readonly measure: string;
      readonly is: string;
      readonly wanted: string;
      readonly scale: string;
    }
  | {
      readonly code: 'no-scale-in-part';
      readonly part: string;
      readonly notes: number;
      readonly longest: number;
    }
  | { readonly code: 'part-without-notes'; readonly part: string }
  | { readonly code: 'key-unsaid' }
  | { readonly code: 'line-not-read'; readonly line: number; readonly read: string; readonly why: string };

/** Says what was passed over, and where. */
export function sayFileWarning(warning: FileWarning): string {
  switch (warning.code) {
    case 'note-passed-over':
      return `${warning.part}, from measure ${warning.measure}: ${warning.count === 1 ? 'one note' : `${warning.count} notes`} without a letter or with more than two signs passed over.`;
    case 'misspelled':
      return `${warning.part}, measure ${warning.measure}: sounds like ${warning.scale}, but stands with ${warning.is} for ${warning.wanted}.`;
    case 'no-scale-in-part':
      return `${warning.part}: ${warning.notes === 1 ? 'one note' : `${warning.notes} notes`}, no scale. A scale is eight notes in a row, letter by letter from a tonic to its octave; the longest such row here has ${warning.longest}.`;
    case 'part-without-notes':
      return `${warning.part}: no notes with a letter.`;
    case 'key-unsaid':
      return 'The file does not say its key; it was read as if it had no signs. Choose another key in Play.';
    case 'line-not-read':
      return `Line ${warning.line}, '${warning.read}': ${warning.why}`;
  }
}
