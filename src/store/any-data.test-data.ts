import fc from 'fast-check';
import { OPENINGS } from '@/core/practice/drill/ladder';
import { LOG_KINDS, PRACTICE_PURPOSES } from '@/core/practice/log';
import { AUDIENCES, CHOICES, SETTING_NAMES, type Settings } from '@/core/school/settings';
import type { AnswerSet } from './answer-set';
import type { Drill } from './drill';
import type { Judging } from './judging';
import type { Kept } from './kept';
import type { LogEntry } from './log';
import type { SchoolData } from './school-data';
import { inOrder } from './school-data';

/** Made-up records for tests, plain and of any kind. */
export const NOW = '2026-10-06T17:30:00.000Z';

export function keptItem(id: string, order: number): Kept {
  return {
    v: 6,
    before: [],
    minutes: null,
    id,
    name: `Lesson ${id}`,
    note: '',
    order,
    address: '/derive?tonic=C&scale=major',
    keptAt: '2026-09-01T18:00:00.000Z',
    lesson: null,
    changedAt: '2026-09-01T18:00:00.000Z',
  };
}

const id = fc.string({ unit: fc.constantFrom(...'abcdef'), minLength: 1, maxLength: 3 });
const text = fc.string({ unit: fc.constantFrom(...'aZ ♯♭𝄪"\\é漢\n'), maxLength: 12 });
const time = fc.constantFrom(
  '2026-09-01T18:00:00.000Z',
  '2026-10-01T18:00:00.000Z',
  '2026-11-01T18:00:00.000Z',
);
const order = fc.integer({ min: -3, max: 6 });

const settings: fc.Arbitrary<Settings> = fc
  .tuple(...SETTING_NAMES.map((name) => fc.constantFrom(...CHOICES[name])))
  .map((values) => Object.fromEntries(SETTING_NAMES.map((name, index) => [name, values[index]])) as Settings);

function table<Each extends { readonly id: string; readonly order: number }>(record: fc.Arbitrary<Each>) {
  return fc.uniqueArray(record, { selector: (each) => each.id, maxLength: 6 }).map(inOrder<Each>);
}

/** Sets, papers and judgings; what belongs together is not matched. */
const setTables = (groups: readonly string[]) => ({
  sets: table(
    fc.record({
      v: fc.constant(2 as const),
      id,
      name: text,
      group: fc.constantFrom(null, ...groups),
      sheet: fc.constantFrom(null, '?make=questions&n=3'),
      questions: fc.array(
        fc.record({
          id: fc.constantFrom('q1', 'q2'),
          code: fc.constant('answer*order.4'),
          marks: fc.constantFrom(null, 2),
        }),
        { maxLength: 2 },
      ),
      decisions: fc.constantFrom<AnswerSet['decisions']>(
        {},
        {
          q1: { _: { accepted: true, habit: null, marks: { got: 1, of: 2 }, comment: 'so' } },
        },
      ),
      voices: fc.constantFrom<Record<string, Record<string, number>>>({}, { q2: { 'F#-C#': 3 } }),
      inClass: fc.boolean(),
      guests: fc.constantFrom<AnswerSet['guests']>([], [{ id: 'guest-1', name: 'Gull' }]),
      day: fc.constant('2026-11-03'),
      order,
      changedAt: time,
    }),
  ),
  papers: table(
    fc.record({
      v: fc.constant(2 as const),
      id,
      set: id,
      group: fc.constantFrom(null, ...groups),
      person: id,
      absent: fc.boolean(),
      stopped: fc.boolean(),
      minutes: fc.constantFrom(null, 20),
      answers: fc.constantFrom<Record<string, string>>({}, { q1: '_', q2: 'F#-C#' }),
      typed: fc.constantFrom<Record<string, string>>({}, { q1: 'F sha' }),
      corrected: fc.constantFrom<Record<string, boolean>>({}, { q1: true }),
      late: fc.constantFrom<Record<string, boolean>>({}, { q2: true }),
      own: fc.constant({}),
      order,
      changedAt: time,
    }),
  ),
  judgings: table(
    fc.record({
      v: fc.constant(1 as const),
      id,
      set: id,
      by: text.map((each) => each.slice(0, 20)),
      verdicts: fc.constant<Judging['verdicts']>({
        q1: { _: { correct: false, got: 0, of: 4, habits: [] } },
      }),
      changes: fc.constant<Judging['changes']>([]),
      order,
      changedAt: time,
    }),
  ),
});

const practiceTable = {
  practice: table(
    fc.record({
      v: fc.constant(1 as const),
      id,
      about: fc.constantFrom('hand alto-saxophone E melodic-minor', 'tune harbour-lamp'),
      text: fc.constantFrom('', 'A tune: 4/4 1 2 3 4 | 5 ---'),
      ways: fc.constantFrom<Record<string, string>>({}, { 'A#4': '1 2 bis' }),
      note: text,
      done: fc.constantFrom<string[]>([], ['legato', 'E']),
      goals: fc.constantFrom<Record<string, number>>({}, { legato: 96 }),
      rounds: fc.constantFrom<Record<string, number>>({}, { letters: 2, syllables: 1 }),
      order,
      changedAt: time,
    }),
  ),
};

const pieceTables = (groups: readonly string[]) => ({
  pieces: table(
    fc.record({
      v: fc.constant(1 as const),
      id,
      title: text,
      holds: fc.constantFrom('ends' as const, 'bars' as const, 'score' as const),
      fifths: fc.integer({ min: -7, max: 7 }),
      first: fc.constantFrom('', 'F#'),
      last: fc.constantFrom('', 'B'),
      clef: fc.constantFrom('treble' as const, 'bass' as const),
      ...{ beats: fc.constantFrom(3, 4), unit: fc.constant(4) },
      bars: fc.constantFrom('', 'b c d | 2. b'),
      order,
      changedAt: time,
    }),
  ),
  scores: table(
    fc.record({
      v: fc.constant(1 as const),
      id,
      piece: fc.constantFrom('p', 'q'),
      code: fc.constant('["piece1","",[]]'),
      order,
      changedAt: time,
    }),
  ),
  log: table(
    fc.record({
      v: fc.constant(1 as const),
      id,
      kind: fc.constantFrom(...LOG_KINDS),
      day: fc.constantFrom('2026-09-01', '2026-11-28'),
      group: fc.constantFrom(null, ...groups),
      person: fc.constantFrom(null, 'ab', 'c'),
      title: text,
      piece: fc.constantFrom(null, 'p'),
      key: fc.constantFrom('', 'B minor'),
      fifths: fc.constantFrom(null, 2, -7),
      ...{ instrument: text, source: text, text, answer: text },
      minutes: fc.nat({ max: 90 }),
      repeats: fc.constantFrom<LogEntry['repeats']>({}, { letters: 2, numbers: 1 }),
      purpose: fc.constantFrom(null, ...PRACTICE_PURPOSES),
      about: fc.constantFrom('', '/derive?tonic=C&scale=major'),
      done: fc.boolean(),
      order,
      changedAt: time,
    }),
  ),
});

const drillTables = (groups: readonly string[]) => ({
  ladders: table(
    fc.record({
      v: fc.constant(1 as const),
      id,
      group: fc.constantFrom(null, ...groups),
      name: text,
      opens: fc.constantFrom(...OPENINGS),
      levels: fc.array(fc.record({ id, name: text, level: fc.constant('?on=signatures') }), { maxLength: 3 }),
      order,
      changedAt: time,
    }),
  ),
  drills: table(
    fc.record({
      v: fc.constant(1 as const),
      id,
      person: fc.constantFrom('self', 'ab', 'c'),
      level: fc.constantFrom('', '?on=signatures'),
      name: text,
      plan: fc.constantFrom('', 'c name-key*name-key.2.major'),
      answers: fc.constantFrom('', 'w|c|900|counted-start|name-key*name-key.2.major||E.major'),
      slip: fc.constantFrom<Drill['slip']>(null, { answer: 'E.major', habit: null }),
      told: fc.boolean(),
      limits: fc.constantFrom({ questions: 1, seconds: null, mistakes: 3 }),
      spent: fc.nat({ max: 9000 }),
      thought: fc.nat({ max: 900 }),
      end: fc.constantFrom<Drill['end']>(null, 'success', 'time'),
      at: time,
      endedAt: fc.constantFrom(null, NOW),
      crib: fc.boolean(),
      credited: fc.constantFrom(null, 7),
      handedAt: fc.constantFrom(null, NOW),
      received: fc.boolean(),
      order,
      changedAt: time,
    }),
  ),
});

/** Any data a school may hold. */
export const anyData: fc.Arbitrary<SchoolData> = fc
  .record({
    lessons: table(fc.record({ v: fc.constant(1 as const), id, name: text, order, changedAt: time })),
    groups: table(
      fc.record({
        v: fc.constant(5 as const),
        id,
        name: text,
        settings,
        sayings: fc.record({
          sharps: text,
          flats: text,
          sharpsFor: fc.constantFrom(...AUDIENCES),
          flatsFor: fc.constantFrom(...AUDIENCES),
        }),
        order,
        changedAt: time,
      }),
    ),
  })
  .chain(({ lessons, groups }) =>
    fc.record({
      lessons: fc.constant(lessons),
      groups: fc.constant(groups),
      kept: table(
        fc.record({
          v: fc.constant(6 as const),
          before: fc.array(fc.constant('/sheets?n=3'), { maxLength: 2 }),
          minutes: fc.option(fc.integer({ min: 1, max: 180 })),
          id,
          name: text,
          note: text,
          order,
          address: fc.constant('/derive?tonic=C&scale=major'),
          keptAt: time,
          lesson: fc.constantFrom(null, ...lessons.map((lesson) => lesson.id)),
          changedAt: time,
        }),
      ),
      marked: table(
        fc.record({
          v: fc.constant(4 as const),
          id,
          label: text,
          person: fc.constantFrom(null, 'ab', 'c'),
          group: fc.constantFrom(null, ...groups.map((group) => group.id)),
          address: fc.constant('/mark?kind=scale&tonic=C&scale=major&given=1.C-D'),
          correct: fc.boolean(),
          found: fc.constantFrom(null, 'respelled'),
          score: fc.constant({ got: 7, of: 8 }),
          habit: fc.constantFrom(null, '', 'one-too-few'),
          marks: fc.constantFrom(null, { got: 7.5, of: 8 }),
          comment: text,
          accepted: fc.boolean(),
          corrected: fc.boolean(),
          piled: fc.boolean(),
          order,
          changedAt: time,
        }),
      ),
      ...setTables(groups.map((group) => group.id)),
      ...practiceTable,
      ...pieceTables(groups.map((group) => group.id)),
      ...drillTables(groups.map((group) => group.id)),
      people: table(
        fc.record({
          v: fc.constant(3 as const),
          books: fc.dictionary(fc.constantFrom('major', 'dorian'), fc.nat({ max: 15 }), {
            noNullPrototype: true,
          }),
          id,
          group: fc.constantFrom(null, 'gone', ...groups.map((group) => group.id)),
          name: text,
          instrument: text,
          order,
          changedAt: time,
        }),
      ),
    }),
  );
