/** One thing a word of the sentence can become. */
export type WordOption = {
  readonly value: string;
  /** As it stands in the sentence. */
  readonly text: string;
  /** What else is worth knowing of it, at the right of the list. */
  readonly detail?: string;
  /** How well what was typed fits: 0 not at all, 1 exactly. */
  readonly match: (typed: string) => number;
};

/** A word of the sentence that is a control. */
export type Word = {
  readonly id: string;
  /** What the word decides, for a voice: `tonic`. */
  readonly label: string;
  readonly key: string;
  readonly value: string;
  readonly text: string;
  readonly options: readonly WordOption[];
  /** It stands after the sentence and is no part of it. */
  readonly after?: boolean;
  /** What can be typed here, where it is more than letters of the list. */
  readonly hint?: string;
  /** What typed letters themselves become, where a word takes more than its list holds. */
  readonly typed?: (typed: string) => WordOption | null;
  /** What to say of typed letters that fit nothing. */
  readonly unmatched: (typed: string) => string;
};

/**
 * Fits typed letters to a phrase: each typed word begins a word of it, or the letters are its words' initials
 * (`hm` for harmonic minor).
 */
export function matchPhrase(phrase: string, typed: string): number {
  const wanted = typed.trim().toLowerCase();
  const words = phrase.toLowerCase().split(/[\s-]+/u);
  if (wanted === phrase.toLowerCase()) return 1;
  if (wanted.split(/\s+/u).every((part) => words.some((word) => word.startsWith(part)))) {
    return words[0]?.startsWith(wanted) ? 0.9 : 0.7;
  }
  const initials = words.map((word) => word.slice(0, 1)).join('');
  return initials.startsWith(wanted) ? 0.5 : 0;
}

/** The options while letters are typed: what they themselves become comes first. */
export function optionsFor({ options, typed }: Word, text: string): readonly WordOption[] {
  const own = text.trim() === '' ? null : (typed?.(text) ?? null);
  return own ? [own, ...options.filter(({ value }) => value !== own.value)] : options;
}

/**
 * What Enter takes: the option that was walked to by arrows, or else the one that fits what was typed best, the
 * first of equals. Null where nothing fits. It is worked out from the letters themselves, so that nobody can type
 * faster than the list is drawn.
 */
export function takenByEnter(word: Word, typed: string, walkedTo: string | null): string | null {
  if (walkedTo !== null) return walkedTo;
  if (typed.trim() === '') return word.value;
  const fits = optionsFor(word, typed).map((option) => ({ value: option.value, fit: option.match(typed) }));
  const best = Math.max(...fits.map(({ fit }) => fit));
  return best > 0 ? (fits.find(({ fit }) => fit === best)?.value ?? null) : null;
}
