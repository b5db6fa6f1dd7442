import { type Fifths, fifths, type SpelledNote } from '../note/spelled';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '../scale/signature';

/** Why drawn signs are no key signature. `at` is the place of the sign, from 0. */
export type SignatureProblem =
  | { readonly code: 'signature-mixed'; readonly at: number; readonly sign: SpelledNote }
  | { readonly code: 'signature-natural'; readonly at: number; readonly sign: SpelledNote }
  | { readonly code: 'signature-double'; readonly at: number; readonly sign: SpelledNote }
  | { readonly code: 'signature-twice'; readonly at: number; readonly sign: SpelledNote }
  | {
      readonly code: 'signature-start';
      readonly at: 0;
      readonly sign: SpelledNote;
      readonly wanted: SpelledNote;
    }
  | {
      readonly code: 'signature-gap';
      readonly at: number;
      readonly sign: SpelledNote;
      readonly wanted: SpelledNote;
    }
  | {
      readonly code: 'signature-order';
      readonly at: number;
      readonly sign: SpelledNote;
      readonly wanted: SpelledNote;
    };

export type DrawnReading =
  | { readonly ok: true; readonly fifths: Fifths }
  | { readonly ok: false; readonly problem: SignatureProblem };

/**
 * Reads drawn signs as a key signature: not mixed, the first none to seven of their order, each once and in order
 * (facts: key signatures). The first thing that is wrong is the problem. No signs are a full answer.
 *
 * @example readDrawn('Bb Eb'.split(' ').map(noteNamed)).fifths // -2
 */
export function readDrawn(signs: readonly SpelledNote[]): DrawnReading {
  const problem = problemOf(signs);
  if (problem) return { ok: false, problem };
  return { ok: true, fifths: fifths(signs.length * (signs[0]?.alteration ?? 0)) };
}

function problemOf(signs: readonly SpelledNote[]): SignatureProblem | null {
  const kind = signs[0]?.alteration ?? 0;
  const order = kind < 0 ? ORDER_OF_FLATS : ORDER_OF_SHARPS;
  for (const [at, sign] of signs.entries()) {
    if (sign.alteration === 0) return { code: 'signature-natural', at, sign };
    if (Math.abs(sign.alteration) > 1) return { code: 'signature-double', at, sign };
    if (sign.alteration !== kind) return { code: 'signature-mixed', at, sign };
    if (signs.indexOf(sign) < at) return { code: 'signature-twice', at, sign };
    const wanted = order[at];
    if (!wanted || sign === wanted) continue;
    // All the signs may be there, only not in their places.
    const whole = order.slice(0, signs.length).every((each) => signs.includes(each));
    if (whole) return { code: 'signature-order', at, sign, wanted };
    if (at === 0) return { code: 'signature-start', at: 0, sign, wanted };
    return { code: 'signature-gap', at, sign, wanted };
  }
  return null;
}
