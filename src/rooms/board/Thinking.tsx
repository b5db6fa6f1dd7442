import { BOARD_WORDS as SAY } from '@/core/words/screen/board';
import { type BoardState, isThinking } from './state';

type Props = {
  readonly state: BoardState;
  readonly now: number;
  /** What is said where nobody thinks. */
  readonly hint: string;
};

/** Under the question: the time that is left to think, or how to go on. */
export function Thinking({ state, now, hint }: Props) {
  const { thinkUntil } = state;
  if (thinkUntil === null || !isThinking(state, now)) return <p className="min-h-[2em] text-quiet">{hint}</p>;
  const left = Math.ceil((thinkUntil - now) / 1000);
  return (
    <p className="flex min-h-[2em] items-center justify-center gap-4" role="timer">
      <span className="text-quiet">{SAY.thinking}</span>
      <span className="font-serif text-sentence font-bold" aria-hidden="true">
        {left}
      </span>
      <span className="sr-only">{SAY.seconds(left)}</span>
    </p>
  );
}
