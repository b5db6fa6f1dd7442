import * as z from 'zod/mini';
import { LIVE_STAGES } from '@/core/live/live-class';

const name = z.string().check(z.maxLength(400));
const person = z.string().check(z.maxLength(60));
const code = z.string().check(z.maxLength(400));
const round = z.union([z.number(), z.string().check(z.maxLength(40))]);
/** What other programs send besides our own codes is left to them. */
const sent = z.unknown();

const isHere = z.object({ person, name, listed: z.boolean(), here: z.boolean() });

/** What is asked now; `mine` is what the one who listens has answered. */
export const questionSchema = z.object({
  round,
  question: sent,
  code,
  stage: z.enum(LIVE_STAGES),
  shown: z.boolean(),
  mine: z.optional(z.nullable(z.object({ code, late: z.boolean() }))),
});

const MESSAGES = {
  class: z.object({ people: z.array(isHere) }),
  question: questionSchema,
  joined: z.object({ person, name, listed: z.boolean() }),
  here: z.object({ person }),
  left: z.object({ person, gone: z.optional(z.boolean()) }),
  answered: z.object({ person, round, late: z.boolean(), code: z.nullable(code) }),
  closed: z.object({}),
};

type Messages = { readonly [Name in keyof typeof MESSAGES]: z.infer<(typeof MESSAGES)[Name]> };

/** Something that happens in a class, as its server tells it. */
export type LiveMessage = {
  [Name in keyof Messages]: { readonly is: Name } & Messages[Name];
}[keyof Messages];

const isKnown = (name: string): name is keyof Messages => Object.hasOwn(MESSAGES, name);

/** Reads an event; null for one that this version does not know, which is passed over. */
export function readLiveMessage(event: string, data: string): LiveMessage | null {
  if (!isKnown(event)) return null;
  try {
    const read = MESSAGES[event].safeParse(JSON.parse(data));
    return read.success ? ({ is: event, ...read.data } as LiveMessage) : null;
  } catch {
    return null;
  }
}

export const openedSchema = z.object({
  code: person,
  secret: z.string(),
  expires: z.string(),
  stood: z.boolean(),
  addresses: z.array(z.string()),
});

export const doorSchema = z.object({
  names: z.array(z.object({ name, taken: z.boolean() })),
  speaks: z.string(),
});

export const joinedSchema = z.object({ person, token: z.string(), name, listed: z.boolean() });

export const confirmedSchema = z.object({ late: z.boolean(), receipt: z.optional(z.string()) });

export const answersSchema = z.object({
  round: z.nullable(round),
  answers: z.array(z.object({ person, code, late: z.boolean() })),
});

export const problemSchema = z.object({ detail: z.string() });
