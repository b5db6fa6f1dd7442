import { letterAfter, letterIndex } from '../../note/letter';
import { type Fifths, type SpelledNote, spelled, spelledOrNull } from '../../note/spelled';
import type { Mode } from '../../scale/mode';
import { placesFlatter } from '../tables';
import { placeOnLine } from './line-operations';
import type { Of } from './operation';
import type { Run } from './run';
import { signsOf } from './signature-operations';

const C = spelled('C', 0);

/** Degrees 1 to 7 as they stand, and the tonic above them. */
function wholeRow(run: Run): readonly SpelledNote[] {
  return [1, 2, 3, 4, 5, 6, 7, 8].map((degree) => run.on(degree));
}

export function parallelMajor(run: Run, { under }: Of<'parallel-major'>): void {
  const { tonic } = run.asked;
  const notes = run.climb(tonic, run.tables.patterns.major.rising);
  run.fill(notes.slice(0, 7));
  if (under) run.under = run.fifthsTo(C, tonic) as Fifths;
  run.tell(() => ({ code: 'parallel-major', tonic, notes }), run.everywhere);
}

export function alter(run: Run, { degree, by, ways }: Of<'alter'>): void {
  const { tonic, direction } = run.asked;
  const at = run.at(degree, ways);
  const from = run.notes[at[0] ?? -1];
  if (!from) return;
  const to = run.spell(from.letter, from.alteration + by);
  run.write(at, to);
  const falling = ways === 'falling' || direction === 'down';
  run.tell(() => ({ code: 'alter-degree', tonic, degree, from, to, falling }), at);
}

/** The fifths of a signature on the tonic. */
function fifthsOn(run: Run, mode: Mode): number {
  return run.fifthsTo(C, run.asked.tonic) - placesFlatter(run.tables, mode);
}

export function shiftSignature(run: Run, { from: was, to: mode, instead }: Of<'shift-signature'>): void {
  const { tonic, scale } = run.asked;
  if (!scale) return;
  run.under = null;
  const [from, to] = [fifthsOn(run, was), fifthsOn(run, mode)];
  const [before, after] = [signsOf(run, from), signsOf(run, to)];
  const moved = (sign: SpelledNote) => ({
    sign,
    now: [...new Set(run.notes.filter(({ letter }) => letter === sign.letter))],
  });
  const gone = before.filter((sign) => !after.includes(sign)).map(moved);
  const come = after.filter((sign) => !before.includes(sign)).map(moved);
  run.tell(() => ({ code: 'signature-shift', tonic, scale, was, instead, from, to, gone, come }));
}

export function underTonic(run: Run, { near }: Of<'under-tonic'>): void {
  const { tonic, scale } = run.asked;
  run.counted = { tonic, mode: near };
  if (scale) run.tell(() => ({ code: 'under-tonic', tonic, scale, near }));
}

export function writtenUnder(run: Run, { near }: Of<'written-under'>): void {
  const { tonic, scale } = run.asked;
  if (!scale) return;
  const count = fifthsOn(run, near);
  const signs = signsOf(run, count);
  const plain = (note: SpelledNote) =>
    signs.find(({ letter }) => letter === note.letter) ?? spelled(note.letter, 0);
  const at = run.where((_, place) => plain(run.notes[place] as SpelledNote) !== run.notes[place]);
  const notes = [...new Set(at.map((place) => run.notes[place] as SpelledNote))];
  run.tell(() => ({ code: 'written-under', tonic, scale, near, count, notes }), at);
}

export function twoOctaves(run: Run): void {
  const parent = run.counted?.tonic ?? run.asked.tonic;
  const seven = run.climb(parent, run.tables.patterns.major.rising).slice(0, 7);
  run.borrowed = [...seven, ...seven, parent];
  run.tell(() => ({ code: 'two-octaves', parent, notes: run.borrowed }));
}

export function startOn(run: Run, { degree }: Of<'start-on'>): void {
  const notes = run.borrowed.slice(degree - 1, degree + 7);
  run.fill(notes.slice(0, 7));
  run.tell(() => ({ code: 'start-on', degree, notes }), run.everywhere);
}

export function parentSignature(run: Run): void {
  const { tonic, scale } = run.asked;
  const parent = run.counted?.tonic ?? tonic;
  const count = run.fifthsTo(C, parent);
  if (scale) run.tell(() => ({ code: 'parent-signature', tonic, scale, parent, count }));
}

/** The tonic from which the chain starts: of the white-key scale of its kind. */
function whiteTonic({ asked, tables }: Run): SpelledNote {
  return spelled(letterAfter('C', tables.parentDegree[asked.key?.mode ?? 'major'] - 1), 0);
}

export function chainStart(run: Run): void {
  const { scale, tonic } = run.asked;
  const start = whiteTonic(run);
  const links = run.fifthsTo(start, tonic);
  run.fill(Array.from({ length: 7 }, (_, at) => spelled(letterAfter(tonic.letter, at), 0)));
  if (!scale) return;
  run.tell(
    () => ({ code: 'chain-start', tonic: start, scale, up: links > 0, links: Math.abs(links) }),
    run.everywhere,
  );
}

/** A fifth at a time to the tonic: keep all, and alter one letter. */
export function chain(run: Run): void {
  const { asked, tables } = run;
  const { tonic, scale, key } = asked;
  const degree = tables.parentDegree[key?.mode ?? 'major'];
  const { letters, semitones } = tables.fifth;
  let reached = whiteTonic(run);
  const links = run.fifthsTo(reached, tonic);
  const way = Math.sign(links);
  for (let link = 0; link < Math.abs(links) && !run.impossible; link += 1) {
    reached = run.above(reached, way * letters, way * semitones);
    // A sharp comes on the letter before the major tonic, a flat on its fourth.
    const major = letterAfter(reached.letter, 1 - degree);
    const letter = letterAfter(major, way > 0 ? -1 : 3);
    const at = run.where((place) => place.letter === letter);
    const sign = run.spell(letter, (run.notes[at[0] ?? -1]?.alteration ?? 0) + way);
    run.write(at, sign);
    const now = reached;
    const on = ((letterIndex(letter) - letterIndex(now.letter) + 7) % 7) + 1;
    if (scale) run.tell(() => ({ code: 'chain-link', tonic: now, scale, sign, degree: on }), at);
  }
  run.tell(() => ({ code: 'chain-arrive', notes: wholeRow(run) }), run.everywhere);
}

export function window(run: Run, { place }: Of<'window'>): void {
  const { asked, tables } = run;
  const { tonic, scale } = asked;
  const first = placeOnLine(run, tonic) - place + 1;
  run.borrowed = Array.from({ length: 7 }, (_, at) => {
    const on = first + at + 1;
    const letter = tables.fifthsLine[((on % 7) + 7) % 7];
    const note = letter ? spelledOrNull(letter, Math.floor(on / 7)) : null;
    if (!note) run.impossible = true;
    return note ?? tonic;
  });
  const home = run.at(1);
  run.write(home, tonic);
  if (scale) run.tell(() => ({ code: 'window-place', tonic, scale, place, window: run.borrowed }), home);
}

export function inOrderOfLetters(run: Run): void {
  const { tonic } = run.asked;
  run.fill(
    Array.from({ length: 7 }, (_, at) => {
      const letter = letterAfter(tonic.letter, at);
      const note = run.borrowed.find((each) => each.letter === letter);
      if (!note) run.impossible = true;
      return note ?? tonic;
    }),
  );
  run.tell(() => ({ code: 'window-order', notes: wholeRow(run) }), run.everywhere);
}
