import { nearest } from '../../identify/note-entry';
import { letterIndex } from '../../note/letter';
import { midiOf } from '../../note/pitch';
import type { SpelledNote } from '../../note/spelled';
import type { Direction } from '../../scale/direction';
import type { MarkCheck } from './judged';

type Notes = readonly SpelledNote[];

/** One way of a row, up or down, and where it begins in the answer. */
type Way = { readonly notes: Notes; readonly from: number; readonly falls: boolean };

/** Where a row up and down turns: in the middle of fifteen notes, else at its highest one. */
function turnOf(notes: Notes): number {
  if (notes.length === 15) return 7;
  const heights = nearest(notes).map(midiOf);
  return heights.indexOf(Math.max(...heights));
}

function waysOf(notes: Notes, direction: Direction): readonly Way[] {
  if (direction !== 'both') return [{ notes, from: 0, falls: direction === 'down' }];
  const turn = turnOf(notes);
  return [
    { notes: notes.slice(0, turn + 1), from: 0, falls: false },
    { notes: notes.slice(turn), from: turn, falls: true },
  ];
}

/** Places whose letter has stood before on the same way; the octave itself may come back at its end. */
function repeated({ notes, from }: Way): readonly number[] {
  const letters = notes.map(({ letter }) => letter);
  const last = letters.length - 1;
  return letters.flatMap((letter, at) => {
    const octave = at === last && letters.indexOf(letter) === 0;
    return letters.indexOf(letter) < at && !octave ? [from + at] : [];
  });
}

/** Places that are reached over a letter. */
function skipped({ notes, from, falls }: Way): readonly number[] {
  return notes.flatMap((note, at) => {
    const before = notes[at - 1];
    if (!before) return [];
    const letters = letterIndex(note.letter) - letterIndex(before.letter);
    return ((falls ? -letters : letters) + 7) % 7 > 1 ? [from + at] : [];
  });
}

/**
 * The tests that are made on any finished scale by its letters alone, whatever its length: all seven letters, none
 * skipped, none twice but the octave, top as bottom, sign and all.
 */
export function shapeChecks(notes: Notes, direction: Direction): readonly MarkCheck[] {
  const ways = waysOf(notes, direction);
  const check = (id: MarkCheck['check'], at: readonly number[], holds = at.length === 0): MarkCheck => ({
    check: id,
    holds: notes.length === 0 ? null : holds,
    at,
    about: [],
  });
  const whole = ways.every((way) => new Set(way.notes.map(({ letter }) => letter)).size === 7);
  const ends = [...new Set(ways.flatMap((way) => [way.from, way.from + way.notes.length - 1]))];
  const other = ends.filter((at) => notes[at] !== notes[0]);
  return [
    check('all-seven-letters', [], whole),
    check('none-skipped', ways.flatMap(skipped)),
    check('none-twice', ways.flatMap(repeated)),
    check('top-as-bottom', notes.length < 2 ? [0] : other),
  ];
}
