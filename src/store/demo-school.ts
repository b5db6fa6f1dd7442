import type { Kept } from './kept';

type Lesson = Pick<Kept, 'id' | 'name' | 'note' | 'address'>;

const query = (tonic: string, scale: string, rest: string) =>
  `?tonic=${encodeURIComponent(tonic)}&scale=${scale}&${rest}`;

/** What the demo class's teacher has kept, in the order of the lessons. */
export const DEMO_LESSONS: readonly Lesson[] = [
  {
    id: 'demo-c-major',
    name: 'Opening: C major, both ways',
    note: 'Say the steps aloud together before anybody plays.',
    address: query('C', 'major', 'direction=both&clef=treble&signature=written&method=step-pattern'),
  },
  {
    id: 'demo-f-major',
    name: 'F major: why B♭ and not A♯',
    note: 'Tove had A♯ on her recorder sheet. Stop at step 4 and let the class argue it out.',
    address: query('F', 'major', 'direction=up&clef=treble&signature=none&method=step-pattern&step=4'),
  },
  {
    id: 'demo-e-flat-major',
    name: 'E♭ major from its signature',
    note: 'For Yusuf and the other horns. Last but one flat.',
    address: query('Eb', 'major', 'direction=up&clef=bass&signature=written&method=signature'),
  },
  {
    id: 'demo-e-minor-viola',
    name: 'E natural minor for the violas',
    note: 'Odile reads only the alto clef so far; leave it up while she copies.',
    address: query('E', 'natural-minor', 'direction=up&clef=alto&signature=written&method=signature'),
  },
  {
    id: 'demo-a-harmonic',
    name: 'A harmonic minor: the first raised seventh',
    note: 'Find the step and a half by ear first, then on the stride.',
    address: query(
      'A',
      'harmonic-minor',
      'direction=up&clef=treble&signature=written&method=step-pattern&step=7',
    ),
  },
  {
    id: 'demo-g-melodic',
    name: 'G melodic minor, up and down without signature',
    note: 'Cancelling signs on the way down: no bar line, so they are needed.',
    address: query('G', 'melodic-minor', 'direction=both&clef=treble&signature=none&method=signature'),
  },
  {
    id: 'demo-c-sharp-harmonic',
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
    name: 'G♯ major, or why we write A♭',
    note: 'Only for the two who ask. F𝄪 on the board once is enough.',
    address: query('G#', 'major', 'direction=up&clef=treble&signature=none&method=step-pattern'),
  },
];

/** The demo shelf as records. */
export function demoShelf(keptAt: string): readonly Kept[] {
  return DEMO_LESSONS.map((lesson, index) => ({ v: 1, ...lesson, order: index + 1, keptAt }));
}
