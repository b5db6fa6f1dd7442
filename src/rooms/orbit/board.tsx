import { useMemo } from 'react';
import { placesOf } from '@/core/harmony/circle';
import { chordsOfKey } from '@/core/harmony/family';
import { keyAt } from '@/core/harmony/key';
import type { ClassWords } from '@/core/words/class-words';
import { keyName } from '@/core/words/say-key';
import type { SaidStep } from '@/core/words/say-method';
import { orbitWords } from '@/core/words/screen/orbit';
import { signCount } from '@/core/words/vocabulary';
import { type RingMark, ringScene, wayOf } from '@/engrave/ring';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import { readOrbit } from '../address/orbit/orbit-address';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';
import type { BoardKit, BoardViewProps } from '../shell/board-kit';
import { bookRows } from './book-cells';
import { linesOf, stepsOf, workingOf } from './orbit-lines';
import { orbitSounds } from './orbit-sounds';
import { orbitText } from './orbit-words';
import { type Ring, ringOf } from './ring-of';
import { fillOrder } from './use-fill';

/** Chords of a key, one a line before all else that is said of them. */
const DEGREES = 7;

/** The longest line that can be taken in from the back row, in characters; longer ones are for the desk. */
const LONGEST = 170;

const plain = (text: string): SaidStep => ({ text, reason: null });

/** The signatures that a blank circle or a book gives out one by one. */
function countsOf(w: ClassWords, sentence: OrbitSentence): readonly number[] {
  if (sentence.kind === 'book') return bookRows(sentence).map(({ count }) => count);
  if (sentence.kind !== 'fill') return [];
  return fillOrder(
    sentence.size,
    placesOf(sentence.size).map(({ count }) => count),
    wayOf(w),
  );
}

/** One key of a blank circle, or both of one signature in a book. */
function countLine(w: ClassWords, sentence: OrbitSentence, count: number): SaidStep {
  const modes = sentence.kind === 'fill' ? [sentence.mode] : (['major', 'minor'] as const);
  const names = modes.flatMap((mode) => {
    const key = keyAt(count, mode);
    return key ? [keyName(w, key)] : [];
  });
  return plain(`${names.join(', ')}: ${signCount(count)}.`);
}

/** The lines a sentence gives out: its working, or all that is said of it. */
function linesGiven(w: ClassWords, sentence: OrbitSentence): readonly SaidStep[] {
  const counts = countsOf(w, sentence);
  if (counts.length > 0) return counts.map((count) => countLine(w, sentence, count));
  const working = workingOf(w, sentence);
  if (working.length > 0) return working;
  const lines = linesOf(w, sentence);
  // A way that is walked keeps each of its stops.
  return ('step' in sentence ? lines : lines.filter((line) => line.length <= LONGEST)).map(plain);
}

/** Which step of its working a sentence stands at when so many lines are given out. */
function stepped(w: ClassWords, sentence: OrbitSentence, given: number): OrbitSentence {
  if (sentence.kind === 'chords') return { ...sentence, degree: Math.min(given, DEGREES) };
  if (!('step' in sentence)) return sentence;
  const lines = linesGiven(w, sentence).length;
  if (sentence.kind !== 'route') return { ...sentence, step: given >= lines ? null : given };
  // Before the way is walked, its nearness is said.
  const walked = given - (lines - stepsOf(w, sentence));
  return { ...sentence, step: given >= lines ? null : Math.max(1, walked) };
}

/** The ring of a blank circle or a book as far as it has been given out. */
function filled(ring: Ring, sentence: OrbitSentence, counts: readonly number[], given: number): Ring {
  const now = counts[given - 1];
  const marks = new Map<number, RingMark>();
  if (sentence.kind === 'fill') for (const count of counts.slice(given)) marks.set(count, { look: 'blank' });
  if (now !== undefined) marks.set(now, { look: 'home' });
  return sentence.kind === 'fill'
    ? { ...ring, mode: sentence.mode, minors: false, marks }
    : { ...ring, marks };
}

/** The ring of a key's chords as far as they have been given out. */
function chordsGiven(w: ClassWords, ring: Ring, sentence: OrbitSentence, given: number): Ring {
  if (sentence.kind !== 'chords') return ring;
  const told = chordsOfKey(sentence.key, sentence.size, w.settings)
    .slice(0, given)
    .map(({ numeral }) => numeral);
  const marked = (marks: Ring['marks']) =>
    new Map([...marks].filter(([, { badge }]) => badge !== undefined && told.includes(badge)));
  return { ...ring, marks: marked(ring.marks), minorMarks: marked(ring.minorMarks) };
}

function View({ search, given }: BoardViewProps) {
  const w = useWords();
  const { ref, room } = useRoom<HTMLDivElement>({ width: 608, height: 280 });
  const sentence = useMemo(() => readOrbit(search, w.settings).sentence, [search, w]);
  const scene = useMemo(() => {
    const counts = countsOf(w, sentence);
    const ring = ringOf(w, stepped(w, sentence, given), false);
    const drawn =
      counts.length > 0 ? filled(ring, sentence, counts, given) : chordsGiven(w, ring, sentence, given);
    return ringScene({ ...drawn, ...room, far: true });
  }, [w, sentence, given, room]);
  return (
    <div ref={ref} className="min-h-0 grow overflow-hidden">
      <SceneView
        id="board-ring"
        scene={scene}
        title={orbitWords(w).ring}
        description={linesGiven(w, sentence)
          .slice(0, given)
          .map(({ text }) => text)
          .join(' ')}
        style={{ maxHeight: '100%', width: '100%' }}
      />
    </div>
  );
}

/** Sentences of Orbit on the board: the circle, and what is said of it line by line. */
export const ORBIT_BOARD: BoardKit = {
  heard: (w, search) => orbitSounds(w, search)[0]?.sounds ?? [],
  show: (w, search) => {
    const { sentence } = readOrbit(search, w.settings);
    const lines = linesGiven(w, sentence);
    const question = orbitText(w, sentence);
    return { question, head: { name: question, rest: '' }, layout: 'beside', lines, places: 0, views: [] };
  },
  View,
};
