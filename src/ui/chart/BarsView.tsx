import { type ReactNode, useEffect, useRef, useState } from 'react';
import { wanted } from '../parts/wanted';
import type { BarRow } from './bar-row';

type Props = {
  readonly title: string;
  readonly rows: readonly BarRow[];
  readonly most: number;
  /** What is said where there are no rows. */
  readonly empty: string;
  readonly asTable: string;
  readonly asChart: string;
  readonly onPick: (id: string) => void;
  /** The same in a table: for a screen reader always, for the eye when it is asked for. */
  readonly table: ReactNode;
};

/** A chart of bars with its table. The chart is drawn by a script of its own, which comes when one is to be seen. */
export function BarsView({ title, rows, most, empty, asTable, asChart, onPick, table }: Props) {
  const [shown, setShown] = useState<'chart' | 'table'>('chart');
  const box = useRef<HTMLDivElement>(null);
  const pick = useRef(onPick);
  pick.current = onPick;
  const key = JSON.stringify(rows);
  // biome-ignore lint/correctness/useExhaustiveDependencies: drawn again where what it shows is another
  useEffect(() => {
    const element = box.current;
    if (shown === 'table' || !element || rows.length === 0) return;
    let gone = false;
    let end: (() => void) | null = null;
    void wanted('chart', () => import('./bars')).then(({ drawBars }) => {
      if (!gone) end = drawBars(element, rows, most, (id) => pick.current(id));
    });
    return () => {
      gone = true;
      end?.();
    };
  }, [key, most, shown]);
  return (
    <section aria-label={title} className="card flex flex-col gap-1 px-4 py-3">
      <div className="flex items-center justify-between gap-2">
        <h2 className="text-small font-bold text-quiet">{title}</h2>
        {rows.length > 0 && (
          <button
            type="button"
            className="control py-0.5! text-small"
            aria-pressed={shown === 'table'}
            onClick={() => setShown(shown === 'table' ? 'chart' : 'table')}
          >
            {shown === 'table' ? asChart : asTable}
          </button>
        )}
      </div>
      {rows.length === 0 ? (
        <p className="text-small">{empty}</p>
      ) : (
        <>
          {shown === 'chart' && <div ref={box} aria-hidden="true" style={{ height: rows.length * 24 + 8 }} />}
          <div className={shown === 'chart' ? 'sr-only' : 'overflow-x-auto text-small'}>{table}</div>
        </>
      )}
    </section>
  );
}
