import { RotateCcw } from 'lucide-react';
import { useState } from 'react';
import { type Answer, BLANK } from '@/core/exercise/answer';
import { answerCode, BLANK_CODE, readAnswerCode } from '@/core/exercise/code';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { type Phone, standingOf } from '@/core/live/phone';
import { JOIN_WORDS as SAY } from '@/core/words/screen/join';
import { EntryPads } from '@/ui/entry/EntryPads';
import { TypedAnswer } from '@/ui/entry/TypedAnswer';
import type { Draft } from './use-phone';

type Props = {
  readonly asked: MarkQuestion;
  readonly phone: Phone;
  readonly draft: Draft;
  readonly onDraft: (draft: Draft) => void;
  readonly onGive: (code: string | null) => void;
};

const nothing = () => undefined;

/** How what was given stands, in a line. */
function standsText(phone: Phone, changed: boolean): string {
  const standing = standingOf(phone);
  if (phone.refused) return `${SAY.refusedAnswer} ${phone.refused}`;
  if (standing === 'sending') return SAY.sending;
  if (standing === 'none') return '';
  if (changed) return SAY.changed;
  return phone.stands?.code === BLANK_CODE ? SAY.isBlank : SAY.isIn;
}

/** An answer as it is put together by the ways in of its kind, given, changed and taken back. */
export function AnswerCard({ asked, phone, draft, onDraft, onGive }: Props) {
  const given = phone.given?.round === phone.now?.round ? (phone.given?.code ?? null) : null;
  const code = draft.code ?? (given === BLANK_CODE ? null : given);
  const [taken, setTaken] = useState(0);
  const answer = code === null ? null : readAnswerCode(asked, code);
  const changed = draft.typed !== null || (draft.code !== null && draft.code !== given);
  const text = standsText(phone, changed);
  const give = () => {
    if (code !== null && draft.typed === null) onGive(code);
  };
  const clear = () => {
    onDraft({ code: null, typed: null });
    setTaken(taken + 1);
  };
  const entry = {
    asked,
    typed: draft.typed,
    judged: null,
    taken,
    onGiven: (next: Answer) => onDraft({ code: next.is === 'blank' ? null : answerCode(next), typed: null }),
    onTyped: (typed: string) => onDraft({ ...draft, typed }),
    onRight: null,
    onBlank: clear,
    onNext: give,
    onRest: nothing,
  };
  const can = code !== null && draft.typed === null && code !== given;
  return (
    <div className="flex min-w-0 flex-col gap-3">
      <div className="flex flex-wrap">
        <TypedAnswer key={taken} {...entry} given={answer} />
      </div>
      <EntryPads {...entry} given={answer ?? BLANK} onFile={null} />
      <button
        type="button"
        disabled={!can}
        className={`control min-h-12 justify-center text-large ${can ? 'bg-ink! text-sheet!' : 'opacity-60'}`}
        onClick={give}
      >
        {given === null || given === BLANK_CODE ? SAY.give : SAY.giveAgain}
      </button>
      <p role="status" className={`min-h-6 ${phone.refused ? 'text-wrong' : 'font-semibold'}`}>
        {text}
      </p>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="control"
          disabled={given === BLANK_CODE}
          onClick={() => onGive(BLANK_CODE)}
        >
          {SAY.dontKnow}
        </button>
        <button type="button" className="control" disabled={given === null} onClick={() => onGive(null)}>
          {SAY.takeBack}
        </button>
        <button
          type="button"
          className="control"
          disabled={draft.code === null && draft.typed === null}
          onClick={clear}
        >
          <RotateCcw className="size-4" aria-hidden="true" />
          {SAY.clear}
        </button>
      </div>
    </div>
  );
}
