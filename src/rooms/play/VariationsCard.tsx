import { TEMPO } from '@/core/play/performance';
import { isVariation, usualGoal, VARIATIONS, type Variation } from '@/core/play/variation';
import { sayVariation } from '@/core/words/say-practice';
import { PRACTICE_WORDS } from '@/core/words/screen/practice';
import { useWords } from '@/ui/school/use-class';
import type { PlaySentence } from '../address/play/play-address';
import type { Remembers } from './use-practice';

type Props = {
  readonly sentence: PlaySentence;
  readonly line: Remembers;
  readonly onVary: (change: Variation['change']) => void;
};

/** Variations of a pattern: pressed, one stands; each has a goal in beats a minute, and is done or not. */
export function VariationsCard({ sentence, line, onVary }: Props) {
  const w = useWords();
  const say = PRACTICE_WORDS.variations;
  const { done, goals } = line.is;
  const count = VARIATIONS.filter(({ id }) => done.includes(id)).length;
  return (
    <section aria-label={say.title} className="card flex flex-col gap-1 px-4 py-3">
      <h2 className="flex items-baseline justify-between gap-2">
        <span className="font-bold">{say.title}</span>
        <span className="text-small text-quiet">
          {count === 0 ? say.none : say.count(count, VARIATIONS.length)}
        </span>
      </h2>
      <ul className="flex flex-col">
        {VARIATIONS.map((variation) => {
          const name = sayVariation(w, variation);
          const { id, change } = variation;
          const isDone = done.includes(id);
          return (
            <li key={id} className="flex items-center gap-2">
              <input
                type="checkbox"
                className="size-6 shrink-0"
                aria-label={say.done(name)}
                checked={isDone}
                onChange={() =>
                  line.note({ done: isDone ? done.filter((one) => one !== id) : [...done, id] })
                }
              />
              <button
                type="button"
                className="control min-w-0 grow justify-start text-left"
                aria-pressed={isVariation(variation, sentence)}
                onClick={() => onVary(change)}
              >
                {name}
              </button>
              <input
                type="number"
                className="field w-16 tabular-nums"
                aria-label={say.goal(name)}
                min={TEMPO.least}
                max={TEMPO.most}
                step={4}
                defaultValue={goals[id] ?? usualGoal(sentence.tempo)}
                key={goals[id] ?? `usual-${sentence.tempo}`}
                onBlur={({ target }) => {
                  const goal = Math.round(target.valueAsNumber);
                  const within = goal >= TEMPO.least && goal <= TEMPO.most;
                  if (!within) target.value = String(goals[id] ?? usualGoal(sentence.tempo));
                  else if (goal !== (goals[id] ?? usualGoal(sentence.tempo)))
                    line.note({ goals: { ...goals, [id]: goal } });
                }}
              />
            </li>
          );
        })}
      </ul>
    </section>
  );
}
