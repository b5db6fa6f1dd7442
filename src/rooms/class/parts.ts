import { SETTING_GROUPS } from '@/core/school/setting-list';
import type { AddressProblem } from '@/core/words/say-address';
import { QueryReader } from '../address/query-reader';

/** The parts of the room that are no settings. */
const OTHERS = ['people', 'safe'] as const;

/** The parts of the room: groups of settings by their code, then people, then backup and storage. */
export type Part =
  | { readonly kind: 'settings'; readonly group: string }
  | { readonly kind: (typeof OTHERS)[number] };

export type ClassAddress = {
  readonly part: Part;
  readonly making: boolean;
  readonly problems: readonly AddressProblem[];
};

/** The groups as older addresses counted them. */
const COUNTED = ['names', 'singing', 'keys', 'signatures', 'writing', 'chords', 'answers'];

const FIRST = SETTING_GROUPS[0].code;

/** Reads the query of the room; what cannot be read is named, and its first part opens. */
export function readClassAddress(search: string): ClassAddress {
  const reader = new QueryReader(search, ['part', 'new']);
  const groups = SETTING_GROUPS.map(({ code }): string => code);
  const read = reader.choice('part', [...groups, ...OTHERS], FIRST, (part) =>
    /^\d$/u.test(part) ? (COUNTED[Number(part)] ?? part) : part,
  );
  const other = OTHERS.find((each) => each === read);
  const part: Part = other ? { kind: other } : { kind: 'settings', group: read };
  return { part, making: reader.query.has('new'), problems: reader.problems };
}

export function writeClassAddress(part: Part): string {
  return `?part=${part.kind === 'settings' ? part.group : part.kind}`;
}
