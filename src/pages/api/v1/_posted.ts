import type { APIRoute } from 'astro';
import { problem, problemResponse } from './_problem';
import type { Answer } from './_respond';

/** The largest body that is read, in bytes. */
const BODY_LIMIT = 1024 * 1024;

type Body = { readonly ok: true; readonly text: string } | { readonly ok: false };

/** Reads a body no further than it may be long. */
async function bodyOf(request: Request): Promise<Body> {
  if (Number(request.headers.get('content-length') ?? 0) > BODY_LIMIT) return { ok: false };
  if (!request.body) return { ok: true, text: '' };
  const reader = request.body.getReader();
  const parts: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > BODY_LIMIT) {
      await reader.cancel();
      return { ok: false };
    }
    parts.push(value);
  }
  return { ok: true, text: Buffer.concat(parts).toString('utf8') };
}

/** Makes an endpoint that takes JSON by POST of a pure answer. */
export function posted(answer: (sent: unknown) => Answer | Promise<Answer>): APIRoute {
  return async ({ request }) => {
    const type = (request.headers.get('content-type') ?? '').split(';')[0]?.trim().toLowerCase();
    if (type !== 'application/json') {
      const read = type ? `'${type.slice(0, 60)}' was sent` : 'No Content-Type was sent';
      return problemResponse(problem(415, `${read}; this address reads application/json.`));
    }
    const body = await bodyOf(request);
    if (!body.ok)
      return problemResponse(problem(413, 'The body is over 1 MB, which is the most that is read.'));
    let sent: unknown;
    try {
      sent = JSON.parse(body.text);
    } catch {
      return problemResponse(problem(400, 'The body is not JSON.'));
    }
    const found = await answer(sent);
    if (!found.ok) return problemResponse(found.problem);
    return new Response(found.text, { headers: { 'Content-Type': found.type, 'Cache-Control': 'no-store' } });
  };
}

/** The answer to every method such an endpoint does not have. */
export const onlyPost: APIRoute = ({ request }) =>
  problemResponse(problem(405, `${request.method} was sent; this address answers POST.`), { Allow: 'POST' });
