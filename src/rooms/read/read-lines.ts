import type { Candidate } from '@/core/piece/key/evidence';
import { inOrder } from '@/core/piece/key/in-order';
import { verdictOf } from '@/core/piece/key/key-of-piece';
import type { Piece } from '@/core/piece/piece';
import { keysByEnds } from '@/core/piece/quick';
import { readingOf } from '@/core/piece/reading';
import type { ClassWords } from '@/core/words/class-words';
import { sayEvidence } from '@/core/words/say-evidence';
import { keyName } from '@/core/words/say-key';
import { sayAltered, sayPassage, sayVerdict } from '@/core/words/say-piece';
import { readWords } from '@/core/words/screen/read';
import type { ReadSentence } from '../address/read/read-address';

/** What is said of a piece, line by line: the signature, all keys it can be in, what speaks for each, the verdict. */
export function readLines(w: ClassWords, sentence: ReadSentence, piece: Piece | null): readonly string[] {
  const say = readWords(w);
  if (!piece) return keyLines(w, keysByEnds(sentence));
  const { altered, absent, keys, passages } = readingOf(piece);
  const number = (bar: number) => piece.parts[0]?.bars[bar]?.number ?? bar + 1;
  return [
    sayAltered(w, altered, absent),
    ...keyLines(w, keys),
    ...passages.map(
      (each) => `${say.passages.bars(number(each.from), number(each.to))}: ${sayPassage(w, each)}`,
    ),
  ];
}

/** Lines of evidence that a board or a sheet gives for the best key: the weightiest. */
const MOST_LINES = 6;

function keyLines(w: ClassWords, keys: readonly Candidate[]): readonly string[] {
  const [best] = keys;
  if (!best) return [];
  const names = inOrder(keys)
    .map(({ key }) => keyName(w, key))
    .join(', ');
  const weighty = best.evidence
    .toSorted((a, b) => Math.abs(b.weight) - Math.abs(a.weight))
    .slice(0, MOST_LINES);
  return [
    `${readWords(w).keys.candidates}: ${names}.`,
    ...weighty.map((line) => `${keyName(w, best.key)}: ${sayEvidence(w, best.key, line)}`),
    sayVerdict(w, verdictOf(keys)),
  ];
}
