/** One way to finger a note. */
export type Fingering = {
  /** Keys by name, or the eight holes of a recorder. */
  readonly keys: string;
  /** When it is used in place of the usual one; a note in braces stands for what the class calls it. Null for the usual one. */
  readonly use: string | null;
  /** Whether it holds on every instrument. */
  readonly sure: boolean;
};

/** Fingerings by note in English ASCII, each with one name, the usual one first. */
export type Fingerings = Readonly<Record<string, readonly Fingering[]>>;

export const usual = (keys: string, sure = true): Fingering => ({ keys, use: null, sure });

export const other = (keys: string, use: string, sure = true): Fingering => ({ keys, use, sure });
