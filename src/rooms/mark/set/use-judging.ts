import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import { laid, type Paper } from '@/core/exercise/set/paper';
import type { SetQuestion } from '@/core/exercise/set/question';
import { givenAnswers, type Rejudged, rejudged, unjudged, type Verdicts } from '@/core/exercise/set/verdict';
import type { Settings } from '@/core/school/settings';
import { shortSum } from '@/core/short-sum';
import type { AnswerSet } from '@/store/answer-set';
import { judgingOf } from '@/store/answer-sets';
import type { Judging } from '@/store/judging';
import type { SchoolHandle } from '@/ui/school/use-school';
import { type JudgeQuestion, judgedCount, judgedPart } from '@/workers/judge-set';
import { keptWorker } from '@/workers/protocol';
import { useQuestions } from './use-questions';

/** How far a judging has come. */
export type JudgingNow = {
  readonly questions: readonly SetQuestion[];
  readonly verdicts: Verdicts;
  /** How many answers are not judged yet. */
  readonly left: number;
  /** What the last judging changed, until it was seen. */
  readonly changes: readonly Rejudged[];
  /** Null while nothing is judged. */
  readonly progress: { readonly done: number; readonly of: number } | null;
  /** It was stopped, or its worker did not come. */
  readonly stopped: 'cancelled' | 'failed' | null;
};

/** A short sum of what a judging depends on beside the answers: the class's settings and the questions. */
function judgedBy(settings: Settings, { questions }: Pick<AnswerSet, 'questions'>): string {
  const names = Object.keys(settings).toSorted() as (keyof Settings)[];
  return shortSum(JSON.stringify([names.map((name) => [name, settings[name]]), questions]));
}

const NONE: Verdicts = {};
const NO_CHANGES: readonly Rejudged[] = [];

type Given = {
  readonly set: AnswerSet;
  readonly papers: readonly Paper[];
  readonly judging: Judging | null;
  readonly settings: Settings;
  readonly school: SchoolHandle;
};

const makeWorker = () =>
  new Worker(new URL('../../../workers/judge-set.worker.ts', import.meta.url), { type: 'module' });

/** What has been judged here by some settings and questions, and not only stored. */
type Here = { readonly by: string; readonly verdicts: Verdicts };

/**
 * The judging of a set: what is stored stands at once, what is new is judged beside the page, and told as it comes. Where the
 * class's settings or the questions have changed, all is judged again, and what that changed is kept to be seen.
 */
export function useJudging({ set, papers, judging, settings, school }: Given) {
  const by = useMemo(() => judgedBy(settings, set), [settings, set]);
  const questions = useQuestions(set.questions, settings);
  const [here, setHere] = useState<Here>({ by, verdicts: NONE });
  const [progress, setProgress] = useState<JudgingNow['progress']>(null);
  const [stopped, setStopped] = useState<JudgingNow['stopped']>(null);
  const [worker] = useState(() => keptWorker<JudgeQuestion, number>(makeWorker, judgedCount));
  const stored = judging?.by === by ? judging.verdicts : NONE;
  const given = useMemo(() => givenAnswers(questions, papers), [questions, papers]);
  const own = here.by === by ? here.verdicts : NONE;
  // What was judged here is what is stored of it a moment later, and is not drawn again for that.
  const isWhole = useMemo(() => given.length > 0 && unjudged(given, own).length === 0, [given, own]);
  const both = useMemo(() => (isWhole ? NONE : joined(stored, own)), [isWhole, stored, own]);
  const verdicts = isWhole ? own : both;
  const wanted = useMemo(() => unjudged(given, verdicts), [given, verdicts]);
  const newest = useRef({ wanted, verdicts, judging, set, settings, school });
  newest.current = { wanted, verdicts, judging, set, settings, school };
  const key = `${by} ${wanted.map(([question, code]) => `${question}|${code}`).join(' ')}`;
  /** What is being judged, and what was judged last: what no version can read is not asked for again and again. */
  const work = useRef({ going: '', done: '' });

  useEffect(() => {
    const asked = newest.current.wanted;
    if (asked.length === 0 || stopped !== null || key === work.current.done) return;
    const going = new Set(work.current.going.split(' '));
    // What comes in makes the rest less; it is still being judged.
    if (going.has(by) && asked.every(([question, code]) => going.has(`${question}|${code}`))) return;
    work.current.going = key;
    let found = newest.current.verdicts;
    const rests = () => {
      work.current = { going: '', done: key };
      setProgress(null);
    };
    const store = () => {
      rests();
      const { judging: before, school: keeper, set: judged } = newest.current;
      const again = before !== null && before.by !== by;
      const changes = again ? rejudged(before.verdicts, found) : (before?.changes ?? NO_CHANGES);
      void keeper.change((data, now) => judgingOf(data, judged.id, { by, verdicts: found, changes }, now));
    };
    setProgress({ done: 0, of: asked.length });
    worker.ask(
      { questions: newest.current.set.questions, given: asked, settings: newest.current.settings },
      store,
      () => {
        rests();
        setStopped('failed');
      },
      ({ done, of, part }) => {
        for (const [question, code, verdict] of judgedPart(part) ?? [])
          found = laid(found, question, code, verdict);
        // Drawn when there is time: whoever types is not kept waiting.
        startTransition(() => {
          setHere({ by, verdicts: found });
          setProgress({ done, of });
        });
      },
    );
  }, [key, by, stopped, worker]);
  useEffect(() => () => worker.stop(), [worker]);

  const changes = (judging?.changes as readonly Rejudged[] | undefined) ?? NO_CHANGES;
  return {
    now: { questions, verdicts, left: wanted.length, changes, progress, stopped } satisfies JudgingNow,
    cancel: () => {
      worker.stop();
      work.current = { going: '', done: '' };
      setProgress(null);
      setStopped('cancelled');
    },
    goOn: () => setStopped(null),
    seen: () =>
      void school.change((data, now) => judgingOf(data, set.id, { by, verdicts, changes: [] }, now)),
  };
}

function joined(one: Verdicts, other: Verdicts): Verdicts {
  if (other === NONE) return one;
  const names = new Set([...Object.keys(one), ...Object.keys(other)]);
  return Object.fromEntries([...names].map((name) => [name, { ...one[name], ...other[name] }]));
}
