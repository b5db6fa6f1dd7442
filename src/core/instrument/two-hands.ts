import { pitchClass, type SpelledNote } from '../note/spelled';
import { hasSevenSteps, type Scale } from '../scale/scale';
import { isBlackKey } from './keyboard';

/** A finger as pianists number them: 1 the thumb, 5 the little one. */
export type Finger = { readonly hand: 'left' | 'right'; readonly finger: 2 | 3 | 4 | 5 };

/** Two tetrachords under two hands: left 5 4 3 2, right 2 3 4 5, thumbs out (docs/theory.md, Two tetrachords). */
const TWO_HANDS: readonly Finger[] = [
  ...([5, 4, 3, 2] as const).map((finger): Finger => ({ hand: 'left', finger })),
  ...([2, 3, 4, 5] as const).map((finger): Finger => ({ hand: 'right', finger })),
];

/** The finger of each degree, 1 to 8, of a scale of seven steps; null where a scale has no two tetrachords. */
export function twoHands(scale: Pick<Scale, 'rising'>): readonly Finger[] | null {
  return hasSevenSteps(scale) ? TWO_HANDS : null;
}

/** One note of the left hand's tetrachord, and what the right hand had there in the position before. */
export type HandedOver = { readonly had: SpelledNote; readonly has: SpelledNote };

/**
 * What the left hand takes over where one goes from a scale to the same one a fifth higher: the upper tetrachord of the
 * right hand lies where the lower one of the left hand will, note by note. Null where either has no two tetrachords, or
 * the second is not a fifth higher.
 *
 * @example handedOver(scaleNamed(noteNamed('C'), 'major').scale, scaleNamed(noteNamed('G'), 'major').scale).every(({ had, has }) => had === has) // true
 */
export function handedOver(before: Scale, now: Scale): readonly HandedOver[] | null {
  if (!twoHands(before) || !twoHands(now) || before.ascending[4] !== now.tonic) return null;
  return [0, 1, 2, 3].map((at) => ({
    had: before.ascending[at + 4] as SpelledNote,
    has: now.ascending[at] as SpelledNote,
  }));
}

/** The notes of a scale that lie on black keys, each sound once, in rising order. */
export function onBlackKeys({ ascending }: Pick<Scale, 'ascending'>): readonly SpelledNote[] {
  const sounds = new Map(ascending.map((note) => [pitchClass(note), note]));
  return [...sounds].filter(([sound]) => isBlackKey(sound)).map(([, note]) => note);
}
