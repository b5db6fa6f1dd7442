import type { LucideIcon } from 'lucide-react';
import { Hint } from './Hint';

type Props = {
  readonly icon: LucideIcon;
  readonly label: string;
  readonly title?: string;
  readonly hint?: string;
  readonly disabled?: boolean;
  /** Its sign stands for its word where the line is full. */
  readonly brief?: boolean;
  readonly onClick: () => void;
};

/** An action in the line on top of a room, with its key beside it. */
export function BarButton({ icon: Icon, label, title, hint, disabled, brief, onClick }: Props) {
  return (
    <button
      type="button"
      className="control"
      title={title ?? (brief ? label : undefined)}
      disabled={disabled}
      aria-keyshortcuts={hint?.replace('Ctrl ', 'Control+')}
      onClick={onClick}
    >
      <Icon className="hidden size-4 sm:block" aria-hidden="true" />
      {brief ? <span className="max-full:sr-only">{label}</span> : label}
      {hint && <Hint text={hint} />}
    </button>
  );
}
