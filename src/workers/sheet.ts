import { type Entry, marksOf, type Sheet, standingSheet } from '@/core/exercise/sheet/sheet';
import { readSlotsCode, slotCode } from '@/core/exercise/sheet/slot-code';
import { askedIn, itemCode } from '@/core/exercise/sheet/task/all';
import type { Sayings, Settings } from '@/core/school/settings';
import { wordsOf } from '@/core/words/class-words';
import { nameOfItem } from '@/core/words/say-task';
import type { KeyDepth } from '@/engrave/page/key-part';
import type { PageLook } from '@/engrave/page/look';
import {
  keyPages,
  numbersOf,
  type PaperQuestion,
  type SheetHead,
  type SheetPage,
  sheetPages,
  signaturesOn,
} from '@/engrave/page/sheet-pages';
import { twoUp } from '@/engrave/page/two-up';

/** A sheet as a message: what stands at its places in codes, since notes are not the same after a message. */
export type SheetMessage = Omit<Sheet, 'slots'> & { readonly slots: string | null };

/** What pages are asked for: a sheet, the class that it is for, and how it stands on paper. */
export type SheetQuestion = {
  readonly sheet: SheetMessage;
  readonly settings: Settings;
  readonly sayings: Sayings;
  readonly head: SheetHead;
  readonly look: PageLook;
  readonly key: KeyDepth | 'none';
  readonly crib: boolean;
};

/** One thing on a sheet as a list shows it. */
export type SheetRow = {
  readonly code: string;
  readonly slot: string;
  readonly name: string;
  readonly number: number | null;
  readonly marks: number;
  readonly measure: number;
  readonly asks: boolean;
};

export type SheetAnswer = {
  readonly rows: readonly SheetRow[];
  /** How many different questions there are for what was asked. */
  readonly fits: number;
  readonly measure: number;
  /** Places where an earlier version has the same question. */
  readonly again: readonly number[];
  /** How many signatures a crib would show. */
  readonly signatures: number;
  readonly pages: readonly SheetPage[];
  readonly keyPages: readonly SheetPage[];
};

/** The sheet of a message, in the class's own way. */
export function sheetOf({ slots, ...rest }: SheetMessage, settings: Settings): Sheet {
  return { ...rest, slots: slots === null ? null : readSlotsCode(slots, settings).slots };
}

/** The pages of a sheet and of its key, as they are printed. */
export function pagesFor(
  { settings, sayings, head, look, key, crib, sheet }: SheetQuestion,
  entries: readonly Entry[],
): Pick<SheetAnswer, 'pages' | 'keyPages'> {
  const w = wordsOf(settings, sayings);
  const paper: PaperQuestion = { w, head, entries, look, crib, book: sheet.sort === 'book' };
  const put = look.size === 'two-up' ? twoUp : (pages: readonly SheetPage[]) => pages;
  return {
    pages: put(sheetPages(paper)),
    keyPages: key === 'none' ? [] : put(keyPages(paper, key)),
  };
}

function rowsOf(question: SheetQuestion, entries: readonly Entry[]): readonly SheetRow[] {
  const w = wordsOf(question.settings, question.sayings);
  const numbers = numbersOf(entries);
  return entries.map((entry, at) => ({
    code: itemCode(entry.item),
    slot: slotCode(entry.slot),
    name: nameOfItem(w, entry.item),
    number: numbers[at] ?? null,
    marks: marksOf(entry),
    measure: entry.measure,
    asks: askedIn(entry.item) !== null,
  }));
}

/** Makes a sheet, and lays out its pages and those of its key. */
export function answerSheet(question: SheetQuestion): SheetAnswer {
  const { entries, made } = standingSheet(sheetOf(question.sheet, question.settings), question.settings);
  return {
    rows: rowsOf(question, entries),
    fits: made.fits,
    measure: entries.reduce((sum, { measure }) => sum + measure, 0),
    again: made.again,
    signatures: signaturesOn(entries).length,
    ...pagesFor(question, entries),
  };
}
