import type { ResultDoubt } from '../../practice/drill/result';
import { counted } from '../vocabulary';

/** How many answers were right, put right and wrong; what there is none of is left out. */
export function sayCounts(right: number, corrected: number, wrong: number): string {
  return [
    `${right} right`,
    ...(corrected > 0 ? [`${corrected} put right`] : []),
    ...(wrong > 0 ? [`${wrong} wrong`] : []),
  ].join(', ');
}

/** The words round ladders. */
export const LADDERS = {
  card: 'Ladder',
  named: (name: string) => `Ladder: ${name}`,
  passed: (passed: number, all: number) => `${passed} of ${all} passed`,
  climbed: 'Every level is passed.',
  steps: { choose: 'Recognise', write: 'Build' },
  ready: {
    signatures: 'Signatures',
    majors: 'Major scales',
    minors: 'Minor scales',
    modes: 'Modes',
    chords: 'Chords',
  } as Readonly<Record<string, string>>,
  readyWhy: 'Ready-made: recognise first, then build the same keys. Success opens the next level.',
  make: 'A level of your own',
  makeWhy: 'Say it in the sentence above, give it a name, and put it on a ladder.',
  name: 'Name of the level',
  nameOf: 'Name of the ladder',
  own: 'My ladder',
  addTo: (name: string) => `Put on ‘${name}’`,
  addNew: 'Put on a new ladder',
  added: (name: string) => `‘${name}’ is on the ladder.`,
  copied: (name: string) => `‘${name}’ is yours to change.`,
  copy: 'Take it as my own, to change it',
  opensBy: 'How it opens:',
  delete: 'Delete this ladder',
  up: (name: string) => `Move ‘${name}’ up`,
  down: (name: string) => `Move ‘${name}’ down`,
  drop: (name: string) => `Take ‘${name}’ off`,
  states: { passed: 'passed', open: 'open', closed: 'not open yet' },
} as const;

/** The words of what is known. */
export const KNOWN = {
  title: 'What is known: keys by skills',
  caption: 'How many answers were right at once in each key and skill, and how likely it is to be known now',
  coming: 'Working out what is known.',
  key: 'Key',
  noKey: 'no key of its own',
  asTable: 'As a table',
  asChart: 'As a picture',
  cell: (right: number, times: number) => `${right}/${times}`,
  cellText: (right: number, times: number, likely: number) => `${right} of ${times}, ${likely} %`,
  weak: 'Weak spots',
  noWeak: 'None: everything is likely to be known today.',
  spot: (right: number, corrected: number, wrong: number) => `${sayCounts(right, corrected, wrong)}.`,
  likely: (likely: number) => `Likely to be known today: ${likely} %, by the answers so far.`,
  last: 'Not right at once, last time',
  habit: (name: string) => `Habit: ${name}`,
  drill: 'Drill this',
  course: 'Habits, week by week',
  noHabits: 'No habit stands behind an answer of these weeks.',
  habitHead: 'Habit',
  week: (ago: number) => (ago === 0 ? 'this week' : ago === 1 ? 'last week' : `${ago} weeks ago`),
  now: 'now',
  answers: 'Answers in all',
} as const;

function doubtText(doubt: ResultDoubt): string {
  switch (doubt.is) {
    case 'answer':
      return `judged again, answer ${doubt.number} is not what it says`;
    case 'end':
      return 'its answers do not lead to the end it says';
    case 'time':
      return 'its times do not fit together';
  }
}

const DAY_FORMAT = new Intl.DateTimeFormat('en-GB', {
  ...{ day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' },
});

/** The words of what was drilled and handed in. */
export const DONE = {
  title: 'The last first',
  none: 'Nothing was drilled yet. Begin one, or read a result that was handed in.',
  more: (left: number) => `Show more (${left})`,
  when: (at: string) => DAY_FORMAT.format(new Date(at)),
  crib: 'crib opened',
  received: 'handed in from elsewhere',
  handed: 'handed in',
  credit: (minutes: number) => `Count ${counted(minutes, 'minute', 'minutes')}`,
  credited: (minutes: number) => `${counted(minutes, 'minute', 'minutes')} counted`,
  look: 'Look',
  delete: (name: string) => `Delete ‘${name}’`,
  read: 'Read a result',
  readWhy: 'A file or a code that a student handed in. Every answer is judged again before it is taken.',
  code: 'Code',
  file: 'Choose a file',
  found: (name: string, title: string, answers: number) =>
    `From ${name || 'somebody without a name'}: ${title}, ${counted(answers, 'answer', 'answers')}. It holds when it is judged again.`,
  of: 'Belongs to',
  newPerson: (name: string) => `${name || 'somebody new'} (new)`,
  put: 'Take it in',
  taken: (name: string) => `The result of ${name} is taken in.`,
  already: 'This result is here already; it stands once.',
  doubt: (doubt: ResultDoubt, name: string) =>
    `This result of ${name || 'somebody'} was changed by hand: ${doubtText(doubt)}. Ask for it again.`,
  record: (name: string) => (name ? `The record of ${name}` : 'Your own record'),
  recordWhy: 'It is given out as one file, and wiped with every trace when it is asked for.',
  giveOut: 'Give it out',
  fileName: (name: string) => `${name}-record`,
  wipe: 'Wipe it',
  sure: (name: string) =>
    `All that was drilled by ${name || 'you'} is wiped for good. This cannot be taken back.`,
  keep: 'Keep it',
  wipeNow: 'Wipe it for good',
  wiped: (name: string) => (name ? `The record of ${name} is wiped.` : 'Your record is wiped.'),
} as const;
