import { readTune, type Tune, type TuneReading } from './tune';

/** Tunes that are there from the beginning, made up for this school. */
const SHIPPED = {
  'harbour-lamp':
    "The Harbour Lamp: 4/4 1 2 3 5 | 6 5 3 - | 4 3 2 3/ 4/ | 5 -- 0 | 1' 7 6 5 | 6 4 2 - | 5 4/ 3/ 2 7, | 1 -- 0 ; " +
    'Light the lamp be-side the pier, see the wa-ter lie clear. All the boats are com-ing home, row-ing through the white foam.',
  'gulls-and-ropes':
    'Gulls and Ropes: 3/4 5, | 1 - 2 | 3 - 5 | 4 3 2 | 3 - 5, | 1 - 2 | 3 - 5 | 4 2 7, | 1 - ; ' +
    'The gulls in the wind call a-long shore, and ropes on the quay creak by the door.',
} as const;

export type TuneId = keyof typeof SHIPPED;

/** The tunes that ship, in the order in which they are offered. */
export const TUNE_IDS = Object.keys(SHIPPED) as readonly TuneId[];

/** A tune as it stands in an address: the id of one that ships, or its own text. */
export type TuneCode = string;

/** Whether a code is that of a tune that ships. */
export function isShipped(code: TuneCode): code is TuneId {
  return TUNE_IDS.some((each) => each === code);
}

/** The text of a tune, in degrees. */
export function tuneText(code: TuneCode): string {
  return isShipped(code) ? SHIPPED[code] : code;
}

/** The tune of a code. */
export function tuneOf(code: TuneCode): TuneReading {
  return readTune(tuneText(code));
}

/** A tune that ships; throws for what is none. */
export function shippedTune(id: TuneId): Tune {
  const reading = tuneOf(id);
  if (!reading.ok) throw new RangeError(`${id} is no tune: ${reading.problem.code}`);
  return reading.tune;
}
