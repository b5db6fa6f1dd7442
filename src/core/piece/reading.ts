import type { Fifths, SpelledNote } from '../note/spelled';
import { type Altered, alteredIn, type Counted } from './altered';
import type { Candidate } from './key/evidence';
import { keysOfPiece, type Verdict, verdictOf } from './key/key-of-piece';
import { type Passage, passagesIn } from './key/passages';
import type { Piece } from './piece';
import { type ScopedTone, scopedTones } from './scoped';
import { soundingPiece } from './sounding';

/** A part as it was read. */
export type PartReading = {
  readonly tones: readonly ScopedTone[];
  readonly altered: Altered;
  /** Its signatures, each where it begins: the bar from 0. */
  readonly signatures: readonly { readonly bar: number; readonly fifths: Fifths }[];
};

/** What is found in a piece. */
export type Reading = {
  readonly parts: readonly PartReading[];
  /** What its signatures alter, in all parts together, and what of them never occurs. */
  readonly altered: readonly Counted[];
  readonly absent: readonly SpelledNote[];
  readonly keys: readonly Candidate[];
  readonly verdict: Verdict;
  readonly passages: readonly Passage[];
};

/** Reads a piece: what each note sounds as and why, what the signature does, which keys it can be in, where it goes. */
export function readingOf(piece: Piece): Reading {
  const parts = piece.parts.map((part): PartReading => {
    const tones = scopedTones(part);
    return {
      tones,
      altered: alteredIn(part, tones),
      signatures: part.bars.flatMap(({ fifths }, bar) => (fifths === null ? [] : [{ bar, fifths }])),
    };
  });
  const heard = soundingPiece(piece);
  const keys = keysOfPiece(piece, heard);
  const verdict = verdictOf(keys);
  const [best] = keys;
  return { parts, ...together(parts), keys, verdict, passages: best ? passagesIn(heard, best.key) : [] };
}

function together(parts: readonly PartReading[]): Pick<Reading, 'altered' | 'absent'> {
  const counts = new Map<SpelledNote, number>();
  for (const { altered } of parts)
    for (const { note, count } of altered.bySignature) counts.set(note, (counts.get(note) ?? 0) + count);
  const absent = new Set(parts.flatMap(({ altered }) => altered.absent));
  return {
    altered: [...counts].map(([note, count]) => ({ note, count })),
    absent: [...absent].filter((note) => !counts.has(note)),
  };
}
