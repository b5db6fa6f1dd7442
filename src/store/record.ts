import type * as z from 'zod/mini';
import type { RecordProblem } from '@/core/words/say-store';

export type { RecordProblem };

export type RecordReading<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problem: RecordProblem };

/** A record with all its versions: version n is checked by schema n − 1 and brought on by migration n − 1. */
export type RecordKind<T> = {
  readonly name: string;
  readonly version: number;
  readonly read: (stored: unknown) => RecordReading<T>;
};

type Definition<T> = {
  readonly name: string;
  readonly schemas: readonly z.ZodMiniType[];
  readonly migrations: readonly ((old: unknown) => unknown)[];
  readonly newest: z.ZodMiniType<T>;
};

/**
 * Defines a stored record from the schemas of its versions and the migrations between them, one fewer. A gap in
 * them is a bug and throws.
 */
export function defineRecord<T>({ name, schemas, migrations, newest }: Definition<T>): RecordKind<T> {
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
        ? { ok: true, value: last.data }
        : unreadable(last.error.issues[0]?.path.join('.') ?? '');
    },
  };
}

function versionOf(stored: unknown): number | null {
  if (typeof stored !== 'object' || stored === null || !('v' in stored)) return null;
  return typeof stored.v === 'number' && Number.isInteger(stored.v) && stored.v >= 1 ? stored.v : null;
}
