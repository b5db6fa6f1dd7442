import { Play, Square } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { windOf } from '@/core/instrument/wind/winds';
import { partAsked } from '@/core/play/part';
import { performed, TEMPO } from '@/core/play/performance';
import { isVoice } from '@/core/play/player';
import { ENGLISH } from '@/core/words/class-words';
import { playWords } from '@/core/words/screen/play';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { Hint } from '@/ui/Hint';
import { part } from '@/ui/parts/part';
import { useWords } from '@/ui/school/use-class';
import { Sentence } from '@/ui/sentence/Sentence';
import { type Heard, useSound } from '@/ui/sound/use-sound';
import { useSteady } from '@/ui/use-steady';
import { PLAY_PATH, type PlaySentence, playHref } from '../address/play/play-address';
import { walksItself } from '../ask/go-to';
import { RoomShell } from '../shell/RoomShell';
import { useHere, useShell } from '../shell/use-shell';
import { PartStaff } from './PartStaff';
import { linesOf } from './play-lines';
import type { PlayWay } from './play-share';
import { moreParts, playName, playParts, withPlayWord } from './play-words';
import { PLAY } from './room';
import { goToPlay, sayPlay, usePlay } from './use-play';

const FingeringCard = part('surface', () => import('./FingeringCard').then((module) => module.FingeringCard));

/** The Play room: patterns in bars, engraved and heard. */
export function PlayRoom() {
  return (
    <ErrorBoundary what={playWords(ENGLISH).room} size="room">
      <Room />
    </ErrorBoundary>
  );
}

/** Beats a minute between two steps of the tempo. */
const TEMPO_STEP = 4;

function Room() {
  const { sentence, problems, search } = usePlay();
  const here = useHere();
  const { w } = here;
  const say = playWords(w);
  const [word, setWord] = useState<string | null>(null);
  const { heard, play, stop } = useSound();
  const reading = useMemo(() => partAsked(sentence, w.settings), [sentence, w.settings]);
  const standing = reading.ok ? reading.part : null;
  const parts = useMemo(() => playParts(w, sentence), [w, sentence]);
  const more = useMemo(() => moreParts(w, sentence), [w, sentence]);
  const name = playName(w, sentence);
  const wind = windOf(sentence.player);
  const sounding = heard.note === null ? undefined : standing?.notes[heard.note];

  useEffect(() => walksItself(PLAY_PATH, (next) => goToPlay(next, 'finished')), []);
  useEffect(() => {
    document.title = say.title(name);
  }, [say, name]);
  // What is heard is what stands: another sentence falls silent.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the sentence is heard by its query
  useEffect(() => stop, [search, stop]);

  const hands = useSteady({
    pick: (id: string, value: string) => {
      setWord(null);
      const next = withPlayWord(sentence, id, value);
      if (next !== sentence) sayPlay(next, 'finished');
    },
    toggle: () => {
      if (heard.is !== 'silent') return stop();
      if (standing) void play(performed(standing, sentence));
    },
    faster: (way: 1 | -1) => {
      const tempo = Math.max(TEMPO.least, Math.min(TEMPO.most, sentence.tempo + way * TEMPO_STEP));
      if (tempo !== sentence.tempo) sayPlay({ ...sentence, tempo }, 'finished');
    },
  });
  const keys = [...parts, ...more].flatMap((each) =>
    typeof each === 'string' ? [] : [[each.key.toLowerCase(), () => setWord(each.id)] as const],
  );
  const shell = useShell<PlayWay>({
    room: PLAY,
    here,
    search,
    work: {
      current: () => ({ name, address: playHref(sentence) }),
      paper: async (head) => {
        const { playItem } = await import('./play-paper');
        return { head, title: null, blank: false, items: [await playItem(w, sentence, name)] };
      },
      share: async (id) => (await import('./play-share')).sharePlay(w, id, sentence),
    },
    keys: {
      ...Object.fromEntries(keys),
      ' ': hands.toggle,
      Escape: stop,
      ArrowUp: () => hands.faster(1),
      ArrowDown: () => hands.faster(-1),
    },
  });
  return (
    <RoomShell shell={shell} problems={problems}>
      <main className="flex min-h-0 grow flex-col gap-3 px-4 pt-3 pb-5 sm:px-6">
        <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
        <div className="pb-2">
          <Sentence as="second" parts={more} open={word} onOpen={setWord} onPick={hands.pick} />
        </div>
        <div className="grid min-h-0 grow grid-cols-1 gap-3 room:grid-cols-[minmax(0,1fr)_20rem]">
          <ErrorBoundary what={say.staff} size="card" about={search}>
            <section aria-label={say.staff} className="card flex min-h-0 min-w-0 flex-col p-3">
              {standing ? (
                <PartStaff id="play" part={standing} sounding={heard.note} />
              ) : (
                <p role="alert" className="text-wrong">
                  {reading.ok ? '' : say.problem(reading.problem)}
                </p>
              )}
            </section>
          </ErrorBoundary>
          <div className="contents room:flex room:min-h-0 room:flex-col room:gap-3 room:overflow-y-auto">
            <PlayCard
              sentence={sentence}
              heard={heard}
              lines={standing ? linesOf(w, sentence, standing) : []}
              now={sounding ? w.note(sounding.pitch.note) : null}
              onToggle={standing ? hands.toggle : null}
              onFaster={hands.faster}
            />
            {wind && standing && (
              <ErrorBoundary what={say.fingering.title} size="card" about={search}>
                <FingeringCard wind={wind} part={standing} sounding={heard.note} />
              </ErrorBoundary>
            )}
          </div>
        </div>
      </main>
    </RoomShell>
  );
}

type CardProps = {
  readonly sentence: PlaySentence;
  readonly heard: Heard;
  readonly lines: readonly string[];
  /** The note that sounds, by name. */
  readonly now: string | null;
  /** Null where there is nothing to be played. */
  readonly onToggle: (() => void) | null;
  readonly onFaster: (way: 1 | -1) => void;
};

/** Playing: start and stop, faster and slower, and what is worth knowing. */
function PlayCard({ sentence, heard, lines, now, onToggle, onFaster }: CardProps) {
  const say = playWords(useWords());
  const sounds = heard.is !== 'silent';
  return (
    <section
      aria-label={say.card}
      className="card order-first flex flex-col gap-3 px-4 py-3 room:order-none room:grow"
      data-sound={heard.is}
    >
      <button
        type="button"
        className="control justify-center bg-ink! py-3! text-large text-sheet!"
        disabled={onToggle === null}
        onClick={onToggle ?? undefined}
      >
        {sounds ? (
          <Square className="size-5" aria-hidden="true" />
        ) : (
          <Play className="size-5" aria-hidden="true" />
        )}
        {sounds ? say.stop : say.play}
        <Hint text={sounds ? 'Esc' : 'Space'} />
      </button>
      <p role="status" className="min-h-6 text-small text-quiet">
        {heard.is === 'coming' ? say.coming : now === null ? (sounds ? '' : say.off) : say.now(now)}
      </p>
      <div className="flex items-center gap-2">
        <button type="button" className="control" onClick={() => onFaster(-1)}>
          {say.slower}
          <Hint text="↓" />
        </button>
        <span className="font-serif text-large tabular-nums">{sentence.tempo}</span>
        <button type="button" className="control" onClick={() => onFaster(1)}>
          {say.faster}
          <Hint text="↑" />
        </button>
      </div>
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
      <p className="mt-auto text-small text-quiet">{isVoice(sentence.player) ? say.careVoice : say.care}</p>
    </section>
  );
}
