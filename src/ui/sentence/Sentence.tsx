import { Fragment, memo, useCallback, useRef } from 'react';
import { part } from '../parts/part';
import { EarlyLetters, NO_LETTERS } from './EarlyLetters';
import type { WordListProps } from './WordList';
import type { Word } from './words';

/** The list of a word is loaded when one is first opened; the press, and what is typed before it is there, are kept. */
export const WordList = part<WordListProps>(
  'word',
  () => import('./WordList').then((module) => module.WordList),
  ({ early, onClose }) => <EarlyLetters early={early} onClose={onClose} />,
);

/** The sentence: plain text with words that are controls. */
export type SentencePart = string | Word;

type Props = {
  readonly parts: readonly SentencePart[];
  /** The word whose list is open, or null. */
  readonly open: string | null;
  readonly onOpen: (id: string | null) => void;
  readonly onPick: (id: string, value: string) => void;
  /** A second sentence stands smaller, one in a card as its text does; neither is a heading. */
  readonly as?: 'room' | 'second' | 'card';
};

const SIZES = {
  room: 'text-sentence leading-[1.75] wide:leading-[2.1]',
  second: 'text-large leading-normal wide:leading-[2.2]',
  card: 'text-body leading-normal',
} as const;

/** The whole task in one sentence. A word opens its list by click, touch or key; letters narrow it, Enter takes. */
export const Sentence = memo(function Sentence({ parts, open, onOpen, onPick, as = 'room' }: Props) {
  const control = (word: Word) => (
    <WordControl key={word.id} word={word} open={open === word.id} onOpen={onOpen} onPick={onPick} />
  );
  const isAfter = (part: SentencePart): part is Word => typeof part !== 'string' && part.after === true;
  const after = parts.filter(isAfter);
  const Heading = as === 'room' ? 'h1' : 'p';
  const size = SIZES[as];
  return (
    <div className={`font-serif ${size} font-normal text-ink`}>
      <Heading className={after.length > 0 ? 'inline' : ''}>
        {parts
          .filter((part) => !isAfter(part))
          .map((part, index) =>
            typeof part === 'string' ? <Fragment key={index}>{part}</Fragment> : control(part),
          )}
      </Heading>
      {after.map((word) => (
        <Fragment key={word.id}> {control(word)}</Fragment>
      ))}
    </div>
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
  const anchor = useRef<HTMLButtonElement>(null);
  const early = useRef(NO_LETTERS);
  const { id } = word;
  const pick = useCallback((value: string) => onPick(id, value), [id, onPick]);
  return (
    <>
      <button
        ref={anchor}
        type="button"
        className="word"
        data-after={word.after ? '' : undefined}
        data-key={word.key || undefined}
        aria-label={`${word.label}: ${word.text}`}
        aria-keyshortcuts={word.key || undefined}
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => onOpen(open ? null : id)}
      >
        {word.text}
      </button>
      {open && (
        <WordList word={word} anchor={anchor} early={early} onPick={pick} onClose={() => onOpen(null)} />
      )}
    </>
  );
});
