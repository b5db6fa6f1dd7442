import type { BoardAction } from './actions';

type Props = Pick<BoardAction, 'label' | 'icon' | 'hint' | 'act'> & {
  /** On the board itself the word is heard and not seen. */
  readonly small: boolean;
};

/** One thing that hands can do with a board, with its key. */
export function HandButton({ label, icon: Icon, hint, act, small }: Props) {
  return (
    <button
      type="button"
      className="control"
      aria-label={small ? label : undefined}
      title={small ? label : undefined}
      onClick={(event) => {
        // A button pressed by the pointer gives the keys back to the board.
        if (event.detail > 0) event.currentTarget.blur();
        act();
      }}
    >
      <Icon className={small ? 'size-4' : 'size-4 shrink-0'} aria-hidden="true" />
      {!small && label}
      <kbd className="key" aria-hidden="true">
        {hint}
      </kbd>
    </button>
  );
}
