import type { KindId } from '../../exercise/kinds/all';
import type { Fields } from '../../exercise/kinds/fields';
import type { QuizId } from '../quiz';

/** How a question is asked: as Mark has it, by a number alone, as a row in which a note must change, or as a quiz. */
export type DrillAsk =
  | {
      readonly id: string;
      readonly is: 'asked' | 'number' | 'which-note';
      readonly kind: KindId;
      /** What of it is always so. */
      readonly only?: Partial<Fields>;
    }
  | { readonly id: QuizId; readonly is: 'quiz' };

const asked = <const Id extends string>(id: Id, kind: KindId, only: Partial<Fields> = {}) =>
  ({ id, is: 'asked', kind, only }) as const;
const quiz = <const Id extends QuizId>(id: Id) => ({ id, is: 'quiz' }) as const;

/** Every way in which a drill asks; what is known is kept apart for each. */
export const DRILL_ASKS = [
  asked('name-key', 'name-key'),
  { id: 'by-number', is: 'number', kind: 'name-key' },
  asked('name-signature', 'name-signature'),
  asked('signature', 'signature'),
  asked('order', 'order'),
  asked('name-scale', 'name-scale'),
  asked('scale', 'scale'),
  { id: 'which-note', is: 'which-note', kind: 'scale' },
  asked('steps', 'steps'),
  asked('degree', 'degree'),
  quiz('degree-number'),
  quiz('degree-note'),
  quiz('degree-name'),
  quiz('inverted'),
  asked('partner', 'partner'),
  asked('numeral', 'chord', { wants: 'numeral' }),
  asked('chord', 'chord', { wants: 'notes' }),
  asked('transpose', 'transpose'),
  quiz('sounding'),
  asked('dictation', 'dictation'),
  quiz('finished'),
  quiz('which'),
  quiz('home'),
] as const satisfies readonly DrillAsk[];

export type DrillAskId = (typeof DRILL_ASKS)[number]['id'];

export const DRILL_ASK_IDS: readonly DrillAskId[] = DRILL_ASKS.map(({ id }) => id);

/** The ask of an id. */
export function askNamed(id: DrillAskId): DrillAsk {
  const found = DRILL_ASKS.find((each) => each.id === id);
  if (!found) throw new RangeError(`no ask ${id}`);
  return found;
}

/** Answers are chosen from a few, or written as Mark has them. */
export const ANSWERINGS = ['choose', 'write'] as const;

export type Answering = (typeof ANSWERINGS)[number];

/** A skill that is drilled: what is asked one way and the other way round; the other way may be built where it is written. */
type DrillSkill = {
  readonly id: string;
  readonly one: readonly [DrillAskId, ...DrillAskId[]];
  /** Empty where there is no other way. */
  readonly other: readonly DrillAskId[];
  /** In place of the other way, where answers are written. */
  readonly built?: readonly DrillAskId[];
};

/** Skills in the order in which they are offered. */
export const DRILL_SKILLS = [
  {
    id: 'signatures',
    one: ['name-key'],
    other: ['name-signature', 'by-number'],
    built: ['signature', 'name-signature', 'by-number'],
  },
  { id: 'order', one: ['order'], other: [] },
  { id: 'scales', one: ['name-scale'], other: ['scale'] },
  { id: 'which-note', one: ['which-note'], other: [] },
  { id: 'steps', one: ['steps'], other: ['name-scale'] },
  { id: 'degrees', one: ['degree'], other: ['degree-number'] },
  { id: 'degree-names', one: ['degree-note'], other: ['degree-name'] },
  { id: 'intervals', one: ['inverted'], other: [] },
  { id: 'partners', one: ['partner'], other: [] },
  { id: 'chords', one: ['numeral'], other: ['chord'] },
  { id: 'transposing', one: ['sounding'], other: ['transpose'] },
  { id: 'dictation', one: ['dictation'], other: [] },
  { id: 'finished', one: ['finished'], other: [] },
  { id: 'which', one: ['which'], other: [] },
  { id: 'home', one: ['home'], other: [] },
] as const satisfies readonly DrillSkill[];

export type DrillSkillId = (typeof DRILL_SKILLS)[number]['id'];

export const DRILL_SKILL_IDS: readonly DrillSkillId[] = DRILL_SKILLS.map(({ id }) => id);

/** The usual way of a skill, the other way round, or both. */
export const DRILL_WAYS = ['one', 'other', 'both'] as const;

export type DrillWay = (typeof DRILL_WAYS)[number];

/** The asks of some skills, each once; a skill without another way is asked the one way. */
export function asksDrilled(
  skills: readonly DrillSkillId[],
  way: DrillWay,
  answering: Answering,
): readonly DrillAskId[] {
  const all = DRILL_SKILLS.filter(({ id }) => skills.includes(id)).flatMap(
    (skill: DrillSkill): readonly DrillAskId[] => {
      const other = answering === 'write' ? (skill.built ?? skill.other) : skill.other;
      if (way === 'one' || other.length === 0) return skill.one;
      return way === 'other' ? other : [...skill.one, ...other];
    },
  );
  return [...new Set(all)];
}

/** What is heard before it is answered. */
const HEARD: readonly DrillAskId[] = ['dictation', 'finished', 'which', 'home'];

/** Whether an ask is heard. */
export function isHeard(id: DrillAskId): boolean {
  return HEARD.includes(id);
}

/** Rows that are always written: one to be put right, one that is heard. */
const ALWAYS_WRITTEN: readonly DrillAskId[] = ['which-note', 'dictation'];

/** Whether an answer to an ask is chosen: some rows are always written, a quiz is always chosen. */
export function isChosen(id: DrillAskId, answering: Answering): boolean {
  return askNamed(id).is === 'quiz' || (!ALWAYS_WRITTEN.includes(id) && answering === 'choose');
}
