import { endpoint, headOf, notAllowed } from './_respond';
import { answerSignature } from './_signature-answer';

export const prerender = false;

export const GET = endpoint(answerSignature);
export const HEAD = headOf(GET);
export const ALL = notAllowed;
