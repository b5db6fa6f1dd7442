import { type ReactNode, useEffect, useRef, useState } from 'react';
import { BOARD_WORDS as SAY } from '@/core/words/screen/board';
import { spoken } from '@/core/words/spoken';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { DrawnAt, scaleStyle } from '@/ui/scene/drawn-at';
import type { BoardKit, BoardShow } from '../shell/board-kit';
import { searchOf } from '../shell/room';
import { litCode, litFrom } from './lit-code';
import { Progress } from './Progress';
import { type BoardState, givenOut, seen } from './state';
import { Thinking } from './Thinking';

/** What the sentence on a board is: its words, its drawing, and what it gives out. */
export type OnBoard = {
  readonly kit: BoardKit;
  readonly show: BoardShow;
};

type Props = {
  readonly state: BoardState;
  /** Null while it is on its way. */
  readonly on: OnBoard | null;
  /** Milliseconds since 1970. */
  readonly now: number;
  readonly onPoint: (lit: string | null) => void;
  /** The smallest that anything is drawn, as a share of its size at a desk. */
  readonly least: number;
};

/** The window that all sizes of the board are given for, in pixels. */
const WINDOW = { width: 1280, height: 800 };
const LARGER = 2;

/** Characters of a question past which it is set smaller. */
const LONG = 90;

/** The box all is drawn in, as large as the back row needs it: at 1280 × 800 everything is twice what it is at a desk. */
function Box({
  light,
  least,
  children,
}: Pick<BoardState, 'light'> & Pick<Props, 'least'> & { readonly children: ReactNode }) {
  const box = useRef<HTMLDivElement>(null);
  const [scale, setScale] = useState(LARGER);
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      // With what stands round it: that is as much larger as all else.
      const { width, height } = entry.target.getBoundingClientRect();
      setScale(Math.max(least, LARGER * Math.min(width / WINDOW.width, height / WINDOW.height)));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [least]);
  return (
    <div ref={box} className="board" data-light={light} style={scaleStyle(scale)}>
      <DrawnAt scale={scale}>{children}</DrawnAt>
    </div>
  );
}

/** All that a class sees: the question alone, or its drawing with the line in hand; or nothing. */
export function Stage({ state, on, now, onPoint, least }: Props) {
  const lines = on?.show.lines ?? null;
  const count = lines?.length ?? null;
  const sight = seen(state, count);
  const line = typeof sight === 'number' ? lines?.[sight - 1] : undefined;
  const said =
    sight === 'nothing' ? SAY.nothing : sight === 'question' ? (on?.show.question ?? '') : saidOf(line);
  return (
    <Box light={state.light} least={least}>
      {on && sight === 'question' && (
        <div className="flex min-h-0 grow flex-col justify-center gap-6 px-8 text-center">
          <h1 className="board-question" data-long={on.show.question.length > LONG ? '' : undefined}>
            {on.show.question}
          </h1>
          <Thinking state={state} now={now} hint={on.show.under ?? hintOf(state, count)} />
        </div>
      )}
      {on && line && typeof sight === 'number' && (
        <div className={`board-${on.show.layout}`}>
          <h1 className={on.show.head ? 'board-head' : 'sr-only'}>
            <strong className="font-bold">{on.show.head?.name ?? on.show.question}</strong>{' '}
            <span className="text-quiet">{on.show.head?.rest}</span>
          </h1>
          <div className="board-drawing">
            <ErrorBoundary what={SAY.board} size="card" about={state}>
              <on.kit.View
                search={searchOf(state.address)}
                given={sight}
                view={state.view}
                lit={litFrom(state.lit)}
                onLit={(lit) => onPoint(litCode(lit))}
              />
            </ErrorBoundary>
          </div>
          <div className="board-line">
            <p className="min-w-0 grow">
              <strong className="font-semibold">{line.text}</strong>{' '}
              {line.reason && <span className="text-quiet">{line.reason}</span>}
            </p>
            <Progress given={sight} of={lines?.length ?? sight} />
          </div>
        </div>
      )}
      <p className="sr-only" role="status">
        {spoken(said)}
      </p>
    </Box>
  );
}

function hintOf(state: BoardState, lines: number | null): string {
  if (lines === 0) return SAY.noLines;
  return givenOut(state, lines) === 0 && !state.hidden ? SAY.begin : '';
}

const saidOf = (line: BoardShow['lines'][number] | undefined) =>
  [line?.text, line?.reason].filter(Boolean).join(' ');
