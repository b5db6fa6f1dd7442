import { onlyPost, posted } from './_posted';
import { answerSheet } from './_sheet-answer';

export const prerender = false;

export const POST = posted(answerSheet);
export const ALL = onlyPost;
