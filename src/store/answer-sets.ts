import { emptyPaper, type Paper, type SetDecision, UNDECIDED, under } from '@/core/exercise/set/paper';
import type { Rejudged, Verdicts } from '@/core/exercise/set/verdict';
import { type AnswerSet, MOST_GUESTS_KEPT } from './answer-set';
import { type Change, type Edit, edit, editing } from './change';
import { NAME_LIMIT } from './limits';
import type { StoredPaper } from './paper';
import type { SchoolData } from './school-data';
import { paperId, withoutSets } from './sets-of';
import { orderAfter } from './shelf';

/** What a set is begun with. */
export type SetBeginning = Pick<AnswerSet, 'name' | 'group' | 'sheet' | 'questions' | 'inClass'>;

/** A new set of today. */
export function makingSet(data: SchoolData, id: string, begins: SetBeginning, now: string): Change {
  const set: AnswerSet = {
    v: 2,
    id,
    ...begins,
    name: begins.name.slice(0, NAME_LIMIT),
    questions: [...begins.questions],
    decisions: {},
    voices: {},
    guests: [],
    day: now.slice(0, 10),
    order: orderAfter(data.sets),
    changedAt: now,
  };
  return { says: 'set-made', edits: [edit('sets', id, null, set)] };
}

/** Takes a set away; `data` must hold its papers. */
export function deletingSet(data: SchoolData, id: string): Change {
  const own = {
    sets: data.sets.filter((each) => each.id === id),
    papers: data.papers.filter(({ set }) => set === id),
    judgings: data.judgings.filter(({ set }) => set === id),
  };
  return { says: 'set-deleted', edits: withoutSets(own) };
}

/** Changes what a set is called, when it was, or what it asks. */
export function changingSet(
  data: SchoolData,
  id: string,
  fields: Partial<Pick<AnswerSet, 'name' | 'day' | 'group' | 'questions' | 'inClass'>>,
  now: string,
): Change {
  const before = data.sets.find((each) => each.id === id);
  return before ? editing('sets', before, fields, now) : { says: 'edited', edits: [] };
}

function freshPaper(set: AnswerSet, person: string, order: number, now: string): StoredPaper {
  const paper = { ...emptyPaper(person), answers: {}, typed: {}, corrected: {}, late: {}, own: {} };
  return {
    v: 2,
    id: paperId(set.id, person),
    set: set.id,
    group: set.group,
    ...paper,
    order,
    changedAt: now,
  };
}

/** A paper with some of it changed. */
export type PaperChange = { readonly person: string; readonly change: (paper: Paper) => Partial<Paper> };

/**
 * Changes papers of a set, each made where there was none. A paper on which nothing stands any more is still a paper:
 * somebody may have taken everything back.
 */
export function writingPapers(
  data: SchoolData,
  set: string,
  papers: readonly PaperChange[],
  now: string,
  says: Change['says'] = 'answers-entered',
): Change {
  const record = data.sets.find(({ id }) => id === set);
  if (!record) return { says, edits: [] };
  let order = orderAfter(data.papers);
  const edits = papers.flatMap(({ person, change }): readonly Edit[] => {
    const id = paperId(set, person);
    const before = data.papers.find((each) => each.id === id) ?? null;
    const stands = before ?? freshPaper(record, person, order, now);
    order += 1;
    const changed = change(stands);
    if (Object.keys(changed).length === 0) return [];
    return [edit('papers', id, before, { ...stands, ...(changed as Partial<StoredPaper>), changedAt: now })];
  });
  return { says, edits };
}

const without = <Value>(record: Readonly<Record<string, Value>>, name: string) =>
  Object.fromEntries(Object.entries(record).filter(([each]) => each !== name));

/** A paper with an answer in a code, or with what was typed and cannot be read; null for neither. */
export function answering(
  question: string,
  answer: { readonly code: string } | { readonly typed: string } | null,
): PaperChange['change'] {
  return ({ answers, typed, corrected, late, own }) => {
    const others = {
      answers: without(answers, question),
      typed: without(typed, question),
      late: without(late, question),
    };
    // What was decided about another answer does not hold of this one.
    const afresh =
      answer && 'code' in answer && answers[question] === answer.code
        ? {}
        : { corrected: without(corrected, question), own: without(own, question) };
    if (answer === null) return { ...others, ...afresh };
    if ('typed' in answer)
      return { ...others, ...afresh, typed: { ...others.typed, [question]: answer.typed } };
    return {
      ...others,
      ...afresh,
      absent: false,
      answers: { ...others.answers, [question]: answer.code },
    };
  };
}

/** What is brought in of one paper: answers in codes, and what holds of all of it where that is known. */
export type BroughtPaper = {
  readonly person: string;
  readonly answers: Readonly<Record<string, string>>;
  readonly about?: Partial<Pick<Paper, 'absent' | 'stopped' | 'minutes'>>;
};

/** Writes what was brought in of many people at once, each answer as it would be entered. */
export function bringingPapers(
  data: SchoolData,
  set: string,
  papers: readonly BroughtPaper[],
  now: string,
): Change {
  const changes = papers.map(({ person, answers, about }): PaperChange => {
    const change = (paper: Paper) => {
      let next = paper;
      for (const [question, code] of Object.entries(answers))
        next = { ...next, ...answering(question, { code })(next) };
      return { ...next, ...about };
    };
    return { person, change };
  });
  return writingPapers(data, set, changes, now);
}

/** What somebody answered in class, or took back; `late` is after the right answer had been shown. */
export type AnsweredInClass = {
  readonly person: string;
  readonly code: string | null;
  readonly late: boolean;
};

/** Writes what was answered in class to one question, and who was there without a name of the class. */
export function answeringInClass(
  data: SchoolData,
  set: string,
  {
    question,
    given,
    guests,
  }: {
    readonly question: string;
    readonly given: readonly AnsweredInClass[];
    readonly guests: AnswerSet['guests'];
  },
  now: string,
): Change {
  const record = data.sets.find(({ id }) => id === set);
  if (!record) return { says: 'answered-in-class', edits: [] };
  const changes = given.map(({ person, code, late }): PaperChange => {
    const change = (paper: Paper) => {
      const stands = (paper.answers[question] ?? null) === code && (paper.late[question] ?? false) === late;
      if (stands) return {};
      const written = answering(question, code === null ? null : { code })(paper);
      return late ? { ...written, late: { ...paper.late, [question]: true } } : written;
    };
    return { person, change };
  });
  const { edits } = writingPapers(data, set, changes, now);
  const known = new Set(record.guests.map(({ id }) => id));
  const more = guests.filter(({ id }) => !known.has(id));
  const all = [...record.guests, ...more].slice(0, MOST_GUESTS_KEPT);
  const met = more.length === 0 ? [] : editing('sets', record, { guests: all }, now).edits;
  return { says: 'answered-in-class', edits: [...met, ...edits] };
}

/** Somebody who joined under another name is found to be a student: the answers go on that paper. */
export function guestIsStudent(
  data: SchoolData,
  set: string,
  guest: string,
  student: string,
  now: string,
): Change {
  const record = data.sets.find(({ id }) => id === set);
  const paper = data.papers.find(({ id }) => id === paperId(set, guest));
  if (!record || !paper) return { says: 'answered-in-class', edits: [] };
  const { answers, late } = paper;
  const moved: PaperChange = {
    person: student,
    change: (own) => ({ answers: { ...answers, ...own.answers }, late: { ...late, ...own.late } }),
  };
  const guests = record.guests.filter(({ id }) => id !== guest);
  return {
    says: 'answered-in-class',
    edits: [
      ...writingPapers(data, set, [moved], now).edits,
      ...editing('sets', record, { guests }, now).edits,
      edit('papers', paper.id, paper, null),
    ],
  };
}

/** Decides about everybody's answer who wrote the same. */
export function decidingForAll(
  data: SchoolData,
  set: string,
  { question, codes }: { readonly question: string; readonly codes: readonly string[] },
  decision: Partial<SetDecision>,
  now: string,
): Change {
  const before = data.sets.find(({ id }) => id === set);
  if (!before) return { says: 'answers-decided', edits: [] };
  const own = codes.map((code) => [
    code,
    { ...(under(before.decisions, question, code) ?? UNDECIDED), ...decision },
  ]);
  const decisions = {
    ...before.decisions,
    [question]: { ...before.decisions[question], ...Object.fromEntries(own) },
  };
  return editing('sets', before, { decisions }, now, 'answers-decided');
}

/** Decides about one student's answer alone. */
export function decidingForOne(question: string, decision: Partial<SetDecision>): PaperChange['change'] {
  return ({ own }) => ({
    own: { ...own, [question]: { ...(own[question] ?? UNDECIDED), ...decision } },
  });
}

/** Counts an answer that was called out; −1 takes one back. */
export function calling(
  data: SchoolData,
  set: string,
  { question, code }: { readonly question: string; readonly code: string },
  by: 1 | -1,
  now: string,
): Change {
  const before = data.sets.find(({ id }) => id === set);
  if (!before) return { says: 'answers-entered', edits: [] };
  const count = Math.max(0, (under(before.voices, question, code) ?? 0) + by);
  const own = { ...before.voices[question], [code]: count };
  const voices = { ...before.voices, [question]: count === 0 ? without(own, code) : own };
  return editing('sets', before, { voices }, now, 'answers-entered');
}

/** What the answers of a set came to; it is worked out again at any time, so it is nothing to take back. */
export function judgingOf(
  data: SchoolData,
  set: string,
  { by, verdicts, changes }: { by: string; verdicts: Verdicts; changes: readonly Rejudged[] },
  now: string,
): Change {
  const before = data.judgings.find((each) => each.set === set) ?? null;
  const after = { v: 1 as const, id: set, set, by, verdicts, changes, order: 0, changedAt: now };
  return {
    says: 'judged',
    edits: [edit('judgings', set, before, after as unknown as (typeof data.judgings)[number])],
  };
}
