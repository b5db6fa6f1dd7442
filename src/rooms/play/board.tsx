import { useMemo } from 'react';
import { type Part, partAsked } from '@/core/play/part';
import { performed } from '@/core/play/performance';
import type { ClassWords } from '@/core/words/class-words';
import { saySung } from '@/core/words/say-sung';
import { playWords } from '@/core/words/screen/play';
import { engraveBars } from '@/engrave/bars';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import { readPlay } from '../address/play/play-address';
import type { BoardKit, BoardViewProps } from '../shell/board-kit';
import { barsText } from './play-lines';
import { playText } from './play-words';

/** How wide a part is drawn before it fills the board, in pixels of its own drawing: few bars a line, so that they are large. */
const WIDTH = 560;

function partOf(w: ClassWords, search: string): Part | null {
  const reading = partAsked(readPlay(search).sentence, w.settings);
  return reading.ok ? reading.part : null;
}

/** The last bars that were given out, as many as can be seen from the back row. */
const BARS_SEEN = 4;

function View({ search, given }: BoardViewProps) {
  const w = useWords();
  const part = useMemo(() => partOf(w, search), [w, search]);
  const sung = useMemo(
    () => (part ? saySung(w, part, readPlay(search).sentence.singing) : []),
    [w, part, search],
  );
  const scene = useMemo(() => {
    if (!part) return null;
    const from = Math.max(0, given - BARS_SEEN);
    const bars = part.bars.slice(from, given);
    return engraveBars({ ...part, bars }, WIDTH, sung, given >= part.bars.length);
  }, [part, sung, given]);
  if (!part || !scene) return null;
  return (
    <SceneView
      id="board-part"
      scene={scene}
      title={playWords(w).staff}
      description={barsText(w, part).slice(0, given).join(' | ')}
      style={{ width: '100%', height: '100%' }}
    />
  );
}

/** Patterns on the board, one bar a press. */
export const PLAY_BOARD: BoardKit = {
  heard: (w, search) => {
    const part = partOf(w, search);
    return part ? performed(part, readPlay(search).sentence) : [];
  },
  show: (w, search) => {
    const { sentence } = readPlay(search);
    const reading = partAsked(sentence, w.settings);
    const lines = reading.ok ? barsText(w, reading.part) : [playWords(w).problem(reading.problem)];
    return {
      ...{ question: playText(w, sentence), head: null, layout: 'below', places: 0, views: [] },
      lines: lines.map((text) => ({ text, reason: null })),
    };
  },
  View,
};
