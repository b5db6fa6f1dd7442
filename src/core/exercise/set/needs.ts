import type { NamedKey } from '../../mark/machine/written';
import { type MistakeId, mistakesNamed } from '../../mark/mistakes/all';
import { asciiName } from '../../note/spelled';
import { once } from '../../once';
import { answerCode, readAnswerCode } from '../code';
import { keyOf } from '../kinds/all';
import { plainAnswer } from '../plain-answer';
import { type Cell, cellOf, counts, isRight, type SetWork } from './cell';

/** One student's answer that counts. */
export type CountedCell = { readonly person: string; readonly question: string; readonly cell: Cell };

/** Every answer that counts, in the order of the papers and the questions. */
export const countedCells = once((work: SetWork): readonly CountedCell[] =>
  work.papers.flatMap((paper) =>
    work.questions.flatMap((question): readonly CountedCell[] => {
      const cell = cellOf(question, paper, work);
      return counts(cell) ? [{ person: paper.person, question: question.id, cell }] : [];
    }),
  ),
);

/** A habit in a set: who has it, and in which answers it shows. */
export type HabitNeed = {
  readonly habit: string;
  /** Who still has it, each once, in the order of the papers. */
  readonly people: readonly string[];
  /** Who put every answer right in which it showed. */
  readonly corrected: readonly string[];
  readonly answers: readonly CountedCell[];
};

/** The habits of one explanation, which may be two together. */
const partsOf = (explanation: string) => explanation.split('+').filter(Boolean);

const unique = <Value>(values: readonly Value[]) => [...new Set(values)];

/** How many people and answers each habit would explain among answers that are not explained yet. */
function weightsOf(
  cells: readonly CountedCell[],
): ReadonlyMap<string, { people: Set<string>; answers: number }> {
  const weights = new Map<string, { people: Set<string>; answers: number }>();
  for (const { person, cell } of cells) {
    for (const habit of new Set(cell.habits.flatMap(partsOf))) {
      const weight = weights.get(habit) ?? { people: new Set(), answers: 0 };
      weight.people.add(person);
      weight.answers += 1;
      weights.set(habit, weight);
    }
  }
  return weights;
}

/**
 * Which explanation stands behind each wrong answer: where several lead to just that answer, the one whose habits explain
 * most of the class. Habits are settled one after the other, the one met in most people first, then in most answers; the
 * order of entry decides nothing.
 */
function settledHabits(cells: readonly CountedCell[]): ReadonlyMap<CountedCell, string> {
  const settled = new Map<CountedCell, string>();
  let open = cells.filter(({ cell }) => cell.habits.length > 0);
  while (open.length > 0) {
    const [first] = [...weightsOf(open)].toSorted(
      ([a, one], [b, other]) =>
        other.people.size - one.people.size || other.answers - one.answers || (a < b ? -1 : 1),
    );
    if (!first) break;
    const [habit] = first;
    const rest: CountedCell[] = [];
    for (const each of open) {
      const explanation = each.cell.habits.find((text) => partsOf(text).includes(habit));
      if (explanation === undefined) rest.push(each);
      else settled.set(each, explanation);
    }
    open = rest;
  }
  return settled;
}

/** Which explanation stands behind the answer of a person to a question, as it was settled for the whole class. */
export const settledIn = once((work: SetWork) => {
  const settled = new Map(
    [...settledHabits(countedCells(work))].map(([{ person, question }, text]) => [
      `${person} ${question}`,
      text,
    ]),
  );
  return (person: string, question: string): readonly MistakeId[] =>
    mistakesNamed(settled.get(`${person} ${question}`) ?? '') ?? [];
});

/** The habits of a set, the one that most people have first; then the one in most answers. */
export const habitNeeds = once((work: SetWork): readonly HabitNeed[] => {
  const cells = countedCells(work);
  const settled = settledHabits(cells);
  const found = new Map<string, CountedCell[]>();
  for (const cell of cells) {
    for (const habit of partsOf(settled.get(cell) ?? '')) {
      const own = found.get(habit) ?? [];
      own.push(cell);
      found.set(habit, own);
    }
  }
  return [...found]
    .map(([habit, answers]): HabitNeed => {
      const still = unique(
        answers.filter(({ cell }) => cell.state !== 'corrected').map(({ person }) => person),
      );
      const corrected = unique(answers.map(({ person }) => person)).filter((each) => !still.includes(each));
      return { habit, people: still, corrected, answers };
    })
    .toSorted(
      (a, b) =>
        b.people.length - a.people.length ||
        b.answers.length - a.answers.length ||
        (a.habit < b.habit ? -1 : 1),
    );
});

/** How a group of answers went: how many count, how many were right, and the marks. */
export type Went = {
  readonly counted: number;
  readonly right: number;
  readonly corrected: number;
  readonly got: number;
  readonly of: number;
};

function wentOf(cells: readonly CountedCell[]): Went {
  const sum = (value: (cell: Cell) => number) => cells.reduce((all, { cell }) => all + value(cell), 0);
  return {
    counted: cells.length,
    right: cells.filter(({ cell }) => isRight(cell)).length,
    corrected: cells.filter(({ cell }) => cell.state === 'corrected').length,
    got: sum(({ got }) => got ?? 0),
    of: sum(({ of }) => of ?? 0),
  };
}

/** The part of the answers that are right, 0 to 1; 1 where nothing counts. */
const shareRight = ({ counted, right }: Went) => (counted === 0 ? 1 : right / counted);

export type QuestionNeed = Went & { readonly question: string };

/** How each question went, the hardest first; questions without an answer are left out. */
export function questionNeeds(work: SetWork): readonly QuestionNeed[] {
  const cells = countedCells(work);
  return work.questions
    .map(({ id }) => ({ question: id, ...wentOf(cells.filter(({ question }) => question === id)) }))
    .filter(({ counted }) => counted > 0)
    .toSorted((a, b) => shareRight(a) - shareRight(b));
}

export type KeyNeed = Went & {
  readonly key: NamedKey;
  readonly questions: readonly string[];
};

/** How each key went, the one with the most trouble first; questions about no key are left out. */
export function keyNeeds(work: SetWork): readonly KeyNeed[] {
  const cells = countedCells(work);
  const keys = new Map<string, { readonly key: NamedKey; readonly questions: string[] }>();
  for (const { id, asked } of work.questions) {
    const key = keyOf(asked);
    if (!key) continue;
    const code = `${asciiName(key.tonic)} ${key.scale}`;
    const own = keys.get(code) ?? { key, questions: [] };
    own.questions.push(id);
    keys.set(code, own);
  }
  return [...keys.values()]
    .map(
      (own): KeyNeed => ({
        ...own,
        ...wentOf(cells.filter(({ question }) => own.questions.includes(question))),
      }),
    )
    .filter(({ counted }) => counted > 0)
    .toSorted((a, b) => shareRight(a) - shareRight(b) || b.counted - a.counted);
}

/** Those who wrote the same to a question. */
export type SameAnswer = {
  /** The first of its codes; they differ where one way in knows octaves or printed signs and another does not. */
  readonly code: string;
  readonly codes: readonly string[];
  readonly people: readonly string[];
  /** How it stands for each of them but for what was decided about one alone. */
  readonly cell: Cell;
};

/** The answers to a question with who gave them: the right ones first, then the most frequent. */
export function sameAnswers(work: SetWork, question: string): readonly SameAnswer[] {
  const asked = work.questions.find(({ id }) => id === question);
  if (!asked) return [];
  const groups = new Map<string, { codes: string[]; people: string[]; cell: Cell }>();
  for (const paper of work.papers) {
    const { code } = cellOf(asked, paper, work);
    if (code === null) continue;
    const alone = cellOf(asked, { ...paper, own: {}, corrected: {} }, work);
    const answer = readAnswerCode(asked.asked, code);
    const said = answer ? answerCode(plainAnswer(answer)) : code;
    const name = `${said} ${isRight(alone)} ${alone.got}`;
    const there = groups.get(name);
    if (!there) groups.set(name, { codes: [code], people: [paper.person], cell: alone });
    else {
      there.people.push(paper.person);
      if (!there.codes.includes(code)) there.codes.push(code);
    }
  }
  return [...groups.values()]
    .map((group): SameAnswer => ({ code: group.codes[0] ?? '', ...group }))
    .toSorted(
      (a, b) =>
        Number(isRight(b.cell)) - Number(isRight(a.cell)) ||
        b.people.length - a.people.length ||
        (a.code < b.code ? -1 : 1),
    );
}
