import * as z from 'zod/mini';
import { ADDRESS_LIMIT } from '@/store/limits';
import type { BoardState } from './state';

const time = z.number().check(z.gte(0));

const boardState = z.strictObject({
  lesson: z.nullable(z.string().check(z.maxLength(60))),
  item: z.string().check(z.maxLength(60)),
  address: z.string().check(z.maxLength(ADDRESS_LIMIT), z.regex(/^\/[a-z]+(?:\?|$)/u)),
  press: z.nullable(z.int().check(z.gte(0), z.lte(1000))),
  hidden: z.boolean(),
  blank: z.boolean(),
  thinkUntil: z.nullable(time),
  view: z.int().check(z.gte(0), z.lte(20)),
  light: z.enum(['day', 'night']),
  lit: z.nullable(z.string().check(z.maxLength(20))),
  since: time,
  began: time,
});

/** A board as it stands, and how often it has been changed: of two the later one holds. */
const stamped = z.strictObject({ v: z.literal(1), stamp: z.int().check(z.gte(0)), state: boardState });

export type Stamped = { readonly v: 1; readonly stamp: number; readonly state: BoardState };

const message = z.discriminatedUnion('is', [
  z.strictObject({ is: z.literal('state'), ...stamped.shape }),
  // A window has come and asks how the board stands; it goes.
  z.strictObject({ is: z.literal('hello') }),
  z.strictObject({ is: z.literal('bye') }),
]);

export type BoardMessage = z.infer<typeof message>;

/** Whether a state is later than the one that stands. */
export function isLater(one: Stamped, other: Stamped | null): boolean {
  return other === null || one.stamp > other.stamp;
}

/** The line between the windows of one pair; what is not understood is passed over. */
export type BoardLine = { readonly say: (message: BoardMessage) => void; readonly close: () => void };

/** Opens the line of a pair. A browser without such lines has one that is silent. */
export function openLine(pair: string, hear: (message: BoardMessage) => void): BoardLine {
  if (typeof BroadcastChannel === 'undefined') return { say: () => {}, close: () => {} };
  const channel = new BroadcastChannel(`moon-step:board:${pair}`);
  channel.onmessage = ({ data }) => {
    const read = message.safeParse(data);
    if (read.success) hear(read.data);
  };
  return { say: (said) => channel.postMessage(said), close: () => channel.close() };
}

const keyOf = (name: string) => `moon-step:board:${name}`;

/** What this window has kept of a board, for when it is loaded again; null where there is nothing of it. */
export function keptBoard(name: string): Stamped | null {
  try {
    const text = window.sessionStorage.getItem(keyOf(name));
    if (text === null) return null;
    const read = stamped.safeParse(JSON.parse(text));
    return read.success ? read.data : null;
  } catch {
    // Blocked site data, or not of ours: the board begins anew.
    return null;
  }
}

/** Keeps how a board stands, as long as this window lasts. */
export function keepBoard(name: string, board: Stamped): void {
  try {
    window.sessionStorage.setItem(keyOf(name), JSON.stringify(board));
  } catch {
    // Said above.
  }
}
