import { FileInput, Lock, LockOpen } from 'lucide-react';
import { useState } from 'react';
import { clefSignature, octaveOfFirst } from '@/core/exercise/entry/entry-frame';
import { EMPTY_ENTRY, enterMidi, type ScaleEntry } from '@/core/exercise/entry/scale-entry';
import type { RowQuestion } from '@/core/exercise/kinds/all';
import type { Alteration } from '@/core/note/spelled';
import { markWords } from '@/core/words/screen/mark';
import { MidiKeys } from '../midi/MidiKeys';
import { useWords } from '../school/use-class';
import type { EntryProps } from './entry-props';
import { ScaleEntryStaff } from './ScaleEntryStaff';
import { wholeAnswerKeys } from './whole-answer-keys';

type Props = EntryProps & {
  readonly asked: RowQuestion;
  readonly onFile: (() => void) | null;
};

/** The staff of a row, the signs for the next note, and the keyboard where it is wanted. */
export function ScalePad({ asked, given, judged, taken, onFile, onGiven, onRight, onBlank }: Props) {
  const w = useWords();
  const say = markWords(w).entry;
  const [selection, setSelection] = useState(taken > 0 ? { at: 0, fresh: true } : { at: -1, fresh: false });
  const [seen, setSeen] = useState(taken);
  if (seen !== taken) {
    setSeen(taken);
    setSelection({ at: 0, fresh: true });
  }
  const [sign, setSign] = useState<Alteration>(0);
  const [locked, setLocked] = useState(false);
  const notes = given?.is === 'scale' ? given.notes : EMPTY_ENTRY.notes;
  // Where nothing was chosen yet, letters go on after the last note.
  const last = notes.length - 1;
  const at = selection.at < 0 ? last : Math.min(selection.at, last);
  const entry: ScaleEntry = { notes, at, fresh: selection.fresh && at >= 0 };
  const atClef = clefSignature(asked, w.settings);
  const start = octaveOfFirst(asked);
  const frame = { clef: asked.question.clef ?? ('treble' as const), atClef, start, sign };
  const LockIcon = locked ? Lock : LockOpen;
  const apply = (next: ScaleEntry) => {
    setSelection({ at: next.at, fresh: next.fresh });
    // A sign in hand holds for one note, unless it is to be kept.
    if (!locked && next.notes !== notes) setSign(0);
    if (next.notes !== notes) onGiven({ is: 'scale', notes: next.notes });
  };
  const blank = () => {
    setSelection({ at: -1, fresh: false });
    onBlank();
  };
  return (
    <>
      <ScaleEntryStaff
        entry={entry}
        frame={frame}
        rises={asked.kind !== 'scale' || asked.question.direction !== 'down'}
        judged={judged}
        onEntry={apply}
        onOtherKey={wholeAnswerKeys(onRight, blank)}
      />
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
        <div role="group" aria-label={say.signs} className="flex gap-1.5">
          {([1, -1] as const).map((each) => (
            <button
              key={each}
              type="button"
              className="control"
              aria-pressed={sign === each}
              onClick={() => setSign(sign === each ? 0 : each)}
            >
              {each > 0 ? '♯' : '♭'}
            </button>
          ))}
          <button
            type="button"
            className="control"
            aria-label={say.lock}
            aria-pressed={locked}
            onClick={() => setLocked(!locked)}
          >
            <LockIcon className="size-4" aria-hidden="true" />
          </button>
        </div>
        {onFile && (
          <button type="button" className="control" title={say.fileWhole} onClick={onFile}>
            <FileInput className="size-4" aria-hidden="true" />
            {say.file}
          </button>
        )}
        <p className="grow basis-72 text-small text-quiet">{say.staffHint}</p>
      </div>
      <MidiKeys from={12 * (start + 1)} onKey={(midi) => apply(enterMidi(entry, midi, atClef, sign))} />
    </>
  );
}
