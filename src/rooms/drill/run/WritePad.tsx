import { useEffect, useState } from 'react';
import { type Answer, BLANK } from '@/core/exercise/answer';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import type { DrillQuestion } from '@/core/practice/drill/question';
import { drillWords } from '@/core/words/screen/drill';
import { EntryPads } from '@/ui/entry/EntryPads';
import { TypedAnswer } from '@/ui/entry/TypedAnswer';
import { focusOn } from '@/ui/focus-on';
import { useKeys } from '@/ui/keys/use-keys';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly question: DrillQuestion;
  readonly asked: MarkQuestion;
  readonly opens: boolean;
  readonly onGive: (answer: Answer) => void;
};

const nothing = () => undefined;

/** An answer that is written: typed, on a staff, by keys; Enter gives it. */
export function WritePad({ question, asked, opens, onGive }: Props) {
  const say = drillWords(useWords()).run;
  const stands = question.is === 'which-note' ? question.item.shown : null;
  const [given, setGiven] = useState<Answer | null>(stands);
  const [typed, setTyped] = useState<string | null>(null);
  const [taken, setTaken] = useState(stands ? 1 : 0);
  useEffect(() => {
    // A row is put right on its staff; anything else is typed at once.
    if (opens) focusOn(stands ? '[role=application]' : '[data-answer]', '[data-answer]');
  }, [opens, stands]);
  const clear = () => {
    setGiven(stands);
    setTyped(null);
    setTaken(taken + 1);
  };
  const give = () => {
    if (given && typed === null) onGive(given);
  };
  useKeys({ Enter: give }, true);
  const entry = {
    asked,
    given: given ?? BLANK,
    typed,
    judged: null,
    taken,
    onGiven: (answer: Answer) => {
      setGiven(answer.is === 'blank' ? null : answer);
      setTyped(null);
    },
    onTyped: setTyped,
    onRight: null,
    onBlank: clear,
    onNext: give,
    onRest: nothing,
  };
  return (
    <fieldset disabled={!opens} className="flex min-w-0 flex-col gap-3 border-0">
      {question.is === 'which-note' && <p className="text-quiet">{say.fix}</p>}
      <div className="flex flex-wrap items-start gap-2">
        <TypedAnswer {...entry} given={given} />
        <button
          type="button"
          className="control bg-ink! text-sheet! disabled:opacity-60"
          disabled={!given || typed !== null}
          onClick={give}
        >
          {say.give}
          <kbd className="key" aria-hidden="true">
            ⏎
          </kbd>
        </button>
      </div>
      <EntryPads {...entry} onFile={null} />
    </fieldset>
  );
}
