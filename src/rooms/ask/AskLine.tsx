import { useEffect, useRef, useState } from 'react';
import { askWords } from '@/core/words/screen/ask';
import { part } from '@/ui/parts/part';
import { useWords } from '@/ui/school/use-class';
import { type AskKeys, isAskKey } from './ask-keys';
import { goTo } from './go-to';

const AskAnswers = part('ask', () => import('./AskAnswers').then((module) => module.AskAnswers));

const LIST = 'ask-answers';

/**
 * The line that answers anything: a teacher's shorthand to the right sentence. The grammar is loaded when somebody
 * comes to it.
 */
export function AskLine() {
  const w = useWords();
  const say = askWords(w);
  const [text, setText] = useState('');
  const [open, setOpen] = useState(false);
  const [active, setActive] = useState<string | null>(null);
  const field = useRef<HTMLInputElement>(null);
  const box = useRef<HTMLDivElement>(null);
  const keys = useRef<AskKeys | null>(null);
  /** Enter was pressed before there were answers to take; they take it when they come. */
  const taking = useRef(false);

  useEffect(() => {
    const slash = (event: KeyboardEvent) => {
      if (!isAskKey(event)) return;
      event.preventDefault();
      field.current?.focus();
    };
    const away = (event: PointerEvent) => {
      if (event.target instanceof Node && !box.current?.contains(event.target)) setOpen(false);
    };
    window.addEventListener('keydown', slash);
    window.addEventListener('pointerdown', away);
    return () => {
      window.removeEventListener('keydown', slash);
      window.removeEventListener('pointerdown', away);
    };
  }, []);

  const go = (href: string) => {
    setText('');
    setOpen(false);
    field.current?.blur();
    goTo(href);
  };

  return (
    <div ref={box} className="relative min-w-0 grow sm:basis-44">
      <input
        ref={field}
        type="text"
        role="combobox"
        aria-label={say.label}
        aria-expanded={open}
        aria-controls={LIST}
        aria-autocomplete="list"
        aria-activedescendant={open ? (active ?? undefined) : undefined}
        aria-keyshortcuts="/"
        autoComplete="off"
        spellCheck={false}
        maxLength={300}
        placeholder={say.placeholder}
        value={text}
        className="field pr-9 placeholder:text-quiet"
        onFocus={() => setOpen(true)}
        onChange={(event) => {
          taking.current = false;
          setText(event.target.value);
          setOpen(true);
        }}
        onBlur={(event) => {
          if (!box.current?.contains(event.relatedTarget)) setOpen(false);
        }}
        onKeyDown={(event) => {
          if (event.nativeEvent.isComposing) return;
          if (event.key === 'Escape') {
            taking.current = false;
            if (text === '') field.current?.blur();
            setText('');
            setOpen(false);
          } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            event.preventDefault();
            keys.current?.move(event.key === 'ArrowDown' ? 1 : -1);
          } else if (event.key === 'Enter') {
            event.preventDefault();
            if (keys.current) keys.current.take();
            else taking.current = text.trim() !== '';
          }
        }}
      />
      <kbd className="key pointer-events-none absolute top-1/2 right-2 -translate-y-1/2" aria-hidden="true">
        /
      </kbd>
      {open && (
        <AskAnswers
          id={LIST}
          text={text}
          keys={keys}
          taking={taking}
          onActive={setActive}
          onText={setText}
          onGo={go}
        />
      )}
    </div>
  );
}
