import { useMemo } from 'react';
import { readAnswerCode } from '@/core/exercise/code';
import { rightAnswer } from '@/core/exercise/kinds/all';
import { keyAsked } from '@/core/exercise/practice';
import { sameAnswers } from '@/core/exercise/set/needs';
import { under } from '@/core/exercise/set/paper';
import type { SetQuestion } from '@/core/exercise/set/question';
import type { UsualAnswer } from '@/core/exercise/set/usual';
import { workDone } from '@/core/exercise/set/work-done';
import type { ClassWords } from '@/core/words/class-words';
import { sayGiven } from '@/core/words/say-given';
import { sayExplanation } from '@/core/words/say-mistake';
import { sayTask } from '@/core/words/say-task';
import { setWords } from '@/core/words/screen/set';
import { DIRECTION_WORDS } from '@/core/words/vocabulary';
import { MOST_PAPER_MINUTES } from '@/store/limits';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { EntryPads } from '@/ui/entry/EntryPads';
import { TypedAnswer } from '@/ui/entry/TypedAnswer';
import { Hint } from '@/ui/Hint';
import { useWords } from '@/ui/school/use-class';
import { TypedField } from '@/ui/TypedField';
import { ChecksCard } from '../ChecksCard';
import { HabitCard } from '../HabitCard';
import { type Outcome, outcomeOf } from '../outcome';
import type { Entry } from './use-entry';
import type { SetInHand } from './use-set';

type Props = {
  readonly held: SetInHand;
  readonly entry: Entry;
  readonly menu: boolean;
  readonly onMenu: (open: boolean) => void;
};

const nothing = () => undefined;

/** The answer in hand: what was asked, how it is entered, what it comes to, and what is decided about it. */
export function CellPanel({ held, entry, menu, onMenu }: Props) {
  const w = useWords();
  const say = setWords(w).enter;
  const { people, work } = held;
  const { place, question, paper, size } = entry;
  const person = people[place.person];
  if (!question || !paper || !person) return null;
  return (
    <section
      aria-label={say.head(person.name, place.question + 1, size.questions)}
      className="flex min-h-0 flex-col gap-3 room:overflow-y-auto"
    >
      <div className="card flex flex-col gap-2 px-4 py-3">
        <p className="text-small font-bold text-quiet">
          {say.head(person.name, place.question + 1, size.questions)}
        </p>
        <h2 className="font-serif text-large leading-snug">{sayTask(w, question.item)}</h2>
        <p className="text-small">
          <span className="font-bold text-quiet">{say.expected}: </span>
          {sayGiven(w, question.asked, rightAnswer(question.asked, w.settings))}
        </p>
        <EntryRow entry={entry} question={question} />
        <Usual entry={entry} question={question} />
        <PaperRow entry={entry} />
      </div>
      <ErrorBoundary what={setWords(w).cards.cell} size="card" about={place}>
        <Judged {...{ held, entry, menu, onMenu }} question={question} all={work.questions} />
      </ErrorBoundary>
    </section>
  );
}

function EntryRow({ entry, question }: { readonly entry: Entry; readonly question: SetQuestion }) {
  const say = setWords(useWords()).enter;
  const { actions, given, typed, taken, draft, place } = entry;
  const props = {
    asked: question.asked,
    given,
    typed,
    judged: null,
    taken,
    onGiven: actions.give,
    onTyped: actions.type,
    onRight: actions.fromRight,
    onBlank: actions.blank,
    onNext: actions.next,
    onRest: nothing,
  };
  return (
    <div key={`${place.person} ${place.question}`} className="flex flex-col gap-2">
      <div className="flex flex-wrap items-start gap-1.5">
        <TypedAnswer {...props} />
      </div>
      <div className="flex flex-wrap gap-1.5">
        <button type="button" className="control" title={say.rightHelp} onClick={() => actions.right()}>
          {say.right}
          <Hint text="⏎" />
        </button>
        <button type="button" className="control" onClick={actions.fromRight}>
          {say.fromRight}
          <Hint text="R" />
        </button>
        <button type="button" className="control" onClick={actions.blank}>
          {say.blank}
          <Hint text="0" />
        </button>
        <button type="button" className="control" onClick={actions.same}>
          {say.same}
          <Hint text="=" />
        </button>
      </div>
      {(draft !== null || taken > 0) && <EntryPads {...props} onFile={null} />}
    </div>
  );
}

/** What a usual answer is called: its habit, where one leads to it. */
function habitName(w: ClassWords, { habit }: UsualAnswer, { asked }: SetQuestion): string | null {
  return habit === null ? null : sayExplanation(w, { habits: [habit] }, keyAsked(asked), asked.kind);
}

function Usual({ entry, question }: { readonly entry: Entry; readonly question: SetQuestion }) {
  const w = useWords();
  const say = setWords(w).enter;
  const { usual, actions } = entry;
  return (
    <div className="flex flex-col gap-1">
      <h3 className="text-small font-bold text-quiet">{usual?.length === 0 ? say.noUsual : say.usual}</h3>
      <ol className="flex flex-col">
        {(usual ?? []).slice(0, 5).map((each, at) => {
          const answer = readAnswerCode(question.asked, each.code);
          return (
            <li key={each.code}>
              <button
                type="button"
                className="flex w-full items-baseline gap-2 rounded-control px-1 py-0.5 text-left text-small hover:bg-now"
                onClick={() => actions.usual(at)}
              >
                <kbd className="key" aria-hidden="true">
                  {at + 1}
                </kbd>
                <span className="font-serif whitespace-nowrap">
                  {answer ? sayGiven(w, question.asked, answer) : ''}
                </span>
                <span className="truncate text-quiet">{habitName(w, each, question)}</span>
              </button>
            </li>
          );
        })}
      </ol>
    </div>
  );
}

/** What holds of the whole paper: not here, stopped, the time. */
function PaperRow({ entry: { paper, actions } }: { readonly entry: Entry }) {
  const say = setWords(useWords()).enter;
  if (!paper) return null;
  const minutes = (text: string) => {
    const number = Number(text.replace(/\D/gu, ''));
    actions.minutes(text.trim() === '' ? null : Math.min(MOST_PAPER_MINUTES, number));
  };
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-t border-rule pt-2 text-small">
      <button type="button" className="control" aria-pressed={paper.absent} onClick={actions.absent}>
        {paper.absent ? say.present : say.absent}
        <Hint text="−" />
      </button>
      <label className="flex items-center gap-1.5" title={say.stoppedHelp}>
        <input type="checkbox" checked={paper.stopped} onChange={() => actions.stopped()} />
        {say.stopped}
      </label>
      <span className="flex items-center gap-1.5">
        {say.minutes}
        <TypedField
          label={say.minutes}
          value={paper.minutes === null ? '' : String(paper.minutes)}
          limit={3}
          className="field w-14!"
          onType={minutes}
        />
      </span>
    </div>
  );
}

type JudgedProps = Props & { readonly question: SetQuestion; readonly all: readonly SetQuestion[] };

/** The outcome as the rest of the room shows it, with what the set counts and what was decided in it. */
function useOutcome({ entry, held, question }: JudgedProps): Outcome | null {
  const { settings } = useWords();
  const { cell } = entry;
  const code = cell?.got == null ? null : cell.code;
  const decision = cell?.decision ?? null;
  // What is judged elsewhere in the set meanwhile changes nothing here.
  const reading = useMemo(() => {
    const answer = code === null ? null : readAnswerCode(question.asked, code);
    return answer && outcomeOf(question.asked, answer, settings, { own: decision, like: null }, []);
  }, [code, decision, question, settings]);
  const verdict = under(held.work.verdicts, question.id, code ?? '');
  if (reading?.is !== 'judged' || !verdict || cell?.got == null || cell.of === null) return null;
  const counted = { got: verdict.got, of: verdict.of };
  return { ...reading.outcome, counted, score: { got: cell.got, of: cell.of } };
}

function Judged(props: JudgedProps) {
  const { entry, held, question, menu, onMenu } = props;
  const say = setWords(useWords()).enter;
  const { actions, cell, place } = entry;
  const outcome = useOutcome(props);
  if (!outcome || !cell) return null;
  const others = sameAnswers(held.work, question.id)
    .find(({ codes }) => cell.code !== null && codes.includes(cell.code))
    ?.people.filter((id) => id !== held.people[place.person]?.id);
  const names = (others ?? []).map((id) => held.people.find((each) => each.id === id)?.name ?? '');
  return (
    <>
      <Whole {...props} />
      {names.length > 0 && !outcome.judged.correct && (
        <p className="px-4 text-small text-quiet">
          {say.wroteSame(names.slice(0, 3), Math.max(0, names.length - 3))} {say.forAll(names.length + 1)}.
        </p>
      )}
      <HabitCard
        outcome={outcome}
        remembered={false}
        menu={menu}
        onMenu={onMenu}
        onHabit={actions.habit}
        onAccept={actions.accept}
        onNext={actions.next}
      />
      <ChecksCard
        outcome={outcome}
        comment={cell.decision.comment}
        corrected={cell.state === 'corrected'}
        onCorrected={actions.corrected}
        onMarks={(got) => actions.marks(got === null ? null : { got, of: outcome.score.of })}
        onComment={actions.comment}
      />
    </>
  );
}

/** The label against the work: what was written, where it is something whole. */
function Whole({ entry, question, all }: JudgedProps) {
  const w = useWords();
  const say = setWords(w).enter;
  const { cell, marking } = entry;
  const code = cell?.code ?? null;
  const done = useMemo(() => {
    const answer = code === null ? null : readAnswerCode(question.asked, code);
    return answer && workDone(question, answer, all, marking);
  }, [code, question, all, marking]);
  if (!done) return null;
  return <p className="px-4 text-small">{sayWork(w, say, done, all)}</p>;
}

/** The label against the work, in words. */
export function sayWork(
  w: ClassWords,
  say: ReturnType<typeof setWords>['enter'],
  done: NonNullable<ReturnType<typeof workDone>>,
  all: readonly SetQuestion[],
): string {
  switch (done.is) {
    case 'other-scale':
      return say.otherScale(`${w.scale(done.tonic, done.scale)}, ${DIRECTION_WORDS[done.direction]}`);
    case 'other-direction':
      return say.otherDirection(DIRECTION_WORDS[done.direction]);
    case 'other-question':
      return say.otherQuestion(all.findIndex(({ id }) => id === done.question) + 1);
  }
}
