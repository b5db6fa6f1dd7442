import { answerAsk } from './_ask-answer';
import { endpoint, headOf, notAllowed } from './_respond';

export const prerender = false;

export const GET = endpoint(answerAsk);
export const HEAD = headOf(GET);
export const ALL = notAllowed;
