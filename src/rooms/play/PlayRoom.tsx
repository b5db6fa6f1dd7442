import { useEffect, useMemo, useState } from 'react';
import { windOf } from '@/core/instrument/wind/winds';
import { partAsked } from '@/core/play/part';
import { A_TUNE } from '@/core/play/pattern';
import { performed, TEMPO } from '@/core/play/performance';
import type { VariationOf } from '@/core/play/variation';
import { PATTERNS } from '@/core/scale/pattern';
import { ENGLISH } from '@/core/words/class-words';
import { saySung } from '@/core/words/say-sung';
import { playWords } from '@/core/words/screen/play';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { part } from '@/ui/parts/part';
import { Sentence } from '@/ui/sentence/Sentence';
import { useSound } from '@/ui/sound/use-sound';
import { useSteady } from '@/ui/use-steady';
import { PLAY_PATH, type PlaySentence, playHref } from '../address/play/play-address';
import { walksItself } from '../ask/go-to';
import type { Change } from '../shell/address-store';
import { RoomShell } from '../shell/RoomShell';
import { useHere, useShell } from '../shell/use-shell';
import { PartStaff } from './PartStaff';
import { PlayCard } from './PlayCard';
import { linesOf } from './play-lines';
import type { PlayWay } from './play-share';
import { moreParts, playName, playParts, wayParts, withPlayWord } from './play-words';
import { PLAY } from './room';
import { goToPlay, sayPlay, usePlay } from './use-play';
import { keptTunes, usePractice } from './use-practice';

const EarPad = part('surface', () => import('./EarPad').then((module) => module.EarPad));
const TaskCard = part('surface', () => import('./TaskCard').then((module) => module.TaskCard));
const TuneCard = part('surface', () => import('./TuneCard').then((module) => module.TuneCard));
const PracticeCards = part('surface', () => import('./PracticeCards').then((module) => module.PracticeCards));
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
  const [hidden, setHidden] = useState(false);
  const practice = usePractice(here.school, sentence);
  const { heard, play, stop } = useSound(search);
  const reading = useMemo(() => partAsked(sentence, w.settings), [sentence, w.settings]);
  const standing = reading.ok ? reading.part : null;
  const noted = here.school.state.data.practice;
  const kept = useMemo(() => keptTunes(noted), [noted]);
  const parts = useMemo(() => playParts(w, sentence, kept), [w, sentence, kept]);
  const more = useMemo(() => moreParts(w, sentence), [w, sentence]);
  const ways = useMemo(() => wayParts(w, sentence), [w, sentence]);
  const name = playName(w, sentence);
  const wind = windOf(sentence.player);
  const sung = useMemo(
    () => (standing ? saySung(w, standing, sentence.singing) : []),
    [w, standing, sentence.singing],
  );
  const scaleId = standing?.written.id ?? null;

  useEffect(() => walksItself(PLAY_PATH, (next) => goToPlay(next, 'finished')), []);
  useEffect(() => {
    document.title = say.title(name);
  }, [say, name]);

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
    say: (more: Partial<PlaySentence>, change: Change = 'finished') =>
      sayPlay({ ...sentence, ...more }, change),
    vary: (change: VariationOf) => sayPlay({ ...sentence, ...change }, 'finished'),
    hide: () => setHidden((before) => !before),
    faster: (way: 1 | -1) => {
      const tempo = Math.max(TEMPO.least, Math.min(TEMPO.most, sentence.tempo + way * TEMPO_STEP));
      if (tempo !== sentence.tempo) sayPlay({ ...sentence, tempo }, 'finished');
    },
  });
  const keys = [...parts, ...more, ...ways].flatMap((each) =>
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
      j: hands.hide,
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
          <Sentence as="second" parts={ways} open={word} onOpen={setWord} onPick={hands.pick} />
        </div>
        <div className="grid min-h-0 grow grid-cols-1 gap-3 room:grid-cols-[minmax(0,1fr)_20rem]">
          <ErrorBoundary what={say.staff} size="card" about={search}>
            <section aria-label={say.staff} className="card flex min-h-0 min-w-0 flex-col p-3">
              {standing ? (
                hidden ? (
                  <EarPad key={search} part={standing} sentence={sentence} />
                ) : (
                  <PartStaff id="play" part={standing} sung={sung} sounding={heard.note} />
                )
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
              part={standing}
              heard={heard}
              lines={standing ? linesOf(w, sentence, standing) : []}
              hidden={hidden}
              onToggle={standing ? hands.toggle : null}
              onFaster={hands.faster}
              onHide={hands.hide}
            />
            {standing && sentence.way === 'free' && (
              <TaskCard sentence={sentence} part={standing} heard={heard} />
            )}
            {sentence.pattern === A_TUNE && !hidden && (
              <TuneCard
                code={sentence.tune}
                tonic={sentence.tonic}
                mode={scaleId === null ? null : PATTERNS[scaleId].mode}
                tune={practice.tune}
                onTune={(tune) => hands.say({ tune }, 'passing')}
                onKeep={() => practice.tune.note({ text: sentence.tune })}
                onTonic={(tonic) => hands.say({ tonic })}
              />
            )}
            {wind && standing && !hidden && (
              <ErrorBoundary what={say.fingering.title} size="card" about={search}>
                <FingeringCard wind={wind} part={standing} hand={practice.hand} sounding={heard.note} />
              </ErrorBoundary>
            )}
            {standing && (
              <PracticeCards
                sentence={sentence}
                part={standing}
                of={sentence.pattern === A_TUNE ? practice.tune : practice.line}
                hand={practice.hand}
                onVary={hands.vary}
                onPlay={play}
              />
            )}
          </div>
        </div>
      </main>
    </RoomShell>
  );
}
