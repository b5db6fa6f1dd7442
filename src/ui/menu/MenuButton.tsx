import { type ComponentProps, type ReactNode, useId, useRef } from 'react';
import { part } from '../parts/part';
import type { MenuGroup } from './menu';

export const MenuList = part('menu', () => import('./MenuList').then((module) => module.MenuList));

type Props = Omit<ComponentProps<'button'>, 'onClick'> & {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly align?: 'start' | 'end';
  /** What can be picked; null while it is on its way. */
  readonly groups: readonly MenuGroup[] | null;
  readonly onPick: (id: string) => void;
  readonly children: ReactNode;
};

/** A button with a menu. The menu is loaded when it is first opened; a press before that is kept. */
export function MenuButton({
  open,
  onOpen,
  align = 'start',
  groups,
  onPick,
  className = '',
  children,
  ...rest
}: Props) {
  const anchor = useRef<HTMLButtonElement>(null);
  const id = useId();
  return (
    <div className={`relative flex ${className}`}>
      <button
        {...rest}
        ref={anchor}
        id={id}
        type="button"
        className="control grow"
        aria-haspopup="menu"
        aria-expanded={open}
        onClick={() => onOpen(!open)}
        onKeyDown={(event) => {
          if (event.key !== 'ArrowDown' || open) return;
          event.preventDefault();
          onOpen(true);
        }}
      >
        {children}
      </button>
      {open && groups && (
        <MenuList
          anchor={anchor}
          align={align}
          groups={groups}
          onPick={(picked) => {
            onOpen(false);
            onPick(picked);
          }}
          onClose={() => onOpen(false)}
        />
      )}
    </div>
  );
}
