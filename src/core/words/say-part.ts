import type { Transposing } from '../instrument/transposing';
import { transposedPitch } from '../instrument/transposing';
import { intervalBetween } from '../note/interval';
import { noteNamed, pitchNamed } from '../note/parse';
import { pitch } from '../note/pitch';
import type { PartForInstrument } from '../scale/for-instrument';
import type { Scale } from '../scale/scale';
import { signatureWritten } from '../scale/written';
import type { ClassWords } from './class-words';
import { intervalName } from './say-note';
import { scaleName } from './say-scale';
import { numberWord, signCount } from './vocabulary';

/** What an instrument is written away from its sound: `a major 9th above concert pitch, 14 half steps`. */
function sayInterval(w: ClassWords, instrument: Transposing): string {
  const { semitones } = instrument;
  const from = pitch(noteNamed('C'), 4);
  const to = transposedPitch(from, instrument);
  if (!to) throw new RangeError('C can be transposed for every instrument');
  const interval = semitones > 0 ? intervalBetween(from, to) : intervalBetween(to, from);
  const way = semitones > 0 ? 'above' : 'below';
  const name = intervalName(interval);
  const article = /^(?:octave|augmented)/u.test(name) ? 'an' : 'a';
  return `${article} ${name} ${way} concert pitch, ${Math.abs(semitones)} ${w.halves}`;
}

/** Why the part of an instrument stands in its key, and whether it lies in its range: one fact a sentence. */
export function sayPart(
  w: ClassWords,
  concert: Scale,
  instrument: Transposing,
  { written, enharmonic, straight, inRange }: PartForInstrument,
): readonly string[] {
  const said = [`Written ${sayInterval(w, instrument)}.`];
  const { signature, id } = concert;
  // A mode under another signature than its own is counted otherwise on the staff; then less is said.
  const counted = signature !== null && signatureWritten(concert, w.settings.modesWritten) === signature;
  if (counted && straight.signature !== null && straight.signature !== signature) {
    const moved = straight.signature - signature;
    const side = moved > 0 ? 'sharp' : 'flat';
    said.push(
      `The signature moves ${numberWord(Math.abs(moved))} to the ${side} side: ${signCount(signature)} ${signature === 0 || Math.abs(signature) > 1 ? 'become' : 'becomes'} ${signCount(straight.signature)}.`,
    );
  }
  if (enharmonic && counted && id && straight.signature !== null && written.signature !== null) {
    said.push(
      `${w.scale(straight.tonic, id)} would have ${signCount(straight.signature)}, more than seven; ${scaleName(w, written)} sounds the same with ${signCount(written.signature)}.`,
    );
  } else if (enharmonic) {
    said.push(`Written as ${scaleName(w, written)}, which sounds the same and can be written.`);
  }
  if (!inRange) {
    const [lowest, highest] = instrument.range.map((name) => {
      const { note, octave } = pitchNamed(name);
      return w.note(note) + octave;
    });
    said.push(`No octave of it lies whole in the range ${lowest} to ${highest}.`);
  }
  return said;
}
