import { ArrowUpRight, Check, Pencil, RotateCcw, Trash2 } from 'lucide-react';
import type { LogSort } from '@/core/practice/log-look';
import { logWords } from '@/core/words/screen/log';
import type { LogEntry } from '@/store/log';
import { IconButton } from '@/ui/IconButton';
import { useWords } from '@/ui/school/use-class';
import { columnsOf } from './log-cells';

type Props = {
  readonly kind: LogEntry['kind'];
  readonly entries: readonly LogEntry[];
  readonly nameOf: (person: string | null) => string;
  readonly sort: LogSort;
  readonly onSort: (sort: LogSort) => void;
  readonly onChange: (entry: LogEntry) => void;
  readonly onSettle: (entry: LogEntry) => void;
  readonly onDrop: (entry: LogEntry) => void;
};

/** The order that pressing a column's head asks for. */
const SORT_OF: Readonly<Record<string, LogSort>> = {
  ...{
    day: 'newest',
    title: 'title',
    what: 'title',
    about: 'title',
    key: 'key',
    who: 'who',
    minutes: 'minutes',
  },
};

/** Entries in a table: sorted by their heads, opened, changed, settled, deleted. */
export function LogList({ kind, entries, nameOf, sort, onSort, onChange, onSettle, onDrop }: Props) {
  const w = useWords();
  const say = logWords(w);
  const columns = columnsOf(w, kind, nameOf);
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls can be scrolled by keys
    <div className="overflow-x-auto" role="region" aria-label={say.list} tabIndex={0}>
      <table className="log-table w-full">
        <thead>
          <tr>
            {columns.map(({ id, head }) => {
              const by = SORT_OF[id];
              return (
                <th
                  key={id}
                  scope="col"
                  aria-sort={
                    by === sort
                      ? by === 'newest' || by === 'minutes'
                        ? 'descending'
                        : 'ascending'
                      : undefined
                  }
                >
                  {by ? (
                    <button
                      type="button"
                      className="underline-offset-4 hover:underline"
                      onClick={() => onSort(by === sort && by === 'newest' ? 'oldest' : by)}
                    >
                      {head}
                    </button>
                  ) : (
                    head
                  )}
                </th>
              );
            })}
            <th scope="col">
              <span className="sr-only">{say.heads.actions}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {entries.map((entry) => (
            <tr key={entry.id}>
              {columns.map(({ id, text }) => (
                <td
                  key={id}
                  className={
                    id === 'day' || id === 'minutes' || id === 'key' ? 'tabular-nums whitespace-nowrap' : ''
                  }
                >
                  {(id === 'title' || id === 'about') && entry.about ? (
                    <a className="underline" href={entry.about}>
                      {text(entry)} <ArrowUpRight className="inline size-3.5" aria-hidden="true" />
                    </a>
                  ) : (
                    text(entry)
                  )}
                </td>
              ))}
              <td className="text-right">
                <span className="inline-flex gap-1">
                  {kind === 'question' && (
                    <IconButton
                      label={`${entry.done ? say.reopen : say.settle}: ${entry.title}`}
                      icon={entry.done ? RotateCcw : Check}
                      onClick={() => onSettle(entry)}
                    />
                  )}
                  <IconButton label={say.change(entry.title)} icon={Pencil} onClick={() => onChange(entry)} />
                  <IconButton label={say.drop(entry.title)} icon={Trash2} onClick={() => onDrop(entry)} />
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
