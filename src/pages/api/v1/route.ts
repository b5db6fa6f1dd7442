import { endpoint, headOf, notAllowed } from './_respond';
import { answerRoute } from './_route-answer';

export const prerender = false;

export const GET = endpoint(answerRoute);
export const HEAD = headOf(GET);
export const ALL = notAllowed;
