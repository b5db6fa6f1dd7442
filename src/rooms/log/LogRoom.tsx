import { useEffect, useMemo, useRef, useState } from 'react';
import { lookedAt } from '@/core/practice/log-look';
import { ENGLISH } from '@/core/words/class-words';
import { logWords } from '@/core/words/screen/log';
import { peopleOf } from '@/store/groups';
import type { LogEntry } from '@/store/log';
import { changingEntry, deletingEntries, type LogWords, logging, newEntry, settling } from '@/store/logging';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { newId } from '@/ui/new-id';
import { part } from '@/ui/parts/part';
import { Sentence } from '@/ui/sentence/Sentence';
import { useSteady } from '@/ui/use-steady';
import { LOG_PATH, LONGEST_FIND, type LogSentence, logHref } from '../address/log/log-address';
import { walksItself } from '../ask/go-to';
import type { Change } from '../shell/address-store';
import { RoomShell } from '../shell/RoomShell';
import { today } from '../shell/today';
import { useHere, useShell } from '../shell/use-shell';
import { EntryForm } from './EntryForm';
import { FilesCard } from './FilesCard';
import { LogList } from './LogList';
import type { LogWay } from './log-share';
import { logName, logParts, withLogWord } from './log-words';
import { LOG } from './room';
import { goToLog, sayLog, useLog } from './use-log';

const MetCard = part('chart', () => import('./MetCard').then((module) => module.MetCard));
const EffortCards = part('chart', () => import('./EffortCards').then((module) => module.EffortCards));

/** The Log room: pieces met, practice done, questions asked. */
export function LogRoom() {
  return (
    <ErrorBoundary what={logWords(ENGLISH).room} size="room">
      <Room />
    </ErrorBoundary>
  );
}

function Room() {
  const { sentence, problems, search } = useLog();
  const here = useHere();
  const { w, school, speech } = here;
  const say = logWords(w);
  const [word, setWord] = useState<string | null>(null);
  /** The entry in hand; null for a new one. */
  const [changed, setChanged] = useState<LogEntry | null>(null);
  const finder = useRef<HTMLInputElement>(null);
  const form = useRef<HTMLDivElement>(null);
  const group = speech.group?.id ?? null;
  const { people: everybody, log } = school.state.data;
  const people = useMemo(
    () => (group === null ? peopleOf({ people: everybody }, null) : peopleOf({ people: everybody }, group)),
    [everybody, group],
  );
  const nameOf = useMemo(() => {
    const names = new Map(everybody.map(({ id, name }) => [id, name]));
    return (person: string | null) =>
      person === null ? say.entry.class : (names.get(person) ?? say.sentence.gone);
  }, [everybody, say]);
  const own = useMemo(
    () => log.filter((each) => each.group === null || group === null || each.group === group),
    [log, group],
  );
  const ofKind = useMemo(() => own.filter(({ kind }) => kind === sentence.kind), [own, sentence.kind]);
  const shown = useMemo(() => lookedAt(own, sentence, nameOf), [own, sentence, nameOf]);
  const parts = useMemo(() => logParts(w, sentence, people), [w, sentence, people]);
  // What the log holds comes a moment after the room; nothing below it stands before, so that nothing moves.
  const ready = school.state.status !== 'opening';
  const name = logName(w, sentence);
  useEffect(() => walksItself(LOG_PATH, (next) => goToLog(next, 'finished')), []);
  useEffect(() => {
    document.title = say.title(name);
  }, [say, name]);

  const hands = useSteady({
    pick: (id: string, value: string) => {
      setWord(null);
      const next = withLogWord(sentence, id, value);
      if (next !== sentence) hands.say(next);
    },
    say: (next: LogSentence, change: Change = 'finished') => {
      if (next.kind !== sentence.kind) setChanged(null);
      sayLog(next, change);
    },
    save: (words: LogWords) => {
      if (changed)
        void school.change(({ log: all }, now) =>
          changingEntry(all.find(({ id }) => id === changed.id) ?? changed, words, now),
        );
      else void school.change((data, now) => logging(data, newId(), { ...words, group }, now));
      setChanged(null);
    },
    settle: (entry: LogEntry) => void school.change((_, now) => settling(entry, !entry.done, now)),
    drop: (entry: LogEntry) => {
      if (changed?.id === entry.id) setChanged(null);
      void school.change(() => deletingEntries([entry]));
    },
    change: (entry: LogEntry) => {
      setChanged(entry);
      form.current?.querySelector('input')?.focus();
    },
    csv: async () => shell.actions.share('csv'),
  });
  const keys = parts.flatMap((each) =>
    typeof each === 'string' ? [] : [[each.key.toLowerCase(), () => setWord(each.id)] as const],
  );
  const shell = useShell<LogWay>({
    room: LOG,
    here,
    search,
    work: {
      current: () => ({ name, address: logHref({ ...sentence, person: null }) }),
      onBoard: null,
      paper: async (head) => {
        const { logItem } = await import('./log-paper');
        return {
          head,
          title: null,
          blank: false,
          items: [await logItem(w, sentence, name, { entries: shown, nameOf })],
        };
      },
      share: async (id) =>
        (await import('./log-share')).shareLog(w, id, sentence, { entries: shown, nameOf }),
    },
    keys: {
      ...Object.fromEntries(keys),
      f: () => finder.current?.focus(),
      a: () => form.current?.querySelector('input')?.focus(),
    },
  });
  const { kind } = sentence;
  return (
    <RoomShell shell={shell} problems={problems}>
      <main className="flex min-h-0 grow flex-col gap-3 px-4 pt-3 pb-5 sm:px-6">
        <div className="pb-2">
          <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
        </div>
        <ErrorBoundary what={say.room} size="card" about={search}>
          <div className="grid min-h-0 grow grid-cols-1 gap-3 room:grid-cols-[minmax(0,1fr)_22rem]">
            <div className="flex min-h-0 min-w-0 flex-col gap-3">
              <section aria-label={name} className="card flex min-h-0 min-w-0 grow flex-col gap-2 p-4">
                <div className="flex flex-wrap items-center justify-between gap-2">
                  <input
                    ref={finder}
                    type="search"
                    className="field w-64"
                    aria-label={say.find}
                    placeholder={say.find}
                    maxLength={LONGEST_FIND}
                    value={sentence.find}
                    onChange={({ target }) => hands.say({ ...sentence, find: target.value }, 'passing')}
                  />
                  <p role="status" className="text-quiet text-small">
                    {ready && say.found(shown.length, ofKind.length)}
                  </p>
                </div>
                <div className="min-h-0 grow overflow-y-auto">
                  {!ready ? (
                    <div className="h-40" data-coming="" />
                  ) : ofKind.length === 0 ? (
                    <p>{say.none[kind]}</p>
                  ) : shown.length === 0 ? (
                    <p>{say.nothingFound}</p>
                  ) : (
                    <LogList
                      {...{ kind, nameOf }}
                      entries={shown}
                      sort={sentence.sort}
                      onSort={(sort) => hands.say({ ...sentence, sort })}
                      onChange={hands.change}
                      onSettle={hands.settle}
                      onDrop={hands.drop}
                    />
                  )}
                </div>
              </section>
              {ready && <FilesCard {...{ school, people, group }} onSave={hands.csv} />}
            </div>
            <div className="contents room:flex room:min-h-0 room:flex-col room:gap-3 room:overflow-y-auto">
              <div ref={form} className="order-first room:order-none">
                <EntryForm
                  key={`${kind} ${changed?.id ?? ''}`}
                  from={changed ?? newEntry(kind, today())}
                  stands={changed !== null}
                  people={people}
                  onSave={hands.save}
                  onCancel={changed ? () => setChanged(null) : null}
                />
              </div>
              {ready && kind === 'piece' && (
                <MetCard entries={shown} onFind={(find) => hands.say({ ...sentence, find })} />
              )}
              {ready && kind === 'practice' && (
                <EffortCards
                  {...{ people, school, nameOf }}
                  entries={shown}
                  onWho={(person) => hands.say({ ...sentence, person })}
                />
              )}
            </div>
          </div>
        </ErrorBoundary>
      </main>
    </RoomShell>
  );
}
