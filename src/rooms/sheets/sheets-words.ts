import { SIGNATURE_WAYS, VERSIONS } from '@/core/exercise/sheet/recipe';
import { TOPIC_IDS, type TopicId } from '@/core/exercise/sheet/topic';
import { CLEFS, type Clef } from '@/core/instrument/staff';
import { SCALE_IDS } from '@/core/scale/pattern';
import type { ClassWords } from '@/core/words/class-words';
import { listed, sayMost } from '@/core/words/say-task';
import { sheetsWords } from '@/core/words/screen/sheets';
import { PAPER_IDS, PRINT_SIZES } from '@/engrave/page/look';
import type { SentencePart } from '@/ui/sentence/Sentence';
import type { Word } from '@/ui/sentence/words';
import { KEY_CHOICES, type SheetsSentence } from '../address/sheets/sheets-sentence';
import { listWord, option, severalWord, toggled } from '../shell/list-word';

/** A class that a sheet can be for. */
export type GroupName = { readonly id: string; readonly name: string };

const BOOK = 'book';

/** How many questions can be chosen from the list; any other number can be typed. */
const COUNTS = [4, 6, 8, 10, 12, 16, 20, 24, 30, 40];
const MOST = 40;

function makeWord(w: ClassWords, { sort, count }: SheetsSentence): Word {
  const say = sheetsWords(w);
  const counts = COUNTS.includes(count) ? COUNTS : [count, ...COUNTS];
  const one = (number: number) => option(String(number), say.sentence.questions(number));
  return {
    ...listWord(w, {
      id: 'make',
      label: say.words.make,
      key: 'Q',
      value: sort === 'book' ? BOOK : String(count),
      options: [...counts.map(one), option(BOOK, say.sentence.book)],
    }),
    typed: (typed) => {
      const number = Number(/^\s*(\d{1,2})\b/u.exec(typed)?.[1] ?? 0);
      return number >= 1 && number <= MOST ? { ...one(number), match: () => 1 } : null;
    },
  };
}

function topicsWord(w: ClassWords, { topics }: SheetsSentence): Word {
  const say = sheetsWords(w);
  const text = listed(topics.map((id) => say.topics[id]));
  return severalWord(w, { id: 'on', label: say.words.on, key: 'T', text }, TOPIC_IDS, topics, say.topics);
}

function clefsWord(w: ClassWords, { clefs }: SheetsSentence): Word {
  const say = sheetsWords(w);
  const text = say.clefsText(clefs);
  return severalWord(w, { id: 'clefs', label: say.words.clefs, key: 'C', text }, CLEFS, clefs, say.clefs);
}

function classWord(w: ClassWords, groups: readonly GroupName[], group: GroupName | null): Word {
  const say = sheetsWords(w);
  return listWord(w, {
    id: 'class',
    label: say.words.class,
    key: 'D',
    value: group?.id ?? '',
    options:
      groups.length === 0
        ? [option('', say.sentence.nobody)]
        : groups.map(({ id, name }) => option(id, name)),
  });
}

const choice = (
  w: ClassWords,
  id: keyof ReturnType<typeof sheetsWords>['words'],
  key: string,
  value: string,
  texts: readonly (readonly [string, string])[],
): Word =>
  listWord(w, {
    id,
    label: sheetsWords(w).words[id],
    key,
    value,
    options: texts.map(([code, text]) => option(code, text)),
  });

/** The sentence of the room. */
export function sheetParts(
  w: ClassWords,
  sheet: SheetsSentence,
  groups: readonly GroupName[],
  group: GroupName | null,
): readonly SentencePart[] {
  const say = sheetsWords(w);
  const s = say.sentence;
  const make = makeWord(w, sheet);
  const signature = choice(
    w,
    'signature',
    'G',
    sheet.signature,
    SIGNATURE_WAYS.map((way) => [way, say.signatures[way]]),
  );
  const forClass = [s.for, classWord(w, groups, group)];
  if (sheet.sort === 'book') {
    const scales = SCALE_IDS.map((id) => [id, w.scaleWord(id)] as const);
    return [
      s.make,
      make,
      s.ofEvery,
      choice(w, 'scale', 'T', sheet.book, scales),
      s.scale,
      s.comma,
      signature,
      ...forClass,
      s.end,
    ];
  }
  const signs = Array.from({ length: 8 }, (_, most) => [String(most), sayMost(most)] as const);
  const versions = VERSIONS.map((each) => [each, say.versions[each]] as const);
  return [
    s.make,
    make,
    s.on,
    topicsWord(w, sheet),
    s.comma,
    choice(w, 'signs', 'S', String(sheet.maxSigns), signs),
    s.in,
    clefsWord(w, sheet),
    s.comma,
    signature,
    ...forClass,
    s.comma,
    choice(w, 'version', 'V', sheet.version, versions),
    s.end,
  ];
}

const YES_NO = ['no', 'yes'] as const;

/** The second sentence: how it stands on paper. */
export function paperParts(w: ClassWords, { look, key, crib }: SheetsSentence): readonly SentencePart[] {
  const say = sheetsWords(w);
  const { paper, sentence: s } = say;
  const yes = (on: boolean) => (on ? 'yes' : 'no');
  const of = (id: 'punch' | 'grey' | 'crib', on: boolean) =>
    choice(
      w,
      id,
      '',
      yes(on),
      YES_NO.map((each) => [each, paper[id][each]]),
    );
  const parts = [
    choice(
      w,
      'paper',
      '',
      look.paper,
      PAPER_IDS.map((id) => [id, paper[id]]),
    ),
    choice(w, 'columns', '', String(look.columns), [
      ['1', paper.columns[1]],
      ['2', paper.columns[2]],
    ]),
    choice(
      w,
      'size',
      '',
      look.size,
      PRINT_SIZES.map((id) => [id, paper.size[id]]),
    ),
    of('punch', look.punch),
    of('grey', look.grey),
    choice(
      w,
      'key',
      '',
      key,
      KEY_CHOICES.map((id) => [id, paper.key[id]]),
    ),
    of('crib', crib),
  ];
  return [
    s.print,
    ...parts.flatMap((part, at): SentencePart[] => (at === 0 ? [part] : [s.comma, part])),
    s.end,
  ];
}

/** The sentence as plain text, without the class it is for. */
export function sheetText(w: ClassWords, sheet: SheetsSentence): string {
  const say = sheetsWords(w);
  const parts = sheetParts(w, sheet, [], null);
  const at = parts.indexOf(say.sentence.for);
  const without = parts.filter((_, place) => place !== at && place !== at + 1);
  return without.map((part) => (typeof part === 'string' ? part : part.text)).join('');
}

/** The sheet with a word of either sentence changed; the class is no part of it. */
export function withSheetWord(sheet: SheetsSentence, id: string, value: string): SheetsSentence {
  const { look } = sheet;
  const yes = value === 'yes';
  switch (id) {
    case 'make':
      return value === BOOK
        ? { ...sheet, sort: 'book' }
        : { ...sheet, sort: 'questions', count: Number(value) };
    case 'on':
      return { ...sheet, topics: toggled<TopicId>(TOPIC_IDS, sheet.topics, value) };
    case 'clefs':
      return { ...sheet, clefs: toggled<Clef>(CLEFS, sheet.clefs, value) };
    case 'signs':
      return { ...sheet, maxSigns: Number(value) };
    case 'signature':
      return { ...sheet, signature: SIGNATURE_WAYS.find((way) => way === value) ?? sheet.signature };
    case 'version':
      return { ...sheet, version: VERSIONS.find((each) => each === value) ?? sheet.version };
    case 'scale':
      return { ...sheet, book: SCALE_IDS.find((each) => each === value) ?? sheet.book };
    case 'paper':
      return { ...sheet, look: { ...look, paper: PAPER_IDS.find((each) => each === value) ?? look.paper } };
    case 'columns':
      return { ...sheet, look: { ...look, columns: value === '2' ? 2 : 1 } };
    case 'size':
      return { ...sheet, look: { ...look, size: PRINT_SIZES.find((each) => each === value) ?? look.size } };
    case 'punch':
      return { ...sheet, look: { ...look, punch: yes } };
    case 'grey':
      return { ...sheet, look: { ...look, grey: yes } };
    case 'key':
      return { ...sheet, key: KEY_CHOICES.find((each) => each === value) ?? sheet.key };
    case 'crib':
      return { ...sheet, crib: yes };
    default:
      return sheet;
  }
}

/** Words whose change makes other questions; what was pinned stays. */
export const MAKES_ANEW: readonly string[] = [
  'make',
  'on',
  'clefs',
  'signs',
  'signature',
  'scale',
  'version',
];
