import { BOARD_WORDS } from '@/core/words/screen/board';
import type { Kept } from '@/store/kept';
import type { BoardAction } from './actions';
import { Clock, LessonCard, WindowCard } from './DeskCards';
import { HandButton } from './HandButton';
import { nextLine } from './next-line';
import { type OnBoard, Stage } from './Stage';
import type { BoardCommand, BoardState } from './state';

type Props = {
  readonly state: BoardState;
  readonly on: OnBoard | null;
  readonly now: number;
  /** What lies in the lesson; nothing where one sentence is shown. */
  readonly kept: readonly Kept[];
  readonly actions: readonly BoardAction[];
  readonly send: (command: BoardCommand) => void;
  /** Whether the window of the board is open, and whether the browser would not open one. */
  readonly open: boolean;
  readonly refused: boolean;
  /** Whether the browser keeps the screen awake. */
  readonly awake: boolean;
  readonly onOpen: () => void;
  readonly pair: string;
};

const SAY = BOARD_WORDS.desk;

/** What a teacher has before them while the class sees the board: the board, the next press, their note, the clock. */
export function DeskView({ state, on, now, kept, actions, send, ...window }: Props) {
  const at = kept.findIndex(({ id }) => id === state.item);
  const [item, after] = [kept[at], kept[at + 1]];
  return (
    <main className="grid min-h-dvh grow content-start gap-3 p-4 room:h-dvh room:grid-cols-[minmax(0,1fr)_22.5rem]">
      <h1 className="sr-only">{SAY.title}</h1>
      <div className="flex min-h-0 min-w-0 flex-col gap-3">
        <section aria-label={SAY.preview} className="card overflow-hidden" style={{ aspectRatio: '16 / 10' }}>
          <Stage {...{ state, on, now }} least={0.5} onPoint={(lit) => send({ ask: 'point', lit })} />
        </section>
        <div role="group" aria-label={BOARD_WORDS.hands.title} className="flex flex-wrap gap-1.5">
          {actions
            .filter(({ button }) => button)
            .map((action) => (
              <HandButton key={action.hint} {...action} small={false} />
            ))}
        </div>
      </div>
      <div className="flex min-h-0 flex-col gap-3">
        <WindowCard {...window} />
        <section aria-labelledby="desk-next" className="card px-4 py-3">
          <h2 id="desk-next" className="text-small font-bold text-quiet">
            {SAY.next}
          </h2>
          <p className="text-large">{on ? nextLine(state, on.show.lines, after?.name ?? null, now) : ''}</p>
        </section>
        <section aria-labelledby="desk-note" className="card px-4 py-3">
          <h2 id="desk-note" className="text-small font-bold text-quiet">
            {SAY.note}
          </h2>
          <p className="whitespace-pre-wrap">{item?.note.trim() || SAY.noNote}</p>
        </section>
        <Clock {...{ state, now, kept }} planned={item?.minutes ?? null} />
        {kept.length > 0 && (
          <LessonCard kept={kept} item={state.item} onItem={(id) => send({ ask: 'show', item: id })} />
        )}
      </div>
    </main>
  );
}
