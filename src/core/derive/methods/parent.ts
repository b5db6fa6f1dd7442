import { type Method, nearKey, needsSignature, raising } from '../method';

/**
 * Two octaves of the parent major, begun on the degree where the tonic lies; its signature is the scale's as well. Then
 * the raised degrees of the minor forms. Major is its own parent.
 */
export const parent: Method = {
  id: 'parent',
  whyNot: (asked) => needsSignature(asked) ?? (asked.key?.mode === 'major' ? 'own-parent' : null),
  program: (asked, tables, ways) => {
    const near = nearKey(asked, ways);
    const degree = tables.parentDegree[asked.key?.mode ?? 'major'];
    return [
      { op: 'start', asked, tonic: 'kept', signs: false },
      { op: 'to-parent', degree, way: 'down' },
      { op: 'two-octaves' },
      { op: 'start-on', degree },
      near ? { op: 'written-under', near } : { op: 'parent-signature' },
      ...raising(asked, 'at-the-note'),
    ];
  },
};
