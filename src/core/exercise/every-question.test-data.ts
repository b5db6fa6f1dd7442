import { TRANSPOSING } from '../instrument/transposing';
import { pitch } from '../note/pitch';
import { fifths } from '../note/spelled';
import { MODES } from '../scale/mode';
import { SCALE_IDS } from '../scale/pattern';
import { TONICS } from '../scale/tonic';
import type { Answer } from './answer';
import { readAnswerCode, readQuestionCode } from './code';
import { KIND_IDS, type MarkQuestion, markProblem } from './kinds/all';
import { PARTNER_RELATIONS } from './kinds/fields';
import { nameOfRow } from './kinds/name-scale/kind';
import { risingRow } from './kinds/on-scale';

const SEVEN = [1, 2, 3, 4, 5, 6, 7];
const KEYS = TONICS.flatMap((tonic) => SCALE_IDS.map((scale) => ({ tonic, scale })));
const COUNTS = Array.from({ length: 15 }, (_, at) => fifths(at - 7));

const all: Readonly<Record<MarkQuestion['kind'], () => readonly MarkQuestion[]>> = {
  scale: () =>
    KEYS.flatMap((key) =>
      (['up', 'down', 'both'] as const).map((direction) => ({
        kind: 'scale',
        question: { ...key, direction, signature: 'none', clef: 'treble' },
      })),
    ),
  signature: () => KEYS.map((key) => ({ kind: 'signature', question: { ...key, clef: 'treble' } })),
  'name-signature': () => KEYS.map((question) => ({ kind: 'name-signature', question })),
  'name-key': () =>
    COUNTS.flatMap((count) =>
      MODES.map((mode): MarkQuestion => ({ kind: 'name-key', question: { fifths: count, mode } })),
    ),
  order: () =>
    SEVEN.flatMap((count) => [count, -count]).map((order) => ({ kind: 'order', question: { order } })),
  steps: () =>
    SCALE_IDS.flatMap((scale) =>
      (['up', 'down'] as const).map(
        (direction): MarkQuestion => ({ kind: 'steps', question: { scale, direction } }),
      ),
    ),
  'name-scale': () =>
    KEYS.map(({ tonic, scale }) => risingRow(tonic, scale))
      .filter((notes) => nameOfRow(notes))
      .map((notes) => ({ kind: 'name-scale', question: { notes } })),
  partner: () =>
    PARTNER_RELATIONS.flatMap((relation) =>
      TONICS.flatMap((tonic) =>
        MODES.map((mode): MarkQuestion => ({ kind: 'partner', question: { relation, tonic, mode } })),
      ),
    ),
  degree: () =>
    KEYS.flatMap((key) =>
      SEVEN.map((degree): MarkQuestion => ({ kind: 'degree', question: { ...key, degree } })),
    ),
  chord: () =>
    KEYS.flatMap((key) =>
      SEVEN.flatMap((degree) =>
        ([3, 4] as const).flatMap((size) =>
          (['notes', 'numeral'] as const).map(
            (wants): MarkQuestion => ({ kind: 'chord', question: { ...key, degree, size, wants } }),
          ),
        ),
      ),
    ),
  dictation: () =>
    KEYS.flatMap((key) =>
      ['1 2 3 5 4 2 1', "5 6 7 1' 5", '3 7, 1'].map(
        (line): MarkQuestion => ({
          kind: 'dictation',
          question: { ...key, line, clef: 'treble', signature: 'written' },
        }),
      ),
    ),
  transpose: () =>
    Object.keys(TRANSPOSING).flatMap((instrument) =>
      TONICS.flatMap((note) =>
        [3, 4, 5].map(
          (octave): MarkQuestion => ({
            kind: 'transpose',
            question: { pitch: pitch(note, octave), instrument },
          }),
        ),
      ),
    ),
};

/** Every question of a kind that can be marked. */
export function everyQuestion(kind: MarkQuestion['kind']): readonly MarkQuestion[] {
  return all[kind]().filter((asked) => markProblem(asked) === null);
}

/** Every question there is, kind after kind. */
export const EVERY_QUESTION: readonly MarkQuestion[] = KIND_IDS.flatMap(everyQuestion);

/** The question of a code. */
export function asking(code: string): MarkQuestion {
  const asked = readQuestionCode(code);
  if (!asked) throw new RangeError(`${code} is no question`);
  return asked;
}

/** The answer of a code to a question. */
export function answering(asked: MarkQuestion, code: string): Answer {
  const answer = readAnswerCode(asked, code);
  if (!answer) throw new RangeError(`${code} is no answer to ${asked.kind}`);
  return answer;
}
