import type { LucideIcon } from 'lucide-react';
import type { MouseEvent } from 'react';

type Props = {
  readonly icon: LucideIcon;
  readonly label: string;
  readonly disabled?: boolean;
  readonly onClick: (event: MouseEvent<HTMLButtonElement>) => void;
};

/** A small button with a sign for its word, which it still says. */
export function IconButton({ icon: Icon, label, disabled, onClick }: Props) {
  return (
    <button
      type="button"
      className="control shrink-0 px-2"
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={onClick}
    >
      <Icon className="size-4" aria-hidden="true" />
    </button>
  );
}
