/** Whether a text is ABC: it has a number and a key. https://abcnotation.com/wiki/abc:standard:v2.1 */
export function isAbc(text: string): boolean {
  return /^X:\s*\d/mu.test(text) && /^K:/mu.test(text);
}

/** The media type of ABC, https://abcnotation.com/wiki/abc:standard:v2.1 */
export const ABC_TYPE = 'text/vnd.abc';
