import type { HandView, MoveFact } from '../derive/by-hand/view';
import type { ClassWords } from './class-words';
import { partName, type SaidStep, sizes, stepFound } from './say-method';
import { ordinal } from './vocabulary';

/** What comes of a note that was moved by hand: whether it fits, and why it does not. */
export function sayMove(w: ClassWords, { before, move, is, wanted, part, verdict }: MoveFact): SaidStep {
  const way = move.to.alteration > move.from.alteration ? 'Raise' : 'Lower';
  const text = `${way} ${w.note(move.from)} to ${w.note(move.to)}: ${w.note(before)} to ${w.note(move.to)} is ${stepFound(w, is)}.`;
  const wants = `${partName(part)} wants ${w.aStep(wanted)}`;
  if (verdict === 'fits') return { text, reason: `It fits: ${wants}.` };
  if (verdict === 'nearer') return { text, reason: `Nearer, but ${wants}: once more.` };
  // The join is no part of a tetrachord, whose own steps may be right beside it.
  if (part === 'join' && is !== wanted) return { text, reason: `It does not fit: ${wants}.` };
  const fitting = move.sizes.every((size, at) => size === move.wanted[at]);
  const reason = fitting
    ? 'Not yet: a step before it has to be mended first.'
    : `It does not fit: ${w.noteList(move.run)} is ${sizes(w, move.sizes)}, not ${sizes(w, move.wanted)}.`;
  return { text, reason };
}

/** The steps as they stand beside those that are wanted, and where the first of them is wrong. */
export function sayHand(w: ClassWords, { sizes: is, wanted, wrong }: HandView): SaidStep {
  const text = `Now: ${sizes(w, is)}. Wanted: ${sizes(w, wanted)}.`;
  const [first] = wrong;
  if (first === undefined) return { text, reason: 'Every step is as it should be.' };
  return { text, reason: `The first step that does not fit leads to the ${ordinal(first)} note.` };
}
