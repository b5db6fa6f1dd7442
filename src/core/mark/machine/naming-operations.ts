import { type SpelledNote, spelled, twelveAway } from '../../note/spelled';
import { relativeMode } from '../../scale/mode';
import { PATTERNS, type ScaleId, scaleOfMode } from '../../scale/pattern';
import type { MajorRule, OfAnswer } from './answer-operation';
import type { AnswerRun } from './answer-run';

const C = spelled('C', 0);

export function givenSigns(run: AnswerRun, { count }: OfAnswer<'given-signs'>): void {
  run.count = count;
}

export function givenKey(run: AnswerRun, { tonic, scale }: OfAnswer<'given-key'>): void {
  run.key = { tonic, scale };
  run.counted = { tonic, mode: PATTERNS[scale].mode };
}

/** The key of a signature by its own rule: above the last sharp, on the last flat but one, C and F by heart. */
function byOwnRule(run: AnswerRun, last: SpelledNote | undefined): SpelledNote {
  if (!last) return C;
  if (last.alteration > 0) return run.above(last, 1, 1);
  // A fourth down from the last flat is also the last but one, and serves where there is but one.
  return run.above(last, -3, -5);
}

function byRule(run: AnswerRun, rule: MajorRule): SpelledNote | null {
  const last = run.signs.at(-1);
  if (rule === 'own') return byOwnRule(run, last);
  if (!last) return null;
  const sharps = last.alteration > 0;
  switch (rule) {
    case 'last-sign':
      return last;
    case 'other-kind':
      return sharps ? (run.signs.at(-2) ?? null) : run.above(last, 1, 1);
    case 'other-kind-one-letter':
      return sharps ? null : run.above(last, 0, 1);
    case 'half-step-below':
      return sharps ? run.above(last, 0, -1) : null;
    case 'whole-step-below':
      return sharps ? run.above(last, -1, -2) : null;
  }
}

export function findMajor(run: AnswerRun, { rule }: OfAnswer<'find-major'>): void {
  const tonic = byRule(run, rule);
  if (tonic) run.key = { tonic, scale: 'major' };
  else run.impossible = true;
}

/** The tonic on a degree of the major of a signature. */
export function toMode(run: AnswerRun, { mode }: OfAnswer<'to-mode'>): void {
  const { tonic } = run.keyInHand;
  const { parentDegree, patterns } = run.tables;
  const row = run.climb(tonic, patterns.major.rising);
  run.key = { tonic: row[parentDegree[mode] - 1] as SpelledNote, scale: scaleOfMode(mode) };
}

export function toPartner(run: AnswerRun, { way }: OfAnswer<'to-partner'>): void {
  const { tonic, scale } = run.keyInHand;
  const { mode } = PATTERNS[scale];
  const other = scaleOfMode(relativeMode(mode));
  const turn = way === 'own' ? 1 : -1;
  if (mode === 'major' || mode === 'minor') {
    const { letters, semitones } = run.tables.relative;
    const up = turn * (mode === 'minor' ? 1 : -1);
    run.key = { tonic: run.above(tonic, up * letters, up * semitones), scale: other };
    return;
  }
  const degree = run.tables.parentDegree[mode];
  run.key = { tonic: run.parentOf(tonic, degree, turn).tonic, scale: other };
}

export function otherMode(run: AnswerRun): void {
  const { tonic, scale } = run.keyInHand;
  run.key = { tonic, scale: scaleOfMode(relativeMode(PATTERNS[scale].mode)) };
}

export function respell(run: AnswerRun): void {
  const { tonic, scale } = run.keyInHand;
  const twin = twelveAway(tonic);
  if (twin) run.key = { tonic: twin, scale };
  else run.impossible = true;
}

export function goFifths(run: AnswerRun, { places }: OfAnswer<'go-fifths'>): void {
  const { letters, semitones } = run.tables.fifth;
  let { tonic } = run.keyInHand;
  const way = Math.sign(places);
  for (let place = 0; place < Math.abs(places) && !run.impossible; place += 1)
    tonic = run.above(tonic, way * letters, way * semitones);
  run.key = { tonic, scale: run.keyInHand.scale };
}

/** The form of minor that raises just these degrees; null where none does. */
function formRaising(raised: readonly number[]): ScaleId | null {
  if (raised.length === 0) return 'natural-minor';
  if (raised.length === 2) return 'melodic-minor';
  return raised[0] === 7 ? 'harmonic-minor' : null;
}

export function nameForm(run: AnswerRun, { as }: OfAnswer<'name-form'>): void {
  const { tonic, scale, key } = run.asked;
  const signed = (degree: number) =>
    run.signs.find(({ letter }) => letter === run.on(degree).letter)?.alteration ?? 0;
  const raised = [6, 7].filter((degree) => run.on(degree).alteration > signed(degree));
  const named = as ?? (key?.mode === 'minor' ? formRaising(raised) : scale);
  if (named) run.key = { tonic, scale: named };
  else run.impossible = true;
}

export function sayKey(run: AnswerRun, { scale, sign }: OfAnswer<'say-key'>): void {
  const { key } = run;
  if (!key) return;
  if (sign === 'left-out' && key.tonic.alteration === 0) run.impossible = true;
  const tonic = sign === 'left-out' ? spelled(key.tonic.letter, 0) : key.tonic;
  run.written = { is: 'key', key: { tonic, scale: scale ?? key.scale }, form: run.put !== null };
}
