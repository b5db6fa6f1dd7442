import type { FileFormat } from '../format';
import type { ScalesReading } from '../offered';

/** Scales in words, one a line. */
export const TEXT_LIST: FileFormat<ScalesReading> = {
  code: 'text',
  name: 'a text list of scales',
  endings: ['.txt', '.csv'],
  type: 'text/plain',
  isText: true,
  // What looks like data of another program is not taken for words.
  sniff: ({ text }) => text !== null && !/^\s*[[{]/u.test(text) && !text.includes('\u0000'),
  reader: async () => {
    const { offersOfList } = await import('./offers');
    return { read: ({ w, text, title }) => offersOfList(w, text ?? '', title) };
  },
  piece: null,
  write: null,
};
