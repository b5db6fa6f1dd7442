import { useMemo, useState } from 'react';
import { isRight } from '@/core/exercise/set/cell';
import { disagreements } from '@/core/exercise/set/cross-check';
import { countedCells, questionNeeds } from '@/core/exercise/set/needs';
import { setSchool } from '@/core/exercise/set/verdict';
import { setWords } from '@/core/words/screen/set';
import { signCount } from '@/core/words/vocabulary';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { useWords } from '@/ui/school/use-class';
import type { Here } from '../../shell/use-shell';
import { sayWork } from './CellPanel';
import { Charts } from './Charts';
import { Groups } from './Groups';
import { Tomorrow } from './Tomorrow';
import { useLabels } from './use-labels';
import type { SetInHand } from './use-set';

type Props = {
  readonly held: SetInHand;
  readonly here: Here;
  readonly tell: (text: string) => void;
  readonly onEnter: () => void;
};

/** What a class needs: what to teach again, who wrote what, and where the trouble lies. */
export function ClassView({ held, here, tell, onEnter }: Props) {
  const say = setWords(useWords());
  const { work } = held;
  const hardest = useMemo(() => questionNeeds(work)[0]?.question, [work]);
  const [chosen, setChosen] = useState<string | null>(null);
  const question = work.questions.find(({ id }) => id === (chosen ?? hardest));
  const cells = useMemo(() => countedCells(work), [work]);
  return (
    <div className="grid min-h-0 grow grid-cols-1 content-start gap-3 room:grid-cols-[minmax(0,1fr)_27rem]">
      <div className="flex min-h-0 min-w-0 flex-col gap-3 room:overflow-y-auto">
        <ErrorBoundary what={say.cards.class} size="card" about={held.set.id}>
          <Tomorrow held={held} here={here} tell={tell} onQuestion={setChosen} />
        </ErrorBoundary>
        {question && (
          <ErrorBoundary what={say.cards.class} size="card" about={question.id}>
            <Groups held={held} school={here.school} question={question} />
          </ErrorBoundary>
        )}
      </div>
      <div className="flex min-h-0 min-w-0 flex-col gap-3 room:overflow-y-auto">
        <p className="flex items-center justify-between gap-2 px-4 text-small">
          {say.class.summary(
            cells.filter(({ cell }) => isRight(cell)).length,
            cells.filter(({ cell }) => cell.state === 'corrected').length,
            cells.length,
          )}
          <button type="button" className="control py-0.5! text-small" onClick={onEnter}>
            {say.class.toEntry}
          </button>
        </p>
        <ErrorBoundary what={say.cards.class} size="card" about={held.set.id}>
          <Charts held={held} onQuestion={setChosen} />
        </ErrorBoundary>
        <Checks held={held} />
      </div>
    </div>
  );
}

/** As many lines of a check as are told. */
const MOST_LINES = 12;

/** What does not go together: count, list and name of a signature, and the label with the work. */
function Checks({ held }: { readonly held: SetInHand }) {
  const w = useWords();
  const words = setWords(w);
  const say = words.class;
  const { work, people } = held;
  const nameOf = (id: string) => people.find((each) => each.id === id)?.name ?? '';
  const school = useMemo(() => setSchool(w.settings, []), [w.settings]);
  const apart = useMemo(() => disagreements(work.questions, work.papers, school), [work, school]);
  const labels = useLabels(work, school);
  return (
    <>
      {apart.length > 0 && (
        <section aria-label={say.disagree} className="card px-4 py-3 text-small">
          <h2 className="font-bold text-quiet">{say.disagree}</h2>
          <ul>
            {apart.slice(0, MOST_LINES).map(({ person, fifths, sides }) => {
              const side = (right: boolean) => [
                ...new Set(sides.filter((each) => each.right === right).map((each) => say.sides[each.side])),
              ];
              return (
                <li key={`${person} ${fifths}`}>
                  {say.disagreement(nameOf(person), signCount(fifths), side(true), side(false))}
                </li>
              );
            })}
          </ul>
        </section>
      )}
      {labels.length > 0 && (
        <section aria-label={say.labels} className="card px-4 py-3 text-small">
          <h2 className="font-bold text-quiet">{say.labels}</h2>
          <ul>
            {labels.slice(0, MOST_LINES).map(({ person, number, done }) => (
              <li key={`${person} ${number}`}>
                {say.labelLine(nameOf(person), number, sayWork(w, words.enter, done, work.questions))}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
