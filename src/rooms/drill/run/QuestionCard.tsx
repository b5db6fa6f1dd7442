import { Volume2 } from 'lucide-react';
import type { Answer } from '@/core/exercise/answer';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { markedIn, readDrillCode } from '@/core/practice/drill/question';
import { sayDrillAnswer, sayDrillQuestion, sayDrillRight } from '@/core/words/say-drill';
import { drillWords } from '@/core/words/screen/drill';
import { part } from '@/ui/parts/part';
import { useWords } from '@/ui/school/use-class';
import { ChoicePad } from './ChoicePad';
import type { AskedNow } from './run-of';
import { ToldCard } from './ToldCard';
import type { Ear } from './use-ear';
import type { Run } from './use-run';

const Shown = part('surface', () => import('@/ui/question/Shown').then((module) => module.Shown));
const WritePad = part('surface', () => import('./WritePad').then((module) => module.WritePad));

type Props = {
  readonly run: Run;
  readonly asked: AskedNow | null;
  readonly place: number;
  /** Whether the silence before the answer is over. */
  readonly opens: boolean;
  readonly ear: Ear;
  readonly onChoose: (at: number) => void;
  readonly onPass: () => void;
  readonly onGive: (answer: Answer) => void;
  readonly onNext: () => void;
};

/** Whether the question is drawn besides being said: what is written on its own staff is not. */
function isDrawn({ question }: AskedNow): boolean {
  return question.is === 'asked';
}

/** A question and the way in to its answer, or what is said of a wrong one. */
export function QuestionCard(props: Props) {
  const { run, asked, place, opens, ear, onChoose, onPass, onGive, onNext } = props;
  const w = useWords();
  const say = drillWords(w).run;
  const { course } = run;
  const before = course.attempts.at(-1) ?? null;
  const { slip, told } = course;
  const marked: MarkQuestion | null = asked && markedIn(asked.question);
  return (
    <section
      aria-label={say.question(place + 1)}
      className="card flex min-w-0 flex-col gap-3 px-4 py-4 sm:px-6 room:overflow-y-auto"
    >
      <div aria-live="polite">
        <p className="text-small font-bold text-quiet">{say.question(place + 1)}</p>
        <h2 className="font-serif text-sentence leading-snug">
          {asked ? sayDrillQuestion(w, asked.question) : say.later}
        </h2>
      </div>
      {asked && isDrawn(asked) && marked && <Shown asked={marked} />}
      {ear.is && (
        <div className="flex flex-wrap items-center gap-3">
          <button type="button" className="control" onClick={ear.hear}>
            <Volume2 className="size-4" aria-hidden="true" />
            {say.listen}
            <kbd className="key" aria-hidden="true">
              H
            </kbd>
          </button>
          <p className="text-small text-quiet">{say.silent}</p>
        </div>
      )}
      {asked?.choices && (
        <ChoicePad
          asked={asked}
          choices={asked.choices}
          tried={told ? (before?.answer ?? null) : (slip?.answer ?? null)}
          slip={told ? (before?.first ?? null) : null}
          told={told}
          opens={opens}
          onChoose={onChoose}
        />
      )}
      {asked && !asked.choices && marked && !told && (
        <WritePad key={place} question={asked.question} asked={marked} opens={opens} onGive={onGive} />
      )}
      {told && before && asked ? (
        <ToldCard question={asked.question} attempt={before} onNext={onNext} over={course.run.end !== null} />
      ) : (
        <div className="mt-1 flex flex-wrap items-center gap-3">
          <button type="button" className="control" disabled={!opens} onClick={onPass}>
            {say.unknown}
            {asked?.choices && (
              <kbd className="key" aria-hidden="true">
                0
              </kbd>
            )}
          </button>
          <Said run={run} opens={opens} />
        </div>
      )}
    </section>
  );
}

/** What is said beside the answers: that one more try is open, that it is time to think, how the last one went. */
function Said({ run: { course }, opens }: Pick<Props, 'run' | 'opens'>) {
  const w = useWords();
  const say = drillWords(w).run;
  const before = course.attempts.at(-1);
  const question = before && readDrillCode(before.question, w.settings);
  const text = () => {
    if (course.slip) return say.notYet;
    if (!opens) return say.think;
    if (!before || !question || before.outcome === 'wrong') return '';
    const answer = sayDrillAnswer(w, question, before.answer) || sayDrillRight(w, question);
    return before.outcome === 'right' ? say.right(answer) : say.corrected(answer);
  };
  return (
    <p role="status" className={`min-h-6 ${course.slip ? 'font-semibold text-wrong' : 'text-quiet'}`}>
      {text()}
    </p>
  );
}
