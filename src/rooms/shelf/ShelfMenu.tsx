import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useRef } from 'react';
import { useSheet } from '@/ui/SideSheet';

export type ShelfChoice = {
  readonly label: string;
  readonly disabled?: boolean;
  /** Finds, while the thing is still there, what takes the focus once the menu has closed. */
  readonly focus?: (trigger: HTMLElement) => () => void;
  readonly onChoose: () => void;
};

type Props = { readonly label: string; readonly choices: readonly ShelfChoice[] };

/** What can be done with a thing on the shelf, behind one button, so that the things themselves are seen. */
export function ShelfMenu({ label, choices }: Props) {
  const sheet = useSheet();
  const trigger = useRef<HTMLButtonElement>(null);
  const refocus = useRef<(() => void) | null>(null);
  return (
    <DropdownMenu.Root
      modal={false}
      onOpenChange={(open) => {
        if (open) refocus.current = null;
      }}
    >
      <DropdownMenu.Trigger ref={trigger} className="control shrink-0 px-2" aria-label={label} title={label}>
        <Ellipsis className="size-4" aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={sheet}>
        <DropdownMenu.Content
          align="end"
          className="card z-30 max-w-80 p-2 shadow-lg"
          onCloseAutoFocus={(event) => {
            if (!refocus.current) return;
            event.preventDefault();
            refocus.current();
          }}
        >
          {choices.map((choice) => (
            <DropdownMenu.Item
              key={choice.label}
              className="cursor-pointer rounded-control px-2 py-1.5 outline-none data-disabled:cursor-default data-disabled:text-quiet data-highlighted:bg-now"
              disabled={choice.disabled}
              onSelect={() => {
                refocus.current = (trigger.current && choice.focus?.(trigger.current)) ?? null;
                choice.onChoose();
              }}
            >
              {choice.label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
