import { useMemo } from 'react';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { revealed } from '@/core/words/say-reveal';
import { JOIN_WORDS as SAY } from '@/core/words/screen/join';
import { GivenOn } from '@/ui/question/GivenOn';
import { useWords } from '@/ui/school/use-class';

type Props = { readonly asked: MarkQuestion; readonly code: string; readonly late: boolean };

/** One's own answer above the right one, once that is shown, and the habit that leads there. */
export function Reveal({ asked, code, late }: Props) {
  const w = useWords();
  const found = useMemo(() => revealed(w, asked, code), [w, asked, code]);
  if (!found) return null;
  const { answer, judged, habit } = found;
  return (
    <section aria-label={SAY.mine} className="flex min-w-0 flex-col gap-2">
      <div className="min-h-16 overflow-x-auto">
        <GivenOn asked={asked} given={answer} judged={judged} expected={!judged.correct} />
      </div>
      {judged.correct && <p className="font-serif text-large font-bold text-correct">{SAY.right}</p>}
      {habit && (
        <p>
          <span className="block font-serif text-large font-bold first-letter:uppercase">{habit.name}</span>
          {habit.why}
        </p>
      )}
      {late && <p className="text-quiet">{SAY.wasLate}</p>}
    </section>
  );
}
