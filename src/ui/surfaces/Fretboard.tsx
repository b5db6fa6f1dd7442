import { useMemo } from 'react';
import { type BoardNote, boardNotes } from '@/core/instrument/board-notes';
import { TUNINGS, type Tuning } from '@/core/instrument/fretboard';
import { tuningFrom } from '@/core/instrument/tuning';
import { PATTERNS } from '@/core/scale/pattern';
import type { ClassWords } from '@/core/words/class-words';
import { readFretboard, sayFretPlace, sayFrets, sayStringWalk } from '@/core/words/say-frets';
import { sayPlace } from '@/core/words/say-note';
import { surfaceWords } from '@/core/words/screen/surfaces';
import { fretboardScene } from '@/engrave/fretboard';
import { drawnAt, useFar } from '../scene/drawn-at';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import { FretSpanBar } from './FretSpanBar';
import { PointedNotes } from './PointedNotes';
import { printedStep } from './printed-step';
import type { SurfaceKit, SurfaceProps, SurfaceView } from './surface';
import { useStill } from './use-still';

const GUESS = { width: 736, height: 300 };

/** The tuning of the sentence; its code has been read, so there is one. */
function tuningOf({ ways }: SurfaceView): Tuning {
  return tuningFrom(ways.tuning) ?? TUNINGS.guitar;
}

function keyOf({ string, fret }: BoardNote): string {
  return `fret-${string}-${fret}`;
}

/** The fretboard: every place of a span whose sound is a note of the scale, or the scale along one string. */
function Fretboard({ id, view, lit, onLit, hands, place }: SurfaceProps) {
  const w = useWords();
  const say = surfaceWords(w).fretboard;
  const { written, step, ways } = view;
  const { frets, leftHanded } = ways;
  const tuning = tuningOf(view);
  const { ref, room } = useRoom<HTMLDivElement>(GUESS);
  const still = useStill(view, room);
  const far = useFar();
  const height = place === 'first' ? Math.max(room.height, 180) : 190;
  const scene = useMemo(
    () => fretboardScene({ w, written, step, tuning, frets, leftHanded, far, width: room.width, height }),
    [w, written, step, tuning, frets, leftHanded, far, room.width, height],
  );
  const { line, scale } = written;
  const mode = scale.id && PATTERNS[scale.id].mode;
  const lies = useMemo(
    () => new Map(boardNotes(written, tuning, frets).notes.map((each) => [keyOf(each), sayFretPlace(each)])),
    [written, tuning, frets],
  );
  return (
    <div className={`flex flex-col ${place === 'first' ? 'min-h-0 grow basis-60' : 'shrink-0'}`}>
      <div
        ref={ref}
        className="min-h-0 grow overflow-hidden"
        data-still={still}
        style={place === 'first' ? undefined : { height: drawnAt(height), flexShrink: 0 }}
      >
        <PointedNotes
          {...{ scene, line, lit, onLit }}
          id={id ? `fretboard-${id}` : 'fretboard'}
          title={say.title(sayFrets(frets))}
          description={speech(w, view)}
          r={18}
          label={(key, at) => `${lies.get(key)}: ${sayPlace(w, line, at, mode)}`}
          onPress={hands.toPlace}
        />
      </div>
      {hands.ways && <FretSpanBar view={view} onWays={hands.ways} onRest={hands.rest} tuning={tuning} />}
    </div>
  );
}

function speech(w: ClassWords, view: SurfaceView): string {
  const { written, ways } = view;
  const tuning = tuningOf(view);
  const { span, notes } = boardNotes(written, tuning, ways.frets);
  return ways.frets.is === 'span'
    ? readFretboard(w, notes, tuning, span)
    : sayStringWalk(w, ways.frets.string, notes);
}

const HEIGHT = 260;

/** A fretboard in any tuning. */
export const FRETBOARD_KIT: SurfaceKit = {
  View: Fretboard,
  speech,
  scene: async (w, view, width) => {
    const { written, step, ways } = view;
    const { frets, leftHanded } = ways;
    return fretboardScene({
      ...{ w, written, step, frets, leftHanded, width },
      tuning: tuningOf(view),
      height: HEIGHT,
    });
  },
  paper: async (w, view, width, blank) => {
    const { written, ways } = view;
    const step = printedStep(view, blank);
    const { frets, leftHanded } = ways;
    return fretboardScene({
      ...{ w, written, step, frets, leftHanded, width },
      tuning: tuningOf(view),
      height: HEIGHT,
    });
  },
};
