import type { Program } from '../machine/answer-operation';
import { changing } from './altering';

/** The program in which the tonic keeps the sign of its name, whatever signs are put. */
export function keepingTonic(program: Program): readonly Program[] {
  const kept = changing(program, 'put-signs', (put) => ({ ...put, tonic: 'kept' }));
  return kept.length > 0 ? kept : [program];
}
