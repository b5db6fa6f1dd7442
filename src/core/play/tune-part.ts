import { pitch } from '../note/pitch';
import { type Alteration, type SpelledNote, spelled } from '../note/spelled';
import { goesOn } from '../scale/octaves';
import { hasSevenSteps, isFragment, type Scale } from '../scale/scale';
import { ladder, type PlacedWalk, withinRange } from './placed';
import type { Player } from './player';
import { type Beat, QUARTER } from './rhythm';
import type { Tune, TuneTone } from './tune';

/** Why a tune cannot be set in a scale. */
export type TuneSetProblem =
  /** The scale has no such degree, or does not go on into another octave. */
  | { readonly code: 'tune-degree'; readonly degree: number }
  /** A sign of the tune's own would be the third at its note. */
  | { readonly code: 'tune-sign'; readonly degree: number }
  | { readonly code: 'tune-range'; readonly player: string };

export type TuneSet =
  | { readonly ok: true; readonly notes: readonly PlacedWalk[] }
  | { readonly ok: false; readonly problem: TuneSetProblem };

/** How many notes of the scale above the tonic a tone lies. */
const placeOf = ({ degree, octave }: TuneTone, steps: number) => degree - 1 + octave * steps;

/**
 * The tones of a tune in a scale, in the octave of fewest ledger lines within the player's range. A tone goes down where
 * the next other one is lower, so that melodic minor has its two ways; the last goes as the one before it came.
 */
export function tuneIn({ notes }: Tune, scale: Scale, player: Player): TuneSet {
  return tonesIn(
    notes.flatMap(({ tone }) => (tone ? [tone] : [])),
    scale,
    player,
  );
}

/** The same for tones alone, without their lengths. */
export function tonesIn(tones: readonly TuneTone[], scale: Scale, player: Player): TuneSet {
  const steps = scale.ascending.length - 1;
  const numbered = hasSevenSteps(scale) || isFragment(scale);
  const last = goesOn(scale) ? steps : steps + 1;
  const beyond = tones.find(
    ({ degree, octave }) => !numbered || degree > last || (octave !== 0 && !goesOn(scale)),
  );
  if (beyond) return { ok: false, problem: { code: 'tune-degree', degree: beyond.degree } };
  const places = tones.map((tone) => placeOf(tone, steps));
  const at = ladder(scale);
  const low: PlacedWalk[] = [];
  for (const [index, tone] of tones.entries()) {
    const walk = { place: places[index] ?? 0, falling: fallsAt(places, index) };
    const found = at(walk);
    const { letter, alteration } = found.note;
    const altered = alteration + tone.alter;
    if (Math.abs(altered) > 2) return { ok: false, problem: { code: 'tune-sign', degree: tone.degree } };
    const note = spelled(letter, altered as Alteration);
    low.push({ ...walk, pitch: pitch(note, found.octave) });
  }
  const placed = withinRange(low, player);
  return placed
    ? { ok: true, notes: placed }
    : { ok: false, problem: { code: 'tune-range', player: player.id } };
}

/** Whether a note of a row leads down: to the next other one, or, after the last change, from the one before. */
function fallsAt(places: readonly number[], at: number): boolean {
  const here = places[at] ?? 0;
  const next = places.slice(at + 1).find((place) => place !== here);
  if (next !== undefined) return next < here;
  const before = places.slice(0, at).findLast((place) => place !== here);
  return before !== undefined && before > here;
}

/** A note of a line as its scale has it: where it lies in the walk, and its pitch. */
type Standing = Pick<PlacedWalk, 'place' | 'pitch'>;

/**
 * Pitches as tones of a scale, the other way round from setting a tune: each against the degree that leads where it leads.
 * Null where one lies more than a half step off its degree.
 *
 * @param home the octave of places, from 0, that is the home one
 */
export function tonesOf(line: readonly Standing[], scale: Scale, home: number): readonly TuneTone[] | null {
  const steps = scale.ascending.length - 1;
  const places = line.map(({ place }) => place);
  const falling = scale.descending.toReversed();
  const tones = line.flatMap(({ place, pitch: { note } }, at): readonly TuneTone[] => {
    const octave = Math.floor(place / steps);
    const degree = place - octave * steps + 1;
    const row = fallsAt(places, at) ? falling : scale.ascending;
    const alter = note.alteration - (row[degree - 1] as SpelledNote).alteration;
    if (Math.abs(alter) > 1) return [];
    return [{ degree, octave: octave - home, alter: alter as TuneTone['alter'] }];
  });
  return tones.length === line.length ? tones : null;
}

/** A tune in its bars. An upbeat stands at the end of a bar that has nothing else. */
export function tuneBars({ meter, upbeat, notes }: Tune): readonly (readonly Beat[])[] {
  const whole = meter * QUARTER;
  let start = (whole - upbeat) % whole;
  let sounding = 0;
  const beats = notes.map(({ tone, length }): Beat => {
    const beat = { note: tone ? sounding : null, start, length };
    start += length;
    if (tone) sounding += 1;
    return beat;
  });
  const bars = Math.ceil(start / whole);
  return Array.from({ length: bars }, (_, bar) =>
    beats.filter((beat) => Math.floor(beat.start / whole) === bar),
  );
}
