import { X } from 'lucide-react';
import type { ScaleKey } from '@/core/exercise/practice';
import { marksUnder } from '@/core/mark/judging/marks';
import { mistakesNamed } from '@/core/mark/mistakes/all';
import { sayMarks } from '@/core/words/say-marks';
import { sayExplanation } from '@/core/words/say-mistake';
import { markWords } from '@/core/words/screen/mark';
import { habitCounts, habitOf } from '@/store/deciding';
import type { MarkedAnswer } from '@/store/marked';
import { useWords } from '@/ui/school/use-class';
import { GoLink } from '../shell/GoLink';

type Props = {
  readonly pile: readonly MarkedAnswer[];
  /** The key whose names of degrees the habits are told with. */
  readonly tellingKey: ScaleKey;
  /** The habit of the answer in hand. */
  readonly now: string | null;
  readonly onRemove: (answer: MarkedAnswer) => void;
};

/** The address of a marked answer with whose it is, to be mended where it lies. */
function hrefOf({ address, label, id }: MarkedAnswer): string {
  return `${address}&${new URLSearchParams({ who: label, piled: id })}`;
}

/** The answers that were finished, and which habits they show. */
export function PileCard({ pile, tellingKey, now, onRemove }: Props) {
  const w = useWords();
  const say = markWords(w).pile;
  const counts = habitCounts(pile);
  const most = counts[0]?.[1] ?? 1;
  const nameOf = (habit: string) => {
    const habits = mistakesNamed(habit);
    return habits ? sayExplanation(w, { habits }, tellingKey) : say.later(habit);
  };
  const right = pile.filter(({ correct, accepted }) => correct || accepted).length;
  const corrected = pile.filter((each) => each.corrected && !each.correct && !each.accepted).length;
  return (
    <section aria-label={say.title(pile.length)} className="card flex min-h-32 flex-col gap-2 px-4 py-3">
      <h2 className="flex justify-between gap-2 text-small font-bold text-quiet">
        <span>{say.title(pile.length)}</span>
        {pile.length > 0 && <span>{say.right(right, corrected, pile.length)}</span>}
      </h2>
      {pile.length === 0 && <p className="text-small">{say.empty}</p>}
      <ul aria-label={say.habits} className="flex flex-col gap-1.5">
        {counts.slice(0, 5).map(([habit, count]) => (
          <li key={habit} className="text-small">
            {nameOf(habit)}
            <span className="flex items-center gap-2">
              <span
                aria-hidden="true"
                className={`h-1.5 rounded-full ${habit === now ? 'bg-plum' : 'bg-moon'}`}
                style={{ width: `${(85 * count) / most}%` }}
              />
              <span className="font-bold text-quiet">{count}</span>
            </span>
          </li>
        ))}
      </ul>
      <ul aria-label={say.answers} className="flex flex-col">
        {pile.toReversed().map((answer) => {
          const name = answer.label;
          const { of } = answer.score;
          const got = answer.marks ? marksUnder(answer.marks, of) : answer.accepted ? of : answer.score.got;
          const habit = habitOf(answer);
          return (
            <li key={answer.id} className="flex min-h-7 items-center justify-between gap-2 text-small">
              <GoLink href={hrefOf(answer)} className="py-1" aria-label={say.open(name)}>
                {name}
              </GoLink>
              <span className="ml-auto text-quiet">
                {habit === null && got === answer.score.of ? '✓' : ''}
              </span>
              <span>{sayMarks({ got, of: answer.score.of })}</span>
              <button
                type="button"
                className="beside-button my-0!"
                aria-label={say.remove(name)}
                onClick={() => onRemove(answer)}
              >
                <X className="size-3.5" aria-hidden="true" />
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
