import type { KeySide } from '../../practice/drill/asking';
import type { DrillEnd } from '../../practice/drill/budget';
import type { Opening, Purpose } from '../../practice/drill/ladder';
import type { Answering, DrillAskId, DrillSkillId, DrillWay } from '../../practice/drill/skill';
import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { listed, sayMost } from '../say-task';
import { CLEF_WORDS, counted, numberWord } from '../vocabulary';
import { DONE, KNOWN, LADDERS, sayCounts } from './drill-sides';

function skills(w: ClassWords): Readonly<Record<DrillSkillId, string>> {
  return {
    signatures: 'naming and writing signatures',
    order: 'the order of sharps and flats',
    scales: 'naming and writing scales',
    'which-note': 'which note must change',
    steps: 'the steps of scales',
    degrees: 'degrees by number',
    'degree-names': 'degrees by name',
    intervals: 'intervals turned over',
    partners: `${w.relative}, ${w.parallelWord} and enharmonic keys`,
    chords: 'chords and numerals',
    transposing: 'transposing',
    dictation: 'writing down by ear',
    finished: 'hearing whether it is finished',
    which: 'hearing which of two it is',
    home: 'hearing the home note',
  };
}

/** What each way of asking is about, in a few words. */
const ASKS: Readonly<Record<DrillAskId, string>> = {
  'name-key': 'signature to key',
  'by-number': 'number to key',
  'name-signature': 'key to signature',
  signature: 'signature drawn',
  order: 'order of signs',
  'name-scale': 'notes to scale',
  scale: 'scale to notes',
  'which-note': 'mistake put right',
  steps: 'scale to steps',
  degree: 'degree to note',
  'degree-number': 'note to degree',
  'degree-note': 'name to note',
  'degree-name': 'degree to name',
  inverted: 'interval turned',
  partner: 'key to its partner',
  numeral: 'chord to numeral',
  chord: 'numeral to chord',
  transpose: 'sounding to written',
  sounding: 'written to sounding',
  dictation: 'line by ear',
  finished: 'finished or not',
  which: 'which of two',
  home: 'home note',
};

const WAYS: Readonly<Record<DrillWay, string>> = {
  one: 'one way',
  other: 'the other way round',
  both: 'both ways',
};

const ANSWERINGS: Readonly<Record<Answering, string>> = {
  choose: 'chosen',
  write: 'written',
};

const SIDES: Readonly<Record<KeySide, string>> = {
  all: 'sharps and flats',
  sharps: 'sharps alone',
  flats: 'flats alone',
};

const PURPOSES: Readonly<Record<Purpose, string>> = {
  knowing: 'knowing keys',
  'sight-reading': 'sight-reading',
  fingers: 'quick fingers',
  improvising: 'improvising',
  'key-changes': 'changes of key',
  'by-ear': 'playing by ear',
};

const SENTENCE = {
  drill: 'Drill ',
  comma: ', ',
  in: ' in ',
  with: ' with ',
  end: '.',
  due: 'what is due today',
  answers: 'Answers ',
  think: '; ',
  for: ', for ',
  by: ', by ',
  knownOf: 'What is known of ',
  drillsOf: 'Drills done by ',
} as const;

const thinking = (seconds: number) =>
  seconds === 0 ? 'at once' : `after ${numberWord(seconds)} seconds of silence`;

const WORD_LABELS = {
  on: 'what is drilled',
  way: 'direction',
  by: 'how it is answered',
  signs: 'most signs',
  questions: 'questions',
  minutes: 'minutes',
  mistakes: 'mistakes',
  keys: 'signs of the keys',
  scales: 'scales',
  clefs: 'clefs',
  think: 'silence',
  crib: 'crib',
  for: 'purpose',
  who: 'who answers',
} as const;

const minutes = (count: number | null) =>
  count === null ? 'as long as it takes' : counted(count, 'minute', 'minutes');

const mistakes = (count: number | null) => {
  if (count === null) return 'any number of mistakes';
  return count === 0 ? 'no mistake' : counted(count, 'mistake', 'mistakes');
};

/** A clock: minutes and seconds. */
const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

const VIEWS = { drill: 'Drill', known: 'What is known', ladders: 'Ladders', drills: 'Drills done' } as const;

const BUDGET = {
  title: 'Budget',
  questions: 'Questions',
  of: (done: number, all: number) => `${done} of ${all}`,
  time: 'Time left',
  noTime: 'no limit',
  mistakes: 'Mistakes left',
  noMistakes: 'any number',
  pause: 'Pause',
  goOn: 'Go on',
  paused: 'The clock stands. Nothing is lost.',
  stop: 'Stop and hand in',
} as const;

const BEGIN = {
  title: 'Ready',
  begin: 'Begin',
  asks: (asks: readonly string[]) => `Asked in turn: ${listed(asks)}.`,
  aim: (questions: number, most: number | null) =>
    `It ends by itself when ${counted(questions, 'question is', 'questions are')} answered${
      most === null ? '' : most === 0 ? ' without a mistake' : ` with no more than ${mistakes(most)}`
    }.`,
  dueAsks: 'Asked: what is likely to be forgotten soon, the least sure first.',
  example: 'Such as',
  slow: 'A slow answer is as good as a quick one. A slip may be put right before going on.',
  sound: 'There is something to hear: turn the sound on when you begin.',
  nothing: 'Nothing can be asked within these limits: allow more signs.',
  goOn: (done: number, all: number) => `Go on: ${done} of ${all} answered`,
  unfinished: 'A drill was begun and is not finished.',
} as const;

const RUN = {
  question: (nth: number) => `Question ${nth}`,
  choices: 'Answers',
  unknown: 'I do not know',
  give: 'Answer',
  next: 'Next question',
  finish: 'See how it went',
  right: (answer: string) => `Right: ${answer}.`,
  corrected: (answer: string) => `Put right: ${answer}.`,
  notYet: 'Not so. One more try.',
  wrong: 'Not right.',
  expected: 'Right is:',
  given: 'You answered:',
  think: 'Think first: the answers open in a moment.',
  listen: 'Listen',
  silent: 'Press to hear it. Nothing sounds before.',
  crib: 'Crib',
  cribOpen: 'Open the crib',
  cribClose: 'Close the crib',
  cribWhy: 'It may be opened. That it was is kept.',
  saying: (order: 'sharps' | 'flats', text: string) =>
    `${order === 'sharps' ? 'Sharps' : 'Flats'}: ‘${text}’`,
  cribOpened: 'The crib was opened.',
  fix: 'One note must change: choose it, and put it right.',
  noSigns: 'no sharps or flats',
  isRight: 'right',
  isWrong: 'not right',
  picture: 'What is asked',
  later: 'This question was made by a newer Moon Step and cannot be asked here.',
  derive: (scale: string) => `See ${scale} derived`,
  mark: 'See it in Mark',
} as const;

const ENDS: Readonly<Record<DrillEnd, { readonly title: string; readonly text: string }>> = {
  success: { title: 'Done', text: 'All answered within the budget.' },
  mistakes: {
    title: 'Over the budget',
    text: 'There was one mistake too many. Hand in this try: its minutes count, as your teacher decides.',
  },
  time: {
    title: 'The time is over',
    text: 'Hand in this try: its minutes count, as your teacher decides.',
  },
  'handed-in': {
    title: 'Stopped',
    text: 'Hand in this try: its minutes count, as your teacher decides.',
  },
};

const END = {
  counts: sayCounts,
  took: (time: string) => `, in ${time}`,
  best: (right: number, day: string) =>
    `Your best try at this level is handed in: ${counted(right, 'answer', 'answers')} right, on ${day}.`,
  again: 'Once more',
  takeUp: 'Go on with it after all',
  other: 'Another drill',
  next: (name: string) => `Next level: ${name}`,
  review: 'Not right at once',
  handIn: 'Hand in',
  handInWhy: 'Everything stays in this browser. What you hand in is one small file, or a code.',
  name: 'Your name',
  file: 'Save as a file',
  code: 'Copy as a code',
  codeField: 'The code to hand in',
  qr: 'Show as a QR code',
  qrTitle: 'QR code of this result',
  qrLong: 'It is too long for a QR code. Hand in the file or the code.',
  fileName: (title: string, name: string) => [title, name].filter(Boolean).join('-'),
  saved: (file: string) => `${file} is saved.`,
  copied: 'The code is copied.',
  notCopied: 'It could not be copied by itself: take it from the field.',
  named: 'Write your name first, so that it is known whose it is.',
} as const;

const GIVE = {
  title: 'Give this level',
  why: 'Students open it in their own browser. It holds no names.',
  link: 'Copy the link',
  copied: 'The link is copied.',
  qr: 'Show as a QR code',
  qrTitle: 'QR code of the link',
  qrLong: 'The link is too long for a QR code: copy it.',
  field: 'The link',
  onNetwork: 'This address is this computer alone: see the README for opening it to the network.',
  file: 'Save as a file',
  saved: (file: string) => `${file} is saved.`,
  open: 'Open a level file',
  notLevel: 'This file holds no level. Choose the file that was given with ‘Save as a file’.',
} as const;

const DUE = {
  title: 'Due today',
  none: 'Nothing is due today.',
  never: 'Nothing has been drilled here yet. What is drilled comes back when it is likely to be forgotten.',
  count: (count: number) => `${count} due`,
  likely: (likely: number, all: number) =>
    `If they were asked now, about ${likely} of ${all} would be right. This is an estimate from the answers so far.`,
  days: 'The days to come',
  today: 'today',
  drill: 'Drill what is due',
  mixed: (count: number) =>
    count === 0
      ? ''
      : `With ${counted(count, 'question', 'questions')} that the last wrong answers call for.`,
  day: (name: string, count: number) => `${name}: ${count}`,
} as const;

const KEYS_SHEET = {
  title: 'Keys in Drill',
  summary: 'Before a drill, letters choose words of the sentence; in it, they answer.',
  list: [
    { keys: '⏎', does: 'Begin, go on, next question' },
    { keys: '1 to 4', does: 'Choose an answer' },
    { keys: '0', does: 'I do not know' },
    { keys: 'Space', does: 'Pause and go on' },
    { keys: 'H', does: 'Hear it again' },
    { keys: 'C', does: 'Open the crib' },
    { keys: 'Esc', does: 'Stop the sound' },
    { keys: 'Q', does: 'Choose what is drilled' },
    { keys: 'S', does: 'Choose the most signs' },
    { keys: '1 2 3 4', does: 'Before a drill: Drill, what is known, ladders, drills done' },
  ],
} as const;

const OPENINGS: Readonly<Record<Opening, string>> = {
  success: 'success opens the next',
  clean: 'success without a mistake opens the next',
  tried: 'an honest try opens the next',
  free: 'all are open',
};

function words(w: ClassWords) {
  return {
    room: 'Drill',
    title: (name: string) => `${name} · Moon Step`,
    skills: skills(w),
    asks: ASKS,
    ways: WAYS,
    answerings: ANSWERINGS,
    sides: SIDES,
    purposes: PURPOSES,
    openings: OPENINGS,
    sentence: SENTENCE,
    thinking,
    cribs: { yes: 'with a crib', no: 'without a crib' },
    words: WORD_LABELS,
    questions: (count: number) => counted(count, 'question', 'questions'),
    minutes,
    mistakes,
    most: sayMost,
    scalesText: (scales: readonly string[]) => listed(scales),
    clefs: CLEF_WORDS,
    clefsText: (clefs: readonly (keyof typeof CLEF_WORDS)[]) =>
      `${listed(clefs.map((clef) => CLEF_WORDS[clef].replace(/ clef$/u, '')))} clef`,
    self: 'you',
    addName: (name: string) => `${name} (new)`,
    whoHint: 'or type a name',
    clock,
    views: VIEWS,
    viewsLabel: 'Sides of the room',
    budget: BUDGET,
    begin: BEGIN,
    run: RUN,
    ends: ENDS,
    end: END,
    give: GIVE,
    due: DUE,
    ladders: LADDERS,
    known: KNOWN,
    done: DONE,
    share: { text: 'Text with link', link: 'Link', print: 'Print' },
    keysSheet: KEYS_SHEET,
  } as const;
}

/** The words of the room Drill. */
export const drillWords = byClass(words);
