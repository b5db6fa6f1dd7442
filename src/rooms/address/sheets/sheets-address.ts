import { MAKER, MOST_QUESTIONS, SIGNATURE_WAYS, VERSIONS } from '@/core/exercise/sheet/recipe';
import { MOST_SLOTS, SHEET_SORTS, type Slot } from '@/core/exercise/sheet/sheet';
import { readSlotsCode, slotsCode } from '@/core/exercise/sheet/slot-code';
import { TOPIC_IDS } from '@/core/exercise/sheet/topic';
import { CLEFS } from '@/core/instrument/staff';
import { MISTAKES } from '@/core/mark/mistakes/all';
import { SCALE_IDS } from '@/core/scale/pattern';
import { USUAL_SETTINGS } from '@/core/school/settings';
import type { AddressProblem } from '@/core/words/say-address';
import { PAPER_IDS, PRINT_SIZES } from '@/engrave/page/look';
import { LONGEST_QUERY, QueryReader } from '../query-reader';
import { FIRST_SHEET, KEY_CHOICES, LONGEST_TITLE, type SheetsSentence } from './sheets-sentence';

/** Where the room lies. */
export const SHEETS_PATH = '/sheets';

/** The most seeds there are: whole numbers of 32 bits. */
const MOST_SEED = 2 ** 32 - 1;

const PARAMETERS = [
  ...['make', 'n', 'on', 'signs', 'clefs', 'signature', 'version', 'seed', 'maker', 'habits', 'scale'],
  ...['slots', 'paper', 'columns', 'size', 'punch', 'grey', 'key', 'crib', 'title'],
] as const;

export type SheetsReading = {
  readonly sentence: SheetsSentence;
  readonly problems: readonly AddressProblem[];
};

function slotsOf(reader: QueryReader): readonly Slot[] | null {
  const read = reader.get('slots');
  if (read === null) return null;
  const { slots, unread } = readSlotsCode(read, USUAL_SETTINGS);
  if (unread.length > 0) reader.leftOut('slots');
  return reader.first('slots', slots, MOST_SLOTS, 'questions');
}

const MAKERS = [MAKER];
const YES_NO = ['no', 'yes'] as const;

/** Reads the query of the room. What cannot be read is named, and the rest still holds. */
export function readSheets(search: string): SheetsReading {
  if (search.length > LONGEST_QUERY) {
    const problem = { code: 'address-too-long', length: search.length, limit: LONGEST_QUERY } as const;
    return { sentence: FIRST_SHEET, problems: [problem] };
  }
  const reader = new QueryReader(search, PARAMETERS);
  const usual = FIRST_SHEET;
  const yes = (name: string) => reader.choice(name, YES_NO, 'no') === 'yes';
  // A maker of another version is told, since it would make another sheet.
  reader.choice('maker', MAKERS, MAKER);
  const sentence: SheetsSentence = {
    sort: reader.choice('make', SHEET_SORTS, usual.sort),
    count: reader.number('n', 1, MOST_QUESTIONS, usual.count),
    topics: reader.several('on', TOPIC_IDS, usual.topics),
    maxSigns: reader.number('signs', 0, 7, usual.maxSigns),
    clefs: reader.several('clefs', CLEFS, usual.clefs),
    signature: reader.choice('signature', SIGNATURE_WAYS, usual.signature),
    version: reader.choice('version', VERSIONS, usual.version),
    seed: reader.number('seed', 0, MOST_SEED, usual.seed),
    habits: reader.several(
      'habits',
      MISTAKES.map(({ id }) => id),
      [],
    ),
    book: reader.choice('scale', SCALE_IDS, usual.book),
    slots: slotsOf(reader),
    look: {
      paper: reader.choice('paper', PAPER_IDS, usual.look.paper),
      columns: reader.choice('columns', ['1', '2'], '1') === '2' ? 2 : 1,
      size: reader.choice('size', PRINT_SIZES, usual.look.size),
      punch: yes('punch'),
      grey: yes('grey'),
    },
    key: reader.choice('key', KEY_CHOICES, usual.key),
    crib: yes('crib'),
    title: reader.text('title', LONGEST_TITLE),
  };
  return { sentence, problems: reader.problems };
}

/** The query that says a sheet, in codes: all that it is made of, so that it is the same for ever. */
export function writeSheets(sheet: SheetsSentence): string {
  const { look } = sheet;
  const query = new URLSearchParams({ make: sheet.sort });
  if (sheet.sort === 'book') query.set('scale', sheet.book);
  else {
    query.set('n', String(sheet.count));
    query.set('on', sheet.topics.join('.'));
    query.set('signs', String(sheet.maxSigns));
    query.set('clefs', sheet.clefs.join('.'));
  }
  query.set('signature', sheet.signature);
  if (sheet.sort === 'questions') {
    query.set('version', sheet.version);
    query.set('seed', String(sheet.seed));
    query.set('maker', MAKER);
    if (sheet.habits.length > 0) query.set('habits', sheet.habits.join('.'));
  }
  if (sheet.slots) query.set('slots', slotsCode(sheet.slots));
  const unusual: readonly (readonly [string, string, string])[] = [
    ['paper', look.paper, FIRST_SHEET.look.paper],
    ['columns', String(look.columns), '1'],
    ['size', look.size, 'plain'],
    ['punch', look.punch ? 'yes' : 'no', 'no'],
    ['grey', look.grey ? 'yes' : 'no', 'no'],
    ['key', sheet.key, FIRST_SHEET.key],
    ['crib', sheet.crib ? 'yes' : 'no', 'no'],
    ['title', sheet.title, ''],
  ];
  for (const [name, value, usual] of unusual) if (value !== usual) query.set(name, value);
  return `?${query}`;
}

/** The address of a sheet for a link. */
export function sheetsHref(sheet: SheetsSentence): string {
  return SHEETS_PATH + writeSheets(sheet);
}
