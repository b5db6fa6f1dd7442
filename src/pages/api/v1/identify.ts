import { answerIdentify } from './_identify-answer';
import { onlyPost, posted } from './_posted';

export const prerender = false;

export const POST = posted(answerIdentify);
export const ALL = onlyPost;
