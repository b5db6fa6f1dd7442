import type { SpelledNote } from '../../note/spelled';
import { PATTERNS } from '../../scale/pattern';
import { accidentalsOf, signatureOf } from '../../scale/signature';
import { type DrillAsked, keysOf } from './asking';

/** A key of a level with the signs of its signature, in their order. */
export type CribRow = ReturnType<typeof keysOf>[number] & { readonly signs: readonly SpelledNote[] };

/** The signatures that occur in a level, key by key: those of each scale by their count, flats first. */
export function cribOf(level: DrillAsked): readonly CribRow[] {
  return keysOf(level).map((key) => ({
    ...key,
    signs: accidentalsOf(signatureOf(key.tonic, PATTERNS[key.scale].mode)),
  }));
}
