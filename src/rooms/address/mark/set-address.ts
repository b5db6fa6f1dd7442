import type { AddressProblem } from '@/core/words/say-address';
import { LONGEST_QUERY, QueryReader } from '../query-reader';
import { MARK_PATH } from './mark-address';

/** What is done with a set: entering its answers, asking it in class, bringing answers in, seeing what the class needs, following one student, slips. */
export const SET_VIEWS = ['enter', 'live', 'bring', 'class', 'student', 'slips'] as const;

export type SetView = (typeof SET_VIEWS)[number];

/** How answers are walked through. */
export const SET_WALKS = ['student', 'question'] as const;

export type SetWalk = (typeof SET_WALKS)[number];

/** What the room says of a set. Nobody's name stands in it: people and sets are numbers of this browser. */
export type SetSentence = {
  /** The set's id; empty for the list of sets and a new one. */
  readonly set: string;
  readonly view: SetView;
  readonly walk: SetWalk;
  /** The id of a person; empty for none. */
  readonly person: string;
  /** The query of a sheet whose answers are to be marked, for a new set; null for none. */
  readonly sheet: string | null;
};

/** A set that is not there yet. */
export const NEW_SET = 'new';

export const FIRST_SET: SetSentence = { set: '', view: 'enter', walk: 'student', person: '', sheet: null };

export type SetReading = { readonly sentence: SetSentence; readonly problems: readonly AddressProblem[] };

const LONGEST_ID = 60;

/** Whether a query of Mark is about a set. */
export function isSetSearch(search: string): boolean {
  return new URLSearchParams(search).has('set');
}

/** Reads the query of a set. What cannot be read is named, and the rest still holds. */
export function readSetSearch(search: string): SetReading {
  if (search.length > LONGEST_QUERY) {
    const problem = { code: 'address-too-long', length: search.length, limit: LONGEST_QUERY } as const;
    return { sentence: FIRST_SET, problems: [problem] };
  }
  const reader = new QueryReader(search, ['set', 'see', 'by', 'person', 'sheet']);
  const sheet = reader.get('sheet');
  return {
    sentence: {
      set: (reader.get('set') ?? '').slice(0, LONGEST_ID),
      view: reader.choice('see', SET_VIEWS, FIRST_SET.view),
      walk: reader.choice('by', SET_WALKS, FIRST_SET.walk),
      person: (reader.get('person') ?? '').slice(0, LONGEST_ID),
      sheet: sheet?.startsWith('?') ? sheet : null,
    },
    problems: reader.problems,
  };
}

/** The query of a set, in codes. */
export function writeSetSearch({ set, view, walk, person, sheet }: SetSentence): string {
  const query = new URLSearchParams({ set });
  if (view !== FIRST_SET.view) query.set('see', view);
  if (walk !== FIRST_SET.walk) query.set('by', walk);
  if (person !== '') query.set('person', person);
  if (sheet !== null) query.set('sheet', sheet);
  return `?${query}`;
}

export function setHref(sentence: SetSentence): string {
  return MARK_PATH + writeSetSearch(sentence);
}
