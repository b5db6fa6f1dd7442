import type { ClassWords } from '../class-words';
import { counted, numberWord } from '../vocabulary';

/** The words on a printed sheet and its key. */
export const SHEET_WORDS = {
  name: 'Name',
  date: 'Date',
  key: 'key',
  version: (version: string) =>
    version.startsWith('M') ? `Make-up ${version.slice(1)}` : `Version ${version}`,
  copy: (number: number, version: string) => `${number}, version ${version}`,
  withCrib: 'with a crib',
  seed: (seed: number, maker: string) => `seed ${seed}.${maker}`,
  marks: (count: number) => counted(count, 'mark', 'marks'),
  page: (page: number, of: number) => `${page} of ${of}`,
  decision: (from: number, to: number) => `From ${from} to ${to}:`,
  halves: (w: ClassWords, semitones: number) =>
    `${numberWord(semitones)} ${semitones === 1 ? w.half : w.halves}`,
  so: 'So it is',
  faultyNotes: (notes: number) => `One habit went wrong in these ${notes} notes.`,
  note: (place: number) => `Note ${place}`,
  changes: (from: string, to: string) => `${from} must be ${to}`,
  right: 'Right',
  rightToo: 'Right too',
  decides: (note: string) => `${note} decides.`,
  likely: 'Look out for',
  crib: 'The signatures on this sheet',
  cribKey: (count: string) => count,
  checks: 'When a scale is done, check it',
  checkList: (w: ClassWords): readonly string[] => [
    `The steps fit the pattern, up and down.`,
    `All seven ${w.letterWords} are there.`,
    `No ${w.letterWord} is skipped, and none stands twice.`,
    'It ends on the note it began on.',
  ],
  progress: (done: number, of: number) => `${done} of ${of}`,
  book: 'Project book',
} as const;
