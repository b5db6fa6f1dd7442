import { useEffect, useMemo, useState } from 'react';
import { scaleAsked } from '@/core/scale/asked';
import { ENGLISH } from '@/core/words/class-words';
import { scaleName } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import type { Scene } from '@/engrave/scene';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import type { KeyActions } from '@/ui/keys/use-keys';
import { part } from '@/ui/parts/part';
import { Sentence, type SentencePart } from '@/ui/sentence/Sentence';
import { surfacesOfClass } from '@/ui/surfaces/all';
import { useSteady } from '@/ui/use-steady';
import { DERIVE_PATH, deriveHref } from '../address/derive/derive-address';
import { questionKind } from '../address/derive/question';
import { walksItself } from '../ask/go-to';
import { REST } from '../shell/address-store';
import { RoomShell } from '../shell/RoomShell';
import { useHere, useShell } from '../shell/use-shell';
import { DERIVE } from './room';
import { pickWord } from './sentence/pick';
import { screenParts, sentenceName } from './sentence/sentence-words';
import { SHOWN_WORDS } from './sentence/shown-words';
import { goToSearch, useSearch, useSentence } from './sentence/use-sentence';
import { WorkLater } from './WorkLater';

const QuestionRoom = part(
  'question',
  () => import('./questions/QuestionRoom').then((module) => module.QuestionRoom),
  ({ search }) => <Meanwhile search={search} />,
);

/** The room while a question is on its way: what kind it is, with all that stands about every room. */
function Meanwhile({ search }: { readonly search: string }) {
  const here = useHere();
  const shell = useShell({ room: DERIVE, here, search, work: null, keys: {} });
  const kind = questionKind(search) ?? 'key';
  return (
    <RoomShell shell={shell} problems={[]}>
      <main className="grow px-4 pt-3 sm:px-6" data-coming="">
        <h1 className="font-serif text-sentence leading-[1.75] wide:leading-[2.1]">
          {deriveWords(here.w).kinds[kind].whole}
        </h1>
      </main>
    </RoomShell>
  );
}

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
    <ErrorBoundary what={deriveWords(ENGLISH).room} size="room">
      {asks ? <QuestionRoom search={search} /> : <Room {...props} />}
    </ErrorBoundary>
  );
}

/** The keys of words that stand in some sentences only. */
function wordKeys(parts: readonly SentencePart[], open: (id: string) => () => void): KeyActions {
  const words = parts.flatMap((part) =>
    typeof part !== 'string' && SHOWN_WORDS.includes(part.id) ? [part] : [],
  );
  return Object.fromEntries(words.map(({ id, key }) => [key.toLowerCase(), open(id)]));
}

function Room({ served }: Props) {
  const { sentence, problems, search, say, rest } = useSentence();
  const here = useHere();
  const { w } = here;
  const [word, setWord] = useState<string | null>(null);
  const parts = useMemo(() => screenParts(w, sentence), [w, sentence]);

  useEffect(() => {
    // The title follows when the hand rests; it costs more than all else that is not drawn.
    const rested = setTimeout(() => {
      const reading = scaleAsked(sentence.tonic, sentence.scale, w.settings.melodicDown);
      if (reading.ok) document.title = deriveWords(w).title(scaleName(w, reading.scale));
    }, REST);
    return () => clearTimeout(rested);
  }, [w, sentence]);

  const hands = useSteady({
    pick: (id: string, value: string) => {
      setWord(null);
      pickWord(sentence, id, value, say, surfacesOfClass(w.settings));
    },
    open: (id: string) => setWord(id),
  });
  const open = (id: string) => () => setWord(id);
  const shell = useShell({
    room: DERIVE,
    here,
    search,
    work: {
      current: () => ({ name: sentenceName(w, sentence), address: deriveHref(sentence) }),
      paper: async (head, blank) => (await import('./share/paper')).paperOf(w, head, sentence, blank),
      share: async (way) => (await import('./share/share')).shareDerivation(w, way, sentence),
    },
    keys: {
      q: open('kind'),
      t: open('tonic'),
      s: open('scale'),
      d: open('direction'),
      c: open('clef'),
      g: open('signature'),
      ...wordKeys(parts, open),
      b: () => shell.actions.printBlank(),
    },
  });
  return (
    <RoomShell shell={shell} problems={problems}>
      <main className="flex min-h-0 grow flex-col gap-4 px-4 pt-3 pb-5 sm:px-6">
        <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
        <ErrorBoundary what={deriveWords(w).surfaces.method} size="card" about={sentence}>
          <WorkLater
            sentence={sentence}
            say={say}
            onRest={rest}
            onWord={hands.open}
            single={shell.single}
            served={served}
            isServed={search === ''}
          />
        </ErrorBoundary>
      </main>
    </RoomShell>
  );
}
