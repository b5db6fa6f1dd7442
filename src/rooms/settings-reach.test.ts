import { describe, expect, it } from 'vitest';
import { partAsked } from '@/core/play/part';
import { PATTERNS } from '@/core/scale/pattern';
import { relatedKeys } from '@/core/scale/related';
import { makingRoomFor } from '@/core/school/pairs';
import {
  CHOICES,
  NO_SAYINGS,
  SETTING_NAMES,
  type SettingName,
  type Settings,
  USUAL_SETTINGS,
  withSetting,
} from '@/core/school/settings';
import { type ClassWords, wordsOf } from '@/core/words/class-words';
import { readGiven } from '@/core/words/read-given';
import { gapNames, sayPlace } from '@/core/words/say-note';
import { sayRelated } from '@/core/words/say-related';
import { stepText } from '@/core/words/say-step';
import { answerSheet } from '@/workers/sheet';
import { readAddress } from './address/derive/derive-address';
import { readQuestion } from './address/derive/read-question';
import { readMark } from './address/mark/mark-address';
import { askedOf } from './address/mark/mark-sentence';
import { readOrbit } from './address/orbit/orbit-address';
import { readPlay } from './address/play/play-address';
import { readSheets } from './address/sheets/sheets-address';
import { opened, thinkingSeconds } from './board/state';
import { DERIVE_BOARD } from './derive/board/kit';
import { answerOf } from './derive/questions/answer';
import { questionText } from './derive/questions/question-words';
import { sentenceParts, sentenceText } from './derive/sentence/sentence-words';
import { paperItem } from './derive/share/paper';
import { viewOf } from './derive/working/view';
import { markItem } from './mark/mark-paper';
import { markText } from './mark/mark-words';
import { bookTable } from './orbit/book-cells';
import { linesOf } from './orbit/orbit-lines';
import { orbitParts, orbitText } from './orbit/orbit-words';
import { ringOf } from './orbit/ring-of';
import { barsText, linesOf as partLines } from './play/play-lines';
import { playText } from './play/play-words';
import { questionOf } from './shell/use-sheet-pages';

const DERIVED = [
  '?tonic=C%23&scale=melodic-minor&direction=both&clef=bass&signature=written&method=signature',
  '?tonic=C&scale=harmonic-minor&direction=up&clef=treble&signature=written&method=step-pattern',
  '?tonic=D&scale=dorian&direction=up&clef=treble&signature=written&method=signature',
  '?tonic=Eb&scale=major&direction=up&clef=treble&signature=written&method=signature',
  '?tonic=G&scale=major&direction=up&clef=treble&signature=none&method=chain',
  '?tonic=F&scale=major&direction=up&clef=treble&signature=written&method=chain',
];

/** All that Derive says and draws of a scale. */
function derive(w: ClassWords): unknown {
  return DERIVED.map((search) => {
    const { sentence } = readAddress(search);
    const view = viewOf(sentence, w.settings);
    const { line, atClef, printed } = view.written;
    const mode = view.scale.id && PATTERNS[view.scale.id].mode;
    const [, tonic] = sentenceParts(w, sentence).filter((part) => typeof part !== 'string');
    return [
      sentenceText(w, sentence),
      view.derivation.steps.map(({ fact }) => stepText(w, fact)),
      line.map((_, place) => sayPlace(w, line, place, mode)),
      gapNames(w, line),
      relatedKeys(view.scale).map((related) => sayRelated(w, view.scale, related)),
      [atClef, printed],
      typeof tonic === 'object' ? tonic.options.map(({ text, detail }) => [text, detail]) : null,
    ];
  });
}

const QUESTIONS = [
  '?question=key&fifths=3&asked=minor',
  '?question=key&fifths=-3&asked=every',
  '?question=key&fifths=-1&asked=major',
  '?question=key&fifths=6&asked=every',
  '?question=signature&tonic=D&scale=dorian&clefs=treble',
  '?question=signature&tonic=C&scale=natural-minor&clefs=treble',
  '?question=name&notes=C+D+Eb+F+G+Ab+B+C',
];

function questions(w: ClassWords): unknown {
  return QUESTIONS.map((search) => {
    const read = readQuestion(search);
    if (!read) throw new Error(search);
    const { lines, count, owners } = answerOf(w, read.question);
    return [questionText(w, read.question), lines, count, owners.length];
  });
}

const ORBITS = [
  '?see=keys&key=C+minor',
  '?see=keys&key=Eb+major',
  '?see=chords&key=C+minor&size=sevenths&degree=5',
  '?see=chords&key=D+dorian&size=triads&degree=2',
  '?see=route&from=E+major&to=F+minor',
  '?see=notes&note=B',
  '?see=build',
  '?see=fill',
  '?see=spell&root=Gb&chord=major-seventh',
];

function orbit(w: ClassWords): unknown {
  return ORBITS.map((search) => {
    const { sentence } = readOrbit(search, w.settings);
    const { w: _, ...ring } = ringOf(w, sentence, false);
    const [, word] = orbitParts(w, sentence).filter((part) => typeof part !== 'string');
    return [
      orbitText(w, sentence),
      linesOf(w, sentence),
      [ring.size, ring.mode, ring.minors, [...ring.marks], [...ring.minorMarks]],
      typeof word === 'object' ? word.options.map(({ text }) => text) : null,
    ];
  });
}

function keyBook(w: ClassWords): unknown {
  const { sentence } = readOrbit(
    '?see=book&columns=count,signs,major,minor,modes,notes,parallel',
    w.settings,
  );
  return sentence.kind === 'book' ? bookTable(w, sentence) : null;
}

/** A question of every kind with an answer as somebody wrote it; what is typed is typed in the names of the class. */
const MARKED: readonly (readonly [search: string, given: string])[] = [
  [
    '?kind=scale&tonic=C&scale=harmonic-minor&direction=up&clef=treble&signature=none',
    '1.C-D-Eb-F-G-Ab-Bb-C',
  ],
  ['?kind=scale&tonic=D&scale=major&direction=up&clef=treble&signature=none', '1.D-E-F-G-A-B-C-D'],
  [
    '?kind=scale&tonic=E&scale=melodic-minor&direction=both&clef=treble&signature=none',
    '1.E4!0-F%234!%23-G4!0-A4!0-B4!0-C%235!%23-D%235!%23-E5!0-D5!0-C5!0-B4!0-A4!0-G4!0-F%234!0-E4!0',
  ],
  [
    '?kind=scale&tonic=E&scale=melodic-minor&direction=both&clef=treble&signature=none',
    '1.E4!0-F%234!%23-G4!0-A4!0-B4!0-C%235!%23-D%235!%23-E5!0-D5!n-C5!n-B4!0-A4!0-G4!0-F%234!0-E4!0',
  ],
  ['?kind=signature&tonic=D&scale=dorian&clef=treble', '1.Bb'],
  ['?kind=name-key&fifths=-3&mode=minor', '1.C.'],
  ['?kind=name-key&fifths=4&mode=major', '1.E.major.s'],
  ['?kind=partner&relation=parallel&tonic=C&mode=major', '1.A.natural-minor'],
  ['?kind=steps&scale=major&direction=up', '1.2-2-1-2-2-1-2'],
  ['?kind=degree&degree=7&tonic=C&scale=harmonic-minor', '1.Bb'],
  ['?kind=chord&wants=numeral&size=3&degree=3&tonic=C&scale=natural-minor', '1.iii'],
  ['?kind=chord&wants=numeral&size=3&degree=7&tonic=C&scale=major', '1.VII'],
];

async function mark(w: ClassWords): Promise<unknown> {
  const typed = readGiven(
    w,
    askedOf(readMark('?kind=scale&tonic=F&scale=major').sentence, w.settings),
    'F G A H',
  );
  const items = await Promise.all(
    MARKED.map(async ([search, given]) => {
      const { sentence } = readMark(`${search}&given=${given}`);
      const { task, lines } = await markItem(w, sentence, '');
      return [markText(w, sentence), task, lines];
    }),
  );
  return [typed, items];
}

async function paper(w: ClassWords): Promise<unknown> {
  const { sentence } = readAddress(DERIVED[0] ?? '');
  return paperItem(w, sentence, '', false);
}

async function board(w: ClassWords): Promise<unknown> {
  const begins = opened(
    { id: '', address: '/derive' },
    { lesson: null, light: 'night' },
    {
      thinking: thinkingSeconds(w.settings),
      now: 0,
    },
  );
  return [begins, DERIVED.map((search) => DERIVE_BOARD.show(w, search))];
}

const SHEETS = [
  '?make=questions&n=12&on=majors.minors.modes.signatures.steps.chords&signs=5&clefs=treble.bass&signature=written&seed=4&key=full',
  '?make=questions&n=12&on=partners.degrees.order.find-mistake.label.path&signs=5&clefs=treble&signature=none&seed=9&key=full',
  '?make=book&scale=melodic-minor&signature=written&key=short',
  '?key=full&slots=oanswer*order.-3_oanswer*name-key.6.major_oanswer*name-key.3.minor_oanswer*name-key.-3.major_oanswer*chord.numeral.3.7.C.major',
];

/** All that is written and drawn on sheets and their keys. */
function sheets(w: ClassWords): unknown {
  return SHEETS.map((search) => {
    const { rows, pages, keyPages } = answerSheet(questionOf(w, readSheets(search).sentence, ''));
    return [rows.map(({ name }) => name), pages, keyPages];
  });
}

const PLAYS = [
  '?tonic=Eb&scale=melodic-minor&pattern=scale&player=alto-saxophone',
  '?tonic=D&scale=dorian&pattern=thirds',
  '?tonic=C%23&scale=harmonic-minor&pattern=triads&rhythm=quarters',
];

function play(w: ClassWords): unknown {
  return PLAYS.map((search) => {
    const { sentence } = readPlay(search);
    const reading = partAsked(sentence, w.settings);
    if (!reading.ok) throw new Error(search);
    const { part } = reading;
    return [
      [playText(w, sentence), partLines(w, sentence, part), barsText(w, part)],
      [part.atClef, part.notes.map(({ pitch, sign }) => [pitch, sign])],
    ];
  });
}

const ROOMS = { sheets, derive, questions, orbit, keyBook, mark, play, paper, board } as const;

type Room = keyof typeof ROOMS;

/** Where each setting must be met, whatever its value: worked out by hand from what it is about. */
const MUST: Readonly<Record<SettingName, readonly Room[]>> = {
  surface: ['paper', 'board'],
  thinking: ['board'],
  stepWords: ['sheets', 'derive', 'questions', 'orbit', 'mark', 'paper', 'board'],
  noteNames: ['sheets', 'derive', 'questions', 'orbit', 'keyBook', 'mark', 'paper', 'board', 'play'],
  solfege: ['derive', 'paper'],
  modeSyllables: ['derive'],
  fifth: ['derive', 'paper'],
  seventh: ['derive', 'paper'],
  degrees: ['sheets', 'derive', 'questions', 'orbit', 'mark', 'paper'],
  relatives: ['sheets', 'derive', 'questions', 'orbit', 'keyBook', 'mark', 'paper'],
  keysTaught: ['sheets', 'derive', 'orbit', 'keyBook'],
  keyOrder: ['sheets', 'derive', 'orbit', 'keyBook'],
  circle: ['derive', 'orbit'],
  flatsBy: ['sheets', 'derive', 'orbit'],
  minorCircle: ['orbit'],
  minorSignature: ['sheets', 'derive', 'questions', 'paper'],
  minorNaming: ['sheets', 'questions'],
  melodicDown: ['sheets', 'derive', 'mark', 'paper', 'play'],
  cancelling: ['mark', 'play'],
  modesWritten: ['derive', 'questions', 'mark', 'play'],
  keyNames: ['sheets', 'derive', 'questions', 'orbit', 'keyBook', 'mark', 'paper', 'play'],
  modeWord: ['mark'],
  capital: ['mark'],
  marks: ['mark'],
  followThrough: ['mark'],
  numerals: ['sheets', 'orbit', 'mark'],
  mediant: ['orbit', 'mark'],
  dominant: ['orbit'],
  diminished: ['sheets', 'orbit', 'mark'],
  flatRule: ['sheets', 'questions'],
  sharpRule: ['sheets', 'questions'],
  reasonBy: ['sheets'],
  hints: ['derive', 'orbit', 'mark', 'paper', 'board'],
};

/** Settings under which another one can be heard at all. */
const WITH: Partial<Readonly<Record<SettingName, Partial<Settings>>>> = {
  modeSyllables: { solfege: 'do-minor' },
  fifth: { solfege: 'do-minor' },
  seventh: { solfege: 'do-minor' },
  minorNaming: {},
  capital: { modeWord: 'not-wanted' },
};

const HEARD = new Map<string, Promise<Readonly<Record<Room, string>>>>();

/** All that is said in a school; once for the usual one, which nearly every setting has among its own. */
function heard(settings: Settings): Promise<Readonly<Record<Room, string>>> {
  const key = JSON.stringify(SETTING_NAMES.map((name) => settings[name]));
  const told = HEARD.get(key) ?? tellAll(settings);
  HEARD.set(key, told);
  return told;
}

async function tellAll(settings: Settings): Promise<Readonly<Record<Room, string>>> {
  const w = wordsOf(settings, NO_SAYINGS);
  const said = await Promise.all(
    Object.entries(ROOMS).map(async ([room, tell]) => [room, JSON.stringify(await tell(w))] as const),
  );
  return Object.fromEntries(said) as Record<Room, string>;
}

describe('every setting reaches everything it is about', () => {
  it.each(SETTING_NAMES)('%s', async (name) => {
    const base: Settings = { ...USUAL_SETTINGS, ...WITH[name] };
    const values = CHOICES[name].map((value) => makingRoomFor(withSetting(base, name, value), name));
    const all = await Promise.all(values.map(heard));
    const reached = (Object.keys(ROOMS) as Room[]).filter(
      (room) => new Set(all.map((each) => each[room])).size > 1,
    );
    console.info(`${name}, ${values.length} values: ${reached.join(', ')}`);
    expect(MUST[name].filter((room) => !reached.includes(room))).toEqual([]);
    // Each value is told from every other one somewhere.
    for (const [at, one] of all.entries())
      for (const other of all.slice(at + 1)) expect(JSON.stringify(one)).not.toBe(JSON.stringify(other));
  });
});
