import type { SpelledNote } from '../../note/spelled';
import type { Aligned } from './align';

/** Parts that are wrong, and how many of them have their letter right. */
export type Lost = { readonly parts: number; readonly lettersRight: number };

export const NOTHING_LOST: Lost = { parts: 0, lettersRight: 0 };

/** What marks are counted by. */
export type Parts = {
  /** How many parts there are: by the question alone, never by the answer. */
  readonly of: number;
  /** What is wrong as a mistake can make it wrong. */
  readonly lost: Lost;
  /** What costs by itself whatever the mistake: notes left out, one in another octave or place. */
  readonly apart: Lost;
};

/** The parts of an answer that is one thing: letter and sign, tonic and mode, degree and quality. */
export function onePart(correct: boolean, letterRight: boolean): Parts {
  const lost = correct ? NOTHING_LOST : { parts: 1, lettersRight: letterRight ? 1 : 0 };
  return { of: 1, lost, apart: NOTHING_LOST };
}

/** All wrong, as a blank is. */
export function allLost(of: number): Parts {
  return { of, lost: NOTHING_LOST, apart: { parts: of, lettersRight: 0 } };
}

/** The same with more that costs by itself. */
export function withApart(parts: Parts, more: Lost): Parts {
  const { apart } = parts;
  return {
    ...parts,
    apart: { parts: apart.parts + more.parts, lettersRight: apart.lettersRight + more.lettersRight },
  };
}

/**
 * The parts of a row laid beside what was asked: one for each thing asked. One too many costs one; one left out costs its
 * own, since no mistake has written it wrong.
 */
export function partsOfRow<Each>(
  wanted: readonly Each[],
  given: readonly Each[],
  aligned: readonly Aligned[],
  sameLetter: (one: Each, other: Each) => boolean,
): Parts {
  const wrong = aligned.filter(
    ({ want, got }) => want === null || got === null || wanted[want] !== given[got],
  );
  const left = wrong.filter(({ got }) => got === null).length;
  const letters = wrong.filter(
    ({ want, got }) => want !== null && got !== null && sameLetter(wanted[want] as Each, given[got] as Each),
  );
  return {
    of: Math.max(1, wanted.length),
    lost: { parts: wrong.length - left, lettersRight: letters.length },
    apart: { parts: left, lettersRight: 0 },
  };
}

export const isSameLetter = (one: SpelledNote, other: SpelledNote): boolean => one.letter === other.letter;
