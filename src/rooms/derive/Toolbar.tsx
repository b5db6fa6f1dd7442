import {
  BookmarkPlus,
  FileInput,
  Keyboard,
  type LucideIcon,
  Moon,
  Share2,
  SquareLibrary,
  Sun,
} from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { memo } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { filesWords } from '@/core/words/screen/files';
import type { Group } from '@/store/group';
import type { SpokenGroup } from '@/store/mirror';
import { ClassMenu } from '@/ui/school/ClassMenu';
import { useWords } from '@/ui/school/use-class';
import { COPIES, FILES, PRINTS, type ShareId } from './share';

type Props = {
  /** What was done last, for all to see and hear. */
  readonly said: string;
  readonly kept: number;
  readonly night: boolean;
  readonly sharing: boolean;
  readonly group: SpokenGroup | null;
  readonly groups: readonly Group[];
  readonly onChoose: (group: SpokenGroup) => void;
  readonly onSharing: (open: boolean) => void;
  readonly onKeep: () => void;
  readonly onShelf: () => void;
  readonly onShare: (id: ShareId) => void;
  readonly onFile: () => void;
  readonly onLight: () => void;
  readonly onKeys: () => void;
};

const PRINT_KEYS: Readonly<Record<string, string>> = { print: 'P', printBlank: 'B' };

/** The line on top: whose class this is, and what can be done with the derivation. Every action shows its key. */
export const Toolbar = memo(function Toolbar(props: Props) {
  const { said, kept, night, sharing, group, groups: known, onSharing, onKeep, onShelf, onShare } = props;
  const w = useWords();
  const { actions: say, share } = deriveWords(w);
  const groups = [
    { title: share.copyTitle, ids: COPIES },
    { title: share.printTitle, ids: PRINTS },
    { title: share.fileTitle, ids: FILES },
  ] as const;
  return (
    <header className="flex flex-wrap items-center gap-1.5 border-b border-rule px-4 py-2 sm:px-6">
      <ClassMenu group={group} groups={known} onChoose={props.onChoose} />
      <p role="status" className="mr-auto min-w-20 grow basis-20 text-small font-semibold">
        {said}
      </p>
      <Action icon={BookmarkPlus} label={say.keep} hint="K" onClick={onKeep} />
      <Action icon={SquareLibrary} label={say.shelf(kept)} hint="L" onClick={onShelf} />
      <DropdownMenu.Root open={sharing} onOpenChange={onSharing} modal={false}>
        <DropdownMenu.Trigger className="control" aria-keyshortcuts="X">
          <Share2 className="hidden size-4 sm:block" aria-hidden="true" />
          {say.export}
          <Hint text="X" />
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
      <Action icon={FileInput} label={filesWords(w).open} hint="O" onClick={props.onFile} />
      <Action
        icon={night ? Sun : Moon}
        label={night ? say.day : say.night}
        hint="N"
        onClick={props.onLight}
      />
      <Action icon={Keyboard} label={say.keys} hint="?" onClick={props.onKeys} />
    </header>
  );
});

function Hint({ text }: { readonly text: string }) {
  return (
    <kbd className="key hidden sm:inline-flex" aria-hidden="true">
      {text}
    </kbd>
  );
}

type ActionProps = {
  readonly icon: LucideIcon;
  readonly label: string;
  readonly hint: string;
  readonly onClick: () => void;
};

function Action({ icon: Icon, label, hint, onClick }: ActionProps) {
  return (
    <button type="button" className="control" aria-keyshortcuts={hint} onClick={onClick}>
      <Icon className="hidden size-4 sm:block" aria-hidden="true" />
      {label}
      <Hint text={hint} />
    </button>
  );
}
