import type { APIRoute } from 'astro';
import { type ProblemDocument, problem, problemResponse } from './_problem';
import type { Answer } from './_respond';

/** The largest body that is read, in bytes. */
const BODY_LIMIT = 1024 * 1024;

type Body =
  | { readonly ok: true; readonly sent: unknown }
  | { readonly ok: false; readonly problem: ProblemDocument };

/** Reads a body no further than it may be long. */
async function textOf(request: Request, limit: number): Promise<string | null> {
  if (Number(request.headers.get('content-length') ?? 0) > limit) return null;
  if (!request.body) return '';
  const reader = request.body.getReader();
  const parts: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > limit) {
      await reader.cancel();
      return null;
    }
    parts.push(value);
  }
  return Buffer.concat(parts).toString('utf8');
}

const sizeText = (bytes: number) => (bytes === BODY_LIMIT ? '1 MB' : `${bytes / 1024} kB`);

/** What was sent as JSON, or why it cannot be read; no more than `limit` bytes of it are looked at. */
export async function bodyOf(request: Request, limit = BODY_LIMIT): Promise<Body> {
  const type = (request.headers.get('content-type') ?? '').split(';')[0]?.trim().toLowerCase();
  const refuse = (status: number, detail: string): Body => ({ ok: false, problem: problem(status, detail) });
  if (type !== 'application/json') {
    const read = type ? `'${type.slice(0, 60)}' was sent` : 'No Content-Type was sent';
    return refuse(415, `${read}; this address reads application/json.`);
  }
  const text = await textOf(request, limit);
  if (text === null)
    return refuse(413, `The body is over ${sizeText(limit)}, which is the most that is read.`);
  try {
    return { ok: true, sent: JSON.parse(text) };
  } catch {
    return refuse(400, 'The body is not JSON.');
  }
}

/** Makes an endpoint that takes JSON by POST of a pure answer. */
export function posted(answer: (sent: unknown) => Answer | Promise<Answer>): APIRoute {
  return async ({ request }) => {
    const body = await bodyOf(request);
    if (!body.ok) return problemResponse(body.problem);
    const found = await answer(body.sent);
    if (!found.ok) return problemResponse(found.problem);
    return new Response(found.text, { headers: { 'Content-Type': found.type, 'Cache-Control': 'no-store' } });
  };
}

/** The answer to every method such an endpoint does not have. */
export const onlyPost = only('POST');

/** The answer to every method an address does not have. */
export function only(...methods: readonly string[]): APIRoute {
  return ({ request }) =>
    problemResponse(
      problem(405, `${request.method} was sent; this address answers ${methods.join(' and ')}.`),
      {
        Allow: methods.join(', '),
      },
    );
}
