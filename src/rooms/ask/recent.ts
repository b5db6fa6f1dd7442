const PLACE = 'moon-step:asked';
const MOST = 6;
const LONGEST = 120;

/** Lines that were asked before, the last one first. Where nothing can be stored there are none. */
export function askedBefore(): readonly string[] {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(PLACE) ?? '[]');
    return Array.isArray(stored) ? stored.filter((line) => typeof line === 'string').slice(0, MOST) : [];
  } catch {
    return [];
  }
}

/** Remembers a line, once and first. */
export function rememberAsked(line: string): void {
  const text = line.trim().slice(0, LONGEST);
  if (text === '') return;
  const others = askedBefore().filter((known) => known.toLowerCase() !== text.toLowerCase());
  store([text, ...others].slice(0, MOST));
}

export function forgetAsked(): void {
  store([]);
}

function store(lines: readonly string[]): void {
  try {
    localStorage.setItem(PLACE, JSON.stringify(lines));
  } catch {
    // Nothing is lost but convenience.
  }
}

/** Forgets the lines that name somebody. */
export function forgetAskedOf(name: string): void {
  if (name !== '') store(askedBefore().filter((line) => !line.includes(name)));
}
