import { useEffect, useMemo, useRef, useState } from 'react';
import type { Answer } from '@/core/exercise/answer';
import { answerCode, BLANK_CODE, readAnswerCode } from '@/core/exercise/code';
import { rightAnswer } from '@/core/exercise/kinds/all';
import { type Cell, cellOf } from '@/core/exercise/set/cell';
import { habitNeeds, sameAnswers } from '@/core/exercise/set/needs';
import type { Paper, SetDecision } from '@/core/exercise/set/paper';
import type { SetQuestion } from '@/core/exercise/set/question';
import { type UsualAnswer, usualAnswers, usualTurns } from '@/core/exercise/set/usual';
import { type SetSchool, setSchool } from '@/core/exercise/set/verdict';
import type { ClassWords } from '@/core/words/class-words';
import { readGiven } from '@/core/words/read-given';
import { sayGiven } from '@/core/words/say-given';
import {
  answering,
  decidingForAll,
  decidingForOne,
  type PaperChange,
  writingPapers,
} from '@/store/answer-sets';
import type { Change } from '@/store/change';
import type { SchoolHandle } from '@/ui/school/use-school';
import { useSteady } from '@/ui/use-steady';
import type { SetWalk } from '../../address/mark/set-address';
import { firstOpen, nextPerson, nextPlace, type Place, placed, type Size, stepped } from './grid-state';
import type { SetInHand } from './use-set';

/** Gives the focus to the cell in hand. */
export function focusGrid(): void {
  const focus = () => {
    const cell = document.querySelector('[data-grid-at]');
    if (cell instanceof HTMLElement) cell.focus();
  };
  // Keys that follow at once are the grid's; the cell in hand may be drawn elsewhere in a moment.
  focus();
  requestAnimationFrame(focus);
}

/** What stands at a place, and what is being entered there. */
type Standing = {
  readonly place: Place;
  readonly size: Size;
  readonly paper: Paper | undefined;
  readonly question: SetQuestion | undefined;
  readonly cell: Cell | null;
  readonly given: Answer | null;
  /** What was typed and not taken over yet. */
  readonly typed: string | null;
  readonly draft: Answer | null;
  /** Null until they are worked out; `usualNow` works them out at once, for whoever presses before. */
  readonly usual: readonly UsualAnswer[] | null;
  readonly usualNow: () => readonly UsualAnswer[];
  readonly marking: SetSchool;
};

/** The place in hand; until something is done, it is where something is to be entered first. */
function usePlace({ people, work }: SetInHand, walk: SetWalk) {
  const [stands, setStands] = useState<Place | null>(null);
  const size = useMemo(
    () => ({ people: people.length, questions: work.questions.length }),
    [people.length, work.questions.length],
  );
  const opens = useMemo(() => {
    const isOpen = ({ person, question }: Place) => {
      const [paper, asked] = [work.papers[person], work.questions[question]];
      return paper && asked ? cellOf(asked, paper, work).state === 'open' : false;
    };
    return firstOpen(isOpen, walk, size) ?? { person: 0, question: 0 };
  }, [work, walk, size]);
  return { place: placed(stands ?? opens, size), size, setStands };
}

/** As long as one turn may take beside whoever types. */
const TURN_MS = 8;

/**
 * Whether the usual answers to a question are worked out: in short turns, between which the page goes on, and those of the
 * other questions after them.
 */
export function useWorkedOut(
  question: SetQuestion | undefined,
  all: readonly SetQuestion[],
  marking: SetSchool,
): boolean {
  const [, setDone] = useState<SetQuestion | null>(null);
  useEffect(() => {
    if (!question) return;
    const order = [question, ...all.filter((each) => each !== question)];
    let turns = [...usualTurns(question, marking)];
    let timer = setTimeout(function turn() {
      const until = performance.now() + TURN_MS;
      while (turns.length > 0 && performance.now() < until) turns.shift()?.();
      if (turns.length === 0) {
        const done = order.shift();
        if (done === question) setDone(done);
        const [next] = order;
        if (!next) return;
        turns = [...usualTurns(next, marking)];
      }
      timer = setTimeout(turn);
    });
    return () => clearTimeout(timer);
  }, [question, all, marking]);
  return question !== undefined && usualTurns(question, marking).length === 0;
}

function useStanding(
  w: ClassWords,
  held: SetInHand,
  draft: Answer | null,
  place: Place,
  size: Size,
): Standing {
  const { work } = held;
  const paper = work.papers[place.person];
  const question = work.questions[place.question];
  const marking = useMemo(() => setSchool(w.settings, []), [w.settings]);
  const typed = paper && question ? (paper.typed[question.id] ?? null) : null;
  const read = question && typed !== null ? readGiven(w, question.asked, typed) : null;
  const cell = useMemo(
    () => (paper && question ? cellOf(question, paper, work) : null),
    [paper, question, work],
  );
  const stored = question && cell?.code != null ? readAnswerCode(question.asked, cell.code) : null;
  const usualNow = () => {
    if (!question) return [];
    const met = sameAnswers(work, question.id).flatMap(({ code, cell: each }) =>
      each.state === 'right' || code === BLANK_CODE ? [] : [code],
    );
    const own = { ...work, papers: paper ? [paper] : [] };
    const habits = [...habitNeeds(own), ...habitNeeds(work)].map(({ habit }) => habit);
    return usualAnswers(question, met, [...new Set(habits)], marking);
  };
  const isWorked = useWorkedOut(question, work.questions, marking);
  // While answers are judged by the dozen, what is usual stays as it was: the class's habits are not known yet.
  const settled = useRef(work);
  if (held.judging.left === 0 || settled.current.questions !== work.questions) settled.current = work;
  const known = settled.current;
  // biome-ignore lint/correctness/useExhaustiveDependencies: these are what it is worked out from
  const usual = useMemo(() => (isWorked ? usualNow() : null), [question, paper, known, marking, isWorked]);
  const given = draft ?? (read?.ok ? read.given : null) ?? stored;
  return { place, size, paper, question, cell, given, typed, draft, usual, usualNow, marking };
}

type Hands = {
  readonly stands: Standing;
  readonly walk: SetWalk;
  readonly work: SetInHand['work'];
  readonly write: (change: PaperChange['change'], says?: Change['says']) => void;
  readonly draw: (draft: Answer | null) => void;
  readonly go: (place: Place) => void;
};

/** Takes what stands in the field over, where it can be read; answers whether it could. */
function takeOver({ stands, write }: Hands): boolean {
  const { question, draft, typed, given } = stands;
  if (!question || (draft === null && typed === null)) return true;
  const unread = draft === null && given === null;
  if (unread || !given) return false;
  write(answering(question.id, { code: answerCode(given) }));
  return true;
}

/** Answers that are given with one key, and the walk over the grid. */
function oneKey(hands: Hands) {
  const { stands, walk, work, write, go, draw } = hands;
  const { place, size, paper, question, usual, usualNow, marking } = stands;
  const enter = (code: string | undefined) => {
    if (!question || code === undefined) return;
    write(answering(question.id, { code }));
    go(nextPlace(place, walk, size));
    focusGrid();
  };
  const leave = (next: Place) => {
    // What cannot be read stays where it was typed.
    takeOver(hands);
    go(next);
  };
  return {
    choose: (next: Place) => leave(placed(next, size)),
    step: (by: Partial<Place>) => {
      leave(stepped(place, by, size));
      focusGrid();
    },
    right: () => question && enter(answerCode(rightAnswer(question.asked, marking))),
    blank: () => enter(BLANK_CODE),
    // What is shown is what a digit takes.
    usual: (at: number) => enter((usual ?? usualNow())[at]?.code),
    same: () => question && enter(work.papers[place.person - 1]?.answers[question.id]),
    absent: () => {
      if (!paper) return;
      const absent = !paper.absent;
      write(() => ({ absent }));
      if (absent) go(nextPerson(place, walk, size));
      focusGrid();
    },
    clear: () => {
      if (!question) return;
      draw(null);
      write(answering(question.id, null));
    },
  };
}

/** Answers that are typed, or written on a staff. */
function typing(w: ClassWords, hands: Hands) {
  const { stands, walk, write, go, draw } = hands;
  const { place, size, question, draft, typed, cell } = stands;
  return {
    give: (answer: Answer) => {
      if (!question) return;
      draw(answer);
      // Kept as it is typed, so that nothing is lost; it counts when it is taken over.
      const text = answer.is === 'blank' ? '' : sayGiven(w, question.asked, answer);
      write(answering(question.id, text === '' ? null : { typed: text.slice(0, 400) }), 'edited');
    },
    type: (text: string) => {
      if (!question) return;
      draw(null);
      write(answering(question.id, { typed: text }), 'edited');
    },
    next: () => {
      if (!takeOver(hands) || (draft === null && typed === null && cell?.state === 'open')) return;
      go(nextPlace(place, walk, size));
      focusGrid();
    },
  };
}

/** What holds of a whole paper, and of one answer on it. */
function aboutPaper({ stands, write }: Hands) {
  const { question } = stands;
  return {
    corrected: () => {
      if (!question) return;
      const { id } = question;
      write(({ corrected }) => ({ corrected: { ...corrected, [id]: !(corrected[id] ?? false) } }));
    },
    stopped: () => write(({ stopped }) => ({ stopped: !stopped })),
    minutes: (minutes: number | null) => write(() => ({ minutes }), 'edited'),
    marks: (marks: SetDecision['marks']) =>
      question && write(decidingForOne(question.id, { marks }), 'answers-decided'),
    comment: (comment: string) => question && write(decidingForOne(question.id, { comment }), 'edited'),
  };
}

/** Entering answers: where one stands, what stands there, and what each key does. */
export function useEntry(w: ClassWords, school: SchoolHandle, held: SetInHand, walk: SetWalk) {
  const { place, size, setStands } = usePlace(held, walk);
  const [draft, setDraft] = useState<Answer | null>(null);
  const [taken, setTaken] = useState(0);
  // The grid stands first; what is worked out about its first answer comes with the next turn of the page.
  const [ready, setReady] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setReady(true));
    return () => clearTimeout(timer);
  }, []);
  const stands = useStanding(w, held, draft, place, size);
  const { paper, question, cell, marking } = stands;
  const setId = held.set.id;
  const hands: Hands = {
    ...{ stands, walk, work: held.work, draw: setDraft },
    write: (change, says) => {
      if (!paper) return;
      const { person } = paper;
      void school.change((data, now) => writingPapers(data, setId, [{ person, change }], now, says));
    },
    go: (next) => {
      setDraft(null);
      setTaken(0);
      setStands(next);
    },
  };
  /** Decides for everybody who wrote the same. */
  const decide = (decision: Partial<SetDecision>) => {
    if (!question || !cell?.code) return;
    const { code } = cell;
    const same = sameAnswers(held.work, question.id).find(({ codes }) => codes.includes(code));
    const about = { question: question.id, codes: same?.codes ?? [code] };
    void school.change((data, now) => decidingForAll(data, setId, about, decision, now));
  };
  const typed = typing(w, hands);
  const actions = useSteady({
    ...oneKey(hands),
    ...typed,
    ...aboutPaper(hands),
    fromRight: () => {
      if (!question) return;
      typed.give(rightAnswer(question.asked, marking));
      setTaken((count) => count + 1);
    },
    accept: () => cell && decide({ accepted: !cell.decision.accepted }),
    habit: (habit: string | null) => decide({ habit }),
  });
  return { ...stands, taken, ready, actions };
}

export type Entry = ReturnType<typeof useEntry>;
