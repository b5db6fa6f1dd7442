import { known } from '../known';
import type { Mode } from './mode';

/** The seven-note scales, by the id that addresses, files and the API use. */
export const SCALE_IDS = [
  'major',
  'natural-minor',
  'harmonic-minor',
  'melodic-minor',
  'dorian',
  'phrygian',
  'lydian',
  'mixolydian',
  'locrian',
] as const;

/** The beginning of a scale by itself, and the scale of all twelve half steps. */
const OTHER_SCALE_IDS = ['major-tetrachord', 'major-pentachord', 'minor-pentachord', 'chromatic'] as const;

/** Every scale that has a name here. */
export const NAMED_SCALE_IDS = [...SCALE_IDS, ...OTHER_SCALE_IDS] as const;

export type ScaleId = (typeof NAMED_SCALE_IDS)[number];

/** Other ids that are read for the same scale. */
export const SCALE_ALIASES: Readonly<Record<string, ScaleId>> = { ionian: 'major', aeolian: 'natural-minor' };

export type ScalePattern = {
  readonly id: ScaleId;
  /** Steps in semitones, rising from the tonic. */
  readonly rising: readonly number[];
  /** The same for the notes of the descent, still counted upwards; melodic minor alone has other steps. */
  readonly falling: readonly number[];
  /** Whose signature it takes: the minor forms use natural minor's, the first notes of a scale and chromatic their key's. */
  readonly mode: Mode;
  /** Degrees raised above that signature, rising. */
  readonly raised: readonly number[];
};

function keyPattern(id: ScaleId, mode: 'major' | 'minor', steps: readonly number[]): ScalePattern {
  return { id, rising: steps, falling: steps, mode, raised: [] };
}

/** A mode: seven notes of a major scale, begun on another of its degrees. */
function modePattern(id: ScaleId & Mode, steps: readonly number[]): ScalePattern {
  return { id, rising: steps, falling: steps, mode: id, raised: [] };
}

export const PATTERNS: Readonly<Record<ScaleId, ScalePattern>> = {
  major: {
    id: 'major',
    rising: [2, 2, 1, 2, 2, 2, 1],
    falling: [2, 2, 1, 2, 2, 2, 1],
    mode: 'major',
    raised: [],
  },
  'natural-minor': {
    id: 'natural-minor',
    rising: [2, 1, 2, 2, 1, 2, 2],
    falling: [2, 1, 2, 2, 1, 2, 2],
    mode: 'minor',
    raised: [],
  },
  'harmonic-minor': {
    id: 'harmonic-minor',
    rising: [2, 1, 2, 2, 1, 3, 1],
    falling: [2, 1, 2, 2, 1, 3, 1],
    mode: 'minor',
    raised: [7],
  },
  'melodic-minor': {
    id: 'melodic-minor',
    rising: [2, 1, 2, 2, 2, 2, 1],
    falling: [2, 1, 2, 2, 1, 2, 2],
    mode: 'minor',
    raised: [6, 7],
  },
  dorian: modePattern('dorian', [2, 1, 2, 2, 2, 1, 2]),
  phrygian: modePattern('phrygian', [1, 2, 2, 2, 1, 2, 2]),
  lydian: modePattern('lydian', [2, 2, 2, 1, 2, 2, 1]),
  mixolydian: modePattern('mixolydian', [2, 2, 1, 2, 2, 1, 2]),
  locrian: modePattern('locrian', [1, 2, 2, 1, 2, 2, 2]),
  'major-tetrachord': keyPattern('major-tetrachord', 'major', [2, 2, 1]),
  'major-pentachord': keyPattern('major-pentachord', 'major', [2, 2, 1, 2]),
  'minor-pentachord': keyPattern('minor-pentachord', 'minor', [2, 1, 2, 2]),
  chromatic: keyPattern('chromatic', 'major', [1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1]),
};

/** The scale whose first notes a tetrachord or a pentachord is; null for what is whole already. */
export const WHOLE_OF: Partial<Readonly<Record<ScaleId, ScaleId>>> = {
  'major-tetrachord': 'major',
  'major-pentachord': 'major',
  'minor-pentachord': 'natural-minor',
};

/** The named scale an id or alias stands for, or null. */
export function scaleIdFrom(read: string): ScaleId | null {
  return NAMED_SCALE_IDS.find((id) => id === read) ?? known(SCALE_ALIASES, read) ?? null;
}

/** The named scale that rises and falls by these steps, or null. */
export function scaleIdOfSteps(steps: readonly number[]): ScaleId | null {
  const typed = steps.join(' ');
  return (
    NAMED_SCALE_IDS.find(
      (id) => PATTERNS[id].rising.join(' ') === typed && PATTERNS[id].falling.join(' ') === typed,
    ) ?? null
  );
}

/** The scale by which a mode is called; minor's is natural minor. */
export function scaleOfMode(mode: Mode): ScaleId {
  return mode === 'minor' ? 'natural-minor' : mode;
}
