import { questionCode, readQuestionCode } from '../../exercise/code';
import { keyOf, type MarkQuestion } from '../../exercise/kinds/all';
import { picksFrom } from '../../exercise/kinds/making';
import { itemCode, readItemCode, type SheetItem } from '../../exercise/sheet/task/all';
import { readEnglishNote } from '../../note/parse';
import { asciiName, type SpelledNote } from '../../note/spelled';
import { SCALE_IDS } from '../../scale/pattern';
import { type Scale, scaleNamed } from '../../scale/scale';
import type { Settings } from '../../school/settings';
import { QUIZZES, type Quiz, type QuizId, quizOf } from '../quiz';
import { DRILL_ASK_IDS, type DrillAskId } from './skill';

type ScaleId = (typeof SCALE_IDS)[number];

/** A question of a drill. */
export type DrillQuestion = { readonly ask: DrillAskId } & (
  | { readonly is: 'asked' | 'number'; readonly asked: MarkQuestion }
  | { readonly is: 'which-note'; readonly item: Extract<SheetItem, { readonly task: 'which-note' }> }
  | {
      readonly is: 'quiz';
      readonly quiz: QuizId;
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      readonly seed: number;
    }
);

/** The question that Mark would judge, or null where it is a quiz. */
export function markedIn(question: DrillQuestion): MarkQuestion | null {
  if (question.is === 'quiz') return null;
  return question.is === 'which-note' ? question.item.question : question.asked;
}

/** The scale of a quiz. Throws for one that cannot be spelled, which a code is never read as. */
function scaleOfQuiz({ tonic, scale }: { readonly tonic: SpelledNote; readonly scale: ScaleId }): Scale {
  const reading = scaleNamed(tonic, scale);
  if (!reading.ok) throw new RangeError('asked only of scales that can be spelled');
  return reading.scale;
}

/** A quiz as it is asked, or null where the question is none. */
export function quizIn(question: DrillQuestion): { readonly quiz: Quiz; readonly scale: Scale } | null {
  if (question.is !== 'quiz') return null;
  const scale = scaleOfQuiz(question);
  return { quiz: quizOf(question.quiz, picksFrom(question.seed), scale), scale };
}

/** Parts of a question's code. */
const PART = '*';

/** A question in a code, the same in every language and every class. */
export function drillCode(question: DrillQuestion): string {
  switch (question.is) {
    case 'quiz':
      return `${question.ask}${PART}${asciiName(question.tonic)}.${question.scale}.${question.seed}`;
    case 'which-note':
      return `${question.ask}${PART}${itemCode(question.item)}`;
    default:
      return `${question.ask}${PART}${questionCode(question.asked)}`;
  }
}

const SEED = /^\d{1,10}$/u;

function quizFrom(ask: DrillAskId, quiz: QuizId, rest: string): DrillQuestion | null {
  const [name = '', id = '', seed = '', ...more] = rest.split('.');
  const key = keyFrom(`${name}.${id}`);
  if (!key || !SEED.test(seed) || more.length > 0 || !scaleNamed(key.tonic, key.scale).ok) return null;
  return { ask, is: 'quiz', quiz, ...key, seed: Number(seed) };
}

/** The question of a code, or null where this version knows none. */
export function readDrillCode(code: string, school: Pick<Settings, 'melodicDown'>): DrillQuestion | null {
  const at = code.indexOf(PART);
  const ask = DRILL_ASK_IDS.find((each) => each === code.slice(0, at));
  if (!ask) return null;
  const rest = code.slice(at + 1);
  const quiz = QUIZZES.find((each) => each === ask);
  if (quiz) return quizFrom(ask, quiz, rest);
  if (ask === 'which-note') {
    const item = readItemCode(rest, school);
    return item?.task === 'which-note' ? { ask, is: 'which-note', item } : null;
  }
  const asked = readQuestionCode(rest, school);
  return asked && { ask, is: ask === 'by-number' ? 'number' : 'asked', asked };
}

/** A key as it is kept apart: `E.harmonic-minor`; `-` for what is about none. */
export type KeyCode = string;

const NO_KEY = '-';

/** The key a question is about, in a code. */
export function keyCodeOf(question: DrillQuestion): KeyCode {
  if (question.is === 'quiz') return `${asciiName(question.tonic)}.${question.scale}`;
  const key = keyOf(markedIn(question) as MarkQuestion);
  return key?.scale ? `${asciiName(key.tonic)}.${key.scale}` : NO_KEY;
}

/** The key of a code, or null for what is about none. */
export function keyFrom(code: KeyCode): { readonly tonic: SpelledNote; readonly scale: ScaleId } | null {
  const [name = '', id = ''] = code.split('.');
  const reading = readEnglishNote(name);
  const scale = SCALE_IDS.find((each) => each === id);
  return reading.ok && scale ? { tonic: reading.note, scale } : null;
}

/** What has a schedule of its own: a skill in a key, in a clef, chosen or written. */
export function itemOf(question: DrillQuestion, chosen: boolean): string {
  const asked = markedIn(question)?.question;
  const clef = asked && 'clef' in asked ? asked.clef : NO_KEY;
  return [question.ask, keyCodeOf(question), clef, chosen ? 'c' : 'w'].join(' ');
}
