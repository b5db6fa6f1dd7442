import type { APIRoute } from 'astro';
import { onlyPost } from './_posted';
import { problemResponse } from './_problem';
import { answerRead } from './_read-answer';

export const prerender = false;

export const POST: APIRoute = async ({ request }) => {
  const found = await answerRead(request);
  if (!found.ok) return problemResponse(found.problem);
  return new Response(found.text, { headers: { 'Content-Type': found.type, 'Cache-Control': 'no-store' } });
};
export const ALL = onlyPost;
