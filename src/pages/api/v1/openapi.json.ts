import { openApiDocument } from './_openapi';
import { endpoint, headOf, json, notAllowed } from './_respond';

export const prerender = false;

export const GET = endpoint(() => json(openApiDocument()));
export const HEAD = headOf(GET);
export const ALL = notAllowed;
