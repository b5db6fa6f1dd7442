import { answerFrets } from './_frets-answer';
import { endpoint, headOf, notAllowed } from './_respond';

export const prerender = false;

export const GET = endpoint(answerFrets);
export const HEAD = headOf(GET);
export const ALL = notAllowed;
