import type { APIContext, APIRoute } from 'astro';
import type * as z from 'zod';
import { readJoinCode } from '@/core/live/join-code';
import { bodyOf } from '../_posted';
import { type ProblemDocument, problem, problemResponse } from '../_problem';
import { refusedBody } from '../_respond';
import { type Bearer, bearerOf, isHere, type OpenClass, openHub } from './_hub';
import { paceOf } from './_pace';

/** Milliseconds that somebody waits who has a code or a token wrong. */
const SLOWED = 400;

/** Different names that a pace is kept of. */
const MOST_NAMES = 5000;

/** How often each thing may be done. */
function paces() {
  return {
    wrong: paceOf({ atOnce: 20, inSecond: 0.5 }, MOST_NAMES),
    opening: paceOf({ atOnce: 6, inSecond: 0.05 }, MOST_NAMES),
    joining: paceOf({ atOnce: 40, inSecond: 0.5 }, MOST_NAMES),
    asking: paceOf({ atOnce: 40, inSecond: 10 }, MOST_NAMES),
    answering: paceOf({ atOnce: 12, inSecond: 2 }, MOST_NAMES),
    listening: paceOf({ atOnce: 12, inSecond: 1 }, MOST_NAMES),
  };
}

type PaceId = keyof ReturnType<typeof paces>;

let all: { readonly hub: ReturnType<typeof openHub>; readonly pace: ReturnType<typeof paces> } | null = null;

/** The classes of this server; there are none before somebody asks. */
export function theHub() {
  all ??= { hub: openHub(() => Date.now()), pace: paces() };
  return all;
}

/** An answer in JSON that nobody keeps. */
export function fresh(value: unknown, status = 200): Response {
  return new Response(JSON.stringify(value), {
    status,
    headers: { 'Content-Type': 'application/json; charset=utf-8', 'Cache-Control': 'no-store' },
  });
}

export function tooOften(what: string): Response {
  return problemResponse(problem(429, `${what} Wait a moment, and try again.`), { 'Retry-After': '2' });
}

/** Whether something is not done too often by somebody. */
export function inPace(pace: PaceId, who: string): boolean {
  return theHub().pace[pace].take(who, Date.now());
}

/** Whether it comes from this computer itself, on which nobody is slowed but for wrong codes. */
export const fromHere = ({ clientAddress }: APIContext) => isHere(clientAddress);

/** Says no to a wrong code or token: slowly, and past a limit at once and no more. */
async function slowly({ clientAddress }: APIContext, found: ProblemDocument): Promise<Response> {
  if (!inPace('wrong', clientAddress)) return tooOften('Too much was wrong from this address.');
  await new Promise((done) => setTimeout(done, SLOWED));
  return problemResponse(found, found.status === 401 ? { 'WWW-Authenticate': 'Bearer' } : {});
}

type Held = { readonly context: APIContext; readonly open: OpenClass };
type Known = Held & { readonly bearer: Bearer };

/** An address of an open class; whoever has its code wrong is told so. */
export function ofClass(answer: (held: Held) => Response | Promise<Response>): APIRoute {
  return async (context) => {
    const sent = context.params['code'] ?? '';
    const code = readJoinCode(sent);
    const open = code === null ? null : theHub().hub.find(code);
    if (open) return answer({ context, open });
    const detail = `There is no open class '${sent.slice(0, 20)}'. It may have been closed, or the code is another.`;
    return slowly(context, problem(404, detail));
  };
}

/** An address for the teacher of a class, for those who joined it, or for both. */
export function known(
  who: readonly Bearer['is'][],
  answer: (known: Known) => Response | Promise<Response>,
): APIRoute {
  return ofClass((held) => {
    const [, token = ''] =
      /^Bearer +([\w.-]{1,200})$/iu.exec(held.context.request.headers.get('authorization') ?? '') ?? [];
    const bearer = bearerOf(held.open, token);
    if (bearer && who.includes(bearer.is)) return answer({ ...held, bearer });
    const wanted = who.includes('person')
      ? 'the token of somebody who has joined'
      : 'the secret of its teacher';
    const read = token === '' ? 'No Authorization: Bearer was sent' : 'What was sent is not known here';
    return slowly(held.context, problem(401, `${read}; this address asks for ${wanted}.`));
  });
}

/** What was sent, of the shape that is read; or the answer that says what is wrong with it. */
export async function sentTo<Shape>(
  { request }: APIContext,
  schema: z.ZodType<Shape>,
  limit: number,
): Promise<
  { readonly ok: true; readonly sent: Shape } | { readonly ok: false; readonly response: Response }
> {
  const body = await bodyOf(request, limit);
  if (!body.ok) return { ok: false, response: problemResponse(body.problem) };
  const read = schema.safeParse(body.sent);
  if (read.success) return { ok: true, sent: read.data };
  return { ok: false, response: problemResponse(refusedBody(read.error.issues).problem) };
}

/** The answer to fields that were read and are not allowed. */
export function refusedFields({
  status,
  found,
}: {
  readonly status: number;
  readonly found: readonly { readonly pointer: string; readonly detail: string }[];
}): Response {
  return problemResponse(problem(status, found.map(({ detail }) => detail).join(' '), found));
}
