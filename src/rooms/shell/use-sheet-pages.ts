import { useEffect, useMemo, useState } from 'react';
import { slotsCode } from '@/core/exercise/sheet/slot-code';
import type { ClassWords } from '@/core/words/class-words';
import { keptWorker } from '@/workers/protocol';
import type { SheetAnswer, SheetQuestion } from '@/workers/sheet';
import { sheetAnswer } from '@/workers/sheet-answer';
import type { SheetsSentence } from '../address/sheets/sheets-sentence';
import { headOf } from './sheet-head';

const pages = keptWorker<SheetQuestion, SheetAnswer>(
  () => new Worker(new URL('../../workers/sheet.worker.ts', import.meta.url), { type: 'module' }),
  sheetAnswer,
);

/** A sheet as a worker is asked for it. */
export function questionOf(w: ClassWords, sentence: SheetsSentence, group: string): SheetQuestion {
  const { look, key, crib, slots, ...sheet } = sentence;
  return {
    sheet: { ...sheet, slots: slots === null ? null : slotsCode(slots) },
    settings: w.settings,
    sayings: w.sayings,
    head: headOf(w, sentence, group),
    look,
    key,
    crib,
  };
}

/** Milliseconds between two tries. */
const AGAIN = 3000;

export type SheetPagesMade = {
  /** The newest pages; those of the sentence before stand until its own are made. */
  readonly answer: SheetAnswer | null;
  readonly state: 'making' | 'made' | 'failed';
  readonly again: () => void;
};

/** The pages of a sheet, made beside the page that is looked at. */
export function useSheetPages(w: ClassWords, sentence: SheetsSentence, group: string): SheetPagesMade {
  const question = useMemo(() => questionOf(w, sentence, group), [w, sentence, group]);
  const [tries, setTries] = useState(0);
  const asked = useMemo(() => ({ question, tries }), [question, tries]);
  const [made, setMade] = useState<{ readonly of: typeof asked; readonly answer: SheetAnswer } | null>(null);
  const [failed, setFailed] = useState<typeof asked | null>(null);
  useEffect(() => {
    let again: ReturnType<typeof setTimeout> | undefined;
    pages.ask(
      asked.question,
      (answer) => {
        setFailed(null);
        setMade({ of: asked, answer });
      },
      () => {
        setFailed(asked);
        // What could not be fetched may come with the network.
        again = setTimeout(() => setTries((before) => before + 1), AGAIN);
      },
    );
    return () => clearTimeout(again);
  }, [asked]);
  return {
    answer: made?.answer ?? null,
    state: failed === asked ? 'failed' : made?.of === asked ? 'made' : 'making',
    again: () => setTries((before) => before + 1),
  };
}
