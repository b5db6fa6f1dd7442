import { type Letter, letterAfter } from '../../note/letter';
import { type SpelledNote, temptingSpelling } from '../../note/spelled';
import type { Of } from './operation';
import type { Run } from './run';

/** Letters that the line passes over, and letters that stand twice, where it has not one a note. */
function unevenLetters({ places, asked }: Run): {
  readonly skipped: readonly Letter[];
  readonly repeated: readonly Letter[];
} {
  const top = asked.rising.length;
  const rising = (asked.direction === 'down' ? places.toReversed() : places).slice(0, top + 1);
  const skipped: Letter[] = [];
  const repeated = new Set<Letter>();
  for (const [at, place] of rising.entries()) {
    const before = rising[at - 1];
    if (!before) continue;
    const moved = place.above - before.above;
    if (moved === 0) repeated.add(place.letter);
    for (let passed = 1; passed < moved; passed += 1) skipped.push(letterAfter(before.letter, passed));
  }
  return { skipped, repeated: [...repeated] };
}

/** Begins with what is given, and lays its letters without a word. */
export function start(run: Run, { asked, tonic, signs }: Of<'start'>): void {
  run.begin(asked);
  if (signs) run.put = 0;
  run.lay(asked.tonic, tonic === 'kept');
}

/** The tonic of the relative key: of a major key its minor, of any other the major of its signature. */
function relativeOf(run: Run): SpelledNote {
  const { tonic, key } = run.asked;
  const { letters, semitones } = run.tables.relative;
  if (key?.mode === 'major') return run.above(tonic, -letters, -semitones);
  return run.counted?.tonic ?? tonic;
}

/** The letters from end to end, in the order in which the line begins, or rising. */
function lettersWritten({ places, asked }: Run, rising: boolean): readonly Letter[] {
  const way = places.slice(0, asked.rising.length + 1).map(({ letter }) => letter);
  return rising && asked.direction === 'down' ? way.toReversed() : way;
}

export function letters(run: Run, { settles, from }: Of<'letters'>): void {
  const { asked } = run;
  if (from === 'relative') run.lay(relativeOf(run), false);
  if (run.put !== null && run.signs.length === 0) run.settle(run.everywhere);
  const home = run.at(1);
  const [first] = run.places;
  if (settles === 'first' && first && !first.home) {
    // The upper end of a beginning is found by counting all its steps up from the tonic.
    const sum = asked.falling.reduce((all, step) => all + step, 0);
    run.write([0], run.above(asked.tonic, first.above, sum));
  }
  const given = settles === 'nothing' ? run.everywhere : settles === 'first' ? [0] : home;
  if (settles !== 'nothing') run.settle(given);
  run.tell(
    () => ({
      code: 'letters',
      // Tetrachords are built upwards, whichever way the line goes.
      letters: lettersWritten(run, settles === 'tonic'),
      tonic: run.put === null ? (settles === 'first' ? (run.notes[0] ?? null) : asked.tonic) : null,
      ...unevenLetters(run),
    }),
    given,
  );
}

/** White keys between two places, with pairs of neighbours that are taken for a whole step apart. */
function gapOf(run: Run, from: SpelledNote, letters: number, wide: readonly string[]): number {
  const to = letterAfter(from.letter, letters);
  const pair = letters < 0 ? to + from.letter : from.letter + to;
  const more = Math.abs(letters) === 1 && wide.includes(pair) ? Math.sign(letters) : 0;
  return run.whiteKeys(from.letter, letters) + more;
}

export function walk(run: Run, operation: Of<'walk'>): void {
  const [low, high] = [run.places[operation.from], run.places[operation.to]];
  if (!low || !high) throw new RangeError(`no step from place ${operation.from} to ${operation.to}`);
  const moved = high.above - low.above;
  // Down where its letter lies below; on one letter as the line goes.
  const falling = moved < 0 || (moved === 0 && high.falling);
  const semitones = falling ? -operation.semitones : operation.semitones;
  const { tonic } = run.asked;
  const from =
    operation.judged === 'right'
      ? run.above(tonic, low.above, operation.above)
      : (run.notes[operation.from] as SpelledNote);
  const to = run.spell(high.letter, from.alteration + semitones - gapOf(run, from, moved, operation.wide));
  run.write([operation.to], to);
  run.tell(() => {
    // The tonic's sign is given with the question, so coming home needs no reason.
    const explain = to.alteration !== 0 && !high.home;
    const plain = run.whiteKeys(from.letter, moved) - from.alteration;
    const { skipped, repeated } = unevenLetters(run);
    // Only where each note has its own letter is the other spelling wrong for its letter.
    const even = skipped.length + repeated.length === 0;
    return {
      code: 'walk',
      from,
      to,
      semitones: operation.semitones,
      letters: Math.abs(moved),
      falling,
      plain: explain ? (falling ? -plain : plain) : null,
      refused: explain && even ? temptingSpelling(to) : null,
      home: high.home,
    };
  }, [operation.to]);
}

/** Places of the way down after the top note of a line up and down. */
function wayDown({ places }: Run): readonly number[] {
  const top = (places.length - 1) / 2;
  return places.flatMap((_, place) => (place > top ? [place] : []));
}

export function mirror(run: Run, { lowered }: Of<'mirror'>): void {
  const down = wayDown(run);
  const last = run.places.length - 1;
  const given: SpelledNote[] = [];
  for (const place of down) {
    const note = run.notes[last - place] as SpelledNote;
    const back = lowered.includes(run.places[place]?.degree ?? 0);
    const to = back ? run.spell(note.letter, note.alteration - 1) : note;
    if (back) given.push(to);
    run.write([place], to);
  }
  run.tell(() => (given.length > 0 ? { code: 'restore', notes: given } : { code: 'same-coming-down' }), down);
}

export function naturalForm(run: Run): void {
  run.tell(() => ({ code: 'natural-coming-down', notes: [] }));
}

/** What was raised on the way up alone stands as the signature has it on the way down; a mistake raises it there. */
export function giveBack(run: Run, { degrees }: Of<'give-back'>): void {
  const at = run.where(({ degree, falling }) => falling && degrees.includes(degree));
  if (at.length === 0) return;
  const notes = at.map((place) => run.notes[place] as SpelledNote);
  const code = run.asked.direction === 'both' ? 'restore' : 'natural-coming-down';
  run.tell(() => ({ code, notes }), at);
}

export function raise(run: Run, { degree, by, ways, seen }: Of<'raise'>): void {
  const { tonic } = run.asked;
  const at = run.at(degree, ways);
  const from = run.notes[at[0] ?? -1];
  if (!from) return;
  const to = run.spell(from.letter, by === 'sharp' ? 1 : from.alteration + by);
  run.write(at, to);
  run.tell(() => {
    if (by === -1) return { code: 'alter-degree', tonic, degree, from, to, falling: ways === 'falling' };
    if (seen === 'at-the-note') return { code: 'raise', tonic, from, to, refused: temptingSpelling(to) };
    const last = run.borrowed.at(-1) ?? tonic;
    return { code: 'window-raise', tonic, from, to, past: placeOnLine(run, to) - placeOnLine(run, last) };
  }, at);
}

/** Place on the line of fifths, F −1 and C 0, by the tables. */
export function placeOnLine({ tables }: Run, { letter, alteration }: SpelledNote): number {
  return tables.fifthsLine.indexOf(letter) - 1 + 7 * alteration;
}
