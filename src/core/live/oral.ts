import { questionCode } from '../exercise/code';
import type { MarkQuestion } from '../exercise/kinds/all';
import type { Limits } from '../exercise/kinds/making';
import type { SetSchool } from '../exercise/set/verdict';
import { questionsOf } from '../practice/drill/asking';
import { askNamed, asksDrilled, type DrillSkillId } from '../practice/drill/skill';

/** What is asked in class at random, both ways where there are two: skills whose answers can be written, and are not heard. */
export const ORAL_TOPICS = [
  'signatures',
  'order',
  'scales',
  'steps',
  'degrees',
  'partners',
  'chords',
] as const satisfies readonly DrillSkillId[];

export type OralTopic = (typeof ORAL_TOPICS)[number];

/** Rows of questions in which one is looked for that was not asked yet, and how many each has. */
const ROWS = 12;
const IN_A_ROW = 24;

/** The ways of asking a topic that can be marked: from name to contents, and from contents to name. */
export function oralAsks(topic: OralTopic) {
  return asksDrilled([topic], 'both', 'write').filter((id) => askNamed(id).is === 'asked');
}

/**
 * The next question of an oral round: any way, at random by a seed, and none that was asked before; null where all have been.
 *
 * @param asked codes of the questions that were asked
 */
export function nextOral(
  topic: OralTopic,
  {
    limits,
    asked,
    seed,
    school,
  }: {
    readonly limits: Limits;
    readonly asked: readonly string[];
    readonly seed: number;
    readonly school: SetSchool;
  },
): MarkQuestion | null {
  const before = new Set(asked);
  const level = { skills: [topic], way: 'both', answering: 'write', limits, side: 'all' } as const;
  for (let row = 0; row < ROWS; row += 1) {
    for (const question of questionsOf(level, seed + row, IN_A_ROW, school)) {
      if (question.is === 'asked' && !before.has(questionCode(question.asked))) return question.asked;
    }
  }
  return null;
}
