import { known } from '../known';
import { type NoteReading, readEnglishNote } from '../note/parse';
import { type Pitch, pitch } from '../note/pitch';
import { asciiName } from '../note/spelled';
import { STRINGS, TUNING_IDS, TUNINGS, type Tuning } from './fretboard';

/** Strings from the lowest, `E2 A2 D3 G3`, in names that `read` knows; null where they are none, or too few or too many. */
export function readStrings(text: string, read: (name: string) => NoteReading): Tuning | null {
  const names = text.trim().split(/\s*,\s*|\s+/u);
  const strings = names.flatMap((name): Pitch[] => {
    const found = /^(.+?)([0-8])$/u.exec(name);
    const reading = found && read(found[1] ?? '');
    return reading?.ok ? [pitch(reading.note, Number(found?.[2]))] : [];
  });
  const whole = strings.length === names.length;
  return whole && strings.length >= STRINGS.fewest && strings.length <= STRINGS.most ? strings : null;
}

/** The tuning of a code: its id, or its strings from the lowest, `E2,A2,D3,G3`; null where it is none. */
export function tuningFrom(code: string): Tuning | null {
  return known<Tuning>(TUNINGS, code.trim()) ?? readStrings(code, readEnglishNote);
}

/** The code under which a tuning is kept: an id as it is, strings as the id they are ready under; null where it is none. */
export function tuningCodeFrom(read: string): string | null {
  const tuning = tuningFrom(read);
  return tuning && (TUNING_IDS.find((id) => id === read.trim()) ?? tuningCode(tuning));
}

/** The code of a tuning: the id it is ready under, or its strings. */
export function tuningCode(tuning: Tuning): string {
  const text = (each: Tuning) => each.map(({ note, octave }) => asciiName(note) + octave).join(',');
  return TUNING_IDS.find((id) => text(TUNINGS[id]) === text(tuning)) ?? text(tuning);
}
