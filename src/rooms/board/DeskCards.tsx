import { BOARD_WORDS } from '@/core/words/screen/board';
import type { Kept } from '@/store/kept';
import { boardHref, NO_BOARD } from '../address/board/board-address';
import type { BoardState } from './state';

const SAY = BOARD_WORDS.desk;
const MINUTE = 60_000;

type WindowProps = {
  readonly open: boolean;
  readonly refused: boolean;
  readonly awake: boolean;
  readonly onOpen: () => void;
  readonly pair: string;
};

/** Whether the class sees the board, and how it comes to. */
export function WindowCard({ open, refused, awake, onOpen, pair }: WindowProps) {
  return (
    <section className="card flex flex-col items-start gap-2 px-4 py-3">
      <p role="status">{open ? SAY.isOpen : SAY.isShut}</p>
      {!open && (
        <button type="button" className="control bg-ink! text-sheet!" onClick={onOpen}>
          {SAY.open}
        </button>
      )}
      {refused && !open && (
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
  );
}

type ClockProps = {
  readonly state: Pick<BoardState, 'since' | 'began'>;
  readonly now: number;
  readonly kept: readonly Kept[];
  /** Minutes that this sentence is given; null where none were said. */
  readonly planned: number | null;
};

/** The time of the day, and how long this sentence and the lesson have taken. */
export function Clock({ state, now, kept, planned }: ClockProps) {
  const minutes = (from: number) => Math.floor(Math.max(0, now - from) / MINUTE);
  const all = kept.reduce((sum, each) => sum + (each.minutes ?? 0), 0);
  return (
    <section aria-labelledby="desk-clock" className="card px-4 py-3">
      <h2 id="desk-clock" className="text-small font-bold text-quiet">
        {SAY.clock}
      </h2>
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span className="font-serif text-sentence font-bold">
          {new Date(now).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}
        </span>
        <span>{SAY.on(minutes(state.since), planned)}</span>
        {kept.length > 0 && <span>{SAY.lesson(minutes(state.began), all)}</span>}
      </p>
    </section>
  );
}

type LessonProps = {
  readonly kept: readonly Kept[];
  readonly item: string;
  readonly onItem: (id: string) => void;
};

/** The lesson with its minutes; each sentence of it can be gone to. */
export function LessonCard({ kept, item, onItem }: LessonProps) {
  return (
    <section
      aria-label={SAY.list}
      className="card max-h-80 min-h-0 grow overflow-y-auto px-2 py-2 room:max-h-none"
    >
      <ol>
        {kept.map(({ id, name, minutes }) => (
          <li key={id}>
            <button
              type="button"
              className="row flex w-full gap-3 rounded-control px-2 py-1 text-left hover:bg-now"
              aria-current={id === item ? 'step' : undefined}
              data-now={id === item ? '' : undefined}
              onClick={() => onItem(id)}
            >
              <span className="grow">{name}</span>
              {minutes !== null && <span className="shrink-0 text-quiet">{SAY.minutes(minutes)}</span>}
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
