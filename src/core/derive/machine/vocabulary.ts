import * as borrowing from './borrowing-operations';
import * as chromatic from './chromatic-operations';
import * as line from './line-operations';
import type { ScaleOperation } from './operation';
import type { Vocabulary } from './run';
import * as signature from './signature-operations';
import * as tetrachord from './tetrachord-operations';

/** How each operation on a scale is done. */
export const SCALE_OPERATIONS: Vocabulary<ScaleOperation> = {
  start: line.start,
  letters: line.letters,
  walk: line.walk,
  mirror: line.mirror,
  'natural-form': line.naturalForm,
  'give-back': line.giveBack,
  raise: line.raise,
  tetrachords: tetrachord.tetrachords,
  mend: tetrachord.mend,
  stands: tetrachord.stands,
  join: tetrachord.join,
  'to-relative': signature.toRelative,
  'to-parent': signature.toParent,
  'count-places': signature.countPlaces,
  flatter: signature.flatter,
  'take-signs': signature.takeSigns,
  'put-signs': signature.putSigns,
  'parallel-major': borrowing.parallelMajor,
  alter: borrowing.alter,
  'shift-signature': borrowing.shiftSignature,
  'under-tonic': borrowing.underTonic,
  'written-under': borrowing.writtenUnder,
  'two-octaves': borrowing.twoOctaves,
  'start-on': borrowing.startOn,
  'parent-signature': borrowing.parentSignature,
  'chain-start': borrowing.chainStart,
  chain: borrowing.chain,
  window: borrowing.window,
  'in-order-of-letters': borrowing.inOrderOfLetters,
  'key-notes': chromatic.keyNotes,
  divide: chromatic.divide,
};
