import type { Scale } from '@/core/exercise/sheet/sheet';
import { SHEET_WORDS } from '@/core/words/screen/sheet-paper';
import { sheetsWords } from '@/core/words/screen/sheets';
import type { Person } from '@/store/person';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly people: readonly Person[];
  readonly book: Scale;
  /** Scales in the book. */
  readonly of: number;
  readonly onDone: (person: string, done: number) => void;
};

/** How many scales of a project book each of the class has done. */
export function Progress({ people, book, of, onDone }: Props) {
  const w = useWords();
  const { panel: say } = sheetsWords(w);
  return (
    <section aria-labelledby="progress-title" className="shrink-0 border-t border-rule pt-2 text-small">
      <h3 id="progress-title" className="font-bold">
        {say.progress}
      </h3>
      {people.length === 0 && <p className="text-quiet">{say.noPeople}</p>}
      <ul className="grid max-h-40 gap-1 overflow-y-auto">
        {people.map(({ id, name, books }) => {
          const done = Math.min(of, books[book] ?? 0);
          return (
            <li key={id} className="flex items-center gap-2">
              <span className="w-24 shrink-0 truncate">{name}</span>
              <input
                type="range"
                className="grow"
                min={0}
                max={of}
                value={done}
                aria-label={say.doneOf(name)}
                aria-valuetext={SHEET_WORDS.progress(done, of)}
                onChange={({ target }) => onDone(id, Number(target.value))}
              />
              <output className="w-16 text-right tabular-nums">{SHEET_WORDS.progress(done, of)}</output>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
