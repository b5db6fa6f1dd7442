import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { createContext, type ReactNode, useContext, useState } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { useWords } from './school/use-class';

type Props = {
  readonly title: string;
  readonly summary: string;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  /** For sheets that are worked in. */
  readonly wide?: boolean;
  readonly children: ReactNode;
};

const Sheet = createContext<HTMLElement | null>(null);

/**
 * The sheet something stands in, for menus that open over it: the sheet holds the focus, and takes it back from what
 * lies outside. Null where it stands in none.
 */
export function useSheet(): HTMLElement | null {
  return useContext(Sheet);
}

/** A sheet that comes in from the right, over the work. */
export function SideSheet({ title, summary, open, onOpen, wide, children }: Props) {
  const [sheet, setSheet] = useState<HTMLElement | null>(null);
  return (
    <Dialog.Root open={open} onOpenChange={onOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-rail/40" />
        <Dialog.Content
          ref={setSheet}
          className={`fixed inset-y-0 right-0 z-20 flex ${wide ? 'w-[38rem]' : 'w-[30rem]'} max-w-full flex-col gap-3 border-l border-rule bg-ground p-5 shadow-lg`}
        >
          <div className="flex items-start gap-4">
            <div className="grow">
              <Dialog.Title className="font-serif text-sentence">{title}</Dialog.Title>
              <Dialog.Description className="text-small text-quiet">{summary}</Dialog.Description>
            </div>
            <Dialog.Close className="control" aria-keyshortcuts="Escape">
              <X className="size-4" aria-hidden="true" />
              {deriveWords(useWords()).close}
              <kbd className="key" aria-hidden="true">
                Esc
              </kbd>
            </Dialog.Close>
          </div>
          <Sheet value={sheet}>{children}</Sheet>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
