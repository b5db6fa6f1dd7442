import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { MOST_QUESTIONS, type SetQuestion, storedQuestion } from '@/core/exercise/set/question';
import { MOST_MARKS } from '@/core/exercise/sheet/sheet';
import { itemCode, type SheetItem } from '@/core/exercise/sheet/task/all';
import { sayTask } from '@/core/words/say-task';
import { setWords } from '@/core/words/screen/set';
import type { AnswerSet } from '@/store/answer-set';
import { changingSet } from '@/store/answer-sets';
import { NAME_LIMIT } from '@/store/limits';
import { useWords } from '@/ui/school/use-class';
import type { SchoolHandle } from '@/ui/school/use-school';
import { TypedField } from '@/ui/TypedField';
import { SHEETS_PATH } from '../../address/sheets/sheets-address';
import { GoLink } from '../../shell/GoLink';
import { typedItems } from './typed-items';
import type { SetInHand } from './use-set';

type Props = { readonly held: SetInHand; readonly school: SchoolHandle };

type Questions = AnswerSet['questions'];

/** What a set is called, when it was, and what it asks; whatever is changed is judged anew. */
export function AboutSet({ held, school }: Props) {
  const say = setWords(useWords()).about;
  const { set, work } = held;
  const change = (fields: Partial<Pick<AnswerSet, 'name' | 'day' | 'questions'>>) =>
    void school.change((data, now) => changingSet(data, set.id, fields, now));
  const { questions } = set;
  const other = (id: string, fields: Partial<Questions[number]>) =>
    change({ questions: questions.map((each) => (each.id === id ? { ...each, ...fields } : each)) });
  return (
    <details className="text-small">
      <summary className="cursor-pointer py-1 font-bold text-quiet">{say.title}</summary>
      <div className="flex flex-col gap-2 pt-1">
        <div className="flex flex-wrap gap-2">
          <TypedField
            label={say.name}
            value={set.name}
            limit={NAME_LIMIT}
            placeholder={say.name}
            className="field grow basis-60"
            onType={(name) => change({ name })}
          />
          <input
            type="date"
            aria-label={say.day}
            className="field w-auto!"
            value={set.day}
            onChange={(event) => event.target.value !== '' && change({ day: event.target.value })}
          />
        </div>
        {set.sheet !== null && <GoLink href={SHEETS_PATH + set.sheet}>{say.sheet}</GoLink>}
        <ol className="flex flex-col">
          {work.questions.map((question, at) => (
            <Question
              key={question.id}
              question={question}
              number={at + 1}
              onMarks={(marks) => other(question.id, { marks })}
              onOther={(item) => other(question.id, { code: itemCode(item) })}
              onRemove={() => change({ questions: questions.filter(({ id }) => id !== question.id) })}
            />
          ))}
        </ol>
        {questions.length < MOST_QUESTIONS && (
          <Typed
            label={say.add}
            onItem={(item) => change({ questions: [...questions, storedQuestion(item, null, questions)] })}
          />
        )}
      </div>
    </details>
  );
}

type QuestionProps = {
  readonly question: SetQuestion;
  readonly number: number;
  readonly onMarks: (marks: number | null) => void;
  readonly onOther: (item: SheetItem) => void;
  readonly onRemove: () => void;
};

/** One question: its marks, another one in its place, or none. */
function Question({ question, number, onMarks, onOther, onRemove }: QuestionProps) {
  const w = useWords();
  const say = setWords(w).about;
  const marks = (text: string) => {
    const read = Number(text.replace(/\D/gu, ''));
    onMarks(text.trim() === '' || read === 0 ? null : Math.min(MOST_MARKS, read));
  };
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-rule py-1">
      <span className="min-w-0 grow basis-64">
        {number}. {sayTask(w, question.item)}
      </span>
      <span className="flex items-center gap-1.5">
        {say.marks}
        <TypedField
          label={say.marksOf(number)}
          value={question.marks === null ? '' : String(question.marks)}
          limit={2}
          placeholder={say.asCounted}
          className="field w-24!"
          onType={marks}
        />
      </span>
      <Typed label={say.instead(number)} onItem={onOther} />
      <button type="button" className="beside-button" aria-label={say.remove(number)} onClick={onRemove}>
        <Trash2 className="size-4" aria-hidden="true" />
      </button>
    </li>
  );
}

/** A question that is typed, as in the ask line. */
function Typed({ label, onItem }: { readonly label: string; readonly onItem: (item: SheetItem) => void }) {
  const w = useWords();
  const say = setWords(w);
  const [text, setText] = useState('');
  const [problem, setProblem] = useState('');
  const take = (event: { readonly preventDefault: () => void }) => {
    event.preventDefault();
    if (text.trim() === '') return;
    const { items, unread } = typedItems(w, text);
    const [item] = items;
    if (!item) {
      setProblem(say.start.typedProblem(1, unread[0]?.read ?? ''));
      return;
    }
    setText('');
    setProblem('');
    onItem(item);
  };
  return (
    <form onSubmit={take} className="flex flex-col">
      <input
        type="text"
        className="field w-56!"
        aria-label={label}
        placeholder={label}
        value={text}
        maxLength={240}
        autoComplete="off"
        onChange={(event) => setText(event.target.value)}
      />
      {problem && (
        <span role="alert" className="text-wrong">
          {problem}
        </span>
      )}
    </form>
  );
}
