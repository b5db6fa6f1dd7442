import type { Mode } from '../../scale/mode';
import type { ScaleId } from '../../scale/pattern';
import type { Asked } from '../asked';
import type { ScaleOperation } from '../machine/operation';
import { type DeriveWays, hasSeven, isBeginning, type Method, nearKey, raising } from '../method';
import { placesFlatter, type Tables } from '../tables';

/** Counting to the signature: a major key from C; a minor one by its relative, its parallel or its own circle. */
function counting(mode: Mode, tables: Tables, { minorSignature }: DeriveWays): readonly ScaleOperation[] {
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

/** From the key on its tonic to the mode: what the tables alter in only one of the two; then its parent's signature. */
function fromNear({ scale, key }: Asked, near: 'major' | 'minor', tables: Tables): readonly ScaleOperation[] {
  const of = (id: ScaleId | null) => (id && tables.againstMajor[id]?.up) || {};
  const [mode, nearest] = [of(scale), of(near === 'minor' ? 'natural-minor' : null)];
  const moves = [2, 3, 4, 5, 6, 7].flatMap((degree): readonly ScaleOperation[] => {
    const by = (mode[degree] ?? 0) - (nearest[degree] ?? 0);
    return by === 0 ? [] : [{ op: 'alter', degree, by, ways: 'both' }];
  });
  return key ? [...moves, { op: 'shift-signature', from: near, to: key.mode, instead: true }] : moves;
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
  program: (asked, tables, ways) => {
    const near = nearKey(asked, ways);
    return [
      { op: 'start', asked, tonic: 'plain', signs: true },
      ...(near ? [{ op: 'under-tonic', near } as const] : []),
      ...counting(near ?? asked.key?.mode ?? 'major', tables, ways),
      { op: 'take-signs', more: 0, from: 'first', kind: 'counted' },
      { op: 'letters', settles: 'nothing', from: 'tonic' },
      { op: 'put-signs', tonic: 'signed' },
      ...(near ? fromNear(asked, near, tables) : raising(asked, 'at-the-note')),
    ];
  },
};
