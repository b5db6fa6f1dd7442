import type { ReactNode } from 'react';
import { isRow, waysIn } from '@/core/exercise/kinds/all';
import type { WayIn } from '@/core/exercise/kinds/kind';
import { writtenSignature } from '@/core/exercise/kinds/signature/signature-question';
import { placedSigns } from '@/core/mark/judging/drawn';
import { useWords } from '../school/use-class';
import { SignatureDraw } from '../surfaces/SignatureDraw';
import type { EntryProps } from './entry-props';
import { Reasons } from './Reasons';
import { ScalePad } from './ScalePad';
import { wholeAnswerKeys } from './whole-answer-keys';

/** What stands under the field: only where there is a file to take an answer from is one offered. */
export type PadProps = EntryProps & { readonly onFile: (() => void) | null };

/** A staff and a keyboard, for notes. */
function NotesPad(props: PadProps) {
  const { asked } = props;
  return isRow(asked) && <ScalePad {...props} asked={asked} />;
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

/** Where an answer is entered besides being typed: a staff with a keyboard, signs on a staff, reasons. */
export function EntryPads(props: PadProps) {
  return waysIn(props.asked.kind).map((way) => {
    const Pad = PADS[way];
    return <Pad key={way} {...props} />;
  });
}
