import { BookmarkPlus, Download, Keyboard, type LucideIcon, Moon, SquareLibrary, Sun } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { memo } from 'react';
import { DEMO_SCHOOL } from '@/store/demo-name';
import { EXPORTS, type ExportId } from './export-files';

type Props = {
  /** What was done last, for all to see and hear. */
  readonly said: string;
  readonly kept: number;
  readonly night: boolean;
  readonly exporting: boolean;
  readonly onExporting: (open: boolean) => void;
  readonly onKeep: () => void;
  readonly onShelf: () => void;
  readonly onExport: (id: ExportId) => void;
  readonly onLight: () => void;
  readonly onKeys: () => void;
};

/** The line on top: whose school this is, and what can be done with the derivation. Every action shows its key. */
export const Toolbar = memo(function Toolbar(props: Props) {
  const { said, kept, night, exporting, onExporting, onKeep, onShelf, onExport, onLight, onKeys } = props;
  return (
    <header className="flex flex-wrap items-center gap-1.5 border-b border-rule px-4 py-2 sm:px-6">
      <p className="text-small text-quiet">
        <span className="only-own">My school</span>
        <span className="only-demo">
          {DEMO_SCHOOL.school}, {DEMO_SCHOOL.group}
        </span>
      </p>
      <p
        role="status"
        className="mr-auto min-w-0 grow basis-0 truncate text-small font-semibold"
        title={said}
      >
        {said}
      </p>
      <Action icon={BookmarkPlus} label="Keep" hint="K" onClick={onKeep} />
      <Action icon={SquareLibrary} label={`Shelf (${kept})`} hint="L" onClick={onShelf} />
      <DropdownMenu.Root open={exporting} onOpenChange={onExporting} modal={false}>
        <DropdownMenu.Trigger className="control" aria-keyshortcuts="X">
          <Download className="hidden size-4 sm:block" aria-hidden="true" />
          Export
          <Hint text="X" />
        </DropdownMenu.Trigger>
        <DropdownMenu.Content align="end" sideOffset={6} className="card z-20 min-w-64 p-2 shadow-lg">
          {EXPORTS.map(({ id, label, detail }) => (
            <DropdownMenu.Item
              key={id}
              onSelect={() => onExport(id)}
              className="flex cursor-pointer justify-between gap-6 rounded-control px-2 py-1.5 outline-none data-highlighted:bg-now"
            >
              {label}
              <span className="text-small text-quiet">{detail}</span>
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Root>
      <Action icon={night ? Sun : Moon} label={night ? 'Day' : 'Night'} hint="N" onClick={onLight} />
      <Action icon={Keyboard} label="Keys" hint="?" onClick={onKeys} />
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
