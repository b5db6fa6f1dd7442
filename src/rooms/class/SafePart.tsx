import type { ReactNode } from 'react';
import { sayRecordProblem } from '@/core/words/say-store';
import { classRoomWords } from '@/core/words/screen/class';
import type { SchoolState } from '@/store/school-state';
import { installer } from '@/ui/app/service';
import { useService } from '@/ui/app/use-service';
import { useStorage } from '@/ui/safe/use-storage';
import { schoolOfPage } from '@/ui/school/school-of-page';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly state: SchoolState;
  readonly name: string | null;
  readonly onSave: (part: 'whole' | 'group' | 'shelf') => void;
  readonly onOpen: () => void;
  readonly onClear: () => void;
};

/** Backup, storage and working without the server: what is safe, what is not, and what to do. */
export function SafePart({ state, name, onSave, onOpen, onClear }: Props) {
  const say = classRoomWords(useWords()).safe;
  const { unread, backup } = state;
  const last = backup.at
    ? say.last(new Date(backup.at).toLocaleString('en-GB', { dateStyle: 'long', timeStyle: 'short' }))
    : say.never;
  return (
    <div className="grid max-w-5xl gap-3 wide:grid-cols-2">
      <Card title={say.backup}>
        <p>
          {last} {backup.at && say.since(backup.changes)}
        </p>
        <div className="flex flex-wrap gap-2">
          <Press label={say.save} onClick={() => onSave('whole')} />
          <Press label={say.open} onClick={onOpen} />
          {name !== null && <Press label={say.saveGroup(name)} onClick={() => onSave('group')} />}
          <Press label={say.saveShelf} onClick={() => onSave('shelf')} />
        </div>
        <p className="text-small text-quiet">{say.wayBack}</p>
      </Card>
      <Lasting />
      <Offline />
      <Card title={say.clear}>
        <p>{say.clearHelp}</p>
        <Press label={schoolOfPage() === 'demo' ? say.clearDemo : say.clearOwn} onClick={onClear} />
      </Card>
      {unread.length > 0 && (
        <div role="alert" className="card border-wrong p-3 wide:col-span-2">
          {unread.map((problem, index) => (
            <p key={index}>{sayRecordProblem(problem)}</p>
          ))}
        </div>
      )}
    </div>
  );
}

function Card({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="card flex flex-col items-start gap-2.5 p-4">
      <h2 className="font-serif text-large font-bold">{title}</h2>
      {children}
    </section>
  );
}

function Press({ label, onClick }: { readonly label: string; readonly onClick: () => void }) {
  return (
    <button type="button" className="control" onClick={onClick}>
      {label}
    </button>
  );
}

function Lasting() {
  const say = classRoomWords(useWords()).safe;
  const { lasting, used, ask } = useStorage();
  return (
    <Card title={say.lasting}>
      <p role="status">{say.lastingStates[lasting]}</p>
      {lasting === 'passing' && <Press label={say.ask} onClick={ask} />}
      {used !== null && (
        <p className="text-small text-quiet">{say.used((Math.max(used, 100_000) / 1_000_000).toFixed(1))}</p>
      )}
    </Card>
  );
}

function Offline() {
  const say = classRoomWords(useWords()).safe;
  const { stored, update } = useService();
  const install = installer();
  return (
    <Card title={say.offline}>
      <p role="status">{say.offlineStates[stored]}</p>
      {install && <Press label={say.install} onClick={install} />}
      {update && (
        <>
          <p>{say.newVersion}</p>
          <Press label={say.useNew} onClick={update} />
        </>
      )}
    </Card>
  );
}
