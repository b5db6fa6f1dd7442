import { type Change, edit, editing } from './change';
import type { Practice } from './practice';
import type { SchoolData } from './school-data';
import { orderAfter } from './shelf';

/** What can be remembered of something that is practised. */
export type Practised = Pick<Practice, 'text' | 'ways' | 'note' | 'done' | 'goals' | 'rounds'>;

const NOTHING: Practised = { text: '', ways: {}, note: '', done: [], goals: {}, rounds: {} };

/** What is remembered of something; nothing of what was never practised. */
export function practiceOf({ practice }: Pick<SchoolData, 'practice'>, about: string): Practised {
  return practice.find((each) => each.about === about) ?? NOTHING;
}

/** Remembers something more of what is practised; `id` is that of its record where it has none yet. */
export function practising(
  data: SchoolData,
  about: string,
  more: Partial<Practised>,
  id: string,
  now: string,
): Change {
  const before = data.practice.find((each) => each.about === about);
  // What is typed goes together; anything else is taken back by itself.
  const typed = Object.keys(more).every((name) => name === 'note');
  if (before) return editing('practice', before, more, now, typed ? 'edited' : 'practised');
  const order = orderAfter(data.practice);
  const after: Practice = { v: 1, id, about, ...NOTHING, ...more, order, changedAt: now };
  return { says: 'practised', edits: [edit('practice', id, null, after)] };
}
