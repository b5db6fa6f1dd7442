import { History, RefreshCw, RotateCcw } from 'lucide-react';
import type { ReactNode } from 'react';
import { nameOfHabit } from '@/core/words/say-mistake';
import { titleOfSheet } from '@/core/words/say-sheet';
import { sheetsWords } from '@/core/words/screen/sheets';
import type { LatelyWrong } from '@/store/lately';
import { Hint } from '@/ui/Hint';
import { useWords } from '@/ui/school/use-class';
import { TypedField } from '@/ui/TypedField';
import type { SheetAnswer } from '@/workers/sheet';
import { LONGEST_TITLE, type SheetsSentence } from '../address/sheets/sheets-sentence';

type Props = {
  readonly sentence: SheetsSentence;
  readonly answer: SheetAnswer | null;
  readonly lately: readonly LatelyWrong[];
  readonly onHabits: () => void;
  readonly onSay: (sentence: SheetsSentence) => void;
  readonly onAnew: () => void;
  readonly children: ReactNode;
};

/** What is worth knowing of a sheet: its title, its measure, where it is short, and the habits it is made for. */
export function Notes({ sentence, answer, lately, onHabits, onSay, onAnew, children }: Props) {
  const w = useWords();
  const { panel: say } = sheetsWords(w);
  const short = answer && sentence.sort === 'questions' && answer.fits < sentence.count ? answer.fits : null;
  const again = sentence.slots === null ? (answer?.again ?? []) : [];
  return (
    <div className="grid gap-1.5 text-small">
      <TypedField
        label={say.title2}
        limit={LONGEST_TITLE}
        value={sentence.title}
        placeholder={titleOfSheet(w, { ...sentence, title: '' })}
        onType={(title) => onSay({ ...sentence, title })}
        className="field font-serif font-bold placeholder:text-quiet"
      />
      <div className="flex flex-wrap items-center gap-1.5">
        {sentence.sort === 'questions' && (
          <button type="button" className="control" title={say.anewWhy} onClick={onAnew}>
            <RefreshCw className="size-4" aria-hidden="true" />
            {say.anew}
            <Hint text="R" />
          </button>
        )}
        {children}
        {sentence.sort === 'questions' && sentence.habits.length === 0 && lately.length > 0 && (
          <button type="button" className="control" title={say.habitsWhy} onClick={onHabits}>
            <History className="size-4" aria-hidden="true" />
            {say.habits}
          </button>
        )}
        {sentence.slots !== null && (
          <button type="button" className="control" onClick={() => onSay({ ...sentence, slots: null })}>
            <RotateCcw className="size-4" aria-hidden="true" />
            {say.asMade}
          </button>
        )}
      </div>
      {answer && sentence.sort === 'questions' && (
        <p className="text-quiet" title={say.measureWhy}>
          {say.measure(answer.measure)}
        </p>
      )}
      {sentence.habits.length > 0 && (
        <p>
          {say.habitsOn(sentence.habits.map((id) => nameOfHabit(w, id)))}{' '}
          <button type="button" className="control" onClick={() => onSay({ ...sentence, habits: [] })}>
            {say.withoutHabits}
          </button>
        </p>
      )}
      {short !== null && <p role="status">{say.fewer(short, sentence.count)}</p>}
      {again.length > 0 && <p role="status">{say.same(again.map((at) => at + 1))}</p>}
    </div>
  );
}
