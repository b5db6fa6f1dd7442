import type { DerivationStep } from '@/core/derive/derivation';
import type { SurfaceView } from './surface';

/** The step a derivation is printed at: all of it decided and nothing only just so; blank, nothing is decided. */
export function printedStep({ derivation }: Pick<SurfaceView, 'derivation'>, blank: boolean): DerivationStep {
  const last = derivation.steps.at(-1);
  if (!last) throw new RangeError('a derivation has steps');
  const line = blank ? last.line.map((state) => ({ ...state, stage: 'letter' as const })) : last.line;
  return { ...last, at: [], line };
}
