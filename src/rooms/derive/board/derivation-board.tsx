import { useMemo } from 'react';
import type { ClassWords } from '@/core/words/class-words';
import { scaleName } from '@/core/words/say-scale';
import { sayStep } from '@/core/words/say-step';
import { deriveWords } from '@/core/words/screen/derive';
import { DIRECTION_WORDS } from '@/core/words/vocabulary';
import { readAddress } from '@/rooms/address/derive/derive-address';
import { besideOf, type DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { surfacesShown } from '@/rooms/address/derive/shown';
import type { BoardShow, BoardViewProps } from '@/rooms/shell/board-kit';
import { useWords } from '@/ui/school/use-class';
import { surfaceOf, surfacesOf, surfacesOfClass } from '@/ui/surfaces/all';
import { litIn } from '@/ui/surfaces/lit';
import { OnSurface } from '@/ui/surfaces/OnSurface';
import type { Surface, SurfaceHands, SurfacePlace } from '@/ui/surfaces/surface';
import { sentenceText } from '../sentence/sentence-words';
import { sideName } from '../working/sides';
import { type DeriveView, viewOf } from '../working/view';

/** The sentence as it stands on the board: worked out, whatever was mended by hand, so far. */
function sentenceAt(search: string, step: number | null): DeriveSentence {
  return { ...readAddress(search).sentence, hand: null, step };
}

function surfacesIn(w: ClassWords, sentence: DeriveSentence): readonly Surface[] {
  return surfacesOf(surfacesShown(sentence, surfacesOfClass(w.settings)));
}

/**
 * What is shown together, one such view after the other: the large drawing with one that leaves it room, or one that
 * takes all the room for itself.
 */
export function viewsOf(
  shown: readonly Surface[],
  { written }: Pick<DeriveView, 'written'>,
): readonly (readonly Surface[])[] {
  const [first, ...rest] = shown;
  if (!first) return [];
  const shares = first.low(written);
  const together = rest.filter(({ low }) => shares && low(written)).map((each) => [first, each]);
  const others = rest.filter(({ low }) => !shares || !low(written)).map((each) => [each]);
  // What an instrument reads is what is asked for where it is shown.
  const alone = rest.some(({ code }) => code === 'parts') ? [...others, [first]] : [[first], ...others];
  return [...together, ...alone];
}

/** How it goes: its direction, and through how many octaves where that is said. */
function goingText(w: ClassWords, { direction, ways }: DeriveSentence): string {
  const octaves = ways.octaves === 'one' ? '' : ` ${deriveWords(w).shown.octaves[ways.octaves]}`;
  return DIRECTION_WORDS[direction] + octaves;
}

/** The lines of two workings beside each other, the shorter one waiting at its end. */
function bothLines(w: ClassWords, view: DeriveView, other: DeriveView): BoardShow['lines'] {
  const count = Math.max(view.derivation.steps.length, other.derivation.steps.length);
  const lineAt = (side: DeriveView, at: number) => {
    const { steps } = side.derivation;
    const step = steps[Math.min(at, steps.length - 1)];
    return `${sideName(w, view, other, side)}: ${step ? sayStep(w, step.fact).text : ''}`;
  };
  return Array.from({ length: count }, (_, at) => ({ text: lineAt(view, at), reason: lineAt(other, at) }));
}

/** What a scale to build gives out on the board. */
export function derivationShow(w: ClassWords, search: string): BoardShow {
  const sentence = sentenceAt(search, null);
  const view = viewOf(sentence, w.settings);
  const beside = besideOf(sentence);
  const other = beside && viewOf(beside, w.settings);
  return {
    question: sentenceText(w, sentence),
    // Two workings name themselves in their lines, and need the room.
    head: other ? null : { name: scaleName(w, view.scale), rest: goingText(w, sentence) },
    layout: 'below',
    lines: other ? bothLines(w, view, other) : view.derivation.steps.map(({ fact }) => sayStep(w, fact)),
    places: view.written.line.length,
    views: other
      ? []
      : viewsOf(surfacesIn(w, sentence), view).map((each) => each.map(({ name }) => name).join(', ')),
  };
}

const placeOf = ({ places }: Surface): SurfacePlace => (places.includes('first') ? 'first' : 'below');

/** A derivation on the board: the large drawing, and one below it; or two of the same, one over the other. */
export function DerivationBoard({ search, given, view: at, lit, onLit }: BoardViewProps) {
  const w = useWords();
  const sentence = useMemo(() => sentenceAt(search, given), [search, given]);
  const view = useMemo(() => viewOf(sentence, w.settings), [sentence, w]);
  const other = useMemo(() => {
    const beside = besideOf(sentence);
    return beside && viewOf(beside, w.settings);
  }, [sentence, w]);
  const hands: SurfaceHands = {
    toPlace: (place) => onLit({ kind: 'place', place }),
    slide: null,
    relative: null,
    ways: null,
    rest: () => {},
  };
  const shared = { hands, served: null };
  if (!other) {
    const views = viewsOf(surfacesIn(w, sentence), view);
    const [first, second] = views[at % views.length] ?? [];
    return (
      <>
        {first && (
          <div className="flex min-h-0 grow flex-col justify-center">
            <OnSurface {...shared} {...{ view, lit, onLit }} surface={first} place={placeOf(first)} />
          </div>
        )}
        {second && <OnSurface {...shared} {...{ view, lit, onLit }} surface={second} place="below" />}
      </>
    );
  }
  const [line, otherLine] = [view.written.line, other.written.line];
  const twice = surfacesIn(w, sentence).find(({ beside }) => beside) ?? surfaceOf('stride');
  return (
    <>
      <div className="flex min-h-0 grow basis-0 flex-col">
        <OnSurface {...shared} {...{ view, lit, onLit }} id="one" surface={twice} place="first" />
      </div>
      <div className="flex min-h-0 grow basis-0 flex-col">
        <OnSurface
          {...shared}
          id="other"
          view={other}
          lit={litIn(lit, line, otherLine)}
          onLit={(next) => onLit(litIn(next, otherLine, line))}
          surface={twice}
          place="first"
        />
      </div>
    </>
  );
}
