import { useMemo } from 'react';
import { PATTERNS } from '@/core/scale/pattern';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { sayBlackKeys, sayHands } from '@/core/words/say-hands';
import { readLine, sayPlace } from '@/core/words/say-note';
import { surfaceWords } from '@/core/words/screen/surfaces';
import { pianoScene } from '@/engrave/piano';
import { drawnAt, useFar } from '../scene/drawn-at';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import { PointedNotes } from './PointedNotes';
import { printedStep } from './printed-step';
import type { SurfaceKit, SurfaceProps, SurfaceView } from './surface';
import { useStill } from './use-still';

const GUESS = { width: 736, height: 260 };

/** The keyboard as an instrument has it, with two hands on the two tetrachords. */
function Piano({ id, view, lit, onLit, hands, place }: SurfaceProps) {
  const w = useWords();
  const say = surfaceWords(w).keyboard;
  const { written, step } = view;
  const { ref, room } = useRoom<HTMLDivElement>(GUESS);
  const still = useStill(view, room);
  const far = useFar();
  const first = place === 'first';
  const height = first ? Math.max(room.height, 160) : 130;
  const scene = useMemo(
    () =>
      pianoScene({
        ...{ w, written, step, far, height },
        hands: first ? say.hands : null,
        width: room.width,
      }),
    [w, written, step, first, say.hands, far, room.width, height],
  );
  const { line, scale, octaves } = written;
  const mode = scale.id && PATTERNS[scale.id].mode;
  return (
    <div className={first ? 'flex min-h-0 grow basis-60 flex-col' : 'shrink-0'}>
      <div
        ref={ref}
        className="min-h-0 grow overflow-hidden"
        data-still={still}
        style={first ? undefined : { height: drawnAt(height), flexShrink: 0 }}
      >
        <PointedNotes
          {...{ scene, line, lit, onLit }}
          id={id ? `keyboard-${id}` : 'keyboard'}
          title={say.title}
          description={speech(w, view)}
          r={18}
          label={(_, at) => sayPlace(w, line, at, mode)}
          onPress={hands.toPlace}
        />
      </div>
      <p className="pt-1 text-small">
        {[sayBlackKeys(w, scale, octaves), ...(first ? sayFingers(w, written) : [])].join(' ')}
      </p>
    </div>
  );
}

/** How two hands lie on one octave; several are not played in that position. */
function sayFingers(w: ClassWords, { scale, octaves }: WrittenScale): readonly string[] {
  return octaves === 1 ? sayHands(w, scale) : [];
}

function speech(w: ClassWords, { written }: SurfaceView): string {
  const { scale, line, octaves } = written;
  return [readLine(w, line), sayBlackKeys(w, scale, octaves), ...sayFingers(w, written)].join(' ');
}

const HEIGHT = 240;

/** A keyboard, true to its shape. */
export const PIANO_KIT: SurfaceKit = {
  View: Piano,
  speech,
  scene: async (w, { written, step }, width) =>
    pianoScene({ w, written, step, hands: surfaceWords(w).keyboard.hands, width, height: HEIGHT }),
  paper: async (w, view, width, blank) => {
    const { written } = view;
    const step = printedStep(view, blank);
    const hands = blank ? null : surfaceWords(w).keyboard.hands;
    return pianoScene({ w, written, step, hands, width, height: HEIGHT });
  },
};
