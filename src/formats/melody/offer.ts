import type { FileProblem } from '@/core/words/say-file';
import type { Refused } from '../format';
import type { ScalesReading } from '../offered';
import type { Melody } from './melody';
import { tuneOfMelody } from './to-tune';

const refused = (problem: FileProblem): Refused => ({ ok: false, problem });

/** A file that holds one line: the tune it is, or why it can be kept as none. */
export function offerOfMelody(melody: Melody, title: string): ScalesReading | Refused {
  const found = tuneOfMelody(melody);
  if (!found.ok) return refused({ code: 'no-tune', why: found.why });
  const { tune } = found;
  const name = tune.name || title;
  return {
    ok: true,
    kind: 'scales',
    title: name,
    ...{ scales: [], lines: [], tunes: [tune] },
    warnings: melody.fifths === null ? [{ code: 'key-unsaid' }] : [],
  };
}
