import { letterIndex } from '../note/letter';
import { type SpelledNote, semitonesAbove } from '../note/spelled';
import { PATTERNS, SCALE_IDS, type ScaleId } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';

/** Which way a row of notes goes: to the next letter each time, up, down, or up and then down; else it is no row. */
export type RowWay = 'up' | 'down' | 'both' | 'none';

function moveOf(from: SpelledNote, to: SpelledNote): 1 | -1 | 0 {
  const letters = (letterIndex(to.letter) - letterIndex(from.letter) + 7) % 7;
  const sounds = semitonesAbove(from, to);
  // A step to the next letter, or one that only its spelling takes over a letter; a third is no step.
  const near = (moved: number, size: number) => (moved <= 1 ? size <= 4 : moved === 2 && size <= 2);
  if (sounds >= 1 && sounds <= 4 && near(letters, sounds)) return 1;
  if (sounds >= 8 && near((7 - letters) % 7, 12 - sounds)) return -1;
  return 0;
}

/**
 * The way of a row, read from spelled notes without octaves: each step to a neighbour, up or down, with at most one
 * turn, at the top. Thirds and leaps make no row.
 *
 * @example rowWay('C D E F'.split(' ').map(noteNamed)) // 'up'
 */
export function rowWay(notes: readonly SpelledNote[]): RowWay {
  const moves = notes.slice(1).map((note, at) => moveOf(notes[at] as SpelledNote, note));
  if (moves.length === 0 || moves.includes(0)) return 'none';
  const down = moves.indexOf(-1);
  if (down < 0) return 'up';
  if (down === 0) return moves.includes(1) ? 'none' : 'down';
  return moves.slice(down).includes(1) ? 'none' : 'both';
}

/** The rising half of a row, or the row turned round where it only falls. */
export function risingForm(notes: readonly SpelledNote[], way: RowWay): readonly SpelledNote[] {
  if (way === 'down') return [...notes].reverse();
  if (way !== 'both') return notes;
  const moves = notes.slice(1).map((note, at) => moveOf(notes[at] as SpelledNote, note));
  return notes.slice(0, moves.indexOf(-1) + 1);
}

/** What is wrong with the spelling of a rising row; places count from 0. */
export type SpellingFinding =
  | { readonly code: 'letter-repeated'; readonly at: number; readonly note: SpelledNote }
  | { readonly code: 'letter-skipped'; readonly at: number; readonly letters: number }
  | {
      readonly code: 'top-differs';
      readonly at: number;
      readonly note: SpelledNote;
      readonly first: SpelledNote;
    };

/** The spelling of a rising row judged: one letter after the other, none twice, the top as the bottom, sign and all. */
export function spellingFindings(rising: readonly SpelledNote[]): readonly SpellingFinding[] {
  const found: SpellingFinding[] = [];
  for (const [at, note] of rising.entries()) {
    const before = rising[at - 1];
    if (!before) continue;
    const letters = (letterIndex(note.letter) - letterIndex(before.letter) + 7) % 7;
    if (letters === 0) found.push({ code: 'letter-repeated', at, note });
    if (letters > 1) found.push({ code: 'letter-skipped', at, letters: letters - 1 });
  }
  const [first, last] = [rising[0], rising.at(-1)];
  if (first && last && rising.length >= 8 && first !== last && first.letter === last.letter) {
    found.push({ code: 'top-differs', at: rising.length - 1, note: last, first });
  }
  return found;
}

/** A scale that a row sounds like although it is spelled otherwise, and how it would be spelled. */
export type SoundingScale = {
  readonly tonic: SpelledNote;
  readonly scale: ScaleId;
  readonly notes: readonly SpelledNote[];
  /** Places of the rising row that are spelled otherwise. */
  readonly at: readonly number[];
};

/** The scales of the first note that a rising row of seven or eight notes sounds like, though it is spelled otherwise. */
export function soundingScales(rising: readonly SpelledNote[]): readonly SoundingScale[] {
  const first = rising[0];
  if (!first || rising.length < 7 || rising.length > 8) return [];
  return SCALE_IDS.flatMap((scale): SoundingScale[] => {
    const sounds = PATTERNS[scale].rising.slice(0, rising.length - 1);
    const fits = sounds.every((step, at) => {
      const [from, to] = [rising[at], rising[at + 1]];
      return from && to && semitonesAbove(from, to) === step;
    });
    const reading = fits ? scaleNamed(first, scale) : null;
    if (!reading?.ok) return [];
    const notes = reading.scale.ascending.slice(0, rising.length);
    const at = rising.flatMap((note, place) => (note === notes[place] ? [] : [place]));
    return at.length === 0 ? [] : [{ tonic: first, scale, notes, at }];
  });
}
