import type { Written } from '../mark/machine/written';
import type { Answer } from './answer';
import { isRow, type MarkQuestion } from './kinds/all';

const SEVENTHS = { none: '', any: '7', minor: '7', major: 'maj7' } as const;
const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII'];

/** What a working or a mistake wrote, as an answer that is handed in: octaves and printed signs are not known of it. */
export function handIn(asked: MarkQuestion, written: Written): Answer {
  switch (written.is) {
    case 'notes': {
      if (isRow(asked))
        return {
          is: 'scale',
          notes: written.notes.map((note) => ({ note, octave: null, printed: undefined })),
        };
      if (asked.kind === 'signature')
        return { is: 'drawn', signs: written.notes.map((sign) => ({ sign, octave: null })) };
      if (asked.kind === 'name-signature') return { is: 'count', fifths: null, signs: written.notes };
      return { is: 'notes', notes: written.notes };
    }
    case 'steps':
      return written;
    case 'key':
      return { is: 'key', key: written.key, small: false, reasons: [] };
    case 'pitch':
      return written;
    case 'numeral': {
      const { degree, triad, seventh, half } = written.numeral;
      const roman = ROMAN[degree - 1] ?? '';
      const small = triad === 'minor' || triad === 'diminished';
      const sign = triad === 'diminished' ? (half ? 'ø' : '°') : triad === 'augmented' ? '+' : '';
      return { is: 'numeral', text: (small ? roman.toLowerCase() : roman) + sign + SEVENTHS[seventh] };
    }
  }
}
