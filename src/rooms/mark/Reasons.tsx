import type { Reason } from '@/core/exercise/answer';
import { markWords } from '@/core/words/screen/mark';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly reasons: readonly Reason[];
  readonly onReasons: (reasons: readonly Reason[]) => void;
};

/** The distances that decide a name, and what a student may say of each, in half steps. */
const ASKED: readonly { readonly from: number; readonly to: number; readonly sizes: readonly number[] }[] = [
  { from: 1, to: 3, sizes: [4, 3] },
  { from: 7, to: 8, sizes: [1, 2] },
  { from: 6, to: 7, sizes: [1, 2, 3] },
  { from: 3, to: 4, sizes: [1, 2] },
];

/** The reasons a student gave for the name of a scale, each judged by itself. */
export function Reasons({ reasons, onReasons }: Props) {
  const w = useWords();
  const say = markWords(w).entry;
  const set = (from: number, to: number, size: string) => {
    const rest = reasons.filter((reason) => reason.from !== from || reason.to !== to);
    onReasons(size === '' ? rest : [...rest, { from, to, semitones: Number(size) }]);
  };
  return (
    <fieldset className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <legend className="text-small text-quiet">{say.reasons}</legend>
      {ASKED.map(({ from, to, sizes }) => (
        <label key={`${from}-${to}`} className="flex flex-col gap-0.5 text-small">
          {say.reason(from, to)}
          <select
            className="field"
            value={String(
              reasons.find((reason) => reason.from === from && reason.to === to)?.semitones ?? '',
            )}
            onChange={(event) => set(from, to, event.target.value)}
          >
            <option value="">{say.unsaid}</option>
            {sizes.map((size) => (
              <option key={size} value={size}>
                {to - from === 2 ? `${size} ${w.halves}` : w.stepName(size)}
              </option>
            ))}
          </select>
        </label>
      ))}
    </fieldset>
  );
}
