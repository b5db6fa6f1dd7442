import type { FileProblem } from '@/core/words/say-file';

const DEPTH_LIMIT = 48;
const ELEMENT_LIMIT = 400_000;

/** What stands between tags and is passed over whole: how it begins, and how it ends. */
const PASSED_OVER = [
  ['<!--', '-->'],
  ['<![CDATA[', ']]>'],
  ['<?', '?>'],
] as const;

/** The end of a tag: the first `>` outside quotes. −1 where there is none. */
function tagEnd(text: string, from: number): number {
  let quote = '';
  for (let at = from; at < text.length; at += 1) {
    const char = text[at] as string;
    if (quote) {
      if (char === quote) quote = '';
    } else if (char === '"' || char === "'") quote = char;
    else if (char === '>') return at;
    else if (char === '<') return -1;
  }
  return -1;
}

const TAG = /^(\/?)([^\s<>/!?"'=]{1,100})/u;

/**
 * Looks a document over before any parser sees it, in one pass: its own entities, too deep nesting, too many
 * elements, tags that do not close each other. Null where it may be parsed.
 */
export function guardXml(text: string): FileProblem | null {
  const open: string[] = [];
  let elements = 0;
  let at = text.indexOf('<');
  const broken = (where: string): FileProblem => ({ code: 'xml-broken', where });
  while (at >= 0) {
    const passed = PASSED_OVER.find(([begin]) => text.startsWith(begin, at));
    const end = passed ? text.indexOf(passed[1], at + passed[0].length) : tagEnd(text, at + 1);
    if (text.startsWith('<!DOCTYPE', at) || text.startsWith('<!ENTITY', at)) {
      // An internal subset is where a document declares entities of its own; an empty one declares nothing.
      const subset = text.indexOf('[', at);
      const inside = subset >= 0 && (end < 0 || subset < end);
      if (
        text.startsWith('<!ENTITY', at) ||
        (inside && !/^\[\s*\]/u.test(text.slice(subset, subset + 200)))
      ) {
        return { code: 'file-entities' };
      }
    }
    if (end < 0) return broken(text.slice(at, at + 30).replace(/\s+/gu, ' '));
    if (!passed && !text.startsWith('<!', at)) {
      const [, closing, name] = TAG.exec(text.slice(at + 1, at + 120)) ?? [];
      if (!name) return broken(text.slice(at, at + 30).replace(/\s+/gu, ' '));
      if (closing) {
        if (open.pop() !== name) return broken(`</${name.slice(0, 40)}>`);
      } else {
        elements += 1;
        if (elements > ELEMENT_LIMIT) return { code: 'file-many', limit: ELEMENT_LIMIT };
        if (text[end - 1] !== '/') open.push(name);
        if (open.length > DEPTH_LIMIT) return { code: 'file-deep', limit: DEPTH_LIMIT };
      }
    }
    at = text.indexOf('<', passed ? end + passed[1].length : end + 1);
  }
  const left = open.at(-1);
  if (left) return broken(`<${left.slice(0, 40)}>`);
  return elements === 0 ? broken('its start') : null;
}
