import { DropdownMenu } from 'radix-ui';
import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import { ShareButton } from './ShareButton';

/** What can be copied, printed or saved, by the order of the menu. */
export type ShareList<Id extends string> = {
  readonly copies: readonly Id[];
  readonly prints: readonly Id[];
  readonly files: readonly Id[];
};

type Props<Id extends string> = {
  readonly list: ShareList<Id>;
  readonly names: Readonly<Record<Id, string>>;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly onShare: (id: Id) => void;
};

const PRINT_KEYS: Readonly<Record<string, string>> = { print: 'P', printBlank: 'B' };

/** What can be copied, printed and saved of what stands. */
export function ShareMenu<Id extends string>({ list, names, open, onOpen, onShare }: Props<Id>) {
  const { share } = DERIVE_SHEETS;
  const groups = [
    { title: share.copyTitle, ids: list.copies },
    { title: share.printTitle, ids: list.prints },
    { title: share.fileTitle, ids: list.files },
  ];
  return (
    <DropdownMenu.Root open={open} onOpenChange={onOpen} modal={false}>
      <DropdownMenu.Trigger asChild>
        <ShareButton />
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        align="end"
        sideOffset={6}
        className="card z-20 max-h-[85dvh] min-w-64 overflow-y-auto p-2 shadow-lg"
      >
        {groups
          .filter(({ ids }) => ids.length > 0)
          .map(({ title, ids }) => (
            <DropdownMenu.Group key={title}>
              <DropdownMenu.Label className="px-2 pt-1.5 pb-0.5 text-small text-quiet">
                {title}
              </DropdownMenu.Label>
              {ids.map((id) => (
                <DropdownMenu.Item
                  key={id}
                  onSelect={() => onShare(id)}
                  className="flex cursor-pointer justify-between gap-6 rounded-control px-2 py-1 outline-none data-highlighted:bg-now"
                >
                  {names[id]}
                  {PRINT_KEYS[id] && (
                    <kbd className="key" aria-hidden="true">
                      {PRINT_KEYS[id]}
                    </kbd>
                  )}
                </DropdownMenu.Item>
              ))}
            </DropdownMenu.Group>
          ))}
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
