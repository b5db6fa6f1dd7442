import { joined } from '@/core/live/live-class';
import { readLiveName } from '@/core/live/live-name';
import { onlyPost } from '../../_posted';
import { problem, problemResponse } from '../../_problem';
import { fresh, fromHere, inPace, ofClass, refusedFields, sentTo, tooOften } from '../_guard';
import { TEACHER, tell } from '../_hub';
import { newPersonId, tokenOf } from '../_keys';
import { peopleBody } from '../_read';

export const prerender = false;

const LIMIT = 4 * 1024;

/** Somebody joins, and is given what they prove themselves by. */
export const POST = ofClass(async ({ context, open }) => {
  if (!fromHere(context) && !inPace('joining', context.clientAddress))
    return tooOften('Too many have joined from this address.');
  const body = await sentTo(context, peopleBody, LIMIT);
  if (!body.ok) return body.response;
  const name = readLiveName(body.sent.name);
  if (name === null)
    return refusedFields({
      status: 422,
      found: [{ pointer: '#/name', detail: 'A name with a letter or a sign is needed.' }],
    });
  const done = joined(open.state, newPersonId(), name);
  if (!done.ok)
    return problemResponse(problem(429, 'As many have joined as there is room for. Ask the teacher.'));
  open.state = done.next;
  const { id, name: apart, listed } = done.person;
  tell(open, TEACHER, 'joined', { person: id, name: apart, listed });
  return fresh({ person: id, token: tokenOf(open.secret, id), name: apart, listed }, 201);
});

export const ALL = onlyPost;
