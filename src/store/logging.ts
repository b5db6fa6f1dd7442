import type { LogKind } from '@/core/practice/log';
import { type Change, deleting, edit, editing } from './change';
import type { LogEntry } from './log';
import type { SchoolData } from './school-data';
import { orderAfter } from './shelf';

/** What an entry says. */
export type LogWords = Omit<LogEntry, 'v' | 'id' | 'order' | 'changedAt'>;

/** An entry of a kind with nothing in it yet. */
export function newEntry(kind: LogKind, day: string): LogWords {
  return {
    ...{ kind, day, group: null, person: null, title: '', piece: null, key: '', fifths: null },
    ...{ instrument: '', source: '', minutes: 0, repeats: {}, purpose: null },
    ...{ about: '', text: '', answer: '', done: false },
  };
}

/** Notes something in the log. */
export function logging(data: SchoolData, id: string, words: LogWords, now: string): Change {
  const after: LogEntry = { v: 1, id, ...words, order: orderAfter(data.log), changedAt: now };
  return { says: 'logged', edits: [edit('log', id, null, after)] };
}

/** Notes several entries at once, as a table brings them in. */
export function loggingAll(
  data: SchoolData,
  entries: readonly { readonly id: string; readonly words: LogWords }[],
  now: string,
): Change {
  const first = orderAfter(data.log);
  return {
    says: 'logged',
    edits: entries.map(({ id, words }, at) =>
      edit('log', id, null, { v: 1, id, ...words, order: first + at, changedAt: now }),
    ),
  };
}

export function changingEntry(entry: LogEntry, more: Partial<LogWords>, now: string): Change {
  const typed = Object.keys(more).every((name) => name === 'text' || name === 'answer' || name === 'source');
  return editing('log', entry, more, now, typed ? 'edited' : 'logged');
}

/** A question was answered, or waits again. */
export function settling(entry: LogEntry, done: boolean, now: string): Change {
  return editing('log', entry, { done }, now, 'question-done');
}

export function deletingEntries(entries: readonly LogEntry[]): Change {
  return deleting('log', entries, 'log-deleted');
}
