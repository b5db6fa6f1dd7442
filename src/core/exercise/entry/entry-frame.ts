import { type Fifths, fifths } from '../../note/spelled';
import type { Settings } from '../../school/settings';
import type { MarkQuestion } from '../kinds/all';
import { dictationClef, pitchesHeard } from '../kinds/dictation/dictation-question';
import { startOctave } from '../kinds/scale/kind';
import { signatureAtClef } from '../kinds/scale/scale-question';

/** The signature that stands before a row that is entered, 0 where none is printed. */
export function clefSignature(asked: MarkQuestion, school: Pick<Settings, 'modesWritten'>): Fifths {
  if (asked.kind === 'scale') return signatureAtClef(asked.question, school);
  return asked.kind === 'dictation' ? dictationClef(asked.question, school) : fifths(0);
}

/** The octave a row begins in, that of fewest ledger lines. */
export function octaveOfFirst(asked: MarkQuestion): number {
  if (asked.kind === 'scale') return startOctave(asked.question);
  return asked.kind === 'dictation' ? (pitchesHeard(asked.question)[0]?.octave ?? 4) : 4;
}
