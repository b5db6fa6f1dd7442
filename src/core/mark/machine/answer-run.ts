import { Run } from '../../derive/machine/run';
import type { Pitch } from '../../note/pitch';
import type { SpelledNote } from '../../note/spelled';
import type { ScaleId } from '../../scale/pattern';
import type { Written } from './written';

/** A program that answers a question, while it runs. */
export class AnswerRun extends Run {
  /** The key in hand, by tonic and scale. */
  key: { readonly tonic: SpelledNote; readonly scale: ScaleId } | null = null;
  /** The notes of a chord from its root, and the degree it stands on. */
  chord: { readonly notes: readonly SpelledNote[]; readonly degree: number } | null = null;
  pitch: Pitch | null = null;
  named: number[] = [];
  written: Written | null = null;

  /** The key in hand; without one the program leads nowhere. */
  get keyInHand(): { readonly tonic: SpelledNote; readonly scale: ScaleId } {
    if (this.key) return this.key;
    throw new RangeError('a key is named once it was found');
  }
}
