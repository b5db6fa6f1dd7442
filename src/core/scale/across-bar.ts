import { heightOf, type Pitch } from '../note/pitch';
import type { Alteration, Fifths } from '../note/spelled';
import type { Settings } from '../school/settings';
import { printedSigns } from './printed';
import { alteredLetters } from './signature';

/** A sign at a note; `courtesy` where it is only a reminder and stands in brackets. */
export type BarSign = { readonly sign: Alteration; readonly courtesy: boolean };

/**
 * The signs printed in a bar after another one. A bar line ends every accidental, so a note that is plain again
 * needs no sign; a class may ask for the cancelling one, allow it in brackets, or leave it out (docs/theory.md, Key
 * signatures).
 */
export function signsAfterBar(
  before: readonly Pitch[],
  bar: readonly Pitch[],
  atClef: Fifths | null,
  cancelling: Settings['cancelling'],
): readonly (BarSign | null)[] {
  const signature = alteredLetters(atClef ?? (0 as Fifths));
  const altered = new Set(
    before
      .filter(({ note }) => note.alteration !== (signature.get(note.letter)?.alteration ?? 0))
      .map(heightOf),
  );
  const seen = new Set<number>();
  const needed = printedSigns(bar, atClef);
  return bar.map((pitch, index): BarSign | null => {
    const sign = needed[index] ?? null;
    const first = !seen.has(heightOf(pitch));
    seen.add(heightOf(pitch));
    if (sign !== null) return { sign, courtesy: false };
    if (!first || !altered.has(heightOf(pitch)) || cancelling === 'not-written') return null;
    return { sign: pitch.note.alteration, courtesy: cancelling === 'optional' };
  });
}
