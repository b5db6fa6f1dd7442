import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { answerCode, readAnswerCode } from '@/core/exercise/code';
import { rightAnswer } from '@/core/exercise/kinds/all';
import type { SetQuestion } from '@/core/exercise/set/question';
import type { UsualAnswer } from '@/core/exercise/set/usual';
import { readGiven } from '@/core/words/read-given';
import { sayGiven } from '@/core/words/say-given';
import { nameOfHabit } from '@/core/words/say-mistake';
import { liveWords } from '@/core/words/screen/live';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly question: SetQuestion;
  /** Null until they are worked out. */
  readonly usual: readonly UsualAnswer[] | null;
  readonly voices: Readonly<Record<string, number>>;
  readonly onCall: (code: string) => void;
  /** Null where nothing was counted. */
  readonly onTakeBack: (() => void) | null;
};

/** Answers that are called out, counted by one key each: the right one, what habits lead to, and any other. */
export function TallyCard({ question, usual, voices, onCall, onTakeBack }: Props) {
  const w = useWords();
  const say = liveWords(w).tally;
  const [text, setText] = useState('');
  const [why, setWhy] = useState('');
  const right = rightAnswer(question.asked, w.settings);
  const rows = [
    { hint: 'R', code: answerCode(right), said: sayGiven(w, question.asked, right), about: say.right },
    ...(usual ?? []).map(({ code, habit }, at) => {
      const answer = readAnswerCode(question.asked, code);
      const said = answer ? sayGiven(w, question.asked, answer) : code;
      return { hint: String(at + 1), code, said, about: habit ? nameOfHabit(w, habit) : '' };
    }),
  ];
  const own = Object.keys(voices).filter((code) => !rows.some((row) => row.code === code));
  const add = (event: { readonly preventDefault: () => void }) => {
    event.preventDefault();
    const read = readGiven(w, question.asked, text);
    if (text.trim() === '') return;
    setWhy(read.ok ? '' : read.why);
    if (!read.ok) return;
    onCall(answerCode(read.given));
    setText('');
  };
  return (
    <section aria-label={say.title} className="card flex flex-col gap-1 px-4 py-3 text-small">
      <h2 className="font-bold text-quiet">{say.title}</h2>
      <p className="text-quiet">{usual === null ? say.coming : say.help}</p>
      <ul className="flex flex-col">
        {rows.map(({ hint, code, said, about }) => (
          <TallyRow
            key={hint}
            {...{ hint, said, about }}
            count={voices[code] ?? 0}
            onCall={() => onCall(code)}
          />
        ))}
        {own.map((code) => {
          const answer = readAnswerCode(question.asked, code);
          const said = answer ? sayGiven(w, question.asked, answer) || code : code;
          return (
            <TallyRow
              key={code}
              {...{ hint: '', said, about: '' }}
              count={voices[code] ?? 0}
              onCall={() => onCall(code)}
            />
          );
        })}
      </ul>
      <form onSubmit={add} className="flex gap-2">
        <input
          type="text"
          className="field min-w-0 grow"
          aria-label={say.other}
          placeholder={say.other}
          value={text}
          maxLength={300}
          autoComplete="off"
          onChange={({ target }) => setText(target.value)}
        />
        <button type="submit" className="control shrink-0">
          {say.add}
        </button>
      </form>
      {why && (
        <p role="alert" className="text-wrong">
          {why}
        </p>
      )}
      <button
        type="button"
        className="control self-start"
        disabled={!onTakeBack}
        onClick={() => onTakeBack?.()}
      >
        <Undo2 className="size-4" aria-hidden="true" />
        {say.takeBack}
      </button>
    </section>
  );
}

type RowProps = {
  readonly hint: string;
  readonly said: string;
  readonly about: string;
  readonly count: number;
  readonly onCall: () => void;
};

function TallyRow({ hint, said, about, count, onCall }: RowProps) {
  const say = liveWords(useWords()).tally;
  return (
    <li>
      <button
        type="button"
        className="flex min-h-7 w-full items-center gap-2 rounded-control py-0.5 text-left hover:bg-now"
        aria-label={say.more(said)}
        onClick={onCall}
      >
        <kbd className={`key ${hint === '' ? 'invisible' : ''}`} aria-hidden="true">
          {hint || '0'}
        </kbd>
        <span className="min-w-0 grow">
          <span className="block truncate font-serif">{said}</span>
          <span className="block truncate text-quiet">{about}</span>
        </span>
        <b className="w-6 shrink-0 text-right tabular-nums">{count > 0 ? count : ''}</b>
      </button>
    </li>
  );
}
