import type { Score } from '../../mark/judging/marks';

/** What a teacher decided about an answer: about one student's, or about everybody's who wrote the same. */
export type SetDecision = {
  /** It is right too. */
  readonly accepted: boolean;
  /** The habit in place of those found; empty for none; null as found. */
  readonly habit: string | null;
  /** Marks in place of those counted; null as counted. */
  readonly marks: Score | null;
  readonly comment: string;
};

export const UNDECIDED: SetDecision = { accepted: false, habit: null, marks: null, comment: '' };

/** What one student wrote on a set, by the names of its questions. */
export type Paper = {
  /** Who wrote it: a person of the class. */
  readonly person: string;
  readonly absent: boolean;
  /** The student stopped and handed in what there was: what was not reached counts neither for nor against. */
  readonly stopped: boolean;
  /** Minutes worked on it; null where nobody noted them. */
  readonly minutes: number | null;
  /** Answers in codes; a blank is a code too, and what was not entered is not there. */
  readonly answers: Readonly<Record<string, string>>;
  /** What was typed and cannot be read yet. */
  readonly typed: Readonly<Record<string, string>>;
  /** The student put it right afterwards. */
  readonly corrected: Readonly<Record<string, boolean>>;
  /** Given in class after the right answer had been shown: it counts neither for nor against. */
  readonly late: Readonly<Record<string, boolean>>;
  readonly own: Readonly<Record<string, SetDecision>>;
};

export function emptyPaper(person: string): Paper {
  return {
    person,
    absent: false,
    stopped: false,
    minutes: null,
    answers: {},
    typed: {},
    corrected: {},
    late: {},
    own: {},
  };
}

/** By question and by answer. */
export type ByAnswer<Value> = Readonly<Record<string, Readonly<Record<string, Value>>>>;

/** What was decided about everybody's answers. */
export type Decisions = ByAnswer<SetDecision>;

/** What lies under a name; undefined where nothing does. */
export function valueUnder<Value>(record: Readonly<Record<string, Value>>, name: string): Value | undefined {
  return Object.hasOwn(record, name) ? record[name] : undefined;
}

/** What lies under a question and an answer; undefined where nothing does. */
export function under<Value>(table: ByAnswer<Value>, question: string, code: string): Value | undefined {
  const answers = valueUnder(table, question);
  return answers && valueUnder(answers, code);
}

/** A table with one thing laid under a question and an answer. */
export function laid<Value>(
  table: ByAnswer<Value>,
  question: string,
  code: string,
  value: Value,
): ByAnswer<Value> {
  return { ...table, [question]: { ...table[question], [code]: value } };
}
