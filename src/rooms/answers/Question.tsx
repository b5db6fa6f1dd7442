import { Check, ChevronLeft, ChevronRight, RotateCcw } from 'lucide-react';
import { useMemo, useState } from 'react';
import { type Answer, BLANK } from '@/core/exercise/answer';
import { answerCode, readAnswerCode } from '@/core/exercise/code';
import { shownBy } from '@/core/exercise/kinds/all';
import { askedIn, type SheetItem, standsIn } from '@/core/exercise/sheet/task/all';
import type { Form } from '@/core/exercise/sheet/task/task';
import { sayTask } from '@/core/words/say-task';
import { ANSWERS_WORDS as SAY } from '@/core/words/screen/answers';
import { itemPart, shownPart } from '@/engrave/page/item-part';
import { measuresOf, USUAL_LOOK } from '@/engrave/page/look';
import { EntryPads } from '@/ui/entry/EntryPads';
import { TypedAnswer } from '@/ui/entry/TypedAnswer';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';

/** One question as it is answered. */
export type Asked = { readonly item: SheetItem; readonly number: number; readonly form: Form };

type Props = {
  readonly asked: Asked;
  readonly open: boolean;
  readonly code: string | null;
  readonly typed: string | null;
  readonly first: boolean;
  readonly last: boolean;
  readonly onOpen: () => void;
  readonly onGive: (code: string | null) => void;
  readonly onType: (typed: string) => void;
  readonly onStep: (by: 1 | -1) => void;
};

/** A question: closed, its task and whether it is answered; open, what is shown of it and the ways in. */
export function Question(props: Props) {
  const { asked, open, code, onOpen } = props;
  const w = useWords();
  const text = sayTask(w, asked.item);
  return (
    <li className="card overflow-hidden" data-question={asked.number}>
      <h2>
        <button
          type="button"
          aria-expanded={open}
          className="flex w-full items-baseline gap-2 px-4 py-3 text-left"
          onClick={onOpen}
        >
          <span className="font-bold tabular-nums">{asked.number}</span>
          <span className="grow">{text}</span>
          {code !== null && (
            <Check className="size-4 shrink-0 self-center text-correct" aria-label={SAY.answered} />
          )}
        </button>
      </h2>
      {open && <Answering {...props} text={text} />}
    </li>
  );
}

/** What is drawn of a question besides the staff it is answered on. */
function isDrawn(item: SheetItem): boolean {
  const asked = askedIn(item);
  if (!asked) return true;
  return item.task === 'gaps' || item.task === 'label' || item.task === 'path' || shownBy(asked) !== null;
}

/** What stands there before anything is written: a row to be put right, the first signs. */
function beginsWith(item: SheetItem, form: Form, school: Parameters<typeof standsIn>[2]): Answer | null {
  const stands = standsIn(item, form, school);
  return stands.is === 'blank' ? null : stands;
}

const nothing = () => undefined;

function Answering({
  asked: { item, form },
  code,
  typed,
  text,
  first,
  last,
  onGive,
  onType,
  onStep,
}: Props & { readonly text: string }) {
  const w = useWords();
  const question = askedIn(item);
  const [taken, setTaken] = useState(0);
  const { ref: box, room } = useRoom<HTMLDivElement>({ width: 640, height: 300 });
  const width = Math.min(700, room.width);
  const scene = useMemo(() => {
    if (!isDrawn(item)) return null;
    const m = { ...measuresOf(USUAL_LOOK), staff: width < 500 ? 0.62 : 0.9, type: 15, small: 13 };
    const setting = { w, width, m };
    // The decisions of a path are chosen below, and not written into it.
    const part = item.task === 'path' ? shownPart(item.question, setting) : itemPart(item, form, setting);
    if (!part) return null;
    return { width, height: part.height + 4, groups: part.groups };
  }, [w, item, form, width]);
  const given = useMemo(() => {
    if (!question) return null;
    const read = code === null ? null : readAnswerCode(question, code);
    return read ?? beginsWith(item, form, w.settings);
  }, [question, code, item, form, w]);
  const give = (answer: Answer) => onGive(answer.is === 'blank' ? null : answerCode(answer));
  const clear = () => {
    onGive(null);
    setTaken(taken + 1);
  };
  // What every way in has; nothing is judged before the sheet is handed in.
  const entry = {
    typed,
    judged: null,
    taken,
    onGiven: give,
    onTyped: onType,
    onRight: null,
    onBlank: clear,
    onNext: () => onStep(1),
    onRest: nothing,
  };
  return (
    <div ref={box} className="flex flex-col gap-3 border-t border-rule px-4 py-3">
      {scene && (
        <SceneView
          id="asked"
          scene={scene}
          title={SAY.picture}
          description={text}
          style={{ width: '100%' }}
        />
      )}
      {question ? (
        <>
          <div className="flex flex-wrap">
            <TypedAnswer {...entry} asked={question} given={given} />
          </div>
          {item.task === 'path' && code === null && <p className="text-small text-quiet">{SAY.reasons}</p>}
          <EntryPads
            {...entry}
            asked={question}
            given={given ?? (item.task === 'path' ? null : BLANK)}
            onFile={null}
          />
        </>
      ) : (
        <p className="text-quiet">{SAY.onPaper}</p>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="control" disabled={first} onClick={() => onStep(-1)}>
          <ChevronLeft className="size-4" aria-hidden="true" />
          {SAY.previous}
        </button>
        <button type="button" className="control" disabled={last} onClick={() => onStep(1)}>
          {SAY.next}
          <ChevronRight className="size-4" aria-hidden="true" />
        </button>
        <button type="button" className="control" disabled={code === null && typed === null} onClick={clear}>
          <RotateCcw className="size-4" aria-hidden="true" />
          {SAY.clear}
        </button>
      </div>
    </div>
  );
}
