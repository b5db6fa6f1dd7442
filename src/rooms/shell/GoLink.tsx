import type { ComponentProps } from 'react';
import { goTo } from '../ask/go-to';

type Props = Omit<ComponentProps<'a'>, 'href' | 'onClick'> & {
  /** An address of the application, with its room. */
  readonly href: string;
  /** Told before the page goes there. */
  readonly onGo?: () => void;
};

/** A link to a sentence of any room. A plain click goes there by the shortest way; with a key held it opens as links do. */
export function GoLink({ href, onGo, className = '', ...rest }: Props) {
  return (
    <a
      {...rest}
      href={href}
      className={`text-flat underline underline-offset-2 ${className}`}
      onClick={(event) => {
        if (event.metaKey || event.ctrlKey || event.shiftKey) return;
        event.preventDefault();
        onGo?.();
        goTo(href);
      }}
    />
  );
}
