import { AUDIENCES, changedSettings, NO_SAYINGS, readSettings, USUAL_SETTINGS } from '@/core/school/settings';
import type { School } from './database';
import type { Group } from './group';

/** What a page needs of its class before any database is open: how it speaks. */
export type SpokenGroup = Pick<Group, 'id' | 'name' | 'settings' | 'sayings'>;

/** The key of local storage under which the class in hand is mirrored. */
export function mirrorKey(school: School): string {
  return school === 'demo' ? 'moon-step-demo:class' : 'moon-step:class';
}

const text = (value: unknown): value is string => typeof value === 'string';

/**
 * Reads the mirror; null where there is none, or none that this version can use. The record itself is in the database.
 * It is read by hand, since it stands before the first paint, where the checker of records would be much to load.
 */
export function readMirror(stored: string | null): SpokenGroup | null {
  if (stored === null || stored.length > 4000) return null;
  try {
    const { id, name, settings, sayings } = JSON.parse(stored) as Record<string, unknown>;
    const { sharps, flats, sharpsFor, flatsFor } = (sayings ?? {}) as Record<string, unknown>;
    if (!text(id) || !text(name) || !text(sharps) || !text(flats)) return null;
    if (typeof settings !== 'object' || settings === null) return null;
    const read = readSettings(settings as Record<string, unknown>).settings;
    const whom = (audience: unknown) => AUDIENCES.find((each) => each === audience) ?? 'everybody';
    return {
      id,
      name,
      settings: read,
      sayings: { sharps, flats, sharpsFor: whom(sharpsFor), flatsFor: whom(flatsFor) },
    };
  } catch {
    return null;
  }
}

/** Writes the mirror of a class; `usual` tells a page that its served words are right already. */
export function writeMirror(group: SpokenGroup): string {
  const usual =
    changedSettings(group.settings, USUAL_SETTINGS).length === 0 &&
    group.sayings.sharps === NO_SAYINGS.sharps &&
    group.sayings.flats === NO_SAYINGS.flats;
  return JSON.stringify({
    usual,
    id: group.id,
    name: group.name,
    settings: group.settings,
    sayings: group.sayings,
  });
}
