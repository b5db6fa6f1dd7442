import { fifthsAsked } from '@/core/exercise/sheet/measure';
import { type Entry, marksOf, marksOfAll } from '@/core/exercise/sheet/sheet';
import { askedIn } from '@/core/exercise/sheet/task/all';
import { type Fifths, fifths } from '@/core/note/spelled';
import { accidentalsOf, ownerOf } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { sayTask } from '@/core/words/say-task';
import { SHEET_WORDS as SAY } from '@/core/words/screen/sheet-paper';
import { group, type Ink, type Mark, type Scene } from '../scene';
import { itemPart } from './item-part';
import { type KeyDepth, keyPart } from './key-part';
import { columnWidth, type PageLook, type PageMeasures } from './look';
import { type Block, frameOf, type LaidPage, laidOut } from './pages';
import { beside, line, moved, NOTHING, named, type Part, stacked, textPart, withRoom } from './part';
import type { Setting } from './setting';
import { signsScene, staffPart } from './staff-part';
import { widthOf } from './type';

/** What a sheet says of itself, in words. */
export type SheetHead = {
  readonly title: string;
  readonly version: string;
  readonly seed: string;
  /** The class, and what stands at the foot. */
  readonly group: string;
};

export type PaperQuestion = {
  readonly w: ClassWords;
  readonly head: SheetHead;
  readonly entries: readonly Entry[];
  readonly look: PageLook;
  /** Whether the signatures that occur stand on it as a help. */
  readonly crib: boolean;
  /** Whether it is a project book: three scales a page, and a list of checks at its end. */
  readonly book: boolean;
};

/** A page as a drawing in points, and where the questions stand on it. */
export type SheetPage = {
  readonly scene: Scene;
  readonly places: LaidPage['places'];
};

const rule = (y: number, x1: number, x2: number, ink: Ink = 'ink', width = 0.75): Mark => ({
  kind: 'line',
  ...{ x1, y1: y, x2, y2: y },
  stroke: ink,
  width,
});

/** The title, what version it is, and a line for name and date. */
function headPart(question: PaperQuestion, m: PageMeasures, isKey: boolean): Part {
  const { head, entries } = question;
  const width = columnWidth(m, 1);
  const title = isKey ? `${head.title} · ${SAY.key}` : head.title;
  const crib = question.crib ? SAY.withCrib : '';
  const about = [head.version, head.seed, crib, SAY.marks(marksOfAll(entries))].filter(Boolean).join(' · ');
  const aboutWidth = widthOf(about, 'sans', m.small);
  const titlePart = textPart('title', title, width - aboutWidth - 16, { face: 'serif-bold', size: m.title });
  const base = titlePart.height - m.title * 0.38;
  const marks = [
    line(about, width, base, { face: 'sans', size: m.small, ink: 'quiet' }, 'end'),
    rule(titlePart.height + 4, 0, width),
  ];
  const top: Part = {
    height: titlePart.height + 10,
    groups: [...titlePart.groups, group('head', 'head', marks)],
  };
  if (isKey) return withRoom(top, 4);
  const y = m.small + 12;
  const type = { face: 'sans', size: m.small, ink: 'quiet' } as const;
  const date = width * 0.68;
  const label = (text: string, x: number) => line(text, x, y, type);
  const after = (text: string) => widthOf(text, 'sans', m.small) + 8;
  const nameMarks = [
    label(SAY.name, 0),
    rule(y + 2, after(SAY.name), date - 16, 'quiet', 0.5),
    label(SAY.date, date),
    rule(y + 2, date + after(SAY.date), width, 'quiet', 0.5),
  ];
  return stacked([top, { height: y + 14, groups: [group('name', 'name', nameMarks)] }]);
}

/** The head of every page but the first: the title, small. */
function laterHead({ head }: PaperQuestion, m: PageMeasures, isKey: boolean): Part {
  const width = columnWidth(m, 1);
  const text = [isKey ? `${head.title} · ${SAY.key}` : head.title, head.version].filter(Boolean).join(' · ');
  const marks = [
    line(text, 0, m.small, { face: 'sans', size: m.small, ink: 'quiet' }),
    rule(m.small + 6, 0, width, 'rule'),
  ];
  return { height: m.small + 16, groups: [group('head', 'head', marks)] };
}

/** Who the sheet is for, and the number of the page. */
function footGroup({ head }: PaperQuestion, m: PageMeasures, page: number, pages: number): Part {
  const width = columnWidth(m, 1);
  const type = { face: 'sans', size: m.small, ink: 'quiet' } as const;
  const marks = [line(head.group, 0, 0, type), line(SAY.page(page, pages), width, 0, type, 'end')];
  return moved({ height: 0, groups: [group('foot', 'foot', marks)] }, m.left, m.height - m.bottom);
}

/** Room in points between two questions, and for each step of room that was given by hand. */
const BETWEEN = 13;
const MORE_ROOM = 24;

/** Number, task and marks of a question, over what stands there. */
function headedPart(
  setting: Setting,
  number: number | null,
  text: string,
  marks: string,
  inside: Part,
): Part {
  const { m, width } = setting;
  if (text === '' && number === null) return inside;
  const before = number === null ? 0 : widthOf(`${number}`, 'sans-bold', m.type) + 6;
  const room = marks === '' ? 0 : widthOf(marks, 'sans', m.small) + 10;
  const task = textPart('task', text, width - room, { face: 'sans', size: m.type }, before);
  const base = m.type * 0.98;
  const labels = [
    ...(number === null ? [] : [line(String(number), 0, base, { face: 'sans-bold', size: m.type })]),
    ...(marks === '' ? [] : [line(marks, width, base, { face: 'sans', size: m.small, ink: 'quiet' }, 'end')]),
  ];
  const top: Part = {
    height: Math.max(task.height, m.type * 1.36),
    groups: [...task.groups, group('number', 'number', labels)],
  };
  return stacked([top, inside], 4);
}

/** The numbers of things on a sheet: empty staves have none. */
export function numbersOf(entries: readonly Entry[]): readonly (number | null)[] {
  let number = 0;
  return entries.map(({ item }) => {
    if (item.task === 'staff') return null;
    number += 1;
    return number;
  });
}

/** Scales on a page of a project book, and the height of its head, in points. */
const BOOK_ROWS = 3;
const BOOK_HEAD = 108;

/** Room below a scale of a project book, so that as many stand on a page as should. */
function bookRoom({ height, top, bottom }: PageMeasures, { height: taken }: Part): number {
  return Math.max(BETWEEN, (height - top - bottom - BOOK_HEAD) / BOOK_ROWS - taken);
}

function blocksOf(
  question: PaperQuestion,
  setting: Setting,
  inside: (entry: Entry) => Part,
): readonly Block[] {
  const { w, entries } = question;
  const numbers = numbersOf(entries);
  return entries.map((entry, at): Block => {
    const marks = marksOf(entry);
    const said = marks > 1 || entry.slot.marks !== null ? SAY.marks(marks) : '';
    const part = headedPart(setting, numbers[at] ?? null, sayTask(w, entry.item), said, inside(entry));
    const room = question.book ? bookRoom(setting.m, part) : BETWEEN;
    return { ...named(`q${at}`, withRoom(part, room + entry.slot.room * MORE_ROOM)), at, wide: false };
  });
}

/** The signatures that occur on a sheet, each once, fewest signs first. */
export function signaturesOn(entries: readonly Entry[]): readonly Fifths[] {
  const counts = entries.flatMap(({ item }): readonly number[] => {
    const asked = askedIn(item);
    const count = asked && asked.kind !== 'transpose' ? fifthsAsked(asked) : null;
    return count === null || Math.abs(count) > 7 ? [] : [count];
  });
  return [...new Set(counts)].toSorted((a, b) => Math.abs(a) - Math.abs(b) || b - a).map(fifths);
}

const CRIB_COLUMNS = 3;

/** A crib: the signatures that occur, each with its major and minor key. */
function cribBlock({ w, entries }: PaperQuestion, { m, ...rest }: Setting): Block | null {
  const counts = signaturesOn(entries);
  if (counts.length === 0) return null;
  const width = rest.width / CRIB_COLUMNS;
  const setting: Setting = { w, m, width: width - 12 };
  const cells = counts.map((count): Part => {
    const signs = accidentalsOf(count).map((sign) => ({ sign, octave: null }));
    const staff = staffPart(signsScene('treble', signs, 210), setting);
    const keys = (['major', 'minor'] as const).flatMap((mode) => {
      const tonic = ownerOf(count, mode);
      return tonic ? [w.key(tonic, mode)] : [];
    });
    const text = textPart('keys', keys.join(', '), setting.width, { face: 'sans', size: m.small });
    return named(`crib${count}`, stacked([staff, text], 1));
  });
  const rows = Array.from({ length: Math.ceil(cells.length / CRIB_COLUMNS) }, (_, row) =>
    beside(cells.slice(row * CRIB_COLUMNS, (row + 1) * CRIB_COLUMNS).map((part) => ({ part, width }))),
  );
  const title = textPart('crib', SAY.crib, rest.width, { face: 'sans-bold', size: m.type });
  return { ...withRoom(stacked([title, ...rows], 8), BETWEEN), at: null, wide: true };
}

/** The checks a student goes through with each scale. */
function checksBlock({ w }: PaperQuestion, { m, width }: Setting): Block {
  const type = { face: 'sans', size: m.small + 0.5 } as const;
  const title = textPart('checks', SAY.checks, width, { face: 'sans-bold', size: m.type });
  const lines = SAY.checkList(w).map((text, at): Part => {
    const box: Mark = {
      kind: 'rect',
      ...{ x: 0, y: 2, w: m.small, h: m.small, r: 1.5 },
      fill: 'none',
      stroke: 'quiet',
      width: 0.75,
    };
    const words = textPart(`check-${at}`, text, width, type, m.small + 8);
    return { ...words, groups: [...words.groups, group(`box-${at}`, 'box', [box])] };
  });
  return { ...stacked([title, ...lines], 3), at: null, wide: true };
}

function pagesOf(question: PaperQuestion, blocks: readonly Block[], isKey: boolean): readonly SheetPage[] {
  const { look } = question;
  const { m } = frameOf(look);
  const head = headPart(question, m, isKey);
  const laid = laidOut(blocks, { m, columns: look.columns, head, later: laterHead(question, m, isKey) });
  return laid.map(({ groups, places }, at) => ({
    scene: {
      width: m.width,
      height: m.height,
      groups: [...groups, ...footGroup(question, m, at + 1, laid.length).groups],
    },
    places,
  }));
}

/** Staves of a project book are written on by beginners, and larger. */
const BOOK_STAFF = 0.68;

function settingOf({ w, look, book }: PaperQuestion): Setting {
  const { m, width } = frameOf(look);
  return { w, width, m: book ? { ...m, staff: Math.max(m.staff, BOOK_STAFF) } : m };
}

/** The pages of a sheet. */
export function sheetPages(question: PaperQuestion): readonly SheetPage[] {
  const setting = settingOf(question);
  const { m } = setting;
  const over: Setting = { ...setting, width: columnWidth(m, 1) };
  const blocks = blocksOf(question, setting, ({ item, slot }) => itemPart(item, slot.form, setting));
  const crib = question.crib ? cribBlock(question, over) : null;
  const checks = question.book ? [checksBlock(question, over)] : [];
  return pagesOf(question, [...blocks, ...checks, ...(crib ? [crib] : [])], false);
}

/** The pages of its key. */
export function keyPages(question: PaperQuestion, depth: KeyDepth): readonly SheetPage[] {
  const setting = settingOf(question);
  return pagesOf(
    question,
    blocksOf(question, setting, ({ item }) =>
      item.task === 'staff' ? NOTHING : keyPart(item, depth, setting),
    ),
    true,
  );
}
