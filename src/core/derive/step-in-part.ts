import type { PlacedNote } from '../scale/line';
import type { WrittenScale } from '../scale/written';
import type { DerivationStep } from './derivation';

/**
 * A step of a working at concert pitch as it stands in a part of the same scale: what is decided there stands here in its
 * own spelling, what is not waits, and the signature comes when it is whole.
 */
export function stepInPart(
  step: DerivationStep,
  concert: Pick<WrittenScale, 'line' | 'atClef'>,
  part: Pick<WrittenScale, 'line' | 'atClef'>,
): DerivationStep {
  const line = part.line.map(({ pitch }: PlacedNote, place) => {
    const state = step.line[place];
    const stands = state?.stage !== 'letter' && state?.note === concert.line[place]?.pitch.note;
    return { note: pitch.note, stage: stands ? ('decided' as const) : ('letter' as const) };
  });
  const whole = step.signs === null || step.signs >= Math.abs(concert.atClef ?? 0);
  return {
    ...step,
    line,
    signs: step.signs === null ? null : whole ? Math.abs(part.atClef ?? 0) : 0,
    under: null,
  };
}
