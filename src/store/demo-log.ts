import type { LogEntry } from './log';
import { type LogWords, newEntry } from './logging';
import { NO_PIECE } from './pieces';
import type { SchoolData } from './school-data';

const DAY = 24 * 60 * 60 * 1000;
const CLASS = 'demo-tuesday';

/** So many days before today, as the calendar writes it. */
const daysAgo = (now: string, days: number) =>
  new Date(Date.parse(now) - days * DAY).toISOString().slice(0, 10);

type Row = readonly [days: number, words: Partial<LogWords>];

const met = (
  days: number,
  person: string | null,
  title: string,
  key: string,
  fifths: number,
  more: Partial<LogWords> = {},
): Row => [days, { kind: 'piece', group: CLASS, person, title, key, fifths, ...more }];

const practised = (
  days: number,
  person: string,
  title: string,
  key: string,
  minutes: number,
  more: Partial<LogWords>,
): Row => [days, { kind: 'practice', group: CLASS, person, title, key, minutes, ...more }];

const asked = (
  days: number,
  person: string,
  title: string,
  about: string,
  text: string,
  more: Partial<LogWords> = {},
): Row => [days, { kind: 'question', group: CLASS, person, title, about, text, ...more }];

const PEOPLE = {
  ...{ tove: 'demo-person-1', yusuf: 'demo-person-2', odile: 'demo-person-3', bram: 'demo-person-4' },
  ines: 'demo-person-5',
} as const;

/** What the demo class met, practised and asked over a term, in no order. */
const ROWS: readonly Row[] = [
  met(3, null, 'Ferry Song', 'B minor', 2, {
    piece: null,
    source: 'Read together on Tuesday',
    about: '/read?piece=ferry-song',
  }),
  met(10, null, 'Mending Nets', 'F dorian', -3, {
    source: 'Read together on Tuesday',
    about: '/read?piece=mending-nets',
  }),
  met(12, PEOPLE.tove, 'Boat Shed Polka', 'C major', 0, {
    instrument: 'recorder',
    source: 'Her own book, page 14',
  }),
  met(17, PEOPLE.yusuf, 'Winter Ferry', 'E minor', 1, {
    instrument: 'horn',
    source: 'Found in the town library',
  }),
  met(18, PEOPLE.yusuf, 'Rope Walk', 'F major', -1, { instrument: 'horn', source: 'The same volume' }),
  met(24, PEOPLE.odile, 'Lantern Evening', 'Eb major', -3, { instrument: 'viola', source: 'Choir folder' }),
  met(31, PEOPLE.bram, 'Harbour Master’s Reel', 'E major', 4, {
    instrument: 'cello',
    source: 'Brought by his uncle',
  }),
  met(38, PEOPLE.ines, 'Low Water', 'C minor', -3, { instrument: 'piano', source: 'Copied by hand' }),
  practised(1, PEOPLE.tove, 'E harmonic minor', 'E harmonic-minor', 15, {
    repeats: { letters: 2, numbers: 1 },
    purpose: 'memory',
  }),
  practised(2, PEOPLE.tove, 'Harbour Lamp', 'F major', 20, { repeats: { solfège: 2 }, purpose: 'play' }),
  practised(4, PEOPLE.yusuf, 'C♯ harmonic minor', 'C# harmonic-minor', 25, {
    repeats: { letters: 3 },
    purpose: 'new',
  }),
  practised(8, PEOPLE.yusuf, 'Signatures to four flats', '', 10, { purpose: 'speed' }),
  practised(9, PEOPLE.odile, 'B harmonic minor', 'B harmonic-minor', 30, {
    repeats: { letters: 2, numbers: 2 },
    purpose: 'repair',
  }),
  practised(15, PEOPLE.odile, 'Ferry Song', 'B minor', 20, { repeats: { words: 2 }, purpose: 'play' }),
  practised(16, PEOPLE.bram, 'E major, thirds', 'E major', 35, { repeats: { none: 4 }, purpose: 'speed' }),
  practised(22, PEOPLE.bram, 'B melodic minor', 'B melodic-minor', 15, {
    repeats: { letters: 1 },
    purpose: 'new',
  }),
  practised(29, PEOPLE.ines, 'C melodic minor', 'C melodic-minor', 20, {
    repeats: { solfège: 2, none: 1 },
    purpose: 'memory',
  }),
  asked(
    ...[2, PEOPLE.tove, 'E harmonic minor'],
    '/derive?tonic=E&scale=harmonic-minor&direction=up&clef=treble&signature=written',
    'Why does the D♯ not stand in the signature if it is always there?',
  ),
  asked(
    ...[9, PEOPLE.odile, 'Mending Nets'],
    '/read?piece=mending-nets',
    'There is no E♭ in the whole tune. Why is it in the signature then?',
    {
      done: true,
      answer: 'The signature says what an E would be. Look for the D instead: it tells dorian from minor.',
    },
  ),
  asked(
    ...[11, PEOPLE.yusuf, 'E to F'],
    '/orbit?show=route&from=E&to=F',
    'Is one step of the keyboard not next door on the circle?',
  ),
];

/** The log of the demo school, and a piece of which only the signature and the ends were noted. */
export function demoLog(now: string): Pick<SchoolData, 'pieces' | 'scores' | 'log'> {
  return {
    pieces: [
      {
        ...{
          v: 1,
          id: 'demo-winter-ferry',
          ...NO_PIECE,
          title: 'Winter Ferry',
          fifths: 1,
          first: 'B',
          last: 'E',
        },
        ...{ order: 1, changedAt: now },
      },
    ],
    scores: [],
    log: ROWS.map(
      ([days, words], at): LogEntry => ({
        v: 1,
        id: `demo-log-${at + 1}`,
        ...newEntry(words.kind ?? 'piece', daysAgo(now, days)),
        ...words,
        order: at + 1,
        changedAt: now,
      }),
    ),
  };
}
