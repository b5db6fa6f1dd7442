import { onlyPost } from './_posted';
import { openClass } from './classes/_open';

export const prerender = false;

export const POST = openClass;
export const ALL = onlyPost;
