import { type ReactNode, useEffect, useRef, useState } from 'react';
import { wanted } from '../parts/wanted';
import { HEAT_HEAD, HEAT_ROW, type HeatCell } from './heat-cell';

type Props = {
  readonly title: string;
  readonly rows: readonly string[];
  readonly columns: readonly string[];
  readonly cells: readonly HeatCell[];
  readonly asTable: string;
  readonly asChart: string;
  readonly onPick: (id: string) => void;
  /** The same in a table: for a screen reader always, for the eye when it is asked for. */
  readonly table: ReactNode;
};

/** A picture of rows by columns with its table. It is drawn by a script of its own, which comes when one is to be seen. */
export function HeatView({ title, rows, columns, cells, asTable, asChart, onPick, table }: Props) {
  const [shown, setShown] = useState<'chart' | 'table'>('chart');
  const box = useRef<HTMLDivElement>(null);
  const pick = useRef(onPick);
  pick.current = onPick;
  useEffect(() => {
    const element = box.current;
    if (shown === 'table' || !element) return;
    let gone = false;
    let end: (() => void) | null = null;
    void wanted('chart', () => import('./heat')).then(({ drawHeat }) => {
      if (!gone) end = drawHeat(element, { rows, columns, cells }, (id) => pick.current(id));
    });
    return () => {
      gone = true;
      end?.();
    };
  }, [rows, columns, cells, shown]);
  return (
    <section aria-label={title} className="card flex min-w-0 flex-col gap-1 px-4 py-3">
      <div className="flex items-center justify-between gap-2">
        <h2 className="text-small font-bold text-quiet">{title}</h2>
        <button
          type="button"
          className="control py-0.5! text-small"
          aria-pressed={shown === 'table'}
          onClick={() => setShown(shown === 'table' ? 'chart' : 'table')}
        >
          {shown === 'table' ? asChart : asTable}
        </button>
      </div>
      {shown === 'chart' && (
        <div
          ref={box}
          aria-hidden="true"
          data-chart=""
          style={{ height: rows.length * HEAT_ROW + HEAT_HEAD, minWidth: columns.length * 44 + 190 }}
        />
      )}
      <div className={shown === 'chart' ? 'sr-only' : 'overflow-x-auto text-small'}>{table}</div>
    </section>
  );
}
