import { useEffect, useMemo, useState } from 'react';
import { standingSheet } from '@/core/exercise/sheet/sheet';
import { ENGLISH } from '@/core/words/class-words';
import { titleOfSheet } from '@/core/words/say-sheet';
import { sheetsWords } from '@/core/words/screen/sheets';
import { progressing } from '@/store/sheets';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { Sentence } from '@/ui/sentence/Sentence';
import { useSteady } from '@/ui/use-steady';
import { answersHref } from '../address/answers/answers-address';
import { FIRST_SET, NEW_SET, setHref } from '../address/mark/set-address';
import { SHEETS_PATH, sheetsHref, writeSheets } from '../address/sheets/sheets-address';
import { walksItself } from '../ask/go-to';
import { GoLink } from '../shell/GoLink';
import { PdfProgress } from '../shell/PdfProgress';
import { RoomShell } from '../shell/RoomShell';
import { shareFile, shareText } from '../shell/share-as';
import { useSheetPages } from '../shell/use-sheet-pages';
import { useHere, useShell } from '../shell/use-shell';
import { AddMenu } from './AddMenu';
import { withHabits } from './from-habits';
import { KeptNote } from './KeptNote';
import { Notes } from './Notes';
import { PlaceCard } from './PlaceCard';
import { Progress } from './Progress';
import { QuestionList } from './QuestionList';
import { SHEETS } from './room';
import { SheetPages } from './SheetPages';
import type { SheetsWay } from './sheets-share';
import { paperParts, sheetParts } from './sheets-words';
import { useKept } from './use-kept';
import { useLately } from './use-lately';
import { sheetFile, usePdf } from './use-pdf';
import { usePlaces } from './use-places';
import { goToSheets, useSheets } from './use-sheets';

/** The Sheets room: written work, with the reasons in its key. */
export function SheetsRoom() {
  return (
    <ErrorBoundary what={sheetsWords(ENGLISH).room} size="room">
      <Room />
    </ErrorBoundary>
  );
}

const shareLink = (href: string, name: string) => shareText(new URL(href, window.location.origin).href, name);

/** The keys of the words of the sentence. */
const WORD_KEYS = { q: 'make', s: 'signs', c: 'clefs', g: 'signature', d: 'class', v: 'version' } as const;

function Room() {
  const { sentence, problems, search } = useSheets();
  const here = useHere();
  const { w, school, speech } = here;
  const say = sheetsWords(w);
  const [word, setWord] = useState<string | null>(null);
  const [menu, setMenu] = useState(false);
  const groups = useMemo(
    () => school.state.data.groups.map(({ id, name }) => ({ id, name })),
    [school.state.data.groups],
  );
  const group = speech.group;
  const name = group?.name ?? '';
  const pages = useSheetPages(w, sentence, name);
  const { answer } = pages;
  const places = usePlaces(w, sentence, answer?.rows);
  const people = useMemo(
    () => school.state.data.people.filter((each) => each.group === group?.id),
    [school.state.data.people, group],
  );
  const lately = useLately(here, group?.id ?? null);
  const pdf = usePdf(w, sentence, name, people.length);
  const held = useKept(school, sheetsHref(sentence));
  const parts = useMemo(() => sheetParts(w, sentence, groups, group), [w, sentence, groups, group]);
  const second = useMemo(() => paperParts(w, sentence), [w, sentence]);
  const title = titleOfSheet(w, sentence);

  useEffect(() => walksItself(SHEETS_PATH, (next) => goToSheets(next, 'finished')), []);
  useEffect(() => {
    document.title = say.title(title);
  }, [say, title]);

  const hands = useSteady({
    pick: (id: string, value: string) => {
      setWord(null);
      if (id !== 'class') places.actions.pick(id, value);
      else {
        const chosen = school.state.data.groups.find((each) => each.id === value);
        if (chosen) speech.choose(chosen);
      }
    },
    habits: () => {
      const next = withHabits(sentence, lately);
      if (next) places.actions.say(next);
    },
    progress: (person: string, done: number) =>
      void school.change((data, now) => progressing(data, person, sentence.book, done, now)),
    entries: () => standingSheet(sentence, w.settings).entries,
    share: async (way: SheetsWay) => {
      const file = sheetFile(title);
      switch (way) {
        case 'link':
          return shareLink(sheetsHref(sentence), file);
        case 'pupils':
          return shareLink(answersHref(sentence, w.settings), file);
        case 'pdf':
          return pdf.write('sheet');
        case 'pdfVersions':
          return pdf.write('versions');
        case 'pdfClass':
          return pdf.write('class');
        case 'musicxml': {
          const { writeSheetMusic } = await import('@/formats/sheet/music');
          const music = writeSheetMusic(w, title, hands.entries());
          if (!music) return { done: 'not', why: say.noMusic } as const;
          return shareFile(`${file}.musicxml`, 'application/vnd.recordare.musicxml+xml', music);
        }
        case 'csv':
        case 'csvBars': {
          const { writeSheetCsv } = await import('@/formats/sheet/csv');
          const text = writeSheetCsv(w, hands.entries(), way === 'csv' ? ',' : '|');
          return shareFile(`${file}.csv`, 'text/csv', text);
        }
      }
    },
  });
  const words = Object.fromEntries(Object.entries(WORD_KEYS).map(([key, id]) => [key, () => setWord(id)]));
  const shell = useShell<SheetsWay>({
    room: SHEETS,
    here,
    search,
    work: {
      current: () => ({ name: title, address: sheetsHref(sentence) }),
      keepOver: held.item ? held.keepOver : null,
      paper: async (head, _, way) => {
        const { exactSheet } = await import('./sheets-paper');
        return exactSheet(head, sentence, (way === 'printKey' ? answer?.keyPages : answer?.pages) ?? []);
      },
      share: hands.share,
    },
    keys: {
      ...words,
      t: () => setWord(sentence.sort === 'book' ? 'scale' : 'on'),
      r: places.actions.anew,
      e: places.actions.another,
      f: places.actions.pin,
      m: places.actions.form,
      '+': () => places.actions.marks(1),
      '-': () => places.actions.marks(-1),
      Delete: places.actions.remove,
      a: () => setMenu(true),
      w: () => void shell.actions.share('pdf'),
    },
  });
  return (
    <RoomShell shell={shell} problems={problems} ready={answer !== null || pages.state === 'failed'}>
      <main className="flex min-h-0 grow flex-col gap-2 px-4 pt-3 pb-4 sm:px-6">
        <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
        <Sentence as="second" parts={second} open={word} onOpen={setWord} onPick={hands.pick} />
        <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_24rem]">
          <section
            aria-label={say.sheet}
            aria-busy={pages.state === 'making'}
            className={`grid min-h-0 content-start gap-3 room:overflow-y-auto max-sm:flex max-sm:snap-x max-sm:overflow-x-auto ${sentence.key === 'none' ? 'sm:grid-cols-1' : 'sm:grid-cols-2'}`}
          >
            {pages.state === 'failed' && (
              <p role="alert" className="card col-span-full px-4 py-3 text-wrong">
                {say.panel.failed}{' '}
                <button type="button" className="control" onClick={pages.again}>
                  {say.panel.again}
                </button>
              </p>
            )}
            {!answer &&
              pages.state === 'making' &&
              (sentence.key === 'none' ? ['sheet'] : ['sheet', 'key']).map((each) => (
                // An empty page of the same size, so that nothing moves when it is filled.
                <p key={each} className="sheet-page aspect-[595/842] p-4 text-small text-quiet">
                  {each === 'sheet' ? say.panel.making : ''}
                </p>
              ))}
            {answer && (
              <>
                <SheetPages
                  kind="sheet"
                  pages={answer.pages}
                  rows={answer.rows}
                  at={places.at}
                  grey={sentence.look.grey}
                  onChoose={places.actions.choose}
                />
                {answer.keyPages.length > 0 && (
                  <SheetPages
                    kind="key"
                    pages={answer.keyPages}
                    rows={answer.rows}
                    at={places.at}
                    grey={sentence.look.grey}
                    onChoose={places.actions.choose}
                  />
                )}
              </>
            )}
          </section>
          <section aria-labelledby="questions-title" className="card flex min-h-0 flex-col gap-2 p-3">
            <h2 id="questions-title" className="sr-only">
              {say.panel.title}
            </h2>
            <Notes
              sentence={sentence}
              answer={answer}
              onHabits={hands.habits}
              lately={lately}
              onSay={places.actions.say}
              onAnew={places.actions.anew}
            >
              <AddMenu
                open={menu}
                onOpen={setMenu}
                kept={school.state.data.kept}
                onAdd={places.actions.add}
              />
            </Notes>
            {sentence.sort === 'questions' && (
              <p className="text-small">
                <GoLink href={setHref({ ...FIRST_SET, set: NEW_SET, sheet: writeSheets(sentence) })}>
                  {say.panel.markIt}
                </GoLink>
              </p>
            )}
            <KeptNote held={held} name={title} />
            <PdfProgress job={pdf.job} />
            {answer && <QuestionList rows={answer.rows} places={places} />}
            {sentence.sort === 'book' && (
              <Progress
                people={people}
                book={sentence.book}
                of={answer?.rows.length ?? 0}
                onDone={hands.progress}
              />
            )}
            <PlaceCard places={places} />
          </section>
        </div>
      </main>
    </RoomShell>
  );
}
