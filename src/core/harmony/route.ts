import type { Fifths, SpelledNote } from '../note/spelled';
import { isPrintable, practicalSignature } from '../scale/signature';
import type { Chord } from './chord';
import { isSameKey, type Key, keyAt, keyNotes, signatureOfKey } from './key';
import { newNoteAt, type Way } from './neighbour';
import { pivotChords } from './pivot';
import { distanceOf } from './shared';

/** A key on a route, and how it is reached from the one before. */
export type RouteStop = {
  readonly key: Key;
  /** `start` has nothing before it; `relative` changes only the home note, `respelling` only the names. */
  readonly by: 'start' | 'neighbour' | 'relative' | 'respelling' | 'jump';
  /** Notes that are new to the ear and the page; empty at a respelling, where nothing new sounds. */
  readonly newNotes: readonly SpelledNote[];
  /** Triads spelled the same in both keys. */
  readonly pivots: readonly Chord[];
};

export type Route = {
  readonly stops: readonly RouteStop[];
  /** Round the circle one way or the other; null where it stays in its place or jumps. */
  readonly way: Way | null;
  /** Neighbours walked; a respelling or a change to the relative is none. */
  readonly hops: number;
  /** Whether it passes the seam where sharps and flats meet. */
  readonly seam: boolean;
  /** Whether it is as short as can be, one new note at a time. */
  readonly shortest: boolean;
};

/** Everything about going from one key to another. */
export type Journey = {
  readonly from: Key;
  readonly to: Key;
  /** As short as can be, one new note at a time; best first, at most four. */
  readonly routes: readonly Route[];
  /** The other way round, where it is longer. */
  readonly roundabout: Route | null;
  /** All at once, where that is more than one new note. */
  readonly jump: Route | null;
};

/** The most routes that are offered. */
const MOST_ROUTES = 4;

type Move = { readonly signature: number; readonly by: 'neighbour' | 'respelling' };

/** Signatures passed one way round, with a respelling at a place of the walk; null where it passes one not printed. */
function walk(
  start: number,
  end: number,
  way: Way,
  hops: number,
  seamAt: number | null,
): readonly Move[] | null {
  const moves: Move[] = [];
  let signature = start;
  const respell = () => {
    signature += end - (start + way * hops);
    moves.push({ signature, by: 'respelling' });
  };
  if (seamAt === 0) respell();
  for (let hop = 1; hop <= hops; hop += 1) {
    signature += way;
    moves.push({ signature, by: 'neighbour' });
    if (hop === seamAt) respell();
  }
  // The ends may be theoretical keys; what lies between is one that can be printed.
  const between = moves.slice(0, -1);
  return between.every((move) => isPrintable(move.signature as Fifths)) ? moves : null;
}

/**
 * Every walk one way round: one, or one for each place where the respelling can stand. To or from a theoretical key it
 * may have to go under the practical name, respelled at that end.
 */
function walks(start: number, end: number, way: Way, hops: number): readonly (readonly Move[])[] {
  const off = end - (start + way * hops);
  const seams = off === 0 ? [null] : Array.from({ length: hops + 1 }, (_, place) => place);
  const found = seams.flatMap((place) => {
    const moves = walk(start, end, way, hops, place);
    return moves ? [moves] : [];
  });
  if (found.length > 0) return found;
  const [from, to] = [practicalSignature(start), practicalSignature(end)];
  if (to !== end) {
    const last: Move = { signature: end, by: 'respelling' };
    return walks(start, to, way, hops).map((moves) => [...moves, last]);
  }
  if (from === start) return [];
  const first: Move = { signature: from, by: 'respelling' };
  return walks(from, end, way, hops).map((moves) => [first, ...moves]);
}

/** The most signs any key of a walk has, for ranking: fewer are easier to read. */
function mostSigns(moves: readonly Move[]): number {
  return Math.max(0, ...moves.map(({ signature }) => Math.abs(signature)));
}

function stopOf(before: Key, key: Key, by: RouteStop['by'], newNotes: readonly SpelledNote[]): RouteStop {
  return { key, by, newNotes, pivots: by === 'respelling' ? [] : pivotChords(before, key) };
}

/**
 * A walk as keys. Where the mode changes, it does so at one of the hops, or by the relative where there is none.
 *
 * @param turn the hop, from 1, at which the mode becomes that of the end
 */
function routeOf(from: Key, to: Key, way: Way, moves: readonly Move[], turn: number): Route | null {
  const stops: RouteStop[] = [{ key: from, by: 'start', newNotes: [], pivots: [] }];
  let before = from;
  let hops = 0;
  for (const { signature, by } of moves) {
    if (by === 'neighbour') hops += 1;
    const mode = from.mode === to.mode || hops >= turn ? to.mode : from.mode;
    const key = keyAt(signature, mode);
    const newNote = by === 'neighbour' ? newNoteAt(signature, way) : null;
    if (!key) return null;
    stops.push(stopOf(before, key, by, newNote ? [newNote] : []));
    before = key;
  }
  if (!isSameKey(before, to)) stops.push(stopOf(before, to, 'relative', []));
  const seam = moves.some(({ by }) => by === 'respelling');
  return { stops, way: hops === 0 ? null : way, hops, seam, shortest: true };
}

/** The routes one way round, best first: fewest signs on the way, the mode changed last. */
function routesRound(from: Key, to: Key, way: Way, hops: number): readonly Route[] {
  const [start, end] = [signatureOfKey(from), signatureOfKey(to)];
  const found = walks(start, end, way, hops).toSorted((a, b) => mostSigns(a) - mostSigns(b));
  // Where nothing is walked, the home note changes at the end.
  const last = hops === 0 ? 1 : hops;
  const turns = from.mode === to.mode || last === 1 ? [last] : [last, 1];
  return turns.flatMap((turn) => found.flatMap((moves) => routeOf(from, to, way, moves, turn) ?? []));
}

/** All notes at once: every note of the end that the start does not have. */
function jumpOf(from: Key, to: Key): Route {
  const [one, other] = [keyNotes(from) ?? [], keyNotes(to) ?? []];
  const newNotes = other.filter((note) => !one.includes(note));
  const stops: readonly RouteStop[] = [
    { key: from, by: 'start', newNotes: [], pivots: [] },
    stopOf(from, to, 'jump', newNotes),
  ];
  return { stops, way: null, hops: 1, seam: false, shortest: false };
}

/**
 * Plans the way from one key to another: neighbours one at a time, one new note each; at the enharmonic seam a
 * respelling instead; both ways round where they tie; besides, the longer way round and the jump (docs/theory.md,
 * Chords, nearness, routes).
 */
export function journeyOf(from: Key, to: Key): Journey {
  const { clockwise, anticlockwise } = distanceOf(from, to);
  if (isSameKey(from, to)) return { from, to, routes: [], roundabout: null, jump: null };
  const round = (way: Way) => routesRound(from, to, way, way > 0 ? clockwise : anticlockwise);
  const shorter: Way = clockwise <= anticlockwise ? 1 : -1;
  const tie = clockwise === anticlockwise;
  const other: Way = shorter === 1 ? -1 : 1;
  const [first, second] = [round(shorter), tie && clockwise > 0 ? round(other) : []];
  const routes = first.flatMap((route, at) => [route, ...(second[at] ? [second[at]] : [])]);
  const jump = jumpOf(from, to);
  const [roundabout] = tie ? [] : round(other);
  return {
    from,
    to,
    routes: routes.slice(0, MOST_ROUTES),
    roundabout: roundabout ? { ...roundabout, shortest: false } : null,
    jump: (jump.stops[1]?.newNotes.length ?? 0) > 1 && (first[0]?.hops ?? 0) > 1 ? jump : null,
  };
}
