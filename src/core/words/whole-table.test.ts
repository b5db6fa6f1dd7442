import { describe, expect, it } from 'vitest';
import { ask } from '../ask/ask';
import type { Fact } from '../derive/fact';
import { derive, methodsFor } from '../derive/methods';
import { CHECK_IDS } from '../derive/proof';
import { readDrawn } from '../identify/drawn-signature';
import { keysOf, rulesFor } from '../identify/key-of-signature';
import { identify } from '../identify/name-scale';
import { writeSignature } from '../identify/signature-of-key';
import { noteNamed } from '../note/parse';
import { fifths, type SpelledNote } from '../note/spelled';
import { scaleAsked } from '../scale/asked';
import { DIRECTIONS } from '../scale/direction';
import { lineOf } from '../scale/line';
import { NAMED_SCALE_IDS, type ScaleId } from '../scale/pattern';
import { relatedKeys } from '../scale/related';
import { type Scale, scaleNamed } from '../scale/scale';
import { impossiblePairs } from '../school/pairs';
import {
  type Audience,
  CHOICES,
  NO_SAYINGS,
  SETTING_NAMES,
  SETTINGS,
  type Settings,
  USUAL_SETTINGS,
} from '../school/settings';
import { type ClassWords, ENGLISH, sayingOf, wordsOf } from './class-words';
import { LEFT_BEHIND } from './left-behind.test-data';
import { MARK_SAYINGS } from './mark-sayings.test-data';
import { ORBIT_SAYINGS } from './orbit-sayings.test-data';
import { type AddressProblem, sayAddressProblem } from './say-address';
import { sayAskProblem, sayReading } from './say-ask';
import { sayCheck } from './say-check';
import { sayAgreed, sayCompared } from './say-compared';
import { sayBecause, sayDecision } from './say-decision';
import { type FileProblem, type FileWarning, sayFileProblem, sayFileWarning } from './say-file';
import type { SaidStep } from './say-method';
import { readLine, readStaff, sayPlace, saySign } from './say-note';
import { sayPair } from './say-pair';
import { type Problem, sayProblem } from './say-problem';
import { sayRelated } from './say-related';
import { sayKeyRule } from './say-rule';
import { sayRaised, scaleName, spokenScale, theoreticalNote } from './say-scale';
import { sayHop, sayKeyStep, saySignatureProblem, sayWriteStep } from './say-signature';
import { stepText } from './say-step';
import { type RecordProblem, type StoreProblem, sayRecordProblem, sayStoreProblem } from './say-store';
import { whysFor } from './say-why';
import { classRoomWords } from './screen/class';
import { deriveWords } from './screen/derive';
import { DERIVE_SHEETS } from './screen/derive-sheets';
import { filesWords } from './screen/files';
import { FRAME_WORDS } from './screen/frame';
import { orbitWords } from './screen/orbit';
import { PAPER_WORDS } from './screen/paper';
import { questionWords } from './screen/questions';
import { SHELF_WORDS } from './screen/shelf';
import { settingExample } from './setting-example';

function scaleOf(tonic: string, id: ScaleId, settings: Settings = USUAL_SETTINGS): Scale {
  const reading = scaleNamed(noteNamed(tonic), id, settings.melodicDown);
  if (!reading.ok) throw new Error('cannot be spelled');
  return reading.scale;
}

/** One sample of every step kind in each of its shapes: by code, and by which of its fields are there. */
const SAMPLES: readonly Fact[] = (() => {
  const found = new Map<string, Fact>();
  const ways = CHOICES.minorSignature.flatMap((minorSignature) =>
    CHOICES.modesWritten.map((modesWritten) => ({ minorSignature, modesWritten })),
  );
  for (const way of ways) {
    for (const tonic of ['C', 'Eb', 'F#', 'G#', 'Db', 'A', 'Fb', 'B#', 'Cb']) {
      for (const asked of [...NAMED_SCALE_IDS, '2,2,3,2,3', '2,1,2,1,2,1,2,1'] as const) {
        const reading = scaleAsked(noteNamed(tonic), asked);
        if (!reading.ok) continue;
        const { scale } = reading;
        for (const direction of DIRECTIONS) {
          for (const method of methodsFor(scale)) {
            for (const { fact } of derive(scale, direction, method, way)?.steps ?? []) {
              const shape = Object.entries(fact).map(([name, value]) =>
                typeof value === 'number'
                  ? `${name}${Math.sign(value)}${Math.abs(value) > 7}`
                  : name + (value === null),
              );
              const key = fact.code + shape.join() + ('semitones' in fact ? fact.semitones : '');
              found.set(key, found.get(key) ?? fact);
            }
          }
        }
      }
    }
  }
  return [...found.values()];
})();

const WHY_SCALES = [
  scaleOf('C', 'major'),
  scaleOf('Eb', 'melodic-minor'),
  scaleOf('F#', 'lydian'),
  scaleOf('G#', 'major'),
];

const row = (text: string) => text.split(' ').map(noteNamed);

/** Lines to be named: right, mixed, misspelled, a turn of a scale, no row, nothing. */
const LINES = [
  'F G Ab Bb C Db E F',
  'G F E D C Bb A G',
  'F G A A# C D E F',
  'Eb F G Ab Bb C D E',
  'D Eb F# G A Bb C D',
  'C D E F# G Ab B C',
  'G B D F',
  'C D E F G F E D C',
].map(row);

/** What answers the other questions: steps to a name, from a signature to its keys, from a key to its signature. */
const QUESTIONS: readonly ((w: ClassWords) => readonly SaidStep[])[] = [
  ...LINES.map((line) => (w: ClassWords) => {
    const { steps, names } = identify(line);
    const because = names.map((name) => ({ text: sayBecause(w, name), reason: null }));
    return [...steps.map(({ fact }) => sayDecision(w, fact)), ...because];
  }),
  ...[-4, -1, 0, 7].flatMap((count) =>
    (['relative', 'last-sign'] as const).flatMap((minorNaming) =>
      [...rulesFor(fifths(count)), null].flatMap((rule) =>
        (['every', 'dorian'] as const).map((asked) => (w: ClassWords) => {
          const { steps } = keysOf({ count: fifths(count), asked, rule, minorNaming });
          return steps.map(({ fact }) => sayKeyStep(w, fact));
        }),
      ),
    ),
  ),
  ...CHOICES.minorSignature.flatMap((minorSignature) =>
    (['major', 'natural-minor', 'dorian'] as const).flatMap((id) =>
      ['F', 'Ab', 'C#', 'G#'].map((tonic) => (w: ClassWords) => {
        const { steps } = writeSignature(noteNamed(tonic), id, { minorSignature, modesWritten: 'parent' });
        return steps.map(({ fact }) => sayWriteStep(w, fact));
      }),
    ),
  ),
  (w) =>
    [0, 1, 6].flatMap((at) =>
      (['sharps', 'flats'] as const).map((kind) => ({ text: sayHop(w, kind, at), reason: null })),
    ),
  (w) => DRAWN.map((signs) => ({ text: drawnText(w, signs), reason: null })),
  ...ORBIT_SAYINGS,
  ...MARK_SAYINGS,
  (w) => ASKED.map((line) => ({ text: askedText(w, line), reason: null })),
];

/** Enough for all pairs of values, which are many. */
const SOME = QUESTIONS.filter((_, at) => at % 6 === 0);

const DRAWN = ['F# Bb', 'F# G#', 'C#', 'C# F#', 'F# F#', 'F##', 'B'].map(row);

function drawnText(w: ClassWords, signs: readonly SpelledNote[]): string {
  const reading = readDrawn(signs);
  return reading.ok ? '' : saySignatureProblem(w, reading.problem);
}

/** Read in English names, answered in the words of the class. */
const ASKED = [
  'C major down bass without signature by chain',
  'rel minor of Db',
  'parallel of B',
  'enharmonic of Gb major',
  'parent of D dorian',
  'C major vs chain',
  'C major vs A natural minor',
  '4 flats dorian',
  'signature of E major',
  'F G Ab Bb',
  'bebop',
  'major',
  '9 flats',
  'W W W W W W W',
  'G double sharp major',
];

function askedText(w: ClassWords, line: string): string {
  const { readings, problem } = ask(ENGLISH, line);
  return problem ? sayAskProblem(w, problem) : readings.map((reading) => sayReading(w, reading)).join(' | ');
}

function saidBy(w: ClassWords, question: (w: ClassWords) => readonly SaidStep[]): readonly string[] {
  return question(w).flatMap(({ text, reason }) => (reason ? [text, reason] : [text]));
}

const note = noteNamed;

const PROBLEMS: { readonly [Code in Problem['code']]: Extract<Problem, { readonly code: Code }> } = {
  'note-empty': { code: 'note-empty' },
  'note-too-long': { code: 'note-too-long', length: 40, limit: 24 },
  'note-other-names': { code: 'note-other-names', read: 'Fis', fits: 'german' },
  'note-mixed-signs': { code: 'note-mixed-signs', read: 'Bb#' },
  'note-third-sign': { code: 'note-third-sign', read: 'F###', letter: 'F' },
  'note-unknown': { code: 'note-unknown', read: 'doh' },
  'steps-size': { code: 'steps-size', position: 3, read: '5' },
  'steps-sum': { code: 'steps-sum', sum: 13 },
  'needs-third-sign': {
    code: 'needs-third-sign',
    tonic: note('G##'),
    degree: 7,
    letter: 'F',
    alteration: 3,
    instead: note('A'),
  },
  'choice-unknown': { code: 'choice-unknown', what: 'clef', read: 'soprano', allowed: ['treble'] },
};

const ADDRESSES: {
  readonly [Code in AddressProblem['code']]: Extract<AddressProblem, { readonly code: Code }>;
} = {
  'address-word': {
    code: 'address-word',
    parameter: 'tonic',
    problem: PROBLEMS['note-unknown'],
    shown: 'C#',
  },
  'address-method': {
    code: 'address-method',
    problem: { code: 'own-parent', method: 'parent' },
    shown: 'step-pattern',
  },
  'address-beside': { code: 'address-beside', problem: { code: 'no-signature', method: 'chain' } },
  'address-unknown': { code: 'address-unknown', parameter: 'colour', read: 'red' },
  'address-twice': { code: 'address-twice', parameter: 'tonic' },
  'address-step': { code: 'address-step', read: 'two' },
  'address-more': { code: 'address-more', parameter: 'notes', count: 40, limit: 32, of: 'notes' },
  'address-left-out': { code: 'address-left-out', parameter: 'printed', read: 'x' },
  'address-too-long': { code: 'address-too-long', length: 3000, limit: 2000 },
};

const FILES: { readonly [Code in FileProblem['code']]: Extract<FileProblem, { readonly code: Code }> } = {
  'file-empty': { code: 'file-empty' },
  'file-too-large': { code: 'file-too-large', bytes: 20_000_000, limit: 16_000_000 },
  'file-kind': { code: 'file-kind', name: 'photo.jpg', kinds: ['MusicXML (.xml)', 'a list (.txt)'] },
  'file-encoding': { code: 'file-encoding', encoding: 'utf-8' },
  'file-entities': { code: 'file-entities' },
  'file-deep': { code: 'file-deep', limit: 48 },
  'file-many': { code: 'file-many', limit: 400_000 },
  'xml-broken': { code: 'xml-broken', where: '</note>' },
  'xml-other': { code: 'xml-other', root: 'html' },
  'xml-timewise': { code: 'xml-timewise' },
  'zip-broken': { code: 'zip-broken' },
  'zip-bomb': { code: 'zip-bomb', limit: 16_000_000 },
  'zip-no-score': { code: 'zip-no-score' },
  'midi-broken': { code: 'midi-broken' },
  'piece-broken': { code: 'piece-broken' },
  'piece-empty': { code: 'piece-empty' },
  'text-no-scale': { code: 'text-no-scale', lines: 3 },
  'no-tune': { code: 'no-tune', why: 'lengths' },
  'abc-unread': { code: 'abc-unread', why: 'tuplet', read: '(3abc' },
  'backup-broken': { code: 'backup-broken', where: 'records.kept' },
  'backup-newer': { code: 'backup-newer', version: 2, known: 1 },
  'file-slow': { code: 'file-slow', seconds: 15 },
  'file-unreadable': { code: 'file-unreadable' },
};

const WARNINGS: { readonly [Code in FileWarning['code']]: Extract<FileWarning, { readonly code: Code }> } = {
  'note-passed-over': { code: 'note-passed-over', part: 'Horn', measure: '3', count: 2 },
  misspelled: {
    code: 'misspelled',
    part: 'Horn',
    measure: '3',
    is: 'C',
    wanted: 'B♯',
    scale: 'C♯ harmonic minor',
  },
  'no-scale-in-part': { code: 'no-scale-in-part', part: 'Horn', notes: 9, longest: 4 },
  'part-without-notes': { code: 'part-without-notes', part: 'Drum' },
  'key-unsaid': { code: 'key-unsaid' },
  'line-not-read': { code: 'line-not-read', line: 2, read: 'hello', why: 'No scale was read.' },
};

const STORES: Readonly<Record<StoreProblem['code'], StoreProblem>> = {
  'store-full': { code: 'store-full' },
  'store-blocked': { code: 'store-blocked' },
  'store-newer': { code: 'store-newer' },
  'store-failed': { code: 'store-failed' },
  'store-silent': { code: 'store-silent' },
  'store-missing': { code: 'store-missing' },
  'record-refused': { code: 'record-refused', name: 'kept derivation', where: 'address' },
};

const RECORDS: { readonly [Code in RecordProblem['code']]: Extract<RecordProblem, { readonly code: Code }> } =
  {
    'record-newer': { code: 'record-newer', name: 'class', version: 2, known: 1 },
    'record-unreadable': { code: 'record-unreadable', name: 'class', where: 'name' },
    'record-word': { code: 'record-word', name: 'class', read: 'tuning: just' },
  };

/** Every text in a table of words; what is a function is asked with plain samples. */
function textsOf(words: unknown): readonly string[] {
  if (typeof words === 'string') return [words];
  if (typeof words === 'function') return textsOf(words('Ada', 'bass clef', ['treble']));
  if (typeof words !== 'object' || words === null) return [];
  return Object.values(words).flatMap(textsOf);
}

/** What the theory says in one class: sentences of workings, proofs, notes, problems, examples. */
function theoryIn(w: ClassWords, questions = QUESTIONS): readonly string[] {
  const scale = scaleOf('C#', 'harmonic-minor', w.settings);
  const line = lineOf(scale, 'up', 3);
  return [
    ...SAMPLES.map((fact) => stepText(w, fact)),
    ...CHECK_IDS.flatMap((check) =>
      [true, false, null].map((holds) => sayCheck(w, { check, holds, at: [], sum: 12 })),
    ),
    ...line.map((_, place) => sayPlace(w, line, place, 'minor')),
    saySign(w, note('D#'), line, fifths(4), 'minor'),
    saySign(w, note('Bb'), line, fifths(-1)),
    ...[-3, -1, 3].flatMap((count) => [
      sayKeyRule(w, fifths(count), 'major'),
      sayKeyRule(w, fifths(count), 'minor'),
    ]),
    ...relatedKeys(scaleOf('F#', 'major')).map((key) => sayRelated(w, scaleOf('F#', 'major'), key).why),
    ...relatedKeys(scale).map((key) => sayRelated(w, scale, key).why),
    ...WHY_SCALES.flatMap((each) => whysFor(w, each, 'signature')).flatMap(({ title, lines }) => [
      title,
      ...lines,
    ]),
    ...questions.flatMap((each) => saidBy(w, each)),
    ...sayCompared(w, scaleOf('C', 'major'), scaleOf('C', 'natural-minor'), 'up'),
    sayAgreed(w, scale.ascending),
    theoreticalNote(w, scaleOf('G#', 'major')),
    sayRaised(w, scaleOf('A', 'melodic-minor')),
    scaleName(w, scale),
    spokenScale(w, scale),
    readLine(w, line),
    readStaff(w, 'bass clef', 4, line),
  ].filter((text) => text !== null);
}

function everythingIn(w: ClassWords, theory = theoryIn(w)): readonly string[] {
  return [
    ...theory,
    ...SETTING_NAMES.map((name) => settingExample(w, SETTINGS[name])),
    ...Object.values(PROBLEMS).map((problem) => sayProblem(w, problem)),
    ...Object.values(ADDRESSES).map((problem) => sayAddressProblem(w, problem)),
    ...textsOf(deriveWords(w)),
    ...textsOf(DERIVE_SHEETS),
    ...textsOf(orbitWords(w)),
    ...textsOf(questionWords(w)),
    ...textsOf(classRoomWords(w)),
    ...textsOf(filesWords(w)),
  ];
}

function check(texts: readonly string[], where: string): void {
  for (const text of texts) {
    if (text.trim() === '' || /undefined|\bnull\b|NaN|\[object|[A-Za-z]!(?:\s|$)|function/u.test(text)) {
      expect.fail(`${where}: ${JSON.stringify(text)}`);
    }
  }
}

/** Rows of step letters, W W H, are no note names. */
const withoutSteps = (text: string) =>
  text.replaceAll(/(?:\b[WHTSG0](?:\+[WHTSG])? ){2,}[WHTSG0](?:\+[WHTSG])?\b/gu, '');

describe('every word in every school', () => {
  it('samples every step kind', () => {
    expect([...new Set(SAMPLES.map(({ code }) => code))].sort()).toEqual([
      'alter-degree',
      'between',
      'chain-arrive',
      'chain-link',
      'chain-start',
      'count-places',
      'join',
      'key-notes',
      'less-three',
      'letters',
      'mend',
      'natural-coming-down',
      'no-between',
      'parallel-major',
      'parent-degree',
      'parent-signature',
      'put-sign',
      'raise',
      'relative-major',
      'restore',
      'same-coming-down',
      'signature-shift',
      'start-on',
      'take-signs',
      'tetrachord-stands',
      'tetrachords',
      'theoretical',
      'two-octaves',
      'under-tonic',
      'walk',
      'window-order',
      'window-place',
      'window-raise',
      'written-under',
    ]);
  });

  it('has its sentence in each value alone, and no word of another school is left behind', () => {
    let turn = 0;
    for (const name of SETTING_NAMES) {
      for (const value of CHOICES[name]) {
        const settings: Settings = { ...USUAL_SETTINGS, [name]: value };
        const w = wordsOf(settings);
        const left = LEFT_BEHIND[name]?.[value];
        // Where no word of another school could be left behind, a fifth of the questions each, all of them in turn.
        turn += 1;
        const theory = theoryIn(w, left ? QUESTIONS : QUESTIONS.filter((_, at) => at % 5 === turn % 5));
        check(everythingIn(w, theory), `${name} ${value}`);
        if (!left) continue;
        for (const text of theory) {
          // German key names go with German note names only.
          if (name === 'keyNames' && impossiblePairs(settings).length > 0) continue;
          if (left.test(withoutSteps(text))) expect.fail(`${name} ${value}: ${text}`);
        }
      }
    }
  });

  /** The values of a setting beside the usual one; of seconds one stands for all. */
  const othersOf = (name: (typeof SETTING_NAMES)[number]) =>
    name === 'thinking' ? CHOICES[name].slice(1, 2) : CHOICES[name].slice(1);

  it('has its sentence in all pairs of values', () => {
    let pairs = 0;
    for (const [index, one] of SETTING_NAMES.entries()) {
      for (const other of SETTING_NAMES.slice(index + 1)) {
        for (const first of othersOf(one)) {
          for (const second of othersOf(other)) {
            const w = wordsOf({ ...USUAL_SETTINGS, [one]: first, [other]: second });
            check(theoryIn(w, SOME), `${one} ${first}, ${other} ${second}`);
            check(
              SETTING_NAMES.map((name) => settingExample(w, SETTINGS[name])),
              `examples of ${one} ${first}, ${other} ${second}`,
            );
            pairs += 1;
          }
        }
      }
    }
    expect(pairs).toBe(1401);
  });

  it('speaks German throughout: names, steps, keys and relatives', () => {
    const settings: Settings = {
      ...USUAL_SETTINGS,
      noteNames: 'german',
      stepWords: 'german',
      keyNames: 'german',
      relatives: 'german',
    };
    expect(impossiblePairs(settings)).toEqual([]);
    const w = wordsOf(settings);
    for (const text of theoryIn(w)) {
      for (const left of [
        LEFT_BEHIND.stepWords?.['german'],
        LEFT_BEHIND.noteNames?.['german'],
        LEFT_BEHIND.keyNames?.['german'],
      ]) {
        if (left?.test(text)) expect.fail(text);
      }
    }
    const steps = derive(scaleOf('Bb', 'natural-minor'), 'up', 'signature')?.steps ?? [];
    expect(steps.slice(0, 3).map(({ fact }) => stepText(w, fact))).toEqual([
      'b-Moll shares its signature with its Paralleltonart Des-Dur, three Halbtöne up.',
      'Des lies five places anticlockwise from C on the circle of fifths: five flats. Each place is a fifth down and one more flat.',
      'From the order of flats take the first five: B Es As Des Ges.',
    ]);
  });

  it('says a class’s own saying where the order is taken', () => {
    const sayings = { ...NO_SAYINGS, sharps: 'Fog covers grey docks and every boat' };
    const w = wordsOf(USUAL_SETTINGS, sayings);
    const steps = derive(scaleOf('E', 'major'), 'up', 'signature')?.steps ?? [];
    const taken = steps.find(({ fact }) => fact.code === 'take-signs');
    expect(taken && stepText(w, taken.fact)).toBe(
      'From the order of sharps take the first four: F♯ C♯ G♯ D♯. ‘Fog covers grey docks and every boat’',
    );
    // One made for children is not said to adults, nor the other way round.
    const said = (hints: Settings['hints'], sharpsFor: Audience) =>
      sayingOf(wordsOf({ ...USUAL_SETTINGS, hints }, { ...sayings, sharpsFor }), 'sharps') !== '';
    expect([said('child', 'children'), said('child', 'adults'), said('child', 'everybody')]).toEqual([
      true,
      false,
      true,
    ]);
    expect([said('student', 'children'), said('student', 'adults'), said('learner', 'everybody')]).toEqual([
      false,
      true,
      true,
    ]);
  });
});

describe('what no school changes', () => {
  it('has its sentence for every code', () => {
    const said = [
      ...Object.values(FILES).map(sayFileProblem),
      ...Object.values(WARNINGS).map(sayFileWarning),
      ...Object.values(STORES).map(sayStoreProblem),
      ...Object.values(RECORDS).map(sayRecordProblem),
      ...(
        [
          'pair-si-twice',
          'pair-moll-names',
          'pair-case-capital',
          'pair-case-word',
          'pair-own-circle',
        ] as const
      ).map((code) => sayPair({ code, one: 'keyNames', other: 'noteNames' })),
    ];
    check(said, 'codes');
    for (const text of said) expect(text).toMatch(/^.+\.$/su);
    check([...textsOf(FRAME_WORDS), ...textsOf(PAPER_WORDS), ...textsOf(SHELF_WORDS)], 'screens');
  });

  it('has a live example that tells the choices of most settings apart', () => {
    const alike = SETTING_NAMES.filter((name) => {
      const examples = CHOICES[name].map((value) =>
        settingExample(wordsOf({ ...USUAL_SETTINGS, solfege: 'la-minor', [name]: value }), SETTINGS[name]),
      );
      return new Set(examples).size < examples.length;
    });
    expect(alike).toEqual([]);
  });
});
