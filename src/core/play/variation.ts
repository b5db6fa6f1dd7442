import { ARTICULATIONS } from './articulation';
import type { PlayAsked } from './part';

/** What a variation changes of a pattern. */
export type VariationOf = Partial<Pick<PlayAsked, 'articulation' | 'rhythm' | 'range'>>;

/** One way to practise a pattern: its code, which is stored, and what it changes. */
export type Variation = { readonly id: string; readonly change: VariationOf };

/** Variations of a pattern in the order in which they are practised: articulations, then faster values, then all the range. */
export const VARIATIONS: readonly Variation[] = [
  ...ARTICULATIONS.map((articulation): Variation => ({ id: articulation, change: { articulation } })),
  { id: 'triplets', change: { rhythm: 'triplets' } },
  { id: 'sixteenths', change: { rhythm: 'sixteenths' } },
  { id: 'range', change: { range: 'range' } },
];

/** The tempo aimed at where none was set: twelve beats over the one in hand, in the steps of a metronome. */
export function usualGoal(tempo: number): number {
  return Math.min(200, Math.ceil((tempo + 12) / 4) * 4);
}

/** Whether something that is asked for is a variation as it stands. */
export function isVariation({ change }: Variation, asked: Required<VariationOf>): boolean {
  return Object.entries(change).every(([name, value]) => asked[name as keyof VariationOf] === value);
}
