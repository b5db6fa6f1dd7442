import type { LucideIcon } from 'lucide-react';
import { Hint } from './Hint';

type Props = {
  readonly icon: LucideIcon;
  readonly label: string;
  readonly title?: string;
  readonly hint?: string;
  readonly disabled?: boolean;
  readonly onClick: () => void;
};

/** An action in the line on top of a room, with its key beside it. */
export function BarButton({ icon: Icon, label, title, hint, disabled, onClick }: Props) {
  return (
    <button
      type="button"
      className="control"
      title={title}
      disabled={disabled}
      aria-keyshortcuts={hint?.replace('Ctrl ', 'Control+')}
      onClick={onClick}
    >
      <Icon className="hidden size-4 sm:block" aria-hidden="true" />
      {label}
      {hint && <Hint text={hint} />}
    </button>
  );
}
