import { CHORD_QUALITIES } from '../harmony/chord';
import { spellChord } from '../harmony/chord-spelling';
import { buildCircle, CIRCLE_SIZES, countedFifth, readOff } from '../harmony/circle';
import { chordsOfKey } from '../harmony/family';
import { carryLine } from '../harmony/fifth-line';
import { judgePlace } from '../harmony/fill-circle';
import type { Key } from '../harmony/key';
import { neighbourOf } from '../harmony/neighbour';
import { journeyOf } from '../harmony/route';
import { noteNamed } from '../note/parse';
import { fifthsOf } from '../note/spelled';
import type { ClassWords } from './class-words';
import { chordName, chordSymbol, sayChordProblem, sayChordStep, sayFamily } from './say-chord';
import { sayCircleStep, sayFilled } from './say-circle';
import { sayCarried, sayFifth, sayInverted, sayThreeWays } from './say-fifth';
import { sayCounted, sayJar, sayNearness, sayNeighbour, sayReadOff } from './say-key';
import type { SaidStep } from './say-method';
import { routeTitle, routeWarning, sayJourney, sayStop } from './say-route';
import { orbitWords } from './screen/orbit';

const key = (tonic: string, mode: Key['mode'] = 'major'): Key => ({ tonic: noteNamed(tonic), mode });
const said = (lines: readonly (string | null)[]): readonly SaidStep[] =>
  lines.flatMap((text) => (text ? [{ text, reason: null }] : []));

const JOURNEYS: readonly (readonly [Key, Key])[] = [
  [key('E'), key('F')],
  [key('B'), key('Db')],
  [key('C'), key('C', 'minor')],
  [key('C'), key('A', 'minor')],
  [key('C#'), key('Db')],
  [key('D'), key('G')],
  [key('C'), key('C')],
];

function journeyLines(w: ClassWords, from: Key, to: Key): readonly SaidStep[] {
  const journey = journeyOf(from, to);
  const { routes, roundabout, jump } = journey;
  const ways = [...routes, ...(roundabout ? [roundabout] : []), ...(jump ? [jump] : [])];
  return said([
    sayJourney(w, journey),
    ...sayNearness(w, from, to),
    sayJar(from, to),
    ...ways.flatMap((way) => [
      routeTitle(w, way),
      routeWarning(w, way),
      ...way.stops.map((stop) => sayStop(w, stop)),
    ]),
  ]);
}

/** Everything the circle says, as a class says it. */
export const ORBIT_SAYINGS: readonly ((w: ClassWords) => readonly SaidStep[])[] = [
  ...CIRCLE_SIZES.map(
    (size) => (w: ClassWords) => buildCircle(size).map(({ fact }) => sayCircleStep(w, fact)),
  ),
  ...CHORD_QUALITIES.flatMap((quality) =>
    ['Gb', 'F#', 'C', 'G##'].map((root) => (w: ClassWords) => {
      const spelling = spellChord(noteNamed(root), quality);
      if (!spelling.ok) return said([sayChordProblem(w, spelling.problem)]);
      const { chord, steps } = spelling;
      return [
        ...steps.map(({ fact }) => sayChordStep(w, fact)),
        ...said([chordName(w, chord), chordSymbol(w, chord)]),
      ];
    }),
  ),
  ...JOURNEYS.map(
    ([from, to]) =>
      (w: ClassWords) =>
        journeyLines(w, from, to),
  ),
  ...['Eb', 'C', 'A', 'Cb', 'C#'].map((tonic) => (w: ClassWords) => {
    const around = ([1, -1] as const).flatMap((way) => neighbourOf(key(tonic), way) ?? []);
    return said([
      sayCounted(w, key(tonic)),
      sayReadOff(w, readOff(fifthsOf(noteNamed(tonic)))),
      ...around.map((each) => sayNeighbour(w, each)),
    ]);
  }),
  (w) =>
    said(
      [
        ['F', 6],
        ['Gb', 6],
        ['Bb', 2],
        ['E', 3],
        ['B', 2],
        ['Eb', 1],
        ['C', 0],
      ].map(([written, count]) =>
        sayFilled(w, judgePlace(noteNamed(String(written)), Number(count), 'major', 'fifteen')),
      ),
    ),
  ...['B', 'F', 'C', 'F#'].map((from) => (w: ClassWords) => {
    const fifths = ([1, -1] as const).flatMap((way) => countedFifth(noteNamed(from), way) ?? []);
    return said(
      fifths.flatMap((fifth) => [sayFifth(w, fifth), ...sayThreeWays(w, fifth), sayInverted(w, fifth)]),
    );
  }),
  (w) => said(carryLine('C B F#'.split(' ').map(noteNamed), key('C')).map((each) => sayCarried(w, each))),
  (w) => {
    const { about, notes } = orbitWords(w);
    return said([
      about.relative,
      about.parallel,
      sayFamily(w, chordsOfKey(key('F', 'minor'), 'triads', w.settings)),
      notes.perfect,
    ]);
  },
];
