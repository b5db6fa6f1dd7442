import { answerMark } from './_mark-answer';
import { onlyPost, posted } from './_posted';

export const prerender = false;

export const POST = posted(answerMark);
export const ALL = onlyPost;
