import { readEnglishNote } from './parse';
import { type Pitch, pitch } from './pitch';
import { asciiName } from './spelled';

/** A pitch by its name and octave, in English ASCII: `Bb4`. */
export function pitchCode({ note, octave }: Pitch): string {
  return `${asciiName(note)}${octave}`;
}

/** A pitch from its name and octave, `Bb4`; null for anything else. */
export function pitchFrom(code: string): Pitch | null {
  const found = /^(.*?)(-?\d{1,2})$/u.exec(code);
  const reading = found?.[1] ? readEnglishNote(found[1]) : null;
  return reading?.ok ? pitch(reading.note, Number(found?.[2])) : null;
}
