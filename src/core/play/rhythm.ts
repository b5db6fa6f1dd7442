/** Ticks of a quarter: parts of it in twos, threes and fours are whole numbers of them. */
export const QUARTER = 24;

/** Ticks of a bar of four quarters, in which patterns are written. */
export const BAR = 4 * QUARTER;

/** The even notes a pattern is played in, by how many there are to a beat. */
export const RHYTHMS = ['quarters', 'eighths', 'triplets', 'sixteenths'] as const;

export type Rhythm = (typeof RHYTHMS)[number];

const TO_A_BEAT: Readonly<Record<Rhythm, number>> = { quarters: 1, eighths: 2, triplets: 3, sixteenths: 4 };

/** Ticks of one note of a rhythm. */
function ticksOf(rhythm: Rhythm): number {
  return QUARTER / TO_A_BEAT[rhythm];
}

/** What sounds or rests in a bar: `note` is its place in what is played, null for a rest. Times in ticks. */
export type Beat = { readonly note: number | null; readonly start: number; readonly length: number };

/** What a length is written as: a note value, its dots, and whether it is a part of a triplet. */
export type NoteValue = {
  readonly value: '16th' | 'eighth' | 'quarter' | 'half' | 'whole';
  readonly dots: 0 | 1;
  readonly triplet: boolean;
};

const value = (name: NoteValue['value'], dots: 0 | 1 = 0, triplet = false): NoteValue => ({
  value: name,
  dots,
  triplet,
});

const VALUES: Readonly<Record<number, NoteValue>> = {
  6: value('16th'),
  8: value('eighth', 0, true),
  12: value('eighth'),
  16: value('quarter', 0, true),
  18: value('eighth', 1),
  24: value('quarter'),
  36: value('quarter', 1),
  48: value('half'),
  72: value('half', 1),
  96: value('whole'),
};

/** What a beat is written as; throws for a length that no single note value has. */
export function noteValue({ length }: Pick<Beat, 'length'>): NoteValue {
  const found = VALUES[length];
  if (!found) throw new RangeError(`no note value lasts ${length} ticks`);
  return found;
}

/** The places of a bar's beats, by the quarter in which they lie. */
export function byQuarter(beats: readonly Beat[]): readonly (readonly number[])[] {
  const groups = new Map<number, number[]>();
  for (const [at, { start }] of beats.entries()) {
    const quarter = Math.floor(start / QUARTER);
    groups.set(quarter, [...(groups.get(quarter) ?? []), at]);
  }
  return [...groups.values()];
}

/**
 * Even notes in bars of four quarters. The last note lasts to the end of its beat, and rests fill its bar, so that every
 * bar is whole.
 *
 * @param notes how many there are, one at least
 */
export function inBars(notes: number, rhythm: Rhythm): readonly (readonly Beat[])[] {
  const each = ticksOf(rhythm);
  const beats = Array.from({ length: notes }, (_, note): Beat => {
    const start = note * each;
    const length = note === notes - 1 ? QUARTER - (start % QUARTER) : each;
    return { note, start, length };
  });
  const last = beats.at(-1);
  const end = last ? last.start + last.length : 0;
  const bars = Math.ceil(end / BAR);
  const all = [...beats, ...restsFrom(end, bars * BAR)];
  return Array.from({ length: bars }, (_, bar) => all.filter(({ start }) => Math.floor(start / BAR) === bar));
}

/** Rests to the end of a bar, from a whole beat on: a half rest only in the second half. */
function restsFrom(start: number, end: number): readonly Beat[] {
  if (start >= end) return [];
  const half = end - start >= 2 * QUARTER && start % (2 * QUARTER) === 0;
  const length = half ? 2 * QUARTER : QUARTER;
  return [{ note: null, start, length }, ...restsFrom(start + length, end)];
}
