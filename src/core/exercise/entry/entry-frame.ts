import { type Fifths, fifths } from '../../note/spelled';
import type { Settings } from '../../school/settings';
import type { MarkQuestion } from '../kinds/all';
import { startOctave } from '../kinds/scale/kind';
import { signatureAtClef } from '../kinds/scale/scale-question';

/** The signature that stands before a row that is entered, 0 where none is printed. */
export function clefSignature(asked: MarkQuestion, school: Pick<Settings, 'modesWritten'>): Fifths {
  return asked.kind === 'scale' ? signatureAtClef(asked.question, school) : fifths(0);
}

/** The octave a row begins in, that of fewest ledger lines. */
export function octaveOfFirst(asked: MarkQuestion): number {
  return asked.kind === 'scale' ? startOctave(asked.question) : 4;
}
