import type { AnswerOperation } from '@/core/mark/machine/answer-operation';
import type { NamedKey } from '@/core/mark/machine/written';
import { type Fifths, fifths } from '@/core/note/spelled';
import { MODES, type Mode } from '@/core/scale/mode';
import { scaleOfMode } from '@/core/scale/pattern';
import { isPrintable, ownerOf } from '@/core/scale/signature';
import { judgeName, namedRight } from '../judge-name';
import { kind } from '../kind';

/** The key of a mode that owns a signature, −7 … 7 fifths. */
export type NameKeyQuestion = { readonly fifths: Fifths; readonly mode: Mode };

/** The key a signature belongs to in a mode. Throws past the fifteen signatures. */
function keyOfSignature({ fifths, mode }: NameKeyQuestion): NamedKey {
  const tonic = ownerOf(fifths, mode);
  if (!tonic) throw new RangeError('one of the fifteen signatures');
  return { tonic, scale: scaleOfMode(mode) };
}

/** From signs to the major key by their rule, to the mode that was asked, and its name. */
function namingBySigns(mode: Mode): readonly AnswerOperation[] {
  return [
    { op: 'take-signs', more: 0, from: 'first', kind: 'counted' },
    { op: 'find-major', rule: 'own' },
    ...(mode === 'major' ? [] : [{ op: 'to-mode', mode } as const]),
    { op: 'say-key', scale: scaleOfMode(mode), sign: 'said' },
  ];
}

/** A key to be named from its signature. */
export const nameKeyKind = kind({
  id: 'name-key',
  fields: ['fifths', 'mode'],
  from: ({ fifths, mode }): NameKeyQuestion => ({ fifths, mode }),
  of: (question) => question,
  form: () => 'key',
  ways: [],
  shown: ({ fifths }) => ({ fifths }),
  problem: ({ fifths }) => (isPrintable(fifths) ? null : { code: 'fifths-out-of-range', fifths }),
  right: (question, school) => namedRight(keyOfSignature(question), school),
  task: (question) => ({
    scope: 'name-key',
    clef: null,
    programs: [[{ op: 'given-signs', count: question.fifths }, ...namingBySigns(question.mode)]],
    right: { is: 'key', key: keyOfSignature(question), form: false },
  }),
  judge: (question, answer, school) => judgeName(keyOfSignature(question), answer, school),
  key: keyOfSignature,
  make: (picks, { maxSigns }) => ({
    fifths: picks(Array.from({ length: 2 * maxSigns + 1 }, (_, at) => fifths(at - maxSigns))),
    mode: picks(MODES),
  }),
});
