import { type Letter, SEMITONES_ABOVE_C } from '../note/letter';
import { type SpelledNote, temptingSpelling } from '../note/spelled';
import { type Direction, lineOf, type PlacedNote } from '../scale/line';
import { comesDownOtherwise, type Scale } from '../scale/scale';
import type { Derivation, DerivationStep, PlaceState, Saying } from './derivation';
import { lettersOnly, settle } from './place-state';

/** Semitones from a note up (or down) to the neighbouring letter without a sign; E–F and B–C lie one apart. */
function semitonesToPlain(from: SpelledNote, letter: Letter, falling: boolean): number {
  const up = SEMITONES_ABOVE_C[letter] - SEMITONES_ABOVE_C[from.letter] - from.alteration;
  const way = falling ? -up : up;
  // Neighbours are two semitones apart at most, so anything far off has wrapped round the octave.
  return way > 6 ? way - 12 : way < -6 ? way + 12 : way;
}

function walk(from: SpelledNote, { pitch, degree, falling }: PlacedNote, semitones: number): Saying {
  const to = pitch.note;
  const home = degree === 1 || degree === 8;
  // The tonic's sign is given with the question, so coming home needs no reason.
  const explain = to.alteration !== 0 && !home;
  return {
    code: 'walk',
    from,
    to,
    semitones,
    falling,
    plain: explain ? semitonesToPlain(from, to.letter, falling) : null,
    refused: explain ? temptingSpelling(to) : null,
    home,
  };
}

function sizeTo({ degree, falling }: PlacedNote, scale: Scale): number {
  const size = falling ? scale.falling[7 - degree] : scale.rising[degree - 2];
  if (size === undefined) throw new RangeError(`no step to degree ${degree}`);
  return size;
}

/**
 * Method 1: letters from tonic to tonic, then the steps walked one at a time, each letter altered to fit. Melodic
 * minor is walked down by its own steps; any other scale comes down on the notes it rose by.
 */
export function deriveByStepPattern(scale: Scale, direction: Direction): Derivation {
  const line = lineOf(scale, direction, 4);
  const notes = line.map(({ pitch }) => pitch.note);
  let state: readonly PlaceState[] = lettersOnly(line, scale.tonic);
  const steps: DerivationStep[] = [];
  const add = (saying: Saying, at: readonly number[]) => {
    state = settle(state, at, notes);
    steps.push({ saying, at, line: state, signs: null });
  };

  add({ code: 'letters', letters: notes.slice(0, 8).map(({ letter }) => letter), tonic: scale.tonic }, [0]);
  const walksBack = direction === 'both' && comesDownOtherwise(scale);
  line.forEach((to, place) => {
    const from = notes[place - 1];
    if (!from || (place > 7 && !walksBack)) return;
    if (place === 8) add({ code: 'natural-coming-down', notes: [] }, []);
    add(walk(from, to, sizeTo(to, scale)), [place]);
  });
  if (direction === 'both' && !walksBack) add({ code: 'same-coming-down' }, [8, 9, 10, 11, 12, 13, 14]);
  return { question: { scale, direction }, method: 'step-pattern', steps, answer: notes };
}
