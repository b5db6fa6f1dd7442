import { lazy, type ReactNode, Suspense, useState } from 'react';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { writtenSignature } from '@/core/exercise/kinds/signature/signature-question';
import { placedSigns } from '@/core/mark/judging/drawn';
import { markWords } from '@/core/words/screen/mark';
import { useWords } from '@/ui/school/use-class';
import { SignatureDraw } from '../questions/SignatureDraw';
import type { EntryProps } from './entry-props';
import { Reasons } from './Reasons';
import { RowPad } from './RowPad';
import { TypedAnswer } from './TypedAnswer';
import { wholeAnswerKeys } from './whole-answer-keys';

const FileAnswer = lazy(() => import('./FileAnswer').then((module) => ({ default: module.FileAnswer })));

/** Where an answer is entered: typed, on a staff, on a keyboard, from a file, or from the right answer. */
export function EntryCard(props: EntryProps) {
  const w = useWords();
  const say = markWords(w).entry;
  const { asked, given, onGiven, onRight, onBlank } = props;
  const [file, setFile] = useState(false);
  const isRow = asked.kind === 'scale';
  return (
    <section
      aria-label={say.title}
      className="card flex min-w-0 flex-col gap-2 px-4 py-3"
      onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && props.onRest()}
    >
      <div className="flex flex-wrap items-center gap-1.5">
        <TypedAnswer {...props} />
        <Action hint="R" onClick={onRight}>
          {say.right}
        </Action>
        <Action hint="B" onClick={onBlank}>
          {say.blank}
        </Action>
      </div>
      {isRow && <RowPad {...props} asked={asked} onFile={() => setFile(true)} />}
      {asked.kind === 'signature' && <SignaturePad {...props} asked={asked} />}
      {asked.kind === 'name-scale' && given?.is === 'key' && (
        <Reasons reasons={given.reasons} onReasons={(reasons) => onGiven({ ...given, reasons })} />
      )}
      <Suspense>
        {file && <FileAnswer onGiven={onGiven} onDone={() => setFile(false)} asked={asked} />}
      </Suspense>
    </section>
  );
}

function Action({
  hint,
  onClick,
  children,
}: {
  readonly hint: string;
  readonly onClick: () => void;
  readonly children: ReactNode;
}) {
  return (
    <button type="button" className="control" onClick={onClick}>
      {children}
      <kbd className="key" aria-hidden="true">
        {hint}
      </kbd>
    </button>
  );
}

/** The staff on which the signs of a signature are drawn. */
function SignaturePad({
  asked,
  given,
  onGiven,
  onRight,
  onBlank,
}: EntryProps & { readonly asked: Extract<MarkQuestion, { kind: 'signature' }> }) {
  const { settings } = useWords();
  return (
    <SignatureDraw
      count={writtenSignature(asked.question, settings)}
      clef={asked.question.clef}
      drawn={given?.is === 'drawn' ? placedSigns(given.signs, asked.question.clef) : []}
      pointed={[]}
      onDraw={(signs) =>
        onGiven({ is: 'drawn', signs: signs.map(({ note, octave }) => ({ sign: note, octave })) })
      }
      onOtherKey={wholeAnswerKeys(onRight, onBlank)}
    />
  );
}
