import { type Key, keyAt } from '../harmony/key';
import { asciiName } from '../note/spelled';
import type { LogKind } from './log';

/** How entries are put in order. */
export const LOG_SORTS = ['newest', 'oldest', 'title', 'key', 'who', 'minutes'] as const;

export type LogSort = (typeof LOG_SORTS)[number];

/** Which questions are looked at. */
export const LOG_STATES = ['all', 'waiting', 'done'] as const;

export type LogState = (typeof LOG_STATES)[number];

/** What of an entry is looked at. */
export type Noted = {
  readonly id: string;
  readonly kind: LogKind;
  readonly day: string;
  readonly person: string | null;
  readonly title: string;
  readonly key: string;
  readonly instrument: string;
  readonly source: string;
  readonly minutes: number;
  readonly text: string;
  readonly answer: string;
  readonly done: boolean;
  readonly order: number;
};

export type LogLook = {
  readonly kind: LogKind;
  /** Of whom; null for everyone. */
  readonly person: string | null;
  readonly sort: LogSort;
  readonly state: LogState;
  readonly find: string;
};

const compared = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

/** The entries that are looked for, in the order that is asked for; of equals the newest first. */
export function lookedAt<Entry extends Noted>(
  entries: readonly Entry[],
  { kind, person, sort, state, find }: LogLook,
  nameOf: (person: string | null) => string,
): readonly Entry[] {
  const words = find.trim().toLowerCase().split(/\s+/u).filter(Boolean);
  const found = entries.filter((each) => {
    if (each.kind !== kind || (person !== null && each.person !== person)) return false;
    if (kind === 'question' && state !== 'all' && each.done !== (state === 'done')) return false;
    const { title, key, instrument, source, text, answer, day } = each;
    const all = [title, key, instrument, source, text, answer, day, nameOf(each.person)]
      .join(' ')
      .toLowerCase();
    return words.every((word) => all.includes(word));
  });
  const newest = (a: Noted, b: Noted) => compared(b.day, a.day) || b.order - a.order;
  const by: Readonly<Record<LogSort, (a: Noted, b: Noted) => number>> = {
    newest,
    oldest: (a, b) => newest(b, a),
    title: (a, b) => compared(a.title.toLowerCase(), b.title.toLowerCase()),
    key: (a, b) => compared(a.key, b.key),
    who: (a, b) => compared(nameOf(a.person), nameOf(b.person)),
    minutes: (a, b) => b.minutes - a.minutes,
  };
  return found.toSorted((a, b) => by[sort](a, b) || newest(a, b));
}

/** How often each key was met, by its code: `B minor`. */
export function keysMet(entries: readonly Pick<Noted, 'key'>[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const { key } of entries) if (key) counts.set(key, (counts.get(key) ?? 0) + 1);
  return counts;
}

/** The majors and minors of the fifteen signatures, from most flats, that were never met. */
export function keysNeverMet(met: ReadonlyMap<string, number>): readonly Key[] {
  return Array.from({ length: 15 }, (_, at) => at - 7).flatMap((count) =>
    (['major', 'minor'] as const).flatMap((mode): readonly Key[] => {
      const key = keyAt(count, mode);
      if (!key) return [];
      const tonic = asciiName(key.tonic);
      const codes = [
        `${tonic} ${mode}`,
        `${tonic} harmonic-minor`,
        `${tonic} melodic-minor`,
        `${tonic} natural-minor`,
      ];
      const known = mode === 'major' ? codes.slice(0, 1) : codes;
      return known.some((code) => met.has(code)) ? [] : [key];
    }),
  );
}

const DAY = 24 * 60 * 60 * 1000;

/** The Monday of the week of a day, both as the calendar writes them. */
function weekOf(day: string): string {
  const at = new Date(`${day}T12:00:00Z`);
  const weekday = (at.getUTCDay() + 6) % 7;
  return new Date(at.getTime() - weekday * DAY).toISOString().slice(0, 10);
}

/** Minutes of practice by week, the earliest first, weeks without any among them; at most so many to the last. */
export function minutesByWeek(
  entries: readonly Pick<Noted, 'day' | 'minutes'>[],
  most: number,
): readonly { readonly week: string; readonly minutes: number }[] {
  const weeks = entries.map(({ day }) => weekOf(day)).toSorted();
  const [first, last] = [weeks[0], weeks.at(-1)];
  if (!first || !last) return [];
  const found: { week: string; minutes: number }[] = [];
  for (let at = Date.parse(`${last}T12:00:00Z`); found.length < most; at -= 7 * DAY) {
    const week = new Date(at).toISOString().slice(0, 10);
    if (week < first) break;
    const own = entries.filter(({ day }) => weekOf(day) === week);
    found.unshift({ week, minutes: own.reduce((sum, { minutes }) => sum + minutes, 0) });
  }
  return found;
}

/** What somebody gave to practice, and what of their drills was right in the end; null where they did none. */
export type Effort = {
  readonly person: string;
  readonly minutes: number;
  readonly right: { readonly of: number; readonly right: number } | null;
};

/** Effort beside mastery, who practised most first. */
export function effortOf(
  entries: readonly Pick<Noted, 'person' | 'minutes'>[],
  drills: readonly {
    readonly person: string;
    readonly of: number;
    readonly right: number;
    readonly minutes: number;
  }[],
): readonly Effort[] {
  const found = new Map<string, { minutes: number; of: number; right: number }>();
  const at = (person: string) => {
    const own = found.get(person) ?? { minutes: 0, of: 0, right: 0 };
    found.set(person, own);
    return own;
  };
  for (const { person, minutes } of entries) if (person !== null) at(person).minutes += minutes;
  for (const { person, of, right, minutes } of drills) {
    const own = at(person);
    own.of += of;
    own.right += right;
    own.minutes += minutes;
  }
  return [...found]
    .map(([person, { minutes, of, right }]) => ({ person, minutes, right: of > 0 ? { of, right } : null }))
    .toSorted((a, b) => b.minutes - a.minutes);
}
