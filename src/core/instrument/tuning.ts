import { known } from '../known';
import { readEnglishNote } from '../note/parse';
import { type Pitch, pitch } from '../note/pitch';
import { asciiName } from '../note/spelled';
import { STRINGS, TUNING_IDS, TUNINGS, type Tuning } from './fretboard';

/** The tuning of a code: its id, or its strings from the lowest, `E2,A2,D3,G3`; null where it is none. */
export function tuningFrom(code: string): Tuning | null {
  const ready = known<Tuning>(TUNINGS, code.trim());
  if (ready) return ready;
  const names = code.trim().split(/\s*,\s*|\s+/u);
  const strings = names.flatMap((name): Pitch[] => {
    const found = /^(.+?)([0-8])$/u.exec(name);
    const reading = found && readEnglishNote(found[1] ?? '');
    return reading?.ok ? [pitch(reading.note, Number(found?.[2]))] : [];
  });
  const whole = strings.length === names.length;
  return whole && strings.length >= STRINGS.fewest && strings.length <= STRINGS.most ? strings : null;
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
