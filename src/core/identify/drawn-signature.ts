import { signaturePlaces } from '../instrument/signature-place';
import { type Clef, staffPlace } from '../instrument/staff';
import { type Pitch, pitch } from '../note/pitch';
import { type Fifths, fifths, type SpelledNote } from '../note/spelled';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '../scale/signature';

/** The most signs that can be drawn beside each other. */
export const MOST_DRAWN = 10;

/** Why drawn signs are no key signature. `at` is the place of the sign, from 0. */
export type SignatureProblem =
  | { readonly code: 'signature-mixed'; readonly at: number; readonly sign: SpelledNote }
  | { readonly code: 'signature-natural'; readonly at: number; readonly sign: SpelledNote }
  | { readonly code: 'signature-double'; readonly at: number; readonly sign: SpelledNote }
  | { readonly code: 'signature-twice'; readonly at: number; readonly sign: SpelledNote }
  | {
      readonly code: 'signature-start';
      readonly at: 0;
      readonly sign: SpelledNote;
      readonly wanted: SpelledNote;
    }
  | {
      readonly code: 'signature-gap';
      readonly at: number;
      readonly sign: SpelledNote;
      readonly wanted: SpelledNote;
    }
  | {
      readonly code: 'signature-order';
      readonly at: number;
      readonly sign: SpelledNote;
      readonly wanted: SpelledNote;
    };

/** A sign that stands in its order, but an octave away from where the clef has it. */
export type PlaceProblem = {
  readonly code: 'signature-place';
  readonly at: number;
  readonly sign: SpelledNote;
  /** Places on the staff, counted in letters above the bottom line. */
  readonly place: number;
  readonly wanted: number;
};

export type DrawnReading<Problem = SignatureProblem> =
  | { readonly ok: true; readonly fifths: Fifths }
  | { readonly ok: false; readonly problem: Problem };

/**
 * Reads drawn signs as a key signature: not mixed, the first none to seven of their order, each once and in order
 * (docs/theory.md, Key signatures). The first thing that is wrong is the problem. No signs are a full answer.
 *
 * @example readDrawn('Bb Eb'.split(' ').map(noteNamed)).fifths // -2
 */
export function readDrawn(signs: readonly SpelledNote[]): DrawnReading {
  const problem = problemOf(signs);
  if (problem) return { ok: false, problem };
  return { ok: true, fifths: fifths(signs.length * (signs[0]?.alteration ?? 0)) };
}

/**
 * Reads signs drawn on a staff: a key signature whose signs also stand where the clef has them.
 *
 * @example readDrawnOn([pitch(noteNamed('F#'), 4)], 'treble').ok // false
 */
export function readDrawnOn(
  signs: readonly Pitch[],
  clef: Clef,
): DrawnReading<SignatureProblem | PlaceProblem> {
  const reading = readDrawn(signs.map(({ note }) => note));
  if (!reading.ok) return reading;
  const wanted = signaturePlaces(reading.fifths, clef);
  for (const [at, drawn] of signs.entries()) {
    const right = wanted[at];
    if (!right || right.octave === drawn.octave) continue;
    const places = { place: staffPlace(drawn, clef), wanted: staffPlace(right, clef) };
    return { ok: false, problem: { code: 'signature-place', at, sign: drawn.note, ...places } };
  }
  return reading;
}

/**
 * The place at which a sign is drawn first: where the clef has it in a signature, or for a sign that belongs to none
 * the place of its letter in the order of sharps.
 */
export function placeInSignature(sign: SpelledNote, clef: Clef): Pitch {
  const places = signaturePlaces(fifths(sign.alteration < 0 ? -7 : 7), clef);
  const found = places.find(({ note }) => note.letter === sign.letter);
  if (!found) throw new RangeError('every letter is in the order');
  return pitch(sign, found.octave);
}

function problemOf(signs: readonly SpelledNote[]): SignatureProblem | null {
  const kind = signs[0]?.alteration ?? 0;
  const order = kind < 0 ? ORDER_OF_FLATS : ORDER_OF_SHARPS;
  for (const [at, sign] of signs.entries()) {
    if (sign.alteration === 0) return { code: 'signature-natural', at, sign };
    if (Math.abs(sign.alteration) > 1) return { code: 'signature-double', at, sign };
    if (sign.alteration !== kind) return { code: 'signature-mixed', at, sign };
    if (signs.indexOf(sign) < at) return { code: 'signature-twice', at, sign };
    const wanted = order[at];
    if (!wanted || sign === wanted) continue;
    // All the signs may be there, only not in their places.
    const whole = order.slice(0, signs.length).every((each) => signs.includes(each));
    if (whole) return { code: 'signature-order', at, sign, wanted };
    if (at === 0) return { code: 'signature-start', at: 0, sign, wanted };
    return { code: 'signature-gap', at, sign, wanted };
  }
  return null;
}
