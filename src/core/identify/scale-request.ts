import type { Clef } from '../instrument/staff';
import type { SpelledNote } from '../note/spelled';
import type { AskedScale } from '../scale/asked';
import type { Direction } from '../scale/direction';
import type { SignatureChoice } from '../scale/printed';

/** A scale that somebody wrote down or asks for, as far as they said how; what is null they left open. */
export type ScaleRequest = {
  readonly tonic: SpelledNote;
  readonly scale: AskedScale;
  readonly direction: Direction | null;
  readonly clef: Clef | null;
  readonly signature: SignatureChoice | null;
};
