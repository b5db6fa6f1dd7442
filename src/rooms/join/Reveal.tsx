import { useMemo } from 'react';
import { type MarkQuestion, rightAnswer } from '@/core/exercise/kinds/all';
import { sayGiven } from '@/core/words/say-given';
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
    <section aria-label={SAY.mine} className="flex min-w-0 flex-col gap-3">
      <p className={`font-serif text-large font-bold ${judged.correct ? 'text-correct' : 'text-wrong'}`}>
        {judged.correct ? SAY.right : SAY.notRight}
      </p>
      {answer.is === 'drawn' ? (
        <GivenOn asked={asked} given={answer} judged={judged} expected={!judged.correct} />
      ) : (
        // A row of circles would be wider than a phone.
        <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-3 gap-y-1 font-serif text-large">
          <dt className="font-sans text-small font-bold text-quiet">{SAY.given}</dt>
          <dd>{sayGiven(w, asked, answer) || SAY.dontKnow}</dd>
          {!judged.correct && (
            <>
              <dt className="font-sans text-small font-bold text-quiet">{SAY.expected}</dt>
              <dd className="font-bold">{sayGiven(w, asked, rightAnswer(asked, w.settings))}</dd>
            </>
          )}
        </dl>
      )}
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
