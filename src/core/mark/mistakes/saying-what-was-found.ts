import type { Program } from '../machine/answer-operation';
import { changing } from './altering';

/** The program in which the mode that was found is named, and not the one that was asked. */
export function sayingWhatWasFound(program: Program): readonly Program[] {
  const found = changing(program, 'say-key', (say) => (say.scale === null ? say : { ...say, scale: null }));
  return found.length > 0 ? found : [program];
}
