import type { CellState } from '../../exercise/set/cell';
import type { SideName } from '../../exercise/set/cross-check';
import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { listed } from '../say-task';
import { capital, counted } from '../vocabulary';

const STATES: Readonly<Record<CellState, string>> = {
  open: 'not entered',
  unread: 'cannot be read yet',
  judging: 'being judged',
  excused: 'not counted',
  right: 'right',
  accepted: 'right too',
  wrong: 'wrong',
  corrected: 'corrected',
  blank: 'blank',
};

/** As a cell shows it, beside its colour. */
const SIGNS: Readonly<Record<CellState, string>> = {
  open: '',
  unread: '?',
  judging: '…',
  excused: '–',
  right: '✓',
  accepted: '✓✓',
  wrong: '✗',
  corrected: '↻',
  blank: '○',
};

const SENTENCE = {
  mark: 'Mark ',
  for: ' for ',
  colon: ': ',
  comma: ', ',
  of: ' ',
  end: '.',
  newSet: 'a new set',
  choose: 'a set',
  nobody: 'a class',
  somebody: 'somebody',
} as const;

const VIEWS = {
  enter: 'enter answers',
  live: 'ask it in class',
  bring: 'bring answers in',
  class: 'see what the class needs',
  student: 'follow one student',
  slips: 'give the slips out',
} as const;

const WALKS = { student: 'student by student', question: 'question by question' } as const;

const people = (count: number) => counted(count, 'student', 'students');
const answers = (count: number) => counted(count, 'answer', 'answers');
/** At the head of a sentence. */
const wholeAnswers = (count: number) => capital(answers(count));

const START = {
  title: 'A new set',
  help: 'A set is what a class was asked, and what everybody wrote. Where are its questions?',
  name: 'What the set is called',
  unnamed: (day: string) => `Set of ${day}`,
  inClass: 'Now, in class',
  inClassHelp:
    'Questions are asked at random or one by one, answered by phone or aloud, and make a set by themselves.',
  begin: 'Ask in class',
  onPaper:
    'This set was answered on paper. So that nothing of it is written over, the class answers in a set of its own, with the same questions.',
  ownSet: 'Begin one with the same questions',
  sheets: 'A sheet',
  thisSheet: 'The sheet you came from',
  noSheets: 'No sheet lies on the shelf. Make one in Sheets, and keep it or come from there.',
  toSheets: 'To Sheets',
  shelf: 'From the shelf',
  typed: 'Typed, a question a line',
  typedHint: 'E harmonic minor\nwhich key has 4 flats\nrelative minor of E',
  typedProblem: (line: number, text: string) =>
    `Line ${line}, '${text}', asks nothing that can be marked. Write it as in the ask line: a scale, a signature, a relative.`,
  make: (count: number) => `Make a set of ${counted(count, 'question', 'questions')}`,
  noPeople: 'This class has nobody yet. Add its people in Class; a set is made of questions and people.',
  toClass: 'To Class',
  others: 'Sets of this class',
  none: 'No set yet.',
  gone: 'This set is not in this school any more. Choose another one, or make a new one.',
  remove: (name: string) => `Delete ${name}`,
  about: (day: string, questions: number) => `${day}, ${counted(questions, 'question', 'questions')}`,
} as const;

const ENTER = {
  grid: 'Answers, a row a student and a column a question',
  student: 'Student',
  question: (number: number) => `Question ${number}`,
  total: 'Marks',
  marks: (got: string, of: string) => `${got} of ${of}`,
  cell: (student: string, number: number, state: CellState) =>
    `${student}, question ${number}: ${STATES[state]}`,
  states: STATES,
  signs: SIGNS,
  head: (student: string, number: number, all: number) => `${student}, question ${number} of ${all}`,
  right: 'Right',
  rightHelp: 'Right, and on to the next',
  fromRight: 'From right',
  blank: 'Blank',
  absent: 'Not here',
  present: 'Here after all',
  same: 'As the one before',
  clear: 'Take it away',
  type: 'Type it',
  usual: 'Usual wrong answers',
  noUsual: 'Nothing wrong is usual here.',
  expected: 'Expected',
  given: 'Given',
  wroteSame: (names: readonly string[], more: number) =>
    `${listed(more > 0 ? [...names, counted(more, 'other', 'others')] : names)} wrote the same.`,
  forAll: (count: number) => `A decision holds for all ${count}`,
  corrected: 'Corrected it',
  minutes: 'Minutes',
  stopped: 'Stopped here: count what was reached',
  stoppedHelp: 'What was not reached counts neither for nor against, and the time is noted.',
  done: 'Everything is entered.',
  seeClass: 'See what the class needs',
  open: (count: number) => `${wholeAnswers(count)} to enter`,
  judging: (done: number, of: number) => `Judging, ${done} of ${of}`,
  cancel: 'Stop',
  cancelled: 'Judging was stopped. What was judged stays.',
  failed: 'The answers could not be judged just now. What is entered is kept.',
  goOn: 'Go on',
  changed: (count: number) =>
    `The class's settings or the questions have changed: ${answers(count)} judged otherwise than before.`,
  changeLine: (number: number, given: string, before: string, after: string, who: number) =>
    `Question ${number}, ${given}: ${before} before, ${after} now (${people(who)})`,
  seen: 'Seen',
  otherScale: (name: string) => `Written was ${name}, right as such.`,
  otherDirection: (way: string) => `Written was the right scale, ${way}.`,
  otherQuestion: (number: number) => `This is right for question ${number}.`,
  voices: 'Called out in class',
  voicesHelp: 'Answers without names: type one and press Enter each time it is called out.',
  voiceField: 'An answer that was called out',
  more: (text: string) => `One more: ${text}`,
  less: (text: string) => `One less: ${text}`,
  keysLine: 'Enter right · 1–9 usual · R from right · I type · 0 blank · − not here · = as before',
} as const;

const ABOUT = {
  title: 'This set: its name, its day, its questions',
  sheet: 'The sheet it came from',
  name: 'What the set is called',
  day: 'The day it was given',
  marks: 'Marks',
  marksOf: (number: number) => `Marks of question ${number}`,
  asCounted: 'as counted',
  instead: (number: number) => `Another question ${number}`,
  remove: (number: number) => `Take question ${number} away`,
  add: 'One more question',
} as const;

const CLASS = {
  tomorrow: 'To teach again tomorrow',
  nothing: 'Nothing has to be taught again: no habit stands behind what is wrong here.',
  nothingYet: 'When answers are entered, what the class needs most stands here.',
  why: (who: number, could: number, answers: number, next: number) =>
    `${who} of the ${could} who could have shown it did, in ${answers === 1 ? 'one answer' : `${answers} answers`}${
      next === 0
        ? '; no other habit was met'
        : next < who
          ? `; the next habit has ${next}`
          : '; another habit has as many'
    }.`,
  who: (names: readonly string[]) => `Met in ${listed(names)}.`,
  example: (number: number) => `As in question ${number}`,
  derive: (key: string) => `Derive ${key} again`,
  practise: 'Then practise',
  say: 'Say',
  toShelf: 'Keep for tomorrow',
  toSheet: 'A sheet against it',
  toBoard: 'On the board',
  kept: 'Kept on the shelf for tomorrow.',
  lessonNote: (habit: string, why: string, say: string) => `${habit}. ${why} Say: ${say}`,
  habits: 'Habits, by how many have them',
  habit: 'Habit',
  people: 'Who',
  count: 'How many',
  corrected: 'Corrected',
  noHabits: 'No habit was met.',
  questions: 'Questions, the hardest first',
  questionHead: 'Question',
  rightHead: 'Right',
  marksHead: 'Marks',
  keys: 'Keys, the most trouble first',
  keyHead: 'Key',
  wrong: (count: number) => `${count} wrong`,
  asTable: 'As a table',
  asChart: 'As a chart',
  groups: (number: number) => `Who wrote what to question ${number}`,
  groupCount: (count: number) => people(count),
  voices: (count: number) => `${count} called out`,
  disagree: 'Count, list and name',
  sides: { count: 'the number', list: 'the signs', name: 'the key' } satisfies Record<SideName, string>,
  disagreement: (who: string, signature: string, right: readonly string[], wrong: readonly string[]) =>
    `${who}, ${signature}: ${listed(right)} right, ${listed(wrong)} not.`,
  labels: 'The label against the work',
  labelLine: (who: string, number: number, text: string) => `${who}, question ${number}: ${text}`,
  summary: (right: number, correctedToo: number, all: number) =>
    `${right} of ${answers(all)} right${correctedToo === 0 ? '' : `, ${correctedToo} corrected`}`,
  toEntry: 'Enter answers',
  hideNames: 'Hide names',
  showNames: 'Show names',
  noHabit: 'No habit explains this',
  rightToo: (count: number) => (count === 1 ? 'Right too' : `Right too, all ${count}`),
  notRight: 'Not right after all',
  pollBoard: 'These answers on the board',
} as const;

const STUDENT = {
  none: 'Nobody is in this class yet.',
  choose: 'Whose course is it?',
  sets: 'Set after set',
  setHead: 'Set',
  dayHead: 'Day',
  marksHead: 'Marks',
  habitsHead: 'Habits',
  answers: 'In this set',
  noAnswers: 'Nothing of theirs is entered in this set.',
  habits: 'Habits over all sets',
  times: (count: number, sets: number) =>
    `${counted(count, 'time', 'times')} in ${counted(sets, 'set', 'sets')}`,
  noHabits: 'No habit was met.',
  open: (name: string) => `Open ${name}`,
  notHere: 'not here',
  stopped: (minutes: number | null) =>
    minutes === null ? 'stopped before the end' : `stopped after ${counted(minutes, 'minute', 'minutes')}`,
} as const;

const BRING = {
  ways: 'How do the answers come?',
  files: 'Files that were handed in',
  filesHelp:
    'What students saved from a sheet on screen, MusicXML, or MIDI: choose one, many, or a whole folder.',
  reading: (done: number, of: number) => `Reading, ${done} of ${of}`,
  choose: 'Choose files',
  folder: 'Choose a folder',
  drop: 'Or drop them here.',
  code: 'Or paste a code that was sent',
  readCode: 'Read it',
  table: 'A table',
  tableHelp:
    'Paste it, or choose a CSV file. Its first line names the columns: student, then 1, 2, 3 for the questions. In the cells stand answers as they are typed, right, blank, or nothing; absent in the first cell for who was not here.',
  tableField: 'The table',
  readTable: 'Read the table',
  blankTable: 'Save an empty table to fill in',
  rowsRead: (count: number) => `${capital(counted(count, 'row', 'rows'))} read`,
  broken: (count: number) =>
    `${capital(counted(count, 'row cannot', 'rows cannot'))} be taken yet. Put right what is wrong:`,
  brokenRow: (line: number) => `Row ${line}`,
  unknownStudent: (name: string) => `Nobody here is called '${name}'.`,
  whoseRow: (line: number) => `Whose is row ${line}?`,
  unreadCell: (number: string, why: string) => `Question ${number}: ${why}`,
  cellField: (line: number, number: string) => `Row ${line}, question ${number}`,
  unknownColumn: (name: string) => `The column '${name}' is no question of this set. It was left out.`,
  noHeader: 'The first line has no column called student. Write: student, 1, 2, 3 …',
  midi: 'Played on a keyboard',
  midiHelp: 'What is played is judged by its sound; the spellings it may be meant in are offered.',
  device: 'Keyboard',
  noDevice: 'No keyboard is connected. The pretend one plays like a learner.',
  noMidi: 'This browser cannot hear MIDI keyboards here. The pretend one plays like a learner.',
  pretend: 'A pretend keyboard',
  look: 'Look for keyboards',
  listen: 'Listen',
  stopListening: 'Stop listening',
  heard: (notes: string) => `Heard: ${notes}`,
  nothingHeard: 'Nothing was heard yet.',
  again: 'Begin again',
  learner: 'Let the pretend learner play',
  learnerPlays: 'What it plays',
  learnerRight: 'It knows it',
  learnerAny: 'As it comes',
  spellings: 'Meant as',
  soundsRight: 'sounds right',
  soundsOther: 'sounds otherwise',
  take: 'Take this answer',
  whose: 'Whose answer is it?',
  which: 'Which question is it?',
  notAsked: 'Choose',
  found: (count: number) => `${wholeAnswers(count)} found`,
  unsure: 'What is unsure is asked:',
  problems: 'What could not be taken:',
  add: (count: number) => `Take ${answers(count)} over`,
  added: (count: number) => `${wholeAnswers(count)} taken over.`,
  otherSheet: (name: string) => `${name}: it was made for another sheet.`,
  noNotes: (name: string) => `${name}: no notes were found in it.`,
  nothing: 'Nothing is to be taken over yet.',
  over: (count: number) => `${wholeAnswers(count)} already entered will be replaced.`,
  none: 'nobody',
  noPlayable: 'No question of this set can be played.',
} as const;

const SLIPS = {
  title: 'Slips',
  all: 'All slips as one PDF',
  one: (name: string) => `The slip of ${name} as PDF`,
  print: 'Print all',
  marks: 'Marks as a table',
  answers: 'Answers as a table',
  pages: 'The slip, as it is printed',
  failed: 'The slips could not be made; the set is kept.',
  again: 'Try again',
  empty: 'No answer is entered yet, so there is nothing to give out.',
  given: 'You wrote',
  expected: 'Expected',
  brackets: 'In brackets stands what must change.',
  practise: 'To practise',
  allRight: 'All of it is right.',
  nothing: 'nothing',
} as const;

const KEYS_SHEET = {
  title: 'Keys',
  summary: 'In the grid, every key is an answer; everywhere else they are the keys below.',
  list: [
    { keys: 'S', does: 'Choose the set' },
    { keys: 'V', does: 'Choose what is done with it' },
    { keys: 'W', does: 'Choose whose course is followed' },
    { keys: 'D', does: 'Walk student by student, or question by question' },
    { keys: '← → ↑ ↓', does: 'In the grid: go to another answer' },
    { keys: 'Enter or Space', does: 'In the grid: right, and on' },
    { keys: '1–9', does: 'In the grid: a usual wrong answer, and on' },
    { keys: '0', does: 'In the grid: blank, and on' },
    { keys: '=', does: 'In the grid: the same as the student before, and on' },
    { keys: '−', does: 'In the grid: this student was not here' },
    { keys: 'Delete', does: 'In the grid: take the answer away' },
    { keys: 'R', does: 'The right answer, to be changed where it differs' },
    { keys: 'I', does: 'Type the answer' },
    { keys: 'A', does: 'Right too, for all who wrote the same' },
    { keys: 'H', does: 'Another habit' },
    { keys: 'C', does: 'The student corrected it' },
    { keys: 'M', does: 'Write a comment' },
    { keys: 'G or Esc', does: 'To the grid' },
    { keys: 'Enter', does: 'On the staff and in the field: take it, and on' },
  ],
} as const;

const SHARE = {
  marks: 'Marks, as CSV',
  answers: 'Answers, as CSV',
  blank: 'An empty table, as CSV',
  slips: 'All slips, as one PDF',
  link: 'Link to this set, for this browser',
  print: 'All slips',
} as const;

const POLL = {
  right: (count: number, text: string) => `${count} had it right: ${text}.`,
  think: 'Think quietly. Answers open in a moment.',
  answered: (count: number, of: number) =>
    of === 0 ? 'Answer on paper, or call out when you are asked.' : `${count} of ${of} have answered`,
  joinTitle: 'Join the class',
  join: (host: string, code: string) => `Join at ${host} with ${code}.`,
  qr: 'The way into the class, as a QR code',
  noQr: 'The address is too long for a QR code.',
} as const;

function words(_: ClassWords) {
  return {
    room: 'Mark a set',
    title: (name: string) => `${name} · Mark · Moon Step`,
    text: 'Mark a whole set.',
    onBoard: 'Who wrote what to one question of it stands here when the board is opened from its class view.',
    sentence: SENTENCE,
    views: VIEWS,
    walks: WALKS,
    words: { set: 'set', view: 'what is done', walk: 'way through', person: 'student' },
    start: START,
    enter: ENTER,
    about: ABOUT,
    class: CLASS,
    poll: POLL,
    student: STUDENT,
    bring: BRING,
    slips: SLIPS,
    share: SHARE,
    keysSheet: KEYS_SHEET,
    cards: {
      start: 'Making a set',
      grid: 'The grid',
      live: 'The lesson in class',
      cell: 'The answer in hand',
      class: 'What the class needs',
      student: 'The course of a student',
      bring: 'Bringing answers in',
      slips: 'The slips',
    },
  } as const;
}

/** The words of marking a whole set. */
export const setWords = byClass(words);
