import type { KindId } from '../../exercise/kinds/all';

/** A skill that is drilled: its kinds of question, the usual way first and the other ways after it. */
export type DrillSkill = { readonly id: string; readonly kinds: readonly [KindId, ...KindId[]] };

/** Skills in the order in which they are offered; the two ways of one are two kinds of question, counted apart. */
export const DRILL_SKILLS = [
  { id: 'signatures', kinds: ['name-key', 'name-signature'] },
  { id: 'order', kinds: ['order'] },
  { id: 'degrees', kinds: ['degree'] },
  { id: 'partners', kinds: ['partner'] },
  { id: 'steps', kinds: ['steps'] },
  { id: 'scales', kinds: ['name-scale', 'scale'] },
  { id: 'chords', kinds: ['chord'] },
  { id: 'transposing', kinds: ['transpose'] },
] as const satisfies readonly DrillSkill[];

export type DrillSkillId = (typeof DRILL_SKILLS)[number]['id'];

export const DRILL_SKILL_IDS = DRILL_SKILLS.map(({ id }) => id);

/** The usual way of a skill alone, or all of its ways. */
export const DRILL_WAYS = ['one', 'both'] as const;

export type DrillWay = (typeof DRILL_WAYS)[number];

/** The kinds of question of some skills, each once. */
export function kindsDrilled(skills: readonly DrillSkillId[], way: DrillWay): readonly KindId[] {
  const of = DRILL_SKILLS.filter(({ id }) => skills.includes(id));
  return [
    ...new Set(of.flatMap(({ kinds }): readonly KindId[] => (way === 'one' ? kinds.slice(0, 1) : kinds))),
  ];
}
