import { useEffect, useMemo, useState } from 'react';
import { wordsOf } from '@/core/words/class-words';
import { JOIN_WORDS as SAY } from '@/core/words/screen/join';
import { JOINED, type Joined } from '@/store/joined';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { part } from '@/ui/parts/part';
import { Speaking } from '@/ui/school/use-class';
import { useSteady } from '@/ui/use-steady';
import { joinHref, readJoin } from '../address/join/join-address';
import { readSpeaks } from '../address/speaks';
import { DoorView } from './DoorView';

const PhoneView = part('answers', () => import('./PhoneView').then((module) => module.PhoneView));

/** The page on which a student joins a class and answers: nothing of it is kept but on this phone. */
export function JoinRoom() {
  return (
    <ErrorBoundary what={SAY.page} size="room">
      <Page />
    </ErrorBoundary>
  );
}

/** Who this phone is in the class of its address; another code is another class. */
function firstJoined(): Joined | null {
  const code = readJoin(window.location.search);
  const kept = JOINED.read();
  return kept && (code === null || kept.code === code) ? kept : null;
}

function Page() {
  const [joined, setJoined] = useState<Joined | null>(firstJoined);
  const w = useMemo(() => wordsOf(readSpeaks(joined?.speaks ?? '').settings), [joined?.speaks]);
  const hands = useSteady({
    joined: (next: Joined) => {
      JOINED.keep(next);
      setJoined(next);
      window.history.replaceState(null, '', joinHref(next.code));
    },
    left: () => {
      JOINED.forget();
      setJoined(null);
    },
  });
  useEffect(() => {
    document.title = SAY.title(joined?.name ?? '');
  }, [joined?.name]);
  return (
    <Speaking words={w}>
      <main
        data-live="yes"
        className="mx-auto flex min-h-dvh w-full max-w-[46rem] flex-col gap-3 px-3 py-4 sm:px-6"
      >
        {joined ? (
          <PhoneView key={joined.token} joined={joined} onJoined={hands.joined} onLeft={hands.left} />
        ) : (
          <DoorView first={readJoin(window.location.search)} onJoined={hands.joined} />
        )}
      </main>
    </Speaking>
  );
}
