import { type CSSProperties, type ReactNode, useEffect, useRef, useState } from 'react';
import { useSteady } from '../use-steady';

/** What every chart with its table has. */
export type ChartProps = {
  readonly title: string;
  readonly asTable: string;
  readonly asChart: string;
  /** The same in a table: for a screen reader always, for the eye when it is asked for. */
  readonly table: ReactNode;
};

type Props = ChartProps & {
  /** What is said where there is nothing to draw; null where there is. */
  readonly empty: string | null;
  /** It is drawn again where what it shows, said in this text, is another. */
  readonly of: string;
  readonly height: number;
  readonly least?: number;
  /** Draws in an element of the page, and gives what takes it away. */
  readonly draw: (element: HTMLElement) => Promise<() => void>;
};

/** A chart with its table. The chart is drawn by a script of its own, which comes when one is to be seen. */
export function ChartCard({ title, asTable, asChart, table, empty, of, height, least, draw }: Props) {
  const [shown, setShown] = useState<'chart' | 'table'>('chart');
  return (
    <section aria-label={title} className="card flex min-w-0 flex-col gap-1 px-4 py-3">
      <div className="flex items-center justify-between gap-2">
        <h2 className="text-small font-bold text-quiet">{title}</h2>
        {empty === null && (
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
      {empty !== null ? (
        <p className="text-small">{empty}</p>
      ) : (
        <>
          {shown === 'chart' && <Drawing key={of} draw={draw} style={{ height, minWidth: least }} />}
          <div
            className={`text-small ${shown === 'chart' ? 'sr-only focus-within:not-sr-only' : 'overflow-x-auto'}`}
          >
            {table}
          </div>
        </>
      )}
    </section>
  );
}

/** The drawing itself, made anew where what it shows is another. */
function Drawing({ draw, style }: Pick<Props, 'draw'> & { readonly style: CSSProperties }) {
  const box = useRef<HTMLDivElement>(null);
  const { begin } = useSteady({ begin: draw });
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    let gone = false;
    let end: (() => void) | null = null;
    void begin(element).then((drawn) => {
      if (gone) drawn();
      else end = drawn;
    });
    return () => {
      gone = true;
      end?.();
    };
  }, [begin]);
  return <div ref={box} aria-hidden="true" data-chart="" style={style} />;
}
