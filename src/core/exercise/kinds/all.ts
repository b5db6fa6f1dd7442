import type { Task } from '../../mark/explain/task';
import type { NamedKey } from '../../mark/machine/written';
import { onceForTwo } from '../../once';
import type { Settings } from '../../school/settings';
import type { Answer, AnswerForm, AnswerOf } from '../answer';
import { chordKind } from './chord/kind';
import { degreeKind } from './degree/kind';
import { dictationKind } from './dictation/kind';
import type { FieldId, Fields } from './fields';
import type { Found, Kind, MarkSchool, Shown, WayIn } from './kind';
import type { Limits, Picks } from './making';
import { nameKeyKind } from './name-key/kind';
import { nameScaleKind } from './name-scale/kind';
import { nameSignatureKind } from './name-signature/kind';
import { orderKind } from './order/kind';
import { partnerKind } from './partner/kind';
import type { MarkProblem } from './problem';
import { scaleKind } from './scale/kind';
import { signatureKind } from './signature/kind';
import { stepsKind } from './steps/kind';
import { transposeKind } from './transpose/kind';

/** Every kind of question, in the order in which they are offered. */
const KINDS = [
  scaleKind,
  signatureKind,
  nameKeyKind,
  nameSignatureKind,
  orderKind,
  stepsKind,
  nameScaleKind,
  partnerKind,
  degreeKind,
  chordKind,
  transposeKind,
  dictationKind,
] as const;

export type KindId = (typeof KINDS)[number]['id'];

/** The ids of the kinds, in the order in which they are offered. */
export const KIND_IDS: readonly KindId[] = KINDS.map(({ id }) => id);

type AskedBy<Each> =
  Each extends Kind<infer Id, infer Question, infer _Form>
    ? { readonly kind: Id; readonly question: Question }
    : never;

/** A question of any kind. */
export type MarkQuestion = AskedBy<(typeof KINDS)[number]>;

type AnyKind = Kind<KindId, MarkQuestion['question'], AnswerForm>;

/** The kind of an id. What it is given must be a question of its own, as `MarkQuestion` has it. */
const BY_ID: ReadonlyMap<KindId, AnyKind> = new Map(
  KINDS.map((each): [KindId, AnyKind] => [each.id, each as unknown as AnyKind]),
);

function kindOf(id: KindId): AnyKind {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`no kind ${id}`);
  return found;
}

/** The fields a kind of question is made of, in order. */
export function fieldsOf(kind: KindId): readonly FieldId[] {
  return kindOf(kind).fields;
}

/** The question of a kind that fields ask. */
export function questionFrom(
  kind: KindId,
  fields: Fields,
  school: Pick<Settings, 'melodicDown'>,
): MarkQuestion {
  return { kind, question: kindOf(kind).from(fields, school) } as MarkQuestion;
}

/** The fields of a question. */
export function fieldsAsked({ kind, question }: MarkQuestion): Partial<Fields> {
  return kindOf(kind).of(question);
}

/** What an answer to a question is made of. */
export function formOf({ kind, question }: MarkQuestion): AnswerForm {
  return kindOf(kind).form(question);
}

/** A question that is answered by a row of notes on a staff: a scale, or a line that was heard. */
export type RowQuestion = Extract<MarkQuestion, { readonly kind: 'scale' | 'dictation' }>;

export function isRow(asked: MarkQuestion): asked is RowQuestion {
  return formOf(asked) === 'scale';
}

/** Where an answer is entered besides being typed. */
export function waysIn(kind: KindId): readonly WayIn[] {
  return kindOf(kind).ways;
}

/** What a question shows on a staff, or null where it is asked in words alone. */
export function shownBy({ kind, question }: MarkQuestion): Shown | null {
  return kindOf(kind).shown(question);
}

/** Why a question cannot be marked, or null where it can. */
export function markProblem({ kind, question }: MarkQuestion): MarkProblem | null {
  return kindOf(kind).problem(question);
}

/** The answer that is all right. The question must be one that can be marked. */
export function rightAnswer({ kind, question }: MarkQuestion, school: MarkSchool): Answer {
  return kindOf(kind).right(question, school);
}

/** A question as mistakes see it, the same for each answer to it. It must be one that can be marked. */
export const taskOf = onceForTwo(
  ({ kind, question }: MarkQuestion, school: MarkSchool): Task => kindOf(kind).task(question, school),
);

/** What is found in an answer of the question's form. */
export function foundIn(
  { kind, question }: MarkQuestion,
  answer: AnswerOf<AnswerForm>,
  school: MarkSchool,
): Found {
  return kindOf(kind).judge(question, answer, school);
}

/** The key that a question is about, or null where it is about none. */
export function keyOf({ kind, question }: MarkQuestion): NamedKey | null {
  return kindOf(kind).key(question);
}

/** A question of a kind within limits, by picks that may be repeated. */
export function makeQuestion(kind: KindId, picks: Picks, limits: Limits): MarkQuestion {
  return { kind, question: kindOf(kind).make(picks, limits) } as MarkQuestion;
}
