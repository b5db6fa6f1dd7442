import { useEffect, useMemo, useRef, useState } from 'react';
import { answerCode, questionCode } from '@/core/exercise/code';
import { rightAnswer } from '@/core/exercise/kinds/all';
import { classGroups, sizeOf } from '@/core/exercise/set/class-groups';
import { habitNeeds } from '@/core/exercise/set/needs';
import { MOST_QUESTIONS, type SetQuestion, storedQuestion } from '@/core/exercise/set/question';
import { usualAnswers } from '@/core/exercise/set/usual';
import { setSchool } from '@/core/exercise/set/verdict';
import { countsAt, guestId } from '@/core/live/desk';
import type { LiveStage } from '@/core/live/live-class';
import { nextOral } from '@/core/live/oral';
import { calling, changingSet, guestIsStudent } from '@/store/answer-sets';
import { useSteady } from '@/ui/use-steady';
import { joinHref } from '../../address/join/join-address';
import { joinShownHref, pollHref } from '../../address/mark/poll-address';
import { speaksCode } from '../../address/speaks';
import { thinkingSeconds } from '../../board/state';
import type { Here } from '../../shell/use-shell';
import { useWorkedOut } from '../set/use-entry';
import type { SetInHand } from '../set/use-set';
import { useOral } from './RoundsCard';
import { useDesk } from './use-desk';
import { useLiveBoard } from './use-live-board';
import { useWriting } from './use-writing';

/** Scales that are asked about at random. */
const ORAL_SCALES = ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor'] as const;

const NO_VOICES: Readonly<Record<string, number>> = {};

/** The address at which phones join; null where no class is open. */
function linkOf(code: string | undefined, addresses: readonly string[]): string | null {
  if (code === undefined) return null;
  const [host] = addresses;
  const { protocol, port, hostname, origin } = window.location;
  const isAway = !/^(?:localhost$|127\.|\[::1\]$)/u.test(hostname);
  const base = isAway || host === undefined ? origin : `${protocol}//${host}${port ? `:${port}` : ''}`;
  return base + joinHref(code);
}

/** What was answered to the question in hand, in groups, and what is usual there. */
function useAnswers(here: Here, held: SetInHand, question: SetQuestion | undefined) {
  const { w } = here;
  const { work, set } = held;
  const marking = useMemo(() => setSchool(w.settings, []), [w.settings]);
  const voices = (question && set.voices[question.id]) ?? NO_VOICES;
  const groups = useMemo(
    () => (question ? classGroups(work, question, voices, marking) : []),
    [work, question, voices, marking],
  );
  const isWorked = useWorkedOut(question, work.questions, marking);
  const met = useMemo(
    () =>
      habitNeeds(work)
        .map(({ habit }) => habit)
        .join(' '),
    [work],
  );
  const first = useRef(met);
  // What a digit counts stays what it is as long as the lesson goes on: habits that are met now do not move it.
  const habits = first.current;
  const usual = useMemo(
    () =>
      question && isWorked ? usualAnswers(question, [], habits.split(' ').filter(Boolean), marking) : null,
    [question, isWorked, marking, habits],
  );
  return { marking, voices, groups, usual };
}

/** The lesson in class: what is asked, who answers what, and what the board shows of it. */
export function useLive(here: Here, held: SetInHand) {
  const { w, school } = here;
  const { set, work } = held;
  const students = useMemo(
    () => school.state.data.people.filter(({ group }) => group === set.group),
    [school.state.data.people, set.group],
  );
  const names = useMemo(() => students.map(({ name }) => name), [students]);
  const speaks = speaksCode(w.settings);
  const handle = useDesk(set.id, speaks, names);
  const { desk, hands } = handle;
  useWriting(held, desk, students, school);
  const question = work.questions.find(({ id }) => id === desk.now?.question);
  const { marking, voices, groups, usual } = useAnswers(here, held, question);
  const oral = useOral();
  const [named, setNamed] = useState(false);
  const [joining, setJoining] = useState(false);
  const [hidden, setHidden] = useState(false);
  const called = useRef<{ readonly question: string; readonly code: string }[]>([]);
  const [calls, setCalls] = useState(0);
  const nameOf = (id: string) => held.people.find((person) => person.id === id)?.name ?? '';
  const link = linkOf(desk.link?.code, desk.link?.addresses ?? []);
  const stage: LiveStage | null = question && desk.now ? desk.now.stage : null;
  const isShown = stage === 'show' || stage === 'closed';
  const counts = countsAt(desk);
  const inTime = groups.filter((group) => sizeOf(group) > 0);
  const address =
    joining && link && desk.link
      ? joinShownHref({ code: desk.link.code, link })
      : question && desk.now
        ? pollHref({
            question: question.asked,
            counts: isShown ? inTime.map((group) => [group.code, sizeOf(group)] as const) : [],
            live: { stage: desk.now.stage, ...counts },
            names: named && isShown ? inTime.map(({ people }) => people.map(nameOf).join(', ')) : [],
          })
        : '/mark';
  const board = useLiveBoard(w, set.id, {
    address,
    round: joining ? 'join' : `${desk.now?.round ?? 0}`,
    shown: joining || isShown,
    until: desk.now?.until ?? null,
  });
  const ask = (asked: { readonly id: string; readonly code: string }, next: LiveStage) => {
    const seconds = thinkingSeconds(w.settings);
    const until = next === 'think' && seconds > 0 ? Date.now() + seconds * 1000 : null;
    setJoining(false);
    hands.ask(asked, next, until);
  };
  const asking = question && { id: question.id, code: questionCode(question.asked) };
  const steer = useSteady({
    ask: (wanted: SetQuestion) => ask({ id: wanted.id, code: questionCode(wanted.asked) }, 'think'),
    stage: (next: LiveStage) => asking && ask(asking, next),
    next: () => {
      if (joining) return setJoining(false);
      if (!asking) return work.questions[0] && steer.ask(work.questions[0]);
      if (stage === 'think') return ask(asking, 'answer');
      if (stage === 'answer') return ask(asking, 'show');
      if (board.given < board.lines) board.send({ ask: 'next' });
    },
    back: () => board.given > 1 && board.send({ ask: 'back' }),
    random: async () => {
      if (set.questions.length >= MOST_QUESTIONS) return 'full' as const;
      const { topic, signs } = oral.wish;
      const before = work.questions.map((each) => questionCode(each.asked));
      const limits = { maxSigns: signs, scales: ORAL_SCALES, clefs: ['treble'] as const };
      const seed = Math.floor(Math.random() * 2 ** 31);
      const found = nextOral(topic, { limits, asked: before, seed, school: marking });
      if (!found) return 'all-asked' as const;
      const stored = storedQuestion({ task: 'answer', question: found }, null, set.questions);
      const kept = await school.change((data, now) =>
        changingSet(data, set.id, { questions: [...set.questions, stored] }, now),
      );
      if (kept) ask({ id: stored.id, code: questionCode(found) }, 'think');
      return null;
    },
    call: (code: string) => {
      if (!question) return;
      called.current.push({ question: question.id, code });
      setCalls(called.current.length);
      void school.change((data, now) => calling(data, set.id, { question: question.id, code }, 1, now));
    },
    callRight: () => question && steer.call(answerCode(rightAnswer(question.asked, marking))),
    takeBack: () => {
      const last = called.current.pop();
      setCalls(called.current.length);
      if (last) void school.change((data, now) => calling(data, set.id, last, -1, now));
    },
    open: (list: boolean) => void hands.open(list ? names : [], speaks),
    know: (person: string, student: string) => {
      hands.know(person, student);
      void school.change((data, now) => guestIsStudent(data, set.id, guestId(person), student, now));
    },
    names: () => setNamed(!named),
    join: () => link && setJoining(!joining),
    hide: () => setHidden(!hidden),
  });
  useOpening(desk.now?.until ?? null, stage, () => steer.stage('answer'));
  const asked = (each: SetQuestion) =>
    classGroups(work, each, set.voices[each.id] ?? NO_VOICES, marking).length > 0;
  return {
    ...{ handle, desk, students, question, voices, groups, usual, oral, board, counts, stage, link },
    ...{ named, joining, hidden, steer, nameOf, asked, calls },
  };
}

/** Opens the answers by itself when the time to think is over. */
function useOpening(until: number | null, stage: LiveStage | null, open: () => void): void {
  const { now } = useSteady({ now: open });
  useEffect(() => {
    if (until === null || stage !== 'think') return;
    const timer = setTimeout(now, Math.max(0, until - Date.now()));
    return () => clearTimeout(timer);
  }, [until, stage, now]);
}

export type Live = ReturnType<typeof useLive>;
