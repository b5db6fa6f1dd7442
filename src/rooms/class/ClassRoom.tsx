import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { ENGLISH } from '@/core/words/class-words';
import { sayStoreProblem } from '@/core/words/say-store';
import { classRoomWords } from '@/core/words/screen/class';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { FileDrop } from '@/ui/files/FileDrop';
import { useFileIn } from '@/ui/files/use-file-in';
import { useKeys } from '@/ui/keys/use-keys';
import { SINGLE_KEYS, useLight, useSetting } from '@/ui/keys/use-setting';
import { Speaking, useClass } from '@/ui/school/use-class';
import { useSchool } from '@/ui/school/use-school';
import { Sentence } from '@/ui/sentence/Sentence';
import { keepOffers } from '../derive/files/keep-offers';
import { sentenceOfOffer } from '../derive/sentence/offered';
import { sentenceText } from '../derive/sentence/sentence-words';
import { hrefOf } from '../derive/sentence/use-sentence';
import { ClassBar } from './ClassBar';
import { ClassKeys } from './ClassKeys';
import { ClassParts } from './ClassParts';
import { classSentence, isInSentence } from './class-sentence';
import { NewClass } from './NewClass';
import type { Refused } from './SettingCard';
import { useClassActions } from './use-class-actions';
import { useClassAddress } from './use-class-address';

const FileSheet = lazy(() =>
  import('@/ui/files/FileSheet').then((module) => ({ default: module.FileSheet })),
);

/** The Class room: how a class speaks, who is in it, and how its work is kept safe. */
export function ClassRoom() {
  return (
    <ErrorBoundary room={classRoomWords(ENGLISH).room}>
      <Room />
    </ErrorBoundary>
  );
}

function Room() {
  const school = useSchool();
  const { state } = school;
  const speech = useClass(state);
  const { words: w, group: spoken, choose } = speech;
  const say = classRoomWords(w);
  const group = state.data.groups.find(({ id }) => id === spoken?.id) ?? null;
  const { part, making, go, make } = useClassAddress();
  const [word, setWord] = useState<string | null>(null);
  const [refused, setRefused] = useState<Refused | null>(null);
  const [said, setSaid] = useState('');
  const [keysOpen, setKeysOpen] = useState(false);
  const [live, setLive] = useState(false);
  const [light, otherLight] = useLight();
  const [single, setSingle] = useSetting('moon-step:single-keys', SINGLE_KEYS);
  const chooser = useRef<HTMLInputElement>(null);
  const file = useFileIn(w.settings);
  const actions = useClassActions({ w, group, spoken, school, choose, refuse: setRefused, tell: setSaid });
  const parts = useMemo(
    () => (spoken ? classSentence(w, spoken, state.data.groups) : []),
    [w, spoken, state.data.groups],
  );
  const noClass = state.status !== 'opening' && !spoken;
  const isNew = making || (noClass && part.kind !== 'safe');

  useEffect(() => setLive(true), []);
  useEffect(() => {
    document.title = isNew ? say.titleNew : say.title(spoken?.name ?? '');
  }, [isNew, spoken?.name, say]);

  const pick = (id: string, value: string) => {
    setWord(null);
    const chosen = state.data.groups.find((each) => each.id === value);
    if (id === 'group' && chosen) choose(chosen);
    if (isInSentence(id)) actions.set(id, value);
  };
  useKeys(
    {
      c: () => setWord('group'),
      t: () => setWord('noteNames'),
      s: () => setWord('stepWords'),
      h: () => setWord('hints'),
      o: () => chooser.current?.click(),
      n: otherLight,
      '?': () => setKeysOpen(true),
      'mod+z': actions.undo,
    },
    single === 'on',
  );
  return (
    <Speaking words={w}>
      <div
        data-live={live && (spoken || noClass) ? 'yes' : 'no'}
        className="flex min-h-dvh grow flex-col room:h-dvh"
      >
        <ClassBar
          state={state}
          group={spoken}
          said={said}
          night={light === 'night'}
          onChoose={choose}
          onFile={() => chooser.current?.click()}
          onLight={otherLight}
          onKeys={() => setKeysOpen(true)}
          actions={actions}
        />
        <main className="flex min-h-0 grow flex-col gap-4 px-4 pt-3 pb-5 sm:px-6">
          {typeof state.saving === 'object' && (
            <p role="alert" className="card border-wrong p-3">
              {sayStoreProblem(state.saving)}
            </p>
          )}
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
                  onFile={() => chooser.current?.click()}
                />
              </>
            )
          )}
        </main>
        <FileDrop onFile={file.take} input={chooser} />
        <Suspense>
          {file.file.stage !== 'none' && (
            <FileSheet
              handle={file}
              data={state.data}
              sentence={(offer) => sentenceText(w, sentenceOfOffer(offer))}
              onShow={(offer) => window.location.assign(hrefOf(sentenceOfOffer(offer)))}
              onKeep={(offers, title) => keepOffers({ w, school, tell: setSaid }, offers, title)}
              onBringIn={async (backup, way) => {
                await actions.bringIn(backup, way);
                file.close();
              }}
            />
          )}
        </Suspense>
        <ClassKeys
          open={keysOpen}
          onOpen={setKeysOpen}
          single={single === 'on'}
          onSingle={(on) => setSingle(on ? 'on' : 'off')}
        />
      </div>
    </Speaking>
  );
}
