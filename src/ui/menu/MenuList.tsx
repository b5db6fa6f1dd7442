import { Check } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { Fragment, type RefObject } from 'react';
import { useListFocus } from '../use-list-focus';
import type { MenuGroup, MenuItem } from './menu';

type Props = {
  /** The button the menu hangs on. */
  readonly anchor: RefObject<HTMLElement | null>;
  readonly align: 'start' | 'end';
  readonly groups: readonly MenuGroup[];
  readonly onPick: (id: string) => void;
  readonly onClose: () => void;
};

const ITEM =
  'flex cursor-pointer items-center gap-2 rounded-control px-2 py-1.5 outline-none data-disabled:cursor-default data-disabled:text-quiet data-highlighted:bg-now';

/** An open menu under its button. It is shown by being there, and put away by its owner. */
export function MenuList({ anchor, align, groups, onPick, onClose }: Props) {
  const checks = groups.some(({ items }) => items.some(({ now }) => now !== undefined));
  const focus = useListFocus(anchor);
  return (
    <DropdownMenu.Root open modal={false} onOpenChange={(open) => !open && onClose()}>
      {/* The menu hangs on its button; what stands for it here only gives the place. */}
      <DropdownMenu.Trigger asChild>
        <span className="pointer-events-none absolute inset-0" aria-hidden="true" tabIndex={-1} />
      </DropdownMenu.Trigger>
      {/* Beside what could cut it off, and still within its part of the page. */}
      <DropdownMenu.Portal container={anchor.current?.closest<HTMLElement>('main, header') ?? null}>
        <DropdownMenu.Content
          align={align}
          sideOffset={6}
          collisionPadding={8}
          className="card z-20 max-h-(--radix-dropdown-menu-content-available-height) max-w-[min(24rem,calc(100vw-24px))] min-w-56 overflow-y-auto p-2 shadow-lg"
          aria-labelledby={anchor.current?.id || undefined}
          {...focus}
        >
          {groups
            .filter(({ items }) => items.length > 0)
            .map(({ title, items }, index) => (
              <Fragment key={title ?? index}>
                {index > 0 && title === null && (
                  <DropdownMenu.Separator className="my-1 border-t border-rule" />
                )}
                <DropdownMenu.Group>
                  {title !== null && (
                    <DropdownMenu.Label className="px-2 pt-1.5 pb-0.5 text-small text-quiet">
                      {title}
                    </DropdownMenu.Label>
                  )}
                  {items.map((item) => (
                    <Line key={item.id} item={item} checks={checks} onPick={onPick} />
                  ))}
                </DropdownMenu.Group>
              </Fragment>
            ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

type LineProps = {
  readonly item: MenuItem;
  readonly checks: boolean;
  readonly onPick: (id: string) => void;
};

function Line({ item: { id, label, hint, disabled, now, href }, checks, onPick }: LineProps) {
  const content = (
    <>
      {checks && <Check className={`size-4 ${now ? '' : 'invisible'}`} aria-hidden="true" />}
      <span className="grow">{label}</span>
      {hint && (
        <kbd className="key" aria-hidden="true">
          {hint}
        </kbd>
      )}
    </>
  );
  return href === undefined ? (
    <DropdownMenu.Item className={ITEM} disabled={disabled ?? false} onSelect={() => onPick(id)}>
      {content}
    </DropdownMenu.Item>
  ) : (
    <DropdownMenu.Item className={ITEM} asChild>
      <a href={href}>{content}</a>
    </DropdownMenu.Item>
  );
}
