import type { FretPlace, FretSpan, StringStep, Tuning } from '../instrument/fretboard';
import type { FretsShown } from '../instrument/ways';
import type { ClassWords } from './class-words';
import { capital, ordinal } from './vocabulary';

/** What of a fretboard is looked at, in the sentence: `frets 0 to 4`, `along the 6th string`. */
export function sayFrets(frets: FretsShown): string {
  return frets.is === 'span'
    ? `frets ${frets.from} to ${frets.to}`
    : `along the ${ordinal(frets.string)} string`;
}

/** A tuning by its strings, from the lowest. */
export function sayTuning(w: ClassWords, tuning: Tuning): string {
  return tuning.map(({ note }) => w.note(note)).join(' ');
}

/** Where one note lies: `string 5, fret 2`, `string 6, open`. */
export function sayFretPlace({ string, fret }: Pick<FretPlace, 'string' | 'fret'>): string {
  return fret === 0 ? `string ${string}, open` : `string ${string}, fret ${fret}`;
}

/** Every place of a span in words, string by string from the lowest; frets do not count their start, and 0 is open. */
export function readFretboard(
  w: ClassWords,
  notes: readonly {
    readonly string: number;
    readonly fret: number;
    readonly note: FretPlace['pitch']['note'];
  }[],
  tuning: Tuning,
  { from, to }: FretSpan,
): string {
  const strings = tuning.map((_, index) => tuning.length - index);
  const lines = strings.flatMap((string) => {
    const own = notes.filter((note) => note.string === string);
    if (own.length === 0) return [];
    const frets = own.map(({ fret, note }) => `${fret} ${w.spokenNote(note)}`).join(', ');
    return [`string ${string}: ${frets}`];
  });
  return `Frets ${from} to ${to}, 0 the open string. ${lines.join('; ')}.`;
}

/** The pattern of a walk along one string, said in frets: a whole step is two frets, a half step one. */
export function sayStringWalk(w: ClassWords, string: number, walk: readonly StringStep[]): string {
  const steps = walk.slice(1).map(({ fret }, at) => fret - (walk[at]?.fret ?? 0));
  return `Along the ${ordinal(string)} string: frets ${walk.map(({ fret }) => fret).join(' ')}; up ${steps.join(' ')}. ${capital(w.aStep(2))} is two frets, ${w.aStep(1)} one.`;
}
