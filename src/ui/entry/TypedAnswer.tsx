import { type KeyboardEvent, useState } from 'react';
import { formOf } from '@/core/exercise/kinds/all';
import { readGiven } from '@/core/words/read-given';
import { sayGiven } from '@/core/words/say-given';
import { markWords } from '@/core/words/screen/mark';
import { useWords } from '../school/use-class';
import type { EntryProps } from './entry-props';

/** The field in which any answer can be typed. What cannot be read stays, with the reason. */
export function TypedAnswer({ asked, given, typed, onGiven, onTyped, onNext }: EntryProps) {
  const w = useWords();
  const say = markWords(w).entry;
  const [draft, setDraft] = useState<string | null>(null);
  const text = draft ?? typed ?? (given ? sayGiven(w, asked, given) : '');
  const reading = readGiven(w, asked, text);
  const type = (next: string) => {
    setDraft(next);
    const read = readGiven(w, asked, next);
    if (!read.ok) onTyped(next);
    else
      onGiven(
        given?.is === 'key' && read.given.is === 'key'
          ? { ...read.given, reasons: given.reasons }
          : read.given,
      );
  };
  const enter = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.nativeEvent.isComposing) return;
    if (event.key === 'Escape') event.currentTarget.blur();
    if (event.key !== 'Enter') return;
    event.preventDefault();
    if (!reading.ok) return;
    setDraft(null);
    onNext();
  };
  return (
    <div className="flex grow basis-80 flex-col">
      <input
        type="text"
        data-answer=""
        className="field"
        aria-label={say.field}
        aria-invalid={!reading.ok}
        placeholder={say.hints[formOf(asked)]}
        value={text}
        maxLength={300}
        spellCheck={false}
        autoComplete="off"
        onChange={(event) => type(event.target.value)}
        onBlur={() => reading.ok && setDraft(null)}
        onKeyDown={enter}
      />
      {!reading.ok && (
        <p role="alert" className="text-small text-wrong">
          {reading.why}
        </p>
      )}
    </div>
  );
}
