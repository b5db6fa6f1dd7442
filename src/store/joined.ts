import * as z from 'zod/mini';
import { keptHere } from './kept-here';

const text = z.string().check(z.maxLength(400));
const round = z.union([z.number(), text]);

const joinedV1 = z.strictObject({
  v: z.literal(1),
  code: text,
  person: text,
  token: text,
  name: text,
  speaks: z.string().check(z.maxLength(600)),
  /** What was given, and what proves that it was in time. */
  given: z.nullable(z.strictObject({ round, code: z.nullable(text) })),
  proof: z.nullable(z.strictObject({ round, code: text, receipt: text })),
  /** What is being put together and is not given yet. */
  draft: z.nullable(z.strictObject({ round, code: z.nullable(text), typed: z.nullable(text) })),
});

/** A class that somebody has joined on this phone. */
export type Joined = z.infer<typeof joinedV1>;

const kept = keptHere('moon-step:', joinedV1);
const NAME = 'joined';

/** The class that was joined last on this phone, so that it goes on after the page was loaded anew. */
export const JOINED = {
  read: () => kept.read(NAME),
  keep: (joined: Joined) => kept.keep(NAME, joined),
  forget: () => kept.forget(NAME),
};
