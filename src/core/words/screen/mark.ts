import type { KindId } from '../../exercise/kinds/all';
import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { instrumentNames } from '../say-instrument';
import { counted } from '../vocabulary';

const KINDS: Readonly<Record<KindId, string>> = {
  scale: 'a scale',
  signature: 'a signature, drawn',
  'name-key': 'a key, named from its signature',
  'name-signature': 'a signature, named',
  order: 'an order of signs',
  steps: 'steps',
  'name-scale': 'a scale, named from its notes',
  partner: 'a related key',
  degree: 'a degree',
  chord: 'a chord',
  transpose: 'a note, transposed',
  dictation: 'a line, written down by ear',
};

/** What an answer answers, for a class that is shown it without its name. */
const answered = (asked: string) => `An answer: ${asked}`;

const SENTENCE = {
  mark: 'Mark ',
  of: ' by ',
  colon: ': ',
  comma: ', ',
  inThe: ', in the ',
  first: 'the first ',
  the: 'the ',
  ofKey: ' of ',
  inKey: ' in ',
  on: ' on ',
  for: ' for ',
  as: ', as a ',
  somebody: 'somebody',
  end: '.',
} as const;

/** A run of notes in a file, told from the others: where it stands, how it begins, how long it is. */
type FileLine = {
  readonly part: string;
  readonly kind: 'voice' | 'top' | 'lowest' | 'staves';
  readonly voice: string | null;
  readonly from: string;
  readonly to: string;
  readonly begins: string;
  readonly notes: number;
};

const LINE_KINDS = {
  voice: null,
  top: 'top notes',
  lowest: 'lowest notes',
  staves: 'all staves together',
} as const;

function fileLine({ part, kind, voice, from, to, begins, notes }: FileLine): string {
  const [staff, number] = voice?.split(' ') ?? [];
  const where = voice ? `staff ${staff}, voice ${number}` : null;
  const bars = from === to ? `bar ${from}` : `bars ${from} to ${to}`;
  const head = [part, where, LINE_KINDS[kind], bars].filter((each) => each !== null).join(', ');
  return `${head}: ${begins} …, ${counted(notes, 'note', 'notes')}`;
}

const ENTRY = {
  title: 'What was written',
  field: 'Type the answer',
  hints: {
    scale: 'Notes, separated as you like',
    drawn: 'Signs in the order they were written; none for none',
    notes: 'Notes, separated as you like',
    key: 'A key, with or without its mode',
    count: '3 flats, or the signs, or both',
    steps: 'Steps, by letters or figures',
    numeral: 'A numeral: ii, V, vii°',
    pitch: 'A note with its octave',
  },
  staff: 'Staff: letters are notes, arrows choose and move, # and - alter',
  staffHint:
    'On the staff: letters write, ← → choose a note, ↑ ↓ move it, # and - alter it, = prints its sign or leaves it out.',
  signHint:
    'On the staff: letters draw signs where they belong, # and - choose the kind, ↑ ↓ move the last one.',
  right: 'All right',
  blank: 'Blank',
  next: 'Next answer',
  keyboard: 'Keyboard',
  signs: 'Sign of the next note',
  natural: 'natural',
  print: 'Print its sign',
  lock: 'Keep the sign',
  back: 'Take away',
  file: 'MusicXML',
  fileWhole: 'Take the answer from a MusicXML file',
  fileNone: 'No notes were found in this file.',
  fileLabel: 'A file with the answer',
  fileWhich: 'Which notes are the answer?',
  fileLine,
  key: (name: string) => `${name}, key`,
  reasons: 'Reasons given',
  reason: (from: number, to: number) => `From ${from} to ${to}`,
  unsaid: 'not said',
} as const;

const GIVEN = {
  title: 'Given and expected',
  given: 'Given',
  expected: 'Expected',
  up: ' going up',
  down: ' coming down',
  nothing: 'Nothing was written.',
  question: 'What was to be named',
  empty:
    'Nothing is entered yet. Type what the student wrote, write it on the staff, or take the right answer and change what differs.',
  try: 'Try one',
} as const;

const HABIT = {
  title: 'Likely habit',
  verdict: 'Verdict',
  two: 'Two habits together',
  decided: 'The habit you chose',
  tie: 'It could also be',
  ask: (key: string) => `To tell them apart, ask for ${key}.`,
  none: 'No habit explains this',
  noneText: 'No single habit and no two together lead to just this answer. What differs is listed below.',
  drawn: 'The right signs, drawn wrong',
  drawnText: 'Every sign is there. What is wrong with their order or their place is listed below.',
  right: 'Right',
  rightText: 'Nothing differs from what was asked.',
  rightStyle: 'All that was asked is there. What else there is to say of it is listed below.',
  accepted: 'Taken for right too',
  acceptedText: 'You decided that this answer is right as well.',
  blank: 'Left blank',
  blankText: 'Nothing was written, so there is nothing to explain.',
  say: 'Say',
  cure: 'Then practise',
  show: 'Show it',
  another: 'Another habit',
  asFound: 'As found',
  noHabit: 'No habit, a slip',
  noHabitText: 'You decided that no habit stands behind it.',
  rightToo: 'Right too',
  rightTooWhole: 'This is right too',
  notRight: 'Not right after all',
  remembered: 'As you decided before.',
} as const;

const CHECKS = {
  title: 'Checks',
  findings: 'What differs',
  marks: 'Marks',
  less: 'Half a mark less',
  more: 'Half a mark more',
  counted: (text: string) => `Counted: ${text}.`,
  comment: 'Comment for the student',
  corrected: 'The student corrected it',
} as const;

const PILE = {
  title: (count: number) => `This pile: ${counted(count, 'answer', 'answers')}`,
  empty: 'Answers you finish with Enter lie here, with the habits they show.',
  later: (habit: string) => `A habit that a newer Moon Step knows (${habit})`,
  right: (right: number, corrected: number, all: number) =>
    `${right} of ${all} right${corrected === 0 ? '' : `, ${corrected} corrected`}`,
  open: (name: string) => `Open ${name}`,
  remove: (name: string) => `Take ${name} out of the pile`,
  answers: 'Answers',
  habits: 'Habits',
  nameless: (count: number) => `Answer ${count}`,
} as const;

const KEYS_SHEET = {
  title: 'Keys',
  summary: 'On the staff, letters are notes; everywhere else they are the keys below.',
  list: [
    { keys: 'Q', does: 'Choose the kind of question' },
    { keys: 'W', does: 'Say whose answer it is' },
    { keys: 'T', does: 'Choose the tonic or the first word of the question' },
    { keys: 'S', does: 'Choose the scale or the second word' },
    { keys: 'D', does: 'Choose the direction' },
    { keys: 'C', does: 'Choose the clef' },
    { keys: 'G', does: 'Choose with or without a signature' },
    { keys: 'I', does: 'Type the answer' },
    { keys: 'E', does: 'Enter it on the staff' },
    { keys: 'R', does: 'All right: the right answer, to be changed where it differs' },
    { keys: 'B', does: 'Blank' },
    { keys: 'Enter', does: 'Next answer' },
    { keys: 'H', does: 'Another habit' },
    { keys: 'A', does: 'This is right too' },
    { keys: 'M', does: 'Write a comment' },
    { keys: 'Space', does: 'On the staff: all right' },
    { keys: '0', does: 'On the staff: blank' },
  ],
} as const;

const SHARE = {
  text: 'What is to be said, as text',
  link: 'Link to this answer',
  print: 'As it stands',
} as const;

function words(w: ClassWords) {
  return {
    room: 'Mark',
    title: (sentence: string) => `${sentence} · Mark · Moon Step`,
    kinds: KINDS,
    aWholeSet: 'a whole set',
    wholeSet: 'Mark a whole set.',
    sentence: SENTENCE,
    answered,
    instruments: instrumentNames(w),
    words: {
      kind: 'kind of question',
      who: 'whose answer',
      tonic: 'tonic',
      scale: 'scale',
      direction: 'direction',
      clef: 'clef',
      signature: 'signature',
      fifths: 'signature',
      mode: 'mode',
      order: 'signs',
      notes: 'notes',
      relation: 'relation',
      degree: 'degree',
      size: 'chord',
      wants: 'answer',
      pitch: 'sounding note',
      instrument: 'instrument',
      line: 'line in degrees',
    },
    signatures: { written: 'with a signature', none: 'without a signature' },
    example: (key: string, notes: string) => `${key} as ${notes}`,
    typeWho: 'A name, a number, a question',
    typeNotes: 'Type the notes of a whole scale',
    typePitch: 'A note with its octave',
    typeLine: 'Type degrees, such as 1 3 5 1',
    wants: { notes: 'the notes', numeral: 'the numeral' },
    sizes: { 3: 'triad', 4: 'seventh chord' },
    relations: { relative: w.relative, parallel: w.parallelWord, enharmonic: 'enharmonic equivalent' },
    whoIs: (who: string) => (who === '' ? SENTENCE.somebody : who),
    entry: ENTRY,
    given: GIVEN,
    habit: HABIT,
    checks: CHECKS,
    pile: PILE,
    cards: {
      given: 'What was written',
      entry: 'The entry',
      habit: 'The habit',
      checks: 'The checks',
      pile: 'The pile',
    },
    share: SHARE,
    keysSheet: KEYS_SHEET,
    differs: (got: string, want: string) => `${got} given, ${want} expected`,
  } as const;
}

/** The words of the room Mark. */
export const markWords = byClass(words);
