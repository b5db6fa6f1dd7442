import { isBlackKey } from '../instrument/keyboard';
import { LETTERS, type Letter, letterAfter, letterIndex, SEMITONES_ABOVE_C } from '../note/letter';
import { heightOf, letterHeight, type Pitch, pitch } from '../note/pitch';
import { type Alteration, type SpelledNote, spelled, spelledOrNull } from '../note/spelled';
import { MOST_NOTES } from './scale-name';

/** Notes that are being entered, and the sign the next one gets. */
export type NoteEntry = {
  readonly notes: readonly SpelledNote[];
  readonly sign: Alteration;
  /** Whether the sign stays for the notes after; else it holds for one. */
  readonly locked: boolean;
};

export const EMPTY_ENTRY: NoteEntry = { notes: [], sign: 0, locked: false };

function entered(entry: NoteEntry, note: SpelledNote): NoteEntry {
  if (entry.notes.length >= MOST_NOTES) return entry;
  return { ...entry, notes: [...entry.notes, note], sign: entry.locked ? entry.sign : 0 };
}

/** A letter with the sign in hand. The sign goes back to none after it, unless it is locked. */
export function enterLetter(entry: NoteEntry, letter: Letter): NoteEntry {
  return entered(entry, spelled(letter, entry.sign));
}

/**
 * A key of the keyboard, by its semitones above C, 0 to 11: a white one is its letter; a black one a flat where the
 * sign in hand is a flat, else a sharp.
 */
export function enterKey(entry: NoteEntry, key: number): NoteEntry {
  const [first, second] = spellingsOfPianoKey(key);
  const note = second && entry.sign < 0 ? second : first;
  return note ? entered(entry, note) : entry;
}

/** The notes with which a key is entered: the letter of a white one; of a black one its sharp, then its flat. */
export function spellingsOfPianoKey(key: number): readonly SpelledNote[] {
  const signs: readonly Alteration[] = isBlackKey(key) ? [1, -1] : [0];
  return signs.flatMap((sign) => {
    const letter = LETTERS.find((each) => SEMITONES_ABOVE_C[each] + sign === key);
    return letter ? [spelled(letter, sign)] : [];
  });
}

/** The last note a half step up or down on its letter, as far as two signs go. */
export function alterLast(entry: NoteEntry, by: 1 | -1): NoteEntry {
  return replaceLast(entry, ({ letter, alteration }) => spelledOrNull(letter, alteration + by));
}

/** The last note moved to the next letter, keeping its sign. */
export function moveLast(entry: NoteEntry, by: 1 | -1): NoteEntry {
  return replaceLast(entry, ({ letter, alteration }) => spelled(letterAfter(letter, by), alteration));
}

function replaceLast(entry: NoteEntry, change: (note: SpelledNote) => SpelledNote | null): NoteEntry {
  const last = entry.notes.at(-1);
  const next = last && change(last);
  return next ? { ...entry, notes: [...entry.notes.slice(0, -1), next] } : entry;
}

/** Without the last note; the same entry where there is none. */
export function removeLast(entry: NoteEntry): NoteEntry {
  return entry.notes.length === 0 ? entry : { ...entry, notes: entry.notes.slice(0, -1) };
}

/** The sign for the next note; choosing the one in hand puts it away. */
export function chooseSign(entry: NoteEntry, sign: Alteration): NoteEntry {
  return { ...entry, sign: entry.sign === sign ? 0 : sign };
}

/** Whether the sign stays. */
export function lockSign(entry: NoteEntry, locked: boolean): NoteEntry {
  return { ...entry, locked };
}

const FIRST_OCTAVE = 4;

/** A note in the octave in which it lies nearest to the one before; a fourth or less, up on a tie. */
export function nearestTo(before: Pitch, note: SpelledNote): Pitch {
  const up = (letterIndex(note.letter) - letterIndex(before.note.letter) + 7) % 7;
  const height = heightOf(before) + (up <= 3 ? up : up - 7);
  return pitch(note, Math.floor(height / 7));
}

/** Notes in the octaves in which each lies nearest to the one before, the first in `octave`. */
export function nearest(notes: readonly SpelledNote[], octave = FIRST_OCTAVE): readonly Pitch[] {
  const placed: Pitch[] = [];
  for (const note of notes) {
    const last = placed.at(-1);
    placed.push(last ? nearestTo(last, note) : pitch(note, octave));
  }
  return placed;
}

/** The letter that stands at a height of the staff, in letters above C0. */
export function letterAtHeight(height: number): Letter {
  const octave = Math.floor(height / 7);
  return LETTERS[height - letterHeight('C', octave)] as Letter;
}
