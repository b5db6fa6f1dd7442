import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { capital } from '../vocabulary';

const KINDS = {
  keys: { first: 'See', whole: 'See a key among the keys' },
  chords: { first: 'See', whole: 'See a key among its chords' },
  notes: { first: 'See', whole: 'See a note among the notes' },
  route: { first: 'Go', whole: 'Go from one key to another' },
  spell: { first: 'Spell', whole: 'Spell a chord' },
  line: { first: 'Carry', whole: 'Carry a line a fifth higher' },
  build: { first: 'Build the circle', whole: 'Build the circle place by place' },
  fill: { first: 'Fill the blank circle', whole: 'Fill the blank circle' },
  book: { first: 'Show the key book', whole: 'Show the key book' },
} as const;

const SENTENCE = {
  among: { keys: ' among the ', chords: ' among its ', notes: ' among the ' },
  as: ', as ',
  from: ' from ',
  to: ' to ',
  aFifth: ' a fifth higher, in ',
  of: ' of ',
  keys: ' keys',
  comma: ', ',
  end: '.',
} as const;

const SHARE = {
  picture: 'Circle as a picture',
  text: 'All of it as text',
  link: 'Link to this sentence',
  print: 'As it stands',
  svg: 'Circle as a drawing',
  csv: 'Key book as a table (CSV)',
} as const;

const FILL = {
  title: 'Blank circle',
  place: (where: string) => `Name at the place ${where}`,
  top: 'at the top',
  hint: 'Write a name, Enter goes on to the next place. Start at the top.',
  check: 'Check',
  goOn: 'Go on',
  again: 'Empty it',
  of: (right: number, all: number) => `${right} of ${all} right.`,
  all: (all: number) => `All ${all} places are right.`,
  left: (text: string) => `${text} left`,
  over: 'The time is over. What you wrote stays.',
  taken: (text: string) => `Taken: ${text}`,
  notRead: (typed: string) => `'${typed}' is no note name here.`,
  checked: 'Places to look at again',
} as const;

const BOOK = {
  columns: 'Columns',
  filter: 'Find a key',
  none: (typed: string) => `No key in the book holds '${typed}'.`,
  order: 'Order',
  caption: 'Every signature with the keys it serves',
  sort: (column: string) => `Sort by ${column}`,
  heads: {
    count: 'Number',
    staff: 'Signature',
    signs: 'Signs',
    major: 'Major',
    minor: 'Minor',
    modes: 'Other modes',
    notes: 'Notes of the major',
    newNote: 'New sign',
    parallel: 'Parallel minor',
    enharmonic: 'Sounds like',
  },
} as const;

const KEYS_SHEET = {
  title: 'Keys',
  summary: 'On the circle the arrow keys walk the places, Enter takes one.',
  list: [
    { keys: 'Q', does: 'Say another kind of sentence' },
    { keys: 'T', does: 'Choose the key, the root or the note' },
    { keys: 'G', does: 'Choose where to go' },
    { keys: 'S', does: 'Choose triads or sevenths, the chord, or which keys' },
    { keys: 'R', does: 'Read the circle as keys, chords or notes' },
    { keys: 'C', does: 'Choose fifteen or twelve places' },
    { keys: 'D', does: 'Choose the order of the key book' },
    { keys: 'M', does: 'Choose the time for the blank circle' },
    { keys: '→', does: 'Next step, or the next place round' },
    { keys: '←', does: 'Step back, or the place before' },
    { keys: 'Home', does: 'First step' },
    { keys: 'End', does: 'Last step' },
  ],
} as const;

const WORDS = {
  kind: 'kind of sentence',
  key: 'key',
  reading: 'reading of the circle',
  size: 'chords',
  note: 'note',
  notes: 'line of notes',
  from: 'key to start from',
  to: 'key to go to',
  root: 'root',
  quality: 'chord',
  circle: 'number of keys',
  mode: 'keys to fill in',
  time: 'time',
  order: 'order',
} as const;

const CHOSEN = {
  readings: { keys: 'keys', chords: 'chords', notes: 'notes' },
  sizes: { triads: 'triads', sevenths: 'sevenths' },
  circles: { fifteen: 'fifteen', twelve: 'twelve' },
  fillModes: { major: 'major keys', minor: 'minor keys' },
  times: { untimed: 'untimed', '2': 'in two minutes', '5': 'in five minutes' },
  orders: {
    fifths: 'by fifths',
    fourths: 'by fourths',
    signs: 'one more sign at a time',
    line: 'from flats to sharps',
  },
} as const;

const CARDS = {
  keys: 'About this key',
  chords: 'Its seven chords',
  notes: 'A fifth, three ways',
  line: 'The line and its fifths',
  spell: 'Note by note',
  build: 'Place by place',
} as const;

const CHORDS = {
  numeral: 'Numeral',
  chord: 'Chord',
  notes: 'Notes',
  inRelative: (key: string) => `In ${key}`,
  dominant: (chord: string) => `V of ${chord}`,
  twoFiveOne: 'Two, five, one',
  scales: (chord: string) => `Scales that hold ${chord}`,
  byEar: 'Playing by ear: with this signature these seven chords come first, before any other.',
  raised: 'with the raised 7th',
  more: (count: number) => `and ${count} more`,
} as const;

const NOTES = {
  up: 'Fifth up',
  down: 'Fifth down',
  three: 'Three ways to say it',
  inverted: 'Turned round',
  perfect: 'Perfect, and perfect when turned round: unison and octave, fourth and fifth.',
} as const;

const ROUTE = {
  through: 'Through',
  signature: 'Signs',
  newNote: 'New note',
  pivots: 'Chords in both',
  ways: 'Ways to go',
  roundabout: 'The other way round',
  jump: 'All at once',
  none: 'Choose another key to go to.',
  changes: 'What changes',
} as const;

function about(w: ClassWords) {
  return {
    signature: 'Signature',
    neighbours: 'Its neighbours',
    related: 'Belongs to it',
    relative: capital(w.relative),
    parallel: capital(w.parallelWord),
    enharmonic: 'Enharmonic',
    owners: 'Modes with this signature',
    scale: 'Scale',
    chords: 'Chords',
    readOff: 'Its signs, read off the circle',
    showReadOff: 'Show on the circle',
    hideReadOff: 'Back to the keys',
    theoretical: 'Theoretical: its signature would need more than seven signs.',
    readOffTwin: (twin: string) => `These are the signs of ${twin}, which is written instead.`,
    go: (key: string) => `Go to ${key}`,
  };
}

function words(w: ClassWords) {
  return {
    room: 'Orbit',
    title: (what: string) => `${what} – Orbit – Moon Step`,
    kinds: KINDS,
    sentence: SENTENCE,
    words: WORDS,
    ...CHOSEN,
    noNotes: 'nothing yet',
    typeKey: 'Type a key',
    typeNotes: 'Type notes',
    tooMany: (count: number, most: number) => `${count} notes were read; a line has at most ${most}.`,
    ring: 'Circle',
    ringAs: (reading: string) => `The circle, read as ${reading}`,
    ringList: 'The places of the circle, clockwise from the top',
    readAs: 'Read the circle as',
    relativeIs: (key: string) => `${w.relative}: ${key}`,
    cards: CARDS,
    about: about(w),
    chords: CHORDS,
    notes: NOTES,
    line: { note: 'Line', perfect: 'A fifth higher', own: 'In the key', few: 'Write some notes.' },
    route: ROUTE,
    fill: FILL,
    book: { ...BOOK, heads: { ...BOOK.heads, parallel: capital(w.parallel('minor')) } },
    card: 'What is said of it',
    share: SHARE,
    keysSheet: KEYS_SHEET,
  };
}

/** The words of the Orbit room. */
export const orbitWords = byClass(words);
