import { BookmarkPlus, FileText, Presentation } from 'lucide-react';
import { useMemo } from 'react';
import { readAnswerCode } from '@/core/exercise/code';
import { type Tomorrow as Needed, teachTomorrow } from '@/core/exercise/set/tomorrow';
import { setSchool } from '@/core/exercise/set/verdict';
import { topicsForHabits } from '@/core/exercise/sheet/topic';
import type { ClassWords } from '@/core/words/class-words';
import { sayHabit } from '@/core/words/say-mistake';
import { setWords } from '@/core/words/screen/set';
import { keeping, makingLesson, newKept } from '@/store/shelf';
import { newId } from '@/ui/new-id';
import { useWords } from '@/ui/school/use-class';
import { boardHref, NO_BOARD } from '../../address/board/board-address';
import { deriveHref } from '../../address/derive/derive-address';
import { FIRST_SENTENCE } from '../../address/derive/derive-sentence';
import { sheetsHref } from '../../address/sheets/sheets-address';
import { FIRST_SHEET } from '../../address/sheets/sheets-sentence';
import { goTo } from '../../ask/go-to';
import { GoLink } from '../../shell/GoLink';
import type { Here } from '../../shell/use-shell';
import type { SetInHand } from './use-set';

type Props = {
  readonly held: SetInHand;
  readonly here: Here;
  readonly tell: (text: string) => void;
  readonly onQuestion: (question: string) => void;
};

/** The key of a habit's question, derived as it was asked. */
function deriveAddress({ question, derive }: Needed): string {
  const asked = question.asked.kind === 'scale' ? question.asked.question : null;
  const { clef } = asked ?? {};
  const own = asked
    ? { direction: asked.direction, signature: asked.signature, ...(clef ? { clef } : {}) }
    : {};
  return deriveHref({ ...FIRST_SENTENCE, ...derive, ...own, step: null, beside: null });
}

function practiseAddress({ practise }: Needed): string {
  return deriveHref({ ...FIRST_SENTENCE, ...practise, direction: 'up', step: null, beside: null });
}

/** What is said of it: its name, why, the one thing to say, the exercise. */
function saidOf(w: ClassWords, needed: Needed) {
  const { question, example, habit } = needed;
  const answer = readAnswerCode(question.asked, example.cell.code ?? '');
  return answer && sayHabit(w, habit, question.asked, answer);
}

/** What to teach again tomorrow: one habit, one derivation, one exercise, one thing to say, with the reason. */
export function Tomorrow({ held, here, tell, onQuestion }: Props) {
  const w = useWords();
  const say = setWords(w).class;
  const { work, people } = held;
  const needed = useMemo(() => teachTomorrow(work, setSchool(w.settings, [])), [work, w.settings]);
  const said = useMemo(() => needed && saidOf(w, needed), [w, needed]);
  const isEmpty = work.papers.every(({ answers }) => Object.keys(answers).length === 0);
  if (!needed || !said) {
    return (
      <section aria-label={say.tomorrow} className="card px-4 py-3">
        <h2 className="text-small font-bold text-quiet">{say.tomorrow}</h2>
        <p>{isEmpty ? say.nothingYet : say.nothing}</p>
      </section>
    );
  }
  const why = say.why(needed.people.length, needed.could, needed.answers, needed.nextPeople);
  const names = needed.people.map((id) => people.find((each) => each.id === id)?.name ?? '');
  const number = work.questions.findIndex(({ id }) => id === needed.question.id) + 1;
  const keep = async () => {
    const lesson = newId();
    const items = [
      {
        ...newKept(newId(), { name: said.name, address: deriveAddress(needed) }, lesson),
        note: say.lessonNote(said.name, why, said.say),
      },
      { ...newKept(newId(), { name: said.cure, address: practiseAddress(needed) }, lesson) },
    ];
    const saved = await here.school.change((data, now) => {
      const made = makingLesson(data, lesson, say.tomorrow, now);
      return { says: 'kept', edits: [...made.edits, ...keeping(data, items, now).edits] };
    });
    if (saved) tell(say.kept);
  };
  const toSheet = () => {
    const topics = topicsForHabits(FIRST_SHEET.topics, [needed.question.asked.kind]);
    goTo(sheetsHref({ ...FIRST_SHEET, topics, habits: [needed.habit] }));
  };
  return (
    <section aria-label={say.tomorrow} className="card flex flex-col gap-2 px-5 py-4">
      <h2 className="text-small font-bold text-quiet">{say.tomorrow}</h2>
      <p className="font-serif text-sentence leading-tight font-bold">{said.name}</p>
      <p>
        {why} {say.who(names)}
      </p>
      <p>
        {said.why}{' '}
        <button type="button" className="underline" onClick={() => onQuestion(needed.question.id)}>
          {say.example(number)}
        </button>
      </p>
      <div className="rounded-control bg-now px-3 py-2">
        <p className="text-small font-bold text-quiet">{say.say}</p>
        <p className="text-large">{said.say}</p>
      </div>
      <p>
        <GoLink href={deriveAddress(needed)}>
          {say.derive(w.scale(needed.derive.tonic, needed.derive.scale))}
        </GoLink>
        . <span className="text-small font-bold text-quiet">{say.practise}: </span>
        {said.cure}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        <button type="button" className="control bg-ink! text-sheet!" onClick={() => void keep()}>
          <BookmarkPlus className="size-4" aria-hidden="true" />
          {say.toShelf}
        </button>
        <button type="button" className="control" onClick={toSheet}>
          <FileText className="size-4" aria-hidden="true" />
          {say.toSheet}
        </button>
        <button
          type="button"
          className="control"
          onClick={() => goTo(boardHref({ ...NO_BOARD, show: deriveAddress(needed) }))}
        >
          <Presentation className="size-4" aria-hidden="true" />
          {say.toBoard}
        </button>
      </div>
    </section>
  );
}
