import type { DrillSentence } from '../address/drill/drill-sentence';
import type { Here } from '../shell/use-shell';
import type { Known } from './use-known';
import type { LearnerHandle } from './use-learner';

/** What every side of the room works with. */
export type SideProps = {
  readonly here: Here;
  readonly sentence: DrillSentence;
  readonly learner: LearnerHandle;
  /** What is known of whoever answers; null while it is worked out. */
  readonly known: Known | null;
  readonly tell: (text: string) => void;
  readonly onBegin: (level?: DrillSentence) => void;
};
