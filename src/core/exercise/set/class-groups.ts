import type { MistakeId } from '../../mark/mistakes/all';
import { onceForTwo } from '../../once';
import { answerCode, readAnswerCode } from '../code';
import { judge } from '../judge';
import type { MarkQuestion } from '../kinds/all';
import { plainAnswer } from '../plain-answer';
import { cellOf, isRight, type SetWork } from './cell';
import { settledIn } from './needs';
import { type Paper, valueUnder } from './paper';
import type { SetQuestion } from './question';
import type { SetSchool } from './verdict';

/** Those of a class who gave the same answer, with names or called out without. */
export type ClassGroup = {
  readonly code: string;
  readonly people: readonly string[];
  /** Who gave it after the right one had been shown. */
  readonly late: readonly string[];
  readonly called: number;
  readonly right: boolean;
  /** The habits behind it, as they are settled for the class; none where none fits. */
  readonly habits: readonly MistakeId[];
};

/** How many gave an answer in time, by name or called out. */
export const sizeOf = ({ people, called }: ClassGroup) => people.length + called;

/** Whether anybody has answered a question, by name or aloud. */
export function hasAnswers(
  papers: readonly Pick<Paper, 'answers'>[],
  question: string,
  voices: Readonly<Record<string, number>>,
): boolean {
  const written = papers.some(({ answers }) => valueUnder(answers, question) !== undefined);
  return written || Object.values(voices).some((count) => count > 0);
}

type Found = { readonly right: boolean; readonly habits: readonly MistakeId[] };

/** What answers that were called out come to, each judged once. */
const calledOut = onceForTwo((asked: MarkQuestion, school: SetSchool) => {
  const known = new Map<string, Found | null>();
  return (code: string): Found | null => {
    const found = known.get(code);
    if (found !== undefined) return found;
    const answer = readAnswerCode(asked, code);
    const judged = answer && judge(asked, answer, school);
    const made = judged && { right: judged.correct, habits: judged.causes[0]?.habits ?? [] };
    known.set(code, made);
    return made;
  };
});

type Group = { code: string; people: string[]; late: string[]; called: number };

/** Those together who gave the same answer; how it was written is no matter. */
function grouped(
  { papers, verdicts, decisions }: SetWork,
  question: SetQuestion,
  voices: Readonly<Record<string, number>>,
): readonly Group[] {
  const groups = new Map<string, Group>();
  const groupOf = (code: string) => {
    const answer = readAnswerCode(question.asked, code);
    const plain = answer ? answerCode(plainAnswer(answer)) : code;
    const own = groups.get(plain) ?? { code, people: [], late: [], called: 0 };
    groups.set(plain, own);
    return own;
  };
  for (const paper of papers) {
    const { code, state } = cellOf(question, paper, { verdicts, decisions });
    // What is being judged stands there in a moment.
    if (code === null || state === 'judging') continue;
    const own = groupOf(code);
    (valueUnder(paper.late, question.id) ? own.late : own.people).push(paper.person);
  }
  for (const [code, count] of Object.entries(voices)) if (count > 0) groupOf(code).called += count;
  return [...groups.values()];
}

/**
 * What a class answered to one question, those together who answered the same: the right ones first, then the most frequent.
 *
 * @param voices how often each answer was called out, by its code
 */
export function classGroups(
  work: SetWork,
  question: SetQuestion,
  voices: Readonly<Record<string, number>>,
  school: SetSchool,
): readonly ClassGroup[] {
  const settled = settledIn(work);
  return grouped(work, question, voices)
    .flatMap((own): readonly ClassGroup[] => {
      const one = work.papers.find(({ person }) => person === own.people[0]);
      const found: Found | null = one
        ? { right: isRight(cellOf(question, one, work)), habits: settled(one.person, question.id) }
        : calledOut(question.asked, school)(own.code);
      return found ? [{ ...own, right: found.right, habits: found.right ? [] : found.habits }] : [];
    })
    .toSorted(
      (a, b) => Number(b.right) - Number(a.right) || sizeOf(b) - sizeOf(a) || (a.code < b.code ? -1 : 1),
    );
}
