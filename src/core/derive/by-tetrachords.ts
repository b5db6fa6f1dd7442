import { type SpelledNote, semitonesAbove, spelled, spelledOrNull } from '../note/spelled';
import type { Direction } from '../scale/line';
import { comesDownOtherwise, type Scale } from '../scale/scale';
import type { Derivation, TetrachordPart, WrongMove } from './derivation';
import { givingBack } from './giving-back';
import { lettersSaying } from './letters-saying';
import { Working } from './working';

/** Degrees of the two tetrachords; the step from 4 to 5 joins them. */
const LOWER = [1, 2, 3, 4] as const;
const UPPER = [5, 6, 7, 8] as const;

/** Semitones from a note up to another within an octave; a note a little below counts as below. */
function semitonesUp(from: SpelledNote, to: SpelledNote): number {
  const up = semitonesAbove(from, to);
  return up > 9 ? up - 12 : up;
}

function partTo(degree: number): TetrachordPart {
  return degree <= 4 ? 'lower' : degree === 5 ? 'join' : 'upper';
}

function sizesOf(run: readonly SpelledNote[]): readonly number[] {
  return run.slice(1).map((note, index) => semitonesUp(run[index] as SpelledNote, note));
}

/** The scale while its notes are moved one at a time; degree 1 stands first. */
type Bench = { readonly notes: SpelledNote[]; readonly steps: readonly number[] };

function noteOf({ notes }: Bench, degree: number): SpelledNote {
  return notes[degree - 1] as SpelledNote;
}

/** The step that leads to a degree, as it is and as it is wanted. */
function stepTo(bench: Bench, degree: number): { readonly is: number; readonly wanted: number } {
  const is = semitonesUp(noteOf(bench, degree - 1), noteOf(bench, degree));
  return { is, wanted: bench.steps[degree - 2] as number };
}

/**
 * The other note that a hasty hand would move to mend the step to a degree: the next one, where the step after it is
 * wrong as well, or else the one before. The tonic is given and cannot be moved, so then there is none.
 */
function wrongMove(bench: Bench, degree: number): WrongMove | null {
  const tetrachord: readonly number[] = degree <= 4 ? LOWER : UPPER;
  if (tetrachord.includes(degree) && tetrachord.includes(degree + 1) && degree < 7) {
    const after = stepTo(bench, degree + 1);
    if (after.is !== after.wanted) return moved(bench, degree + 1, after.is > after.wanted ? -1 : 1);
  }
  if (degree === 2) return null;
  const { is, wanted } = stepTo(bench, degree);
  return moved(bench, degree - 1, is > wanted ? 1 : -1);
}

function moved(bench: Bench, degree: number, way: 1 | -1): WrongMove | null {
  const from = noteOf(bench, degree);
  const to = spelledOrNull(from.letter, from.alteration + way);
  if (!to) return null;
  const degrees = degree <= 4 ? LOWER : UPPER;
  const run = degrees.map((each) => (each === degree ? to : noteOf(bench, each)));
  const wanted = bench.steps.slice((degrees[0] ?? 1) - 1, (degrees[0] ?? 1) + 2);
  return { from, to, run, sizes: sizesOf(run), wanted };
}

/** The seven steps of the line that is asked for, upwards: melodic minor comes down in another form. */
function askedSteps(scale: Scale, direction: Direction): readonly number[] {
  return direction === 'down' ? [...scale.falling].reverse() : scale.rising;
}

/**
 * Method 2: two tetrachords and the step that joins them, mended from plain letters by single moves. A note is moved
 * a half step at a time because the step that leads to it does not fit; the other note that could have been moved is
 * shown to fail. It serves every scale of seven steps.
 */
export function deriveByTetrachords(scale: Scale, direction: Direction): Derivation {
  const working = new Working(scale, direction, 'tetrachords');
  const steps = askedSteps(scale, direction);
  const asked = direction === 'down' ? [...scale.descending].reverse() : scale.ascending;
  const letters = scale.ascending.map(({ letter }) => letter);
  const bench: Bench = {
    steps,
    notes: letters.map((letter, index) => (index % 7 === 0 ? scale.tonic : spelled(letter, 0))),
  };
  const rising = direction === 'down' ? undefined : false;
  const at = (degree: number) => working.places(degree, comesDownOtherwise(scale) ? rising : undefined);

  working.decide(lettersSaying(scale, scale.ascending, scale.tonic), working.places(1));
  if (direction === 'down' && comesDownOtherwise(scale))
    working.say({ code: 'natural-coming-down', notes: [] });
  working.say({
    code: 'tetrachords',
    lower: steps.slice(0, 3),
    join: steps[3] as number,
    upper: steps.slice(4),
  });
  const mend = (degree: number) => {
    const wanted = asked[degree - 1] as SpelledNote;
    // The notes before it fit by now, and the step to be mended is seen.
    if (noteOf(bench, degree) !== wanted) {
      for (let before = 2; before < degree; before += 1) working.fix(at(before));
    }
    while (noteOf(bench, degree) !== wanted) {
      const from = noteOf(bench, degree);
      const to = spelled(
        from.letter,
        (from.alteration + Math.sign(wanted.alteration)) as typeof from.alteration,
      );
      const { is, wanted: size } = stepTo(bench, degree);
      const refused = wrongMove(bench, degree);
      bench.notes[degree - 1] = to;
      const before = noteOf(bench, degree - 1);
      working.write(
        { code: 'mend', before, from, to, is, wanted: size, part: partTo(degree), refused },
        at(degree),
        to,
      );
    }
  };
  const stands = (part: 'lower' | 'upper') => {
    const degrees = part === 'lower' ? LOWER : UPPER;
    const notes = degrees.map((degree) => noteOf(bench, degree));
    const sizes = sizesOf(notes);
    const next = part === 'upper' && scale.id === 'major' ? (notes[0] ?? null) : null;
    working.decide(
      { code: 'tetrachord-stands', part, notes, sizes, next },
      degrees.flatMap((degree) => (degree === 8 ? [] : at(degree))),
    );
  };

  for (const degree of [2, 3, 4]) mend(degree);
  stands('lower');
  mend(5);
  const [four, five] = [noteOf(bench, 4), noteOf(bench, 5)];
  working.decide({ code: 'join', from: four, to: five, semitones: semitonesUp(four, five) }, at(5));
  for (const degree of [6, 7]) mend(degree);
  stands('upper');
  if (direction === 'both' && comesDownOtherwise(scale)) {
    const back = givingBack(scale, direction, working.line);
    if (back) working.decide(back.saying, working.everywhere.slice(8));
  } else if (direction === 'both') {
    working.decide({ code: 'same-coming-down' }, working.everywhere.slice(8));
  }
  return working.finish();
}
