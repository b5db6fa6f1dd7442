import {
  type ColumnDef,
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp, ArrowUpDown } from 'lucide-react';
import { useMemo, useState } from 'react';
import { BOOK_COLUMNS, type BookColumn, type BookRow } from '@/core/harmony/key-book';
import type { ClassWords } from '@/core/words/class-words';
import { orbitWords } from '@/core/words/screen/orbit';
import { useWords } from '@/ui/school/use-class';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';
import { bookRows, cellText, columnsOf } from './book-cells';
import { KeyLink } from './KeyLink';
import { SignatureStaff } from './SignatureStaff';

type Book = Extract<OrbitSentence, { readonly kind: 'book' }>;

type Props = {
  readonly book: Book;
  readonly onColumns: (columns: readonly BookColumn[]) => void;
};

/** Columns that show the number of signs. */
function isByCount(column: BookColumn): boolean {
  return column === 'count' || column === 'staff';
}

/** What sorts a column; signatures by their place on the line of fifths. */
function sortValue(w: ClassWords, row: BookRow, column: BookColumn): string | number {
  return isByCount(column) ? row.count : cellText(w, row, column);
}

function tableColumns(w: ClassWords, columns: readonly BookColumn[]): ColumnDef<BookRow>[] {
  const { heads } = orbitWords(w).book;
  return columns.map((column) => ({
    id: column,
    header: heads[column],
    sortDescFirst: false,
    accessorFn: (row) => sortValue(w, row, column),
    sortingFn: isByCount(column) ? 'basic' : 'text',
    cell: ({ row }) => <Cell row={row.original} column={column} />,
  }));
}

function Cell({ row, column }: { readonly row: BookRow; readonly column: BookColumn }) {
  const w = useWords();
  if (column === 'staff') return <SignatureStaff count={row.count} />;
  if (column === 'major') return <KeyLink it={row.major} />;
  if (column === 'minor') return <KeyLink it={row.minor} />;
  if (column === 'modes')
    return (
      <span className="flex flex-wrap gap-x-3 gap-y-1">
        {row.modes.map((key) => (
          <KeyLink key={key.mode} it={key} />
        ))}
      </span>
    );
  return cellText(w, row, column);
}

/** What is found may be typed with plain signs: `ab` for A♭, `f#` for F♯. */
function sought(text: string): string {
  return text.toLowerCase().replaceAll('♭', 'b').replaceAll('♯', '#');
}

/** The key book: a row a signature, columns chosen, sorted by a press on their heads, found by what is typed. */
export function BookTable({ book, onColumns }: Props) {
  const w = useWords();
  const { book: say } = orbitWords(w);
  const [sorting, setSorting] = useState<SortingState>([]);
  const [wanted, setWanted] = useState('');
  const rows = useMemo(() => [...bookRows(book)], [book]);
  const columns = useMemo(() => tableColumns(w, columnsOf(book)), [w, book]);
  const table = useReactTable({
    data: rows,
    columns,
    state: { sorting, globalFilter: wanted },
    onSortingChange: setSorting,
    onGlobalFilterChange: setWanted,
    // What can be found is the text of every column, also of those not shown.
    globalFilterFn: ({ original }, _column, typed: string) =>
      BOOK_COLUMNS.some((column) => sought(cellText(w, original, column)).includes(sought(typed.trim()))),
    getColumnCanGlobalFilter: () => true,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
  const found = table.getRowModel().rows;
  const toggle = (column: BookColumn) => {
    const next = book.columns.includes(column)
      ? book.columns.filter((each) => each !== column)
      : [...book.columns, column];
    if (next.length > 0) onColumns(BOOK_COLUMNS.filter((each) => next.includes(each)));
  };
  return (
    <div className="card flex min-h-0 grow flex-col gap-2 p-4">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <input
          type="search"
          className="field w-44 placeholder:text-quiet"
          aria-label={say.filter}
          placeholder={say.filter}
          maxLength={40}
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
        />
        <fieldset className="flex flex-wrap gap-1.5">
          <legend className="sr-only">{say.columns}</legend>
          {BOOK_COLUMNS.map((column) => (
            <button
              key={column}
              type="button"
              className="control"
              aria-pressed={book.columns.includes(column)}
              onClick={() => toggle(column)}
            >
              {say.heads[column]}
            </button>
          ))}
        </fieldset>
      </div>
      {found.length === 0 && <p role="status">{say.none(wanted)}</p>}
      <div className="min-h-0 grow overflow-auto">
        <table className="w-full border-collapse text-left">
          <caption className="sr-only">{say.caption}</caption>
          <thead className="sticky top-0 bg-sheet">
            <tr>
              {table.getFlatHeaders().map((head) => {
                const sorted = head.column.getIsSorted();
                const Icon = sorted === 'asc' ? ArrowUp : sorted === 'desc' ? ArrowDown : ArrowUpDown;
                const name = say.heads[head.column.id as BookColumn];
                return (
                  <th
                    key={head.id}
                    scope="col"
                    aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
                    className="py-1 pr-4 font-normal"
                  >
                    <button
                      type="button"
                      className="flex items-center gap-1 text-small text-quiet"
                      aria-label={say.sort(name)}
                      onClick={head.column.getToggleSortingHandler()}
                    >
                      {name}
                      <Icon className="size-3.5" aria-hidden="true" />
                    </button>
                  </th>
                );
              })}
            </tr>
          </thead>
          <tbody>
            {found.map((row) => (
              <tr key={row.original.count} className="border-t border-rule">
                {row.getVisibleCells().map((cell) => (
                  <td key={cell.id} className="py-0.5 pr-4">
                    {flexRender(cell.column.columnDef.cell, cell.getContext())}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}
