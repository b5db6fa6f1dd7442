import { LogOut } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { questionCode, readQuestionCode } from '@/core/exercise/code';
import { shownBy } from '@/core/exercise/kinds/all';
import { sayJoinCode } from '@/core/live/join-code';
import { canGive } from '@/core/live/phone';
import { sayTask } from '@/core/words/say-task';
import { JOIN_WORDS as SAY } from '@/core/words/screen/join';
import type { Joined } from '@/store/joined';
import { focusOn } from '@/ui/focus-on';
import { part } from '@/ui/parts/part';
import { Sure } from '@/ui/Sure';
import { useWords } from '@/ui/school/use-class';
import { AnswerCard } from './AnswerCard';
import { usePhone } from './use-phone';

const Shown = part('surface', () => import('@/ui/question/Shown').then((module) => module.Shown));
const Reveal = part('surface', () => import('./Reveal').then((module) => module.Reveal));

type Props = {
  readonly joined: Joined;
  readonly onJoined: (joined: Joined) => void;
  readonly onLeft: () => void;
};

/** A phone in a class: what is asked, how it is answered, and what was right, each when its time has come. */
export function PhoneView({ joined, onJoined, onLeft }: Props) {
  const { phone, state, draft, hands } = usePhone(joined, onJoined);
  const [leaving, setLeaving] = useState(false);
  const leave = () => {
    void hands.leave();
    onLeft();
  };
  return (
    <>
      <header className="flex flex-wrap items-baseline justify-between gap-x-3 gap-y-1">
        <h1 className="font-serif text-large font-bold wrap-anywhere">{joined.name}</h1>
        <p className="flex items-center gap-2 text-small text-quiet">
          <span>{sayJoinCode(joined.code)}</span>
          {state !== 'over' && state !== 'refused' && (
            <button
              type="button"
              className="beside-button flex min-h-8 min-w-8 items-center justify-center"
              aria-label={SAY.leave}
              title={SAY.leave}
              onClick={() => setLeaving(true)}
            >
              <LogOut className="size-4" aria-hidden="true" />
            </button>
          )}
        </p>
        <p
          role="status"
          className={`w-full text-small ${state === 'open' ? 'sr-only' : 'font-semibold text-wrong'}`}
        >
          {state === 'over' ? '' : SAY.line[state]}
        </p>
      </header>
      {leaving && (
        <Sure
          label={SAY.leave}
          text={SAY.leaveSure}
          keep={SAY.stay}
          doIt={SAY.leave}
          onKeep={() => setLeaving(false)}
          onDo={leave}
        />
      )}
      {state === 'over' ? (
        <p role="status" className="card px-4 py-6 font-serif text-sentence">
          {SAY.over}
        </p>
      ) : state === 'refused' ? (
        <button type="button" className="control min-h-12 self-start" onClick={onLeft}>
          {SAY.joinAgain}
        </button>
      ) : (
        <Round phone={phone} draft={draft} hands={hands} />
      )}
    </>
  );
}

type RoundProps = Pick<ReturnType<typeof usePhone>, 'phone' | 'draft' | 'hands'>;

/** The round a class is at, as far as it is on a phone. */
function Round({ phone, draft, hands }: RoundProps) {
  const w = useWords();
  const { now, stands } = phone;
  const asked = useMemo(() => (now ? readQuestionCode(now.code, w.settings) : null), [now, w.settings]);
  const round = now?.round ?? null;
  useEffect(() => {
    // A new question is read out, and the page stands at its beginning.
    if (round !== null) focusOn('[data-question]', '[data-question]');
  }, [round]);
  if (!now)
    return (
      <p role="status" className="card px-4 py-6 font-serif text-sentence text-quiet">
        {SAY.waits}
      </p>
    );
  if (!asked) return <p role="alert">{SAY.unreadable}</p>;
  const takes = canGive(phone);
  return (
    <section aria-label={SAY.question} className="card flex min-w-0 flex-col gap-3 px-4 py-4">
      <h2 tabIndex={-1} data-question="" className="font-serif text-sentence leading-snug outline-none">
        {sayTask(w, { task: 'answer', question: asked })}
      </h2>
      {shownBy(asked) && <Shown asked={asked} />}
      <div role="status">
        {now.stage === 'think' && (
          <p>
            <span className="font-serif text-large font-bold">{SAY.think}</span>
            <span className="block text-quiet">{SAY.thinks}</span>
          </p>
        )}
        {now.stage === 'show' && <p className="font-serif text-large font-bold">{SAY.shown}</p>}
        {now.stage === 'closed' && <p className="text-quiet">{SAY.closed}</p>}
        {now.stage === 'show' && takes && <p className="text-quiet">{SAY.late}</p>}
      </div>
      {takes && (
        <AnswerCard
          key={`${now.round} ${questionCode(asked)}`}
          asked={asked}
          phone={phone}
          draft={draft}
          onDraft={hands.draft}
          onGive={hands.give}
        />
      )}
      {(now.stage === 'show' || now.stage === 'closed') && stands && <Reveal asked={asked} {...stands} />}
    </section>
  );
}
