import type { Clef } from '../instrument/staff';
import type { SpelledNote } from '../note/spelled';
import { type Fifths, fifths } from '../note/spelled';
import type { Direction } from '../scale/direction';
import { notesOf } from '../scale/line';
import { modeSignature } from '../scale/mode-signature';
import { PATTERNS, type SCALE_IDS } from '../scale/pattern';
import { printedSignature, type SignatureChoice } from '../scale/printed';
import { scaleNamed } from '../scale/scale';
import { signatureOf } from '../scale/signature';
import type { Settings } from '../school/settings';

/** A scale somebody was asked to write. */
export type ScaleQuestion = {
  readonly tonic: SpelledNote;
  readonly scale: (typeof SCALE_IDS)[number];
  readonly direction: Direction;
  readonly signature: SignatureChoice;
  /** Null where it was asked in letters, without a staff. */
  readonly clef: Clef | null;
  /** How the class's melodic minor comes down; left out, in its natural form. */
  readonly melodicDown?: Settings['melodicDown'] | undefined;
};

/** The notes that are right, as they sound, spelled: 8 one way, 15 both ways. Throws past the 21 tonics. */
export function expectedNotes({
  tonic,
  scale,
  direction,
  melodicDown,
}: ScaleQuestion): readonly SpelledNote[] {
  const reading = scaleNamed(tonic, scale, melodicDown);
  if (!reading.ok) throw new RangeError('asked only where it can be spelled');
  return notesOf(reading.scale, direction);
}

type WritesModes = Pick<Settings, 'modesWritten'>;

/** Fifths of the signature a class writes a scale with: a mode's may be its tonic's. */
export function writtenSignature(
  { tonic, scale }: Pick<ScaleQuestion, 'tonic' | 'scale'>,
  { modesWritten }: WritesModes,
): Fifths {
  return modeSignature(tonic, PATTERNS[scale].mode, modesWritten);
}

/** The signature that belongs at the clef: none where none was asked, and where the key is theoretical. */
export function signatureAtClef(question: ScaleQuestion, school: WritesModes): Fifths {
  return printedSignature(writtenSignature(question, school), question.signature) ?? fifths(0);
}

/** Fifths of the signature the scale takes. */
export function askedSignature({ tonic, scale }: ScaleQuestion): Fifths {
  return fifths(signatureOf(tonic, PATTERNS[scale].mode));
}
