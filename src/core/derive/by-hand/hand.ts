/** A degree moved a half step by hand; 2 to 7, since the tonic is given. */
export type HandMove = { readonly degree: number; readonly way: 1 | -1 };

/** Two tetrachords that are mended by hand: the moves that were taken, and those of one note that is tried. */
export type Hand = { readonly taken: readonly HandMove[]; readonly tried: readonly HandMove[] };

export const UNTOUCHED: Hand = { taken: [], tried: [] };

/** The hand with a note moved: on from where it is tried, or tried in place of another note. */
export function moving(hand: Hand, move: HandMove): Hand {
  const on = hand.tried[0]?.degree === move.degree;
  // Back where it was, nothing is tried.
  if (on && hand.tried.at(-1)?.way === -move.way) return { ...hand, tried: hand.tried.slice(0, -1) };
  return { ...hand, tried: on ? [...hand.tried, move] : [move] };
}

/** The hand with what is tried taken for good. */
export function taking({ taken, tried }: Hand): Hand {
  return { taken: [...taken, ...tried], tried: [] };
}

/** The hand a step back: without what is tried, or else without the last that was taken; null where nothing is left. */
export function takingBack({ taken, tried }: Hand): Hand | null {
  if (tried.length > 0) return { taken, tried: [] };
  return taken.length > 0 ? { taken: taken.slice(0, -1), tried: [] } : null;
}

/** The most moves that are read. */
const MOST_MOVES = 40;

/** A hand as addresses have it: `3+7+` for what was taken, `~2+` for what is tried; `0` where nothing was moved. */
export function handCode({ taken, tried }: Hand): string {
  const text = (moves: readonly HandMove[]) =>
    moves.map(({ degree, way }) => `${degree}${way > 0 ? '+' : '-'}`).join('');
  return (text(taken) || (tried.length > 0 ? '' : '0')) + (tried.length > 0 ? `~${text(tried)}` : '');
}

/** Reads a hand; null for what is none. */
export function readHand(code: string): Hand | null {
  if (code === '0') return UNTOUCHED;
  if (!/^(?:[2-7][+-])*(?:~(?:[2-7][+-])+)?$/u.test(code) || code.length > 2 * MOST_MOVES) return null;
  const [taken = '', tried = ''] = code.split('~');
  const moves = (text: string) =>
    [...text.matchAll(/([2-7])([+-])/gu)].map(
      ([, degree, way]): HandMove => ({ degree: Number(degree), way: way === '+' ? 1 : -1 }),
    );
  return { taken: moves(taken), tried: moves(tried) };
}
