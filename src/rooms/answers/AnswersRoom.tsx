import { ClipboardCopy, FileDown } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { readSlotCode } from '@/core/exercise/sheet/slot-code';
import { askedIn, readItemCode } from '@/core/exercise/sheet/task/all';
import { wordsOf } from '@/core/words/class-words';
import { sayAddressProblem } from '@/core/words/say-address';
import { titleOfSheet } from '@/core/words/say-sheet';
import { ANSWERS_WORDS as SAY } from '@/core/words/screen/answers';
import { SHEET_WORDS } from '@/core/words/screen/sheet-paper';
import { HANDED_IN_TYPE, handedInCode, writeHandedIn } from '@/formats/handed-in/handed-in';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { copyText } from '@/ui/files/clipboard';
import { download, plainName } from '@/ui/files/download';
import { Speaking } from '@/ui/school/use-class';
import { useSteady } from '@/ui/use-steady';
import { readAnswers } from '../address/answers/answers-address';
import { writeSheets } from '../address/sheets/sheets-address';
import { useSheetPages } from '../shell/use-sheet-pages';
import { type Asked, Question } from './Question';
import { useAnswers } from './use-answers';

/** The page on which a student answers a sheet: by link, kept as it is typed, handed in as a file or a code. */
export function AnswersRoom() {
  return (
    <ErrorBoundary what={SAY.page} size="room">
      <Page />
    </ErrorBoundary>
  );
}

function Page() {
  const reading = useMemo(() => readAnswers(window.location.search), []);
  const { sheet, settings, problems } = reading;
  const w = useMemo(() => wordsOf(settings), [settings]);
  const pages = useSheetPages(w, sheet, '');
  const rows = pages.answer?.rows ?? null;
  const asked = useMemo(
    () =>
      rows?.flatMap(({ code, slot, number }): readonly Asked[] => {
        const item = readItemCode(code, settings);
        const form = readSlotCode(slot, settings)?.form ?? 'blank';
        return item && number !== null && form !== 'worked' ? [{ item, number, form }] : [];
      }) ?? null,
    [rows, settings],
  );
  const id = useMemo(() => writeSheets({ ...sheet, key: 'none' }), [sheet]);
  const { sheet: written, saving, actions } = useAnswers(id, asked?.length ?? null);
  const [open, setOpen] = useState(0);
  const [told, setTold] = useState('');
  const [code, setCode] = useState<string | null>(null);
  const title = titleOfSheet(w, sheet);
  useEffect(() => {
    document.title = SAY.title(title);
  }, [title]);
  const hands = useSteady({
    handedIn: () => {
      const now = new Date().toISOString();
      actions.handed(now);
      return { name: written?.name ?? '', sheet: id, answers: written?.answers ?? [], at: now };
    },
    file: () => {
      const name = SAY.fileName(plainName(title, ''), plainName(written?.name ?? '', ''));
      download({ name, type: HANDED_IN_TYPE, content: writeHandedIn(hands.handedIn()) });
      setTold(SAY.fileSaved(name));
    },
    copy: async () => {
      const text = handedInCode(hands.handedIn());
      setCode(text);
      if (await copyText(text)) setTold(SAY.copied);
    },
  });
  const ready = asked !== null && written !== null;
  const can = asked?.filter(({ item }) => askedIn(item) !== null).length ?? 0;
  const done = written?.answers.filter((each) => each !== null).length ?? 0;
  return (
    <Speaking words={w}>
      <main
        data-live={ready ? 'yes' : 'no'}
        data-saving={saving}
        className="mx-auto flex min-h-dvh w-full max-w-[46rem] flex-col gap-3 px-3 py-4 sm:px-6"
      >
        <header>
          <h1 className="font-serif text-sentence font-bold">{title}</h1>
          <p className="flex flex-wrap gap-x-3 text-small text-quiet" role="status">
            {sheet.sort === 'questions' && <span>{SHEET_WORDS.version(sheet.version)}</span>}
            <span>{SAY.progress(done, can)}</span>
            <span>{saving === 'saved' ? SAY.saved : saving === 'saving' ? SAY.saving : SAY.notSaved}</span>
          </p>
          {problems.length > 0 && (
            <div role="alert" className="text-small text-wrong">
              <p>{SAY.problems}</p>
              {problems.map((problem, at) => (
                <p key={at}>{sayAddressProblem(w, problem)}</p>
              ))}
            </div>
          )}
        </header>
        {!ready && <p className="text-quiet">{pages.state === 'failed' ? SAY.failed : SAY.making}</p>}
        {ready && (
          <>
            <ol className="grid gap-2">
              {asked.map((each, at) => (
                <Question
                  key={each.number}
                  asked={each}
                  open={open === at}
                  code={written.answers[at] ?? null}
                  typed={written.typed[at] ?? null}
                  first={at === 0}
                  last={at === asked.length - 1}
                  onOpen={() => setOpen(open === at ? -1 : at)}
                  onGive={(given) => actions.give(at, given)}
                  onType={(typed) => actions.type(at, typed)}
                  onStep={(by) => setOpen(Math.max(0, Math.min(asked.length - 1, at + by)))}
                />
              ))}
            </ol>
            <section aria-labelledby="hand-in" className="card flex flex-col gap-2 px-4 py-3">
              <h2 id="hand-in" className="font-serif text-large font-bold">
                {SAY.handIn}
              </h2>
              <p className="text-small text-quiet">
                {SAY.handInWhy} {done < can ? SAY.missing(can - done) : ''}
              </p>
              <label className="flex flex-col gap-1 text-small">
                {SAY.name}
                <input
                  className="field"
                  maxLength={80}
                  autoComplete="off"
                  value={written.name}
                  onChange={({ target }) => actions.name(target.value)}
                />
              </label>
              <div className="flex flex-wrap gap-2">
                <button type="button" className="control" onClick={hands.file}>
                  <FileDown className="size-4" aria-hidden="true" />
                  {SAY.file}
                </button>
                <button type="button" className="control" onClick={() => void hands.copy()}>
                  <ClipboardCopy className="size-4" aria-hidden="true" />
                  {SAY.code}
                </button>
              </div>
              <p role="status" className="text-small font-semibold">
                {told}
              </p>
              {code && (
                <label className="flex flex-col gap-1 text-small">
                  {SAY.codeField}
                  <textarea className="field break-all" readOnly rows={3} value={code} />
                </label>
              )}
              {written.handedAt !== null && <p className="text-small text-quiet">{SAY.change}</p>}
            </section>
          </>
        )}
      </main>
    </Speaking>
  );
}
