import { asciiName, type SpelledNote } from '../../note/spelled';
import { PATTERNS } from '../../scale/pattern';
import { accidentalsOf, signatureOf } from '../../scale/signature';
import type { Answer } from '../answer';
import { readAnswerCode } from '../code';
import { keyOf, type MarkQuestion, rightAnswer } from '../kinds/all';
import type { Paper } from './paper';
import type { SetQuestion } from './question';
import type { SetSchool } from './verdict';

/** The three ways to know a signature: how many signs, which, and whose key it is. */
export const SIDES = ['count', 'list', 'name'] as const;

export type SideName = (typeof SIDES)[number];

/** One of them in one answer. */
export type Side = { readonly side: SideName; readonly right: boolean; readonly question: string };

/** What one student knows of a signature, where two answers, or two parts of one, disagree about it. */
export type Disagreement = {
  readonly person: string;
  /** Fifths: flats below 0. */
  readonly fifths: number;
  readonly sides: readonly Side[];
};

const sameSigns = (one: readonly SpelledNote[], other: readonly SpelledNote[]) =>
  one.map(asciiName).join() === other.map(asciiName).join();

/** How many signs of one kind a list has, flats below 0; null where it mixes them. */
function countOf(signs: readonly SpelledNote[]): number | null {
  const kinds = new Set(signs.map(({ alteration }) => Math.sign(alteration)));
  if (signs.length === 0) return 0;
  const [kind] = kinds;
  return kinds.size === 1 && kind !== undefined && kind !== 0 ? kind * signs.length : null;
}

type Known = { readonly fifths: number; readonly sides: readonly (readonly [SideName, boolean])[] };

/** What an answer says of a signature; null where it says nothing of any. */
function knownIn(asked: MarkQuestion, answer: Answer, school: SetSchool): Known | null {
  if (asked.kind === 'name-key') {
    if (answer.is !== 'key') return null;
    const right = rightAnswer(asked, school);
    const isRight = right.is === 'key' && asciiName(right.key.tonic) === asciiName(answer.key.tonic);
    return { fifths: asked.question.fifths, sides: [['name', isRight]] };
  }
  if (asked.kind !== 'signature' && asked.kind !== 'name-signature') return null;
  const key = keyOf(asked);
  if (!key?.scale) return null;
  const fifths = signatureOf(key.tonic, PATTERNS[key.scale].mode);
  const right = accidentalsOf(fifths);
  if (answer.is === 'drawn') {
    const signs = answer.signs.map(({ sign }) => sign);
    const count = countOf(signs);
    return {
      fifths,
      sides: [
        ['count', count === fifths],
        ['list', sameSigns(signs, right)],
      ],
    };
  }
  if (answer.is !== 'count') return null;
  const count: Known['sides'] = answer.fifths === null ? [] : [['count', answer.fifths === fifths]];
  const list: Known['sides'] = answer.signs === null ? [] : [['list', sameSigns(answer.signs, right)]];
  return { fifths, sides: [...count, ...list] };
}

/**
 * Cross-checks what each student says of a signature: count, list and name can each be right or wrong. Answered are the
 * signatures of which one is right and another is not.
 */
export function disagreements(
  questions: readonly SetQuestion[],
  papers: readonly Paper[],
  school: SetSchool,
): readonly Disagreement[] {
  return papers.flatMap((paper) => {
    const bySignature = new Map<number, Side[]>();
    for (const { id, asked } of questions) {
      const code = Object.hasOwn(paper.answers, id) ? paper.answers[id] : undefined;
      const answer = code === undefined || paper.absent ? null : readAnswerCode(asked, code);
      const known = answer && knownIn(asked, answer, school);
      if (!known) continue;
      const sides = bySignature.get(known.fifths) ?? [];
      for (const [side, right] of known.sides) sides.push({ side, right, question: id });
      bySignature.set(known.fifths, sides);
    }
    return [...bySignature]
      .filter(([, sides]) => sides.some(({ right }) => right) && sides.some(({ right }) => !right))
      .map(([fifths, sides]): Disagreement => ({ person: paper.person, fifths, sides }));
  });
}
