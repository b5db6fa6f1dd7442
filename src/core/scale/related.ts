import { type SpelledNote, semitonesAbove } from '../note/spelled';
import { relativeMode } from './mode';
import { PATTERNS, type ScaleId, scaleOfMode, WHOLE_OF } from './pattern';
import { enharmonicTonic, type Scale } from './scale';
import { ownerOf, signatureOf } from './signature';

/** How two keys belong together. */
export const RELATIONS = ['relative', 'parallel', 'enharmonic', 'whole'] as const;

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
  const up = semitonesAbove(from, tonic);
  return { relation, tonic, scale, signature: signatureOf(tonic, PATTERNS[scale].mode), up };
}

/** The other pentachord on the same tonic. */
const PENTACHORDS: Partial<Readonly<Record<ScaleId, ScaleId>>> = {
  'major-pentachord': 'minor-pentachord',
  'minor-pentachord': 'major-pentachord',
};

/**
 * The relative, parallel and enharmonic keys of a scale, as far as they can be spelled. Relatives share a signature:
 * major and its natural minor, a mode and its parent major. Parallels share a tonic: major and natural minor, a mode
 * and major. Enharmonic equivalents sound alike. A tetrachord or a pentachord grows to the whole scale it begins.
 */
export function relatedKeys(scale: Scale): readonly RelatedKey[] {
  const { tonic, id } = scale;
  if (!id) return [];
  const { mode } = PATTERNS[id];
  const whole = WHOLE_OF[id];
  const twin = enharmonicTonic(scale);
  const sounding = twin ? [related('enharmonic', tonic, twin, id)] : [];
  if (id === 'chromatic') return sounding;
  if (whole) {
    const five = PENTACHORDS[id];
    const parallel = five ? [related('parallel', tonic, tonic, five)] : [];
    return [related('whole', tonic, tonic, whole), ...parallel, ...sounding];
  }
  const other: ScaleId = scaleOfMode(relativeMode(mode));
  const relative = ownerOf(signatureOf(tonic, mode), PATTERNS[other].mode);
  return [
    ...(relative ? [related('relative', tonic, relative, other)] : []),
    related('parallel', tonic, tonic, other),
    ...sounding,
  ];
}
