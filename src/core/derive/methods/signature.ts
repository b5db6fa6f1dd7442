import type { Asked } from '../asked';
import type { ScaleOperation } from '../machine/operation';
import { type DeriveWays, hasSeven, isBeginning, type Method, raising } from '../method';
import { placesFlatter, type Tables } from '../tables';

/** Counting to the signature: a major key from C; a minor one by its relative, its parallel or its own circle. */
function counting({ key }: Asked, tables: Tables, { minorSignature }: DeriveWays): readonly ScaleOperation[] {
  const mode = key?.mode ?? 'major';
  const major: ScaleOperation = { op: 'count-places', mode: 'major' };
  if (mode === 'major') return [major];
  if (mode !== 'minor') return [{ op: 'to-parent', degree: tables.parentDegree[mode], way: 'down' }, major];
  switch (minorSignature) {
    case 'relative':
      return [{ op: 'to-relative', way: 'up' }, major];
    case 'parallel-less-three':
      return [major, { op: 'flatter', places: placesFlatter(tables, 'minor') }];
    case 'own-circle':
      return [{ op: 'count-places', mode: 'minor' }];
  }
}

/**
 * Places counted from C round the circle, that many signs from the order, put on the letters; then the raised degrees
 * as accidentals, never in the signature.
 */
export const signature: Method = {
  id: 'signature',
  whyNot: (asked) => {
    if (!hasSeven(asked) && !isBeginning(asked)) return 'not-seven';
    return asked.key ? null : 'no-signature';
  },
  program: (asked, tables, ways) => [
    { op: 'start', asked, tonic: 'plain', signs: true },
    ...counting(asked, tables, ways),
    { op: 'take-signs', more: 0, from: 'first', kind: 'counted' },
    { op: 'letters', settles: 'nothing', from: 'tonic' },
    { op: 'put-signs', tonic: 'signed' },
    ...raising(asked, 'at-the-note'),
  ],
};
