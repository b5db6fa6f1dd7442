import { useState } from 'react';
import { logWords } from '@/core/words/screen/log';
import { loggingAll } from '@/store/logging';
import { FileButton } from '@/ui/files/FileButton';
import { newId } from '@/ui/new-id';
import { useWords } from '@/ui/school/use-class';
import type { SchoolHandle } from '@/ui/school/use-school';
import { entriesOf } from './log-rows';
import type { Somebody } from './log-words';

type Props = {
  readonly school: SchoolHandle;
  readonly people: readonly Somebody[];
  readonly group: string | null;
  readonly onSave: () => void;
};

/** Most lines that are told one by one. */
const MOST_TOLD = 5;

/** The log as a table, out and in; lines that are no entry are told and change nothing. */
export function FilesCard({ school, people, group, onSave }: Props) {
  const say = logWords(useWords()).files;
  const [told, setTold] = useState<readonly string[]>([]);
  const bring = async (text: string) => {
    const { readLogTable } = await import('@/formats/log-table/log-table');
    const { rows, problems } = readLogTable(text);
    const refused = problems
      .slice(0, MOST_TOLD)
      .map(({ line, column, read }) => say.refused(line, `${column} ‘${read}’`));
    if (rows.length === 0) return setTold([say.none, ...refused]);
    const entries = entriesOf(rows, people, group).map((words) => ({ id: newId(), words }));
    void school.change((data, now) => loggingAll(data, entries, now));
    setTold([say.brought(rows.length), ...refused]);
  };
  return (
    <section aria-label={say.title} className="card flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-3">
      <h2 className="text-small font-bold text-quiet">{say.title}</h2>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="control" onClick={onSave}>
          {say.out}
        </button>
        <FileButton label={say.in} accept=".csv,text/csv" onText={(text) => void bring(text)} />
      </div>
      <div role="status">
        {told.map((line) => (
          <p key={line} className="text-small">
            {line}
          </p>
        ))}
      </div>
    </section>
  );
}
