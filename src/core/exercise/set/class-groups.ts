import type { MistakeId } from '../../mark/mistakes/all';
import { answerCode, readAnswerCode } from '../code';
import { judge } from '../judge';
import { plainAnswer } from '../plain-answer';
import { cellOf, isRight, type SetWork } from './cell';
import { settledIn } from './needs';
import { valueUnder } from './paper';
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
  const groups = new Map<string, { code: string; people: string[]; late: string[]; called: number }>();
  const groupOf = (code: string) => {
    const answer = readAnswerCode(question.asked, code);
    const plain = answer ? answerCode(plainAnswer(answer)) : code;
    const own = groups.get(plain) ?? { code, people: [], late: [], called: 0 };
    groups.set(plain, own);
    return own;
  };
  for (const paper of work.papers) {
    const { code } = cellOf(question, paper, work);
    if (code === null) continue;
    const own = groupOf(code);
    (valueUnder(paper.late, question.id) ? own.late : own.people).push(paper.person);
  }
  for (const [code, count] of Object.entries(voices)) if (count > 0) groupOf(code).called += count;
  const settled = settledIn(work);
  return [...groups.values()]
    .flatMap((own): readonly ClassGroup[] => {
      const answer = readAnswerCode(question.asked, own.code);
      const judged = answer && judge(question.asked, answer, school);
      if (!judged) return [];
      const one = work.papers.find(({ person }) => person === own.people[0]);
      const accepted = one !== undefined && isRight(cellOf(question, one, work));
      const right = judged.correct || accepted;
      const [first] = own.people;
      const inClass = first === undefined ? [] : settled(first, question.id);
      const found = inClass.length > 0 ? inClass : (judged.causes[0]?.habits ?? []);
      return [{ ...own, right, habits: right ? [] : found }];
    })
    .toSorted(
      (a, b) => Number(b.right) - Number(a.right) || sizeOf(b) - sizeOf(a) || (a.code < b.code ? -1 : 1),
    );
}
