import { sayProblem } from '@/core/words/say-problem';
import type { AddressProblem } from './address';

/** Says what was read in an address, what is wrong with it and what was done. */
export function sayAddressProblem(found: AddressProblem): string {
  switch (found.code) {
    case 'address-word':
      return `In the address, ${found.parameter}: ${sayProblem(found.problem)} Shown instead: ${found.shown}.`;
    case 'address-unknown':
      return `The address holds '${found.parameter}', which is no part of this sentence. It was passed over.`;
    case 'address-twice':
      return `The address names ${found.parameter} more than once. The first was taken.`;
    case 'address-step':
      return `The address asks for step '${found.read}'. A step is a whole number from 1; all steps are shown.`;
    case 'address-too-long':
      return `The address is ${found.length} characters long; at most ${found.limit} are read. The first example is shown.`;
  }
}
