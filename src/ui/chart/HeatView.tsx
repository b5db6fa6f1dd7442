import { wanted } from '../parts/wanted';
import { useSteady } from '../use-steady';
import { ChartCard, type ChartProps } from './ChartCard';
import { HEAT_HEAD, HEAT_ROW, type HeatCell } from './heat-cell';

type Props = ChartProps & {
  readonly rows: readonly string[];
  readonly columns: readonly string[];
  readonly cells: readonly HeatCell[];
  readonly onPick: (id: string) => void;
};

/** Pixels of a column at the least, and of the names of the rows. */
const COLUMN = 44;
const NAMES = 190;

/** A picture of rows by columns with its table. */
export function HeatView({ rows, columns, cells, onPick, ...rest }: Props) {
  const { pick } = useSteady({ pick: onPick });
  return (
    <ChartCard
      {...rest}
      empty={null}
      of={JSON.stringify([rows, columns, cells])}
      height={rows.length * HEAT_ROW + HEAT_HEAD}
      least={columns.length * COLUMN + NAMES}
      draw={async (element) => {
        const { drawHeat } = await wanted('chart', () => import('./heat'));
        return drawHeat(element, { rows, columns, cells }, pick);
      }}
    />
  );
}
