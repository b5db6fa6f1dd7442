import { PATTERNS } from '@/core/scale/pattern';
import type { ClassWords } from '@/core/words/class-words';
import { sayPlace, saySign } from '@/core/words/say-note';
import { keyNote } from '@/core/words/say-scale';
import { useWords } from '@/ui/school/use-class';
import { type Lit, litPlaces } from '@/ui/surfaces/lit';
import { MoonLegend } from '@/ui/surfaces/MoonLegend';
import type { DeriveView } from './view';

type Props = { readonly lit: Lit | null; readonly view: DeriveView };

/** Under the stride: what is pointed at, or what the moons mean and what is to be said of the key. */
export function Caption({ lit, view }: Props) {
  const w = useWords();
  return (
    <div className="flex min-h-8 items-center gap-x-5 text-small text-quiet">
      {lit === null && <MoonLegend />}
      <p>{captionText(w, lit, view)}</p>
    </div>
  );
}

function captionText(
  w: ClassWords,
  lit: Lit | null,
  { scale, written: { line, atClef } }: DeriveView,
): string | null {
  const mode = scale.id && PATTERNS[scale.id].mode;
  if (lit === null) return keyNote(w, scale);
  if (lit.kind === 'sign')
    return saySign(w, lit.sign, litPlaces(lit, line).size, atClef, mode === 'minor' ? 'minor' : 'major');
  return lit.place < line.length ? sayPlace(w, line, lit.place, mode) : null;
}
