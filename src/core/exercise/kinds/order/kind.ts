import { signatureFindings } from '@/core/mark/judging/drawn';
import { noteThing } from '@/core/mark/judging/judged';
import { partsOfOrder, placesOf } from '@/core/mark/judging/signs';
import { isSameRow } from '@/core/mark/machine/written';
import { type Fifths, fifths, type SpelledNote } from '@/core/note/spelled';
import { accidentalsOf } from '@/core/scale/signature';
import type { AnswerOf } from '../../answer';
import { type Found, kind } from '../kind';

/** The first signs of an order, 1 to 7; flats negative. */
export type OrderQuestion = { readonly order: number };

const rightSigns = ({ order }: OrderQuestion) => accidentalsOf(fifths(order));

/**
 * Judges an order of signs as a row, so that a sign said twice does not hide one left out. A letter alone is right as a
 * letter, and its sign is missing.
 */
function judge(question: OrderQuestion, { notes: signs }: AnswerOf<'notes'>): Found {
  const wanted = rightSigns(question);
  const count = fifths(question.order) as Fifths;
  const listed = signs.map((sign) => ({ sign, octave: null }));
  const findings = signatureFindings(count, listed, 'treble');
  const twice = signs.findIndex((sign, at) => signs.indexOf(sign) < at);
  const again = twice < 0 ? [] : [twice];
  return {
    correct: findings.length === 0,
    findings,
    checks: [
      {
        check: 'signature-count',
        holds: signs.length === wanted.length,
        at: [],
        about: [{ is: 'count', fifths: count }],
      },
      {
        check: 'none-twice',
        holds: twice < 0,
        at: again,
        about: again.map((at) => noteThing(signs[at] as SpelledNote)),
      },
      {
        check: 'signature-in-order',
        holds: isSameRow(signs, wanted.slice(0, signs.length)),
        at: [],
        about: [],
      },
    ],
    wrong: placesOf(findings),
    parts: partsOfOrder(wanted, signs),
    written: { is: 'notes', notes: signs },
  };
}

const MOST = 7;

/** The first signs of the order of sharps or flats, to be said or written. */
export const orderKind = kind({
  id: 'order',
  fields: ['order'],
  from: ({ order }): OrderQuestion => ({ order }),
  of: (question) => question,
  form: () => 'notes',
  ways: [],
  shown: () => null,
  problem: ({ order }) =>
    Number.isInteger(order) && order !== 0 && Math.abs(order) <= MOST
      ? null
      : { code: 'count-out-of-range', count: Math.abs(order) },
  right: (question) => ({ is: 'notes', notes: rightSigns(question) }),
  task: (question) => ({
    scope: 'order',
    clef: null,
    programs: [
      [
        { op: 'given-signs', count: question.order },
        { op: 'take-signs', more: 0, from: 'first', kind: 'counted' },
        { op: 'write-signs' },
      ],
    ],
    right: { is: 'notes', notes: rightSigns(question) },
  }),
  judge,
  key: () => null,
  make: (picks, { maxSigns }) => {
    const most = Math.max(1, maxSigns);
    return { order: picks([1, -1] as const) * picks(Array.from({ length: most }, (_, at) => at + 1)) };
  },
});
