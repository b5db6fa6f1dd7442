import { useEffect, useMemo, useState } from 'react';
import type { ClassWords } from '@/core/words/class-words';
import { setWords } from '@/core/words/screen/set';
import { USUAL_LOOK } from '@/engrave/page/look';
import type { Scene } from '@/engrave/scene';
import { plainName } from '@/ui/files/download';
import type { PaperSheet } from '@/ui/paper/Paper';
import { askWorker, keptWorker } from '@/workers/protocol';
import { type SlipOf, type SlipsQuestion, slipsAnswer } from '@/workers/slips-answer';
import { writeDocument } from '../../shell/pdf-document';
import { jobNow } from '../../shell/pdf-job';
import type { Shared } from '../../shell/share-as';
import { dayText, setName } from './set-words';
import type { SetInHand } from './use-set';

/** Milliseconds after which writing has failed. */
const PATIENCE = 60_000;

const makeWorker = () =>
  new Worker(new URL('../../../workers/slips.worker.ts', import.meta.url), { type: 'module' });

/** What the slips of a set are made of; only those of some people where they are named. */
function slipsQuestion(
  w: ClassWords,
  { set, people, work }: SetInHand,
  person: string | null,
): SlipsQuestion {
  const { slips: say } = setWords(w);
  return {
    people: people.filter(({ id }) => person === null || id === person).map(({ id, name }) => ({ id, name })),
    questions: set.questions,
    papers: work.papers,
    verdicts: work.verdicts,
    decisions: work.decisions,
    settings: w.settings,
    look: USUAL_LOOK,
    head: {
      about: `${setName(w, set)} · ${dayText(set.day)}`,
      practise: say.practise,
      given: say.given,
      expected: say.expected,
      brackets: say.brackets,
      allRight: say.allRight,
    },
  };
}

/** The slips of a set as pages, made beside the page; null before they are there. What fails can be asked for again. */
export function useSlipPages(w: ClassWords, held: SetInHand) {
  const [worker] = useState(() =>
    keptWorker<{ want: 'pages'; slips: SlipsQuestion }, readonly SlipOf[]>(makeWorker, slipsAnswer),
  );
  const [slips, setSlips] = useState<readonly SlipOf[] | null>(null);
  const [failed, setFailed] = useState(0);
  const [asked, setAsked] = useState(0);
  const question = useMemo(() => slipsQuestion(w, held, null), [w, held]);
  const key = JSON.stringify([question.papers, question.decisions, question.verdicts, question.questions]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: made anew where what stands on them is another
  useEffect(() => {
    worker.ask({ want: 'pages', slips: question }, setSlips, () => setFailed(asked + 1));
  }, [key, worker, w, asked]);
  useEffect(() => () => worker.stop(), [worker]);
  return { slips, hasFailed: failed > asked, again: () => setAsked(failed) };
}

/** Slips as a document: one student's, or everybody's. */
export function useSlipsPdf(w: ClassWords, held: SetInHand) {
  const [job] = useState(jobNow);
  const write = (person: string | null): Promise<Shared> => {
    const slips = slipsQuestion(w, held, person);
    const title = [
      setName(w, held.set),
      ...(person === null ? [] : slips.people.map(({ name }) => name)),
    ].join(', ');
    const question = { want: 'pdf', slips: { ...slips, title, now: Date.now() } };
    return writeDocument(w, job, makeWorker(), question, plainName(title, 'slips'));
  };
  return { job, write };
}

/** The pages of all slips, for the printer. */
export async function slipPagesOf(w: ClassWords, held: SetInHand): Promise<readonly Scene[]> {
  const control = new AbortController();
  const slips = slipsQuestion(w, held, null);
  const asking = await askWorker(
    makeWorker(),
    { want: 'pages', slips },
    PATIENCE,
    control.signal,
    slipsAnswer,
  );
  return asking.ok ? asking.answer.flatMap(({ pages }) => pages) : [];
}

/** Slips as they are printed, a student a page. */
export function exactSlips(head: string, pages: readonly Scene[]): PaperSheet {
  return {
    head,
    title: null,
    blank: false,
    items: [],
    exact: { paper: USUAL_LOOK.paper, across: false, pages },
  };
}
