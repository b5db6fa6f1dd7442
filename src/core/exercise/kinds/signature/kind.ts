import { placeInSignature } from '@/core/identify/drawn-signature';
import type { Clef } from '@/core/instrument/staff';
import { signatureFindings } from '@/core/mark/judging/drawn';
import { partsOfSignature, placesOf, signatureChecks } from '@/core/mark/judging/signs';
import { accidentalsOf } from '@/core/scale/signature';
import { kind } from '../kind';
import { pickKey } from '../making';
import { signatureProblem } from '../problem';
import { type KeyQuestion, signsTask, writtenSignature } from './signature-question';

/** A key's signature, to be drawn on a staff. */
export type SignatureQuestion = KeyQuestion & { readonly clef: Clef };

/** A signature to be drawn: which signs, in which order, each in its place. */
export const signatureKind = kind({
  id: 'signature',
  fields: ['tonic', 'scale', 'clef'],
  from: ({ tonic, scale, clef }): SignatureQuestion => ({ tonic, scale, clef }),
  of: (question) => question,
  form: () => 'drawn',
  ways: ['signs'],
  shown: () => null,
  problem: signatureProblem,
  right: (question, school) => ({
    is: 'drawn',
    signs: accidentalsOf(writtenSignature(question, school)).map((sign) => ({
      sign,
      octave: placeInSignature(sign, question.clef).octave,
    })),
  }),
  task: (question, school) => signsTask('signature', question, school),
  judge: (question, { signs: drawn }, school) => {
    const count = writtenSignature(question, school);
    const signs = drawn.map(({ sign }) => sign);
    const findings = signatureFindings(count, drawn, question.clef);
    return {
      correct: findings.length === 0,
      findings,
      checks: signatureChecks(findings, count, signs),
      wrong: placesOf(findings.filter(({ code }) => code !== 'place-wrong')),
      parts: partsOfSignature(accidentalsOf(count), signs, findings),
      written: { is: 'notes', notes: signs },
    };
  },
  key: (question) => question,
  make: (picks, limits) => ({ ...pickKey(picks, limits), clef: picks(limits.clefs) }),
});
