import type { Fingering } from '../instrument/wind/fingering';
import { keysOf, type Wind } from '../instrument/wind/winds';
import { known } from '../known';
import type { ClassWords } from './class-words';
import { withNoteNames } from './say-instrument';

/** Keys beside the six fingers; a note in braces stands for what the class calls it. */
const KEYS: Readonly<Record<string, string>> = {
  oct: 'octave key',
  bis: 'bis key',
  lowC: 'low {C}',
  'lowC#': 'low {C#}',
  lowB: 'low {B}',
  lowBb: 'low {Bb}',
  Eb: '{Eb} key',
  'G#': '{G#} key',
  'chromF#': 'side {F#}',
  sideBb: 'side {Bb}',
  sideC: 'side {C}',
  sideE: 'high {E}',
  palmD: 'palm {D}',
  palmEb: 'palm {Eb}',
  palmF: 'palm {F}',
  frontF: 'front {F}',
  'highF#': 'high {F#}',
  T: 'thumb',
  Tb: 'thumb on its {Bb} key',
  C: 'low {C}',
  'C#': 'low {C#}',
  lever: '{Bb} lever',
  R: 'register key',
  'E/B': '{E} and {B} key',
  'F/C': '{F} and {C} key',
  'F#/C#': '{F#} and {C#} key',
  'Ab/Eb': '{Ab} and {Eb} key',
  'C#/G#': '{C#} and {G#} key',
  sideEb: 'side {Eb} key',
  'sideF#': 'two lowest side keys',
  sliver: 'sliver key',
  'throatG#': 'throat {G#} key',
  throatA: 'throat {A} key',
  tr1: 'first trill key',
  tr2: 'second trill key',
};

const HOLES: Readonly<Record<string, string>> = { x: 'closed', h: 'half' };

/** Which holes of a recorder are closed: `thumb half, 1 2 3 4 5 closed`. */
function sayHoles(keys: string): string {
  const names = ['thumb', '1', '2', '3', '4', '5', '6', '7'];
  const of = (sort: string) => names.filter((_, at) => keys[at] === sort);
  const said = ['x', 'h'].flatMap((sort) =>
    of(sort).length > 0 ? [`${of(sort).join(' ')} ${HOLES[sort]}`] : [],
  );
  return said.length > 0 ? said.join(', ') : 'all open';
}

/** The keys beside the fingers, each by name. */
function otherKeys(w: ClassWords, fingering: Fingering): readonly string[] {
  return keysOf(fingering).others.map((key) => {
    const name = known(KEYS, key);
    if (name === undefined) throw new RangeError(`no name for the key ${key}`);
    return withNoteNames(w, name);
  });
}

/** A fingering in words: `fingers 1 2 3, octave key`. */
export function sayFingering(w: ClassWords, { drawn }: Pick<Wind, 'drawn'>, fingering: Fingering): string {
  if (drawn === 'recorder') return sayHoles(fingering.keys);
  const { fingers } = keysOf(fingering);
  const said = [...(fingers.length > 0 ? [`fingers ${fingers.join(' ')}`] : []), ...otherKeys(w, fingering)];
  return said.length > 0 ? said.join(', ') : 'no finger';
}

/** When a fingering takes the place of the usual one. */
export function sayUse(w: ClassWords, { use, sure }: Fingering): string {
  const when = use === null ? 'usual' : withNoteNames(w, use);
  return sure ? when : `${when}; not on every instrument`;
}
