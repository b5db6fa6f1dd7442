import { Check, Eye, EyeOff, Hourglass, Monitor, MonitorUp, QrCode as QrIcon, Users } from 'lucide-react';
import type { ReactNode } from 'react';
import type { MistakeId } from '@/core/mark/mistakes/all';
import { sayTask } from '@/core/words/say-task';
import { liveWords } from '@/core/words/screen/live';
import { useWords } from '@/ui/school/use-class';
import { useNow } from '../../board/use-window';
import { LiveGroups } from './LiveGroups';
import { ThenCard } from './ThenCard';
import type { Live } from './use-live';

type Props = {
  readonly live: Live;
  readonly number: number;
  readonly of: number;
  readonly onBoard: () => void;
  readonly onNextQuestion: (() => void) | null;
  readonly onNeeds: () => void;
};

/** The question the class is at: how far it is, who has answered, and what they think. */
export function QuestionCard({ live, number, of, onBoard, onNextQuestion, onNeeds }: Props) {
  const w = useWords();
  const say = liveWords(w).round;
  const { question, stage, groups, board, counts, desk, hidden, steer } = live;
  if (!question || !stage)
    return (
      <section aria-label={say.title} className="card flex flex-col gap-3 px-5 py-4">
        <p className="font-serif text-sentence text-quiet">{say.none}</p>
        <BoardButtons live={live} onBoard={onBoard} />
      </section>
    );
  const isShown = stage === 'show' || stage === 'closed';
  const wrong = groups.filter((group) => !group.right && group.people.length + group.called > 0);
  const shown = isShown && board.given > 1 ? (wrong[board.given - 2]?.code ?? null) : null;
  const habits: readonly MistakeId[] = [...new Set(groups.flatMap((group) => group.habits))];
  const late = desk.answers.filter((each) => each.late && each.code !== null).length;
  return (
    <section aria-label={say.title} className="card flex min-h-0 min-w-0 flex-col gap-2 px-5 py-3">
      <div className="flex items-baseline justify-between gap-3">
        <p className="text-small font-bold text-quiet">{say.number(number, of)}</p>
        <Left until={stage === 'think' ? (desk.now?.until ?? null) : null} />
      </div>
      <h2 className="font-serif text-sentence leading-snug">{sayTask(w, question.item)}</h2>
      <p role="status" className="text-small">
        {say.stages[stage]} {counts.of > 0 && say.answered(counts.answered, counts.of)}
        {late > 0 && `, ${say.late(late)}`}
      </p>
      <div className="flex flex-wrap gap-2">
        <Next live={live} onNextQuestion={onNextQuestion} />
        {isShown && (
          <button type="button" className="control" disabled={board.given <= 1} onClick={steer.back}>
            {say.before}
            <kbd className="key" aria-hidden="true">
              ←
            </kbd>
          </button>
        )}
        {(stage === 'answer' || stage === 'show') && (
          <button
            type="button"
            className="control"
            onClick={() => steer.stage(stage === 'show' ? 'closed' : 'think')}
          >
            {stage === 'show' ? (
              say.close
            ) : (
              <>
                <Hourglass className="size-4" aria-hidden="true" />
                {say.again}
              </>
            )}
          </button>
        )}
        <button type="button" className="control" aria-pressed={hidden} onClick={steer.hide}>
          {hidden ? (
            <Eye className="size-4" aria-hidden="true" />
          ) : (
            <EyeOff className="size-4" aria-hidden="true" />
          )}
          {hidden ? say.unhide : say.hide}
        </button>
      </div>
      <BoardButtons live={live} onBoard={onBoard} />
      {hidden ? (
        <p className="text-quiet">{say.hidden}</p>
      ) : (
        <LiveGroups question={question} groups={groups} nameOf={live.nameOf} shown={shown} />
      )}
      {isShown && <ThenCard question={question} habits={habits} onNeeds={onNeeds} />}
    </section>
  );
}

/** The one thing that comes next. */
function Next({ live, onNextQuestion }: Pick<Props, 'live' | 'onNextQuestion'>) {
  const say = liveWords(useWords()).round;
  const { stage, board, steer } = live;
  const more = board.given < board.lines;
  const isOver = (stage === 'show' || stage === 'closed') && !more;
  if (isOver && !onNextQuestion) return null;
  const text =
    stage === 'think' ? say.open : stage === 'answer' ? say.show : isOver ? say.nextQuestion : say.next;
  return (
    <button
      type="button"
      className="control bg-ink! text-sheet!"
      onClick={isOver && onNextQuestion ? onNextQuestion : steer.next}
    >
      {text}
      {!isOver && (
        <kbd className="key" aria-hidden="true">
          →
        </kbd>
      )}
    </button>
  );
}

/** Seconds that are left to think. */
function Left({ until }: { readonly until: number | null }) {
  const say = liveWords(useWords()).round;
  const now = useNow(until !== null);
  const left = until === null ? 0 : Math.ceil((until - now) / 1000);
  return left > 0 ? (
    <p role="timer" className="font-bold">
      {say.seconds(left)}
    </p>
  ) : null;
}

/** Where the board is, and what else stands on it. */
function BoardButtons({ live, onBoard }: Pick<Props, 'live' | 'onBoard'>) {
  const say = liveWords(useWords()).board;
  const { board, link, joining, named, steer } = live;
  const button = (key: string, icon: ReactNode, text: string, act: () => void, pressed?: boolean) => (
    <button type="button" className="control text-small" aria-pressed={pressed} onClick={act}>
      {icon}
      {text}
      <kbd className="key" aria-hidden="true">
        {key}
      </kbd>
    </button>
  );
  return (
    <div role="group" aria-label={say.title} className="flex flex-wrap items-center gap-2">
      <span className="text-small font-bold text-quiet">{say.title}</span>
      {button('Z', <Monitor className="size-4" aria-hidden="true" />, say.here, onBoard)}
      {board.together ? (
        <span role="status" className="flex items-center gap-1 text-small">
          <Check className="size-4" aria-hidden="true" />
          {say.isOpen}
        </span>
      ) : (
        button('W', <MonitorUp className="size-4" aria-hidden="true" />, say.window, board.openWindow)
      )}
      {link && button('J', <QrIcon className="size-4" aria-hidden="true" />, say.join, steer.join, joining)}
      {button('A', <Users className="size-4" aria-hidden="true" />, say.names, steer.names, named)}
      {board.refused && (
        <p role="alert" className="text-small text-wrong">
          {say.refused}
        </p>
      )}
    </div>
  );
}
