import { createHash } from 'node:crypto';
import type { APIRoute } from 'astro';
import type * as z from 'zod';
import { type ProblemDocument, problem, problemResponse } from './_problem';

export type Answer =
  | { readonly ok: true; readonly type: string; readonly text: string }
  | { readonly ok: false; readonly problem: ProblemDocument };

/** An answer in JSON. */
export function json(value: unknown): Answer {
  return { ok: true, type: 'application/json; charset=utf-8', text: JSON.stringify(value) };
}

/** A field that was read but is not allowed. */
export function refused(name: string, detail: string, status = 422): Answer {
  return { ok: false, problem: problem(status, detail, [{ pointer: `#/${name}`, detail }]) };
}

/** What was of the right shape and is not allowed: a number out of its range, a word that is none of the list. */
const NOT_ALLOWED = ['too_big', 'too_small', 'invalid_value'];

/** A body that is not of the shape that is read: each place with what is wrong there. */
export function refusedBody(issues: readonly z.core.$ZodIssue[]): Answer & { readonly ok: false } {
  const errors = issues.map(({ path, message }) => ({
    pointer: `#/${path.map(String).join('/')}`,
    detail: message,
  }));
  const status = issues.every(({ code }) => NOT_ALLOWED.includes(code)) ? 422 : 400;
  const detail = errors.map(({ pointer, detail: why }) => `${pointer}: ${why}.`).join(' ');
  return { ok: false, problem: problem(status, detail, errors) };
}

/** Makes an endpoint of a pure answer: an ETag, 304 where nothing changed, problems as documents. */
export function endpoint(answer: (url: URL) => Answer): APIRoute {
  return ({ request }) => {
    const found = answer(new URL(request.url));
    if (!found.ok) return problemResponse(found.problem);
    const etag = `"${createHash('sha256').update(found.type).update(found.text).digest('base64url').slice(0, 22)}"`;
    const headers = { ETag: etag, 'Cache-Control': 'public, max-age=300' };
    if (request.headers.get('if-none-match') === etag) return new Response(null, { status: 304, headers });
    return new Response(found.text, { headers: { ...headers, 'Content-Type': found.type } });
  };
}

/** The same answer without its body. */
export function headOf(get: APIRoute): APIRoute {
  return async (context) => {
    const { status, headers } = await get(context);
    return new Response(null, { status, headers });
  };
}

/** The answer to every method an endpoint does not have. */
export const notAllowed: APIRoute = ({ request }) =>
  problemResponse(problem(405, `${request.method} was sent; this address answers GET and HEAD.`), {
    Allow: 'GET, HEAD',
  });
