import { signatureFindings } from '@/core/mark/judging/drawn';
import type { Finding, MarkCheck, Thing } from '@/core/mark/judging/judged';
import { partsOfSignature, placesOf } from '@/core/mark/judging/signs';
import { type Fifths, fifths } from '@/core/note/spelled';
import { accidentalsOf, isStandardSignature } from '@/core/scale/signature';
import type { AnswerOf } from '../../answer';
import { type Found, kind, type MarkSchool } from '../kind';
import { pickKey } from '../making';
import { signatureProblem } from '../problem';
import { type KeyQuestion, signsTask, writtenSignature } from '../signature/signature-question';

const counted = (count: Fifths): Thing => ({ is: 'count', fifths: count });

/** The number of signs a list speaks of, flats negative; letters alone are of the kind that was said with them. */
function countOfList(signs: NonNullable<AnswerOf<'count'>['signs']>, said: Fifths | null): Fifths {
  const signed = signs.find(({ alteration }) => alteration !== 0);
  return fifths(signs.length * Math.sign(signed?.alteration ?? said ?? 1));
}

function listFindings(count: Fifths, { fifths: said, signs }: AnswerOf<'count'>): readonly Finding[] {
  const found: Finding[] = [];
  if (said !== null && said !== count) {
    const code = Math.abs(said) === Math.abs(count) ? 'kind-differs' : 'count-differs';
    found.push({ code, index: null, expected: counted(count), got: counted(said) });
  }
  if (!signs) return found;
  const listed = signs.map((sign) => ({ sign, octave: null }));
  found.push(...signatureFindings(count, listed, 'treble'));
  const ofList = countOfList(signs, said);
  if (said !== null && ofList !== said) {
    const things = { expected: counted(said), got: counted(ofList) };
    found.push({ code: 'count-and-list-differ', index: null, ...things });
  }
  return found;
}

function judge(question: KeyQuestion, answer: AnswerOf<'count'>, school: MarkSchool): Found {
  const count = writtenSignature(question, school);
  const signs = answer.signs ?? (answer.fifths === null ? null : accidentalsOf(answer.fifths));
  const missing: Finding = { code: 'note-missing', index: null, expected: counted(count), got: null };
  const findings = signs ? listFindings(count, answer) : [missing];
  const both = answer.fifths !== null && answer.signs !== null;
  const check = (id: MarkCheck['check'], holds: boolean | null, about: readonly Thing[] = []): MarkCheck => ({
    check: id,
    holds,
    at: [],
    about,
  });
  return {
    correct: findings.length === 0,
    findings,
    checks: [
      check('signature-count', signs && signs.length === Math.abs(count), [counted(count)]),
      check('signature-in-order', answer.signs && isStandardSignature(answer.signs)),
      check('count-agrees', both ? !findings.some(({ code }) => code === 'count-and-list-differ') : null),
    ],
    wrong: placesOf(findings),
    parts: partsOfSignature(accidentalsOf(count), signs ?? []),
    written: signs && { is: 'notes', notes: signs },
  };
}

/** A signature to be named: how many signs of which kind, and which. */
export const nameSignatureKind = kind({
  id: 'name-signature',
  fields: ['tonic', 'scale'],
  from: ({ tonic, scale }): KeyQuestion => ({ tonic, scale }),
  of: (question) => question,
  form: () => 'count',
  ways: [],
  shown: () => null,
  problem: signatureProblem,
  right: (question, school) => {
    const count = writtenSignature(question, school);
    return { is: 'count', fifths: count, signs: accidentalsOf(count) };
  },
  task: (question, school) => signsTask('name-signature', question, school),
  judge,
  key: (question) => question,
  make: pickKey,
});
