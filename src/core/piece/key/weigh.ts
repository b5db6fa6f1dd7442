import { type Key, signatureOfKey } from '../../harmony/key';
import { letterIndex } from '../../note/letter';
import { fifths, fifthsOf, noteAtFifths, type SpelledNote } from '../../note/spelled';
import { MODE_PLACE, type Mode } from '../../scale/mode';
import type { SoundingNote } from '../sounding';
import type { Evidence } from './evidence';
import { type Measured, MOST_POINTED } from './measured';

/** What is known of a piece's signature and source besides its notes. */
export type Setting = {
  /** The fifths that stand at the clef, in the pitch that is measured; null where none is known. */
  readonly count: number | null;
  readonly says: Mode | null;
  /** The number of a bar as it is printed. */
  readonly number: (bar: number) => number;
};

/** Places of a raised 7th and a raised 6th of minor right of the tonic on the line of fifths. */
const RAISED_SEVENTH = 5;
const RAISED_SIXTH = 3;

/** The place of the note by which a mode is told, right of its tonic, and the usual mode it is told from. */
const OWN_NOTE: Readonly<Record<Mode, readonly (readonly [place: number, instead: Mode])[]>> = {
  major: [
    [5, 'mixolydian'],
    [-1, 'lydian'],
  ],
  minor: [],
  lydian: [[6, 'major']],
  mixolydian: [[-2, 'major']],
  dorian: [[3, 'minor']],
  phrygian: [[-5, 'minor']],
  locrian: [[-6, 'minor']],
};

/** How much longer than by chance a home chord sounds; a chord of a fifth and a third counts its tonic most. */
const CHORD_WEIGHTS = [1, 0.6, 0.75] as const;
const USUAL_SHARE = 0.36;

const limited = (value: number, most: number) => Math.max(-most, Math.min(most, value));

/** What a foreign note weighs that stands for the key's own in the whole piece. */
const STANDS_FOR = 2;

/** The degree of a key that a note is, from 1, or null where it is none of the key's. */
function degreeIn(key: Key, note: SpelledNote): number | null {
  return isInKey(key, fifthsOf(note))
    ? ((letterIndex(note.letter) - letterIndex(key.tonic.letter) + 7) % 7) + 1
    : null;
}

function isInKey(key: Key, place: number): boolean {
  const low = signatureOfKey(key) - 1;
  return place >= low && place <= low + 6;
}

/** Everything that speaks for a key and against it; the sum of the weights is how it stands. */
export function weighed(key: Key, piece: Measured, setting: Setting): readonly Evidence[] {
  return [
    ...ofSignature(key, setting),
    ...ofEnds(key, piece, setting),
    ...ofHomeChord(key, piece),
    ...ofNotes(key, piece, setting),
    ...ofMinor(key, piece, setting),
    ...ofMode(key, piece, setting),
    ...ofBass(key, piece, setting),
    ...ofUse(key, setting),
  ];
}

function ofSignature(key: Key, { count, number }: Setting): readonly Evidence[] {
  if (count === null) return [];
  const wants = signatureOfKey(key);
  const far = Math.abs(wants - count);
  const weight = far === 0 ? 2 : -2 - 0.7 * far;
  return [{ code: 'signature', weight, count: fifths(count), own: far === 0, wants, bars: [number(0)] }];
}

/** What a note at an end is worth by its degree: the tonic, another note of the home chord, anything else. */
type Worth = readonly [tonic: number, chord: number, other: number];

const LAST_ALONE: Worth = [3, -0.6, -1.8];
const LAST_BASS: Worth = [3, -0.8, -2];
const LAST_ABOVE: Worth = [1, 0.3, -1];
const FIRST_ALONE: Worth = [1.5, 0.4, -0.7];
const FIRST_BASS: Worth = [1.5, 0.2, -0.5];
const FIRST_ABOVE: Worth = [0.5, 0.2, -0.4];

/** What a note at an end says of a key where nothing else is known: `bars` it stands in, if they are known. */
export function endEvidence(
  key: Key,
  code: 'last-note' | 'first-note',
  note: SpelledNote,
  bars: readonly number[],
): Evidence {
  const degree = degreeIn(key, note);
  const [tonic, chord, other] = code === 'last-note' ? LAST_ALONE : FIRST_ALONE;
  const weight = note === key.tonic ? tonic : degree === 3 || degree === 5 ? chord : other;
  return { code, weight, note, degree, bars };
}

/** What the signature says of a key, and how usual its mode is. */
export function signatureEvidence(key: Key, setting: Setting): readonly Evidence[] {
  return [...ofSignature(key, setting), ...ofUse(key, setting)];
}

function ofEnds(key: Key, piece: Measured, { number }: Setting): readonly Evidence[] {
  const at = (
    code: 'last-note' | 'last-bass' | 'first-note' | 'first-bass',
    { note, bar }: SoundingNote,
    [tonic, chord, other]: Worth,
  ): Evidence => {
    const degree = degreeIn(key, note);
    const weight = note === key.tonic ? tonic : degree === 3 || degree === 5 ? chord : other;
    return { code, weight, note, degree, bars: [number(bar)] };
  };
  const { first, last, firstBass, lastBass, oneLine, inner } = piece;
  if (oneLine)
    return [
      at('last-note', last, LAST_ALONE),
      at('first-note', first, FIRST_ALONE),
      ...ofInner(key, inner, number),
    ];
  return [
    at('last-bass', lastBass, LAST_BASS),
    at('last-note', last, LAST_ABOVE),
    at('first-bass', firstBass, FIRST_BASS),
    at('first-note', first, FIRST_ABOVE),
    ...ofInner(key, inner, number),
  ];
}

function ofInner(key: Key, inner: readonly SoundingNote[], number: Setting['number']): readonly Evidence[] {
  const home = inner.filter(({ note }) => note === key.tonic);
  if (home.length === 0) return [];
  const bars = home.slice(0, MOST_POINTED).map(({ bar }) => number(bar));
  return [{ code: 'section-ends', weight: Math.min(1.8, 0.6 * home.length), note: key.tonic, bars }];
}

function ofHomeChord(key: Key, piece: Measured): readonly Evidence[] {
  const home = fifthsOf(key.tonic);
  // The third of the home chord lies four places right of its tonic in major modes, three left in minor ones.
  const third = MODE_PLACE[key.mode] <= 1 ? 4 : -3;
  const fifth = key.mode === 'locrian' ? -6 : 1;
  const places = [home, home + third, home + fifth];
  const shares = places.map((place) => (piece.notes.get(place)?.ticks ?? 0) / piece.ticks);
  const share = shares.reduce((sum, each, at) => sum + each * (CHORD_WEIGHTS[at] ?? 0), 0);
  const certain = piece.count / (piece.count + 12);
  const weight = limited((share - USUAL_SHARE) * 14, 4) * certain;
  const notes = places.flatMap((place) => noteAtFifths(place) ?? []);
  const percent = Math.round(100 * shares.reduce((sum, each) => sum + each, 0));
  return [{ code: 'home-chord', weight, notes, percent, bars: [] }];
}

/** Which places are in a key, minor's raised 6th and 7th among them: forms of minor mix. */
function fitting(key: Key): (place: number) => boolean {
  const low = signatureOfKey(key) - 1;
  const home = fifthsOf(key.tonic);
  const minor = key.mode === 'minor';
  return (place) =>
    (place >= low && place <= low + 6) ||
    (minor && (place - home === RAISED_SEVENTH || place - home === RAISED_SIXTH));
}

/** How much of the time notes sound that a key does not have: 0 to 1. */
export function shareOutside(key: Key, { notes, ticks }: Measured): number {
  const fits = fitting(key);
  let outside = 0;
  for (const [place, own] of notes) if (!fits(place)) outside += own.ticks;
  return outside / ticks;
}

function ofNotes(key: Key, { notes, ticks }: Measured, { number }: Setting): readonly Evidence[] {
  const fits = fitting(key);
  const outside = [...notes].filter(([place]) => !fits(place));
  if (outside.length === 0) return [{ code: 'all-fit', weight: 0.5, bars: [] }];
  const share = outside.reduce((sum, [, own]) => sum + own.ticks, 0) / ticks;
  // A note that always stands for the key's own of its letter speaks louder than one that comes beside it.
  const instead = outside.filter(
    ([place]) => ![place - 7, place + 7].some((own) => fits(own) && notes.has(own)),
  ).length;
  const count = outside.reduce((sum, [, own]) => sum + own.count, 0);
  const bars = [...new Set(outside.flatMap(([, own]) => own.bars))].toSorted((a, b) => a - b);
  return [
    {
      code: 'outside',
      weight: -Math.min(8, 0.2 + 25 * share + STANDS_FOR * instead),
      notes: outside.flatMap(([place]) => noteAtFifths(place) ?? []),
      count,
      bars: bars.slice(0, MOST_POINTED).map(number),
    },
  ];
}

function ofMinor(key: Key, piece: Measured, { number }: Setting): readonly Evidence[] {
  if (key.mode !== 'minor') return [];
  const home = fifthsOf(key.tonic);
  const at = (places: number) => {
    const place = home + places;
    const own = piece.notes.get(place);
    const note = noteAtFifths(place);
    return own && note ? { note, own, bars: own.bars.map(number), place } : null;
  };
  const seventh = at(RAISED_SEVENTH);
  const sixth = at(RAISED_SIXTH);
  const plain = at(-2);
  const found: Evidence[] = [];
  if (seventh) {
    const homing = (piece.next.get(seventh.place) ?? []).filter(({ to }) => to.note === key.tonic).length;
    const weight = Math.min(3, 0.8 * homing + 0.2 * seventh.own.count);
    found.push({
      code: 'raised-seventh',
      weight,
      note: seventh.note,
      count: seventh.own.count,
      home: homing,
      bars: seventh.bars,
    });
  } else if (plain) found.push({ code: 'never-raised', weight: -0.5, note: plain.note, bars: plain.bars });
  if (sixth && seventh)
    found.push({
      code: 'raised-sixth',
      weight: 0.3,
      note: sixth.note,
      count: sixth.own.count,
      bars: sixth.bars,
    });
  return found;
}

function ofMode(key: Key, { notes }: Measured, { number }: Setting): readonly Evidence[] {
  const home = fifthsOf(key.tonic);
  const usual = key.mode === 'major';
  return OWN_NOTE[key.mode].flatMap(([place, instead]): readonly Evidence[] => {
    const note = noteAtFifths(home + place);
    const own = notes.get(home + place);
    if (!note) return [];
    if (!own) return [{ code: 'missing', weight: usual ? -0.3 : -2, note, instead, bars: [] }];
    if (usual) return [];
    const bars = own.bars.map(number);
    return [{ code: 'own-note', weight: 0.3, note, instead, count: own.count, bars }];
  });
}

function ofBass(key: Key, piece: Measured, { number }: Setting): readonly Evidence[] {
  const home = fifthsOf(key.tonic);
  const found: Evidence[] = [];
  const { tonic } = key;
  const fifth = noteAtFifths(home + 1);
  const leaps = piece.moves.filter(({ from, to }) => to.note === tonic && from.note === fifth);
  if (leaps.length > 0 && fifth) {
    const bars = leaps.slice(0, MOST_POINTED).map(({ to }) => number(to.bar));
    const weight = Math.min(2.5, 0.5 * leaps.length);
    found.push({ code: 'bass-leaps', weight, from: fifth, to: tonic, count: leaps.length, bars });
  }
  if (piece.lastBass.note !== tonic) return found;
  const byBass = leaps.find(({ to }) => to === piece.lastBass);
  const near = [...piece.next.values()]
    .flat()
    .find(({ from, to }) => to === piece.last && to.note === tonic && from.note !== tonic);
  if (byBass && !piece.oneLine) found.push(cadence(byBass.from, tonic, 'bass', number(piece.lastBass.bar)));
  else if (near) found.push(cadence(near.from, tonic, 'step', number(piece.last.bar)));
  return found;
}

const cadence = (from: SoundingNote, to: SpelledNote, by: 'bass' | 'step', bar: number): Evidence => ({
  ...{ code: 'cadence', weight: 1, from: from.note, to, by, bars: [bar] },
});

function ofUse({ mode }: Key, { says, number }: Setting): readonly Evidence[] {
  const usual = mode === 'major' || mode === 'minor';
  const found: Evidence[] = usual ? [{ code: 'usual', weight: 1.8, bars: [] }] : [];
  if (says === null) return found;
  return [
    ...found,
    { code: 'source-says', weight: says === mode ? 0.7 : -0.3, mode: says, bars: [number(0)] },
  ];
}
