import { ChevronDown } from 'lucide-react';
import type { ComponentProps } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { useWords } from './use-class';

/** The button that says which class is in hand. */
export function ClassButton({ name, ...rest }: ComponentProps<'button'> & { readonly name: string }) {
  return (
    <button
      type="button"
      className="control font-semibold"
      aria-label={deriveWords(useWords()).actions.classMenu(name)}
      aria-haspopup="menu"
      {...rest}
    >
      <span className="max-w-40 truncate">{name}</span>
      <ChevronDown className="size-3.5" aria-hidden="true" />
    </button>
  );
}
