import { useState } from 'react';
import { setWords } from '@/core/words/screen/set';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { type KeyActions, useKeys } from '@/ui/keys/use-keys';
import { SINGLE_KEYS, useSetting } from '@/ui/keys/use-setting';
import { useWords } from '@/ui/school/use-class';
import type { Here } from '../../shell/use-shell';
import type { SetInHand } from '../set/use-set';
import { BoardHere } from './BoardHere';
import { PhonesCard } from './PhonesCard';
import { QuestionCard } from './QuestionCard';
import { RoundsCard } from './RoundsCard';
import { TallyCard } from './TallyCard';
import { useLive } from './use-live';

type Props = {
  readonly held: SetInHand;
  readonly here: Here;
  readonly onNeeds: () => void;
};

/** A set asked in class: everybody answers, by phone or aloud, and the board shows how the class thinks. */
export function LiveView({ held, here, onNeeds }: Props) {
  const cards = setWords(useWords()).cards;
  const live = useLive(here, held);
  const { question, usual, voices, steer, calls, board, desk } = live;
  const [isBoard, setBoard] = useState(false);
  const [single] = useSetting('moon-step:single-keys', SINGLE_KEYS);
  const { questions } = held.work;
  const at = question ? questions.indexOf(question) : -1;
  const follows = questions.find((each) => each !== question && !live.isAsked(each));
  const digits = (usual ?? []).map(({ code }, place) => [String(place + 1), () => steer.call(code)] as const);
  const goesOn: KeyActions = {
    ' ': steer.next,
    ArrowRight: steer.next,
    PageDown: steer.next,
    ArrowLeft: steer.back,
    PageUp: steer.back,
    a: steer.names,
    j: steer.join,
    r: steer.callRight,
    ...Object.fromEntries(digits),
    Backspace: steer.takeBack,
    q: () => void steer.random(),
  };
  useKeys({ ...goesOn, z: () => setBoard(true), w: board.openWindow, h: steer.hide }, single === 'on');
  return (
    <div className="grid min-h-0 grow grid-cols-1 content-start gap-3 room:grid-cols-[minmax(0,1fr)_23rem] room:content-stretch">
      <ErrorBoundary what={cards.live} size="card" about={question?.id ?? ''}>
        <QuestionCard
          live={live}
          number={at + 1}
          of={questions.length}
          onBoard={() => setBoard(true)}
          onNextQuestion={follows ? steer.following : null}
          onNeeds={onNeeds}
        />
      </ErrorBoundary>
      <div className="flex min-h-0 flex-col gap-3 room:overflow-y-auto">
        <PhonesCard
          handle={live.handle}
          students={live.students}
          link={live.link}
          onOpen={steer.open}
          onKnow={steer.know}
          onHost={steer.host}
        />
        <RoundsCard
          questions={questions}
          now={desk.now?.question ?? null}
          isAsked={live.isAsked}
          oral={live.oral}
          onAsk={steer.ask}
          onRandom={steer.random}
        />
        {question && (
          <TallyCard
            question={question}
            usual={usual}
            voices={voices}
            onCall={steer.call}
            onTakeBack={calls > 0 ? steer.takeBack : null}
          />
        )}
      </div>
      {isBoard && (
        <BoardHere board={board} keys={goesOn} single={single === 'on'} onBack={() => setBoard(false)} />
      )}
    </div>
  );
}
