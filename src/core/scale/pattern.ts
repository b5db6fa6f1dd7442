import type { Mode } from './mode';

/** The scales that have a name here, by the id that addresses, files and the API use. */
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

export type ScaleId = (typeof SCALE_IDS)[number];

/** Other ids that are read for the same scale. */
export const SCALE_ALIASES: Readonly<Record<string, ScaleId>> = { ionian: 'major', aeolian: 'natural-minor' };

export type ScalePattern = {
  readonly id: ScaleId;
  /** Steps in semitones, rising from the tonic. */
  readonly rising: readonly number[];
  /** The same for the notes of the descent, still counted upwards; melodic minor alone comes down otherwise. */
  readonly falling: readonly number[];
  /** Whose signature it takes: the minor forms use natural minor's. */
  readonly mode: Mode;
  /** Degrees raised above that signature, rising. */
  readonly raised: readonly number[];
};

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
};

/** The named scale an id or alias stands for, or null. */
export function scaleIdFrom(read: string): ScaleId | null {
  return SCALE_IDS.find((id) => id === read) ?? SCALE_ALIASES[read] ?? null;
}

/** The named scale that rises and falls by these steps, or null. */
export function scaleIdOfSteps(steps: readonly number[]): ScaleId | null {
  const typed = steps.join(' ');
  return (
    SCALE_IDS.find(
      (id) => PATTERNS[id].rising.join(' ') === typed && PATTERNS[id].falling.join(' ') === typed,
    ) ?? null
  );
}

/** A named scale begun on one of its degrees; on its first it is a rising form that comes down otherwise. */
export type Rotation = { readonly id: ScaleId; readonly degree: number };

/**
 * The named scale whose rising steps are these when it is begun on one of its degrees, 1 to 7; null where there is
 * none. What has a name of its own, such as the modes of major, is not found here.
 *
 * @example rotationOf([1, 3, 1, 2, 1, 2, 2]) // { id: 'harmonic-minor', degree: 5 }
 * @example rotationOf([1, 3, 1, 2, 1, 3, 1]) // null
 */
export function rotationOf(steps: readonly number[]): Rotation | null {
  if (scaleIdOfSteps(steps)) return null;
  const typed = steps.join(' ');
  for (const id of SCALE_IDS) {
    const { rising } = PATTERNS[id];
    for (let degree = 1; degree <= rising.length; degree += 1) {
      const turned = [...rising.slice(degree - 1), ...rising.slice(0, degree - 1)];
      if (turned.join(' ') === typed) return { id, degree };
    }
  }
  return null;
}

/** Why typed steps make no seven-note scale. */
export type StepsProblem =
  | { readonly code: 'steps-count'; readonly count: number }
  | { readonly code: 'steps-size'; readonly position: number; readonly read: string }
  | { readonly code: 'steps-sum'; readonly sum: number };

/**
 * Reads a seven-step pattern from its semitones: each 1 to 4, together an octave of 12.
 *
 * @example readSteps(['2', '2', '1', '2', '2', '2', '1']).ok // true
 * @example readSteps(['2', '2', '1']).problem.code // 'steps-count'
 */
export function readSteps(
  parts: readonly string[],
):
  | { readonly ok: true; readonly steps: readonly number[] }
  | { readonly ok: false; readonly problem: StepsProblem } {
  const wrong = parts.findIndex((part) => !/^[1-4]$/u.test(part.trim()));
  if (wrong >= 0) {
    return {
      ok: false,
      problem: { code: 'steps-size', position: wrong + 1, read: (parts[wrong] ?? '').trim() },
    };
  }
  if (parts.length !== 7) return { ok: false, problem: { code: 'steps-count', count: parts.length } };
  const steps = parts.map((part) => Number(part));
  const sum = steps.reduce((total, step) => total + step, 0);
  return sum === 12 ? { ok: true, steps } : { ok: false, problem: { code: 'steps-sum', sum } };
}
