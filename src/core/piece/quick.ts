import { keyAt, signatureOfKey } from '../harmony/key';
import type { Fifths, SpelledNote } from '../note/spelled';
import { MODES } from '../scale/mode';
import { accidentalsOf } from '../scale/signature';
import type { Candidate, Evidence } from './key/evidence';
import { ranked } from './key/key-of-piece';
import { endEvidence, signatureEvidence } from './key/weigh';

/** What somebody read off a printed piece: its signature, and its first and last note where they looked. */
export type PieceEnds = {
  readonly fifths: Fifths;
  readonly first: SpelledNote | null;
  readonly last: SpelledNote | null;
};

/** As many notes as the ends of a piece are worth: enough to lean one way, never enough to be plain. */
const WORTH = 24;

/** The keys a piece could be in by its signature and its ends alone: every owner of the signature, best first. */
export function keysByEnds({ fifths, first, last }: PieceEnds): readonly Candidate[] {
  const setting = { count: fifths, says: null, number: () => 0 };
  const candidates = MODES.flatMap((mode): readonly Candidate[] => {
    const key = keyAt(fifths, mode);
    if (!key || signatureOfKey(key) !== fifths) return [];
    const evidence: readonly Evidence[] = [
      ...signatureEvidence(key, setting).map((line) => ({ ...line, bars: [] })),
      ...(last ? [endEvidence(key, 'last-note', last, [])] : []),
      ...(first ? [endEvidence(key, 'first-note', first, [])] : []),
    ];
    const weight = evidence.reduce((sum, each) => sum + each.weight, 0);
    return [{ key, owns: true, evidence, weight, sure: 0 }];
  });
  return ranked(candidates, WORTH);
}

/** The notes a signature alters, in its order: what is counted on the page. */
export const signsOf = (fifths: Fifths): readonly SpelledNote[] => accidentalsOf(fifths);
