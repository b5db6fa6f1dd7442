import { type Letter, letterAfter } from '../note/letter';
import { fifths, type SpelledNote, spelledOrNull } from '../note/spelled';
import { PATTERNS } from '../scale/pattern';
import { accidentalsOf } from '../scale/signature';
import { askedSignature, type ScaleQuestion } from './scale-question';

/** Semitones by which degrees are moved from where the signature has them, by degree 1 to 7. */
export type Moved = Readonly<Record<number, number>>;

/**
 * How a scale is worked out, stage by stage, so that a habit can alter one stage and let the later ones run: where it
 * begins, which signs its letters have, which degrees are moved going up and coming down.
 */
export type Working = {
  readonly start: SpelledNote;
  /** The sign of each letter that has one, in semitones. */
  readonly signs: ReadonlyMap<Letter, number>;
  /** Whether the first and the last note keep the sign of their name, whatever the signs say. */
  readonly tonicKept: boolean;
  readonly up: Moved;
  readonly down: Moved;
};

/** The signs of a signature as a working has them; none past what two signs can write. */
export function signsOf(count: number): ReadonlyMap<Letter, number> | null {
  if (count < -14 || count > 13) return null;
  return new Map(accidentalsOf(fifths(count)).map(({ letter, alteration }) => [letter, alteration]));
}

/** The right working of a question. */
export function rightWorking(question: ScaleQuestion): Working {
  const { raised, falling, rising } = PATTERNS[question.scale];
  const up: Moved = Object.fromEntries(raised.map((degree) => [degree, 1]));
  return {
    start: question.tonic,
    signs: signsOf(askedSignature(question)) ?? new Map(),
    tonicKept: false,
    up,
    // Melodic minor alone comes down on other notes.
    down: falling === rising || question.melodicDown === 'as-it-rose' ? up : {},
  };
}

/** The notes one way, rising; null where one would need a third sign. */
function oneWay({ start, signs, tonicKept }: Working, moved: Moved): readonly SpelledNote[] | null {
  const notes = Array.from({ length: 8 }, (_, at) => {
    const home = at % 7 === 0;
    if (home && tonicKept) return start;
    const letter = letterAfter(start.letter, at);
    return spelledOrNull(letter, (signs.get(letter) ?? 0) + (moved[(at % 7) + 1] ?? 0));
  });
  return notes.includes(null) ? null : (notes as readonly SpelledNote[]);
}

/** What a working writes in the direction that was asked, or null where it cannot be written with two signs. */
export function written(
  working: Working,
  direction: ScaleQuestion['direction'],
): readonly SpelledNote[] | null {
  const up = oneWay(working, working.up);
  const down = oneWay(working, working.down)?.toReversed();
  if (!up || !down) return null;
  if (direction === 'up') return up;
  return direction === 'down' ? down : [...up, ...down.slice(1)];
}
