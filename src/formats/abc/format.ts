import type { FileFormat } from '../format';
import type { ScalesReading } from '../offered';
import { ABC_TYPE, isAbc } from './is-abc';

/** Tunes as text, in and out. https://abcnotation.com/wiki/abc:standard:v2.1 */
export const ABC: FileFormat<ScalesReading> = {
  code: 'abc',
  name: 'ABC',
  endings: ['.abc'],
  type: ABC_TYPE,
  isText: true,
  sniff: ({ text }) => text !== null && isAbc(text),
  reader: async () => {
    const [{ readAbc }, { offerOfMelody }] = await Promise.all([import('./read'), import('../melody/offer')]);
    return {
      read: ({ text, title }) => {
        const reading = readAbc(text ?? '');
        return reading.ok
          ? offerOfMelody(reading.melody, title)
          : { ok: false, problem: { code: 'abc-unread', ...reading.problem } };
      },
    };
  },
  piece: async () => {
    const { readAbcPiece } = await import('./read-piece');
    return { read: ({ text }) => readAbcPiece(text ?? '') };
  },
  write: null,
};
