import { type Letter, lettersCounted, SEMITONES_ABOVE_C } from '../note/letter';
import { type SpelledNote, temptingSpelling } from '../note/spelled';
import { type Direction, lineOf, type PlacedNote } from '../scale/line';
import { comesDownOtherwise, type Scale } from '../scale/scale';
import type { Derivation, DerivationStep, PlaceState, Saying } from './derivation';
import { lettersSaying } from './letters-saying';
import { lettersOnly, settle } from './place-state';

/** Semitones from a note up (or down) to the neighbouring letter without a sign; E–F and B–C lie one apart. */
function semitonesToPlain(from: SpelledNote, letter: Letter, falling: boolean): number {
  const up = SEMITONES_ABOVE_C[letter] - SEMITONES_ABOVE_C[from.letter] - from.alteration;
  const way = falling ? -up : up;
  // Neighbours are two semitones apart at most, so anything far off has wrapped round the octave.
  return way > 6 ? way - 12 : way < -6 ? way + 12 : way;
}

/** Letters from one note to its neighbour in a line that rises, or falls. */
function lettersMoved(from: SpelledNote, to: SpelledNote, falling: boolean): number {
  return (falling ? lettersCounted(to.letter, from.letter) : lettersCounted(from.letter, to.letter)) - 1;
}

function walk(
  from: SpelledNote,
  { pitch, home, falling }: PlacedNote,
  semitones: number,
  even: boolean,
): Saying {
  const to = pitch.note;
  // The tonic's sign is given with the question, so coming home needs no reason.
  const explain = to.alteration !== 0 && !home;
  return {
    code: 'walk',
    from,
    to,
    semitones,
    letters: lettersMoved(from, to, falling),
    falling,
    plain: explain ? semitonesToPlain(from, to.letter, falling) : null,
    // Only where each note has its own letter is the other spelling wrong for its letter.
    refused: explain && even ? temptingSpelling(to) : null,
    home,
  };
}

/**
 * Method 1: letters from tonic to tonic, then the steps walked one at a time, each letter altered to fit. Melodic
 * minor is walked down by its own steps; any other scale comes down on the notes it rose by.
 */
export function deriveByStepPattern(scale: Scale, direction: Direction): Derivation {
  const line = lineOf(scale, direction, 4);
  const notes = line.map(({ pitch }) => pitch.note);
  const top = scale.rising.length;
  const sizes = [...(direction === 'down' ? [] : scale.rising), ...(direction === 'up' ? [] : scale.falling)];
  const letters = lettersSaying(scale, notes, scale.tonic);
  const even = letters.skipped.length + letters.repeated.length === 0;
  let state: readonly PlaceState[] = lettersOnly(line, scale.tonic);
  const steps: DerivationStep[] = [];
  const add = (saying: Saying, at: readonly number[]) => {
    state = settle(state, at, notes);
    steps.push({ saying, at, line: state, signs: null, under: null });
  };

  add(letters, [0]);
  const walksBack = direction === 'both' && comesDownOtherwise(scale);
  line.forEach((to, place) => {
    const from = notes[place - 1];
    if (!from || (place > top && !walksBack)) return;
    if (place === top + 1) add({ code: 'natural-coming-down', notes: [] }, []);
    add(walk(from, to, sizes[place - 1] as number, even), [place]);
  });
  const back = line.flatMap((_, place) => (place > top ? [place] : []));
  if (direction === 'both' && !walksBack) add({ code: 'same-coming-down' }, back);
  return { question: { scale, direction }, method: 'step-pattern', steps, answer: notes };
}
