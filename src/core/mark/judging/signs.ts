import type { Fifths, SpelledNote } from '../../note/spelled';
import { isStandardSignature } from '../../scale/signature';
import { align } from './align';
import type { Finding, MarkCheck, Thing } from './judged';
import { isSameLetter, NOTHING_LOST, type Parts, partsOfRow, withApart } from './parts';

type Signs = readonly SpelledNote[];

/** How many of the right signs stand out of their order: all but the most that follow each other as they should. */
function outOfOrder(wanted: Signs, signs: Signs): number {
  const places = signs.map((sign) => wanted.indexOf(sign));
  const longest: number[] = [];
  for (const [at, place] of places.entries())
    longest[at] =
      1 + Math.max(0, ...longest.slice(0, at).filter((_, before) => (places[before] ?? 0) < place));
  return wanted.length - Math.max(0, ...longest);
}

/**
 * The parts of a signature: one for each sign asked, 1 where it is empty; a sign in another place, on the staff or in the
 * order, keeps its half.
 */
export function partsOfSignature(wanted: Signs, signs: Signs, findings: readonly Finding[] = []): Parts {
  const away = findings.filter(
    ({ code, index }) =>
      code === 'place-wrong' && index !== null && wanted.includes(signs[index] as SpelledNote),
  ).length;
  const permuted = signs.length === wanted.length && wanted.every((sign) => signs.includes(sign));
  const moved = permuted ? outOfOrder(wanted, signs) : 0;
  const parts = permuted
    ? { of: Math.max(1, wanted.length), lost: { parts: moved, lettersRight: moved }, apart: NOTHING_LOST }
    : partsOfRow(wanted, signs, align(wanted, signs), isSameLetter);
  return withApart(parts, { parts: away, lettersRight: away });
}

/** Places of an order that are right: after the right one before them, or in their own place, whichever are more. */
function inOrder(
  wanted: Signs,
  signs: Signs,
  same: (one: SpelledNote, other: SpelledNote) => boolean,
): number {
  const own = wanted.filter((sign, at) => signs[at] && same(sign, signs[at])).length;
  const after = wanted.filter((sign, place) => {
    const at = signs.findIndex((each) => same(each, sign));
    const [before, wantedBefore] = [signs[at - 1], wanted[place - 1]];
    if (at < 0) return false;
    return wantedBefore ? before !== undefined && same(before, wantedBefore) : at === 0;
  }).length;
  return Math.max(own, after);
}

/** The parts of an order of signs. */
export function partsOfOrder(wanted: Signs, signs: Signs): Parts {
  const right = inOrder(wanted, signs, (one, other) => one === other);
  const letters = inOrder(wanted, signs, isSameLetter);
  const left = Math.max(0, wanted.length - signs.length);
  const extra = Math.max(0, signs.length - wanted.length);
  return {
    of: wanted.length,
    lost: { parts: wanted.length - right - left + extra, lettersRight: letters - right },
    apart: { parts: left, lettersRight: 0 },
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
