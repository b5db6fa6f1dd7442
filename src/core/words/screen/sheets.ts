import type { SignatureWay, Version } from '../../exercise/sheet/recipe';
import type { TaskId } from '../../exercise/sheet/task/all';
import type { TopicId } from '../../exercise/sheet/topic';
import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { listed } from '../say-task';
import { capital, counted } from '../vocabulary';

const TOPICS: Readonly<Record<TopicId, string>> = {
  majors: 'major scales',
  minors: 'minor forms',
  modes: 'modes',
  signatures: 'signatures',
  order: 'the order of signs',
  steps: 'step patterns',
  naming: 'naming scales',
  partners: 'related keys',
  degrees: 'degrees',
  chords: 'chords',
  transposing: 'transposing',
  dictation: 'lines written down by ear',
  'find-mistake': 'finding mistakes',
  'which-note': 'which note must change',
  gaps: 'rows with gaps',
  complete: 'signatures to complete',
  label: 'labelling',
  path: 'naming by decisions',
  grand: 'both clefs',
};

const TASKS: Readonly<Record<Exclude<TaskId, 'answer'>, string>> = {
  'find-mistake': 'Find the mistake',
  'which-note': 'Which note must change',
  gaps: 'A row with gaps',
  complete: 'A signature to complete',
  label: 'A scale to label',
  path: 'A path of decisions',
  grand: 'Both clefs, letters between',
  circle: 'A circle to fill',
  staff: 'Empty staves',
};

const SIGNATURES: Readonly<Record<SignatureWay, string>> = {
  written: 'with a key signature',
  none: 'without a key signature',
  either: 'some with a key signature',
};

const VERSIONS: Readonly<Record<Version, string>> = {
  A: 'version A',
  B: 'version B',
  C: 'version C',
  D: 'version D',
  M1: 'make-up 1',
  M2: 'make-up 2',
};

const CLEF_NAMES = { treble: 'treble', alto: 'alto', tenor: 'tenor', bass: 'bass' } as const;

/** `treble clef`, `treble and bass clef`. */
const clefsText = (clefs: readonly (keyof typeof CLEF_NAMES)[]) =>
  `${listed(clefs.map((clef) => CLEF_NAMES[clef]))} clef`;

const SENTENCE = {
  make: 'Make ',
  on: ' on ',
  comma: ', ',
  in: ', in ',
  for: ', for ',
  ofEvery: ' of every ',
  scale: ' scale',
  end: '.',
  questions: (count: number) => counted(count, 'question', 'questions'),
  book: 'a project book',
  nobody: 'any class',
  print: 'On ',
} as const;

const PAPER = {
  a4: 'A4',
  letter: 'Letter paper',
  columns: { 1: 'one column', 2: 'two columns' },
  size: { plain: 'usual size', large: 'large print', 'two-up': 'two on a side' },
  punch: { yes: 'room for holes', no: 'no holes' },
  grey: { yes: 'in grey', no: 'in colour' },
  key: { short: 'a short key', full: 'a key in full', none: 'no key' },
  crib: { yes: 'a crib', no: 'no crib' },
} as const;

const WORD_LABELS = {
  make: 'what is made',
  on: 'topics',
  signs: 'most signs',
  clefs: 'clefs',
  signature: 'signature',
  class: 'class',
  version: 'version',
  scale: 'scale',
  paper: 'paper',
  columns: 'columns',
  size: 'size of print',
  punch: 'holes',
  grey: 'colour',
  key: 'answer key',
  crib: 'crib',
} as const;

const PANEL = {
  title: 'Questions',
  page: (page: number, of: number) => `Page ${page} of ${of}`,
  keyPage: (page: number, of: number) => `Key, page ${page} of ${of}`,
  making: 'Making the sheet …',
  failed: 'The sheet could not be made; what makes it has not come. It is tried again by itself.',
  markIt: 'Mark its answers, everybody’s at once',
  again: 'Try again',
  measure: (measure: number) => `Measure ${measure}`,
  measureWhy:
    'How hard the sheet is, in points: the sort of each question, its signs, raised notes and ways. Versions have the same.',
  fewer: (got: number, wanted: number) =>
    `Only ${counted(got, 'different question fits', 'different questions fit')} what is asked, not ${wanted}. Allow more signs, clefs or topics for more.`,
  same: (places: readonly number[]) =>
    `${places.length === 1 ? `Question ${places[0]} is` : `Questions ${listed(places.map(String))} are`} the same as in an earlier version: too few others are as hard.`,
  empty: 'Nothing stands on the sheet. Add a question, or make it anew.',
  another: 'Another',
  anotherWhy: 'Another question of this sort and measure',
  noOther: 'There is no other question of this sort and measure.',
  pin: 'Pin',
  pinned: 'Pinned',
  change: 'Change it',
  remove: 'Take away',
  up: 'Up',
  down: 'Down',
  move: (name: string) => `Move ${name}`,
  marks: 'Marks',
  room: 'Room',
  form: 'Form',
  less: (what: string) => `Less: ${what}`,
  more: (what: string) => `More: ${what}`,
  add: 'Add',
  fromShelf: 'From the shelf',
  ownQuestion: 'A question of your own',
  tasks: 'Something to do',
  noSuchTask: 'There is nothing of this sort on that question. It stays as it was.',
  pick: (number: number, name: string) => `Question ${number}: ${name}`,
  pickStaves: (name: string) => name,
  anew: 'New questions',
  anewWhy: 'Other questions in place of all that are not pinned',
  asMade: 'As it was made',
  habits: 'What went wrong',
  habitsWhy: 'Ask for what this class got wrong in the last week',
  noHabits: 'no mistakes are on record for this class',
  habitsOn: (names: readonly string[]) => `Asked so that these can be met: ${names.join('; ')}.`,
  withoutHabits: 'Without them',
  done: 'Done',
  staffSort: 'Sort of staff',
  rows: 'Rows',
  circlePart: 'Keys',
  circleParts: { major: 'major keys', minor: 'minor keys', both: 'both' },
  kept: (name: string) => `Kept as ‘${name}’.`,
  keptOther: (name: string) => `Changed since it was kept as ‘${name}’.`,
  keepCopy: 'Keep as another',
  earlier: (count: number) => counted(count, 'earlier form', 'earlier forms'),
  earlierAt: (number: number) => `Before, ${number}`,
  progress: 'How far each has come',
  doneOf: (name: string) => `${name}: scales done`,
  noPeople: 'Add people to the class to keep how far each has come.',
  title2: 'Title',
  titleHint: 'What stands over the sheet',
} as const;

const SHARE = {
  link: 'Link to this sheet',
  pupils: 'Link for students, to answer on screen',
  print: 'The sheet',
  printKey: 'The key',
  pdf: 'PDF of sheet and key',
  pdfVersions: 'PDF of versions A to D',
  pdfClass: 'PDF for each student of the class',
  musicxml: 'MusicXML of the music',
  csv: 'CSV of questions and answers',
  csvBars: 'CSV for spreadsheets that want bars',
} as const;

const PDF = {
  making: (done: number, of: number) => `Writing the PDF: ${Math.round((100 * done) / Math.max(1, of))} %`,
  cancel: 'Stop',
  failed: 'The PDF could not be written. Try again, or print from the browser.',
  stopped: 'Stopped. No PDF was written.',
  missing: (chars: readonly string[]) =>
    `These characters are in no font here and stand as question marks: ${chars.join(' ')}. Printing from the browser shows them.`,
  saved: (name: string) => `${name} saved.`,
} as const;

const KEYS_SHEET = {
  title: 'Keys',
  summary: 'In the list, the arrows choose a question and what is below changes it.',
  list: [
    { keys: 'Q', does: 'Choose what is made, and how many' },
    { keys: 'T', does: 'Choose topics' },
    { keys: 'S', does: 'Choose how many signs' },
    { keys: 'C', does: 'Choose clefs' },
    { keys: 'G', does: 'Choose with or without a signature' },
    { keys: 'D', does: 'Choose the class' },
    { keys: 'V', does: 'Choose the version' },
    { keys: 'R', does: 'Other questions' },
    { keys: '↑ ↓', does: 'Choose a question' },
    { keys: 'Alt ↑ ↓', does: 'Move the question up or down' },
    { keys: 'E', does: 'Another question in its place' },
    { keys: 'F', does: 'Pin it, or let it go' },
    { keys: 'M', does: 'Another form: to be done, half done, worked' },
    { keys: '+ -', does: 'More or fewer marks' },
    { keys: 'Delete', does: 'Take it away' },
    { keys: 'A', does: 'Add a question' },
    { keys: 'W', does: 'PDF of sheet and key' },
  ],
} as const;

/** `Minor forms and signatures`. */
const titleOf = (topics: readonly TopicId[]) => capital(listed(topics.map((id) => TOPICS[id])));

function words(w: ClassWords) {
  return {
    room: 'Sheets',
    title: (sentence: string) => `${sentence} · Sheets · Moon Step`,
    topics: TOPICS,
    tasks: TASKS,
    signatures: SIGNATURES,
    versions: VERSIONS,
    clefs: CLEF_NAMES,
    clefsText,
    titleOf,
    bookTitle: (scale: string) => `${capital(scale)} scales`,
    bookOf: (scale: string) => `${SENTENCE.book} of every ${scale} scale`,
    scaleName: w.scaleWord,
    sentence: SENTENCE,
    paper: PAPER,
    words: WORD_LABELS,
    panel: PANEL,
    share: SHARE,
    pdf: PDF,
    keysSheet: KEYS_SHEET,
    noMusic: 'Nothing on this sheet is written in notes.',
    sheet: 'The sheet',
    key: 'The key',
  } as const;
}

/** The words of the room Sheets. */
export const sheetsWords = byClass(words);
