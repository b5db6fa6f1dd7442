import type { SpelledNote } from '../../note/spelled';

/** A row with one letter written otherwise wherever it stands, or at one place alone. */
export function withOne(
  notes: readonly SpelledNote[],
  change: (note: SpelledNote) => readonly (SpelledNote | null)[],
): readonly (readonly SpelledNote[])[] {
  const everywhere = [...new Set(notes)].flatMap((note) =>
    change(note).flatMap((other) => (other ? [notes.map((each) => (each === note ? other : each))] : [])),
  );
  const once = notes.flatMap((note, at) =>
    change(note).flatMap((other) => (other ? [notes.with(at, other)] : [])),
  );
  return [...everywhere, ...once];
}
