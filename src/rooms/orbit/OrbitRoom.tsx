import { useEffect, useMemo, useState } from 'react';
import { placeFor } from '@/core/harmony/circle';
import { keyAt } from '@/core/harmony/key';
import { noteAtFifths } from '@/core/note/spelled';
import { ENGLISH } from '@/core/words/class-words';
import { orbitWords } from '@/core/words/screen/orbit';
import { placeName, type RingReading, wayOf } from '@/engrave/ring';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { part } from '@/ui/parts/part';
import { Sentence } from '@/ui/sentence/Sentence';
import { useSteady } from '@/ui/use-steady';
import { ORBIT_PATH, orbitHref, readOrbit, writeOrbit } from '../address/orbit/orbit-address';
import { type OrbitSentence, otherKind } from '../address/orbit/orbit-sentence';
import { walksItself } from '../ask/go-to';
import type { Change } from '../shell/address-store';
import { RoomShell } from '../shell/RoomShell';
import { useHere, useShell } from '../shell/use-shell';
import { Card } from './Card';
import { Centre } from './Centre';
import { stepsOf } from './orbit-lines';
import type { OrbitWay } from './orbit-share';
import { orbitParts, orbitText, withOrbitWord } from './orbit-words';
import { RingView } from './RingView';
import { ringOf } from './ring-of';
import { ORBIT } from './room';
import { goToOrbit, restOrbit, sayOrbit, useOrbit } from './use-orbit';

const BookTable = part('book', () => import('./BookTable').then((module) => module.BookTable));
const FillCircle = part('fill', () => import('./FillCircle').then((module) => module.FillCircle));

/** The Orbit room: the circle of fifths as keys, as chords, as notes. */
export function OrbitRoom() {
  return (
    <ErrorBoundary what={orbitWords(ENGLISH).room} size="room">
      <Room />
    </ErrorBoundary>
  );
}

/** The sentence with another place of the circle in hand, or null where a place means nothing to it. */
function atPlace(
  sentence: OrbitSentence,
  count: number,
  mode: Parameters<typeof keyAt>[1],
): OrbitSentence | null {
  const note = noteAtFifths(count);
  switch (sentence.kind) {
    case 'keys':
    case 'chords': {
      const key = keyAt(count, mode);
      if (!key) return null;
      return sentence.kind === 'keys' ? { ...sentence, key } : { ...sentence, key, degree: 1 };
    }
    case 'route': {
      const to = keyAt(count, sentence.to.mode);
      return to && { ...sentence, to, way: 1, step: null };
    }
    case 'notes':
      return note && { ...sentence, note };
    case 'spell':
      return note && { ...sentence, root: note, step: null };
    case 'line':
      return note && { ...sentence, notes: [...sentence.notes, note] };
    default:
      return null;
  }
}

function Room() {
  const { search } = useOrbit();
  const here = useHere();
  const { w } = here;
  const say = orbitWords(w);
  const { sentence, problems } = useMemo(() => readOrbit(search, w.settings), [search, w]);
  const [word, setWord] = useState<string | null>(null);
  const [readsOff, setReadsOff] = useState(false);
  const [pointed, setPointed] = useState<number | null>(null);
  const ring = useMemo(() => ringOf(w, sentence, readsOff), [w, sentence, readsOff]);
  const parts = useMemo(() => orbitParts(w, sentence), [w, sentence]);
  const last = stepsOf(w, sentence) - 1;
  const step = 'step' in sentence ? sentence.step : null;
  const at = Math.max(0, step === null ? last : Math.min(step - 1, last));
  const keyed = sentence.kind === 'keys' || sentence.kind === 'chords';
  const mode = keyed ? sentence.key.mode : 'major';

  useEffect(() => walksItself(ORBIT_PATH, (next) => goToOrbit(next, 'finished')), []);
  useEffect(() => {
    document.title = say.title(orbitText(w, sentence).replace(/[.?]$/u, ''));
  }, [say, w, sentence]);

  const hands = useSteady({
    toStep: (wanted: number) => {
      const shown = Math.max(0, Math.min(last, wanted));
      if (last > 0 && 'step' in sentence && shown !== at)
        sayOrbit({ ...sentence, step: shown === last ? null : shown + 1 }, 'passing');
    },
    pick: (id: string, value: string) => {
      setWord(null);
      const next = withOrbitWord(w, writeOrbit(sentence), sentence, id, value);
      if (typeof next === 'string') goToOrbit(next, 'finished');
      else if (next !== sentence) sayOrbit(next, 'finished');
    },
    place: (count: number, change: Change) => {
      const next = atPlace(sentence, count, mode);
      if (!next || writeOrbit(next) === search) return;
      sayOrbit(next, change);
    },
    point: (count: number | null) => setPointed(count),
    say: (next: OrbitSentence) => sayOrbit(next, 'finished'),
    reading: (reading: RingReading) => {
      setReadsOff(false);
      sayOrbit(otherKind(reading, sentence, w.settings), 'finished');
    },
    /** One place round, or one step of a working. */
    onward: (way: 1 | -1) => {
      if (last > 0) return hands.toStep(at + way);
      const from =
        keyed || sentence.kind === 'notes' ? [...ring.marks.entries(), ...ring.minorMarks.entries()] : [];
      const home = from.find(([, { look }]) => look === 'home' || look === 'end')?.[0];
      if (home === undefined) return;
      // The right arrow turns clockwise, also where the circle is drawn in fourths.
      hands.place(placeFor(ring.size, home + way * wayOf(w)), 'passing');
    },
  });
  const open = (id: string) => () => setWord(id);
  const shell = useShell<OrbitWay>({
    room: ORBIT,
    here,
    search,
    work: {
      current: () => ({ name: orbitText(w, sentence), address: orbitHref(sentence) }),
      paper: async (head) => {
        const { orbitItem } = await import('./orbit-paper');
        const items = [await orbitItem(w, sentence, orbitText(w, sentence))];
        return { head, title: null, blank: false, items };
      },
      share: async (id) => (await import('./orbit-share')).shareOrbit(w, id, sentence),
    },
    keys: {
      q: open('kind'),
      t: open(firstWord(sentence)),
      g: open(sentence.kind === 'route' ? 'to' : 'key'),
      s: open(sentence.kind === 'spell' ? 'quality' : sentence.kind === 'fill' ? 'mode' : 'size'),
      r: open('reading'),
      c: open('circle'),
      d: open('order'),
      m: open('time'),
      ArrowRight: () => hands.onward(1),
      ArrowLeft: () => hands.onward(-1),
      Home: () => hands.toStep(0),
      End: () => hands.toStep(last),
    },
  });
  return (
    <RoomShell shell={shell} problems={problems}>
      <main className="flex min-h-0 grow flex-col gap-4 px-4 pt-3 pb-5 sm:px-6">
        <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
        {sentence.kind === 'book' ? (
          <BookTable book={sentence} onColumns={(columns) => hands.say({ ...sentence, columns })} />
        ) : sentence.kind === 'fill' ? (
          <FillCircle sentence={sentence} />
        ) : (
          <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_25rem]">
            <section aria-label={say.ring} className="card flex min-h-0 min-w-0 flex-col p-2">
              <ErrorBoundary what={say.ring} size="card" about={ring}>
                <RingView ring={ring} onPlace={hands.place} onPoint={hands.point} onRest={restOrbit}>
                  <Centre
                    sentence={sentence}
                    reading={ring.reading}
                    pointed={pointed === null ? null : placeName(w, pointed, ring.mode)}
                    onReading={hands.reading}
                  />
                </RingView>
              </ErrorBoundary>
            </section>
            <ErrorBoundary what={say.card} size="card" about={sentence}>
              <Card
                sentence={sentence}
                at={at}
                last={last}
                readsOff={readsOff}
                onReadOff={setReadsOff}
                onStep={hands.toStep}
                onSay={hands.say}
              />
            </ErrorBoundary>
          </div>
        )}
      </main>
    </RoomShell>
  );
}

/** The word that the tonic's key opens. */
function firstWord(sentence: OrbitSentence): string {
  switch (sentence.kind) {
    case 'route':
      return 'from';
    case 'notes':
      return 'note';
    case 'line':
      return 'notes';
    case 'spell':
      return 'root';
    default:
      return 'key';
  }
}
