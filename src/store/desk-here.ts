import * as z from 'zod/mini';
import { type Desk, newDesk } from '@/core/live/desk';
import { LIVE_STAGES } from '@/core/live/live-class';
import { keptHere } from './kept-here';

const text = z.string().check(z.maxLength(400));

const deskV1 = z.strictObject({
  v: z.literal(1),
  set: text,
  link: z.nullable(
    z.strictObject({
      code: text,
      secret: text,
      expires: text,
      addresses: z.array(text),
      names: z.array(text),
    }),
  ),
  people: z.array(z.strictObject({ person: text, name: text, listed: z.boolean(), here: z.boolean() })),
  known: z.record(text, text),
  now: z.nullable(
    z.strictObject({
      round: z.number(),
      question: text,
      code: text,
      stage: z.enum(LIVE_STAGES),
      shown: z.boolean(),
      until: z.nullable(z.number()),
    }),
  ),
  answers: z.array(z.strictObject({ person: text, code: z.nullable(text), late: z.boolean() })),
});

const kept = keptHere('moon-step:in-class:', deskV1);

/**
 * A lesson in class as this browser keeps it, by its set: with the secret of its class, which is never anywhere else. It is
 * there until the class is closed.
 */
export const DESK_HERE = {
  read: (set: string): Desk => {
    const { v: _, ...found } = kept.read(set) ?? { v: 1, ...newDesk(set) };
    return found;
  },
  keep: (desk: Desk) =>
    kept.keep(desk.set, {
      v: 1,
      ...desk,
      link: desk.link && {
        ...desk.link,
        addresses: [...desk.link.addresses],
        names: [...desk.link.names],
      },
      people: [...desk.people],
      known: { ...desk.known },
      answers: [...desk.answers],
    }),
  forget: (set: string) => kept.forget(set),
  /** Forgets classes whose time is over, with all that was known of who was there. `now` in milliseconds since 1970. */
  sweep: (now: number) => {
    for (const set of kept.names()) {
      const link = kept.read(set)?.link;
      if (link && Date.parse(link.expires) <= now) kept.forget(set);
    }
  },
};
