import { useEffect, useState } from 'react';
import { questionCode } from '@/core/exercise/code';
import { MOST_QUESTIONS, type SetQuestion, storedQuestion } from '@/core/exercise/set/question';
import type { SetSchool } from '@/core/exercise/set/verdict';
import type { LiveStage } from '@/core/live/live-class';
import { nextOral } from '@/core/live/oral';
import { changingSet } from '@/store/answer-sets';
import { useSteady } from '@/ui/use-steady';
import { thinkingSeconds } from '../../board/state';
import type { Here } from '../../shell/use-shell';
import type { SetInHand } from '../set/use-set';
import { useOral } from './RoundsCard';
import type { DeskHandle } from './use-desk';

/** Scales that are asked about at random. */
const ORAL_SCALES = ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor'] as const;

type Given = {
  readonly handle: DeskHandle;
  readonly question: SetQuestion | undefined;
  readonly marking: SetSchool;
  /** Whether somebody has answered a question: then it is talked about, and not asked again. */
  readonly isAsked: (question: SetQuestion) => boolean;
  /** Something is asked: what else stood on the board goes. */
  readonly onAsk: () => void;
};

const named = ({ id, asked }: SetQuestion) => ({ id, code: questionCode(asked) });

/** What is asked, one after the other: a question of the set, or one at random that becomes one. */
export function useRounds({ w, school }: Here, { set, work }: SetInHand, given: Given) {
  const { handle, question, marking, isAsked, onAsk } = given;
  const { now } = handle.desk;
  const oral = useOral();
  const stage: LiveStage | null = question && now ? now.stage : null;
  const ask = (asks: ReturnType<typeof named>, next: LiveStage) => {
    const seconds = thinkingSeconds(w.settings);
    onAsk();
    if (!set.inClass) void school.change((data, at) => changingSet(data, set.id, { inClass: true }, at));
    handle.hands.ask(asks, next, next === 'think' && seconds > 0 ? Date.now() + seconds * 1000 : null);
  };
  const hands = useSteady({
    ask: (wanted: SetQuestion) => {
      if (wanted.id !== question?.id) ask(named(wanted), isAsked(wanted) ? 'closed' : 'think');
    },
    stage: (next: LiveStage) => question && ask(named(question), next),
    /** The question after this one, of those that nobody has answered. */
    following: () => {
      const next = work.questions.find((each) => each !== question && !isAsked(each));
      if (next) hands.ask(next);
    },
    random: async () => {
      if (set.questions.length >= MOST_QUESTIONS) return 'full' as const;
      const { topic, signs } = oral.wish;
      const asked = work.questions.map((each) => questionCode(each.asked));
      const limits = { maxSigns: signs, scales: ORAL_SCALES, clefs: ['treble'] as const };
      const seed = Math.floor(Math.random() * 2 ** 31);
      const found = nextOral(topic, { limits, asked, seed, school: marking });
      if (!found) return 'all-asked' as const;
      const stored = storedQuestion({ task: 'answer', question: found }, null, set.questions);
      const kept = await school.change((data, at) =>
        changingSet(data, set.id, { questions: [...set.questions, stored] }, at),
      );
      if (kept) ask({ id: stored.id, code: questionCode(found) }, 'think');
      return null;
    },
  });
  useOpening(now?.until ?? null, stage, () => hands.stage('answer'));
  return { oral, stage, hands };
}

/** Opens the answers by itself when the time to think is over. */
function useOpening(until: number | null, stage: LiveStage | null, open: () => void): void {
  const { now } = useSteady({ now: open });
  const [opens] = useState(() => now);
  useEffect(() => {
    if (until === null || stage !== 'think') return;
    const timer = setTimeout(opens, Math.max(0, until - Date.now()));
    return () => clearTimeout(timer);
  }, [until, stage, opens]);
}
