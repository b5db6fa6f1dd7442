import { drillWords } from '@/core/words/screen/drill';
import type { Drill } from '@/store/drill';
import { useWords } from '@/ui/school/use-class';
import { drillOfLevel, levelCode } from '../../address/drill/drill-address';
import type { DrillSentence } from '../../address/drill/drill-sentence';
import { type LadderShown, ladderWith, nextRung, statesOf } from './ladder-of';

type Props = {
  readonly ladders: readonly LadderShown[];
  readonly sentence: DrillSentence;
  readonly drills: readonly Drill[];
  readonly onBegin: (level: DrillSentence) => void;
};

/** The ladder in hand: how far it is climbed, and its next level. */
export function LadderCard({ ladders, sentence, drills, onBegin }: Props) {
  const say = drillWords(useWords());
  const ladder = ladderWith(ladders, levelCode(sentence)) ?? ladders[0];
  if (!ladder || ladder.levels.length === 0) return null;
  const states = statesOf(ladder, drills);
  const next = nextRung(ladder, drills);
  const passed = states.filter((each) => each === 'passed').length;
  return (
    <section aria-label={say.ladders.card} className="card flex flex-col gap-2 px-4 py-3">
      <h2 className="flex justify-between gap-2 text-small font-bold text-quiet">
        <span>{say.ladders.named(ladder.name)}</span>
        <span>{say.ladders.passed(passed, states.length)}</span>
      </h2>
      <div aria-hidden="true" className="flex gap-1">
        {states.map((state, at) => (
          <span
            key={at}
            className={`h-2 grow rounded-full ${
              state === 'passed' ? 'bg-moon' : state === 'open' ? 'border border-edge' : 'bg-rule'
            }`}
          />
        ))}
      </div>
      {next ? (
        <button
          type="button"
          className="control self-start"
          onClick={() => onBegin(drillOfLevel(next.level, next.name))}
        >
          {say.end.next(next.name)}
        </button>
      ) : (
        <p className="text-small">{say.ladders.climbed}</p>
      )}
    </section>
  );
}
