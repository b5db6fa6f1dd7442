import { lazy, type ReactNode, Suspense, useState } from 'react';
import { waysIn } from '@/core/exercise/kinds/all';
import type { WayIn } from '@/core/exercise/kinds/kind';
import { writtenSignature } from '@/core/exercise/kinds/signature/signature-question';
import { placedSigns } from '@/core/mark/judging/drawn';
import { markWords } from '@/core/words/screen/mark';
import { useWords } from '@/ui/school/use-class';
import { SignatureDraw } from '@/ui/surfaces/SignatureDraw';
import type { EntryProps } from './entry-props';
import { Reasons } from './Reasons';
import { ScalePad } from './ScalePad';
import { TypedAnswer } from './TypedAnswer';
import { wholeAnswerKeys } from './whole-answer-keys';

const FileAnswer = lazy(() => import('./FileAnswer').then((module) => ({ default: module.FileAnswer })));

/** Where an answer is entered: typed, on a staff, on a keyboard, from a file, or from the right answer. */
export function EntryCard(props: EntryProps) {
  const w = useWords();
  const say = markWords(w).entry;
  const { asked, onGiven, onRight, onBlank } = props;
  const [file, setFile] = useState(false);
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
      {waysIn(asked.kind).map((way) => {
        const Pad = PADS[way];
        return <Pad key={way} {...props} onFile={() => setFile(true)} />;
      })}
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

type PadProps = EntryProps & { readonly onFile: () => void };

/** A staff and a keyboard, for notes. */
function NotesPad(props: PadProps) {
  const { asked } = props;
  return asked.kind === 'scale' && <ScalePad {...props} asked={asked} />;
}

/** The staff on which the signs of a signature are drawn. */
function SignsPad({ asked, given, onGiven, onRight, onBlank }: PadProps) {
  const { settings } = useWords();
  if (asked.kind !== 'signature') return null;
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

/** The half steps by which a scale was named. */
function ReasonsPad({ given, onGiven }: PadProps) {
  if (given?.is !== 'key') return null;
  return <Reasons reasons={given.reasons} onReasons={(reasons) => onGiven({ ...given, reasons })} />;
}

const PADS: Readonly<Record<WayIn, (props: PadProps) => ReactNode>> = {
  notes: NotesPad,
  signs: SignsPad,
  reasons: ReasonsPad,
};
