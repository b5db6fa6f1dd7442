import { type RefObject, useEffect, useMemo, useRef, useState } from 'react';
import { ask } from '@/core/ask/ask';
import type { AskReading } from '@/core/ask/reading';
import { sayAskProblem, sayReading } from '@/core/words/say-ask';
import { askWords } from '@/core/words/screen/ask';
import { useWords } from '@/ui/school/use-class';
import { useHouse } from '../shell/house';
import type { AskKeys } from './ask-keys';
import { hrefOfReading } from './href';
import { askedBefore, forgetAsked, rememberAsked } from './recent';
import { standingSentence, standingSheet } from './standing';

type Props = {
  readonly id: string;
  readonly text: string;
  /** Where the line finds who walks and takes the answers. */
  readonly keys: RefObject<AskKeys | null>;
  /** Whether the first answer is taken as soon as there is one. */
  readonly taking: RefObject<boolean>;
  readonly onActive: (id: string | null) => void;
  readonly onText: (text: string) => void;
  readonly onGo: (href: string) => void;
};

type Row = { readonly key: string; readonly text: string; readonly take: () => void };

/** What a line was read as, live: every reading, or what was not understood, or what was asked before. */
export function AskAnswers({ id, text, keys, taking, onActive, onText, onGo }: Props) {
  const w = useWords();
  const say = askWords(w);
  const { readings, problem } = useMemo(() => ask(w, text), [w, text]);
  const [recent, setRecent] = useState(askedBefore);
  // Another line begins at its first reading.
  const [chosen, setChosen] = useState({ text, at: 0 });
  const at = chosen.text === text ? chosen.at : 0;
  const empty = text.trim() === '';
  const rooms = useHouse();
  const takeReading = async (reading: AskReading) => {
    rememberAsked(text);
    onGo(hrefOfReading(reading, await rooms(), standingSentence(), standingSheet()));
  };
  const rows: readonly Row[] = empty
    ? recent.map((line) => ({ key: line, text: line, take: () => onText(line) }))
    : readings.map((reading, index) => ({
        key: `${index}`,
        text: sayReading(w, reading),
        take: () => takeReading(reading),
      }));
  const shown = Math.min(at, Math.max(0, rows.length - 1));
  const current = useRef({ rows, shown, text });
  current.current = { rows, shown, text };

  useEffect(() => {
    keys.current = {
      move: (by) => {
        const { rows: all, shown: from, text: line } = current.current;
        setChosen({ text: line, at: Math.max(0, Math.min(all.length - 1, from + by)) });
      },
      take: () => current.current.rows[current.current.shown]?.take(),
    };
    if (taking.current) {
      taking.current = false;
      keys.current.take();
    }
    return () => {
      keys.current = null;
    };
  }, [keys, taking]);
  useEffect(() => onActive(rows.length > 0 ? `${id}-${shown}` : null), [onActive, id, shown, rows.length]);

  return (
    <div className="card absolute top-full right-0 left-0 z-30 mt-1 min-w-72 p-2 shadow-lg">
      {problem && (
        <p role="alert" className="px-2 py-1 text-small text-wrong">
          {sayAskProblem(w, problem)}
        </p>
      )}
      {rows.length > 0 && (
        <p className="px-2 text-small text-quiet">{empty ? say.recent : say.readings(rows.length)}</p>
      )}
      <div
        id={id}
        role="listbox"
        aria-label={empty ? say.recent : say.means}
        className="max-h-80 overflow-y-auto"
      >
        {rows.map((row, index) => (
          <button
            key={row.key}
            id={`${id}-${index}`}
            type="button"
            role="option"
            tabIndex={-1}
            aria-selected={index === shown}
            className="block w-full rounded-control px-2 py-1.5 text-left font-serif text-large aria-selected:bg-now"
            onClick={row.take}
            onPointerMove={() => setChosen({ text, at: index })}
          >
            {row.text}
          </button>
        ))}
      </div>
      {empty && rows.length > 0 && (
        <button
          type="button"
          className="control mt-1"
          onClick={() => {
            forgetAsked();
            setRecent([]);
          }}
        >
          {say.forget}
        </button>
      )}
      {empty && <p className="px-2 pt-1 text-small text-quiet">{say.hint}</p>}
      <p role="status" className="sr-only">
        {!empty && rows.length > 0 ? `${say.readings(rows.length)} ${rows[shown]?.text ?? ''}` : ''}
      </p>
    </div>
  );
}
