import type { Reason } from '@/core/exercise/answer';
import { DECISIONS } from '@/core/exercise/kinds/name-scale/decisions';
import { markWords } from '@/core/words/screen/mark';
import { useWords } from '../school/use-class';

type Props = {
  readonly reasons: readonly Reason[];
  readonly onReasons: (reasons: readonly Reason[]) => void;
};

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
      {DECISIONS.map(({ from, to, sizes }) => (
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
