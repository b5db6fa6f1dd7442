import { LOG_KINDS, type LogKind } from '@/core/practice/log';
import { LOG_SORTS, LOG_STATES, type LogLook } from '@/core/practice/log-look';
import type { AddressProblem } from '@/core/words/say-address';
import { LONGEST_QUERY, QueryReader } from '../query-reader';

/** Where the room lies. */
export const LOG_PATH = '/log';

/** The sentence of the room: what is looked at, of whom, in which order, and which words are looked for. */
export type LogSentence = LogLook;

const FIRST_LOG: LogSentence = { kind: 'piece', person: null, sort: 'newest', state: 'all', find: '' };

/** The longest words that are looked for. */
export const LONGEST_FIND = 80;

const EVERYONE = 'everyone';
const PARAMETERS = ['see', 'who', 'sort', 'state', 'find'] as const;

/** What is looked at, as an address has it. */
const SEES: Readonly<Record<LogKind, string>> = {
  piece: 'pieces',
  practice: 'practice',
  question: 'questions',
};

/** Reads the query of the room. What cannot be read is named, and the rest still holds. */
export function readLog(search: string): {
  readonly sentence: LogSentence;
  readonly problems: readonly AddressProblem[];
} {
  if (search.length > LONGEST_QUERY) {
    const problem = { code: 'address-too-long', length: search.length, limit: LONGEST_QUERY } as const;
    return { sentence: FIRST_LOG, problems: [problem] };
  }
  const reader = new QueryReader(search, PARAMETERS);
  const sees = LOG_KINDS.map((kind) => SEES[kind]);
  const see = reader.choice('see', sees, SEES.piece);
  const who = reader.text('who', 60);
  const sentence: LogSentence = {
    kind: LOG_KINDS.find((kind) => SEES[kind] === see) ?? 'piece',
    person: who === '' || who === EVERYONE ? null : who,
    sort: reader.choice('sort', LOG_SORTS, FIRST_LOG.sort),
    state: reader.choice('state', LOG_STATES, FIRST_LOG.state),
    find: reader.text('find', LONGEST_FIND),
  };
  return { sentence, problems: reader.problems };
}

/** The query that says a sentence. */
export function writeLog({ kind, person, sort, state, find }: LogSentence): string {
  const query = new URLSearchParams({ see: SEES[kind] });
  if (person !== null) query.set('who', person);
  if (sort !== FIRST_LOG.sort) query.set('sort', sort);
  if (state !== FIRST_LOG.state) query.set('state', state);
  if (find) query.set('find', find);
  return `?${query}`;
}

/** The address of a sentence, for a link. */
export function logHref(sentence: LogSentence): string {
  return LOG_PATH + writeLog(sentence);
}
