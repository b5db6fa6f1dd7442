import { Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { ENGLISH } from '@/core/words/class-words';
import { scaleName } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import type { Scene } from '@/engrave/scene';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { useKeys } from '@/ui/keys/use-keys';
import { SINGLE_KEYS, useLight, useSetting } from '@/ui/keys/use-setting';
import { Speaking, useClass } from '@/ui/school/use-class';
import { useSchool } from '@/ui/school/use-school';
import { Sentence } from '@/ui/sentence/Sentence';
import { type Lit, sameLit } from '@/ui/surfaces/lit';
import { useIdle } from '@/ui/use-idle';
import { useSeen } from '@/ui/use-seen';
import { useSteady } from '@/ui/use-steady';
import { walksItself } from '../ask/go-to';
import { REST } from '../common/address-store';
import { useHead } from '../common/use-head';
import {
  ByHand,
  Compare,
  Disagreement,
  FilesIn,
  KeysSheet,
  loadFilesIn,
  Notice,
  Paper,
  QuestionRoom,
  ShelfSheet,
  WhySheet,
} from './lazily';
import { questionKind } from './sentence/question';
import { besideOf, type DeriveSentence } from './sentence/sentence';
import { sentenceParts } from './sentence/sentence-words';
import { goToSearch, hrefOf, PATH, useSearch, useSentence } from './sentence/use-sentence';
import { Toolbar } from './Toolbar';
import { useActions } from './use-actions';
import { Single } from './working/Single';
import { methodsDisagree, viewOf } from './working/view';

type Props = { readonly served: Scene };

/** The Derive room: one sentence, its derivation on every surface, and what becomes of it. */
export function Derive(props: Props) {
  const search = useSearch();
  const [live, setLive] = useState(false);
  // The served page is the first sentence; a question takes its place as soon as the page lives.
  useEffect(() => setLive(true), []);
  useEffect(() => walksItself(PATH, (next) => goToSearch(next, 'finished')), []);
  const asks = live && questionKind(search) !== null;
  return (
    <ErrorBoundary room={deriveWords(ENGLISH).room}>
      {asks ? (
        <Suspense>
          <QuestionRoom search={search} />
        </Suspense>
      ) : (
        <Room {...props} />
      )}
    </ErrorBoundary>
  );
}

type Sheet = 'shelf' | 'keys' | 'share' | 'why' | null;

function Room({ served }: Props) {
  const { sentence, problems, search, say, rest } = useSentence();
  const school = useSchool();
  const speech = useClass(school.state);
  const { words: w } = speech;
  const view = useMemo(() => viewOf(sentence, w.settings), [sentence, w]);
  const { scale } = view;
  const other = useMemo(() => {
    const beside = besideOf(sentence);
    return beside && viewOf(beside, w.settings);
  }, [sentence, w]);
  const wrong = [view, ...(other ? [other] : [])].filter(methodsDisagree);
  const [word, setWord] = useState<string | null>(null);
  const [sheet, setSheet] = useState<Sheet>(null);
  const [lit, setLit] = useState<Lit | null>(null);
  const [live, setLive] = useState(false);
  const [said, setSaid] = useState('');
  const [light, otherLight] = useLight();
  const [single, setSingle] = useSetting('moon-step:single-keys', SINGLE_KEYS);
  const head = useHead(speech.group?.name ?? null);
  const { actions, paper } = useActions({ w, head, sentence, view, other, school, say, tell: setSaid });
  const chooser = useRef<HTMLInputElement>(null);
  const filesIdle = useIdle(loadFilesIn);
  const [choosing, setChoosing] = useState(false);
  const parts = useMemo(() => sentenceParts(w, sentence), [w, sentence]);

  useEffect(() => setLive(true), []);
  useEffect(() => {
    // The title follows when the hand rests; it costs more than all else that is not drawn.
    const rested = setTimeout(() => {
      document.title = deriveWords(w).title(scaleName(w, scale));
    }, REST);
    return () => clearTimeout(rested);
  }, [w, scale]);

  const shelfSeen = useSeen(sheet === 'shelf');
  const keysSeen = useSeen(sheet === 'keys');
  const whySeen = useSeen(sheet === 'why');

  const hands = useSteady({
    point: (next: Lit | null) => setLit((now) => (sameLit(now, next) ? now : next)),
    pick: (id: string, value: string) => {
      setWord(null);
      actions.pick(id, value);
    },
    otherLight,
    showShelf: () => setSheet('shelf'),
    showKeys: () => setSheet('keys'),
    showWhy: () => setSheet('why'),
    onWhy: (open: boolean) => setSheet(open ? 'why' : null),
    onShelf: (open: boolean) => setSheet(open ? 'shelf' : null),
    onKeys: (open: boolean) => setSheet(open ? 'keys' : null),
    onSharing: (open: boolean) => setSheet(open ? 'share' : null),
    chooseFile: () => (chooser.current ? chooser.current.click() : setChoosing(true)),
    onSingle: (on: boolean) => setSingle(on ? 'on' : 'off'),
    closeSheet: () => setSheet(null),
    sayAgain: (next: DeriveSentence) => {
      setSheet(null);
      say(next, 'finished');
    },
  });

  useKeys(
    {
      q: () => setWord('kind'),
      t: () => setWord('tonic'),
      s: () => setWord('scale'),
      d: () => setWord('direction'),
      c: () => setWord('clef'),
      g: () => setWord('signature'),
      m: sentence.beside ? () => setWord('method') : actions.nextMethod,
      v: sentence.beside ? () => setWord('beside') : actions.compare,
      h: actions.byHand,
      y: hands.showWhy,
      k: actions.keep,
      l: hands.showShelf,
      x: () => setSheet('share'),
      p: actions.print,
      'mod+p': actions.print,
      b: actions.printBlank,
      o: hands.chooseFile,
      n: hands.otherLight,
      '?': hands.showKeys,
      ArrowRight: actions.stepOn,
      ArrowLeft: actions.stepBack,
      Home: actions.firstStep,
      End: actions.lastStep,
      // Moves by hand have an undo of their own.
      ...(sentence.hand === null ? { 'mod+z': actions.undo } : {}),
    },
    single === 'on',
  );

  return (
    <Speaking words={w}>
      <div data-live={live ? 'yes' : 'no'} className="flex min-h-dvh grow flex-col room:h-dvh">
        <Toolbar
          said={said}
          kept={school.state.data.kept.length}
          night={light === 'night'}
          sharing={sheet === 'share'}
          onSharing={hands.onSharing}
          onKeep={actions.keep}
          onShelf={hands.showShelf}
          onShare={actions.share}
          onFile={hands.chooseFile}
          onLight={hands.otherLight}
          onKeys={hands.showKeys}
          group={speech.group}
          groups={school.state.data.groups}
          onChoose={speech.choose}
        />
        <main className="flex min-h-0 grow flex-col gap-4 px-4 pt-3 pb-5 sm:px-6">
          {(problems.length > 0 || typeof school.state.saving === 'object') && (
            <Suspense>
              <Notice problems={problems} saving={school.state.saving} />
            </Suspense>
          )}
          <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
          {wrong.length > 0 && (
            <Suspense>
              <Disagreement views={wrong} address={hrefOf(sentence)} />
            </Suspense>
          )}
          {sentence.hand !== null ? (
            <Suspense>
              <ByHand
                sentence={sentence}
                hand={sentence.hand}
                view={view}
                lit={lit}
                onLit={hands.point}
                onHand={actions.hand}
                served={served}
              />
            </Suspense>
          ) : other ? (
            <Suspense>
              <Compare
                view={view}
                other={other}
                lit={lit}
                onLit={hands.point}
                onStep={actions.toStep}
                onAlone={actions.alone}
                onWhy={hands.showWhy}
                served={served}
              />
            </Suspense>
          ) : (
            <Single
              sentence={sentence}
              view={view}
              actions={actions}
              lit={lit}
              onLit={hands.point}
              onSay={hands.sayAgain}
              onWhy={hands.showWhy}
              onRest={rest}
              served={served}
              isServed={search === ''}
            />
          )}
        </main>
        <Suspense>
          {shelfSeen && (
            <ShelfSheet
              open={sheet === 'shelf'}
              onOpen={hands.onShelf}
              state={school.state}
              actions={actions}
              onGo={hands.closeSheet}
            />
          )}
          {(filesIdle || choosing) && (
            <FilesIn
              input={chooser}
              wanted={choosing}
              data={school.state.data}
              now={sentence}
              onSay={hands.sayAgain}
              onKeep={actions.keepOffers}
              onBringIn={actions.bringIn}
            />
          )}
          {whySeen && (
            <WhySheet open={sheet === 'why'} onOpen={hands.onWhy} scale={scale} method={sentence.method} />
          )}
          {keysSeen && (
            <KeysSheet
              open={sheet === 'keys'}
              onOpen={hands.onKeys}
              single={single === 'on'}
              onSingle={hands.onSingle}
            />
          )}
        </Suspense>
        {/* Its own boundary: what else is still to come would hide a sheet that is being printed. */}
        <Suspense>{paper && <Paper sheet={paper} onDone={actions.printed} />}</Suspense>
      </div>
    </Speaking>
  );
}
