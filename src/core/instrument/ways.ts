import { type FretSpan, LAST_FRET, STRINGS } from './fretboard';
import { CONCERT, TRANSPOSING } from './transposing';
import { tuningFrom } from './tuning';

/** What of a fretboard is looked at: a span of frets, or one string from its open sound up. */
export type FretsShown =
  | ({ readonly is: 'span' } & FretSpan)
  | { readonly is: 'string'; readonly string: number };

/** Through how many octaves a scale goes: one, two, or all that the instrument has. */
export const OCTAVES = ['one', 'two', 'range'] as const;

export type Octaves = (typeof OCTAVES)[number];

/** What a scale is played on and written for, beside its staff. */
export type Ways = {
  readonly frets: FretsShown;
  /** The code of a tuning. */
  readonly tuning: string;
  /** Whether the fretboard is seen by somebody who holds it the other way round. */
  readonly leftHanded: boolean;
  /** The id of a transposing instrument, or of concert pitch. */
  readonly instrument: string;
  /** Through how many octaves a scale goes. */
  readonly octaves: Octaves;
};

export const AS_USUAL: Ways = {
  frets: { is: 'span', from: 0, to: 4 },
  tuning: 'guitar',
  leftHanded: false,
  instrument: CONCERT,
  octaves: 'one',
};

/** The code of what is looked at: `0-4`, or `string-6`. */
export function fretsCode(frets: FretsShown): string {
  return frets.is === 'span' ? `${frets.from}-${frets.to}` : `string-${frets.string}`;
}

/** What a code looks at, or null where it is none: frets 0 to 24, the first not above the last; strings 1 to 12. */
export function fretsFrom(code: string): FretsShown | null {
  const string = /^string-(\d{1,2})$/u.exec(code.trim());
  if (string) {
    const number = Number(string[1]);
    return number >= 1 && number <= STRINGS.most ? { is: 'string', string: number } : null;
  }
  const span = /^(\d{1,2})\s*(?:-|–|to)\s*(\d{1,2})$/u.exec(code.trim());
  if (!span) return null;
  const [from, to] = [Number(span[1]), Number(span[2])];
  return from <= to && to <= LAST_FRET ? { is: 'span', from, to } : null;
}

/** The ids of all instruments, concert pitch first. */
export const INSTRUMENT_IDS: readonly string[] = [CONCERT, ...Object.keys(TRANSPOSING)];

/**
 * The ways with a string that the tuning has: a walk along one that it has not is along its lowest; and at concert pitch
 * no range of an instrument.
 */
export function fittingWays(asked: Ways): Ways {
  const ranged = asked.octaves === 'range' && asked.instrument === CONCERT;
  const ways: Ways = ranged ? { ...asked, octaves: 'one' } : asked;
  const strings = tuningFrom(ways.tuning)?.length ?? 0;
  const { frets } = ways;
  return frets.is === 'string' && frets.string > strings
    ? { ...ways, frets: { is: 'string', string: strings } }
    : ways;
}

/** Whether two ways are the same in everything. */
export function areSameWays(one: Ways, other: Ways): boolean {
  return (
    fretsCode(one.frets) === fretsCode(other.frets) &&
    one.tuning === other.tuning &&
    one.leftHanded === other.leftHanded &&
    one.instrument === other.instrument &&
    one.octaves === other.octaves
  );
}
