import type { ClassWords } from '@/core/words/class-words';
import { useSound } from '@/ui/sound/use-sound';
import { searchOf } from '../shell/room';
import type { BoardHands } from './actions';
import type { OnBoard } from './Stage';

/** Sound of what stands on the board; another thing on it, and leaving it, falls silent. */
export function useBoardSound(
  w: ClassWords,
  address: string | null,
  on: OnBoard | null,
): BoardHands['sound'] {
  const { heard, play, stop } = useSound(address, false);
  const of = on?.kit.heard;
  if (!of || address === null) return null;
  const sounds = heard.is !== 'silent';
  return { sounds, toggle: () => (sounds ? stop() : void play(of(w, searchOf(address)))) };
}
