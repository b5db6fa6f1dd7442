import { openApiDocument } from './_openapi';
import { endpoint, json, notAllowed } from './_respond';

export const prerender = false;

export const GET = endpoint(() => json(openApiDocument()));
export const ALL = notAllowed;
