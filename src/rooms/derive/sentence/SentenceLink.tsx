import type { ComponentProps } from 'react';
import { deriveHref } from '@/rooms/address/derive/derive-address';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';

type Props = Omit<ComponentProps<'a'>, 'href' | 'onClick'> & {
  readonly sentence: DeriveSentence;
  readonly onSay: (sentence: DeriveSentence) => void;
};

/** A link to a sentence. A plain click says it here; with a key held the link opens as links do. */
export function SentenceLink({ sentence, onSay, className = '', ...rest }: Props) {
  return (
    <a
      {...rest}
      href={deriveHref(sentence)}
      className={`text-flat underline underline-offset-2 ${className}`}
      onClick={(event) => {
        if (event.metaKey || event.ctrlKey || event.shiftKey) return;
        event.preventDefault();
        onSay(sentence);
      }}
    />
  );
}
