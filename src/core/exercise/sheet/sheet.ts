import type { Clef } from '../../instrument/staff';
import type { MistakeId } from '../../mark/mistakes/all';
import { PATTERNS, type SCALE_IDS } from '../../scale/pattern';
import { taughtTonics } from '../../scale/taught';
import type { Settings } from '../../school/settings';
import { type MadeSheet, makeSheet, othersFor } from './make-sheet';
import type { Recipe, SignatureWay, Version } from './recipe';
import { itemCode, measureOfItem, readItemCode, type SheetItem } from './task/all';
import type { Form } from './task/task';
import { linesOf, type TopicId } from './topic';

/** What a place of a sheet holds: the question that was made there, one of those in its stead, or one put there by hand. */
export type From =
  | { readonly is: 'made'; readonly number: number; readonly swap: number }
  | { readonly is: 'own'; readonly item: SheetItem };

/** A place of a sheet. */
export type Slot = {
  readonly from: From;
  readonly form: Form;
  /** Null for as many as its measure gives: one. */
  readonly marks: number | null;
  /** Room below it beside what it needs, 0 to 3. */
  readonly room: number;
  /** It stays when the others are made anew. */
  readonly pinned: boolean;
};

export const MOST_ROOM = 3;

/** The most marks a question can be given. */
export const MOST_MARKS = 20;

/** The most places on a sheet. */
export const MOST_SLOTS = 60;

/** Sheets of questions, and the book of every scale of a kind. */
export const SHEET_SORTS = ['questions', 'book'] as const;

export type Scale = (typeof SCALE_IDS)[number];

/** A sheet as it is said: what it is made of, and what was changed by hand. */
export type Sheet = {
  readonly sort: (typeof SHEET_SORTS)[number];
  readonly count: number;
  readonly topics: readonly TopicId[];
  readonly maxSigns: number;
  readonly clefs: readonly Clef[];
  readonly signature: SignatureWay;
  readonly version: Version;
  readonly seed: number;
  readonly habits: readonly MistakeId[];
  /** The scale of a project book. */
  readonly book: Scale;
  /** Null while nothing was changed by hand. */
  readonly slots: readonly Slot[] | null;
};

/** One thing on a sheet as it stands there. */
export type Entry = { readonly item: SheetItem; readonly slot: Slot; readonly measure: number };

/** A sheet as it stands, and what was made for it. */
export type Standing = {
  readonly entries: readonly Entry[];
  readonly made: MadeSheet;
  readonly recipe: Recipe;
};

/** What a sheet is made by. */
function recipeOf(sheet: Sheet): Recipe {
  const { seed, version, count, topics, maxSigns, clefs, signature, habits } = sheet;
  return { seed, version, count, lines: linesOf(topics), maxSigns, clefs, signature, habits };
}

export const PLAIN: Omit<Slot, 'from'> = { form: 'blank', marks: null, room: 0, pinned: false };

/** The places of a sheet that nothing was changed of: so many questions as they are made. */
export function asMade(count: number): readonly Slot[] {
  return Array.from({ length: count }, (_, at) => ({
    ...PLAIN,
    from: { is: 'made', number: at + 1, swap: 0 },
  }));
}

/** The scales of a project book, one a tonic in the order the class has them, up and down, in both clefs. */
function bookItems({ book, signature }: Sheet, school: Settings): readonly SheetItem[] {
  const { mode } = PATTERNS[book];
  return taughtTonics(mode, school).map((tonic) => ({
    task: 'grand',
    question: {
      kind: 'scale',
      question: {
        ...{ tonic, scale: book, direction: 'both', clef: 'treble', melodicDown: school.melodicDown },
        signature: signature === 'none' ? 'none' : 'written',
      },
    },
  }));
}

function itemFrom(from: From, recipe: Recipe, made: MadeSheet): SheetItem | null {
  if (from.is === 'own') return from.item;
  const there = made.items[from.number - 1];
  if (!there) return null;
  if (from.swap === 0) return there.item;
  const others = othersFor(
    recipe,
    there,
    made.items.map(({ item }) => item),
  );
  return others.length === 0 ? there.item : (others[(from.swap - 1) % others.length] ?? there.item);
}

const EMPTY: MadeSheet = { items: [], fits: 0, measure: 0, again: [] };

/** The sheet as it stands in a class: its questions, as they were made and changed. What does not exist is left out. */
export function standingSheet(sheet: Sheet, school: Settings): Standing {
  const recipe = recipeOf(sheet);
  const isBook = sheet.sort === 'book';
  const made = isBook || recipe.lines.length === 0 ? EMPTY : makeSheet(recipe);
  const own = isBook
    ? bookItems(sheet, school).map((item): Slot => ({ ...PLAIN, from: { is: 'own', item } }))
    : asMade(made.items.length);
  const entries = (sheet.slots ?? own).flatMap((slot): readonly Entry[] => {
    const found = itemFrom(slot.from, recipe, made);
    // In the class's own way: melodic minor may come down as it rose.
    const item = found && readItemCode(itemCode(found), school);
    return item ? [{ item, slot, measure: measureOfItem(item) }] : [];
  });
  return { entries, made, recipe };
}

/** The marks of a thing on a sheet: as given by hand, or one where it asks something. */
export function marksOf({ item, slot }: Entry): number {
  return slot.marks ?? (item.task === 'staff' || slot.form === 'worked' ? 0 : 1);
}

/** The sum of the marks. */
export function marksOfAll(entries: readonly Entry[]): number {
  return entries.reduce((sum, entry) => sum + marksOf(entry), 0);
}

/** The slots that stand, to be changed by hand. */
export function slotsOf({ entries }: Standing): readonly Slot[] {
  return entries.map(({ slot }) => slot);
}
