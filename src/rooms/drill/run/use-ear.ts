import { useEffect, useRef } from 'react';
import { rowsHeard } from '@/core/play/heard';
import { quizIn } from '@/core/practice/drill/question';
import { useSound } from '@/ui/sound/use-sound';
import { useSteady } from '@/ui/use-steady';
import type { AskedNow } from './run-of';

/**
 * What is to be heard of a question. Nothing sounds before the first press; from then on what is asked by ear sounds when it
 * comes.
 */
export function useEar(asked: AskedNow | null, silent: boolean) {
  const heardOf = asked ? (quizIn(asked.question)?.quiz.heard ?? null) : null;
  const key = heardOf ? JSON.stringify(heardOf.rows) : '';
  const { heard, play, stop } = useSound(key, false);
  const pressed = useRef(false);
  const { hear, begin } = useSteady({
    hear: () => {
      if (!heardOf) return;
      pressed.current = true;
      void play(rowsHeard(heardOf.rows));
    },
    begin: () => {
      if (pressed.current && heardOf && !silent) void play(rowsHeard(heardOf.rows));
    },
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: it begins when another question comes
  useEffect(begin, [key, begin]);
  return { is: heardOf !== null, sounds: heard.is !== 'silent', hear, stop };
}

export type Ear = ReturnType<typeof useEar>;
