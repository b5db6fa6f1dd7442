import { useMemo } from 'react';
import { readAnswerCode } from '@/core/exercise/code';
import { fieldsAsked, type MarkQuestion } from '@/core/exercise/kinds/all';
import { keyAsked } from '@/core/exercise/practice';
import { type Attempt, notRight } from '@/core/practice/drill/attempt';
import { type DrillQuestion, markedIn } from '@/core/practice/drill/question';
import { sayDrillAnswer, sayDrillRight, sayDrillWhy } from '@/core/words/say-drill';
import { drillWords } from '@/core/words/screen/drill';
import { useWords } from '@/ui/school/use-class';
import { deriveHref } from '../../address/derive/derive-address';
import { FIRST_SENTENCE } from '../../address/derive/derive-sentence';
import { markHref } from '../../address/mark/mark-address';
import { FIRST } from '../../address/mark/mark-sentence';
import { GoLink } from '../../shell/GoLink';

/** The derivation of the key a question is about. */
function deriveAddress(asked: MarkQuestion): string {
  return deriveHref({ ...FIRST_SENTENCE, ...keyAsked(asked), direction: 'up', step: null, beside: null });
}

/** A wrong answer in Mark, with its checks and its habit. */
function markAddress(asked: MarkQuestion, code: string): string {
  const fields = { ...FIRST.fields, ...fieldsAsked(asked) };
  return markHref({ ...FIRST, kind: asked.kind, fields, given: readAnswerCode(asked, code) });
}

type AboutProps = { readonly question: DrillQuestion; readonly attempt: Attempt };

/** What was answered, what is right, and why: the habit that leads there, or the reason of the right answer. */
export function AboutAnswer({ question, attempt }: AboutProps) {
  const w = useWords();
  const say = drillWords(w).run;
  const asked = markedIn(question);
  const wrong = notRight(attempt);
  const why = useMemo(() => sayDrillWhy(w, question, attempt), [w, question, attempt]);
  return (
    <>
      <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-3 gap-y-1 font-serif text-large">
        {wrong !== '' && (
          <>
            <dt className="font-sans text-small font-bold text-quiet">{say.given}</dt>
            <dd className="text-wrong">{sayDrillAnswer(w, question, wrong)}</dd>
          </>
        )}
        <dt className="font-sans text-small font-bold text-quiet">{say.expected}</dt>
        <dd className="font-bold text-correct">{sayDrillRight(w, question)}</dd>
      </dl>
      <div>
        {why.habit && <p className="font-serif text-large font-bold">{why.habit}</p>}
        {why.lines.map((line) => (
          <p key={line}>{line}</p>
        ))}
      </div>
      {asked && (
        <p className="flex flex-wrap gap-x-4 gap-y-1 text-small">
          <GoLink href={deriveAddress(asked)}>
            {say.derive(w.scale(keyAsked(asked).tonic, keyAsked(asked).scale))}
          </GoLink>
          {wrong !== '' && <GoLink href={markAddress(asked, wrong)}>{say.mark}</GoLink>}
        </p>
      )}
    </>
  );
}

type Props = AboutProps & {
  /** Whether it was the last one. */
  readonly over: boolean;
  readonly onNext: () => void;
};

/** What is said of a wrong answer before the next question. */
export function ToldCard({ question, attempt, over, onNext }: Props) {
  const say = drillWords(useWords()).run;
  return (
    <div role="status" className="flex flex-col items-start gap-2 rounded-control bg-now px-4 py-3">
      <p className="font-bold text-wrong">{say.wrong}</p>
      <AboutAnswer question={question} attempt={attempt} />
      <button type="button" data-next="" className="control mt-1 bg-ink! text-sheet!" onClick={onNext}>
        {over ? say.finish : say.next}
        <kbd className="key" aria-hidden="true">
          ⏎
        </kbd>
      </button>
    </div>
  );
}
