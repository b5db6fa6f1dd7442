import type { APIContext } from 'astro';
import type * as z from 'zod';
import { EMPTY_CLASS, type LiveAnswer, type LiveClass, type LiveRound } from '@/core/live/live-class';
import { readLiveName } from '@/core/live/live-name';
import { problem, problemResponse } from '../_problem';
import { fresh, fromHere, inPace, refusedFields, sentTo, theHub, tooOften } from './_guard';
import type { Beginning } from './_hub';
import { addressesHere } from './_network';
import { classBody, readAsked, readHandedIn } from './_read';

/** Bytes that a class is opened with, all of its people and answers among them. */
const OPENING_LIMIT = 512 * 1024;

type Sent = z.infer<typeof classBody>;

type Taken =
  | { readonly ok: true; readonly begins: Beginning }
  | { readonly ok: false; readonly response: Response };

/** A class as the teacher's browser kept it; what of it cannot be read is said, since it is our own. */
function takenUp(names: readonly string[], again: NonNullable<Sent['again']>) {
  const people = new Map(
    again.people.map(({ person, name, listed }) => [
      person,
      { id: person, name: readLiveName(name) ?? '?', listed },
    ]),
  );
  const empty: LiveClass = { ...EMPTY_CLASS, names, people };
  if (again.now === null) return { ok: true as const, state: empty };
  const asked = readAsked(again.now.question);
  if (!asked.ok) return asked;
  const answers = new Map<string, LiveAnswer>();
  for (const { person, answer, late } of again.answers) {
    const read = readHandedIn(asked.asked, answer);
    if (!read.ok) return read;
    if (people.has(person)) answers.set(person, { answer, code: read.code, late });
  }
  const now: LiveRound = { ...again.now, asked: asked.asked };
  return { ok: true as const, state: { ...empty, now, answers } };
}

function beginning({ names: sent = [], speaks = '', again }: Sent): Taken {
  const names = [...new Set(sent.flatMap((each) => readLiveName(each) ?? []))];
  if (!again)
    return { ok: true, begins: { secret: null, expires: null, speaks, state: { ...EMPTY_CLASS, names } } };
  const read = takenUp(names, again);
  if (!read.ok) return { ok: false, response: refusedFields(read) };
  const { secret, expires } = again;
  return { ok: true, begins: { secret, expires: Date.parse(expires), speaks, state: read.state } };
}

/** Opens a class, or takes one up again that the server has lost. */
export async function openClass(context: APIContext): Promise<Response> {
  if (!fromHere(context) && !inPace('opening', context.clientAddress))
    return tooOften('Too many classes were opened from this address.');
  const body = await sentTo(context, classBody, OPENING_LIMIT);
  if (!body.ok) return body.response;
  const taken = beginning(body.sent);
  if (!taken.ok) return taken.response;
  const opening = await theHub().hub.begin(taken.begins, context.clientAddress);
  if (opening.is === 'taken')
    return problemResponse(problem(409, 'Another class is open under this code. Open a new one.'));
  if (opening.is === 'too-many')
    return problemResponse(problem(429, 'As many classes are open as there is room for. Close one first.'));
  const { code, secret, expires } = opening.open;
  return fresh(
    {
      code,
      secret,
      expires: new Date(expires).toISOString(),
      stood: opening.stood,
      addresses: addressesHere(),
    },
    201,
  );
}
