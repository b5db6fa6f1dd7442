import { useEffect, useMemo, useState } from 'react';
import { attemptsIn } from '@/core/practice/drill/attempt';
import { effortOf, minutesByWeek } from '@/core/practice/log-look';
import { logWords } from '@/core/words/screen/log';
import type { Drill } from '@/store/drill';
import { rightIn } from '@/store/drilling';
import type { LogEntry } from '@/store/log';
import { BarsView } from '@/ui/chart/BarsView';
import { useWords } from '@/ui/school/use-class';
import type { SchoolHandle } from '@/ui/school/use-school';
import type { Somebody } from './log-words';

type Props = {
  readonly entries: readonly LogEntry[];
  readonly people: readonly Somebody[];
  readonly school: SchoolHandle;
  readonly nameOf: (person: string | null) => string;
  readonly onWho: (person: string) => void;
};

const WEEKS = 12;

/** Every drill of some people, read once and again when one of them is done. */
function useDrills({ drillsOf, state }: SchoolHandle, people: readonly Somebody[]): readonly Drill[] | null {
  const [drills, setDrills] = useState<readonly Drill[] | null>(null);
  const { drills: here } = state.data;
  const ready = state.status === 'ready';
  const ids = useMemo(() => people.map(({ id }) => id), [people]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: read again whenever a drill was done
  useEffect(() => {
    if (!ready) return;
    let gone = false;
    drillsOf(ids).then(
      (read) => !gone && setDrills(read),
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [drillsOf, ids, ready, here]);
  return drills;
}

/** Minutes of practice by week, and what everybody gave beside what they know. */
export function EffortCards({ entries, people, school, nameOf, onWho }: Props) {
  const w = useWords();
  const say = logWords(w).charts;
  const drills = useDrills(school, people);
  const weeks = useMemo(() => minutesByWeek(entries, WEEKS), [entries]);
  const effort = useMemo(
    () =>
      effortOf(
        entries,
        (drills ?? []).map((each) => ({
          person: each.person,
          of: attemptsIn(each.answers).length,
          right: rightIn(each),
          minutes: each.credited ?? 0,
        })),
      ),
    [entries, drills],
  );
  const byWeek = weeks.map(({ week, minutes }) => ({
    id: week,
    name: week,
    full: minutes,
    hollow: 0,
    text: say.min(minutes),
  }));
  const byPerson = effort.map(({ person, minutes, right }) => ({
    ...{ id: person, name: nameOf(person), full: minutes, hollow: 0 },
    text: `${say.min(minutes)} · ${right ? say.share(right.right, right.of) : say.noDrills}`,
  }));
  const table = (
    first: string,
    rows: readonly { readonly id: string; readonly name: string; readonly text: string }[],
  ) => (
    <table>
      <thead>
        <tr>
          <th scope="col" className="pr-3 text-left">
            {first}
          </th>
          <th scope="col" className="text-left">
            {logWords(w).heads.minutes}
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ id, name, text }) => (
          <tr key={id}>
            <th scope="row" className="pr-3 text-left font-normal">
              {name}
            </th>
            <td>{text}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
  const shared = { asTable: say.asTable, asChart: say.asChart };
  return (
    <>
      <BarsView
        {...shared}
        title={say.weeks}
        rows={byWeek}
        most={Math.max(1, ...byWeek.map(({ full }) => full))}
        empty={say.noMinutes}
        onPick={() => undefined}
        table={table(say.week, byWeek)}
      />
      <BarsView
        {...shared}
        title={say.effort}
        rows={byPerson}
        most={1.6 * Math.max(1, ...byPerson.map(({ full }) => full))}
        empty={say.noEffort}
        onPick={onWho}
        table={table(say.student, byPerson)}
      />
    </>
  );
}
