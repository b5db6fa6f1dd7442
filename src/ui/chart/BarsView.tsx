import { wanted } from '../parts/wanted';
import { useSteady } from '../use-steady';
import type { BarRow } from './bar-row';
import { ChartCard, type ChartProps } from './ChartCard';

type Props = ChartProps & {
  readonly rows: readonly BarRow[];
  readonly most: number;
  /** What is said where there are no rows. */
  readonly empty: string;
  readonly onPick: (id: string) => void;
};

/** A chart of bars with its table. */
export function BarsView({ rows, most, empty, onPick, ...rest }: Props) {
  const { pick } = useSteady({ pick: onPick });
  return (
    <ChartCard
      {...rest}
      empty={rows.length === 0 ? empty : null}
      of={JSON.stringify([rows, most])}
      height={rows.length * 24 + 8}
      draw={async (element) => {
        const { drawBars } = await wanted('chart', () => import('./bars'));
        return drawBars(element, rows, most, pick);
      }}
    />
  );
}
