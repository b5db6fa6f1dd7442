import { BOARD_WORDS } from '@/core/words/screen/board';
import type { Kept } from '@/store/kept';
import { boardHref, NO_BOARD } from '../address/board/board-address';
import type { BoardAction } from './actions';
import { HandButton } from './HandButton';
import { nextLine } from './next-line';
import { type OnBoard, Stage } from './Stage';
import type { BoardCommand, BoardItem, BoardState } from './state';
import { useAwake } from './use-window';

type Props = {
  readonly state: BoardState;
  readonly on: OnBoard | null;
  readonly now: number;
  readonly list: readonly BoardItem[];
  /** What lies in the lesson; nothing where one sentence is shown. */
  readonly kept: readonly Kept[];
  readonly actions: readonly BoardAction[];
  readonly send: (command: BoardCommand) => void;
  /** Whether the window of the board is open, and whether the browser would not open one. */
  readonly together: boolean;
  readonly refused: boolean;
  readonly onOpen: () => void;
  readonly pair: string;
};

const SAY = BOARD_WORDS.desk;
const MINUTE = 60_000;

/** What a teacher has before them while the class sees the board: the board, the next press, their note, the clock. */
export function DeskView(props: Props) {
  const { state, on, now, list, kept, actions, send, together, refused, onOpen, pair } = props;
  const awake = useAwake();
  const item = kept.find(({ id }) => id === state.item);
  const planned = kept.reduce((all, { minutes }) => all + (minutes ?? 0), 0);
  const after = kept[kept.findIndex(({ id }) => id === state.item) + 1];
  const minutes = (from: number) => Math.floor(Math.max(0, now - from) / MINUTE);
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
        <section className="card flex flex-col items-start gap-2 px-4 py-3">
          <p role="status">{together ? SAY.isOpen : SAY.isShut}</p>
          {!together && (
            <button type="button" className="control bg-ink! text-sheet!" onClick={onOpen}>
              {SAY.open}
            </button>
          )}
          {refused && !together && (
            <p className="text-small">
              {SAY.refused}{' '}
              <a
                className="text-flat underline underline-offset-2"
                target="_blank"
                rel="noreferrer"
                href={boardHref({ ...NO_BOARD, part: 'class', pair })}
              >
                {SAY.inTab}
              </a>
            </p>
          )}
          {!awake && <p className="text-small text-quiet">{SAY.awakeNot}</p>}
        </section>
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
        <section aria-labelledby="desk-clock" className="card px-4 py-3">
          <h2 id="desk-clock" className="text-small font-bold text-quiet">
            {SAY.clock}
          </h2>
          <p className="flex flex-wrap items-baseline gap-x-4">
            <span className="font-serif text-sentence font-bold">
              {new Date(now).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}
            </span>
            <span>{SAY.on(minutes(state.since), item?.minutes ?? null)}</span>
            {kept.length > 0 && <span>{SAY.lesson(minutes(state.began), planned)}</span>}
          </p>
        </section>
        {kept.length > 0 && (
          <section
            aria-label={SAY.list}
            className="card min-h-0 grow overflow-y-auto px-2 py-2 max-room:max-h-80"
          >
            <ol>
              {kept
                .filter(({ id }) => list.some((each) => each.id === id))
                .map(({ id, name, minutes: planned }) => (
                  <li key={id}>
                    <button
                      type="button"
                      className="row flex w-full gap-3 rounded-control px-2 py-1 text-left hover:bg-now"
                      aria-current={id === state.item ? 'step' : undefined}
                      data-now={id === state.item ? '' : undefined}
                      onClick={() => send({ ask: 'show', item: id })}
                    >
                      <span className="grow">{name}</span>
                      {planned !== null && (
                        <span className="shrink-0 text-quiet">{SAY.minutes(planned)}</span>
                      )}
                    </button>
                  </li>
                ))}
            </ol>
          </section>
        )}
      </div>
    </main>
  );
}
