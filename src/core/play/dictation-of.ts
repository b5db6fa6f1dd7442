import { type DictationQuestion, MOST_HEARD } from '../exercise/kinds/dictation/dictation-question';
import type { SpelledNote } from '../note/spelled';
import { SCALE_IDS } from '../scale/pattern';
import type { Settings } from '../school/settings';
import type { Part, PlayAsked } from './part';
import { A_TUNE } from './pattern';
import { type TuneTone, writeTones } from './tune';
import { fallsAt } from './tune-part';
import { tuneOf } from './tunes';

export type DictationOf =
  | { readonly ok: true; readonly question: DictationQuestion }
  /** It has too many notes to be written down at once, or its scale is none that is marked. */
  | { readonly ok: false; readonly why: 'long' | 'scale'; readonly most: number };

/** What is played as a line to be written down by ear, in the key and the clef of whoever plays it. */
export function dictationOf(
  part: Part,
  { pattern, tune, signature }: Pick<PlayAsked, 'pattern' | 'tune' | 'signature'>,
  { melodicDown }: Pick<Settings, 'melodicDown'>,
): DictationOf {
  const { written, notes, clef } = part;
  const scale = SCALE_IDS.find((id) => id === written.id);
  if (!scale) return { ok: false, why: 'scale', most: MOST_HEARD };
  if (notes.length > MOST_HEARD) return { ok: false, why: 'long', most: MOST_HEARD };
  const reading = pattern === A_TUNE ? tuneOf(tune) : null;
  const steps = written.ascending.length - 1;
  const home = notes[0] ? Math.floor(notes[0].place / steps) : 0;
  const places = notes.map(({ place }) => place);
  const falling = written.descending.toReversed();
  const tones = reading?.ok
    ? reading.tune.notes.flatMap(({ tone }) => (tone ? [tone] : []))
    : notes.map(({ place, pitch }, at): TuneTone => {
        const octave = Math.floor(place / steps);
        const degree = place - octave * steps + 1;
        // A pattern rises or falls as a whole; a line of single notes by where each one leads.
        const row = fallsAt(places, at) ? falling : written.ascending;
        const alter = pitch.note.alteration - (row[degree - 1] as SpelledNote).alteration;
        return { degree, octave: octave - home, alter: Math.sign(alter) as TuneTone['alter'] };
      });
  const line = writeTones(tones);
  return { ok: true, question: { line, tonic: written.tonic, scale, clef, signature, melodicDown } };
}
