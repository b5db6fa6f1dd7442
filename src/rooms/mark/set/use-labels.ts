import { useEffect, useState } from 'react';
import { readAnswerCode } from '@/core/exercise/code';
import { isRight, type SetWork } from '@/core/exercise/set/cell';
import { countedCells } from '@/core/exercise/set/needs';
import type { SetSchool } from '@/core/exercise/set/verdict';
import { type WorkDone, workDone } from '@/core/exercise/set/work-done';

/** What somebody did in place of what a label asks. */
export type Label = { readonly person: string; readonly number: number; readonly done: WorkDone };

const NONE: readonly Label[] = [];

/** Milliseconds of work after which the page has its turn. */
const TURN = 10;

/** The labels against the work of a whole set, each different answer looked at once, in turns that hold nothing up. */
export function useLabels(work: SetWork, school: SetSchool): readonly Label[] {
  const [labels, setLabels] = useState(NONE);
  useEffect(() => {
    const known = new Map<string, WorkDone | null>();
    const wrong = countedCells(work).filter(({ cell }) => !isRight(cell) && cell.code !== null);
    const found: Label[] = [];
    let at = 0;
    let timer: ReturnType<typeof setTimeout> | null = null;
    const turn = () => {
      const ends = performance.now() + TURN;
      for (; at < wrong.length && performance.now() < ends; at += 1) {
        const each = wrong[at];
        const question = work.questions.find(({ id }) => id === each?.question);
        if (!each || !question) continue;
        const code = each.cell.code ?? '';
        const name = `${question.id} ${code}`;
        if (!known.has(name)) {
          const answer = readAnswerCode(question.asked, code);
          known.set(name, answer ? workDone(question, answer, work.questions, school) : null);
        }
        const done = known.get(name);
        if (done) found.push({ person: each.person, number: work.questions.indexOf(question) + 1, done });
      }
      if (at < wrong.length) timer = setTimeout(turn);
      else setLabels(found);
    };
    turn();
    return () => {
      if (timer !== null) clearTimeout(timer);
    };
  }, [work, school]);
  return labels;
}
