import { type SpelledNote, spelledOrNull } from '../../note/spelled';
import type { Of } from './operation';
import type { Run } from './run';

/** Semitones above the tonic at which the notes of its major key stand. */
function keyHeights({ tables }: Run): readonly number[] {
  let sum = 0;
  return [0, ...tables.patterns.major.rising.map((step) => (sum += step))];
}

/** Places of a line of half steps so many above the tonic, on one way or both. */
function at(run: Run, semitones: number, falling: boolean | null): readonly number[] {
  const top = run.asked.rising.length;
  const last = run.places.length - 1;
  return run.places.flatMap((place, index) => {
    const above = place.falling ? last - index : index;
    return above === semitones && above <= top && (falling === null || place.falling === falling)
      ? [index]
      : [];
  });
}

export function keyNotes(run: Run): void {
  const { tonic } = run.asked;
  const notes = run.climb(tonic, run.tables.patterns.major.rising);
  run.borrowed = notes;
  const heights = keyHeights(run);
  for (const [index, note] of notes.entries()) run.write(at(run, heights[index] ?? 0, null), note);
  const inKey = run.everywhere.filter((place) =>
    heights.some((height) => at(run, height, null).includes(place)),
  );
  run.tell(() => ({ code: 'key-notes', tonic, notes }), inKey);
}

/** Two neighbours of the key with the semitones between them. */
type Pair = { readonly low: SpelledNote; readonly high: SpelledNote; readonly height: number };

function pairs(run: Run, size: number): readonly Pair[] {
  const heights = keyHeights(run);
  return run.tables.patterns.major.rising.flatMap((step, index) =>
    step === size
      ? [
          {
            low: run.borrowed[index] as SpelledNote,
            high: run.borrowed[index + 1] as SpelledNote,
            height: heights[index] ?? 0,
          },
        ]
      : [],
  );
}

export function divide(run: Run, { falling }: Of<'divide'>): void {
  const whole = pairs(run, 2);
  for (const { low, high, height } of falling ? whole.toReversed() : whole) {
    const raised = spelledOrNull(low.letter, low.alteration + 1);
    const lowered = spelledOrNull(high.letter, high.alteration - 1);
    const [to, refused] = falling ? [lowered, raised] : [raised, lowered];
    if (!to) {
      run.impossible = true;
      return;
    }
    const places = at(run, height + 1, falling);
    run.write(places, to);
    run.tell(() => ({ code: 'between', low, high, to, falling, refused }), places);
  }
  const { direction } = run.asked;
  if (direction === 'both' && !falling) return;
  const half = pairs(run, 1).map(({ low, high }) => [low, high] as const);
  run.tell(() => ({ code: 'no-between', pairs: half }));
}
