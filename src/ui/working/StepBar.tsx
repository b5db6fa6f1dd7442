import { deriveWords } from '@/core/words/screen/derive';
import { useWords } from '../school/use-class';

type Props = {
  /** The step shown and the last one, from 0. */
  readonly at: number;
  readonly last: number;
  readonly onStep: (step: number) => void;
};

/** One step back, where the working stands, one step on. */
export function StepBar({ at, last, onStep }: Props) {
  const say = deriveWords(useWords()).working;
  return (
    <>
      <StepButton
        label={say.back}
        sign="←"
        shortcut="ArrowLeft"
        disabled={at === 0}
        onClick={() => onStep(at - 1)}
      />
      <span className="text-small whitespace-nowrap text-quiet" aria-hidden="true">
        {say.of(at + 1, last + 1)}
      </span>
      <StepButton
        label={say.next}
        sign="→"
        shortcut="ArrowRight"
        disabled={at === last}
        onClick={() => onStep(at + 1)}
      />
    </>
  );
}

type StepButtonProps = {
  readonly label: string;
  readonly sign: string;
  readonly shortcut: string;
  readonly disabled: boolean;
  readonly onClick: () => void;
};

/** One step on or back; its sign is its key. */
function StepButton({ label, sign, shortcut, disabled, onClick }: StepButtonProps) {
  return (
    <button
      type="button"
      className="control px-2.5"
      aria-label={label}
      title={label}
      aria-keyshortcuts={shortcut}
      disabled={disabled}
      onClick={onClick}
    >
      <span aria-hidden="true">{sign}</span>
    </button>
  );
}
