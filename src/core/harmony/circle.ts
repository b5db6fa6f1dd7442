import { type Letter, letterAfter } from '../note/letter';
import { fifthsOf, noteAtFifths, type SpelledNote, semitonesAbove, spelled } from '../note/spelled';
import { MODE_PLACE } from '../scale/mode';
import { practicalSignature } from '../scale/signature';
import { type Chord, TRIAD_OF } from './chord';

/** Fifteen names on twelve spokes, or twelve places with both names where two meet. */
export const CIRCLE_SIZES = ['fifteen', 'twelve'] as const;

export type CircleSize = (typeof CIRCLE_SIZES)[number];

/** The most signs of a key on the circle. */
export const MOST_PLACES = 7;

/** A place on the circle: the signature it stands for, and the spoke it lies on. */
export type CirclePlace = {
  /** Fifths of its signature, −7 to 7. */
  readonly count: number;
  /** 0 at the top to 11, clockwise as the circle is drawn in fifths. */
  readonly spoke: number;
  /** The signature on the same spoke under the other names; only the three pairs at the foot have one. */
  readonly twin: number | null;
};

/** The spoke of a signature, 0 at the top, clockwise in fifths: places 12 apart share one. */
export function spokeOf(count: number): number {
  return ((count % 12) + 12) % 12;
}

/** The fifteen places, from seven flats to seven sharps; five sharps meets seven flats, six six, seven five. */
export const CIRCLE: readonly CirclePlace[] = Array.from({ length: 2 * MOST_PLACES + 1 }, (_, index) => {
  const count = index - MOST_PLACES;
  const twin = count > 0 ? count - 12 : count + 12;
  return { count, spoke: spokeOf(count), twin: Math.abs(twin) <= MOST_PLACES ? twin : null };
});

/** The places a circle has: all fifteen, or one a spoke under the name with fewer signs, sharps where both have six. */
export function placesOf(size: CircleSize): readonly CirclePlace[] {
  if (size === 'fifteen') return CIRCLE;
  return CIRCLE.filter(
    ({ count, twin }) =>
      twin === null || Math.abs(count) < Math.abs(twin) || (Math.abs(count) === Math.abs(twin) && count > 0),
  );
}

/** The place that shows a signature on a circle: past seven signs that of its equivalent, on twelve the one that stands. */
export function placeFor(size: CircleSize, count: number): number {
  const printed = practicalSignature(count);
  const stands = placesOf(size).find((place) => place.spoke === spokeOf(printed));
  return size === 'fifteen' || !stands ? printed : stands.count;
}

/**
 * Where a chord stands on the circle: major and augmented under their root, minor and diminished beside the major that
 * has their root as its 6th.
 */
export function placeOfChord({ root, quality }: Pick<Chord, 'root' | 'quality'>): {
  readonly count: number;
  readonly beside: boolean;
} {
  const triad = TRIAD_OF[quality];
  const beside = triad === 'minor' || triad === 'diminished';
  return { count: fifthsOf(root) - (beside ? MODE_PLACE.minor : MODE_PLACE.major), beside };
}

/** A fifth counted both ways from a note. */
export type CountedFifth = {
  readonly from: SpelledNote;
  readonly to: SpelledNote;
  /** 1 up, −1 down. */
  readonly way: 1 | -1;
  /** Five letters, the first counted. */
  readonly letters: readonly Letter[];
  /** Half steps from the note to the bare fifth letter: seven as a rule, six at the dangerous places. */
  readonly bare: number;
};

/**
 * A perfect fifth up or down, with its five letters and the half steps the bare letter would make; null where it would
 * need a third sign.
 *
 * @example noteName(countedFifth(noteNamed('B'), 1).to) // 'F♯'
 */
export function countedFifth(from: SpelledNote, way: 1 | -1): CountedFifth | null {
  const to = noteAtFifths(fifthsOf(from) + way);
  if (!to) return null;
  const letters = Array.from({ length: 5 }, (_, step) => letterAfter(from.letter, way * step));
  const plain = spelled(to.letter, 0);
  const bare = way > 0 ? semitonesAbove(from, plain) : semitonesAbove(plain, from);
  return { from, to, way, letters, bare };
}

/** One step of building the circle, as data. `count` is the place reached; `shown` are all the places that stand. */
export type CircleStep = {
  readonly fact: CircleFact;
  readonly count: number;
  readonly shown: readonly number[];
};

export type CircleFact =
  | { readonly code: 'circle-start'; readonly note: SpelledNote }
  | ({
      readonly code: 'circle-fifth';
      readonly signs: number;
      readonly twin: SpelledNote | null;
    } & CountedFifth)
  /** Back at the top, to go on the other way: 1 by fifths up, −1 by fifths down. */
  | { readonly code: 'circle-back'; readonly note: SpelledNote; readonly way: 1 | -1 }
  | {
      readonly code: 'circle-closed';
      readonly places: number;
      readonly pairs: readonly (readonly [SpelledNote, SpelledNote])[];
    };

function majorAt(count: number): SpelledNote {
  const note = noteAtFifths(count);
  if (!note) throw new RangeError(`no major of ${count}`);
  return note;
}

/**
 * Builds the circle place by place: from C at the top by fifths up, then from C by fifths down, until the arms meet
 * (docs/theory.md, Key signatures). Each fifth is five letters and seven half steps; from B up and from F down the bare
 * letter is one half step short, and its sign is needed.
 *
 * @param first the way that is gone first: 1 by fifths up, −1 by fifths down, as on a circle drawn in fourths
 */
export function buildCircle(size: CircleSize, first: 1 | -1 = 1): readonly CircleStep[] {
  const most = size === 'fifteen' ? MOST_PLACES : 6;
  const steps: CircleStep[] = [{ fact: { code: 'circle-start', note: majorAt(0) }, count: 0, shown: [0] }];
  const shown = [0];
  const arm = (way: 1 | -1) => {
    for (let signs = 1; signs <= most; signs += 1) {
      const fifth = countedFifth(majorAt(way * (signs - 1)), way);
      if (!fifth) throw new RangeError('the circle needs no third sign');
      shown.push(way * signs);
      const twin = shown.includes(way * signs - way * 12) ? majorAt(way * signs - way * 12) : null;
      const fact: CircleFact = { code: 'circle-fifth', signs: way * signs, twin, ...fifth };
      steps.push({ fact, count: way * signs, shown: [...shown] });
    }
  };
  const other = first === 1 ? -1 : 1;
  arm(first);
  steps.push({ fact: { code: 'circle-back', note: majorAt(0), way: other }, count: 0, shown: [...shown] });
  arm(other);
  const pairs = shown
    .filter((count) => count > 0 && shown.includes(count - 12))
    .map((count) => [majorAt(count), majorAt(count - 12)] as const);
  steps.push({ fact: { code: 'circle-closed', places: shown.length, pairs }, count: 0, shown: [...shown] });
  return steps;
}

/** The signs of a signature read off the notes on the circle. */
export type SignsReadOff = {
  readonly count: number;
  /** Places of the notes passed, as fifths, in the order they are read: F C G … or B♭ E♭ A♭ …. */
  readonly places: readonly number[];
  /** The bare letters of sharps must gain their sign; flats stand there with it. */
  readonly gain: boolean;
  /** Places from the last sign to the major key: two short for sharps, one past for flats. */
  readonly off: number;
};

/**
 * Reads a signature off the circle of notes: sharps run clockwise from F and stop two places short of the key, flats
 * anticlockwise from B flat and stop one place past it. C flat needs F flat, at the place of E.
 *
 * @example readOff(3).places // [-1, 0, 1]
 * @example readOff(-3).places // [-2, -3, -4]
 */
export function readOff(count: number): SignsReadOff {
  const places = Array.from({ length: Math.abs(count) }, (_, at) => (count > 0 ? at - 1 : -2 - at));
  return { count, places, gain: count > 0, off: count > 0 ? 2 : count < 0 ? 1 : 0 };
}
