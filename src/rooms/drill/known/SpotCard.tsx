import { useMemo } from 'react';
import { mistakeNamed } from '@/core/mark/mistakes/all';
import { type Attempt, attemptsIn } from '@/core/practice/drill/attempt';
import type { KnownCell } from '@/core/practice/drill/known';
import { exerciseFor } from '@/core/practice/drill/picture';
import { type DrillQuestion, keyFrom, readDrillCode } from '@/core/practice/drill/question';
import type { Settings } from '@/core/school/settings';
import { sayDrillQuestion } from '@/core/words/say-drill';
import { nameOfHabit } from '@/core/words/say-mistake';
import { drillWords } from '@/core/words/screen/drill';
import type { Drill } from '@/store/drill';
import { useWords } from '@/ui/school/use-class';
import { deriveHref } from '../../address/derive/derive-address';
import { FIRST_SENTENCE } from '../../address/derive/derive-sentence';
import { type DrillSentence, FIRST_DRILL } from '../../address/drill/drill-sentence';
import { GoLink } from '../../shell/GoLink';
import { AboutAnswer } from '../run/ToldCard';

type Props = {
  readonly cell: KnownCell;
  readonly name: string;
  readonly drills: readonly Drill[];
  readonly onBegin: (level: DrillSentence) => void;
};

/** An exercise is no test. */
const BUDGET = { questions: 8, seconds: null, mistakes: null };

type Wrong = { readonly question: DrillQuestion; readonly attempt: Attempt };

/** The last answer in a cell that was not right at once. */
function lastWrong(cell: KnownCell, drills: readonly Drill[], settings: Settings): Wrong | null {
  const codes = new Set(cell.items.map(({ question }) => question));
  for (const { answers } of drills.toReversed()) {
    const attempt = attemptsIn(answers).findLast(
      ({ question, outcome }) => outcome !== 'right' && codes.has(question),
    );
    const question = attempt && readDrillCode(attempt.question, settings);
    if (attempt && question) return { question, attempt };
  }
  return null;
}

/** One spot of the picture: how it stands, its last wrong answer with the reason, its derivation, and its exercise. */
export function SpotCard({ cell, name, drills, onBegin }: Props) {
  const w = useWords();
  const say = drillWords(w);
  const key = keyFrom(cell.key);
  const wrong = useMemo(() => lastWrong(cell, drills, w.settings), [cell, drills, w.settings]);
  const habit = mistakeNamed(cell.items.find((each) => each.habit !== null)?.habit ?? '');
  return (
    <section aria-label={name} data-spot="" className="card flex shrink-0 flex-col gap-2 px-4 py-3">
      <h2 className="font-serif text-large leading-tight font-bold">{name}</h2>
      <p className="text-small">
        {say.known.spot(cell.right, cell.corrected, cell.wrong)}{' '}
        {say.known.likely(Math.round(100 * cell.likely))}
      </p>
      {wrong ? (
        <div className="flex flex-col gap-1.5 rounded-control bg-now px-3 py-2">
          <p className="text-small font-bold text-quiet">{say.known.last}</p>
          <p className="font-semibold">{sayDrillQuestion(w, wrong.question)}</p>
          <AboutAnswer question={wrong.question} attempt={wrong.attempt} />
        </div>
      ) : (
        <>
          {habit && <p>{say.known.habit(nameOfHabit(w, habit.id))}</p>}
          {key && (
            <p className="text-small">
              <GoLink
                href={deriveHref({ ...FIRST_SENTENCE, ...key, direction: 'up', step: null, beside: null })}
              >
                {say.run.derive(w.scale(key.tonic, key.scale))}
              </GoLink>
            </p>
          )}
        </>
      )}
      <button
        type="button"
        className="control self-start bg-ink! text-sheet!"
        onClick={() => onBegin({ ...FIRST_DRILL, ...exerciseFor(cell), budget: BUDGET })}
      >
        {say.known.drill}
      </button>
    </section>
  );
}
