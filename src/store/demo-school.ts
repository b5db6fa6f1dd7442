import { NO_SAYINGS, USUAL_SETTINGS } from '@/core/school/settings';
import { demoDrills, demoLadders } from './demo-drills';
import { demoLog } from './demo-log';
import { demoPractice } from './demo-practice';
import { demoSet } from './demo-set';
import type { Group } from './group';
import type { Kept } from './kept';
import type { Person } from './person';
import type { SchoolData } from './school-data';

type Item = Pick<Kept, 'id' | 'name' | 'note' | 'address' | 'lesson' | 'minutes'>;

const LESSONS = { first: 'demo-lesson-steps', second: 'demo-lesson-minor' } as const;

const query = (tonic: string, scale: string, rest: string) =>
  `/derive?tonic=${encodeURIComponent(tonic)}&scale=${scale}&${rest}`;

/** What the demo class's teacher has kept, in the order of the lessons. */
export const DEMO_LESSONS: readonly Item[] = [
  {
    id: 'demo-c-major',
    minutes: 8,
    lesson: LESSONS.first,
    name: 'Opening: C major, both ways',
    note: 'Say the steps aloud together before anybody plays.',
    address: query('C', 'major', 'direction=both&clef=treble&signature=written&method=step-pattern'),
  },
  {
    id: 'demo-f-major',
    minutes: 10,
    lesson: LESSONS.first,
    name: 'F major: why B♭ and not A♯',
    note: 'Tove had A♯ on her recorder sheet. Stop at step 4 and let the class argue it out.',
    address: query('F', 'major', 'direction=up&clef=treble&signature=none&method=step-pattern&step=4'),
  },
  {
    id: 'demo-e-flat-major',
    minutes: 12,
    lesson: LESSONS.first,
    name: 'E♭ major from its signature',
    note: 'For Yusuf and the other horns. Last but one flat.',
    address: query('Eb', 'major', 'direction=up&clef=bass&signature=written&method=signature'),
  },
  {
    id: 'demo-e-minor-viola',
    minutes: 8,
    lesson: LESSONS.second,
    name: 'E natural minor for the violas',
    note: 'Odile reads only the alto clef so far; leave it up while she copies.',
    address: query('E', 'natural-minor', 'direction=up&clef=alto&signature=written&method=signature'),
  },
  {
    id: 'demo-e-harmonic',
    minutes: 12,
    lesson: LESSONS.second,
    name: 'E harmonic minor: the first raised seventh',
    note: 'Find the step and a half by ear first, then on the stride.',
    address: query(
      'E',
      'harmonic-minor',
      'direction=up&clef=treble&signature=written&method=step-pattern&step=7',
    ),
  },
  {
    id: 'demo-c-melodic',
    minutes: 15,
    lesson: LESSONS.second,
    name: 'C melodic minor, up and down without signature',
    note: 'Cancelling signs on the way down: no bar line, so they are needed.',
    address: query('C', 'melodic-minor', 'direction=both&clef=treble&signature=none&method=signature'),
  },
  {
    id: 'demo-c-sharp-harmonic',
    minutes: 10,
    lesson: LESSONS.second,
    name: 'C♯ harmonic minor: B♯ is not C',
    note: "Bram's cello piece turns into this in the middle. Bass clef.",
    address: query(
      'C#',
      'harmonic-minor',
      'direction=up&clef=bass&signature=written&method=step-pattern&step=7',
    ),
  },
  {
    id: 'demo-g-sharp-major',
    minutes: null,
    lesson: null,
    name: 'G♯ major, or why we write A♭',
    note: 'Only for the two who ask. F𝄪 on the board once is enough.',
    address: query('G#', 'major', 'direction=up&clef=treble&signature=none&method=step-pattern'),
  },
  {
    id: 'demo-sheet-signatures',
    minutes: null,
    lesson: LESSONS.first,
    name: 'Sheet: the same signatures, named and drawn',
    note: 'First name them, then draw the same ones: whoever can do one and not the other shows it here.',
    address:
      '/sheets?make=questions&n=9&on=signatures&signs=4&clefs=treble.bass&signature=written&version=A&seed=2611&maker=1&crib=yes',
  },
  {
    id: 'demo-sheet-mistakes',
    minutes: null,
    lesson: LESSONS.second,
    name: 'Sheet: somebody else’s mistakes in minor',
    note: 'Nobody minds finding a mistake that is not their own. Ask for the habit, not only for the note.',
    address:
      '/sheets?make=questions&n=8&on=minors.find-mistake.gaps&signs=4&clefs=treble.bass&signature=either&version=A&seed=317&maker=1&key=full',
  },
  {
    id: 'demo-sheet-book',
    minutes: null,
    lesson: null,
    name: 'Project book: every major scale in both clefs',
    note: 'One page a week at home. The checks at its end are the four we do aloud.',
    address: '/sheets?make=book&scale=major&signature=written',
  },
];

const GROUPS: readonly Pick<Group, 'id' | 'name' | 'settings' | 'sayings'>[] = [
  {
    id: 'demo-tuesday',
    name: 'Tuesday theory',
    settings: USUAL_SETTINGS,
    sayings: {
      sharps: 'Fog covers grey docks and every boat',
      flats: 'Busy eels always dodge gulls catching fish',
      sharpsFor: 'everybody',
      flatsFor: 'everybody',
    },
  },
  {
    id: 'demo-singers',
    name: 'Thursday singers',
    settings: {
      ...USUAL_SETTINGS,
      noteNames: 'fixed-do',
      stepWords: 'tone-semitone',
      degrees: 'leading-note',
      hints: 'child',
    },
    sayings: NO_SAYINGS,
  },
];

/** Who comes on which evening, and with what. */
const PEOPLE: Readonly<Record<string, readonly (readonly [name: string, instrument: string])[]>> = {
  'demo-tuesday': [
    ['Tove', 'recorder'],
    ['Yusuf', 'horn'],
    ['Odile', 'viola'],
    ['Bram', 'cello'],
    ['Ines', 'piano'],
    ['M. K.', 'guitar'],
  ],
  'demo-singers': [
    ['Pia', 'voice'],
    ['No. 4', 'voice'],
    ['Henk', 'accordion'],
  ],
};

const HARMONIC = 'kind=scale&tonic=B&scale=harmonic-minor&direction=up&clef=treble&signature=none&given=1.';

const PLAIN = 'kind=scale&tonic=G&scale=major&direction=up&clef=treble&signature=none&given=1.';

/** Answers of each evening to one question: label, person, question and answer, the habit found, marks got and to get. */
export const DEMO_ANSWERS: readonly (readonly [
  label: string,
  person: string,
  query: string,
  found: string | null,
  got: number,
  of: number,
])[] = [
  ['Tove, question 3', 'demo-person-1', `${HARMONIC}B-C%23-D-E-F%23-G-A%23-B`, null, 8, 8],
  ['Yusuf, question 3', 'demo-person-2', `${HARMONIC}B-C%23-D-E-F%23-G-A-B`, 'seventh-not-raised', 7, 8],
  ['Odile, question 3', 'demo-person-3', `${HARMONIC}B-C%23-D-E-F%23-G-A-B`, 'seventh-not-raised', 7, 8],
  ['Bram, question 3', 'demo-person-4', `${HARMONIC}B-C%23-D-E-F%23-G%23-A%23-B`, 'sixth-raised', 7, 8],
  ['M. K., question 3', 'demo-person-6', `${HARMONIC}B-C%23-D-E-F%23-G-Bb-B`, 'respelled', 7, 8],
  ['Pia, question 1', 'demo-person-7', `${PLAIN}G-A-B-C-D-E-F-G`, 'signature-ignored', 7, 8],
  ['Henk, question 1', 'demo-person-9', `${PLAIN}G-A-B-C-D-E-F%23-G`, null, 8, 8],
];

/** Who came to the Tuesday evenings later. */
const LATER: readonly (readonly [group: string, name: string, instrument: string])[] = [
  ['demo-tuesday', 'Lieke', 'flute'],
  ['demo-tuesday', 'Sami', 'clarinet'],
  ['demo-tuesday', 'Greet', 'violin'],
  ['demo-tuesday', 'Joris', 'trumpet'],
  ['demo-tuesday', 'Noor', 'piano'],
  ['demo-tuesday', 'Wout', 'double bass'],
];

/** The people of the demo school, each with a number in their records. */
const NUMBERED = Object.entries(PEOPLE)
  .flatMap(([group, people]) => people.map((person) => [group, ...person] as const))
  .concat(LATER)
  .map(([group, name, instrument], index) => ({
    id: `demo-person-${index + 1}`,
    group,
    name,
    instrument,
    order: index + 1,
  }));

/** The demo school as records. */
export function demoData(now: string): SchoolData {
  const groupOf = (person: string) => NUMBERED.find(({ id }) => id === person)?.group ?? null;
  return {
    ...demoSet(now),
    judgings: [],
    practice: demoPractice(now),
    ladders: demoLadders(now),
    drills: demoDrills(now),
    ...demoLog(now),
    marked: DEMO_ANSWERS.map(([label, person, query, found, got, of], index) => ({
      v: 4,
      id: `demo-answer-${index + 1}`,
      label,
      person,
      group: groupOf(person),
      address: `/mark?${query}`,
      correct: found === null,
      found,
      score: { got, of },
      habit: null,
      marks: null,
      comment: '',
      accepted: false,
      corrected: false,
      piled: true,
      order: index + 1,
      changedAt: now,
    })),
    kept: DEMO_LESSONS.map((item, index) => ({
      v: 6,
      before: [],
      ...item,
      order: index + 1,
      keptAt: now,
      changedAt: now,
    })),
    lessons: [
      { v: 1, id: LESSONS.first, name: 'Week 3: steps and signatures', order: 1, changedAt: now },
      { v: 1, id: LESSONS.second, name: 'Week 4: the minors', order: 2, changedAt: now },
    ],
    groups: GROUPS.map((group, index) => ({ v: 5, ...group, order: index + 1, changedAt: now })),
    people: NUMBERED.map((person): Person => ({ v: 3, books: {}, ...person, changedAt: now })),
  };
}
