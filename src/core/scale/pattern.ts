import { known } from '../known';
import type { Mode } from './mode';
import { OTHER_NUMBERS, type ScaleRow, SEVEN_NOTES } from './scales';

type Ids<Rows> = readonly (keyof Rows)[];

/** The seven-note scales, by the id that addresses, files and the API use. */
export const SCALE_IDS = Object.keys(SEVEN_NOTES) as Ids<typeof SEVEN_NOTES>;

export type ScaleId = keyof typeof SEVEN_NOTES | keyof typeof OTHER_NUMBERS;

/** Every scale with what it is and is called. */
export const SCALE_ROWS: Readonly<Record<ScaleId, ScaleRow>> = { ...SEVEN_NOTES, ...OTHER_NUMBERS };

/** Every scale that has a name here. */
export const NAMED_SCALE_IDS = Object.keys(SCALE_ROWS) as readonly ScaleId[];

/** What is true of some scales, by their ids. */
export function ofScales<Value>(
  read: (row: ScaleRow, id: ScaleId) => Value | undefined,
): Partial<Readonly<Record<ScaleId, Value>>> {
  const found = NAMED_SCALE_IDS.flatMap((id): readonly (readonly [ScaleId, Value])[] => {
    const value = read(SCALE_ROWS[id], id);
    return value === undefined ? [] : [[id, value]];
  });
  return Object.fromEntries(found) as Partial<Record<ScaleId, Value>>;
}

/** What is true of every scale, by its id. */
export function ofEachScale<Value>(
  read: (row: ScaleRow, id: ScaleId) => Value,
): Readonly<Record<ScaleId, Value>> {
  return Object.fromEntries(NAMED_SCALE_IDS.map((id) => [id, read(SCALE_ROWS[id], id)])) as Record<
    ScaleId,
    Value
  >;
}

/** Other ids that are read for the same scale. */
export const SCALE_ALIASES: Readonly<Record<string, ScaleId>> = Object.fromEntries(
  NAMED_SCALE_IDS.flatMap((id) => {
    const { other } = SCALE_ROWS[id];
    return other === undefined ? [] : [[other, id]];
  }),
);

export type ScalePattern = {
  readonly id: ScaleId;
  /** Steps in semitones, rising from the tonic. */
  readonly rising: readonly number[];
  /** The same for the notes of the descent, still counted upwards; melodic minor alone has other steps. */
  readonly falling: readonly number[];
  /** Whose signature it takes. */
  readonly mode: Mode;
  /** Degrees raised above that signature, rising. */
  readonly raised: readonly number[];
};

export const PATTERNS: Readonly<Record<ScaleId, ScalePattern>> = ofEachScale(
  ({ rising, falling = rising, mode, raised = [] }, id) => ({ id, rising, falling, mode, raised }),
);

/** The scale whose first notes a tetrachord or a pentachord is; nothing for what is whole already. */
export const WHOLE_OF: Partial<Readonly<Record<ScaleId, ScaleId>>> = ofScales(({ beginning }) =>
  NAMED_SCALE_IDS.find((id) => id === beginning),
);

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
