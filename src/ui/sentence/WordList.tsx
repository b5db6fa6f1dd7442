import { Command } from 'cmdk';
import { Popover } from 'radix-ui';
import { type KeyboardEvent, type RefObject, useEffect, useRef, useState } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { useWords } from '../school/use-class';
import { useListFocus } from '../use-list-focus';
import { type Early, lettersWaiting, NO_LETTERS, pressAgain, takenEarly, walkedEarly } from './EarlyLetters';
import { optionsFor, takenByEnter, type Word } from './words';

export type WordListProps = {
  readonly word: Word;
  /** The word in the sentence, under which the list opens. */
  readonly anchor: RefObject<HTMLElement | null>;
  /** What was typed before the list was there. */
  readonly early: RefObject<Early>;
  readonly onPick: (value: string) => void;
  readonly onClose: () => void;
};

/** What a word of the sentence can become, under the word. It is shown by being there. */
export function WordList({ word, anchor, early, onPick, onClose }: WordListProps) {
  const focus = useListFocus(anchor);
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={anchor as RefObject<HTMLElement>} />
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          aria-label={deriveWords(useWords()).choose(word.label)}
          data-word-list=""
          {...focus}
          className="card z-20 w-72 max-w-[calc(100vw-24px)] p-2 shadow-lg"
        >
          <Choices word={word} early={early} onPick={onPick} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function Choices({ word, early, onPick }: Pick<WordListProps, 'word' | 'early' | 'onPick'>) {
  const say = deriveWords(useWords());
  const [typed, setTyped] = useState(early.current.text);
  const [highlighted, setHighlighted] = useState(word.value);
  const walked = useRef(false);
  const shown = optionsFor(word, typed);
  const options = new Map(shown.map((option) => [option.value, option]));
  const fits = typed.trim() === '' || shown.some((option) => option.match(typed) > 0);
  useEffect(() => {
    const before = lettersWaiting(early.current);
    early.current = NO_LETTERS;
    const taken = before.taken ? takenEarly(word, before) : null;
    if (taken === null) {
      if (before.text !== '') setTyped(before.text);
      const to = walkedEarly(word, before);
      if (to === null) return;
      walked.current = true;
      setHighlighted(to);
      return;
    }
    onPick(taken);
    pressAgain(before.after);
  }, [word, early, onPick]);
  const keys = (event: KeyboardEvent<HTMLInputElement>) => {
    if (['ArrowDown', 'ArrowUp', 'Home', 'End'].includes(event.key)) walked.current = true;
    if (event.key !== 'Enter' || event.nativeEvent.isComposing) return;
    event.preventDefault();
    const taken = takenByEnter(word, event.currentTarget.value, walked.current ? highlighted : null);
    if (taken !== null) onPick(taken);
  };
  return (
    <Command
      label={word.label}
      value={highlighted}
      onValueChange={setHighlighted}
      filter={(value, search) => options.get(value)?.match(search) ?? 0}
    >
      <Command.Input
        value={typed}
        onValueChange={(text) => {
          walked.current = false;
          setTyped(text);
        }}
        onKeyDown={keys}
        maxLength={80}
        autoFocus
        aria-label={say.typeLettersOf(word.label)}
        placeholder={word.hint ?? say.typeLetters}
        className="field mb-2 placeholder:text-quiet"
      />
      <Command.List className="max-h-72 overflow-y-auto" label={word.label}>
        {shown.map((option) => (
          <Command.Item
            key={option.value}
            value={option.value}
            onSelect={() => onPick(option.value)}
            className="flex cursor-pointer items-baseline justify-between gap-4 rounded-control px-2 py-1.5 data-[selected=true]:bg-now"
          >
            <span className="font-serif text-large">
              {option.text}
              {option.value === word.value && <span className="sr-only">{say.now}</span>}
            </span>
            {option.detail && <span className="text-small text-quiet">{option.detail}</span>}
          </Command.Item>
        ))}
      </Command.List>
      <p role="status" className="px-2 text-small text-wrong empty:hidden">
        {fits ? '' : word.unmatched(typed)}
      </p>
    </Command>
  );
}
