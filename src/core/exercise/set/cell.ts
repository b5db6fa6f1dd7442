import { marksUnder } from '../../mark/judging/marks';
import { BLANK_CODE } from '../code';
import { type Decisions, type Paper, type SetDecision, UNDECIDED, under, valueUnder } from './paper';
import type { SetQuestion } from './question';
import type { Verdicts } from './verdict';

/**
 * How an answer stands; `excused` was not reached by somebody who stopped, belongs to somebody who was not there, or came in
 * class after the right one had been shown.
 */
export type CellState =
  | 'open'
  | 'unread'
  | 'judging'
  | 'excused'
  | 'right'
  | 'accepted'
  | 'wrong'
  | 'corrected'
  | 'blank';

/** One student's answer to one question, with what came of it and what was decided. */
export type Cell = {
  readonly state: CellState;
  readonly code: string | null;
  /** Null where nothing is counted. */
  readonly got: number | null;
  readonly of: number | null;
  /** Habits that may stand behind it, or the one decided on; none of what is right. */
  readonly habits: readonly string[];
  readonly decision: SetDecision;
};

/** A set as it is looked at: what was asked, who wrote what, what it comes to, what was decided. */
export type SetWork = {
  readonly questions: readonly SetQuestion[];
  readonly papers: readonly Paper[];
  readonly verdicts: Verdicts;
  readonly decisions: Decisions;
};

const NOTHING = { code: null, got: null, of: null, habits: [], decision: UNDECIDED } as const;

/** A decision about one student's answer is laid over that about everybody's who wrote the same. */
function decided(all: SetDecision | undefined, own: SetDecision | undefined): SetDecision {
  if (!own) return all ?? UNDECIDED;
  if (!all) return own;
  return {
    accepted: own.accepted || all.accepted,
    habit: own.habit ?? all.habit,
    marks: own.marks ?? all.marks,
    comment: own.comment || all.comment,
  };
}

/** How one answer stands. */
export function cellOf(
  { id }: Pick<SetQuestion, 'id'>,
  paper: Paper,
  { verdicts, decisions }: Pick<SetWork, 'verdicts' | 'decisions'>,
): Cell {
  const code = valueUnder(paper.answers, id);
  if (paper.absent) return { state: 'excused', ...NOTHING };
  if (valueUnder(paper.typed, id) !== undefined) return { state: 'unread', ...NOTHING };
  if (code === undefined) return { state: paper.stopped ? 'excused' : 'open', ...NOTHING };
  const notCounted = (code === BLANK_CODE && paper.stopped) || valueUnder(paper.late, id) === true;
  if (notCounted) return { state: 'excused', ...NOTHING, code };
  const decision = decided(under(decisions, id, code), valueUnder(paper.own, id));
  const verdict = under(verdicts, id, code);
  if (!verdict) return { state: 'judging', ...NOTHING, code, decision };
  const { correct, of } = verdict;
  const accepted = decision.accepted && !correct;
  const full = accepted ? of : verdict.got;
  const got = decision.marks ? marksUnder(decision.marks, of) : full;
  const corrected = valueUnder(paper.corrected, id) ?? false;
  const found = decision.habit === null ? verdict.habits : [decision.habit].filter(Boolean);
  const wrong = code === BLANK_CODE ? 'blank' : corrected ? 'corrected' : 'wrong';
  const state = correct ? 'right' : accepted ? 'accepted' : wrong;
  return { state, code, got, of, habits: correct || accepted ? [] : found, decision };
}

/** Whether an answer is right, or was taken for it. */
export const isRight = ({ state }: Pick<Cell, 'state'>) => state === 'right' || state === 'accepted';

/** Whether an answer counts: it was given, or left out by somebody who was there and did not stop. */
export const counts = ({ got }: Pick<Cell, 'got'>) => got !== null;

/** The sum of a student's marks: got, of so many, and of how many questions something is counted. */
export type Total = { readonly got: number; readonly of: number; readonly answers: number };

/** What a paper comes to. What was not reached by somebody who stopped is left out; what is not judged yet, too. */
export function totalOf(work: SetWork, paper: Paper): Total {
  let [got, of, answers] = [0, 0, 0];
  for (const question of work.questions) {
    const cell = cellOf(question, paper, work);
    if (cell.got === null || cell.of === null) continue;
    got += cell.got;
    of += cell.of;
    answers += 1;
  }
  return { got, of, answers };
}
