import type { OralTopic } from '../../live/oral';
import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { counted } from '../vocabulary';

const TOPICS: Readonly<Record<OralTopic, string>> = {
  signatures: 'signatures and their keys',
  order: 'the order of sharps and flats',
  scales: 'scales and their names',
  steps: 'steps of scales, and scales by their notes',
  degrees: 'degrees of scales',
  partners: 'relative, parallel and enharmonic keys',
  chords: 'chords and their numerals',
};

const ROUND = {
  title: 'In class',
  none: 'Choose a question at the right, or let one be asked at random.',
  number: (number: number, of: number) => `Question ${number} of ${of}`,
  stages: {
    think: 'The class thinks quietly; no answer is taken yet.',
    answer: 'Answers are taken.',
    show: 'The answer is shown.',
    closed: 'No more answers are taken.',
  },
  seconds: (count: number) => `${counted(count, 'second', 'seconds')} to think`,
  open: 'Open the answers',
  show: 'Show the answer',
  next: 'Next group',
  before: 'Group before',
  nextQuestion: 'Next question',
  again: 'Think again',
  close: 'Take no more answers',
  answered: (count: number, of: number) => `${count} of ${of} have answered`,
  late: (count: number) => `${count} late`,
  hide: 'Hide the answers here',
  unhide: 'See the answers here',
  hidden: 'Answers are hidden on this screen.',
  noAnswers: 'No answer yet.',
  groups: 'Who thinks how',
  group: (count: number) => counted(count, 'answer', 'answers'),
  called: (count: number) => `${count} called out`,
  lateOf: (names: string) => `late: ${names}`,
  right: 'right',
  blank: 'do not know',
  noHabit: 'No habit explains this',
  say: 'Say',
  onBoardNow: 'on the board',
} as const;

const BOARD = {
  title: 'The board',
  here: 'On this screen',
  window: 'In its own window',
  isOpen: 'Open in its own window',
  refused: 'The browser opened no window. Allow windows for this page, or use this screen.',
  join: 'How to join',
  names: 'With names',
  back: 'Back to the desk',
} as const;

const PHONES = {
  title: 'Answers by phone',
  help: 'Students answer on phones or tablets in the same network, without the internet. Nothing of it is written down by the server.',
  list: 'Offer the names of the class to choose from',
  open: 'Open the class',
  code: 'Code',
  at: 'Address',
  host: 'By which of its addresses phones reach this computer',
  qr: 'The way into the class, as a QR code',
  noQr: 'The address is too long for a QR code.',
  closedToOthers:
    'This Moon Step is open to this computer alone. Stop it, and start it with HOST=0.0.0.0 so that the network reaches it: HOST=0.0.0.0 npm start',
  people: (here: number, all: number) => `${here} of ${all} here`,
  nobody: 'Nobody has joined yet.',
  here: 'here',
  away: 'not on the line',
  hasAnswered: 'has answered',
  sendOut: (name: string) => `Send ${name} out`,
  who: (name: string) => `Who is ${name}?`,
  guest: 'a guest',
  close: 'Close the class',
  closeSure: 'Close the class for everybody? What was answered stays in this set.',
  keep: 'Leave it open',
  lines: {
    none: '',
    opening: 'Connecting to the server …',
    open: 'Connected',
    lost: 'The server does not answer. It is tried again; nothing is lost.',
    nobody: 'The server has started again. The class is opened again …',
    refused: 'Another class is open under this code. Close this one, and open a new one.',
    expired: 'Four hours have passed, and the class was closed. What was answered is in this set.',
  },
  noServer: 'The server does not answer. Is it running? Load the page again, and try once more.',
  plain: 'Over plain HTTP in a network, phones cannot work without the server, nor hear a MIDI keyboard.',
} as const;

const TALLY = {
  title: 'Called out, without names',
  help: 'One key for each answer that is called out.',
  right: 'Right',
  other: 'Another answer',
  add: 'Count it',
  takeBack: 'Take the last one back',
  more: (text: string) => `One more: ${text}`,
  coming: 'Working out what is usual …',
} as const;

const ROUNDS = {
  title: 'Questions',
  none: 'This set has no question yet. Let one be asked at random.',
  ask: (number: number, text: string) => `Ask question ${number}: ${text}`,
  asked: 'asked',
  now: 'now',
  random: 'At random, both ways',
  topic: 'What is asked about',
  topics: TOPICS,
  signs: 'Up to how many signs',
  signsOf: (count: number) => counted(count, 'sign', 'signs'),
  next: 'Ask one at random',
  allAsked: 'All of this has been asked. Choose something else, or more signs.',
  full: 'This set is full. Begin a new one.',
} as const;

const THEN = {
  title: 'And then',
  sheet: 'A sheet of this',
  drill: 'Drill this',
  teach: (key: string) => `Teach ${key} again`,
  needs: 'What the class needs',
} as const;

const KEYS_SHEET = {
  title: 'Keys',
  summary: 'The lesson goes on with one key; what is called out is one key each.',
  list: [
    { keys: 'S', does: 'Choose the set' },
    { keys: 'V', does: 'Choose what is done with it' },
    { keys: 'Space or →', does: 'Open the answers, show the answer, the next group' },
    { keys: '←', does: 'The group before' },
    { keys: 'Z', does: 'The board on this screen; Esc goes back' },
    { keys: 'W', does: 'The board in a window of its own' },
    { keys: 'J', does: 'How to join, on the board' },
    { keys: 'A', does: 'Names on the board' },
    { keys: 'H', does: 'Hide the answers here' },
    { keys: 'R, 1–9', does: 'Right, or a usual wrong answer, was called out' },
    { keys: 'Backspace', does: 'Take back what was counted last' },
    { keys: 'Q', does: 'One more question at random' },
  ],
} as const;

function words(_: ClassWords) {
  return {
    round: ROUND,
    board: BOARD,
    phones: PHONES,
    tally: TALLY,
    rounds: ROUNDS,
    keysSheet: KEYS_SHEET,
    after: THEN,
  } as const;
}

/** The words of asking a set in class. */
export const liveWords = byClass(words);
