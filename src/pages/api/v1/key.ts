import { answerKey } from './_key-answer';
import { endpoint, headOf, notAllowed } from './_respond';

export const prerender = false;

export const GET = endpoint(answerKey);
export const HEAD = headOf(GET);
export const ALL = notAllowed;
