import { Download, Trash2, UserX } from 'lucide-react';
import { useState } from 'react';
import { attemptsIn } from '@/core/practice/drill/attempt';
import { minutesOf } from '@/core/practice/drill/result';
import { drillWords } from '@/core/words/screen/drill';
import { partOfPerson, writeBackup } from '@/store/backup';
import type { Drill } from '@/store/drill';
import { crediting, deletingDrill, SELF } from '@/store/drilling';
import { download, plainName } from '@/ui/files/download';
import { IconButton } from '@/ui/IconButton';
import { Sure } from '@/ui/Sure';
import { useWords } from '@/ui/school/use-class';
import { useSteady } from '@/ui/use-steady';
import type { SideProps } from '../side-props';
import { ReadResult } from './ReadResult';

type Props = SideProps & { readonly onLook: (drill: Drill) => void };

/** How many drills are listed at first, and how many more at a press. */
const FIRST = 30;

/** What was drilled and handed in: the minutes that count, the results that are read, and the record as a whole. */
export function DrillsView(props: Props) {
  const { here, learner, tell } = props;
  const w = useWords();
  const say = drillWords(w).done;
  const [most, setMost] = useState(FIRST);
  const [leaving, setLeaving] = useState(false);
  const { school } = here;
  const ended = learner.drills.filter(({ end }) => end !== null).toReversed();
  const { name } = learner;
  const { giveOut, wipe } = useSteady({
    giveOut: async () => {
      const whole = await school.whole();
      if (!whole) return;
      const file = `${say.fileName(plainName(learner.name, 'my'))}.json`;
      const part = partOfPerson(whole, learner.who);
      const content = writeBackup(part, new Date().toISOString(), name || drillWords(w).self);
      download({ name: file, type: 'application/json', content });
      tell(drillWords(w).end.saved(file));
    },
    wipe: async () => {
      setLeaving(false);
      if (await school.erase(learner.who)) {
        tell(say.wiped(name));
        learner.choose(SELF);
      }
    },
  });
  return (
    <div className="grid min-h-0 grow grid-cols-1 content-start gap-3 room:grid-cols-[minmax(0,1fr)_23rem]">
      <section
        aria-label={say.title}
        className="card flex min-h-0 flex-col gap-2 px-4 py-3 room:overflow-y-auto"
      >
        <h2 className="text-small font-bold text-quiet">{say.title}</h2>
        {ended.length === 0 && <p>{say.none}</p>}
        <ol className="flex flex-col divide-y divide-rule">
          {ended.slice(0, most).map((drill) => (
            <DrillRow key={drill.id} drill={drill} {...props} />
          ))}
        </ol>
        {ended.length > most && (
          <button type="button" className="control self-start" onClick={() => setMost(most + FIRST)}>
            {say.more(ended.length - most)}
          </button>
        )}
      </section>
      <div className="flex min-h-0 flex-col gap-3 room:overflow-y-auto">
        <ReadResult here={here} learner={learner} tell={tell} />
        <section aria-label={say.record(name)} className="card flex shrink-0 flex-col gap-2 px-4 py-3">
          <h2 className="text-small font-bold text-quiet">{say.record(name)}</h2>
          <p className="text-small">{say.recordWhy}</p>
          <div className="flex flex-wrap gap-2">
            <button type="button" className="control" onClick={() => void giveOut()}>
              <Download className="size-4" aria-hidden="true" />
              {say.giveOut}
            </button>
            <button type="button" className="control" onClick={() => setLeaving(true)}>
              <UserX className="size-4" aria-hidden="true" />
              {say.wipe}
            </button>
          </div>
          {leaving && (
            <Sure
              label={say.wipe}
              text={say.sure(name)}
              keep={say.keep}
              doIt={say.wipeNow}
              onKeep={() => setLeaving(false)}
              onDo={() => void wipe()}
            />
          )}
        </section>
      </div>
    </div>
  );
}

/** One drill with its counts, its minutes, and what the teacher decides of them. */
function DrillRow({ drill, here, onLook }: Props & { readonly drill: Drill }) {
  const w = useWords();
  const say = drillWords(w);
  const outcomes = attemptsIn(drill.answers).map(({ outcome }) => outcome);
  const count = (outcome: string) => outcomes.filter((each) => each === outcome).length;
  const minutes = minutesOf({ spent: drill.spent, answers: outcomes.length });
  const change = (make: (stands: Drill, now: string) => ReturnType<typeof deletingDrill>) =>
    void here.school.change(({ drills }, now) => {
      const stands = drills.find(({ id }) => id === drill.id);
      return stands ? make(stands, now) : { says: 'edited', edits: [] };
    });
  const credited = drill.credited !== null;
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 py-2" data-drill={drill.end ?? ''}>
      <div className="min-w-0 grow basis-64">
        <p className="font-semibold">{drill.name}</p>
        <p className="text-small text-quiet">
          {say.done.when(drill.at)} · {say.ends[drill.end ?? 'handed-in'].title} ·{' '}
          {say.end.counts(count('right'), count('corrected'), count('wrong'))}
          {drill.crib && ` · ${say.done.crib}`}
          {drill.received ? ` · ${say.done.received}` : drill.handedAt ? ` · ${say.done.handed}` : ''}
        </p>
      </div>
      <button
        type="button"
        className="control"
        aria-pressed={credited}
        onClick={() => change((stands, now) => crediting(stands, credited ? null : minutes, now))}
      >
        {credited ? say.done.credited(drill.credited ?? 0) : say.done.credit(minutes)}
      </button>
      <button type="button" className="control" onClick={() => onLook(drill)}>
        {say.done.look}
      </button>
      <IconButton icon={Trash2} label={say.done.delete(drill.name)} onClick={() => change(deletingDrill)} />
    </li>
  );
}
