import { useEffect, useMemo, useState } from 'react';
import type { Key } from '@/core/harmony/key';
import { keysByEnds } from '@/core/piece/quick';
import { isShippedPiece } from '@/core/piece/shipped';
import { ENGLISH } from '@/core/words/class-words';
import { sayFileProblem } from '@/core/words/say-file';
import { readWords } from '@/core/words/screen/read';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { part } from '@/ui/parts/part';
import { Sentence } from '@/ui/sentence/Sentence';
import { useSteady } from '@/ui/use-steady';
import type { PieceSource } from '@/workers/piece';
import { deriveHref } from '../address/derive/derive-address';
import { FIRST_SENTENCE } from '../address/derive/derive-sentence';
import { orbitHref } from '../address/orbit/orbit-address';
import { keyCode, keyOfCode, READ_PATH, type ReadSentence, readHref } from '../address/read/read-address';
import { walksItself } from '../ask/go-to';
import { RoomShell } from '../shell/RoomShell';
import { useHere, useShell } from '../shell/use-shell';
import { ActionsCard } from './ActionsCard';
import { EndsView } from './EndsView';
import { FreshView } from './fresh/FreshView';
import { KeysCard, scaleIdOf } from './KeysCard';
import { NoteCard } from './NoteCard';
import { PassagesCard } from './PassagesCard';
import type { ReadWay } from './read-share';
import { ANOTHER, howParts, isByEnds, readName, readParts, withReadWord } from './read-words';
import { READ } from './room';
import { SignatureCard } from './SignatureCard';
import { useFacts } from './use-facts';
import { useFile } from './use-file';
import { useOwnPieces } from './use-own-pieces';
import { usePiece } from './use-piece';
import { usePressed } from './use-pressed';
import { goToRead, sayRead, useRead } from './use-read';
import { useSource } from './use-source';

const ScorePages = part('surface', () => import('./score/ScorePages').then((module) => module.ScorePages));
const WriteView = part('surface', () => import('./write/WriteView').then((module) => module.WriteView));

/** The Read room: a piece, what its signature does in it, and which key it is in. */
export function ReadRoom() {
  return (
    <ErrorBoundary what={readWords(ENGLISH).room} size="room">
      <Room />
    </ErrorBoundary>
  );
}

const NO_PARTS: readonly { readonly name: string }[] = [];

const derive = (key: Key) =>
  deriveHref({
    ...FIRST_SENTENCE,
    tonic: key.tonic,
    scale: scaleIdOf(key),
    direction: 'up',
    step: null,
    beside: null,
  });
const route = (from: Key, to: Key) => orbitHref({ kind: 'route', from, to, way: 1, step: null });

function Room() {
  const { sentence, problems, search } = useRead();
  const here = useHere();
  const { w, school } = here;
  const say = readWords(w);
  const [word, setWord] = useState<string | null>(null);
  const { pieces } = school.state.data;
  const kept = pieces.find(({ id }) => id === sentence.piece) ?? null;
  const byEnds = isByEnds(sentence, kept);
  const own = useOwnPieces(school, sentence, kept);
  const brought = useFile();
  const source = useSource(school, sentence.piece, kept, brought.file);
  const code = sentence.key ? keyCode(sentence.key) : null;
  const key = useMemo(() => (code ? keyOfCode(code) : null), [code]);
  const { state, client } = usePiece(
    source,
    useMemo(() => ({ key, instrument: sentence.instrument }), [key, sentence.instrument]),
  );
  const opened = state.stage === 'open' ? state.opened : null;
  const turn = state.stage === 'open' ? state.turn : 0;
  const partShown =
    sentence.part === null || !opened || sentence.part > opened.parts.length ? null : sentence.part - 1;
  useFacts(sentence, opened);
  /** The piece of which a page stands: what is beside it comes after it, so that nothing moves. */
  const [drawn, setDrawn] = useState<PieceSource | null>(null);
  const note = usePressed(client, turn);
  const ends = useMemo(() => keysByEnds(sentence), [sentence]);
  const parts = useMemo(() => readParts(w, sentence, pieces, byEnds), [w, sentence, pieces, byEnds]);
  // A piece that nobody has here: what its address says of it stands in its place.
  const known = isShippedPiece(sentence.piece) || kept !== null || source !== null;
  const gone = !byEnds && !known && school.state.status !== 'opening';
  const home = opened ? (opened.home?.mode ?? null) : (ends[0]?.key.mode ?? null);
  const names = opened?.parts ?? NO_PARTS;
  // The line stands from the beginning, so that nothing moves when the piece has been read.
  const how = useMemo(
    () =>
      sentence.view === 'piece' && !byEnds && !gone
        ? howParts(w, sentence, { parts: names, mode: home })
        : [],
    [w, sentence, byEnds, gone, names, home],
  );
  const name = readName(w, sentence);
  useEffect(() => walksItself(READ_PATH, (next) => goToRead(next, 'finished')), []);
  useEffect(() => {
    document.title = say.title(name);
  }, [say, name]);

  const hands = useSteady({
    drawn: () => setDrawn(source),
    pick: (id: string, value: string) => {
      setWord(null);
      const next = withReadWord(sentence, id, value, pieces);
      if (next !== sentence) sayRead(next, 'finished');
    },
    say: (next: ReadSentence) => sayRead(next, 'finished'),
    another: () => hands.pick('piece', ANOTHER),
  });
  const words = [...parts, ...how].flatMap((each) =>
    typeof each === 'string' ? [] : [[each.key.toLowerCase(), () => setWord(each.id)] as const],
  );
  const shell = useShell<ReadWay>({
    room: READ,
    here,
    search,
    work: {
      current: () => ({ name, address: readHref(sentence) }),
      paper: async (head) => {
        const { readItem } = await import('./read-paper');
        return {
          head,
          title: null,
          blank: false,
          items: [await readItem(w, sentence, name, await client.code())],
        };
      },
      share: async (id) => (await import('./read-share')).shareRead(w, id, sentence, await client.code()),
    },
    keys: { ...Object.fromEntries(words), w: hands.another },
  });
  const shows = sentence.view === 'piece';
  return (
    <RoomShell shell={shell} problems={problems}>
      <main className="flex min-h-0 grow flex-col gap-3 px-4 pt-3 pb-5 sm:px-6">
        <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
        {how.length > 0 && (
          <Sentence as="second" parts={how} open={word} onOpen={setWord} onPick={hands.pick} />
        )}
        <ErrorBoundary what={say.room} size="card" about={search}>
          {sentence.view === 'new' && (
            <FreshView
              onRead={hands.say}
              onFile={brought.take}
              onWrite={own.beginWriting}
              problem={brought.problem}
            />
          )}
          {sentence.view === 'write' && kept && (
            <WriteView key={kept.id} piece={kept} onChange={own.change} onDone={own.doneWriting} />
          )}
          {shows && (
            <div className="grid min-h-0 grow grid-cols-1 gap-3 room:grid-cols-[minmax(0,1fr)_24rem]">
              <div className="flex min-h-0 min-w-0 flex-col *:grow">
                {byEnds || gone ? (
                  <EndsView sentence={sentence} gone={gone} />
                ) : opened ? (
                  <ScorePages
                    {...{ client, opened, turn }}
                    part={partShown}
                    marks={sentence.marks}
                    pressed={note.pressed}
                    pointed={note.pointed}
                    onPress={note.press}
                    onDrawn={hands.drawn}
                  />
                ) : (
                  <section className="card p-4" {...(state.stage === 'refused' ? {} : { 'data-coming': '' })}>
                    {state.stage === 'refused' ? (
                      <p role="alert" className="text-wrong">
                        {sayFileProblem(state.problem)}
                      </p>
                    ) : (
                      <p role="status">{say.coming}</p>
                    )}
                  </section>
                )}
              </div>
              {((opened && drawn === source) || byEnds || gone) && (
                <div className="contents room:flex room:min-h-0 room:flex-col room:gap-3 room:overflow-y-auto">
                  {opened ? (
                    <>
                      <NoteCard tone={note.tone} number={(bar) => opened.numbers[bar] ?? bar + 1} />
                      <SignatureCard opened={opened} part={partShown} onBar={note.point} />
                      <KeysCard keys={opened.reading.keys} onBar={note.point} deriveHref={derive} />
                      <PassagesCard opened={opened} onBar={note.point} routeHref={route} />
                    </>
                  ) : (
                    <KeysCard keys={ends} onBar={null} deriveHref={derive} />
                  )}
                  <ActionsCard
                    onKeep={own.canKeep(opened) ? () => void own.keep(opened, client) : null}
                    onLog={() => own.log(opened?.home ?? ends[0]?.key ?? null)}
                    onAsk={own.ask}
                    onWrite={kept?.holds === 'bars' ? own.write : null}
                    onDrop={kept ? own.drop : null}
                    told={own.told}
                  />
                </div>
              )}
            </div>
          )}
        </ErrorBoundary>
      </main>
    </RoomShell>
  );
}
