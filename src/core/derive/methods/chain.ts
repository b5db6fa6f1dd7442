import { type Method, needsSignature, raising } from '../method';

/** From the scale of its kind without signs, a fifth at a time: keep all, add one sign. Then the raised degrees. */
export const chain: Method = {
  id: 'chain',
  whyNot: needsSignature,
  program: (asked) => [
    { op: 'start', asked, tonic: 'kept', signs: false },
    { op: 'chain-start' },
    { op: 'chain' },
    ...raising(asked, 'at-the-note'),
  ],
};
