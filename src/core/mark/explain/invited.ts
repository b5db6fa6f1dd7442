import type { Settings } from '../../school/settings';
import type { MistakeId } from '../mistakes/all';

/** Mistakes that a class's own way of working invites, which settle a real tie that nothing else does. */
export function invitedMistakes({
  minorSignature,
  modesWritten,
}: Partial<Pick<Settings, 'minorSignature' | 'modesWritten'>>): readonly MistakeId[] {
  return [
    // Who comes to minor from the major on its tonic stops half way, or lowers twice.
    ...(minorSignature === 'parallel-less-three' ? (['parallel-signature', 'altered-twice'] as const) : []),
    ...(modesWritten === 'tonic' ? (['own-major-signature'] as const) : []),
  ];
}
