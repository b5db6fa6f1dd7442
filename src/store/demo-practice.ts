import type { Practice } from './practice';

type Noted = Omit<Practice, 'v' | 'id' | 'order' | 'changedAt'>;

const NOTHING: Omit<Noted, 'about'> = { text: '', ways: {}, note: '', done: [], goals: {}, rounds: {} };

/** What the demo school has practised so far: a tune through some keys, a fingering, and two variations. */
const PRACTISED: readonly Noted[] = [
  {
    ...NOTHING,
    about: 'tune The Harbour Lamp',
    done: ['C-major', 'G-major', 'D-major', 'F-major'],
    rounds: { letters: 2, numbers: 1 },
  },
  {
    ...NOTHING,
    about: 'hand alto-saxophone tonic=F&scale=harmonic-minor',
    ways: { Bb4: '12 sideBb' },
    note: 'Left little finger rests on its keys between notes.',
  },
  {
    ...NOTHING,
    about: 'line alto-saxophone tonic=F&scale=harmonic-minor thirds',
    done: ['tongued', 'slurred-twos'],
    goals: { 'slurred-twos': 88 },
    rounds: { none: 1, letters: 1 },
  },
];

/** The records of the demo school's practice. */
export function demoPractice(now: string): readonly Practice[] {
  return PRACTISED.map((each, at) => ({
    ...{ v: 1, id: `demo-practice-${at + 1}` },
    ...each,
    ...{ order: at + 1, changedAt: now },
  }));
}
