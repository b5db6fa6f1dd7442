import type { BroughtPaper } from '@/store/answer-sets';

/** The answer of one person to one question. */
export type Brought = { readonly person: string; readonly question: string; readonly code: string };

export type BringHands = {
  readonly take: (papers: readonly BroughtPaper[]) => void;
  readonly tell: (text: string) => void;
};

/** Answers by their people, as papers. */
export function papersOf(answers: readonly Brought[]): readonly BroughtPaper[] {
  const people = [...new Set(answers.map(({ person }) => person))];
  return people.map((person) => ({
    person,
    answers: Object.fromEntries(
      answers.flatMap((each) => (each.person === person ? [[each.question, each.code]] : [])),
    ),
  }));
}
