/** The longest name somebody joins with, in characters. */
export const LIVE_NAME_LIMIT = 40;

/** What stands in a name and cannot be seen, or turns the direction in which a line is read. */
const UNSEEN = /[\p{Cc}\p{Cf}\p{Co}\p{Cn}\p{Zl}\p{Zp}]/gu;

/** More marks over one letter than any language writes. */
const PILED = /(\p{M}{3})\p{M}+/gu;

/** A name as it is shown: one line, nothing in it that cannot be seen; null where nothing is left. */
export function readLiveName(typed: string): string | null {
  const name = typed
    .slice(0, LIVE_NAME_LIMIT * 8)
    .normalize('NFC')
    .replace(UNSEEN, '')
    .replace(PILED, '$1')
    .replace(/\s+/gu, ' ')
    .trim();
  const short = [...name].slice(0, LIVE_NAME_LIMIT).join('').trim();
  return short === '' ? null : short;
}

const loose = (name: string) => name.normalize('NFKC').toLowerCase();

/** The name under which somebody is told apart from those who are there: `Mira`, and for the next one `Mira 2`. */
export function apartFrom(name: string, there: readonly string[]): string {
  const taken = new Set(there.map(loose));
  let [next, count] = [name, 1];
  while (taken.has(loose(next))) {
    count += 1;
    next = `${name} ${count}`;
  }
  return next;
}
