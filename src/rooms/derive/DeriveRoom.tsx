import { useEffect, useMemo, useState } from 'react';
import { ENGLISH } from '@/core/words/class-words';
import { scaleName } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import type { Scene } from '@/engrave/scene';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { part } from '@/ui/parts/part';
import { Sentence } from '@/ui/sentence/Sentence';
import { type Lit, sameLit } from '@/ui/surfaces/lit';
import { useSeen } from '@/ui/use-seen';
import { useSteady } from '@/ui/use-steady';
import { DERIVE_PATH, deriveHref } from '../address/derive/derive-address';
import { besideOf, type DeriveSentence } from '../address/derive/derive-sentence';
import { questionKind } from '../address/derive/question';
import { walksItself } from '../ask/go-to';
import { REST } from '../shell/address-store';
import { RoomShell } from '../shell/RoomShell';
import { useHere, useShell } from '../shell/use-shell';
import { DERIVE } from './room';
import { sentenceName, sentenceParts } from './sentence/sentence-words';
import { goToSearch, useSearch, useSentence } from './sentence/use-sentence';
import type { ShareWay } from './share/share-list';
import { useActions } from './use-actions';
import { Single } from './working/Single';
import { methodsDisagree, viewOf } from './working/view';

const Compare = part('compare', () => import('./working/Compare').then((module) => module.Compare));
const ByHand = part('hand', () => import('./working/ByHand').then((module) => module.ByHand));
const Disagreement = part('disagreement', () =>
  import('./working/Disagreement').then((module) => module.Disagreement),
);
const WhySheet = part('why', () => import('./working/WhySheet').then((module) => module.WhySheet));
const QuestionRoom = part('question', () =>
  import('./questions/QuestionRoom').then((module) => module.QuestionRoom),
);

type Props = { readonly served: Scene };

/** The Derive room: one sentence, its derivation on every surface, and what becomes of it. */
export function DeriveRoom(props: Props) {
  const search = useSearch();
  const [live, setLive] = useState(false);
  // The served page is the first sentence; a question takes its place as soon as the page lives.
  useEffect(() => setLive(true), []);
  useEffect(() => walksItself(DERIVE_PATH, (next) => goToSearch(next, 'finished')), []);
  const asks = live && questionKind(search) !== null;
  return (
    <ErrorBoundary room={deriveWords(ENGLISH).room}>
      {asks ? <QuestionRoom search={search} /> : <Room {...props} />}
    </ErrorBoundary>
  );
}

function Room({ served }: Props) {
  const { sentence, problems, search, say, rest } = useSentence();
  const here = useHere();
  const { w } = here;
  const view = useMemo(() => viewOf(sentence, w.settings), [sentence, w]);
  const { scale } = view;
  const other = useMemo(() => {
    const beside = besideOf(sentence);
    return beside && viewOf(beside, w.settings);
  }, [sentence, w]);
  const wrong = [view, ...(other ? [other] : [])].filter(methodsDisagree);
  const [word, setWord] = useState<string | null>(null);
  const [why, setWhy] = useState(false);
  const [lit, setLit] = useState<Lit | null>(null);
  const actions = useActions({ sentence, view, other, say });
  const parts = useMemo(() => sentenceParts(w, sentence), [w, sentence]);

  useEffect(() => {
    // The title follows when the hand rests; it costs more than all else that is not drawn.
    const rested = setTimeout(() => {
      document.title = deriveWords(w).title(scaleName(w, scale));
    }, REST);
    return () => clearTimeout(rested);
  }, [w, scale]);

  const whySeen = useSeen(why);
  const hands = useSteady({
    point: (next: Lit | null) => setLit((now) => (sameLit(now, next) ? now : next)),
    pick: (id: string, value: string) => {
      setWord(null);
      actions.pick(id, value);
    },
    showWhy: () => setWhy(true),
    sayAgain: (next: DeriveSentence) => say(next, 'finished'),
  });
  const open = (id: string) => () => setWord(id);
  const shell = useShell<ShareWay>({
    room: DERIVE,
    here,
    search,
    work: {
      current: () => ({ name: sentenceName(w, sentence), address: deriveHref(sentence) }),
      paper: async (head, blank) => (await import('./share/paper')).paperOf(w, head, sentence, blank),
      share: async (way) => (await import('./share/share')).shareDerivation(w, way, sentence, view),
    },
    keys: {
      q: open('kind'),
      t: open('tonic'),
      s: open('scale'),
      d: open('direction'),
      c: open('clef'),
      g: open('signature'),
      m: sentence.beside ? open('method') : actions.nextMethod,
      v: sentence.beside ? open('beside') : actions.compare,
      h: actions.byHand,
      y: hands.showWhy,
      b: () => shell.actions.printBlank(),
      ArrowRight: actions.stepOn,
      ArrowLeft: actions.stepBack,
      Home: actions.firstStep,
      End: actions.lastStep,
    },
  });
  const shared = { sentence, view, lit, onLit: hands.point, served };
  return (
    <RoomShell shell={shell} problems={problems}>
      <main className="flex min-h-0 grow flex-col gap-4 px-4 pt-3 pb-5 sm:px-6">
        <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
        {wrong.length > 0 && <Disagreement views={wrong} address={deriveHref(sentence)} />}
        {sentence.hand !== null ? (
          <ByHand {...shared} hand={sentence.hand} onHand={actions.hand} />
        ) : other ? (
          <Compare
            {...shared}
            other={other}
            onStep={actions.toStep}
            onAlone={actions.alone}
            onWhy={hands.showWhy}
          />
        ) : (
          <Single
            {...shared}
            actions={actions}
            onSay={hands.sayAgain}
            onWhy={hands.showWhy}
            onRest={rest}
            isServed={search === ''}
          />
        )}
      </main>
      {whySeen && <WhySheet open={why} onOpen={setWhy} scale={scale} method={sentence.method} />}
    </RoomShell>
  );
}
