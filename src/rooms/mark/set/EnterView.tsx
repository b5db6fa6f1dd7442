import { useEffect, useMemo } from 'react';
import { readAnswerCode } from '@/core/exercise/code';
import { look } from '@/core/exercise/judge';
import { cellOf } from '@/core/exercise/set/cell';
import { sayGiven } from '@/core/words/say-given';
import { sayMarks } from '@/core/words/say-marks';
import { setWords } from '@/core/words/screen/set';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { GivenOn } from '@/ui/question/GivenOn';
import { useWords } from '@/ui/school/use-class';
import type { SchoolHandle } from '@/ui/school/use-school';
import type { SetWalk } from '../../address/mark/set-address';
import { AboutSet } from './AboutSet';
import { CellPanel } from './CellPanel';
import { Grid } from './Grid';
import { type Entry, focusGrid } from './use-entry';
import type { SetInHand } from './use-set';
import { type VoiceHands, Voices } from './Voices';

type Props = {
  readonly held: SetInHand;
  readonly entry: Entry;
  readonly walk: SetWalk;
  readonly menu: boolean;
  readonly onMenu: (open: boolean) => void;
  readonly onClass: () => void;
  readonly voices: VoiceHands;
  readonly school: SchoolHandle;
};

/** Entering what everybody wrote: the grid of the class, and the answer in hand beside it. */
export function EnterView({ held, entry, walk, menu, onMenu, onClass, voices, school }: Props) {
  const say = setWords(useWords());
  const { work } = held;
  useEffect(() => {
    // The first key is an answer; whoever stands elsewhere stays there. What was just drawn is measured with the frame.
    const frame = requestAnimationFrame(() => {
      if (document.activeElement === document.body) focusGrid();
    });
    return () => cancelAnimationFrame(frame);
  }, []);
  const left = useMemo(
    () =>
      work.papers.reduce(
        (sum, paper) =>
          sum + work.questions.filter((question) => cellOf(question, paper, work).state === 'open').length,
        0,
      ),
    [work],
  );
  return (
    <div className="grid min-h-0 grow grid-cols-1 gap-3 room:grid-cols-[minmax(0,1fr)_25rem]">
      <ErrorBoundary what={say.cards.grid} size="card" about={held.set.id}>
        <section aria-label={say.cards.grid} className="card flex min-h-0 min-w-0 flex-col gap-2 p-3">
          <Grid held={held} entry={entry} walk={walk} />
          <p className="text-small text-quiet" aria-hidden="true">
            {say.enter.keysLine}
          </p>
          <p role="status" className="flex flex-wrap items-center gap-2 text-small">
            {left === 0 ? say.enter.done : say.enter.open(left)}
            <button
              type="button"
              className={`control ${left === 0 ? 'bg-ink! text-sheet!' : ''}`}
              onClick={onClass}
            >
              {say.enter.seeClass}
            </button>
          </p>
          <Drawn held={held} entry={entry} />
          <Changes held={held} />
          {entry.ready && <AboutSet held={held} school={school} />}
          {walk === 'question' && entry.question && (
            <Voices set={held.set} question={entry.question} hands={voices} />
          )}
        </section>
      </ErrorBoundary>
      {entry.ready ? (
        <CellPanel held={held} entry={entry} menu={menu} onMenu={onMenu} />
      ) : (
        <div data-coming="" />
      )}
    </div>
  );
}

/** In a class of so many there is room under the grid for what was written. */
const SMALL_CLASS = 13;

/** A wrong answer above what was expected, on one grid of half steps. */
function Drawn({ held, entry }: Pick<Props, 'held' | 'entry'>) {
  const { settings } = useWords();
  const { cell, question } = entry;
  const code = cell?.code ?? null;
  const answer = useMemo(
    () => (code === null || !question ? null : readAnswerCode(question.asked, code)),
    [code, question],
  );
  const judged = useMemo(
    () => answer && question && look(question.asked, answer, { ...settings, known: [] }),
    [answer, question, settings],
  );
  if (!question || !answer || !judged || judged.correct || held.people.length > SMALL_CLASS) return null;
  return <GivenOn asked={question.asked} given={answer} judged={judged} expected />;
}

/** How far the judging is, and what judging again changed. */
export function Judging({ held }: { readonly held: SetInHand }) {
  const say = setWords(useWords()).enter;
  const { progress, stopped } = held.judging;
  if (progress === null && stopped === null) return null;
  return (
    <p
      role="status"
      className="card fixed right-4 bottom-24 z-10 flex items-center gap-2 px-3 py-2 text-small room:bottom-4"
    >
      {progress ? say.judging(progress.done, progress.of) : stopped === 'failed' ? say.failed : say.cancelled}
      <button type="button" className="control" onClick={progress ? held.cancel : held.goOn}>
        {progress ? say.cancel : say.goOn}
      </button>
    </p>
  );
}

/** As many changed answers as are told one by one. */
const MOST_TOLD = 8;

function Changes({ held }: { readonly held: SetInHand }) {
  const w = useWords();
  const say = setWords(w).enter;
  const { changes, questions } = held.judging;
  if (changes.length === 0) return null;
  return (
    <div role="status" className="flex flex-col gap-1 rounded-control bg-now px-3 py-2 text-small">
      <p className="flex flex-wrap items-center gap-2">
        {say.changed(changes.length)}
        <button type="button" className="control" onClick={held.seen}>
          {say.seen}
        </button>
      </p>
      <ul>
        {changes.slice(0, MOST_TOLD).map(({ question, code, before, after }) => {
          const at = questions.findIndex(({ id }) => id === question);
          const asked = questions[at]?.asked;
          const answer = asked && readAnswerCode(asked, code);
          if (!asked || !answer) return null;
          const who = held.work.papers.filter(({ answers }) => answers[question] === code).length;
          return (
            <li key={`${question} ${code}`}>
              {say.changeLine(
                at + 1,
                sayGiven(w, asked, answer) || say.blank,
                sayMarks(before),
                sayMarks(after),
                who,
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
