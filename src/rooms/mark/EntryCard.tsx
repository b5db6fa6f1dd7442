import { FileInput, Lock, LockOpen, Piano } from 'lucide-react';
import { type KeyboardEvent, lazy, type ReactNode, Suspense, useState } from 'react';
import { clefSignature, type Given, givenKind, startOctave } from '@/core/mark/given';
import type { Judged } from '@/core/mark/judged';
import type { MarkQuestion } from '@/core/mark/questions';
import { EMPTY_ROW, enterMidi, type RowEntry } from '@/core/mark/row-entry';
import type { Alteration } from '@/core/note/spelled';
import { PATTERNS } from '@/core/scale/pattern';
import { signatureOf } from '@/core/scale/signature';
import { readGiven } from '@/core/words/read-given';
import { sayGiven } from '@/core/words/say-given';
import { markWords } from '@/core/words/screen/mark';
import { useWords } from '@/ui/school/use-class';
import { SignatureDraw } from '../questions/SignatureDraw';
import { KeyStrip } from './KeyStrip';
import { Reasons } from './Reasons';
import { RowStaff } from './RowStaff';

const FileAnswer = lazy(() => import('./FileAnswer').then((module) => ({ default: module.FileAnswer })));

type Props = {
  readonly asked: MarkQuestion;
  readonly given: Given | null;
  readonly typed: string | null;
  readonly judged: Judged | null;
  /** How often the right answer was taken; each time its first note is chosen. */
  readonly taken: number;
  /** What was entered; or what was typed and cannot be read. */
  readonly onGiven: (given: Given) => void;
  readonly onTyped: (typed: string) => void;
  readonly onRight: () => void;
  readonly onBlank: () => void;
  readonly onNext: () => void;
  /** The hand has gone from the card: what was entered is one change. */
  readonly onRest: () => void;
};

/** Where an answer is entered: typed, on a staff, on a keyboard, from a file, or from the right answer. */
export function EntryCard(props: Props) {
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

/** The field in which any answer can be typed. What cannot be read stays, with the reason. */
function TypedAnswer({ asked, given, typed, onGiven, onTyped, onNext }: Props) {
  const w = useWords();
  const say = markWords(w).entry;
  const [draft, setDraft] = useState<string | null>(null);
  const text = draft ?? typed ?? (given ? sayGiven(w, asked, given) : '');
  const reading = readGiven(w, asked, text);
  const type = (next: string) => {
    setDraft(next);
    const read = readGiven(w, asked, next);
    if (!read.ok) onTyped(next);
    else
      onGiven(
        given?.is === 'key' && read.given.is === 'key'
          ? { ...read.given, reasons: given.reasons }
          : read.given,
      );
  };
  const enter = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' || event.nativeEvent.isComposing) return;
    event.preventDefault();
    setDraft(null);
    onNext();
  };
  return (
    <div className="flex grow basis-80 flex-col">
      <input
        type="text"
        data-answer=""
        className="field"
        aria-label={say.field}
        aria-invalid={!reading.ok}
        placeholder={say.hints[givenKind(asked)]}
        value={text}
        maxLength={300}
        spellCheck={false}
        autoComplete="off"
        onChange={(event) => type(event.target.value)}
        onBlur={() => reading.ok && setDraft(null)}
        onKeyDown={enter}
      />
      {!reading.ok && (
        <p role="alert" className="text-small text-wrong">
          {reading.why}
        </p>
      )}
    </div>
  );
}

type RowProps = Props & {
  readonly asked: Extract<MarkQuestion, { kind: 'scale' }>;
  readonly onFile: () => void;
};

/** The staff of a row, the signs for the next note, and the keyboard where it is wanted. */
function RowPad({ asked, given, judged, taken, onFile, onGiven, onRight, onBlank }: RowProps) {
  const w = useWords();
  const say = markWords(w).entry;
  const [selection, setSelection] = useState({ at: -1, fresh: false });
  const [seen, setSeen] = useState(taken);
  if (seen !== taken) {
    setSeen(taken);
    setSelection({ at: 0, fresh: true });
  }
  const [sign, setSign] = useState<Alteration>(0);
  const [locked, setLocked] = useState(false);
  const [keyboard, setKeyboard] = useState(false);
  const notes = given?.is === 'row' ? given.notes : EMPTY_ROW.notes;
  const at = Math.min(selection.at, notes.length - 1);
  // Where nothing was chosen yet, letters go on after the last note.
  const entry: RowEntry = {
    notes,
    at: selection.fresh
      ? at
      : notes.length === 0
        ? -1
        : Math.max(at, selection.at < 0 ? notes.length - 1 : at),
    fresh: selection.fresh,
  };
  const atClef = clefSignature(asked, w.settings);
  const start = startOctave(asked);
  const frame = { clef: asked.question.clef ?? ('treble' as const), atClef, start, sign };
  const LockIcon = locked ? Lock : LockOpen;
  const apply = (next: RowEntry) => {
    setSelection({ at: next.at, fresh: next.fresh });
    // A sign in hand holds for one note, unless it is to be kept.
    if (!locked && next.notes !== notes) setSign(0);
    if (next.notes !== notes) onGiven({ is: 'row', notes: next.notes });
  };
  const whole = (event: KeyboardEvent) => {
    if (event.key !== ' ' && event.key !== '0') return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key === '0') setSelection({ at: -1, fresh: false });
    if (event.key === ' ') onRight();
    else onBlank();
  };
  return (
    <>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: keys of the staff inside that it does not take itself */}
      <div data-row-staff="" onKeyDown={whole}>
        <RowStaff
          entry={entry}
          frame={frame}
          rises={asked.question.direction !== 'down'}
          judged={judged}
          onEntry={apply}
        />
      </div>
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
        <button
          type="button"
          className="control"
          aria-pressed={keyboard}
          onClick={() => setKeyboard(!keyboard)}
        >
          <Piano className="size-4" aria-hidden="true" />
          {say.keyboard}
        </button>
        <button type="button" className="control" title={say.fileWhole} onClick={onFile}>
          <FileInput className="size-4" aria-hidden="true" />
          {say.file}
        </button>
        <p className="grow basis-72 text-small text-quiet">{say.staffHint}</p>
      </div>
      {keyboard && (
        <div className="overflow-x-auto">
          <KeyStrip
            from={12 * (start + 1)}
            onKey={(midi) => apply(enterMidi({ ...entry, fresh: entry.fresh }, midi, atClef, sign))}
          />
        </div>
      )}
    </>
  );
}

function SignaturePad({
  asked,
  given,
  onGiven,
  onRight,
  onBlank,
}: Props & { readonly asked: Extract<MarkQuestion, { kind: 'signature' }> }) {
  const { tonic, scale, clef } = asked.question;
  const whole = (event: KeyboardEvent) => {
    if (!(event.target instanceof Element) || !event.target.matches('[role=application]')) return;
    if (event.key !== ' ' && event.key !== '0') return;
    event.preventDefault();
    if (event.key === ' ') onRight();
    else onBlank();
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: keys of the staff inside that it does not take itself
    <div onKeyDown={whole}>
      <SignatureDraw
        count={signatureOf(tonic, PATTERNS[scale].mode)}
        clef={clef}
        drawn={given?.is === 'drawn' ? given.signs : []}
        pointed={[]}
        onDraw={(signs) => onGiven({ is: 'drawn', signs })}
      />
    </div>
  );
}
