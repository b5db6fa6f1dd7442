import type { HandView, MoveFact } from '../derive/by-hand/view';
import type { ClassWords } from './class-words';
import type { SaidStep } from './say-method';
import { ordinal } from './vocabulary';

const PARTS = { lower: 'the lower tetrachord', join: 'the join', upper: 'the upper tetrachord' } as const;

/** What stands between two notes, where they may have met or crossed. */
const stepOrNone = (w: ClassWords, size: number) => (size <= 0 ? 'no step at all' : w.aStep(size));

/** Steps as they stand under the moons; what is no step at all is 0. */
const stepsText = (w: ClassWords, steps: readonly number[]) =>
  steps.map((step) => (step > 0 ? w.stepLetters(step) || String(step) : '0')).join(' ');

/** What comes of a note that was moved by hand: whether it fits, and why it does not. */
export function sayMove(w: ClassWords, { before, move, is, wanted, part, verdict }: MoveFact): SaidStep {
  const way = move.to.alteration > move.from.alteration ? 'Raise' : 'Lower';
  const text = `${way} ${w.note(move.from)} to ${w.note(move.to)}: ${w.note(before)} to ${w.note(move.to)} is ${stepOrNone(w, is)}.`;
  const wants = `${PARTS[part]} wants ${w.aStep(wanted)}`;
  if (verdict === 'fits') return { text, reason: `It fits: ${wants}.` };
  if (verdict === 'nearer') return { text, reason: `Nearer, but ${wants}: once more.` };
  const fitting = move.sizes.every((size, at) => size === move.wanted[at]);
  const reason = fitting
    ? 'It does not do: a step before it has to be mended first.'
    : `It does not do: ${w.noteList(move.run)} is ${stepsText(w, move.sizes)}, not ${stepsText(w, move.wanted)}.`;
  return { text, reason };
}

/** The steps as they stand beside those that are wanted, and where the first of them is wrong. */
export function sayHand(w: ClassWords, { sizes, wanted, wrong }: HandView): SaidStep {
  const text = `${stepsText(w, sizes)} stands; ${stepsText(w, wanted)} is wanted.`;
  const [first] = wrong;
  if (first === undefined) return { text, reason: 'Every step is as it should be.' };
  return { text, reason: `The first step that does not fit leads to the ${ordinal(first)} note.` };
}
