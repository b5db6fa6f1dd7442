import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Answer } from '../exercise/answer';
import { type AnswerCase, caseOf } from '../exercise/answer-case';
import { anyAnswered } from '../exercise/any-answer.test-data';
import { answerCode, questionCode } from '../exercise/code';
import { everyQuestion } from '../exercise/every-question.test-data';
import { handIn } from '../exercise/hand-in';
import { judge } from '../exercise/judge';
import { KIND_IDS, type KindId, type MarkQuestion, rightAnswer, taskOf } from '../exercise/kinds/all';
import { keyAsked, practiceFor } from '../exercise/practice';
import { answersOf, rewriting } from '../mark/explain/made';
import type { Finding, FindingCode, Judged, Thing } from '../mark/judging/judged';
import { mistakesIn } from '../mark/mistakes/all';
import { LETTERS } from '../note/letter';
import { midiOf } from '../note/pitch';
import { ALTERATIONS, pitchClass, type SpelledNote, spelled } from '../note/spelled';
import { makingRoomFor } from '../school/pairs';
import { CHOICES, SETTING_NAMES, type Settings, USUAL_SETTINGS, withSetting } from '../school/settings';
import { type ClassWords, ENGLISH, wordsOf } from './class-words';
import { falseClaims } from './mistake-claims.test-data';
import { sayFinding } from './say-finding';
import { sayMarkCheck } from './say-mark-check';
import { sayMistake } from './say-mistake';

/** Every value of every setting, the others as usual or out of its way. */
const SCHOOLS: readonly Settings[] = SETTING_NAMES.flatMap((name) =>
  CHOICES[name].map((value) => makingRoomFor(withSetting(USUAL_SETTINGS, name, value), name)),
);

type Told = {
  readonly asked: MarkQuestion;
  readonly answer: Answer;
  readonly settings: Settings;
  readonly w: ClassWords;
  readonly judged: Judged;
  readonly about: AnswerCase;
};

function told(asked: MarkQuestion, answer: Answer, settings: Settings): Told {
  const judged = judge(asked, answer, settings);
  if (!judged) throw new Error(questionCode(asked));
  return { asked, answer, settings, w: wordsOf(settings), judged, about: caseOf(asked, answer, settings) };
}

const noteIn = (thing: Thing | null): SpelledNote | null => (thing?.is === 'note' ? thing.note : null);

/** Notes of an answer in its order, whatever it is made of. */
function notesOf(answer: Answer): readonly SpelledNote[] {
  switch (answer.is) {
    case 'scale':
      return answer.notes.map(({ note }) => note);
    case 'notes':
      return answer.notes;
    case 'drawn':
      return answer.signs.map(({ sign }) => sign);
    case 'count':
      return answer.signs ?? [];
    default:
      return [];
  }
}

const count = (row: readonly SpelledNote[], note: SpelledNote) => row.filter((each) => each === note).length;

type Rule = (finding: Finding, told: Told) => boolean;

/** Expected and got are both notes of which something holds. */
const both =
  (holds: (want: SpelledNote, got: SpelledNote) => boolean): Rule =>
  ({ expected, got }) => {
    const [want, is] = [noteIn(expected), noteIn(got)];
    if (want && is) return want !== is && holds(want, is);
    if (expected?.is === 'key' && got?.is === 'key') return holds(expected.key.tonic, got.key.tonic);
    if (expected?.is === 'pitch' && got?.is === 'pitch') return holds(expected.pitch.note, got.pitch.note);
    return false;
  };

/** What each finding claims, by a plain rule on question and answer. */
const RULES: Partial<Readonly<Record<FindingCode, Rule>>> = {
  'wrong-sign': both((want, got) => want.letter === got.letter && want.alteration !== got.alteration),
  respelled: both((want, got) => want.letter !== got.letter && pitchClass(want) === pitchClass(got)),
  'wrong-note': both((want, got) => want.letter !== got.letter),
  'note-missing': ({ expected, got }, { about, answer }) => {
    const note = noteIn(expected);
    if (got !== null) return false;
    return note ? count(about.right, note) >= count(notesOf(answer), note) || about.right.length > 0 : true;
  },
  'note-extra': ({ index, got }, { answer }) => {
    const note = noteIn(got);
    return note === null || (index !== null && notesOf(answer)[index] === note);
  },
  'letter-skipped': ({ expected }, { answer }) =>
    !notesOf(answer).some(({ letter }) => letter === noteIn(expected)?.letter),
  'letter-repeated': ({ index }, { answer }) => {
    const row = notesOf(answer);
    return index !== null && index > 0 && row[index]?.letter === row[index - 1]?.letter;
  },
  'top-differs': (_, { answer }) => notesOf(answer)[0] !== notesOf(answer).at(-1),
  'wrong-octave': ({ expected, got }) =>
    expected?.is === 'pitch' &&
    got?.is === 'pitch' &&
    expected.pitch.note === got.pitch.note &&
    midiOf(expected.pitch) !== midiOf(got.pitch),
  'order-wrong': ({ expected, got }, { about }) => {
    const [want, is] = [noteIn(expected), noteIn(got)];
    return (
      want !== null && is !== null && about.right.includes(is) && about.right.includes(want) && want !== is
    );
  },
  mixed: ({ got }, { answer }) => {
    const kind = Math.sign(noteIn(got)?.alteration ?? 0);
    return kind !== 0 && notesOf(answer).some(({ alteration }) => Math.sign(alteration) === -kind);
  },
  'mode-unsaid': ({ got }) => got?.is === 'key' && got.key.scale === null,
  'mode-differs': ({ expected, got }) =>
    expected?.is === 'key' &&
    got?.is === 'key' &&
    got.key.scale !== null &&
    got.key.scale !== expected.key.scale,
  'count-differs': ({ expected, got }) =>
    expected?.is === 'count' && got?.is === 'count' && Math.abs(expected.fifths) !== Math.abs(got.fifths),
  'kind-differs': ({ expected, got }) =>
    expected?.is === 'count' && got?.is === 'count' && expected.fifths === -got.fifths && got.fifths !== 0,
  'count-and-list-differ': ({ expected, got }) =>
    expected?.is === 'count' && got?.is === 'count' && expected.fifths !== got.fifths,
  // What was written stands in the finding as it was written.
  'numeral-differs': ({ got, expected }, { answer }) =>
    got?.is === 'numeral' &&
    expected?.is === 'numeral' &&
    answer.is === 'numeral' &&
    got.text === answer.text.trim() &&
    got.text !== expected.text,
  inverted: (_, { about }) => about.right.every((note) => about.given.includes(note)),
  'more-than-asked': ({ index }, { answer, about, judged }) =>
    judged.correct && index !== null && notesOf(answer).length > about.right.length,
  'nothing-given': (_, { answer, asked }) =>
    answer.is === 'blank' || answer.is !== rightAnswer(asked, USUAL_SETTINGS).is,
};

/** Findings that cannot stand at one place together. */
const EXCLUSIVE: readonly (readonly [FindingCode, FindingCode])[] = [
  ['wrong-sign', 'respelled'],
  ['wrong-sign', 'wrong-note'],
  ['respelled', 'wrong-note'],
  ['wrong-note', 'note-extra'],
  ['count-differs', 'kind-differs'],
  ['mode-unsaid', 'mode-differs'],
  ['sign-repeated', 'sign-needed'],
];

/** Findings that are said of an answer that is right. */
const OF_RIGHT: readonly FindingCode[] = [
  'inverted',
  'more-than-asked',
  'sign-repeated',
  'sign-needed',
  'sign-misplaced',
  'sign-unwanted',
  'cancelling-unwanted',
  'order-wrong',
  'place-wrong',
  'mixed',
  'note-missing',
  'note-extra',
  'wrong-sign',
  'respelled',
  'wrong-note',
];

function contradictions({ judged, answer }: Told): readonly string[] {
  const { findings, correct } = judged;
  const found: string[] = [];
  for (const [one, other] of EXCLUSIVE) {
    for (const first of findings.filter(({ code }) => code === one))
      if (findings.some(({ code, index }) => code === other && index === first.index))
        found.push(`${one} and ${other} at ${first.index}`);
  }
  // Signs drawn before a scale are style, and so are findings of theirs.
  const drawn = answer.is === 'scale' && answer.signature !== undefined;
  if (correct && findings.some(({ code }) => !OF_RIGHT.includes(code))) found.push('right and a finding');
  if (correct && !drawn && findings.some(({ code }) => code === 'note-missing'))
    found.push('right and missing');
  if (correct && judged.causes.length > 0) found.push('right and a habit');
  if (findings.some(({ code }) => code === 'nothing-given') && findings.length > 1)
    found.push('nothing and something');
  const missing = findings.flatMap(({ code, expected }) =>
    code === 'note-missing' ? (noteIn(expected) ?? []) : [],
  );
  const extra = findings.flatMap(({ code, got }) => (code === 'note-extra' ? (noteIn(got) ?? []) : []));
  // In a row the same note may stand at a wrong place; among signs and chords it cannot be both.
  if (
    answer.is !== 'scale' &&
    answer.is !== 'steps' &&
    missing.some((note) => extra.includes(note)) &&
    judged.correct
  )
    found.push('missing and too many');
  return found;
}

/** What must be said nowhere, in any school. */
const NEVER = [
  /undefined|null|NaN| {2}|\(\)|\{|\}| ,|\.\.(?!\.)/u,
  /(?:^|[ .])one (?:half steps|whole steps|semitones|tones|letters|names|notes|places|sharps|flats|signs|fifths)\b/u,
  /^(.+?) given, \1 expected/u,
  / given, expected|^ given|^ is /u,
];

/** Notes with signs in a text, by the names of a class. */
function signedNotesIn(w: ClassWords, text: string): readonly SpelledNote[] {
  const named = LETTERS.flatMap((letter) =>
    ALTERATIONS.filter((alteration) => alteration !== 0).map((alteration) => spelled(letter, alteration)),
  );
  // `As` and `His` are words of English as well.
  const words = new Set(text.replace(/\b(?:As|His|Is)\b/gu, ' ').split(/[\s,.;:()–-]+/u));
  return named.filter((note) => words.has(w.note(note)));
}

/** Every note that question and answer speak of: asked, right, given, and of the keys they name. */
function spokenOf({ about, answer, asked }: Told): ReadonlySet<SpelledNote> {
  const key = about.key ? [about.key.tonic] : [];
  const named = about.named ? [about.named.tonic] : [];
  const of = asked.kind === 'partner' ? [asked.question.tonic] : [];
  const pitches = answer.is === 'pitch' ? [answer.pitch.note] : [];
  const right = rightAnswer(asked, USUAL_SETTINGS);
  const wanted =
    right.is === 'pitch' ? [right.pitch.note] : right.is === 'key' ? [right.key.tonic] : notesOf(right);
  const signs = right.is === 'count' ? (right.signs ?? []) : [];
  // A scale that was written the other way is judged as it goes there.
  const other =
    asked.kind === 'scale'
      ? notesOf(rightAnswer({ ...asked, question: { ...asked.question, direction: 'both' } }, USUAL_SETTINGS))
      : [];
  return new Set([
    ...about.right,
    ...about.given,
    ...key,
    ...named,
    ...of,
    ...pitches,
    ...wanted,
    ...signs,
    ...other,
  ]);
}

/** All that is wrong with what is said of an answer. */
function wrongWith(it: Told): readonly string[] {
  const { w, judged, asked, about } = it;
  const lines = [
    ...judged.findings.map((finding) => sayFinding(w, finding, asked.kind)),
    ...judged.checks.map((check) => sayMarkCheck(w, check)),
  ];
  const key = keyAsked(asked);
  const habits = [...new Set(judged.causes.flatMap((cause) => cause.habits))];
  const said = habits.map((id) => {
    const words = sayMistake(w, id, about, practiceFor(id, key));
    return { id, text: `${words.name}. ${words.why} ${words.say}`, cure: words.cure };
  });
  const spoken = spokenOf(it);
  const strange = [...lines, ...said.map(({ text }) => text)].flatMap((line) =>
    signedNotesIn(w, line)
      .filter((note) => !spoken.has(note))
      .map((note) => `${w.note(note)} stands nowhere, in ‘${line}’`),
  );
  const task = taskOf(asked, it.settings);
  const claims =
    w === ENGLISH && judged.causes.every((cause) => cause.habits.length === 1)
      ? said.flatMap(({ id, text }) => {
          const written = judged.causes.length > 0 ? writtenOf(it) : null;
          return written ? falseClaims({ id, asked, about, written, right: task.right, text }) : [];
        })
      : [];
  return [
    ...judged.findings.flatMap((finding) => {
      const rule = RULES[finding.code];
      return rule && !rule(finding, it) ? [`${finding.code}: ${sayFinding(w, finding, asked.kind)}`] : [];
    }),
    ...contradictions(it),
    ...[...lines, ...said.flatMap(({ text, cure }) => [text, cure])].flatMap((line) =>
      NEVER.some((never) => never.test(line)) ? [`‘${line}’`] : [],
    ),
    ...strange,
    ...claims,
  ];
}

/** What was written, for answers whose form a mistake has. */
function writtenOf({ answer }: Told) {
  const notes = notesOf(answer);
  if (notes.length > 0) return { is: 'notes', notes } as const;
  if (answer.is === 'steps') return { is: 'steps', steps: answer.steps } as const;
  return null;
}

const name = ({ asked, answer, settings }: Told) =>
  `${questionCode(asked)} ${answerCode(answer)} ${SETTING_NAMES.filter((each) => settings[each] !== USUAL_SETTINGS[each]).map((each) => settings[each])}`;

/** A row of two mistakes, one after the other. */
function byTwo(asked: MarkQuestion): readonly Answer[] {
  const task = taskOf(asked, USUAL_SETTINGS);
  const mistakes = mistakesIn(task.scope);
  return mistakes.flatMap((first, at) => {
    const [made] = answersOf(first, task);
    const second = mistakes[(at * 7 + 3) % mistakes.length];
    if (!made || !second || made.written.is !== 'notes') return [];
    return rewriting(second, made.written.notes, task)
      .slice(-1)
      .map(({ written }) => handIn(asked, written));
  });
}

/** A few questions of a kind, spread over all of it. */
function some(kind: KindId, most: number): readonly MarkQuestion[] {
  const all = everyQuestion(kind);
  const step = Math.max(1, Math.floor(all.length / most));
  return all.filter((_, at) => at % step === 0);
}

describe('what is said of an answer', () => {
  it.each(KIND_IDS)('is true of it in every school: right, by each mistake and by two, in %s', (kind) => {
    const wrong: string[] = [];
    let cases = 0;
    for (const [at, asked] of some(kind, 60).entries()) {
      const task = taskOf(asked, USUAL_SETTINGS);
      const made = mistakesIn(task.scope).flatMap((mistake) =>
        answersOf(mistake, task)
          .slice(0, 2)
          .map(({ written }) => handIn(asked, written)),
      );
      const answers = [
        rightAnswer(asked, USUAL_SETTINGS),
        { is: 'blank' } as const,
        ...made,
        ...byTwo(asked),
      ];
      for (const [nth, answer] of answers.entries()) {
        // The usual school for every answer, and each other one in turn.
        for (const settings of [USUAL_SETTINGS, SCHOOLS[(at * 31 + nth) % SCHOOLS.length] as Settings]) {
          const it = told(asked, answer, settings);
          cases += 1;
          const found = wrongWith(it);
          if (found.length > 0) wrong.push(`${name(it)}: ${found.join('; ')}`);
        }
      }
    }
    console.info(`${kind}: ${cases} answers`);
    expect(wrong.slice(0, 6)).toEqual([]);
  });

  it.each(KIND_IDS)('is true of it, whatever was answered, in %s', (kind) => {
    let cases = 0;
    fc.assert(
      fc.property(anyAnswered(kind), fc.constantFrom(...SCHOOLS), ({ asked, answer }, settings) => {
        cases += 1;
        const it = told(asked, answer, settings);
        expect(wrongWith(it), name(it)).toEqual([]);
      }),
      { numRuns: 250 },
    );
    console.info(`${kind}: ${cases} answers at random`);
  });

  it('in every school is the whole sentence of each kind of question', () => {
    const one = KIND_IDS.flatMap((kind) => some(kind, 1));
    expect(one).toHaveLength(KIND_IDS.length);
    for (const settings of SCHOOLS) {
      for (const asked of one) {
        const it = told(asked, { is: 'blank' }, settings);
        expect(wrongWith(it), name(it)).toEqual([]);
      }
    }
  });
});
