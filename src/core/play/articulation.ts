/** How a note is begun and left: tongued, slurred to the next one, or short. */
export type Stroke = 'tongued' | 'slurred' | 'short';

/** Ways to articulate a row of notes, in the order in which they are offered. */
export const ARTICULATIONS = [
  'tongued',
  'legato',
  'short',
  'slurred-twos',
  'two-and-two',
  'three-and-one',
  'one-and-three',
] as const;

export type Articulation = (typeof ARTICULATIONS)[number];

/** Strokes over and over; where a slur ends, the next note begins anew. */
const STROKES: Readonly<Record<Articulation, readonly Stroke[]>> = {
  tongued: ['tongued'],
  legato: ['slurred', 'slurred', 'slurred', 'tongued'],
  short: ['short'],
  'slurred-twos': ['slurred', 'tongued'],
  'two-and-two': ['slurred', 'tongued', 'short', 'short'],
  'three-and-one': ['slurred', 'slurred', 'tongued', 'short'],
  'one-and-three': ['short', 'slurred', 'slurred', 'tongued'],
};

/** The stroke of each of so many notes; the last one is slurred to nothing. */
export function strokesOf(articulation: Articulation, notes: number): readonly Stroke[] {
  const cycle = STROKES[articulation];
  return Array.from({ length: notes }, (_, at) => {
    const stroke = cycle[at % cycle.length] as Stroke;
    return at === notes - 1 && stroke === 'slurred' ? 'tongued' : stroke;
  });
}

/** Slurs as the places of their first and last notes. */
export function slursOf(strokes: readonly Stroke[]): readonly (readonly [first: number, last: number])[] {
  const slurs: (readonly [number, number])[] = [];
  let first: number | null = null;
  for (const [at, stroke] of strokes.entries()) {
    if (stroke === 'slurred') first ??= at;
    else if (first !== null) {
      slurs.push([first, at]);
      first = null;
    }
  }
  return slurs;
}

/** How much of its time a note sounds. */
export const SOUNDING: Readonly<Record<Stroke, number>> = { tongued: 0.92, slurred: 1, short: 0.5 };
