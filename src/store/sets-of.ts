import { type Edit, edit } from './change';
import type { SchoolData } from './school-data';

export const paperId = (set: string, person: string) => `${set}.${person}`;

type SetRecords = Pick<SchoolData, 'sets' | 'papers' | 'judgings'>;

/** The sets of a class with all that belongs to them. */
export function setsOf(data: SchoolData, group: string | null): SetRecords {
  const sets = data.sets.filter((each) => each.group === group);
  const ids = new Set(sets.map(({ id }) => id));
  return {
    sets,
    papers: data.papers.filter(({ set }) => ids.has(set)),
    judgings: data.judgings.filter(({ set }) => ids.has(set)),
  };
}

/** Edits that take sets away with all that belongs to them. */
export function withoutSets({ sets, papers, judgings }: SetRecords): readonly Edit[] {
  return [
    ...sets.map((each) => edit('sets', each.id, each, null)),
    ...papers.map((each) => edit('papers', each.id, each, null)),
    ...judgings.map((each) => edit('judgings', each.id, each, null)),
  ];
}
