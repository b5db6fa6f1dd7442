import { useEffect, useMemo, useState } from 'react';
import { barsOfPage, stavesTogether } from '@/core/piece/page';
import { readWords } from '@/core/words/screen/read';
import { giveScoreOutlines } from '@/engrave/score/outlines';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import { useSteady } from '@/ui/use-steady';
import type { OpenedPiece } from '@/workers/piece';
import type { ReadMarks } from '../../address/read/read-address';
import type { PieceClient } from '../piece-client';
import { PageView } from './PageView';
import type { Pressed } from './pressed';

type Props = {
  readonly client: PieceClient;
  readonly opened: OpenedPiece;
  readonly turn: number;
  readonly part: number | null;
  readonly marks: ReadMarks;
  readonly pressed: Pressed | null;
  /** A bar that is pointed at by its printed number, with a count that goes up at every press. */
  readonly pointed: { readonly number: number; readonly press: number } | null;
  /** Told when a page has been drawn: what stands beside it may come. */
  readonly onDrawn: () => void;
  readonly onPress: (head: { readonly part: number; readonly tone: number }) => void;
};

/** Pixels of a page before any was drawn. */
const GUESS = 420;

/** A piece page after page; only what is near is drawn. */
export function ScorePages({ client, opened, turn, part, marks, pressed, pointed, onPress, onDrawn }: Props) {
  const w = useWords();
  // The worker lays pages out; here they are drawn from the same outlines.
  useState(giveScoreOutlines);
  const { ref, room } = useRoom<HTMLDivElement>({ width: 820, height: 520 });
  const width = Math.max(300, Math.min(980, room.width - 4));
  const { numbers } = opened;
  const bars = barsOfPage(
    stavesTogether(
      opened.parts.map(({ staves }) => staves),
      part,
    ),
  );
  const pages = useMemo(
    () =>
      Array.from({ length: Math.ceil(numbers.length / bars) }, (_, page) =>
        numbers.slice(page * bars, (page + 1) * bars),
      ),
    [numbers, bars],
  );
  /** Pages are about as high as the first that was drawn; so what is scrolled to stays where it is. */
  const [guess, setGuess] = useState(GUESS);
  const hands = useSteady({
    drawn: (height: number) => {
      if (guess === GUESS) setGuess(height);
      onDrawn();
    },
  });
  const at = pointed ? numbers.indexOf(pointed.number) : -1;
  useEffect(() => {
    if (at < 0) return;
    // The bar itself comes into view once its page is drawn.
    const page = ref.current?.querySelector(`[data-page="${Math.floor(at / bars)}"]`);
    page?.scrollIntoView({ block: 'nearest' });
  }, [ref, at, bars]);
  return (
    <section aria-label={readWords(w).staff} className="card flex min-h-0 min-w-0 flex-col p-3">
      <div ref={ref} data-score="" className="min-h-0 min-w-0 grow overflow-y-auto">
        {pages.map((range, page) => (
          <PageView
            key={page}
            {...{ client, turn, part, page, width, marks, guess, onPress }}
            onDrawn={hands.drawn}
            numbers={range}
            from={page * bars}
            all={numbers.length}
            pressed={pressed}
            pointed={at >= 0 && Math.floor(at / bars) === page ? at : null}
            press={pointed?.press ?? 0}
          />
        ))}
      </div>
    </section>
  );
}
