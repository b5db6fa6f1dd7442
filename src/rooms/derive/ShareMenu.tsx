import { DropdownMenu } from 'radix-ui';
import { deriveWords } from '@/core/words/screen/derive';
import { useWords } from '@/ui/school/use-class';
import { ShareButton } from './ShareButton';
import { COPIES, FILES, PRINTS, type ShareId } from './share';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly onShare: (id: ShareId) => void;
};

const PRINT_KEYS: Readonly<Record<string, string>> = { print: 'P', printBlank: 'B' };

/** What can be copied, printed and saved of the derivation. */
export function ShareMenu({ open, onOpen, onShare }: Props) {
  const { share } = deriveWords(useWords());
  const groups = [
    { title: share.copyTitle, ids: COPIES },
    { title: share.printTitle, ids: PRINTS },
    { title: share.fileTitle, ids: FILES },
  ] as const;
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
        {groups.map(({ title, ids }) => (
          <DropdownMenu.Group key={title}>
            <DropdownMenu.Label className="px-2 pt-1.5 pb-0.5 text-small text-quiet">
              {title}
            </DropdownMenu.Label>
            {ids.map((id: ShareId) => (
              <DropdownMenu.Item
                key={id}
                onSelect={() => onShare(id)}
                className="flex cursor-pointer justify-between gap-6 rounded-control px-2 py-1 outline-none data-highlighted:bg-now"
              >
                {share[id]}
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
