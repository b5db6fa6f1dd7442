import { useMemo } from 'react';
import { cribOf } from '@/core/practice/drill/crib';
import { sayingOf } from '@/core/words/class-words';
import { drillWords } from '@/core/words/screen/drill';
import { useWords } from '@/ui/school/use-class';
import type { DrillSentence } from '../../address/drill/drill-sentence';

type Props = {
  readonly level: DrillSentence;
  /** Whether it is seen now. */
  readonly shown: boolean;
  /** Whether it was opened in this drill, which is kept. */
  readonly opened: boolean;
  readonly onToggle: () => void;
};

/** The signatures that occur in the level, which may be opened; that they were is kept. */
export function CribCard({ level, shown, opened, onToggle }: Props) {
  const w = useWords();
  const say = drillWords(w).run;
  const rows = useMemo(() => (shown ? cribOf(level) : []), [shown, level]);
  return (
    <section aria-label={say.crib} className="card flex flex-col gap-2 px-4 py-3">
      <button type="button" className="control self-start" aria-expanded={shown} onClick={onToggle}>
        {shown ? say.cribClose : say.cribOpen}
        <kbd className="key" aria-hidden="true">
          C
        </kbd>
      </button>
      <p className="text-small text-quiet">{opened ? say.cribOpened : say.cribWhy}</p>
      {shown &&
        (['sharps', 'flats'] as const).map((order) => {
          const saying = sayingOf(w, order);
          return (
            saying && (
              <p key={order} className="text-small">
                {say.saying(order, saying)}
              </p>
            )
          );
        })}
      {shown && (
        <table className="text-small">
          <tbody>
            {rows.map(({ tonic, scale, signs }) => (
              <tr key={`${w.scale(tonic, scale)}`}>
                <th scope="row" className="pr-3 text-left font-semibold">
                  {w.scale(tonic, scale)}
                </th>
                <td>{signs.length === 0 ? say.noSigns : w.noteList(signs)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
