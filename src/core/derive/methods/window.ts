import { type Method, needsSignature, raising } from '../method';

/**
 * Seven neighbours on the line of fifths; the tonic's place among them is the mode. Put into the order of letters they
 * are the scale. A raised note moves seven places, out of the window.
 */
export const window: Method = {
  id: 'window',
  whyNot: needsSignature,
  program: (asked, tables) => [
    { op: 'start', asked, tonic: 'kept', signs: false },
    { op: 'window', place: tables.windowPlace[asked.key?.mode ?? 'major'] },
    { op: 'in-order-of-letters' },
    ...raising(asked, 'past-the-window'),
  ],
};
