import { Command } from 'cmdk';
import { Popover } from 'radix-ui';
import { Fragment, type KeyboardEvent, memo, useRef, useState } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { useWords } from '../school/use-class';
import { optionsFor, takenByEnter, type Word } from './words';

/** The sentence: plain text with words that are controls. */
export type SentencePart = string | Word;

type Props = {
  readonly parts: readonly SentencePart[];
  /** The word whose list is open, or null. */
  readonly open: string | null;
  readonly onOpen: (id: string | null) => void;
  readonly onPick: (id: string, value: string) => void;
};

/** The whole task in one sentence. A word opens its list by click, touch or key; letters narrow it, Enter takes. */
export const Sentence = memo(function Sentence({ parts, open, onOpen, onPick }: Props) {
  return (
    <h1 className="font-serif text-sentence leading-[1.75] wide:leading-[2.1] font-normal text-ink">
      {parts.map((part, index) =>
        typeof part === 'string' ? (
          <Fragment key={index}>{part}</Fragment>
        ) : (
          <WordControl key={part.id} word={part} open={open === part.id} onOpen={onOpen} onPick={onPick} />
        ),
      )}
    </h1>
  );
});

type WordProps = {
  readonly word: Word;
  readonly open: boolean;
  readonly onOpen: Props['onOpen'];
  readonly onPick: Props['onPick'];
};

/** One word; it rests while another one changes. */
const WordControl = memo(function WordControl({ word, open, onOpen, onPick }: WordProps) {
  return (
    <Popover.Root open={open} onOpenChange={(now) => onOpen(now ? word.id : null)}>
      <Popover.Trigger
        className="word"
        data-key={word.key}
        aria-label={`${word.label}: ${word.text}`}
        aria-keyshortcuts={word.key}
      >
        {word.text}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          aria-label={deriveWords(useWords()).choose(word.label)}
          data-word-list=""
          // The next word may be open before this one has gone; then the focus stays there.
          onCloseAutoFocus={(event) => {
            if (document.querySelector('[data-word-list][data-state=open]')) event.preventDefault();
          }}
          className="card z-20 w-72 max-w-[calc(100vw-24px)] p-2 shadow-lg"
        >
          <WordList word={word} onPick={(value) => onPick(word.id, value)} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
});

function WordList({ word, onPick }: { readonly word: Word; readonly onPick: (value: string) => void }) {
  const say = deriveWords(useWords());
  const [typed, setTyped] = useState('');
  const [highlighted, setHighlighted] = useState(word.value);
  const walked = useRef(false);
  const shown = optionsFor(word, typed);
  const options = new Map(shown.map((option) => [option.value, option]));
  const fits = typed.trim() === '' || shown.some((option) => option.match(typed) > 0);
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
