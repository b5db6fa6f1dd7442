import { pitchClass, type SpelledNote } from '../note/spelled';
import { PATTERNS, type ScaleId } from './pattern';
import { enharmonicTonic, type Scale } from './scale';
import { ownerOf, signatureOf } from './signature';

/** How two keys belong together. */
export const RELATIONS = ['relative', 'parallel', 'enharmonic'] as const;

export type Relation = (typeof RELATIONS)[number];

/** A key that belongs to another one. */
export type RelatedKey = {
  readonly relation: Relation;
  readonly tonic: SpelledNote;
  readonly scale: ScaleId;
  /** Fifths of its signature, counted on past seven. */
  readonly signature: number;
  /** Semitones from the tonic up to its tonic, 0 to 11. */
  readonly up: number;
};

function related(relation: Relation, from: SpelledNote, tonic: SpelledNote, scale: ScaleId): RelatedKey {
  const up = (pitchClass(tonic) - pitchClass(from) + 12) % 12;
  return { relation, tonic, scale, signature: signatureOf(tonic, PATTERNS[scale].mode), up };
}

/**
 * The relative, parallel and enharmonic keys of a scale, as far as they can be spelled. Relatives share a signature:
 * major and its natural minor, a mode and its parent major. Parallels share a tonic: major and natural minor, a mode
 * and major. Enharmonic equivalents sound alike.
 */
export function relatedKeys(scale: Scale): readonly RelatedKey[] {
  const { tonic, id } = scale;
  if (!id) return [];
  const { mode } = PATTERNS[id];
  const other: ScaleId = mode === 'major' ? 'natural-minor' : 'major';
  const relative = ownerOf(signatureOf(tonic, mode), PATTERNS[other].mode);
  const twin = enharmonicTonic(scale);
  return [
    ...(relative ? [related('relative', tonic, relative, other)] : []),
    related('parallel', tonic, tonic, other),
    ...(twin ? [related('enharmonic', tonic, twin, id)] : []),
  ];
}
