import type { APIRoute } from 'astro';
import { type ProblemDocument, problem, problemResponse } from './_problem';
import type { Answer } from './_respond';

/** The largest body that is read, in bytes. */
const BODY_LIMIT = 1024 * 1024;

type Body =
  | { readonly ok: true; readonly sent: unknown }
  | { readonly ok: false; readonly problem: ProblemDocument };

/** Reads a body no further than it may be long; null for a longer one. */
export async function bytesOf(request: Request, limit: number): Promise<Uint8Array | null> {
  if (Number(request.headers.get('content-length') ?? 0) > limit) return null;
  if (!request.body) return new Uint8Array();
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
  return Buffer.concat(parts);
}

/** A limit as it is said. */
const sizeText = (bytes: number) => (bytes >= BODY_LIMIT ? `${bytes / BODY_LIMIT} MB` : `${bytes / 1024} kB`);

/** The problem of a body that is too long, or of another type than is read. */
export const tooLong = (limit: number): ProblemDocument =>
  problem(413, `The body is over ${sizeText(limit)}, which is the most that is read.`);

/** The type a body was sent as; empty where none was said. */
export function typeOf(request: Request): string {
  return (request.headers.get('content-type') ?? '').split(';')[0]?.trim().toLowerCase() ?? '';
}

/** The problem of a body of a type that is not read. */
export function wrongType(type: string, reads: string): ProblemDocument {
  const read = type ? `'${type.slice(0, 60)}' was sent` : 'No Content-Type was sent';
  return problem(415, `${read}; this address reads ${reads}.`);
}

/** What was sent as JSON, or why it cannot be read; no more than `limit` bytes of it are looked at. */
export async function bodyOf(request: Request, limit = BODY_LIMIT): Promise<Body> {
  const type = typeOf(request);
  if (type !== 'application/json') return { ok: false, problem: wrongType(type, 'application/json') };
  const bytes = await bytesOf(request, limit);
  if (bytes === null) return { ok: false, problem: tooLong(limit) };
  try {
    return { ok: true, sent: JSON.parse(Buffer.from(bytes).toString('utf8')) };
  } catch {
    return { ok: false, problem: problem(400, 'The body is not JSON.') };
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
