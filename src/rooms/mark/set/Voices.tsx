import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { answerCode, readAnswerCode } from '@/core/exercise/code';
import type { SetQuestion } from '@/core/exercise/set/question';
import { readGiven } from '@/core/words/read-given';
import { sayGiven } from '@/core/words/say-given';
import { setWords } from '@/core/words/screen/set';
import type { AnswerSet } from '@/store/answer-set';
import { useWords } from '@/ui/school/use-class';

export type VoiceHands = {
  /** Counts an answer that was called out, or takes one back. */
  readonly call: (question: string, code: string, by: 1 | -1) => void;
};

type Props = { readonly set: AnswerSet; readonly question: SetQuestion; readonly hands: VoiceHands };

/** Answers called out in class, right and wrong, without names. */
export function Voices({ set, question, hands }: Props) {
  const w = useWords();
  const say = setWords(w).enter;
  const [text, setText] = useState('');
  const [why, setWhy] = useState('');
  const own = Object.entries(set.voices[question.id] ?? {}).toSorted((a, b) => b[1] - a[1]);
  const call = (event: { readonly preventDefault: () => void }) => {
    event.preventDefault();
    const read = readGiven(w, question.asked, text);
    if (!read.ok) {
      setWhy(read.why);
      return;
    }
    if (text.trim() === '') return;
    hands.call(question.id, answerCode(read.given), 1);
    setText('');
    setWhy('');
  };
  return (
    <form onSubmit={call} className="flex flex-col gap-1 border-t border-rule pt-2">
      <h3 className="text-small font-bold text-quiet">{say.voices}</h3>
      <input
        type="text"
        className="field"
        aria-label={say.voiceField}
        placeholder={say.voicesHelp}
        value={text}
        maxLength={300}
        autoComplete="off"
        onChange={(event) => setText(event.target.value)}
      />
      {why && (
        <p role="alert" className="text-small text-wrong">
          {why}
        </p>
      )}
      <ul className="flex flex-wrap gap-x-4 gap-y-1 text-small">
        {own.map(([code, count]) => {
          const answer = readAnswerCode(question.asked, code);
          const said = answer ? sayGiven(w, question.asked, answer) : code;
          return (
            <li key={code} className="flex items-center gap-1">
              <span className="font-serif">{said}</span>
              <button
                type="button"
                className="beside-button"
                aria-label={say.less(said)}
                onClick={() => hands.call(question.id, code, -1)}
              >
                <Minus className="size-3.5" aria-hidden="true" />
              </button>
              <b>{count}</b>
              <button
                type="button"
                className="beside-button"
                aria-label={say.more(said)}
                onClick={() => hands.call(question.id, code, 1)}
              >
                <Plus className="size-3.5" aria-hidden="true" />
              </button>
            </li>
          );
        })}
      </ul>
    </form>
  );
}
