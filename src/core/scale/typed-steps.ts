import { known } from '../known';
import { NAMED_SCALE_IDS, PATTERNS } from './pattern';

/** Why typed steps make no scale. */
export type StepsProblem =
  | { readonly code: 'steps-size'; readonly position: number; readonly read: string }
  | { readonly code: 'steps-sum'; readonly sum: number };

export type StepsReading =
  | { readonly ok: true; readonly steps: readonly number[] }
  | { readonly ok: false; readonly problem: StepsProblem };

/** Whether steps are those of a scale that is named although it stops before the octave. */
function isNamedFragment(steps: readonly number[]): boolean {
  const typed = steps.join(' ');
  return NAMED_SCALE_IDS.some((id) => PATTERNS[id].rising.join(' ') === typed);
}

/**
 * Reads a step pattern from its semitones: each 1 to 4, together an octave of 12, or the steps of a named tetrachord
 * or pentachord.
 *
 * @example readSteps(['2', '2', '1', '2', '2', '2', '1']).ok // true
 * @example readSteps(['2', '2', '1']).ok // true
 * @example readSteps(['2', '1', '2']).problem // { code: 'steps-sum', sum: 5 }
 */
export function readSteps(parts: readonly string[]): StepsReading {
  const wrong = parts.findIndex((part) => !/^[1-4]$/u.test(part.trim()));
  if (wrong >= 0 || parts.length === 0) {
    const position = Math.max(0, wrong) + 1;
    return {
      ok: false,
      problem: { code: 'steps-size', position, read: (parts[wrong] ?? '').trim().slice(0, 60) },
    };
  }
  const steps = parts.map(Number);
  const sum = steps.reduce((total, step) => total + step, 0);
  if (sum !== 12 && !isNamedFragment(steps)) return { ok: false, problem: { code: 'steps-sum', sum } };
  return { ok: true, steps };
}

/** Step words of any school, in semitones: whole and half, tone and semitone, Ganzton and Halbton. */
const STEP_NAMES: Readonly<Record<string, number>> = {
  w: 2,
  whole: 2,
  t: 2,
  tone: 2,
  g: 2,
  ganzton: 2,
  h: 1,
  half: 1,
  s: 1,
  semitone: 1,
  halbton: 1,
  a: 3,
  ws: 2,
  gt: 2,
  hs: 1,
  ht: 1,
  augmented: 3,
};

/** What figures count: semitones, or tones where a class says 1 and ½. */
export type StepFigures = 'semitones' | 'tones';

const TONES: Readonly<Record<string, number>> = { '½': 1, '1': 2, '1½': 3, '2': 4 };

/** One step in semitones, `W+H` being both together; null where it is no step. */
function stepOf(token: string, figures: StepFigures): number | null {
  const parts = token.split('+').map((part) => {
    const tones = figures === 'tones' ? known(TONES, part) : undefined;
    if (tones !== undefined) return tones;
    if (figures === 'semitones' && /^[1-9]$/u.test(part)) return Number(part);
    return known(STEP_NAMES, part) ?? null;
  });
  return parts.reduce<number | null>((sum, part) => (sum === null || part === null ? null : sum + part), 0);
}

/** Tokens of a typed pattern; letters and figures that stand together are taken apart, `WWH` and `221`. */
function tokensOf(typed: string): readonly string[] {
  const tokens = typed
    .toLowerCase()
    .replace(/\s*\+\s*/gu, '+')
    .split(/[\s,;|·‐-–-]+/u)
    .filter((token) => token !== '');
  return tokens.flatMap((token) => {
    // Where H and G are notes, steps have two letters.
    if (/^(?:[wh]s|[gh]t)+$/u.test(token)) return token.match(/../gu) ?? [];
    return /^(?:[wthgsa1-4]{2,})$/u.test(token) ? [...token] : [token];
  });
}

/** Any row of steps as it is typed, whatever it adds up to; or what could not be read. */
export function readStepRow(
  typed: string,
  figures: StepFigures,
): { readonly ok: true; readonly steps: readonly number[] } | { readonly ok: false; readonly read: string } {
  const steps: number[] = [];
  for (const token of tokensOf(typed)) {
    const step = stepOf(token, figures);
    if (step === null) return { ok: false, read: token };
    steps.push(step);
  }
  return { ok: true, steps };
}

/** Longer texts are no step pattern. */
const LIMIT = 120;

/**
 * Reads a step pattern as a teacher types it: `W W H W W W H`, `TTSTTTS`, `2 2 1 2 2 2 1`, `A` for three semitones.
 * Null where it does not look like steps at all; where it does but makes no scale, the reason.
 *
 * @param figures what figures count in the class: semitones, or tones where it says 1 and ½
 * @example readTypedSteps('H A H W H A H', 'semitones').steps // [1, 3, 1, 2, 1, 3, 1]
 * @example readTypedSteps('1 1 ½ 1 1 1 ½', 'tones').steps // [2, 2, 1, 2, 2, 2, 1]
 * @example readTypedSteps('harmonic minor', 'semitones') // null
 */
export function readTypedSteps(typed: string, figures: StepFigures): StepsReading | null {
  if (typed.length > LIMIT) return null;
  const tokens = tokensOf(typed);
  const sizes = tokens.map((token) => stepOf(token, figures));
  if (tokens.length < 2 || sizes[0] === null || sizes[1] === null) return null;
  return readSteps(sizes.map((size, index) => (size === null ? (tokens[index] as string) : String(size))));
}
