import type { Part } from '@/core/play/part';
import { A_TUNE } from '@/core/play/pattern';
import type { Sound } from '@/core/play/performance';
import type { VariationOf } from '@/core/play/variation';
import type { PlaySentence } from '../address/play/play-address';
import { EarCard } from './EarCard';
import { RoundsCard } from './RoundsCard';
import type { Remembers } from './use-practice';
import { VariationsCard } from './VariationsCard';

type Props = {
  readonly sentence: PlaySentence;
  readonly part: Part;
  /** What is remembered of the pattern or the tune. */
  readonly of: Remembers;
  readonly hand: Remembers;
  readonly onVary: (change: VariationOf) => void;
  readonly onPlay: (sounds: readonly Sound[]) => void;
};

/** What is practised beside the staff: rounds on different names, and the variations of a pattern. */
export function PracticeCards({ sentence, part, of, hand, onVary, onPlay }: Props) {
  return (
    <>
      <RoundsCard part={part} of={of} hand={hand} />
      {sentence.pattern !== A_TUNE && <VariationsCard sentence={sentence} line={of} onVary={onVary} />}
      <EarCard part={part} onPlay={onPlay} />
    </>
  );
}
