import { CalendarCheck } from 'lucide-react';
import { drillWords } from '@/core/words/screen/drill';
import { useWords } from '@/ui/school/use-class';
import { type Known, useDue } from './use-known';

type Props = { readonly known: Known; readonly onDrill: () => void };

const DAY = 24 * 60 * 60 * 1000; // ms

/** What is due today, and an honest forecast. */
export function DueCard({ known, onDrill }: Props) {
  const say = drillWords(useWords()).due;
  const found = useDue(known);
  const due = found?.due.length ?? 0;
  const most = Math.max(1, ...(found?.forecast.days ?? []));
  const dayName = new Intl.DateTimeFormat('en', { weekday: 'short' });
  return (
    <section
      aria-label={say.title}
      className="card flex flex-col gap-2 px-4 py-3"
      data-due={found ? due : undefined}
    >
      <h2 className="flex justify-between gap-2 text-small font-bold text-quiet">
        <span>{say.title}</span>
        {found && <span>{say.count(due)}</span>}
      </h2>
      {found && known.items.length === 0 && <p className="text-small">{say.never}</p>}
      {found && known.items.length > 0 && (
        <>
          {due === 0 ? (
            <p className="text-small">{say.none}</p>
          ) : (
            <>
              <button type="button" className="control self-start" onClick={onDrill}>
                <CalendarCheck className="size-4" aria-hidden="true" />
                {say.drill}
              </button>
              <p className="text-small text-quiet">{say.likely(Math.round(found.forecast.likely), due)}</p>
            </>
          )}
          <ol aria-label={say.days} className="grid grid-cols-7 items-end gap-1 text-center text-small">
            {found.forecast.days.map((count, day) => {
              const name = day === 0 ? say.today : dayName.format(new Date(found.end + (day - 0.5) * DAY));
              return (
                <li
                  key={name}
                  aria-label={say.day(name, count)}
                  className="flex flex-col items-center gap-0.5"
                >
                  <span className="font-semibold tabular-nums">{count}</span>
                  <span
                    aria-hidden="true"
                    className="w-full rounded-sm bg-moon"
                    style={{ height: `${2 + (26 * count) / most}px` }}
                  />
                  <span className="text-quiet">{name}</span>
                </li>
              );
            })}
          </ol>
        </>
      )}
    </section>
  );
}
