import { Plus } from 'lucide-react';
import type { Part } from '@/core/play/part';
import { singingsOf } from '@/core/words/say-sung';
import { PRACTICE_WORDS } from '@/core/words/screen/practice';
import { useWords } from '@/ui/school/use-class';
import { HandNote } from './HandNote';
import type { Remembers } from './use-practice';

type Props = {
  readonly part: Part;
  /** What is practised: the pattern or the tune. */
  readonly of: Remembers;
  /** What is remembered of the instrument or the voice on this scale. */
  readonly hand: Remembers;
};

/** Rounds by what is sung on them: twice on different names is what a practice asks for. */
export function RoundsCard({ part, of, hand }: Props) {
  const w = useWords();
  const say = PRACTICE_WORDS.rounds;
  const { rounds } = of.is;
  const systems = singingsOf(w, part);
  const different = systems.filter((each) => (rounds[each] ?? 0) > 0).length;
  return (
    <section aria-label={say.title} className="card flex flex-col gap-1 px-4 py-3">
      <h2 className="font-bold">{say.title}</h2>
      <ul>
        {systems.map((each) => (
          <li key={each} className="flex items-center justify-between gap-2">
            <span>{say.on[each]}</span>
            <span className="flex items-center gap-2">
              <span className="font-serif text-large tabular-nums">{rounds[each] ?? 0}</span>
              <button
                type="button"
                className="control"
                aria-label={say.more(say.on[each])}
                onClick={() => of.note({ rounds: { ...rounds, [each]: (rounds[each] ?? 0) + 1 } })}
              >
                <Plus className="size-4" aria-hidden="true" />
              </button>
            </span>
          </li>
        ))}
      </ul>
      <p className="text-small">{different >= 2 ? say.reached : say.goal}</p>
      {different > 0 && (
        <button type="button" className="control self-start" onClick={() => of.note({ rounds: {} })}>
          {say.again}
        </button>
      )}
      <HandNote hand={hand} />
    </section>
  );
}
