import { ArrowDown, ArrowUp, Trash2, Undo2 } from 'lucide-react';
import { type MouseEvent, memo, type ReactNode, useState } from 'react';
import { type Kept, NAME_LIMIT, NOTE_LIMIT } from '@/store/kept';
import { sayStoreProblem } from '@/store/problem';
import { sayRecordProblem } from '@/store/say-record';
import type { ShelfState } from '@/store/shelf-state';
import { SideSheet } from '@/ui/SideSheet';
import { readAddress } from './address';
import type { DeriveSentence } from './sentence';
import { sentenceText } from './sentence-words';
import type { Actions } from './use-actions';
import { hrefOf } from './use-sentence';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly state: ShelfState;
  readonly actions: Pick<Actions, 'edit' | 'move' | 'remove' | 'undo' | 'keep'>;
  /** Says the sentence of an item again. */
  readonly onSay: (sentence: DeriveSentence) => void;
};

const UNDO_WORDS = {
  kept: 'keeping',
  deleted: 'deleting',
  moved: 'moving',
  edited: 'the last words',
} as const;

/** The shelf: kept derivations with their names, notes and order. Opening one says its sentence again. */
export const ShelfSheet = memo(function ShelfSheet({ open, onOpen, state, actions, onSay }: Props) {
  const { items, unread, saving, undo, status } = state;
  return (
    <SideSheet
      title="Shelf"
      summary="Derivations you have kept, in the order of your lessons."
      open={open}
      onOpen={onOpen}
    >
      <div className="flex items-center gap-3">
        <button type="button" className="control" disabled={undo === null} onClick={actions.undo}>
          <Undo2 className="size-4" aria-hidden="true" />
          {undo ? `Undo ${UNDO_WORDS[undo]}` : 'Undo'}
        </button>
        <p role="status" className="text-small text-quiet">
          {status === 'opening'
            ? 'Opening'
            : saving === 'saving'
              ? 'Saving'
              : saving === 'saved'
                ? 'Saved'
                : sayStoreProblem(saving)}
        </p>
      </div>
      {unread.map((problem, index) => (
        <p key={index} role="alert" className="text-small text-wrong">
          {sayRecordProblem(problem)}
        </p>
      ))}
      {items.length === 0 && status === 'ready' ? (
        <div className="card p-4">
          <p className="mb-3">
            Nothing is kept yet. Keep the sentence that stands open, name it, and it waits here for the
            lesson.
          </p>
          <button type="button" className="control" onClick={actions.keep}>
            Keep this derivation
          </button>
        </div>
      ) : (
        <ol className="-mx-1 grid min-h-0 grow content-start gap-2 overflow-y-auto px-1 pb-1">
          {items.map((item, index) => (
            <ShelfItem
              key={item.id}
              item={item}
              first={index === 0}
              last={index === items.length - 1}
              actions={actions}
              onSay={onSay}
            />
          ))}
        </ol>
      )}
    </SideSheet>
  );
});

type ItemProps = Pick<Props, 'actions' | 'onSay'> & {
  readonly item: Kept;
  readonly first: boolean;
  readonly last: boolean;
};

function ShelfItem({ item, first, last, actions, onSay }: ItemProps) {
  const { sentence } = readAddress(item.address);
  return (
    <li className="card p-3">
      <div className="flex items-center gap-1.5">
        <TypedField
          label={`Name of ${item.name}`}
          limit={NAME_LIMIT}
          value={item.name}
          onType={(name) => actions.edit(item, { name })}
          className="field font-serif font-bold"
        />
        <IconButton label={`Move ${item.name} up`} disabled={first} onClick={() => actions.move(item, -1)}>
          <ArrowUp className="size-4" aria-hidden="true" />
        </IconButton>
        <IconButton label={`Move ${item.name} down`} disabled={last} onClick={() => actions.move(item, 1)}>
          <ArrowDown className="size-4" aria-hidden="true" />
        </IconButton>
        <IconButton
          label={`Delete ${item.name}`}
          onClick={(event) => {
            focusNeighbour(event.currentTarget);
            actions.remove(item);
          }}
        >
          <Trash2 className="size-4" aria-hidden="true" />
        </IconButton>
      </div>
      <a
        href={hrefOf(sentence)}
        onClick={(event) => {
          // A plain click says the sentence here; with a key held the link opens as links do.
          if (event.metaKey || event.ctrlKey || event.shiftKey) return;
          event.preventDefault();
          onSay(sentence);
        }}
        className="my-1.5 block px-2 text-flat underline underline-offset-2"
      >
        {sentenceText(sentence)}
      </a>
      <TypedField
        label={`Note on ${item.name}`}
        limit={NOTE_LIMIT}
        value={item.note}
        placeholder="A note for the lesson"
        onType={(note) => actions.edit(item, { note })}
        className="field text-small placeholder:text-quiet"
        long
      />
    </li>
  );
}

type FieldProps = {
  readonly label: string;
  readonly value: string;
  readonly limit: number;
  readonly placeholder?: string;
  readonly className: string;
  readonly long?: boolean;
  readonly onType: (text: string) => void;
};

/** A field that is saved with every letter; while it has the focus, what is typed in it stands. */
function TypedField({ label, value, limit, placeholder, className, long, onType }: FieldProps) {
  const [typing, setTyping] = useState<string | null>(null);
  const shared = {
    'aria-label': label,
    value: typing ?? value,
    maxLength: limit,
    placeholder,
    className,
    onFocus: () => setTyping(value),
    onBlur: () => setTyping(null),
    onChange: (event: { readonly target: { readonly value: string } }) => {
      setTyping(event.target.value);
      onType(event.target.value);
    },
  };
  return long ? <textarea rows={2} {...shared} /> : <input {...shared} />;
}

type IconButtonProps = {
  readonly label: string;
  readonly disabled?: boolean;
  readonly onClick: (event: MouseEvent<HTMLButtonElement>) => void;
  readonly children: ReactNode;
};

function IconButton({ label, disabled, onClick, children }: IconButtonProps) {
  return (
    <button
      type="button"
      className="control shrink-0 px-2"
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={onClick}
    >
      {children}
    </button>
  );
}

/** An item that goes hands the focus to the same button of the next one, or of the one before. */
function focusNeighbour(button: HTMLButtonElement): void {
  const item = button.closest('li');
  const neighbour = item?.nextElementSibling ?? item?.previousElementSibling;
  const same = [...(neighbour?.querySelectorAll('button') ?? [])].at(-1);
  (same ?? button.closest('[role=dialog]')?.querySelector('button'))?.focus();
}
