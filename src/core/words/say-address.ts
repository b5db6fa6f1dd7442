import type { MethodId } from '../derive/derivation';
import type { MethodProblem } from '../derive/method';
import { readEnglishNote } from '../note/parse';
import type { ClassWords } from './class-words';
import { sayWhyNot } from './say-method';
import { type Problem, sayProblem } from './say-problem';
import { lowerFirst } from './vocabulary';

/** A part of the address that could not be used as it stands. */
export type AddressProblem =
  | {
      readonly code: 'address-word';
      readonly parameter: string;
      readonly problem: Problem;
      readonly shown: string;
    }
  | { readonly code: 'address-method'; readonly problem: MethodProblem; readonly shown: MethodId }
  | { readonly code: 'address-beside'; readonly problem: MethodProblem }
  | { readonly code: 'address-unknown'; readonly parameter: string; readonly read: string }
  | { readonly code: 'address-twice'; readonly parameter: string }
  | { readonly code: 'address-step'; readonly read: string }
  /** More was written than is read; the first of them stand. */
  | {
      readonly code: 'address-more';
      readonly parameter: string;
      readonly count: number;
      readonly limit: number;
      readonly of: 'notes' | 'signs' | 'characters' | 'questions';
    }
  /** A part that could not be read beside one that could. */
  | { readonly code: 'address-left-out'; readonly parameter: string; readonly read: string }
  | { readonly code: 'address-too-long'; readonly length: number; readonly limit: number };

/** What stands instead of a note, in the names of a class; of anything else its code. */
function shownIn(w: ClassWords, shown: string): string {
  const reading = readEnglishNote(shown);
  return reading.ok ? w.note(reading.note) : shown;
}

/** Says in the words of a class why what was chosen on the screen is not shown, and what is instead. */
export function sayChosenProblem(w: ClassWords, found: AddressProblem): string {
  switch (found.code) {
    case 'address-word':
      return `${sayProblem(w, found.problem)} Shown instead: ${shownIn(w, found.shown)}.`;
    case 'address-method':
      return `${sayWhyNot(w, found.problem)} Shown instead: ${lowerFirst(w.method(found.shown))}.`;
    case 'address-beside':
      return `${sayWhyNot(w, found.problem)} Nothing is shown beside it.`;
    default:
      return sayAddressProblem(w, found);
  }
}

/** Says what was read in an address, what is wrong with it and what was done. Addresses are in English. */
export function sayAddressProblem(english: ClassWords, found: AddressProblem): string {
  switch (found.code) {
    case 'address-word':
      return `In the address, ${found.parameter}: ${sayProblem(english, found.problem)} Shown instead: ${found.shown}.`;
    case 'address-method':
      return `In the address, method: ${sayWhyNot(english, found.problem)} Shown instead: ${found.shown}.`;
    case 'address-beside':
      return `In the address, beside: ${sayWhyNot(english, found.problem)} Nothing is shown beside it.`;
    case 'address-unknown':
      return `The address holds '${found.parameter}', which is no part of this sentence. It was passed over.`;
    case 'address-twice':
      return `The address names ${found.parameter} more than once. The first was taken.`;
    case 'address-step':
      return `The address asks for step '${found.read}'. A step is a whole number from 1; all steps are shown.`;
    case 'address-more':
      return `In the address, ${found.parameter} has ${found.count} ${found.of}; at most ${found.limit} are read. The first ${found.limit} were taken.`;
    case 'address-left-out':
      return `In the address, ${found.parameter}: '${found.read}' cannot be read, or does not fit the answer. It was left out.`;
    case 'address-too-long':
      return `The address is ${found.length} characters long; at most ${found.limit} are read. The first example is shown.`;
  }
}
