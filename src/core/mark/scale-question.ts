import type { Clef } from '../instrument/staff';
import type { SpelledNote } from '../note/spelled';
import { type Fifths, fifths } from '../note/spelled';
import type { Direction } from '../scale/line';
import { notesOf } from '../scale/line';
import { PATTERNS, type SCALE_IDS } from '../scale/pattern';
import type { SignatureChoice } from '../scale/printed';
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

/** Fifths of the signature the scale takes. */
export function askedSignature({ tonic, scale }: ScaleQuestion): Fifths {
  return fifths(signatureOf(tonic, PATTERNS[scale].mode));
}
