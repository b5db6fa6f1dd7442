import { isSameKey, type Key, keyAt, keyNotes, signatureOfKey } from '../../harmony/key';
import { fifthsOf, type SpelledNote } from '../../note/spelled';
import type { SoundingPiece } from '../sounding';

/** Bars in another key than the piece's own, and the notes by which they lie in it. */
export type Passage = {
  /** The first and the last bar, from 0. */
  readonly from: number;
  readonly to: number;
  readonly key: Key;
  /** Notes of its key that the piece's own key does not have, as they come; the first leads there. */
  readonly newNotes: readonly SpelledNote[];
  /** The bar, from 0, in which the first of them sounds. */
  readonly ledIn: number;
};

/** How likely each degree is to sound in a key, as a weight; everything else is far less so. */
const DEGREES = [20, 12, 15, 11, 19, 9, 7] as const;
/** Minor's 7th is raised as often as it is not, and its 6th now and then. */
const RAISED: readonly (readonly [place: number, weight: number])[] = [
  [5, 7],
  [3, 3],
];
const ELSEWHERE = 0.8;

/** What going to another key costs, and the fewest bars that are a passage. */
const CHANGE = 2;
/** What a bar gains by lying under the signature of its key. */
const SIGNED = 0.15;
const SHORTEST = 2; // bars
/** Quarters of a bar that count. */
const HEARD = 4;

const PRINTED = Array.from({ length: 15 }, (_, at) => at - 7);

/** What each note weighs in a key, by its place on the line of fifths. */
function profileOf(key: Key): ReadonlyMap<number, number> {
  const home = fifthsOf(key.tonic);
  const own = (keyNotes(key) ?? []).map((note, at) => [fifthsOf(note) as number, DEGREES[at] ?? 0] as const);
  const raised = key.mode === 'minor' ? RAISED.map(([place, weight]) => [home + place, weight] as const) : [];
  return new Map([...own, ...raised].map(([place, weight]) => [place, Math.log(weight / ELSEWHERE)]));
}

/** How much longer each note sounds in each bar, in quarters, by its place on the line of fifths. */
function soundingIn({ notes, bars }: SoundingPiece): readonly ReadonlyMap<number, number>[] {
  const found = bars.slice(1).map(() => new Map<number, number>());
  for (const { note, from, until, bar } of notes) {
    const own = found[bar];
    const place = fifthsOf(note);
    own?.set(place, (own.get(place) ?? 0) + (until - from));
  }
  return found.map((bar) => {
    const all = [...bar.values()].reduce((sum, each) => sum + each, 0);
    return new Map([...bar].map(([place, ticks]) => [place, (HEARD * ticks) / Math.max(1, all)]));
  });
}

/** The key of each bar that all bars together make likeliest, where a change of key has its cost. */
function keysByBar(
  bars: readonly ReadonlyMap<number, number>[],
  signatures: readonly number[],
  states: readonly Key[],
): readonly number[] {
  const profiles = states.map(profileOf);
  const wants = states.map(signatureOfKey);
  let before = states.map(() => 0);
  const from: number[][] = [];
  for (const [nth, bar] of bars.entries()) {
    const best = before.reduce((top, each, at) => (each > (before[top] ?? 0) ? at : top), 0);
    const came: number[] = [];
    before = states.map((_, at) => {
      const stay = before[at] ?? 0;
      const change = (before[best] ?? 0) - CHANGE;
      came.push(stay >= change ? at : best);
      let heard = wants[at] === signatures[nth] ? SIGNED : 0;
      for (const [place, quarters] of bar) heard += quarters * (profiles[at]?.get(place) ?? 0);
      return Math.max(stay, change) + heard;
    });
    from.push(came);
  }
  let at = before.reduce((top, each, state) => (each > (before[top] ?? 0) ? state : top), 0);
  const path: number[] = [];
  for (let bar = bars.length - 1; bar >= 0; bar -= 1) {
    path.push(at);
    at = from[bar]?.[at] ?? at;
  }
  return path.reverse();
}

/**
 * Passages in other keys than the piece's own: bars that another major or minor key explains better, at least two of them,
 * and never without a note of that key that the home key does not have.
 */
export function passagesIn(piece: SoundingPiece, home: Key): readonly Passage[] {
  const usual = PRINTED.flatMap((count) => [keyAt(count, 'major') ?? [], keyAt(count, 'minor') ?? []].flat());
  // A mode can only be the piece's own key.
  const states = [home, ...usual.filter((key) => !isHome(key, home))];
  const path = keysByBar(soundingIn(piece), piece.signatures, states);
  const found: Passage[] = [];
  for (let from = 0; from < path.length; ) {
    let to = from;
    while (path[to + 1] === path[from]) to += 1;
    const key = states[path[from] ?? 0];
    if (key && key !== home && to - from + 1 >= SHORTEST) {
      const passage = ledBy(piece, key, home, from, to);
      if (passage) found.push(passage);
    }
    from = to + 1;
  }
  return found;
}

/** A mode may be heard as the major or minor that has its signature; that is no other key. */
function isHome(key: Key, home: Key): boolean {
  if (isSameKey(key, home)) return true;
  if (home.mode === 'major' || home.mode === 'minor') return false;
  return signatureOfKey(key) === signatureOfKey(home);
}

/** The places of a key's notes on the line of fifths, minor's raised 6th and 7th among them. */
function placesIn(key: Key): ReadonlySet<number> {
  const places = (keyNotes(key) ?? []).map(fifthsOf) as readonly number[];
  const home = fifthsOf(key.tonic);
  return new Set<number>(key.mode === 'minor' ? [...places, home + 5, home + 3] : places);
}

function ledBy({ notes }: SoundingPiece, key: Key, home: Key, from: number, to: number): Passage | null {
  const there = placesIn(key);
  const usual = placesIn(home);
  const inside = notes.filter(({ bar }) => bar >= from && bar <= to);
  const fresh = inside.filter(({ note }) => there.has(fifthsOf(note)) && !usual.has(fifthsOf(note)));
  const [first] = fresh;
  if (!first || !inside.some(({ note }) => note === key.tonic)) return null;
  return { from, to, key, newNotes: [...new Set(fresh.map(({ note }) => note))], ledIn: first.bar };
}
