import { endpoint, headOf, notAllowed } from './_respond';
import { answerScale } from './_scale-answer';

export const prerender = false;

export const GET = endpoint(answerScale);
export const HEAD = headOf(GET);
export const ALL = notAllowed;
