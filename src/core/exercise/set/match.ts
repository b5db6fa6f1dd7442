import type { Answer } from '../answer';
import { readAnswerCode } from '../code';
import { rightAnswer } from '../kinds/all';
import type { MarkSchool } from '../kinds/kind';
import { midiOfAnswer } from './played';
import type { SetQuestion } from './question';

/** A text as names are compared: small letters without their accents, signs and more than one blank. */
function loose(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}

/**
 * Whose something is, by texts in which a name may stand, the likeliest text first. Null where nobody's name stands there, or
 * more than one does: that is asked, and not guessed. A longer name is nearer than one that is a part of it.
 */
export function personIn(
  texts: readonly string[],
  people: readonly { readonly id: string; readonly name: string }[],
): string | null {
  for (const text of texts) {
    const words = ` ${loose(text)} `;
    const found = people.filter(({ name }) => loose(name) !== '' && words.includes(` ${loose(name)} `));
    const most = Math.max(0, ...found.map(({ name }) => loose(name).length));
    const longest = found.filter(({ name }) => loose(name).length === most);
    if (longest.length === 1 && longest[0]) return longest[0].id;
    if (longest.length > 1) return null;
  }
  return null;
}

/** Where in a set something that was written or played belongs; null where it is not sure. */
export type RowPlace = { readonly row: number; readonly question: string | null };

/** How much of a row is as it should be, 0 to 1: places that agree, of the longer of both. */
function likeness(row: readonly number[], right: readonly number[]): number {
  const same = right.filter((each, at) => each === row[at]).length;
  return same / Math.max(row.length, right.length, 1);
}

/** At least so much must agree, and so much more than with any other question. */
const ENOUGH = 0.55;
const CLEARLY = 0.15;

function places(
  rows: readonly (readonly number[])[],
  rights: readonly (readonly [string, readonly number[]])[],
) {
  const all = rows.flatMap((row, at) =>
    rights.map(([question, right]) => ({ row: at, question, like: likeness(row, right) })),
  );
  const found: RowPlace[] = [];
  const [usedRows, usedQuestions] = [new Set<number>(), new Set<string>()];
  for (const each of all.toSorted((a, b) => b.like - a.like)) {
    if (usedRows.has(each.row) || usedQuestions.has(each.question) || each.like < ENOUGH) continue;
    const others = all.filter(
      ({ row, question }) => row === each.row && question !== each.question && !usedQuestions.has(question),
    );
    const sure = others.every(({ like }) => each.like - like >= CLEARLY);
    usedRows.add(each.row);
    if (sure) usedQuestions.add(each.question);
    found.push({ row: each.row, question: sure ? each.question : null });
  }
  return found;
}

const letters = (answer: Answer | null) =>
  answer?.is === 'scale' ? answer.notes.map(({ note }) => note.letter.charCodeAt(0)) : [];

/** Which question each row of a score answers, by its letters; rows that are like none are left out. */
export function placeRows(
  rows: readonly string[],
  questions: readonly SetQuestion[],
  school: MarkSchool,
): readonly RowPlace[] {
  const scales = questions.filter(({ asked }) => asked.kind === 'scale');
  const [first] = scales;
  if (!first) return [];
  const read = rows.map((code) => letters(readAnswerCode(first.asked, code)));
  const rights = scales.map(({ id, asked }) => [id, letters(rightAnswer(asked, school))] as const);
  if (rows.length === 1 && scales.length === 1) return [{ row: 0, question: first.id }];
  // Letters do not tell two scales on one tonic apart, and a sign may be just what is wrong: then it is asked.
  return places(read, rights);
}

/** Which question each run that was played answers, by its sounds. */
export function placeRuns(
  runs: readonly (readonly number[])[],
  questions: readonly SetQuestion[],
  school: MarkSchool,
): readonly RowPlace[] {
  const rights = questions.map(
    ({ id, asked }) => [id, midiOfAnswer(rightAnswer(asked, school)).map((midi) => midi % 12)] as const,
  );
  const only = questions.length === 1 && runs.length === 1 ? questions[0] : undefined;
  if (only) return [{ row: 0, question: only.id }];
  return places(
    runs.map((run) => run.map((midi) => midi % 12)),
    rights,
  );
}
