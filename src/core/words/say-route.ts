import type { Journey, Route, RouteStop } from '../harmony/route';
import type { ClassWords } from './class-words';
import { keyName, roundWord } from './say-key';
import { numberWord } from './vocabulary';

/** A route in a few words, to tell it from the others. */
export function routeTitle(w: ClassWords, route: Route): string {
  const { way, hops, seam, stops } = route;
  const last = stops.at(-1);
  if (last?.by === 'jump') return 'All at once';
  if (hops === 0) return seam ? 'By another name' : 'By the same signature';
  const round = way ? `, ${roundWord(w, way)}` : '';
  const many = `${numberWord(hops)} ${hops === 1 ? 'step' : 'steps'}`;
  const turn = stops.findIndex(({ key }) => key.mode !== stops[0]?.key.mode);
  const early = turn > 0 && turn < stops.length - 1 && hops > 1 ? `, ${keyWord(w, route)} first` : '';
  return `${many.slice(0, 1).toUpperCase()}${many.slice(1)}${round}${early}${seam ? seamWords(w, route) : ''}`;
}

/** Where names change: `, F♯ as G♭`. */
function seamWords(w: ClassWords, { stops }: Route): string {
  const at = stops.findIndex(({ by }) => by === 'respelling');
  const [one, other] = [stops[at - 1], stops[at]];
  return one && other ? `, ${w.note(one.key.tonic)} as ${w.note(other.key.tonic)}` : '';
}

function keyWord(w: ClassWords, { stops }: Route): string {
  const last = stops.at(-1);
  return last?.key.mode === 'minor' || last?.key.mode === 'major'
    ? last.key.mode
    : last
      ? keyName(w, last.key)
      : '';
}

/** What happens at a stop of a route. */
export function sayStop(w: ClassWords, { by, newNotes }: RouteStop): string {
  switch (by) {
    case 'start':
      return '';
    case 'relative':
      return 'new home note';
    case 'respelling':
      return 'other names';
    case 'neighbour':
      return newNotes.map(w.noteWithSign).join(' ');
    case 'jump':
      return newNotes.map(w.noteWithSign).join(' ');
  }
}

/** A warning about a route, or null: more than one new note at once, or the seam. */
export function routeWarning(w: ClassWords, { stops, seam }: Route): string | null {
  const jump = stops.find(({ newNotes }) => newNotes.length > 1);
  if (jump)
    return `${numberWord(jump.newNotes.length).replace(/^./u, (first) => first.toUpperCase())} new notes at once: the ear has nothing to hold on to.`;
  if (seam) {
    const at = stops.findIndex(({ by }) => by === 'respelling');
    const [one, other] = [stops[at - 1], stops[at]];
    if (one && other)
      return `At the seam ${keyName(w, one.key)} becomes ${keyName(w, other.key)}: every note gets its other name.`;
  }
  return null;
}

/** What the whole way is. */
export function sayJourney(w: ClassWords, { from, to, routes }: Journey): string {
  if (routes.length === 0) return `${keyName(w, from)} is where it begins.`;
  const hops = routes[0]?.hops ?? 0;
  if (hops === 0) return `${keyName(w, to)} needs no new note.`;
  if (hops === 1) return `${keyName(w, to)} is a neighbour: one new note.`;
  return `${numberWord(hops).replace(/^./u, (first) => first.toUpperCase())} neighbours, one new note each.`;
}
