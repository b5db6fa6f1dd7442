/** Whose answer comes next: a number at the end counts on, a name alone is left open for the next one. */
export function nextWho(who: string): string {
  const found = /^(.*?)(\d{1,4})$/u.exec(who);
  return found ? `${found[1]}${Number(found[2]) + 1}` : '';
}
