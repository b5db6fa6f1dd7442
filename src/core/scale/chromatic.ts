import { type SpelledNote, semitonesAbove, spelledOrNull } from '../note/spelled';

/** A note between two neighbours of a key that lie a whole step apart. */
type Between = { readonly from: SpelledNote; readonly to: SpelledNote; readonly falling: boolean };

/**
 * The note between two neighbours of a key: rising, the lower one raised; falling, the upper one lowered
 * (docs/theory.md, Scales). Null where it would need a third sign; `from` is the lower of the two.
 */
function chromaticBetween({ from, to, falling }: Between): SpelledNote | null {
  return falling
    ? spelledOrNull(to.letter, to.alteration - 1)
    : spelledOrNull(from.letter, from.alteration + 1);
}

/** Notes from the tonic up to its octave, or the letter and alteration that cannot be written. */
export type ChromaticReading =
  | { readonly ok: true; readonly notes: readonly SpelledNote[] }
  | { readonly ok: false; readonly degree: number; readonly alteration: number };

/**
 * All twelve half steps from a tonic to its octave, in rising order: the notes of its major key as they are spelled,
 * and between them what belongs to the way up or to the way down.
 *
 * @param key the major key, eight notes from tonic to tonic
 */
export function spellChromatic(key: readonly SpelledNote[], falling: boolean): ChromaticReading {
  const notes: SpelledNote[] = [];
  for (const [index, to] of key.entries()) {
    const from = key[index - 1];
    if (from && semitonesAbove(from, to) === 2) {
      const between = chromaticBetween({ from, to, falling });
      if (!between) {
        const alteration = falling ? to.alteration - 1 : from.alteration + 1;
        return { ok: false, degree: falling ? index + 1 : index, alteration };
      }
      notes.push(between);
    }
    notes.push(to);
  }
  return { ok: true, notes };
}
