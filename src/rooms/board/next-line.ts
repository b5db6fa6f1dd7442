import type { SaidStep } from '@/core/words/say-method';
import { BOARD_WORDS } from '@/core/words/screen/board';
import { type BoardState, givenOut, isThinking } from './state';

const SAY = BOARD_WORDS.desk;

/**
 * What the next press does, for the desk alone.
 *
 * @param after the name of the sentence that comes after this one; null where there is none
 */
export function nextLine(
  state: BoardState,
  lines: readonly SaidStep[],
  after: string | null,
  now: number,
): string {
  if (state.blank) return SAY.lights;
  if (isThinking(state, now)) return SAY.ends;
  if (state.hidden) return SAY.shows;
  const given = givenOut(state, lines.length);
  const line = lines[given];
  if (!line) return after === null ? SAY.nextEnd : SAY.nextQuestion(after);
  const text = [line.text, line.reason].filter(Boolean).join(' ');
  return given === 0 ? SAY.nextFirst(text) : text;
}
