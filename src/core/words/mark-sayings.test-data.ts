import { EXAMPLES, row } from '../mark/examples.test-data';
import { HABIT_IDS } from '../mark/habit-id';
import { judge } from '../mark/judge';
import { FINDING_CODES, type Finding, type Thing } from '../mark/judged';
import type { MarkProblem } from '../mark/markable';
import { keyAsked, practiceFor, type ScaleKey } from '../mark/practice';
import type { Marked } from '../mark/questions';
import { noteNamed } from '../note/parse';
import { pitch } from '../note/pitch';
import { fifths } from '../note/spelled';
import type { ClassWords } from './class-words';
import { sayFinding } from './say-finding';
import { sayExplanation, sayHabit } from './say-habit';
import { sayMarkCheck } from './say-mark-check';
import { sayMarkProblem } from './say-mark-problem';
import { sayMarks } from './say-marks';
import type { SaidStep } from './say-method';

const said = (lines: readonly string[]): readonly SaidStep[] => lines.map((text) => ({ text, reason: null }));

const KEYS: readonly ScaleKey[] = [
  { tonic: noteNamed('Eb'), scale: 'major' },
  { tonic: noteNamed('G#'), scale: 'harmonic-minor' },
  { tonic: noteNamed('A'), scale: 'melodic-minor' },
  { tonic: noteNamed('D'), scale: 'dorian' },
];

const SCALES: readonly Marked[] = [
  'G A B C D E F G',
  'G A B C D E F# F',
  '',
  'G G B C D E F# G A',
  'F# E D C B A G F',
].map(
  (notes): Marked => ({
    kind: 'scale',
    question: { tonic: noteNamed('G'), scale: 'major', direction: 'up', signature: 'none', clef: 'treble' },
    answer: { notes: row(notes) },
  }),
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
    { is: 'key', key: { tonic: noteNamed('Bb'), scale: 'natural-minor' } },
    { is: 'key', key: { tonic: noteNamed('Bb'), scale: null } },
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

function markedLines(w: ClassWords, marked: Marked): readonly string[] {
  const judged = judge(marked, w.settings);
  const asked = keyAsked(marked);
  return [
    ...judged.findings.map((finding) => sayFinding(w, finding)),
    ...judged.checks.map((check) => sayMarkCheck(w, check)),
    ...judged.causes.map((cause) => sayExplanation(w, cause, asked)),
  ];
}

/** What is said of answers that were marked: habits, findings, checks, marks. */
export const MARK_SAYINGS: readonly ((w: ClassWords) => readonly SaidStep[])[] = [
  (w) =>
    said(
      KEYS.flatMap((key) =>
        HABIT_IDS.flatMap((id) => {
          return (['scale', 'name-scale'] as const).flatMap((kind) => {
            const { name, why, say, cure } = sayHabit(w, id, key, practiceFor(id, key), kind);
            return [`${name}.`, why, say, cure];
          });
        }),
      ),
    ),
  (w) => said(FINDINGS.map((finding) => sayFinding(w, finding))),
  (w) =>
    said([...SCALES, ...EXAMPLES.map(([, marked]) => marked)].flatMap((marked) => markedLines(w, marked))),
  () => said([...PROBLEMS.map(sayMarkProblem), sayMarks({ got: 7.5, of: 8 })]),
];
