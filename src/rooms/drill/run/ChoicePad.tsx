import { Check, X } from 'lucide-react';
import type { DrillChoices } from '@/core/practice/drill/choices';
import { sayDrillAnswer } from '@/core/words/say-drill';
import { drillWords } from '@/core/words/screen/drill';
import { useWords } from '@/ui/school/use-class';
import type { AskedNow } from './run-of';

type Props = {
  readonly asked: AskedNow;
  readonly choices: DrillChoices;
  /** The code of the answer that was given last and was not right; null for none. */
  readonly tried: string | null;
  /** The one before it, where there were two. */
  readonly slip: string | null;
  readonly told: boolean;
  readonly opens: boolean;
  readonly onChoose: (at: number) => void;
};

/** Answers to choose from, each with its digit; what was not right is struck out. */
export function ChoicePad({ asked, choices, tried, slip, told, opens, onChoose }: Props) {
  const w = useWords();
  const say = drillWords(w).run;
  const texts = choices.choices.map(({ code }) => sayDrillAnswer(w, asked.question, code));
  const long = texts.some((text) => text.length > 22);
  return (
    <div
      role="group"
      aria-label={say.choices}
      className={`grid gap-2 ${long ? 'grid-cols-1' : 'grid-cols-1 sm:grid-cols-2'}`}
    >
      {choices.choices.map(({ code }, at) => {
        const struck = code === tried || code === slip;
        const right = told && at === choices.right;
        return (
          <button
            key={at}
            type="button"
            disabled={!opens || told || struck}
            onClick={() => onChoose(at)}
            className={`flex min-h-13 items-center gap-3 rounded-control border px-3 py-2 text-left font-serif text-large ${
              right
                ? 'border-correct font-bold text-correct'
                : struck
                  ? 'border-rule text-quiet line-through'
                  : 'border-edge enabled:hover:border-ink'
            }`}
          >
            <kbd className="key no-underline" aria-hidden="true">
              {at + 1}
            </kbd>
            <span className="grow">{texts[at]}</span>
            {right && <Check className="size-5 shrink-0" aria-label={say.isRight} />}
            {struck && <X className="size-5 shrink-0 text-wrong" aria-label={say.isWrong} />}
          </button>
        );
      })}
    </div>
  );
}
