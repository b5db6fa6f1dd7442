import { useMemo, useRef, useState } from 'react';
import { setWords } from '@/core/words/screen/set';
import {
  peopleOfRows,
  type RawRow,
  readAnswersTable,
  readTableRow,
  type TableRow,
} from '@/formats/answers-table/read';
import { writeBlankTable } from '@/formats/answers-table/write';
import { download, plainName } from '@/ui/files/download';
import { useWords } from '@/ui/school/use-class';
import type { BringHands } from './brought';
import { Choice } from './Choice';
import { setName } from './set-words';
import type { SetInHand } from './use-set';

type Props = { readonly held: SetInHand; readonly hands: BringHands };

/** What was put right in a row: whose it is, and its cells by question. */
type Mended = { readonly person?: string; readonly cells: Readonly<Record<string, string>> };

/** Answers out of a table that is pasted or chosen; rows that cannot be taken are put right in place. */
export function BringTable({ held, hands }: Props) {
  const w = useWords();
  const say = setWords(w).bring;
  const { people, work, set } = held;
  const [text, setText] = useState('');
  const [read, setRead] = useState('');
  const [mended, setMended] = useState<Readonly<Record<number, Mended>>>({});
  const input = useRef<HTMLInputElement>(null);
  const reading = useMemo(
    () => (read.trim() === '' ? null : readAnswersTable(read, work.questions)),
    [read, work.questions],
  );
  const raw = reading?.ok ? reading.rows : [];
  const whose = useMemo(() => peopleOfRows(raw, people), [raw, people]);
  const rows = raw.map((row, at): readonly [RawRow, TableRow] => {
    const own = mended[row.line];
    const now = own ? { ...row, cells: { ...row.cells, ...own.cells } } : row;
    return [now, readTableRow(w, work.questions, now, own?.person ?? whose[at] ?? null)];
  });
  const isBroken = ([{ line }, row]: readonly [RawRow, TableRow]) =>
    row.person === null || row.bad.length > 0 || mended[line] !== undefined;
  const broken = rows.filter(isBroken);
  const good = rows.flatMap(([, row]) => (row.person !== null ? [{ ...row, person: row.person }] : []));
  const unread = rows.filter(([, row]) => row.person === null || row.bad.length > 0);
  const begin = (next: string) => {
    setMended({});
    setRead(next);
  };
  const mend = (line: number, change: { person?: string; cells?: Record<string, string> }) => {
    const own = mended[line] ?? { cells: {} };
    setMended({
      ...mended,
      [line]: { ...own, ...change, cells: { ...own.cells, ...change.cells } },
    });
  };
  return (
    <section aria-label={say.table} className="card flex flex-col gap-3 px-4 py-3">
      <p>{say.tableHelp}</p>
      <textarea
        className="field min-h-24 font-mono text-small"
        aria-label={say.tableField}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <div className="flex flex-wrap gap-2">
        <button type="button" className="control" onClick={() => begin(text)}>
          {say.readTable}
        </button>
        <button type="button" className="control" onClick={() => input.current?.click()}>
          {say.choose}
        </button>
        <button
          type="button"
          className="control"
          onClick={() =>
            download({
              name: `${plainName(setName(w, set), 'set')}.csv`,
              type: 'text/csv',
              content: writeBlankTable(people, work.questions),
            })
          }
        >
          {say.blankTable}
        </button>
      </div>
      <input
        ref={input}
        type="file"
        accept=".csv,.tsv,.txt"
        className="hidden"
        tabIndex={-1}
        aria-label={say.choose}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          void file?.text().then((content) => {
            setText(content);
            begin(content);
          });
        }}
      />
      {reading && !reading.ok && (
        <p role="alert" className="text-wrong">
          {say.noHeader}
        </p>
      )}
      {reading?.ok && (
        <>
          <p role="status">{say.rowsRead(rows.length)}</p>
          <ul className="text-small">
            {reading.unknown.map((name) => (
              <li key={name}>{say.unknownColumn(name)}</li>
            ))}
          </ul>
          {unread.length > 0 && <p role="alert">{say.broken(unread.length)}</p>}
          <ul className="flex flex-col gap-2">
            {broken.map(([now, row]) => (
              <BrokenRow key={now.line} {...{ now, row, held }} onMend={(change) => mend(now.line, change)} />
            ))}
          </ul>
          {good.length > 0 && (
            <button
              type="button"
              className="control self-start bg-ink! text-sheet!"
              onClick={() => {
                const count = good.reduce((sum, { answers }) => sum + Object.keys(answers).length, 0);
                hands.take(
                  good.map(({ person, answers, absent, stopped, minutes }) => ({
                    person,
                    answers,
                    about: {
                      absent,
                      ...(stopped ? { stopped } : {}),
                      ...(minutes === null ? {} : { minutes }),
                    },
                  })),
                );
                hands.tell(say.added(count));
                // What could not be read stays to be put right.
                if (unread.length === 0) {
                  setText('');
                  begin('');
                }
              }}
            >
              {say.add(good.reduce((sum, { answers }) => sum + Object.keys(answers).length, 0))}
            </button>
          )}
        </>
      )}
    </section>
  );
}

type BrokenProps = {
  readonly now: RawRow;
  readonly row: TableRow;
  readonly held: SetInHand;
  readonly onMend: (change: { person?: string; cells?: Record<string, string> }) => void;
};

/** A row that is put right: whose it is, and the cells that cannot be read. */
function BrokenRow({ now, row, held, onMend }: BrokenProps) {
  const say = setWords(useWords()).bring;
  const { people, work } = held;
  const [seen] = useState(() => row.bad.map(({ question }) => question));
  const ids = [...new Set([...seen, ...row.bad.map(({ question }) => question)])];
  const numberOf = (id: string) => String(work.questions.findIndex((each) => each.id === id) + 1);
  return (
    <li className="flex flex-col gap-1 border-t border-rule pt-2 text-small">
      <p className="flex flex-wrap items-center gap-2">
        <b>{say.brokenRow(now.line)}</b>
        {row.person === null && <span className="text-wrong">{say.unknownStudent(now.student)}</span>}
        <Choice
          label={say.whoseRow(now.line)}
          none={say.notAsked}
          value={row.person}
          options={people.map((one) => [one.id, one.name])}
          onChoose={(person) => onMend({ person })}
        />
      </p>
      {ids.map((id) => {
        const bad = row.bad.find(({ question }) => question === id);
        return (
          <label key={id} className="flex flex-wrap items-center gap-2">
            <input
              type="text"
              className="field w-80!"
              aria-label={say.cellField(now.line, numberOf(id))}
              aria-invalid={bad !== undefined}
              value={now.cells[id] ?? ''}
              onChange={(event) => onMend({ cells: { [id]: event.target.value } })}
            />
            <span className={bad ? 'text-wrong' : 'text-correct'}>
              {bad ? say.unreadCell(numberOf(id), bad.why) : '✓'}
            </span>
          </label>
        );
      })}
    </li>
  );
}
