import { memo } from 'react';
import { SideSheet } from '@/ui/SideSheet';

const KEYS: readonly { readonly keys: string; readonly does: string }[] = [
  { keys: 'T', does: 'Choose the tonic' },
  { keys: 'S', does: 'Choose the scale' },
  { keys: 'D', does: 'Choose the direction' },
  { keys: 'C', does: 'Choose the clef' },
  { keys: 'G', does: 'Choose with or without a key signature' },
  { keys: '→', does: 'Next step of the working' },
  { keys: '←', does: 'Step back' },
  { keys: 'Home', does: 'First step' },
  { keys: 'End', does: 'Last step' },
  { keys: 'M', does: 'Next method' },
  { keys: 'K', does: 'Keep on the shelf' },
  { keys: 'L', does: 'Open the shelf' },
  { keys: 'X', does: 'Export' },
  { keys: 'N', does: 'Night or day' },
  { keys: 'Ctrl Z', does: 'Take back the last change of the shelf' },
  { keys: '?', does: 'These keys' },
];

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly single: boolean;
  readonly onSingle: (on: boolean) => void;
};

/** Every key of the room, and the switch that turns single letters off. */
export const KeysSheet = memo(function KeysSheet({ open, onOpen, single, onSingle }: Props) {
  return (
    <SideSheet
      title="Keys"
      summary="On the stride, the staff and the rail the arrow keys walk the notes."
      open={open}
      onOpen={onOpen}
    >
      <dl className="grid min-h-0 grow grid-cols-[5rem_1fr] content-start gap-y-1.5 overflow-y-auto">
        {KEYS.map(({ keys, does }) => (
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
        Single letters work as keys
      </label>
      <a href="/licences.txt" className="text-small text-flat underline underline-offset-2">
        Licences of fonts and packages
      </a>
    </SideSheet>
  );
});
