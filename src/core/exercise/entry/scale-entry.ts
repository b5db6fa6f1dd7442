import { letterAtHeight, nearestTo, spellingsOfPianoKey } from '../../identify/note-entry';
import type { Letter } from '../../note/letter';
import { heightOf, letterHeight, type Pitch, pitch } from '../../note/pitch';
import { type Alteration, type Fifths, type SpelledNote, spelled, spelledOrNull } from '../../note/spelled';
import { printedSigns } from '../../scale/printed';
import { alteredLetters } from '../../scale/signature';

/** A note as somebody wrote it down. */
export type WrittenNote = {
  /** As it sounds, under the signature where there is one. */
  readonly note: SpelledNote;
  /** Null where it was given without. */
  readonly octave: number | null;
  /** The sign at the note: null where there is none, undefined where it is not known, as in typed notes. */
  readonly printed: Alteration | null | undefined;
};

/** A scale that is being written: the selected note, and whether the next letter takes its place or follows it. */
export type ScaleEntry = {
  readonly notes: readonly WrittenNote[];
  /** −1 before the first. */
  readonly at: number;
  readonly fresh: boolean;
};

/** The most notes that are taken. */
export const MOST_WRITTEN = 32;

export const EMPTY_ENTRY: ScaleEntry = { notes: [], at: -1, fresh: false };

/** A scale to be changed where it differs, its first note selected. */
export function entryOf(notes: readonly WrittenNote[]): ScaleEntry {
  return notes.length === 0 ? EMPTY_ENTRY : { notes, at: 0, fresh: true };
}

/** The sign a signature gives a letter, in semitones. */
function signAtClef(letter: Letter, atClef: Fifths): Alteration {
  return alteredLetters(atClef).get(letter)?.alteration ?? 0;
}

/** A note with the sign that must stand at it under the signature; none where it says what the signature says. */
function writtenNote(note: SpelledNote, octave: number, atClef: Fifths): WrittenNote {
  const plain = note.alteration === signAtClef(note.letter, atClef);
  return { note, octave, printed: plain ? null : note.alteration };
}

/** The pitches of what is written; a note without its octave lies as near to the one before as it can. */
export function pitchesWritten(notes: readonly WrittenNote[], rises = true): readonly Pitch[] {
  const placed: Pitch[] = [];
  for (const { note, octave } of notes) {
    const before = placed.at(-1);
    if (octave === null && before) placed.push(nearestTo(before, note));
    else placed.push(pitch(note, octave ?? (rises ? 4 : 5)));
  }
  return placed;
}

function placed(entry: ScaleEntry, make: (place: number) => WrittenNote): ScaleEntry {
  const place = entry.fresh && entry.at >= 0 ? entry.at : entry.at + 1;
  if (place >= MOST_WRITTEN) return entry;
  const notes = [...entry.notes.slice(0, place), make(place), ...entry.notes.slice(place + 1)];
  return { notes, at: place, fresh: false };
}

/** A letter as the signature has it, or with the sign in hand; nearest to the note before. */
export function enterLetter(
  entry: ScaleEntry,
  letter: Letter,
  { atClef, sign, start }: { readonly atClef: Fifths; readonly sign: Alteration; readonly start: number },
): ScaleEntry {
  const note = spelled(letter, sign === 0 ? signAtClef(letter, atClef) : sign);
  return placed(entry, (place) => {
    const before = pitchesWritten(entry.notes)[place - 1];
    return writtenNote(note, before ? nearestTo(before, note).octave : start, atClef);
  });
}

/** A line or a space of the staff, as a height in letters above C0. */
export function enterHeight(entry: ScaleEntry, height: number, atClef: Fifths, sign: Alteration): ScaleEntry {
  const letter = letterAtHeight(height);
  const note = spelled(letter, sign === 0 ? signAtClef(letter, atClef) : sign);
  return placed(entry, () => writtenNote(note, Math.floor(height / 7), atClef));
}

/** A key of the keyboard by its MIDI number; a black one is a flat where the sign in hand is, else a sharp. */
export function enterMidi(entry: ScaleEntry, midi: number, atClef: Fifths, sign: Alteration): ScaleEntry {
  const [first, second] = spellingsOfPianoKey(midi % 12);
  const flat = second && (sign < 0 || (sign === 0 && atClef < 0));
  const note = flat ? second : first;
  return note ? placed(entry, () => writtenNote(note, Math.floor(midi / 12) - 1, atClef)) : entry;
}

function changed(
  entry: ScaleEntry,
  change: (note: WrittenNote, place: Pitch) => WrittenNote | null,
): ScaleEntry {
  const there = entry.notes[entry.at];
  const place = pitchesWritten(entry.notes)[entry.at];
  const next = there && place ? change(there, place) : null;
  if (!next) return entry;
  return { ...entry, notes: entry.notes.map((note, at) => (at === entry.at ? next : note)) };
}

/** Moves the selected note a half step by its sign; two signs at most. */
export function alterSelected(entry: ScaleEntry, by: 1 | -1, atClef: Fifths): ScaleEntry {
  return changed(entry, ({ note }, { octave }) => {
    const altered = spelledOrNull(note.letter, note.alteration + by);
    return altered && writtenNote(altered, octave, atClef);
  });
}

/** Makes the selected note a natural; its sign is printed where the signature or a note before it altered the place. */
export function naturalSelected(entry: ScaleEntry, atClef: Fifths): ScaleEntry {
  return changed(entry, ({ note }, { octave }) => {
    const natural = spelled(note.letter, 0);
    const line = [...pitchesWritten(entry.notes.slice(0, entry.at)), pitch(natural, octave)];
    return { note: natural, octave, printed: printedSigns(line, atClef).at(-1) ?? null };
  });
}

/** Prints the sign of the selected note, needed or not, or leaves it out. */
export function printSelected(entry: ScaleEntry): ScaleEntry {
  return changed(entry, ({ note, printed }, { octave }) => ({
    note,
    octave,
    printed: printed === null || printed === undefined ? note.alteration : null,
  }));
}

/** Moves the selected note a line or a space; it is plain there, as the signature has it. */
export function moveSelected(entry: ScaleEntry, by: number, atClef: Fifths): ScaleEntry {
  return changed(entry, (_, place) => {
    const height = heightOf(place) + by;
    if (height < letterHeight('C', 0) || height > letterHeight('B', 8)) return null;
    const letter = letterAtHeight(height);
    return writtenNote(spelled(letter, signAtClef(letter, atClef)), Math.floor(height / 7), atClef);
  });
}

/** Selects a note; a letter then takes its place. */
export function select(entry: ScaleEntry, at: number): ScaleEntry {
  const place = Math.max(-1, Math.min(entry.notes.length - 1, at));
  return place === entry.at && entry.fresh ? entry : { ...entry, at: place, fresh: place >= 0 };
}

/** Takes the selected note away and selects the one before. */
export function removeSelected(entry: ScaleEntry): ScaleEntry {
  if (!entry.notes[entry.at]) return entry;
  const notes = entry.notes.filter((_, at) => at !== entry.at);
  const at = Math.min(entry.at, notes.length) - 1;
  return { notes, at: Math.max(at, notes.length === 0 ? -1 : 0), fresh: false };
}
