import { Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { askedOnSheet, type StoredQuestion, storedQuestion } from '@/core/exercise/set/question';
import { standingSheet } from '@/core/exercise/sheet/sheet';
import type { SheetItem } from '@/core/exercise/sheet/task/all';
import { titleOfSheet } from '@/core/words/say-sheet';
import { setWords } from '@/core/words/screen/set';
import type { AnswerSet } from '@/store/answer-set';
import type { Kept } from '@/store/kept';
import { NAME_LIMIT } from '@/store/limits';
import { useWords } from '@/ui/school/use-class';
import { readSheets, SHEETS_PATH } from '../../address/sheets/sheets-address';
import { GoLink } from '../../shell/GoLink';
import { itemFromKept } from '../../shell/item-from-kept';
import { pathOf, searchOf } from '../../shell/room';
import { dayText, setName } from './set-words';
import { typedItems } from './typed-items';

/** What a set is to be made of. */
export type SetWish = {
  readonly name: string;
  readonly sheet: string | null;
  readonly questions: readonly StoredQuestion[];
  /** Whether it is asked in class at once; left out for entering what is on paper. */
  readonly inClass?: boolean;
};

type Props = {
  readonly sets: readonly AnswerSet[];
  readonly kept: readonly Kept[];
  readonly people: number;
  /** The query of the sheet one came from. */
  readonly sheet: string | null;
  readonly isGone: boolean;
  readonly onMake: (wish: SetWish) => void;
  readonly onOpen: (id: string) => void;
  readonly onRemove: (set: AnswerSet) => void;
};

function stored(items: readonly (readonly [SheetItem, number | null])[]): readonly StoredQuestion[] {
  const all: StoredQuestion[] = [];
  for (const [item, marks] of items) all.push(storedQuestion(item, marks, all));
  return all;
}

/** Where a set begins: its questions are on a sheet, on the shelf, or typed; and the sets that are there. */
export function SetStart(props: Props) {
  const w = useWords();
  const say = setWords(w).start;
  const { people, isGone, sets, onOpen, onRemove } = props;
  return (
    <div className="grid min-h-0 grow grid-cols-1 content-start gap-3 room:grid-cols-[minmax(0,1fr)_25rem] room:overflow-y-auto">
      <section aria-label={say.title} className="card flex flex-col gap-4 px-4 py-3">
        {isGone && (
          <p role="alert" className="text-wrong">
            {say.gone}
          </p>
        )}
        <p>{say.help}</p>
        {people === 0 && (
          <p role="status">
            {say.noPeople} <GoLink href="/class">{say.toClass}</GoLink>
          </p>
        )}
        <section aria-label={say.inClass} className="flex flex-col items-start gap-1">
          <h2 className="text-small font-bold text-quiet">{say.inClass}</h2>
          <p className="text-small">{say.inClassHelp}</p>
          <button
            type="button"
            className="control"
            onClick={() => props.onMake({ name: '', sheet: null, questions: [], inClass: true })}
          >
            {say.begin}
          </button>
        </section>
        <Sheets {...props} />
        <Shelf {...props} />
        <Typed {...props} />
      </section>
      <section aria-label={say.others} className="card flex flex-col gap-2 self-start px-4 py-3">
        <h2 className="text-small font-bold text-quiet">{say.others}</h2>
        {sets.length === 0 && <p className="text-small">{say.none}</p>}
        <ul className="flex flex-col">
          {sets.toReversed().map((set) => (
            <li key={set.id} className="flex items-center justify-between gap-2">
              <button
                type="button"
                className="py-1.5 text-left hover:underline"
                onClick={() => onOpen(set.id)}
              >
                <span className="font-serif">{setName(w, set)}</span>{' '}
                <span className="text-small text-quiet">
                  {say.about(dayText(set.day), set.questions.length)}
                </span>
              </button>
              <button
                type="button"
                className="beside-button"
                aria-label={say.remove(setName(w, set))}
                onClick={() => onRemove(set)}
              >
                <Trash2 className="size-4" aria-hidden="true" />
              </button>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

function Sheets({ kept, sheet, onMake }: Props) {
  const w = useWords();
  const say = setWords(w).start;
  const sheets = useMemo(() => {
    const queries = [
      ...(sheet === null ? [] : [{ id: 'this', name: say.thisSheet, query: sheet }]),
      ...kept
        .filter(({ address }) => pathOf(address) === SHEETS_PATH)
        .toReversed()
        .map(({ id, name, address }) => ({ id, name, query: searchOf(address) })),
    ];
    return queries.slice(0, 12).map(({ id, name, query }) => {
      const { sentence } = readSheets(query);
      const places = askedOnSheet(standingSheet(sentence, w.settings));
      const title = id === 'this' ? titleOfSheet(w, sentence) : name;
      return { id, name: id === 'this' ? `${name}: ${title}` : name, title, query, places };
    });
  }, [kept, sheet, say, w]);
  return (
    <section aria-label={say.sheets} className="flex flex-col gap-1">
      <h2 className="text-small font-bold text-quiet">{say.sheets}</h2>
      {sheets.length === 0 && (
        <p className="text-small">
          {say.noSheets} <GoLink href={SHEETS_PATH}>{say.toSheets}</GoLink>
        </p>
      )}
      <ul className="flex flex-col gap-1">
        {sheets
          .filter(({ places }) => places.length > 0)
          .map(({ id, name, title, query, places }) => (
            <li key={id} className="flex flex-wrap items-center gap-2">
              <span className="font-serif">{name}</span>
              <button
                type="button"
                className={`control ${id === 'this' ? 'bg-ink! text-sheet!' : ''}`}
                onClick={() =>
                  onMake({
                    name: title,
                    sheet: query,
                    questions: stored(places.map(({ item, marks }) => [item, marks])),
                  })
                }
              >
                {say.make(places.length)}
              </button>
            </li>
          ))}
      </ul>
    </section>
  );
}

/** As much of the shelf as is offered, the newest first. */
const FROM_SHELF = 15;

function Shelf({ kept, onMake }: Props) {
  const w = useWords();
  const say = setWords(w).start;
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const offered = useMemo(
    () =>
      kept.toReversed().flatMap(({ id, name, address }) => {
        const item = itemFromKept(address, w.settings);
        return item ? [{ id, name, item }] : [];
      }),
    [kept, w.settings],
  );
  if (offered.length === 0) return null;
  const items = offered.filter(({ id }) => chosen.has(id));
  const toggle = (id: string) => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  return (
    <section aria-label={say.shelf} className="flex flex-col gap-1">
      <h2 className="text-small font-bold text-quiet">{say.shelf}</h2>
      <ul className="grid gap-x-4 sm:grid-cols-2">
        {offered.slice(0, FROM_SHELF).map(({ id, name }) => (
          <li key={id}>
            <label className="flex items-start gap-2 py-0.5">
              <input type="checkbox" className="mt-1" checked={chosen.has(id)} onChange={() => toggle(id)} />
              {name}
            </label>
          </li>
        ))}
      </ul>
      {items.length > 0 && (
        <button
          type="button"
          className="control self-start"
          onClick={() =>
            onMake({ name: '', sheet: null, questions: stored(items.map(({ item }) => [item, null])) })
          }
        >
          {say.make(items.length)}
        </button>
      )}
    </section>
  );
}

function Typed({ onMake }: Props) {
  const w = useWords();
  const say = setWords(w).start;
  const [text, setText] = useState('');
  const { items, unread } = useMemo(() => typedItems(w, text), [w, text]);
  return (
    <section aria-label={say.typed} className="flex flex-col gap-1">
      <h2 className="text-small font-bold text-quiet">{say.typed}</h2>
      <textarea
        className="field field-sizing-content min-h-20"
        aria-label={say.typed}
        placeholder={say.typedHint}
        value={text}
        maxLength={NAME_LIMIT * 60}
        onChange={(event) => setText(event.target.value)}
      />
      {unread.length > 0 && (
        <ul role="alert" className="text-small text-wrong">
          {unread.map(({ line, read }) => (
            <li key={line}>{say.typedProblem(line, read)}</li>
          ))}
        </ul>
      )}
      {items.length > 0 && (
        <button
          type="button"
          className="control self-start"
          onClick={() =>
            onMake({ name: '', sheet: null, questions: stored(items.map((item) => [item, null])) })
          }
        >
          {say.make(items.length)}
        </button>
      )}
    </section>
  );
}
