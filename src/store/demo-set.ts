import type { AnswerSet } from './answer-set';
import type { StoredPaper } from './paper';

const ID = 'demo-set-minors';

/** What the demo class was asked, with its answers: the right one first, then what some made of it. */
export const DEMO_QUESTIONS: readonly (readonly [code: string, answers: Readonly<Record<string, string>>])[] =
  [
    [
      'answer*scale.E.harmonic-minor.up.treble.none',
      {
        right: 'E-F#-G-A-B-C-D#-E',
        'seventh-not-raised': 'E-F#-G-A-B-C-D-E',
        'sixth-raised': 'E-F#-G-A-B-C#-D#-E',
        respelled: 'E-F#-G-A-B-C-Eb-E',
        'one-too-few': 'E-F-G-A-B-C-D#-E',
      },
    ],
    [
      'answer*scale.C.harmonic-minor.up.bass.written',
      {
        right: 'C-D-Eb-F-G-Ab-B-C',
        'seventh-not-raised': 'C-D-Eb-F-G-Ab-Bb-C',
        'sixth-raised': 'C-D-Eb-F-G-A-B-C',
        'raised-is-sharp': 'C-D-Eb-F-G-Ab-B#-C',
      },
    ],
    [
      'answer*scale.F.harmonic-minor.up.bass.none',
      {
        right: 'F-G-Ab-Bb-C-Db-E-F',
        'seventh-not-raised': 'F-G-Ab-Bb-C-Db-Eb-F',
        'sixth-raised': 'F-G-Ab-Bb-C-D-E-F',
        'raised-is-sharp': 'F-G-Ab-Bb-C-Db-E#-F',
      },
    ],
    [
      'answer*scale.C.melodic-minor.both.treble.none',
      {
        right: 'C-D-Eb-F-G-A-B-C-Bb-Ab-G-F-Eb-D-C',
        'raised-coming-down': 'C-D-Eb-F-G-A-B-C-B-A-G-F-Eb-D-C',
        'sixth-not-raised': 'C-D-Eb-F-G-Ab-B-C-Bb-Ab-G-F-Eb-D-C',
      },
    ],
    [
      'answer*signature.Eb.major.treble',
      { right: 'Bb4-Eb5-Ab4', 'one-too-few': 'Bb-Eb', 'one-too-many': 'Bb-Eb-Ab-Db' },
    ],
    [
      'answer*name-key.-4.minor',
      { right: 'F.natural-minor', 'named-relative': 'Ab.major', 'named-last-flat': 'Db.natural-minor' },
    ],
    [
      'answer*name-signature.B.major',
      { right: '5:F#-C#-G#-D#-A#', 'one-too-few': '4:F#-C#-G#-D#', 'kind-swapped': '5:Bb-Eb-Ab-Db-Gb' },
    ],
    ['answer*steps.harmonic-minor.up', { right: '2-1-2-2-1-3-1', 'seventh-not-raised': '2-1-2-2-1-2-2' }],
  ];

const [R, B] = ['right', 'blank'];
const [SEVENTH, SIXTH] = ['seventh-not-raised', 'sixth-raised'];

/** Who answered what, in the order of the questions; what is shorter was not reached. */
const DEMO_PAPERS: readonly (readonly [person: string, answers: readonly string[]])[] = [
  ['demo-person-1', [R, R, R, R, R, R, R, R]],
  ['demo-person-2', [SEVENTH, SEVENTH, SEVENTH, R, R, R, R, SEVENTH]],
  ['demo-person-3', [SEVENTH, R, SEVENTH, R, R, 'named-relative', R, R]],
  ['demo-person-4', [SIXTH, SIXTH, R, R, R, R, R, R]],
  ['demo-person-5', [R, R, R, R, R, R, R, R]],
  ['demo-person-6', ['respelled', R, 'raised-is-sharp', R, R, R, 'one-too-few', R]],
  ['demo-person-10', [R, SEVENTH, SEVENTH, R, 'one-too-few', R, R, R]],
  ['demo-person-11', [R, 'raised-is-sharp', R, 'raised-coming-down', R, R, R, R]],
  ['demo-person-12', [SEVENTH, SEVENTH, SEVENTH, 'sixth-not-raised', R, 'named-relative', B, SEVENTH]],
  ['demo-person-13', [R, R, SIXTH, 'raised-coming-down', 'one-too-many', R, R, R]],
  ['demo-person-14', [SEVENTH, SEVENTH, R, R, R]],
  ['demo-person-15', []],
];

/** Who handed in what there was when time was up, and who was not there. */
const STOPPED = 'demo-person-14';
const ABSENT = 'demo-person-15';

/** Who put a slip right before it was marked. */
const CORRECTED: readonly (readonly [person: string, question: string])[] = [['demo-person-10', 'q5']];

const answerOf = (at: number, said: string) => (said === B ? '_' : (DEMO_QUESTIONS[at]?.[1][said] ?? '_'));

/** The demo class's set of last week. */
export function demoSet(now: string): { readonly sets: AnswerSet[]; readonly papers: StoredPaper[] } {
  const group = 'demo-tuesday';
  return {
    sets: [
      {
        ...{ v: 2, id: ID, name: 'Minors, week 4', group, sheet: null },
        ...{ decisions: {}, voices: {}, inClass: false, guests: [] },
        questions: DEMO_QUESTIONS.map(([code], at) => ({ id: `q${at + 1}`, code, marks: null })),
        day: now.slice(0, 10),
        order: 1,
        changedAt: now,
      },
    ],
    papers: DEMO_PAPERS.map(([person, said], at) => ({
      ...{ v: 2, id: `${ID}.${person}`, set: ID, group, person },
      absent: person === ABSENT,
      stopped: person === STOPPED,
      minutes: person === STOPPED ? 20 : null,
      answers: Object.fromEntries(said.map((each, place) => [`q${place + 1}`, answerOf(place, each)])),
      typed: {},
      corrected: Object.fromEntries(
        CORRECTED.flatMap(([who, question]) => (who === person ? [[question, true]] : [])),
      ),
      late: {},
      own: {},
      order: at + 1,
      changedAt: now,
    })),
  };
}
