import { Save, Undo2 } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { ENGLISH } from '@/core/words/class-words';
import { classRoomWords } from '@/core/words/screen/class';
import { SHELF_WORDS } from '@/core/words/screen/shelf';
import { wantsBackup } from '@/store/backup';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { Sentence } from '@/ui/sentence/Sentence';
import type { Action } from '../shell/Bar';
import { RoomShell } from '../shell/RoomShell';
import { useHere, useShell } from '../shell/use-shell';
import { ClassParts } from './ClassParts';
import { classSentence, isInSentence } from './class-sentence';
import { NewClass } from './NewClass';
import { writeClassAddress } from './parts';
import { CLASS } from './room';
import type { Refused } from './SettingCard';
import { useClassActions } from './use-class-actions';
import { useClassAddress } from './use-class-address';

/** The Class room: how a class speaks, who is in it, and how its work is kept safe. */
export function ClassRoom() {
  return (
    <ErrorBoundary what={classRoomWords(ENGLISH).room} size="room">
      <Room />
    </ErrorBoundary>
  );
}

function Room() {
  const here = useHere();
  const { w, school, speech } = here;
  const { state } = school;
  const { group: spoken, choose } = speech;
  const say = classRoomWords(w);
  const group = state.data.groups.find(({ id }) => id === spoken?.id) ?? null;
  const { part, making, problems, go, make } = useClassAddress();
  const [word, setWord] = useState<string | null>(null);
  const [refused, setRefused] = useState<Refused | null>(null);
  const open = (id: string) => () => setWord(id);
  const shell = useShell({
    room: CLASS,
    here,
    search: writeClassAddress(part),
    work: null,
    keys: { c: open('group'), t: open('noteNames'), s: open('stepWords'), h: open('hints') },
  });
  const { tell, chooseFile, undo } = shell.actions;
  const actions = useClassActions({ w, group, spoken, school, choose, refuse: setRefused, tell });
  const parts = useMemo(
    () => (spoken ? classSentence(w, spoken, state.data.groups) : []),
    [w, spoken, state.data.groups],
  );
  // Where the store does not answer, there may be classes that are not known; the room says so and stays usable.
  const noClass = (state.status !== 'opening' || typeof state.saving === 'object') && !spoken;
  const isNew = making || (noClass && part.kind !== 'safe');

  useEffect(() => {
    document.title = isNew ? say.titleNew : say.title(spoken?.name ?? '');
  }, [isNew, spoken?.name, say]);

  const pick = (id: string, value: string) => {
    setWord(null);
    const chosen = state.data.groups.find((each) => each.id === value);
    if (id === 'group' && chosen) choose(chosen);
    if (isInSentence(id)) actions.set(id, value);
  };
  const remind = state.status === 'ready' && wantsBackup(state.backup, Date.now());
  const { changes } = state.backup;
  const own = useMemo(
    (): readonly Action[] => [
      ...(remind
        ? [
            {
              id: 'backup',
              icon: Save,
              label: say.safe.remindNow,
              title: say.safe.remind(changes),
              onClick: () => actions.save('whole'),
            },
          ]
        : []),
      {
        id: 'undo',
        icon: Undo2,
        label: SHELF_WORDS.undo(state.undo),
        hint: 'Ctrl Z',
        disabled: state.undo === null,
        onClick: undo,
      },
    ],
    [remind, changes, say, actions, state.undo, undo],
  );
  return (
    <RoomShell shell={shell} problems={problems} ready={spoken !== null || noClass} own={own}>
      <main className="flex min-h-0 grow flex-col gap-4 px-4 pt-3 pb-5 sm:px-6">
        {isNew ? (
          <NewClass
            onStart={async (name, settings) => {
              await actions.make(name, settings);
              make(false);
            }}
            onCancel={spoken ? () => make(false) : null}
            onSafe={() => go({ kind: 'safe' })}
          />
        ) : (
          (spoken || noClass) && (
            <>
              {spoken ? (
                <Sentence parts={parts} open={word} onOpen={setWord} onPick={pick} />
              ) : (
                <h1 className="font-serif text-sentence">{say.parts.safe}</h1>
              )}
              <ErrorBoundary what={say.partsLabel} size="card" about={part}>
                <ClassParts
                  part={part}
                  state={state}
                  known={spoken !== null}
                  group={group}
                  refused={refused}
                  actions={actions}
                  onPart={(next) => {
                    setRefused(null);
                    go(next);
                  }}
                  onNew={() => make(true)}
                  onLeave={() => setRefused(null)}
                  onFile={chooseFile}
                />
              </ErrorBoundary>
            </>
          )
        )}
      </main>
    </RoomShell>
  );
}
