/** What of a source could not stand in a piece as it was, and where: nothing is left out without a word. */
export type PieceWarning =
  /** Notes without a letter, such as drums, stand as rests; or they have more than two signs. */
  | { readonly code: 'no-pitch'; readonly part: string; readonly bar: number; readonly count: number }
  /** A clef that is not drawn here, and the one that stands for it. */
  | {
      readonly code: 'clef';
      readonly part: string;
      readonly bar: number;
      readonly read: string;
      readonly shown: string;
    }
  | { readonly code: 'signature'; readonly part: string; readonly bar: number; readonly read: string }
  /** The source does not say its signature; so many fifths need the fewest accidentals. */
  | { readonly code: 'signature-unsaid'; readonly fifths: number }
  /** Lengths were brought to the nearest that can be written. */
  | { readonly code: 'lengths'; readonly part: string; readonly bar: number; readonly count: number }
  /** Only so many bars are read. */
  | { readonly code: 'bars'; readonly bars: number; readonly read: number }
  /** Something was passed over, as it is written. */
  | { readonly code: 'passed-over'; readonly read: string; readonly bar: number };

/** The most bars, parts and tones that are read of a piece. */
export const PIECE_LIMITS = { bars: 5000, parts: 60, tones: 120_000 } as const;
