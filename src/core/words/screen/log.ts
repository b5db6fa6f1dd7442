import type { LogKind, Naming, PracticePurpose } from '../../practice/log';
import type { LogSort, LogState } from '../../practice/log-look';
import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { counted } from '../vocabulary';

const KINDS: Readonly<Record<LogKind, string>> = {
  piece: 'pieces met',
  practice: 'practice',
  question: 'questions asked',
};

const SORTS: Readonly<Record<LogSort, string>> = {
  newest: 'the newest first',
  oldest: 'the oldest first',
  title: 'by title',
  key: 'by key',
  who: 'by student',
  minutes: 'the longest first',
};

const STATES: Readonly<Record<LogState, string>> = {
  all: 'waiting or done',
  waiting: 'that wait',
  done: 'that are done',
};

/** What practice is for, in the trade's words. */
export const PURPOSE_WORDS: Readonly<Record<PracticePurpose, string>> = {
  new: 'something new',
  memory: 'by heart',
  speed: 'faster',
  repair: 'a weak spot',
  play: 'playing it',
};

/** What is sung or said while something is repeated. */
export const NAMING_WORDS: Readonly<Record<Naming, string>> = {
  letters: 'on letters',
  solfège: 'on syllables',
  numbers: 'on numbers',
  words: 'on words',
  none: 'without words',
};

const HEADS = {
  day: 'Date',
  title: 'Piece',
  what: 'What',
  about: 'About',
  key: 'Key',
  signature: 'Signature',
  who: 'Who',
  instrument: 'Instrument',
  source: 'Source',
  minutes: 'Minutes',
  repeats: 'Repeats',
  purpose: 'Purpose',
  question: 'Question',
  answer: 'Answer',
  state: 'State',
  actions: 'Actions',
} as const;

const ENTRY = {
  fresh: { piece: 'Note a piece', practice: 'Note practice', question: 'Note a question' },
  change: 'Change this entry',
  day: 'Date',
  title: { piece: 'Title', practice: 'What was practised', question: 'What it is about' },
  key: 'Key',
  keyHint: (example: string) => `such as ${example}`,
  who: 'Who',
  class: 'the whole class',
  instrument: 'Instrument',
  source: 'Where it was found',
  minutes: 'Minutes',
  purpose: 'Purpose',
  noPurpose: 'not said',
  repeats: 'Repeats',
  text: { piece: 'Remark', practice: 'Remark', question: 'The question, as it was asked' },
  answer: 'Answer',
  add: 'Put it in the log',
  done: 'Done with this entry',
  untitled: 'Give it a title first.',
  keyWrong: (read: string) => `‘${read}’ is no key here. Write its note and its mode, such as B minor.`,
} as const;

const CHARTS = {
  asTable: 'As a table',
  asChart: 'As a chart',
  met: 'Keys met',
  ring: 'Keys met, on the circle',
  noneMet: 'No key was noted yet.',
  never: (list: string) => `Never met: ${list}.`,
  all: 'Every key was met.',
  weeks: 'Minutes by week',
  noMinutes: 'No practice was noted yet.',
  week: 'Week of',
  effort: 'Effort beside mastery',
  effortLead: 'Minutes practised, and how much of their drills was right in the end.',
  noEffort: 'Nobody practised yet.',
  student: 'Student',
  right: 'Right',
  noDrills: 'no drills',
  share: (right: number, of: number) => `${Math.round((100 * right) / of)} % of ${of}`,
  times: (count: number) => (count === 1 ? 'once' : `${count} times`),
  min: (minutes: number) => `${minutes} min`,
} as const;

const FILES = {
  title: 'As a table',
  out: 'Save as CSV',
  in: 'Bring in a table',
  brought: (count: number) => `${counted(count, 'entry was', 'entries were')} brought in.`,
  refused: (line: number, why: string) => `Line ${line} was passed over: ${why}`,
  none: 'No entry was found in the table. Its first line names the columns: kind, day, title …',
  file: 'log',
} as const;

const KEYS_SHEET = {
  title: 'Keys in Log',
  summary: 'Single keys open the words of the sentence.',
  list: [
    { keys: 'Q', does: 'choose what is looked at' },
    { keys: 'W', does: 'choose of whom' },
    { keys: 'S', does: 'choose the order' },
    { keys: 'T', does: 'choose which questions' },
    { keys: 'F', does: 'look for words' },
    { keys: 'A', does: 'note something new' },
  ],
} as const;

const SHARE = {
  text: 'As text',
  link: 'Link to this sentence',
  print: 'Print it',
  csv: 'As a table (CSV)',
} as const;

function words(_: ClassWords) {
  return {
    room: 'Log',
    title: (name: string) => `${name} · Log · Moon Step`,
    sentence: {
      look: 'Look at ',
      of: ' of ',
      that: ' ',
      order: ', ',
      end: '.',
      everyone: 'everyone',
      gone: 'somebody who is gone',
    },
    words: { see: 'what is looked at', who: 'of whom', sort: 'order', state: 'which questions' },
    kinds: KINDS,
    sorts: SORTS,
    states: STATES,
    heads: HEADS,
    entry: ENTRY,
    charts: CHARTS,
    files: FILES,
    find: 'Look for words',
    found: (count: number, all: number) =>
      count === all ? counted(count, 'entry', 'entries') : `${count} of ${counted(all, 'entry', 'entries')}`,
    list: 'Entries',
    none: {
      piece: 'No piece was noted yet. Read one, and press Note it in the log; or note it here.',
      practice: 'No practice was noted yet. Minutes, repeats and what it was for take half a minute.',
      question: 'No question waits. What a student asks is kept here with what it was asked about.',
    },
    nothingFound: 'Nothing fits what is looked for.',
    waiting: 'waits',
    done: 'done',
    settle: 'Done',
    reopen: 'Waits again',
    change: (title: string) => `Change ${title || 'this entry'}`,
    drop: (title: string) => `Delete ${title || 'this entry'}`,
    open: 'Open it',
    share: SHARE,
    keysSheet: KEYS_SHEET,
  };
}

/** The words of the Log room. */
export const logWords = byClass(words);
