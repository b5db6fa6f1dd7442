import type { Fifths, SpelledNote } from '../../note/spelled';
import { isStandardSignature } from '../../scale/signature';
import type { Finding, Judged, MarkCheck, Thing } from './judged';

type Signs = readonly SpelledNote[];

/** The parts of an answer in signs. Signs out of order are one mistake, however many stand elsewhere for it. */
export function partsOfSigns(of: number, findings: readonly Finding[]): Judged['parts'] {
  const wrong = findings.filter(
    ({ code }, at) =>
      code !== 'mixed' && (code !== 'order-wrong' || findings.findIndex((each) => each.code === code) === at),
  );
  const noLetter = ['note-missing', 'note-extra', 'wrong-note'];
  return {
    of: Math.max(1, of),
    wrong: Math.min(Math.max(1, of), wrong.length),
    halfRight: wrong.filter(({ code }) => !noLetter.includes(code)).length,
    separate: 0,
  };
}

/** The tests on a drawn signature: how many signs, in their order, each in its place. */
export function signatureChecks(
  findings: readonly Finding[],
  count: Fifths,
  signs: Signs,
): readonly MarkCheck[] {
  const failing = (codes: readonly Finding['code'][]) => findings.filter(({ code }) => codes.includes(code));
  const check = (id: MarkCheck['check'], holds: boolean, found: readonly Finding[] = []): MarkCheck => ({
    check: id,
    holds,
    at: found.flatMap(({ index }) => index ?? []),
    about: found[0]?.expected ? [found[0].expected] : [],
  });
  const counted: Thing = { is: 'count', fifths: count };
  const away = failing(['place-wrong']);
  return [
    { ...check('signature-count', signs.length === Math.abs(count)), about: [counted] },
    check('signature-in-order', isStandardSignature(signs), failing(['order-wrong', 'mixed'])),
    check('signature-in-place', away.length === 0, away),
  ];
}

/** The places of an answer that findings point at, each once. */
export function placesOf(findings: readonly Finding[]): readonly number[] {
  return [...new Set(findings.flatMap(({ index }) => index ?? []))];
}
