/**
 * A short sum over a text (FNV-1a, 32 bits, as eight hexadecimal digits), by which a change of it is noticed. It keeps no secret.
 * http://www.isthe.com/chongo/tech/comp/fnv/
 */
export function shortSum(text: string): string {
  let hash = 0x811c9dc5;
  for (const char of text) hash = Math.imul(hash ^ (char.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  return hash.toString(16).padStart(8, '0');
}
