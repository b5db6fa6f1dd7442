import { useMemo } from 'react';
import { setSchool } from '@/core/exercise/set/verdict';
import { questionsOf } from '@/core/practice/drill/asking';
import { asksDrilled, isHeard } from '@/core/practice/drill/skill';
import { sayDrillQuestion } from '@/core/words/say-drill';
import { drillWords } from '@/core/words/screen/drill';
import type { Drill } from '@/store/drill';
import { useWords } from '@/ui/school/use-class';
import type { DrillSentence } from '../address/drill/drill-sentence';

type Props = {
  readonly sentence: DrillSentence;
  /** How many questions are due, where that is drilled; null while it is not known. */
  readonly due: number | null;
  readonly unfinished: Drill | null;
  readonly onBegin: () => void;
  readonly onGoOn: (drill: Drill) => void;
};

/** Before a drill: the way in, first and large, what will be asked, and one question to see. */
export function StartView({ sentence, due, unfinished, onBegin, onGoOn }: Props) {
  const w = useWords();
  const say = drillWords(w);
  const { skills, way, answering, budget } = sentence;
  const example = useMemo(
    () => (sentence.due ? null : (questionsOf(sentence, 11, 1, setSchool(w.settings, []))[0] ?? null)),
    [sentence, w.settings],
  );
  const all = asksDrilled(skills, way, answering);
  const asks = all.map((id) => say.asks[id]);
  const nothing = sentence.due ? due === 0 : example === null;
  return (
    <section aria-label={say.begin.title} className="card flex flex-col items-start gap-3 px-5 py-5">
      {nothing ? (
        <p role="status">{sentence.due ? say.due.none : say.begin.nothing}</p>
      ) : (
        <button
          type="button"
          data-begin=""
          className="control min-h-13! bg-ink! px-6! text-large text-sheet!"
          onClick={onBegin}
        >
          {say.begin.begin}
          <kbd className="key" aria-hidden="true">
            ⏎
          </kbd>
        </button>
      )}
      <ul className="flex list-disc flex-col gap-1 pl-5">
        <li>{sentence.due ? say.begin.dueAsks : say.begin.asks(asks)}</li>
        <li>{say.begin.aim(budget.questions, budget.mistakes)}</li>
        <li>{say.begin.slow}</li>
        {!sentence.due && all.some(isHeard) && <li>{say.begin.sound}</li>}
      </ul>
      {example && (
        <figure className="mt-2 border-l-4 border-moon pl-4">
          <figcaption className="text-small font-bold text-quiet">{say.begin.example}</figcaption>
          <p className="font-serif text-large">{sayDrillQuestion(w, example)}</p>
        </figure>
      )}
      {unfinished && (
        <div className="flex flex-wrap items-center gap-3 rounded-control bg-now px-4 py-3">
          <p>
            {say.begin.unfinished} <strong>{unfinished.name}</strong>
          </p>
          <button type="button" className="control" onClick={() => onGoOn(unfinished)}>
            {say.begin.goOn(
              unfinished.answers === '' ? 0 : unfinished.answers.split('\n').length,
              unfinished.limits.questions,
            )}
          </button>
        </div>
      )}
    </section>
  );
}
