import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import { SideSheet } from '../SideSheet';

type Props = {
  readonly title: string;
  readonly summary: string;
  readonly list: readonly { readonly keys: string; readonly does: string }[];
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly single: boolean;
  readonly onSingle: (on: boolean) => void;
};

/** Every key of a room, and the switch that turns single letters off. */
export function KeyList({ title, summary, list, open, onOpen, single, onSingle }: Props) {
  const { keys: say } = DERIVE_SHEETS;
  return (
    <SideSheet title={title} summary={summary} open={open} onOpen={onOpen}>
      <dl
        tabIndex={0}
        className="grid min-h-0 grow grid-cols-[5rem_1fr] content-start gap-y-1.5 overflow-y-auto"
      >
        {list.map(({ keys, does }) => (
          <div key={keys} className="col-span-2 grid grid-cols-subgrid">
            <dt>
              <kbd className="key">{keys}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <label className="flex items-center gap-2 border-t border-rule pt-3">
        <input
          type="checkbox"
          className="size-4"
          checked={single}
          onChange={(event) => onSingle(event.target.checked)}
        />
        {say.single}
      </label>
      <a href="/licences.txt" className="text-small text-flat underline underline-offset-2">
        {say.licences}
      </a>
    </SideSheet>
  );
}
