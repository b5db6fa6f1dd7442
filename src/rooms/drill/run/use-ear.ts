import { useEffect, useMemo, useRef } from 'react';
import { pitchesHeard } from '@/core/exercise/kinds/dictation/dictation-question';
import { rowsHeard, sounding } from '@/core/play/heard';
import { type DrillQuestion, markedIn, quizIn } from '@/core/practice/drill/question';
import { useSound } from '@/ui/sound/use-sound';
import { useSteady } from '@/ui/use-steady';
import type { AskedNow } from './run-of';

/** The rows that are heard of a question, as MIDI numbers; null where it is read. */
function rowsOf(question: DrillQuestion): readonly (readonly number[])[] | null {
  const asked = markedIn(question);
  if (asked?.kind === 'dictation') return [sounding(pitchesHeard(asked.question))];
  return quizIn(question)?.quiz.heard?.rows ?? null;
}

/**
 * What is to be heard of a question. Nothing sounds before the first press; from then on what is asked by ear sounds when it
 * comes.
 */
export function useEar(asked: AskedNow | null, silent: boolean) {
  const rows = useMemo(() => asked && rowsOf(asked.question), [asked]);
  const key = rows ? JSON.stringify(rows) : '';
  const { heard, play, stop } = useSound(key, false);
  const pressed = useRef(false);
  const { hear, begin } = useSteady({
    hear: () => {
      if (!rows) return;
      pressed.current = true;
      void play(rowsHeard(rows));
    },
    begin: () => {
      if (pressed.current && rows && !silent) void play(rowsHeard(rows));
    },
  });
  useEffect(() => {
    if (key !== '') begin();
  }, [key, begin]);
  return { is: rows !== null, sounds: heard.is !== 'silent', hear, stop };
}

export type Ear = ReturnType<typeof useEar>;
