import {
  fieldsAsked,
  fieldsOf,
  type KindId,
  type MarkQuestion,
  makeQuestion,
  markProblem,
  questionFrom,
} from '../../exercise/kinds/all';
import { type Fields, USUAL_FIELDS } from '../../exercise/kinds/fields';
import { type Limits, type Picks, picksFrom } from '../../exercise/kinds/making';
import type { SetSchool } from '../../exercise/set/verdict';
import { shuffled } from '../../exercise/sheet/shuffle';
import { makeItem } from '../../exercise/sheet/task/all';
import { fifths, type SpelledNote } from '../../note/spelled';
import { PATTERNS, type SCALE_IDS } from '../../scale/pattern';
import { signatureOf } from '../../scale/signature';
import { TONICS } from '../../scale/tonic';
import { type DrillQuestion, drillCode } from './question';
import {
  type Answering,
  askNamed,
  asksDrilled,
  type DrillAskId,
  type DrillSkillId,
  type DrillWay,
} from './skill';

/** Which keys are asked: all, those with sharps, or those with flats; the empty signature belongs to each. */
export const KEY_SIDES = ['all', 'sharps', 'flats'] as const;

export type KeySide = (typeof KEY_SIDES)[number];

/** What questions are drilled. */
export type DrillAsked = {
  /** One at least. */
  readonly skills: readonly DrillSkillId[];
  readonly way: DrillWay;
  readonly answering: Answering;
  readonly limits: Limits;
  readonly side: KeySide;
  /** The one ask there is, in place of those of the skills. */
  readonly only?: DrillAskId;
};

type Key = { readonly tonic: SpelledNote; readonly scale: (typeof SCALE_IDS)[number] };

/** How often another question is looked for where the same would come again, or none that can be marked. */
const TRIES = 40;

/** Among so many questions about signatures there is an empty one. */
const WITH_AN_EMPTY_ONE = 6;

/** A seed for each place of a drill: far apart for neighbours. */
const seedAt = (seed: number, place: number) =>
  (Math.imul(seed ^ 0x9e3779b9, 0x85ebca6b) + place * 0x27d4eb2f) >>> 0;

/** The signs of a key's signature, sharps above 0 and flats below. */
export function signsOfKey({ tonic, scale }: Key): number {
  return signatureOf(tonic, PATTERNS[scale].mode);
}

/** Whether a count of signs lies within what is asked. */
function isWithin(signs: number, { limits, side }: DrillAsked): boolean {
  if (Math.abs(signs) > limits.maxSigns) return false;
  return side === 'all' || (side === 'sharps' ? signs >= 0 : signs <= 0);
}

/** Every key within what is asked: scale by scale, each from most flats to most sharps. */
export function keysOf(level: DrillAsked): readonly Key[] {
  return level.limits.scales.flatMap((scale) =>
    TONICS.map((tonic): Key => ({ tonic, scale }))
      .filter((key) => isWithin(signsOfKey(key), level))
      .toSorted((a, b) => signsOfKey(a) - signsOfKey(b)),
  );
}

/** A key within what is asked: a scale first, so that each comes as often, then a tonic. */
function pickKey(picks: Picks, level: DrillAsked, empty: boolean): Key {
  const scale = picks(level.limits.scales);
  const keys = keysOf({ ...level, limits: { ...level.limits, scales: [scale] } });
  return picks(empty ? keys.filter((key) => signsOfKey(key) === 0) : keys);
}

/** What a question is made of, with its key within what is asked. */
function fieldsWithin(
  kind: KindId,
  made: Fields,
  picks: Picks,
  level: DrillAsked,
  empty: boolean,
): Fields | null {
  const has = fieldsOf(kind);
  const key = pickKey(picks, level, empty);
  const { mode } = PATTERNS[key.scale];
  if (has.includes('tonic') && has.includes('scale')) return { ...made, ...key };
  if (has.includes('fifths')) return { ...made, mode, fifths: fifths(signsOfKey(key)) };
  if (has.includes('mode')) return { ...made, tonic: key.tonic, mode };
  if (!has.includes('order')) return made;
  if (level.limits.maxSigns === 0) return null;
  const signs =
    Math.abs(made.order) *
    (level.side === 'flats' ? -1 : level.side === 'sharps' ? 1 : Math.sign(made.order));
  return { ...made, order: signs };
}

/** A question of a kind within what is asked, or null where none was found. */
function markedWithin(
  kind: KindId,
  only: Partial<Fields>,
  picks: Picks,
  level: DrillAsked,
  { school, empty }: { readonly school: SetSchool; readonly empty: boolean },
): MarkQuestion | null {
  for (let tried = 0; tried < TRIES; tried += 1) {
    const made = { ...USUAL_FIELDS, ...fieldsAsked(makeQuestion(kind, picks, level.limits)), ...only };
    const fields = fieldsWithin(kind, made, picks, level, empty);
    const asked = fields && questionFrom(kind, fields, school);
    if (asked && markProblem(asked) === null) return asked;
  }
  return null;
}

/** Whether an ask is about signatures, among which an empty one belongs. */
const isOfSignature = (id: DrillAskId) =>
  id === 'name-key' || id === 'by-number' || id === 'name-signature' || id === 'signature';

/** A question of an ask within what is asked, or null where none was found. */
function makeAsk(
  id: DrillAskId,
  picks: Picks,
  level: DrillAsked,
  given: { readonly school: SetSchool; readonly empty: boolean },
): DrillQuestion | null {
  const ask = askNamed(id);
  if (ask.is === 'quiz') {
    const key = pickKey(picks, level, false);
    return { ask: id, is: 'quiz', quiz: ask.id, ...key, seed: picks(SEEDS) };
  }
  if (ask.is !== 'which-note') {
    const asked = markedWithin(ask.kind, ask.only ?? {}, picks, level, given);
    return asked && { ask: id, is: ask.is, asked };
  }
  for (let tried = 0; tried < TRIES; tried += 1) {
    const asked = markedWithin(ask.kind, { direction: 'up' }, picks, level, given);
    const item = asked && makeItem('which-note', asked, { picks, school: given.school, habits: [] });
    if (item?.task === 'which-note') return { ask: id, is: 'which-note', item };
  }
  return null;
}

/** Seeds of quizzes: few enough to be short in a code, many enough for every quiz that there is. */
const SEEDS = Array.from({ length: 9973 }, (_, at) => at);

/** The ask at each place: each of them once before one comes again, in an order of its own each time. */
function asksInTurn(asks: readonly DrillAskId[], seed: number, count: number): readonly DrillAskId[] {
  const rounds = Array.from({ length: Math.ceil(count / asks.length) }, (_, round) =>
    shuffled(asks, picksFrom(seedAt(seed, 1_000_003 + round))),
  );
  return rounds.flat().slice(0, count);
}

/** Where the empty signature is asked for certain; null where there are too few questions for it. */
function emptyPlace(asks: readonly DrillAskId[], seed: number): number | null {
  const places = asks.flatMap((id, at) => (isOfSignature(id) ? [at] : []));
  return places.length < WITH_AN_EMPTY_ONE ? null : picksFrom(seedAt(seed, 2_000_003))(places);
}

/**
 * So many questions of a drill, the same again for the same level and seed. Asks take turns; a question does not come twice
 * in a row where there is another one of its ask; among many about signatures there is an empty one.
 */
export function questionsOf(
  level: DrillAsked,
  seed: number,
  count: number,
  school: SetSchool,
): readonly DrillQuestion[] {
  const all = level.only ? [level.only] : asksDrilled(level.skills, level.way, level.answering);
  const asks = asksInTurn(all, seed, count);
  const empty = emptyPlace(asks, seed);
  const asked: DrillQuestion[] = [];
  for (const [place, ask] of asks.entries()) {
    const picks = picksFrom(seedAt(seed, place));
    const last = asked.at(-1);
    const before = last ? drillCode(last) : null;
    const make = () => makeAsk(ask, picks, level, { school, empty: place === empty });
    let question = make();
    for (let tried = 1; tried < TRIES && question && drillCode(question) === before; tried += 1)
      question = make();
    if (question) asked.push(question);
  }
  return asked;
}
