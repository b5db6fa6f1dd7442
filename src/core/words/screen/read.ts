import type { Fifths, SpelledNote } from '../../note/spelled';
import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { instrumentNames } from '../say-instrument';
import { capital, counted, signCount } from '../vocabulary';

const MARKS = {
  signature: 'what the signature alters',
  against: 'what differs from it',
  both: 'what the signature alters, and what differs',
  none: 'nothing',
} as const;

const sentenceWords = (w: ClassWords) => ({
  read: 'Read ',
  colon: ': ',
  ends: ', ends on ',
  endsUnknown: ', its last note not known',
  part: ', ',
  marking: 'Marking ',
  inKey: ', in ',
  for: ', ',
  end: '.',
  ownKey: 'its own key',
  as: (id: string) =>
    id === 'written'
      ? 'as it is written'
      : id === 'concert'
        ? 'as it sounds'
        : `for ${instrumentNames(w)[id] ?? id}`,
  allParts: 'all parts',
  untitled: 'a piece without a title',
  anotherPiece: 'another piece',
});

const LABELS = {
  piece: 'piece',
  fifths: 'signature',
  last: 'last note',
  part: 'part',
  key: 'key',
  for: 'for whom',
  mark: 'what is marked',
} as const;

const PIECES = {
  ships: 'ships with Moon Step',
  kept: { ends: 'signature and ends', bars: 'bars written here', score: 'from a file' },
  another: 'another piece …',
  anotherDetail: 'by its signature, by bars, from a file',
} as const;

const signatureWords = (w: ClassWords) => ({
  title: 'What the signature does',
  legend: { by: 'altered by the signature', against: 'differs from it' },
  against: 'Against the signature',
  inBar: (bar: number) => `bar ${bar}`,
  none: 'No note differs from the signature.',
  changes: (bar: number, count: Fifths) => `From bar ${bar}: ${signCount(count)}.`,
  naturals: (list: string) => `It comes with naturals: ${list}.`,
  list: (notes: readonly SpelledNote[]) => w.noteList(notes),
});

const KEYS = {
  title: 'Which key',
  candidates: 'Keys it can be in',
  sure: (sure: number) => (sure < 0.01 ? '<1 %' : `${Math.round(sure * 100)} %`),
  sureSaid: (sure: number) => `${Math.round(sure * 100)} in 100`,
  speaksFor: 'For it',
  against: 'Against it',
  bars: 'Bars',
  bar: (bar: number) => `Show bar ${bar}`,
  owns: 'owns the signature',
  other: 'has another signature',
  derive: 'Derive it',
  home: 'Settle it by ear: sing the note you would end on, and look for it in the list.',
} as const;

const PASSAGES = {
  title: 'Where it goes',
  none: 'No passage in another key was found.',
  bars: (from: number, to: number) => (from === to ? `Bar ${from}` : `Bars ${from} to ${to}`),
  way: 'The way on the circle',
} as const;

const NOTE = {
  title: 'Why it sounds so',
  none: 'Press a note to see why it sounds as it does.',
  reaches: (count: number) =>
    count === 0
      ? 'Its sign reaches no other note.'
      : `Its sign reaches ${counted(count, 'more note', 'more notes')}, in a frame.`,
} as const;

const SEVEN = {
  sharps: 'Seven sharps: every note is sharp, so it is read as C major a half step higher.',
  flats: 'Seven flats: every note is flat, so it is read as C major a half step lower.',
} as const;

const ACTIONS = {
  title: 'With this piece',
  keep: 'Keep this piece',
  kept: 'The piece is kept.',
  log: 'Note it in the log',
  logged: 'It is noted in the log.',
  change: 'Change its bars',
  drop: 'Delete this piece',
  dropped: 'The piece was deleted.',
  sheet: 'Make a sheet of it',
  ask: 'Note a question about it',
  gone: 'This piece is not kept in this browser. What its address says of it stands here.',
  large: 'Its notes are too many to be kept. Open the file again when it is wanted.',
} as const;

const FRESH = {
  title: 'Another piece',
  lead: 'Count the signature, look at the last note, and it can be read.',
  quick: 'By its signature',
  name: 'Title',
  kind: 'Kind',
  kinds: { sharps: 'sharps', flats: 'flats', none: 'no sharps or flats' },
  count: 'Count',
  signs: (list: string) => `On ${list}.`,
  first: 'First note, as it sounds',
  last: 'Last note, as it sounds',
  noteHint: (example: string) => `such as ${example}`,
  read: 'Read it',
  file: 'From a file',
  fileLead: 'MusicXML, compressed MusicXML, ABC or MIDI: every note is read, on this computer.',
  choose: 'Choose a file',
  reading: (name: string) => `Reading ${name} …`,
  write: 'By its bars',
  writeLead: 'Letters for notes, figures for lengths: type what is printed.',
  begin: 'Write its bars',
  back: 'Back to the piece',
} as const;

const WRITE = {
  title: 'Bars as they are printed',
  pad: 'Write on the staff',
  padKeys: 'Letters place notes, figures lengths, | a bar line.',
  text: 'The same as text',
  clef: 'Clef',
  meter: 'Beats to a bar',
  unit: 'Value of a beat',
  full: 'Every bar is full.',
  uneven: (number: number, has: string, wanted: string) => `Bar ${number} has ${has} of ${wanted} quarters.`,
  empty: 'Nothing is written yet. Press a letter.',
  done: 'Read it',
  keys: 'Letters are notes · 1 2 4 8 6 whole to sixteenth · . dot · 3 triplet · # - n sign · ↑ ↓ move · r rest · t tie · | bar line · ← → walk · ⌫ takes away',
  next: (length: string) => `Next: ${length}`,
  lengths: { '1': 'whole', '2': 'half', '4': 'quarter', '8': 'eighth', '6': 'sixteenth' },
  triplet: 'triplet',
  dots: (count: number) => (count === 0 ? '' : count === 1 ? 'dotted ' : 'double dotted '),
  in: (bar: number) => `bar ${bar}`,
  rest: 'rest',
  barLine: 'bar line',
  change: 'change of signature or meter',
} as const;

const SHARE = {
  picture: 'As a picture',
  text: 'As text: signature, key and reasons',
  link: 'Link to this sentence',
  print: 'Print it',
  svg: 'Picture for print (SVG)',
  musicXml: 'MusicXML',
  abc: 'ABC',
  midi: 'MIDI',
} as const;

const BOARD = {
  question: (title: string) => `${title}: which key is it in?`,
  altered: 'Which notes does the signature alter?',
} as const;

const KEYS_SHEET = {
  title: 'Keys in Read',
  summary: 'Single keys open the words of the sentence; arrows walk from note to note on the staff.',
  list: [
    { keys: 'Q', does: 'choose the piece' },
    { keys: 'G', does: 'choose the signature' },
    { keys: 'E', does: 'choose the last note' },
    { keys: 'T', does: 'choose the part' },
    { keys: 'Y', does: 'move it to another key' },
    { keys: 'I', does: 'choose as whom it is read' },
    { keys: 'M', does: 'choose what is marked' },
    { keys: 'W', does: 'bring in another piece' },
    { keys: '← →', does: 'walk from note to note on the staff' },
  ],
} as const;

function words(w: ClassWords) {
  return {
    room: 'Read',
    title: (name: string) => (name ? `${name} · Read · Moon Step` : 'Read · Moon Step'),
    sentence: sentenceWords(w),
    words: LABELS,
    marks: MARKS,
    pieces: PIECES,
    signs: (count: Fifths) => signCount(count),
    staff: 'The piece in its bars',
    page: (from: number, to: number, all: number) => `Bars ${from} to ${to} of ${all}`,
    coming: 'The piece is being read …',
    head: (name: string, bar: number) => `${name}, bar ${bar}`,
    signature: signatureWords(w),
    keys: KEYS,
    passages: PASSAGES,
    note: NOTE,
    seven: SEVEN,
    octaves: (count: number) =>
      count === 0
        ? ''
        : `It is written ${counted(Math.abs(count), 'octave', 'octaves')} ${count > 0 ? 'higher' : 'lower'} than it would sound, so that it lies within the instrument.`,
    moved: (count: number) =>
      count === 0
        ? ''
        : `${capital(counted(count, 'note is', 'notes are'))} written as what sounds alike, since a third sign would be needed.`,
    actions: ACTIONS,
    fresh: FRESH,
    write: WRITE,
    share: SHARE,
    board: BOARD,
    keysSheet: KEYS_SHEET,
  };
}

/** The words of the Read room. */
export const readWords = byClass(words);
