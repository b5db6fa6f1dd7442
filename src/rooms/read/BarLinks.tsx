import { readWords } from '@/core/words/screen/read';
import { useWords } from '@/ui/school/use-class';

type Props = { readonly bars: readonly number[]; readonly onBar: ((bar: number) => void) | null };

/** Bars that something points at, each pressed to be shown; nothing where there are none. */
export function BarLinks({ bars, onBar }: Props) {
  const say = readWords(useWords());
  if (bars.length === 0 || !onBar) return null;
  return (
    <span className="inline-flex flex-wrap gap-1 align-baseline">
      {bars.map((bar) => (
        <button
          key={bar}
          type="button"
          className="bar-link"
          aria-label={say.keys.bar(bar)}
          onClick={() => onBar(bar)}
        >
          {bar}
        </button>
      ))}
    </span>
  );
}
