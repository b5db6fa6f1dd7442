import { type DictationQuestion, MOST_HEARD } from '../exercise/kinds/dictation/dictation-question';
import { SCALE_IDS } from '../scale/pattern';
import type { Settings } from '../school/settings';
import type { Part, PlayAsked } from './part';
import { A_TUNE } from './pattern';
import { writeTones } from './tune';
import { tonesOf } from './tune-part';
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
  const home = Math.floor((notes[0]?.place ?? 0) / steps);
  // A pattern rises or falls as a whole; a line of single notes by where each one leads.
  const tones = reading?.ok
    ? reading.tune.notes.flatMap(({ tone }) => (tone ? [tone] : []))
    : tonesOf(notes, written, home);
  if (!tones) return { ok: false, why: 'scale', most: MOST_HEARD };
  const line = writeTones(tones);
  return { ok: true, question: { line, tonic: written.tonic, scale, clef, signature, melodicDown } };
}
