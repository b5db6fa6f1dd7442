import { type Fifths, fifths, type SpelledNote } from '../note/spelled';
import { accidentalsOf, isStandardSignature } from '../scale/signature';
import { type DrawnSign, signatureFindings } from './drawn';
import { isSameRow } from './find-habits';
import type { MarkSchool } from './judge-scale';
import { type Finding, type Judged, type MarkCheck, noteThing, type Thing } from './judged';
import { explain } from './procedure';
import type { NameSignatureQuestion, OrderQuestion, SignatureQuestion } from './questions';
import { writtenSignature } from './scale-question';
import { SIGNING } from './signature/all';
import { ORDERING, orderOf } from './signature/ordering';

type Signs = readonly SpelledNote[];

const isWrong = ({ code }: Finding) => code !== 'place-wrong';

function partsOf(of: number, findings: readonly Finding[]): Judged['parts'] {
  // Signs out of order are one mistake, however many of them stand elsewhere for it.
  const wrong = findings.filter(
    ({ code }, at) =>
      code !== 'mixed' && (code !== 'order-wrong' || findings.findIndex((each) => each.code === code) === at),
  );
  return {
    of: Math.max(1, of),
    wrong: Math.min(Math.max(1, of), wrong.length),
    halfRight: wrong.filter(
      ({ code }) => code !== 'note-missing' && code !== 'note-extra' && code !== 'wrong-note',
    ).length,
    apart: 0,
  };
}

function signatureChecks(findings: readonly Finding[], count: Fifths, signs: Signs): readonly MarkCheck[] {
  const failing = (codes: readonly Finding['code'][]) => findings.filter(({ code }) => codes.includes(code));
  const check = (id: MarkCheck['check'], holds: boolean, found: readonly Finding[] = []): MarkCheck => ({
    check: id,
    holds,
    at: found.flatMap(({ index }) => index ?? []),
    about: found[0]?.expected ? [found[0].expected] : [],
  });
  const counted: Thing = { is: 'count', fifths: count };
  const sum = { ...check('signature-count', signs.length === Math.abs(count)), about: [counted] };
  const out = failing(['order-wrong', 'mixed']);
  const away = failing(['place-wrong']);
  return [
    sum,
    check('signature-in-order', isStandardSignature(signs), out),
    check('signature-in-place', away.length === 0, away),
  ];
}

/** Judges a signature that was drawn: which signs, in which order, each in its place. */
export function judgeSignature(
  { tonic, scale, clef }: SignatureQuestion,
  drawn: readonly DrawnSign[],
  school: MarkSchool,
): Judged {
  const count = writtenSignature({ tonic, scale }, school);
  const wanted = accidentalsOf(count);
  const signs = drawn.map(({ sign }) => sign);
  const findings = signatureFindings(count, drawn, clef);
  const causes = explain(SIGNING, { tonic, scale }, [wanted, signs], isSameRow, school.known);
  return {
    correct: findings.length === 0,
    findings,
    causes,
    checks: signatureChecks(findings, count, signs),
    wrong: [...new Set(findings.filter(isWrong).flatMap(({ index }) => index ?? []))],
    parts: partsOf(wanted.length, findings),
  };
}

/** How many signs of which kind were named, and perhaps which: each may be right or wrong, and they may disagree. */
export type NamedSignature = { readonly fifths: Fifths | null; readonly signs: Signs | null };

function listFindings(count: Fifths, { fifths: said, signs }: NamedSignature): readonly Finding[] {
  const counted = (value: Fifths): Thing => ({ is: 'count', fifths: value });
  const found: Finding[] = [];
  if (said !== null && said !== count) {
    const code = Math.abs(said) === Math.abs(count) ? 'kind-differs' : 'count-differs';
    found.push({ code, index: null, expected: counted(count), got: counted(said) });
  }
  if (signs) {
    const listed = signs.map((sign): DrawnSign => ({ sign, octave: null }));
    found.push(...signatureFindings(count, listed, 'treble'));
    const ofList = fifths(signs.length * Math.sign(signs[0]?.alteration ?? 0));
    if (said !== null && ofList !== said)
      found.push({
        code: 'count-and-list-differ',
        index: null,
        expected: counted(said),
        got: counted(ofList),
      });
  }
  return found;
}

/** Judges a signature that was named: how many signs, of which kind, and which they are where they were listed. */
export function judgeNamedSignature(
  { tonic, scale }: NameSignatureQuestion,
  answer: NamedSignature,
  school: MarkSchool,
): Judged {
  const count = writtenSignature({ tonic, scale }, school);
  const wanted = accidentalsOf(count);
  const signs = answer.signs ?? (answer.fifths === null ? [] : accidentalsOf(answer.fifths));
  const findings = listFindings(count, answer);
  const nothing = answer.fifths === null && answer.signs === null;
  const agrees =
    answer.fifths !== null && answer.signs
      ? !findings.some(({ code }) => code === 'count-and-list-differ')
      : null;
  return {
    correct: !nothing && findings.length === 0,
    findings: nothing
      ? [{ code: 'note-missing', index: null, expected: { is: 'count', fifths: count }, got: null }]
      : findings,
    causes: nothing ? [] : explain(SIGNING, { tonic, scale }, [wanted, signs], isSameRow, school.known),
    checks: [
      {
        check: 'signature-count',
        holds: nothing ? null : signs.length === Math.abs(count),
        at: [],
        about: [{ is: 'count', fifths: count }],
      },
      {
        check: 'signature-in-order',
        holds: answer.signs ? isStandardSignature(answer.signs) : null,
        at: [],
        about: [],
      },
      { check: 'count-agrees', holds: agrees, at: [], about: [] },
    ],
    wrong: [...new Set(findings.flatMap(({ index }) => index ?? []))],
    parts: answer.signs
      ? partsOf(wanted.length, findings)
      : { of: 1, wrong: findings.length > 0 || nothing ? 1 : 0, halfRight: 0, apart: 0 },
  };
}

/** Judges an order of signs as a row, so that a sign said twice does not hide one left out. Letters alone are enough. */
export function judgeOrder(question: OrderQuestion, answer: Signs, { known }: MarkSchool): Judged {
  const { kind, count } = question;
  const wanted = orderOf(kind).slice(0, count);
  // Said as letters, the kind is known from the question.
  const plain = answer.every(({ alteration }) => alteration === 0);
  const plainOf = (row: Signs) => row.map(({ letter }) => letter).join();
  const signed = plain
    ? answer.map(({ letter }) => orderOf(kind).find((sign) => sign.letter === letter) as SpelledNote)
    : answer;
  const same = (one: Signs, other: Signs) =>
    plain ? plainOf(one) === plainOf(other) : isSameRow(one, other);
  const signature = fifths(count * (kind === 'sharps' ? 1 : -1));
  const findings = signatureFindings(
    signature,
    signed.map((sign) => ({ sign, octave: null })),
    'treble',
  );
  const twice = signed.findIndex((sign, at) => signed.indexOf(sign) < at);
  return {
    correct: findings.length === 0,
    findings,
    causes: explain(ORDERING, question, [wanted, signed], same, known),
    checks: [
      {
        check: 'signature-count',
        holds: signed.length === count,
        at: [],
        about: [{ is: 'count', fifths: signature }],
      },
      {
        check: 'none-twice',
        holds: twice < 0,
        at: twice < 0 ? [] : [twice],
        about: twice < 0 ? [] : [noteThing(signed[twice] as SpelledNote)],
      },
      {
        check: 'signature-in-order',
        holds: isSameRow(signed, wanted.slice(0, signed.length)),
        at: [],
        about: [],
      },
    ],
    wrong: [...new Set(findings.flatMap(({ index }) => index ?? []))],
    parts: partsOf(count, findings),
  };
}
