import { letterAfter } from '../../note/letter';
import type { SpelledNote } from '../../note/spelled';
import { spelledOrNull } from '../../note/spelled';
import { PATTERNS } from '../../scale/pattern';
import type { Procedure } from '../procedure';
import type { PartOfScale } from './from-workings';

/**
 * Put the raised 7th into the signature of a minor key, or the raised 6th and 7th: added to its signs, or in place of
 * the flat that raising takes away. G sharp as A minor's signature.
 */
export const raisedInSignature: Procedure<PartOfScale, readonly SpelledNote[]> = {
  id: 'raised-in-signature',
  rank: 2,
  second: true,
  makes: ({ tonic, scale }, before) => {
    if (PATTERNS[scale].mode !== 'minor') return [];
    return [[7], [6, 7]].flatMap((degrees): readonly (readonly SpelledNote[])[] => {
      let signs: readonly SpelledNote[] = before;
      for (const degree of degrees) {
        const letter = letterAfter(tonic.letter, degree - 1);
        const there = signs.find((sign) => sign.letter === letter);
        const raised = spelledOrNull(letter, (there?.alteration ?? 0) + 1);
        if (!raised) return [];
        const rest = signs.filter((sign) => sign !== there);
        signs = raised.alteration === 0 ? rest : [...rest, raised];
      }
      return [signs];
    });
  },
};
