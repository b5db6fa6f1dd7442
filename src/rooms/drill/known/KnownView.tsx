import { useMemo, useState } from 'react';
import type { KnownCell } from '@/core/practice/drill/known';
import { pictured, weakest } from '@/core/practice/drill/picture';
import { keyFrom } from '@/core/practice/drill/question';
import { drillWords } from '@/core/words/screen/drill';
import { HeatView } from '@/ui/chart/HeatView';
import type { HeatCell } from '@/ui/chart/heat-cell';
import { useWords } from '@/ui/school/use-class';
import type { SideProps } from '../side-props';
import { HabitCourse } from './HabitCourse';
import { SpotCard } from './SpotCard';

/** The most weak spots that are listed. */
const MOST_WEAK = 5;

const idOf = ({ key, ask }: Pick<KnownCell, 'key' | 'ask'>) => `${key} ${ask}`;

/** What is known: keys by skills, weak spots, and the course of habits. */
export function KnownView({ known, learner, onBegin }: SideProps) {
  const w = useWords();
  const say = drillWords(w);
  const [picked, setPicked] = useState<string | null>(null);
  const drawn = useMemo(() => known && pictured(known.items, known.now), [known]);
  const rows = useMemo(
    () =>
      drawn?.keys.map((code) => {
        const key = keyFrom(code);
        return key ? w.scale(key.tonic, key.scale) : say.known.noKey;
      }) ?? [],
    [drawn, w, say],
  );
  const columns = useMemo(() => drawn?.asks.map((id) => say.asks[id]) ?? [], [drawn, say]);
  const cells = useMemo(
    (): readonly HeatCell[] =>
      drawn?.cells.map((cell) => ({
        id: idOf(cell),
        row: drawn.keys.indexOf(cell.key),
        column: drawn.asks.indexOf(cell.ask),
        fill: cell.likely,
        text: `${cell.right}/${cell.times}`,
      })) ?? [],
    [drawn],
  );
  if (!drawn || !known) return <p className="text-quiet">{say.known.coming}</p>;
  if (drawn.cells.length === 0)
    return (
      <section aria-label={say.known.title} className="card px-5 py-4">
        <p>{say.due.never}</p>
      </section>
    );
  const weak = weakest(drawn.cells, MOST_WEAK);
  const spot = drawn.cells.find((cell) => idOf(cell) === picked) ?? weak[0] ?? drawn.cells[0];
  const nameOf = (cell: KnownCell) => {
    const key = keyFrom(cell.key);
    const skill = say.asks[cell.ask];
    return key ? `${w.scale(key.tonic, key.scale)}: ${skill}` : skill;
  };
  return (
    <div className="grid min-h-0 grow grid-cols-1 gap-3 room:grid-cols-[minmax(0,1fr)_23rem]">
      <div className="flex min-h-0 min-w-0 flex-col gap-3 overflow-x-auto room:overflow-auto">
        <HeatView
          title={say.known.title}
          rows={rows}
          columns={columns}
          cells={cells}
          asTable={say.known.asTable}
          asChart={say.known.asChart}
          onPick={setPicked}
          table={<KnownTable rows={rows} columns={columns} drawn={drawn} onPick={setPicked} />}
        />
      </div>
      <div className="flex min-h-0 flex-col gap-3 room:overflow-y-auto">
        {spot && <SpotCard cell={spot} name={nameOf(spot)} drills={learner.drills} onBegin={onBegin} />}
        <section aria-label={say.known.weak} className="card flex shrink-0 flex-col gap-1.5 px-4 py-3">
          <h2 className="text-small font-bold text-quiet">{say.known.weak}</h2>
          {weak.length === 0 && <p className="text-small">{say.known.noWeak}</p>}
          <ul className="flex flex-col gap-1">
            {weak.map((cell) => (
              <li key={idOf(cell)}>
                <button
                  type="button"
                  className="control w-full justify-between text-left"
                  aria-pressed={spot === cell}
                  onClick={() => setPicked(idOf(cell))}
                >
                  <span>{nameOf(cell)}</span>
                  <span className="text-small tabular-nums">{say.known.cell(cell.right, cell.times)}</span>
                </button>
              </li>
            ))}
          </ul>
        </section>
        <HabitCourse drills={learner.drills} now={known.now} />
      </div>
    </div>
  );
}

type TableProps = {
  readonly rows: readonly string[];
  readonly columns: readonly string[];
  readonly drawn: ReturnType<typeof pictured>;
  readonly onPick: (id: string) => void;
};

/** The picture as a table; a cell is pressed for more. */
function KnownTable({ rows, columns, drawn, onPick }: TableProps) {
  const say = drillWords(useWords()).known;
  const cells = useMemo(() => new Map(drawn.cells.map((cell) => [idOf(cell), cell])), [drawn]);
  return (
    <table className="w-full text-left">
      <caption className="sr-only">{say.caption}</caption>
      <thead>
        <tr>
          <th scope="col">{say.key}</th>
          {columns.map((name) => (
            <th key={name} scope="col" className="px-2 font-semibold">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {drawn.keys.map((key, at) => (
          <tr key={key}>
            <th scope="row" className="pr-2 font-semibold whitespace-nowrap">
              {rows[at]}
            </th>
            {drawn.asks.map((ask) => {
              const cell = cells.get(idOf({ key, ask }));
              return (
                <td key={ask} className="px-2">
                  {cell && (
                    <button type="button" className="underline" onClick={() => onPick(idOf(cell))}>
                      {say.cellText(cell.right, cell.times, Math.round(100 * cell.likely))}
                    </button>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
