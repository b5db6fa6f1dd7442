import { useMemo } from 'react';
import type { ClassWords } from '@/core/words/class-words';
import type { Question } from '@/rooms/address/derive/question';
import type { BoardShow, BoardViewProps } from '@/rooms/shell/board-kit';
import { useWords } from '@/ui/school/use-class';
import { answerOf, type QuestionAnswer } from '../questions/answer';
import { NoteLanes } from '../questions/NoteLanes';
import { OrderRows } from '../questions/OrderRows';
import { questionText } from '../questions/question-words';
import { SignatureStaves } from '../questions/SignatureStaves';

/** What a question gives out on the board: its working; nothing where it cannot be worked out yet. */
export function questionShow(w: ClassWords, question: Question): BoardShow {
  const { lines } = answerOf(w, question);
  const text = questionText(w, question);
  return {
    question: text,
    head: { name: text, rest: '' },
    layout: 'below',
    lines,
    places: question.kind === 'name' ? question.notes.length : 0,
    views: [],
  };
}

type Props = Pick<BoardViewProps, 'given' | 'lit' | 'onLit'> & { readonly question: Question };

/** A question on the board: what it asks about, drawn as far as its working has come. */
export function QuestionBoard({ question, given, lit, onLit }: Props) {
  const w = useWords();
  const answer = useMemo(() => answerOf(w, question), [w, question]);
  const at = given - 1;
  if (question.kind === 'name')
    return <Notes {...{ question, lit, onLit }} pointed={answer.places[at] ?? []} />;
  const pointed = answer.signs[at] ?? [];
  const put = answer.put[at] ?? Math.abs(answer.count);
  return (
    <>
      <OrderRows count={answer.count} taken={put} pointed={pointed} onTake={null} />
      <div className="grid min-h-0 grow grid-cols-2 content-center justify-items-center gap-4">
        <SignatureStaves clefs={answer.clefs.slice(0, 2)} count={answer.count} put={put} pointed={pointed} />
      </div>
    </>
  );
}

type NotesProps = Pick<Props, 'lit' | 'onLit'> & {
  readonly question: Extract<Question, { readonly kind: 'name' }>;
  readonly pointed: QuestionAnswer['places'][number];
};

/** The notes whose scale is asked for: those that the line is about stand out, or the one pointed at. */
function Notes({ question: { notes }, pointed, lit, onLit }: NotesProps) {
  const shown = useMemo(() => {
    if (lit?.kind === 'place') return [lit.place];
    return pointed.length < notes.length ? pointed : [];
  }, [lit, pointed, notes]);
  return (
    <NoteLanes
      {...{ notes, shown }}
      onLit={(place) => onLit(place === null ? null : { kind: 'place', place })}
      onKey={null}
    />
  );
}
