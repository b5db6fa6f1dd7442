import type { Clef } from '../../instrument/staff';
import type { Program } from '../machine/answer-operation';
import type { Written } from '../machine/written';
import type { Scope } from '../mistakes/mistake';

/** A question as mistakes see it: the programs by which it is answered, and what they rightly write. */
export type Task = {
  readonly scope: Scope;
  /** The clef that was shown, where there was one. */
  readonly clef: Clef | null;
  readonly programs: readonly Program[];
  readonly right: Written;
};
