import { questionCode } from '../../exercise/code';
import { type KindId, type MarkQuestion, makeQuestion } from '../../exercise/kinds/all';
import { type Limits, type Picks, picksFrom } from '../../exercise/kinds/making';
import { type DrillSkillId, type DrillWay, kindsDrilled } from './skill';

/** What questions are drilled. */
export type DrillLevel = {
  /** One at least. */
  readonly skills: readonly DrillSkillId[];
  readonly way: DrillWay;
  readonly limits: Limits;
};

/** How often another question is looked for where the same would come again. */
const TRIES = 40;

/** A seed for each place of a drill: far apart for neighbours. */
const seedAt = (seed: number, place: number) =>
  (Math.imul(seed ^ 0x9e3779b9, 0x85ebca6b) + place * 0x27d4eb2f) >>> 0;

/** Some values in another order, by picks. */
function shuffled<Value>(values: readonly Value[], picks: Picks): readonly Value[] {
  const left = [...values];
  return values.map(() => {
    const value = picks(left);
    left.splice(left.indexOf(value), 1);
    return value;
  });
}

/** The kind at a place: each of them once before one comes again, in an order of its own each time. */
function kindAt(kinds: readonly KindId[], seed: number, place: number): KindId {
  const round = Math.floor(place / kinds.length);
  const order = shuffled(kinds, picksFrom(seedAt(seed, 1_000_003 + round)));
  const kind = order[place % kinds.length];
  if (!kind) throw new RangeError('a level has one skill at least');
  return kind;
}

/**
 * The question at a place of a drill, from 0: the same again for the same level and seed. Kinds take turns; a question does
 * not come twice in a row where there is another one of its kind.
 *
 * @param before the code of the question before it, or null
 */
function questionAt(level: DrillLevel, seed: number, place: number, before: string | null): MarkQuestion {
  const kind = kindAt(kindsDrilled(level.skills, level.way), seed, place);
  const picks = picksFrom(seedAt(seed, place));
  let question = makeQuestion(kind, picks, level.limits);
  for (let tried = 1; tried < TRIES && questionCode(question) === before; tried += 1)
    question = makeQuestion(kind, picks, level.limits);
  return question;
}

/** So many questions of a drill, from its first on. */
export function questionsOf(level: DrillLevel, seed: number, count: number): readonly MarkQuestion[] {
  const asked: MarkQuestion[] = [];
  for (let place = 0; place < count; place += 1) {
    const last = asked.at(-1);
    asked.push(questionAt(level, seed, place, last ? questionCode(last) : null));
  }
  return asked;
}
