import type { Mode } from '../../scale/mode';
import type { Candidate } from './evidence';

/** The order in which keys of one signature are thought of: major, its relative minor, the other modes. */
const ORDER: readonly Mode[] = ['major', 'minor', 'dorian', 'phrygian', 'lydian', 'mixolydian', 'locrian'];

/** Candidates before anything was weighed: owners of the signature by their mode, others after them. */
export function inOrder(keys: readonly Candidate[]): readonly Candidate[] {
  const at = ({ owns, key }: Candidate) => (owns ? 0 : ORDER.length) + ORDER.indexOf(key.mode);
  return keys.toSorted((a, b) => at(a) - at(b));
}
