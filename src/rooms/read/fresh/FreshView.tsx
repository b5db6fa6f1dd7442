import { FileInput, PenLine } from 'lucide-react';
import { type SyntheticEvent, useRef, useState } from 'react';
import { type Fifths, fifths, spelled } from '@/core/note/spelled';
import { accidentalsOf } from '@/core/scale/signature';
import { sayProblem } from '@/core/words/say-problem';
import { readWords } from '@/core/words/screen/read';
import { useWords } from '@/ui/school/use-class';
import { endsSentence, LONGEST_TITLE, type ReadSentence } from '../../address/read/read-address';

type Props = {
  readonly onRead: (sentence: ReadSentence) => void;
  readonly onFile: (file: File) => void;
  readonly onWrite: () => void;
  /** Why the last file could not be read. */
  readonly problem: string | null;
};

const KINDS = ['sharps', 'flats', 'none'] as const;

type Kind = (typeof KINDS)[number];

/** Endings of the files that are read. */
const ACCEPT = '.musicxml,.xml,.mxl,.abc,.mid,.midi';

/** Another piece: by its signature in half a minute, from a file, or by its bars. */
export function FreshView({ onRead, onFile, onWrite, problem }: Props) {
  const w = useWords();
  const say = readWords(w).fresh;
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <div className="grid grid-cols-1 content-start gap-3 room:grid-cols-[minmax(0,1fr)_21rem]">
      <QuickForm onRead={onRead} />
      <div className="flex flex-col gap-3">
        <section aria-label={say.file} className="card flex flex-col gap-2 p-4">
          <h2 className="font-serif text-large">{say.file}</h2>
          <p>{say.fileLead}</p>
          <input
            ref={chooser}
            type="file"
            accept={ACCEPT}
            className="hidden"
            tabIndex={-1}
            aria-label={say.choose}
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) onFile(file);
              target.value = '';
            }}
          />
          <button type="button" className="control self-start" onClick={() => chooser.current?.click()}>
            <FileInput className="size-4" aria-hidden="true" />
            {say.choose}
          </button>
          {problem && (
            <p role="alert" className="text-wrong">
              {problem}
            </p>
          )}
        </section>
        <section aria-label={say.write} className="card flex flex-col gap-2 p-4">
          <h2 className="font-serif text-large">{say.write}</h2>
          <p>{say.writeLead}</p>
          <button type="button" className="control self-start" onClick={onWrite}>
            <PenLine className="size-4" aria-hidden="true" />
            {say.begin}
          </button>
        </section>
      </div>
    </div>
  );
}

/** Title, kind and count, first and last note: what can be seen of a printed piece in half a minute. */
function QuickForm({ onRead }: Pick<Props, 'onRead'>) {
  const w = useWords();
  const say = readWords(w).fresh;
  const [title, setTitle] = useState('');
  const [kind, setKind] = useState<Kind>('sharps');
  const [count, setCount] = useState(1);
  const [ends, setEnds] = useState({ first: '', last: '' });
  const [told, setTold] = useState<string | null>(null);
  const signs: Fifths = fifths(kind === 'none' ? 0 : kind === 'sharps' ? count : -count);
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    const read = { first: ends.first.trim(), last: ends.last.trim() };
    const notes = Object.entries(read).map(([name, typed]) => {
      const reading = typed === '' ? null : w.read(typed);
      return { name, reading };
    });
    const wrong = notes.find(({ reading }) => reading && !reading.ok)?.reading;
    if (wrong && !wrong.ok) return setTold(sayProblem(w, wrong.problem));
    const noteOf = (name: string) => {
      const found = notes.find((each) => each.name === name)?.reading;
      return found?.ok ? found.note : null;
    };
    onRead(
      endsSentence({ title: title.trim(), fifths: signs, first: noteOf('first'), last: noteOf('last') }),
    );
  };
  const example = w.note(spelled('F', 1));
  return (
    <section aria-label={say.quick} className="card p-4">
      <form className="flex flex-col gap-3" onSubmit={submit}>
        <h2 className="font-serif text-large">{say.quick}</h2>
        <p>{say.lead}</p>
        <label className="flex flex-col gap-1">
          <span className="text-quiet text-small">{say.name}</span>
          <input
            className="field"
            value={title}
            maxLength={LONGEST_TITLE}
            onChange={({ target }) => setTitle(target.value)}
          />
        </label>
        <fieldset className="flex flex-wrap items-center gap-2">
          <legend className="text-quiet text-small">{say.kind}</legend>
          {KINDS.map((each) => (
            <label key={each} className="control">
              <input type="radio" name="kind" checked={kind === each} onChange={() => setKind(each)} />
              {say.kinds[each]}
            </label>
          ))}
        </fieldset>
        {kind !== 'none' && (
          <fieldset className="flex flex-wrap items-center gap-2">
            <legend className="text-quiet text-small">{say.count}</legend>
            {[1, 2, 3, 4, 5, 6, 7].map((each) => (
              <label key={each} className="control">
                <input type="radio" name="count" checked={count === each} onChange={() => setCount(each)} />
                {each}
              </label>
            ))}
            <p className="w-full">{say.signs(w.noteList(accidentalsOf(signs)))}</p>
          </fieldset>
        )}
        <div className="flex flex-wrap gap-3">
          {(['first', 'last'] as const).map((name) => (
            <label key={name} className="flex flex-col gap-1">
              <span className="text-quiet text-small">{say[name]}</span>
              <input
                className="field w-40"
                value={ends[name]}
                maxLength={20}
                placeholder={say.noteHint(example)}
                onChange={({ target }) => setEnds({ ...ends, [name]: target.value })}
              />
            </label>
          ))}
        </div>
        {told && (
          <p role="alert" className="text-wrong">
            {told}
          </p>
        )}
        <button type="submit" className="control self-start bg-ink! text-sheet!">
          {say.read}
        </button>
      </form>
    </section>
  );
}
