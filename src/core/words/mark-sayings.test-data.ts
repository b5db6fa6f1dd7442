import type { Answer } from '../exercise/answer';
import { caseOf } from '../exercise/answer-case';
import { answering, asking, everyQuestion } from '../exercise/every-question.test-data';
import { handIn } from '../exercise/hand-in';
import { judge } from '../exercise/judge';
import { KIND_IDS, type MarkQuestion, taskOf } from '../exercise/kinds/all';
import type { MarkProblem } from '../exercise/kinds/problem';
import { keyAsked, practiceFor } from '../exercise/practice';
import { answersOf } from '../mark/explain/made';
import { FINDING_CODES, type Finding, type Thing } from '../mark/judging/judged';
import { MISTAKES, mistakesIn } from '../mark/mistakes/all';
import { noteNamed } from '../note/parse';
import { pitch } from '../note/pitch';
import { fifths } from '../note/spelled';
import { USUAL_SETTINGS } from '../school/settings';
import type { ClassWords } from './class-words';
import { sayFinding } from './say-finding';
import { sayMarkCheck } from './say-mark-check';
import { sayMarkProblem } from './say-mark-problem';
import { sayMarks } from './say-marks';
import type { SaidStep } from './say-method';
import { sayExplanation, sayMistake } from './say-mistake';

const said = (lines: readonly string[]): readonly SaidStep[] => lines.map((text) => ({ text, reason: null }));

const SCALES = ['G-A-B-C-D-E-F-G', 'G-A-B-C-D-E-F#-F', '0', 'G-G-B-C-D-E-F#-G-A', 'F#-E-D-C-B-A-G-F#'].map(
  (answered) => ({ asked: 'scale.G.major.up.treble.none', answered }),
);

const THINGS: readonly (readonly [Thing | null, Thing | null])[] = [
  [
    { is: 'note', note: noteNamed('Bb') },
    { is: 'note', note: noteNamed('A#') },
  ],
  [
    { is: 'pitch', pitch: pitch(noteNamed('Bb'), 4) },
    { is: 'pitch', pitch: pitch(noteNamed('Bb'), 3) },
  ],
  [
    { is: 'sign', sign: null },
    { is: 'sign', sign: -1 },
  ],
  [
    { is: 'step', semitones: 1 },
    { is: 'step', semitones: 3 },
  ],
  [
    { is: 'key', key: { tonic: noteNamed('Bb'), scale: 'natural-minor' }, form: true },
    { is: 'key', key: { tonic: noteNamed('Bb'), scale: null }, form: false },
  ],
  [
    { is: 'count', fifths: fifths(-3) },
    { is: 'count', fifths: fifths(2) },
  ],
  [
    { is: 'way', way: 'up' },
    { is: 'way', way: 'down' },
  ],
  [{ is: 'numeral', text: 'vii°' }, null],
];

const FINDINGS: readonly Finding[] = FINDING_CODES.flatMap((code) =>
  THINGS.flatMap(([expected, got]) => [null, 2].map((index): Finding => ({ code, index, expected, got }))),
);

const PROBLEMS: readonly MarkProblem[] = [
  { code: 'tonic-not-asked' },
  { code: 'signature-not-printed' },
  { code: 'fifths-out-of-range', fifths: 9 },
  { code: 'count-out-of-range', count: 0 },
  { code: 'degree-out-of-range', degree: 8 },
  { code: 'no-partner' },
  { code: 'no-chord' },
  { code: 'no-whole-scale' },
  { code: 'instrument-unknown', instrument: 'kazoo' },
  { code: 'no-written-pitch' },
];

/** What is said of an answer: its findings, its checks, and each mistake behind it. */
function markedLines(w: ClassWords, asked: MarkQuestion, answer: Answer): readonly string[] {
  const judged = judge(asked, answer, w.settings);
  if (!judged) return [];
  const about = caseOf(asked, answer, w.settings);
  const key = keyAsked(asked);
  return [
    ...judged.findings.map((finding) => sayFinding(w, finding, asked.kind)),
    ...judged.checks.map((check) => sayMarkCheck(w, check)),
    ...judged.causes.map((cause) => sayExplanation(w, cause, key, asked.kind)),
    ...judged.causes.flatMap(({ habits }) =>
      habits.flatMap((id) => {
        const { name, why, say, cure } = sayMistake(w, id, about, practiceFor(id, key));
        return [`${name}.`, why, say, cure];
      }),
    ),
  ];
}

/** Every mistake in every kind it can be made in, once. */
const MADE: readonly (readonly [MarkQuestion, Answer])[] = KIND_IDS.flatMap((kind) => {
  const left = new Set<string>();
  return everyQuestion(kind)
    .filter((_, at) => at % 5 === 0)
    .flatMap((asked) => {
      const task = taskOf(asked, USUAL_SETTINGS);
      return mistakesIn(task.scope).flatMap((mistake): (readonly [MarkQuestion, Answer])[] => {
        const name = `${mistake.id} ${task.scope}`;
        const [made] = left.has(name) ? [] : answersOf(mistake, task);
        if (!made) return [];
        left.add(name);
        return [[asked, handIn(asked, made.written)]];
      });
    });
});

/** What is said of answers that were marked: mistakes, findings, checks, marks. */
export const MARK_SAYINGS: readonly ((w: ClassWords) => readonly SaidStep[])[] = [
  (w) => said(FINDINGS.map((finding) => sayFinding(w, finding))),
  (w) =>
    said(
      [...SCALES, ...MISTAKES.map(({ example }) => example)].flatMap(({ asked, answered }) => {
        const question = asking(asked);
        return markedLines(w, question, answering(question, answered));
      }),
    ),
  (w) => said(MADE.flatMap(([asked, answer]) => markedLines(w, asked, answer))),
  () => said([...PROBLEMS.map(sayMarkProblem), sayMarks({ got: 7.5, of: 8 })]),
];
