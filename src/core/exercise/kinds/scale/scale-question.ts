import { askedFor } from '@/core/derive/asked';
import type { Clef } from '@/core/instrument/staff';
import type { Task } from '@/core/mark/explain/task';
import type { SpelledNote } from '@/core/note/spelled';
import { type Fifths, fifths } from '@/core/note/spelled';
import { once } from '@/core/once';
import type { Direction } from '@/core/scale/direction';
import { notesOf } from '@/core/scale/line';
import type { SCALE_IDS } from '@/core/scale/pattern';
import { printedSignature, type SignatureChoice } from '@/core/scale/printed';
import { scaleNamed } from '@/core/scale/scale';
import type { Settings } from '@/core/school/settings';
import { bySignature, bySteps } from '../programs';
import { writtenSignature } from '../signature/signature-question';

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
function expectedNotes({ tonic, scale, direction, melodicDown }: ScaleQuestion): readonly SpelledNote[] {
  const reading = scaleNamed(tonic, scale, melodicDown);
  if (!reading.ok) throw new RangeError('asked only where it can be spelled');
  return notesOf(reading.scale, direction);
}

/** The signature that belongs at the clef: none where none was asked, and where the key is theoretical. */
export function signatureAtClef(question: ScaleQuestion, school: Pick<Settings, 'modesWritten'>): Fifths {
  return printedSignature(writtenSignature(question, school), question.signature) ?? fifths(0);
}

/** The question as mistakes see it: worked out by its signature, and walked by its steps. */
export const scaleTask = once((question: ScaleQuestion): Task => {
  const { tonic, scale, direction, melodicDown, clef } = question;
  const asked = askedFor(tonic, scale, direction, { asItRose: melodicDown === 'as-it-rose' });
  const reading = [{ op: 'write-notes' }] as const;
  return {
    scope: 'scale',
    clef,
    programs: [bySignature(asked, reading), ...bySteps(asked, reading)],
    right: { is: 'notes', notes: expectedNotes(question) },
  };
});
