import { useMemo } from 'react';
import { nearest } from '@/core/identify/note-entry';
import type { ClassWords } from '@/core/words/class-words';
import { questionWords } from '@/core/words/screen/questions';
import { noteStride } from '@/engrave/note-stride';
import type { Question } from '@/rooms/address/derive/question';
import type { BoardShow, BoardViewProps } from '@/rooms/shell/board-kit';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import { Hits } from '@/ui/surfaces/Hits';
import { answerOf, type QuestionAnswer } from '../questions/answer';
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

/** The notes whose scale is asked for, on the grid of half steps over the keyboard. */
function Notes({ question: { notes }, pointed, lit, onLit }: NotesProps) {
  const w = useWords();
  const say = questionWords(w).entry;
  const { ref, room } = useRoom<HTMLDivElement>({ width: 608, height: 260 });
  const shown = useMemo(() => {
    if (lit?.kind === 'place') return [lit.place];
    return pointed.length < notes.length ? pointed : [];
  }, [lit, pointed, notes]);
  const stride = useMemo(
    () =>
      noteStride({
        w,
        pitches: nearest(notes),
        lit: shown,
        far: true,
        width: room.width,
        height: room.height,
      }),
    [w, notes, shown, room],
  );
  const heads = stride.notes.map(({ place, x, y, r }) => {
    const note = notes[place];
    return { id: String(place), x, y, r, label: `${place + 1}: ${note ? w.spokenNote(note) : ''}` };
  });
  const point = (id: string | null) => onLit(id === null ? null : { kind: 'place', place: Number(id) });
  return (
    <div ref={ref} className="min-h-0 grow overflow-hidden">
      <SceneView
        id="board-notes"
        scene={stride.scene}
        title={say.stride}
        description={notes.map(w.spokenNote).join(', ')}
        style={{ maxHeight: '100%', width: '100%' }}
        look={({ part, place }) => ({
          'data-lit': part === 'note' && place !== null && shown.includes(place) ? '' : undefined,
        })}
      >
        <Hits hits={heads} onPoint={point} onPress={point} />
      </SceneView>
    </div>
  );
}
