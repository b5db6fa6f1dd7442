import type { APIRoute } from 'astro';
import { problem, problemResponse } from './v1/_problem';

export const prerender = false;

export const ALL: APIRoute = ({ url }) =>
  problemResponse(
    problem(
      404,
      `There is nothing at ${url.pathname.slice(0, 200)}. /api/v1/openapi.json lists what there is.`,
    ),
  );
