import { STRINGS, TUNING_IDS } from '@/core/instrument/fretboard';
import { CONCERT } from '@/core/instrument/transposing';
import { tuningCodeFrom } from '@/core/instrument/tuning';
import {
  AS_USUAL,
  fittingWays,
  fretsCode,
  fretsFrom,
  INSTRUMENT_IDS,
  OCTAVES,
  type Ways,
} from '@/core/instrument/ways';
import { SURFACES, USUAL_SURFACES } from '@/ui/surfaces/all';
import type { SurfacePlace } from '@/ui/surfaces/surface';
import type { QueryReader } from '../query-reader';
import type { DeriveSentence } from './derive-sentence';

/** The parameters that say what a derivation is shown on, played on and written for. */
export const SHOWN_PARAMETERS = ['on', 'frets', 'tuning', 'left', 'instrument', 'octaves'] as const;

/** The most surfaces that stand on one screen. */
export const MOST_SURFACES = 3;

/** The surfaces an address asks for, the large one first; null where it asks for none. */
export function readOn(reader: QueryReader): readonly string[] | null {
  const read = reader.get('on');
  if (read === null) return null;
  const codes = read.split(/[,\s]+/u).filter(Boolean);
  const stands = (code: string, place: SurfacePlace) =>
    SURFACES.some((each) => each.code === code && each.places.includes(place));
  const first = codes.findIndex((code) => stands(code, 'first'));
  const known = codes.filter((code, at) => at === first || (at > first && stands(code, 'below')));
  const fitting = first < 0 ? [] : [...new Set(known)].slice(0, MOST_SURFACES);
  if (fitting.length !== codes.length)
    reader.notAllowed(
      'on',
      SURFACES.map(({ code }) => code),
      fitting.join(', ') || 'the surfaces of the class',
    );
  return fitting.length > 0 ? fitting : null;
}

/** What it is played on and written for; what cannot be read is named and as usual. */
export function readWays(reader: QueryReader): Ways {
  const frets = reader.get('frets');
  const tuning = reader.get('tuning');
  const [shown, strings] = [
    frets === null ? null : fretsFrom(frets),
    tuning === null ? null : tuningCodeFrom(tuning),
  ];
  const usual = fretsCode(AS_USUAL.frets);
  if (frets !== null && !shown)
    reader.notAllowed('frets', ['0-4', 'any two frets up to 24', 'string-1 to string-12'], usual);
  if (tuning !== null && !strings)
    reader.notAllowed(
      'tuning',
      [...TUNING_IDS, `${STRINGS.fewest} to ${STRINGS.most} strings from the lowest, such as E2,A2,D3`],
      AS_USUAL.tuning,
    );
  const ways: Ways = {
    frets: shown ?? AS_USUAL.frets,
    tuning: strings ?? AS_USUAL.tuning,
    leftHanded: reader.choice('left', ['yes', 'no'], 'no') === 'yes',
    instrument: reader.choice('instrument', INSTRUMENT_IDS, AS_USUAL.instrument),
    octaves: reader.choice('octaves', OCTAVES, AS_USUAL.octaves),
  };
  return fittingWays(ways);
}

/** What an address says of them; nothing of what is as usual. */
export function writeShown(query: URLSearchParams, on: readonly string[] | null, ways: Ways): void {
  if (on) query.set('on', on.join(','));
  const codes = {
    frets: fretsCode(ways.frets),
    tuning: ways.tuning,
    left: ways.leftHanded ? 'yes' : 'no',
    instrument: ways.instrument,
    octaves: ways.octaves,
  };
  const usual = {
    frets: fretsCode(AS_USUAL.frets),
    tuning: AS_USUAL.tuning,
    left: 'no',
    instrument: AS_USUAL.instrument,
    octaves: AS_USUAL.octaves,
  };
  for (const [name, code] of Object.entries(codes))
    if (code !== usual[name as keyof typeof usual]) query.set(name, code);
}

/**
 * The surfaces that a sentence is shown on, the large one first: those it names, or those of the class; where it names an
 * instrument and no surface, the part takes the place of what stands below.
 */
export function surfacesShown(
  { on, ways }: Pick<DeriveSentence, 'on' | 'ways'>,
  usual: readonly string[] = USUAL_SURFACES,
): readonly string[] {
  return on ?? (ways.instrument === CONCERT ? usual : [...usual.slice(0, 1), 'parts']);
}

/** Whether two lists of surfaces are the same in the same order. */
export function sameSurfaces(one: readonly string[], other: readonly string[]): boolean {
  return one.join() === other.join();
}

/** The surfaces with another large one; what stood below stays below. */
export function withFirst(codes: readonly string[], first: string): readonly string[] {
  return [first, ...codes.slice(1).filter((code) => code !== first)].slice(0, MOST_SURFACES);
}

/** The sentence on these surfaces; nothing is said of them where they are as usual. */
export function shownOn(
  sentence: DeriveSentence,
  codes: readonly string[],
  usual: readonly string[],
): DeriveSentence {
  const shown = surfacesShown({ on: null, ways: sentence.ways }, usual);
  return { ...sentence, on: sameSurfaces(codes, shown) ? null : codes };
}
