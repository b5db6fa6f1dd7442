import type * as z from 'zod/mini';
import type { RecordProblem } from '@/core/words/say-store';

export type { RecordProblem };

/**
 * A stored value as it can be used, and as it would be stored by this version, with whatever a later version wrote in
 * it; `unknown` are words of a later version that were passed over.
 */
export type RecordReading<T> =
  | { readonly ok: true; readonly value: T; readonly stored: object; readonly unknown: readonly string[] }
  | { readonly ok: false; readonly problem: RecordProblem };

/** A record with all its versions: version n is checked by schema n − 1 and brought on by migration n − 1. */
export type RecordKind<T> = {
  readonly name: string;
  readonly version: number;
  readonly read: (stored: unknown) => RecordReading<T>;
};

type Definition<Stored, T> = {
  readonly name: string;
  readonly schemas: readonly z.ZodMiniType[];
  readonly migrations: readonly ((old: unknown) => unknown)[];
  readonly newest: z.ZodMiniType<Stored>;
  /** Makes what is used of what is stored, where that is not the same. */
  readonly use?: (stored: Stored) => { readonly value: T; readonly unknown: readonly string[] };
};

/**
 * Defines a stored record from the schemas of its versions and the migrations between them, one fewer. A gap in
 * them is a bug and throws.
 */
export function defineRecord<Stored extends object, T = Stored>({
  name,
  schemas,
  migrations,
  newest,
  use = (stored) => ({ value: stored as unknown as T, unknown: [] }),
}: Definition<Stored, T>): RecordKind<T> {
  if (migrations.length !== schemas.length - 1) throw new RangeError(`${name}: a migration is missing`);
  if (schemas.at(-1) !== newest) throw new RangeError(`${name}: the newest schema is not the last`);
  const version = schemas.length;
  const unreadable = (where: string): RecordReading<T> => ({
    ok: false,
    problem: { code: 'record-unreadable', name, where },
  });
  return {
    name,
    version,
    read(stored) {
      const found = versionOf(stored);
      if (found === null) return unreadable('v');
      if (found > version)
        return { ok: false, problem: { code: 'record-newer', name, version: found, known: version } };
      let value = stored;
      for (let step = found; step <= version; step += 1) {
        const checked = schemas[step - 1]?.safeParse(value);
        if (!checked?.success) return unreadable(checked?.error.issues[0]?.path.join('.') ?? 'v');
        value = step < version ? migrations[step - 1]?.(checked.data) : checked.data;
      }
      const last = newest.safeParse(value);
      return last.success
        ? { ok: true, stored: last.data, ...use(last.data) }
        : unreadable(last.error.issues[0]?.path.join('.') ?? '');
    },
  };
}

function versionOf(stored: unknown): number | null {
  if (typeof stored !== 'object' || stored === null || !('v' in stored)) return null;
  return typeof stored.v === 'number' && Number.isInteger(stored.v) && stored.v >= 1 ? stored.v : null;
}
