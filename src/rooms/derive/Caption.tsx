import { sayPlace, saySign } from '@/core/words/say-note';
import { keyNote } from '@/core/words/say-scale';
import { type Lit, litPlaces } from '@/ui/surfaces/lit';
import { MoonLegend } from '@/ui/surfaces/MoonLegend';
import type { DeriveView } from './view';

type Props = { readonly lit: Lit | null; readonly view: DeriveView };

/** Under the stride: what is pointed at, or what the moons mean and what is to be said of the key. */
export function Caption({ lit, view }: Props) {
  return (
    <div className="flex min-h-8 items-center gap-x-5 text-small text-quiet">
      {lit === null && <MoonLegend />}
      <p>{captionText(lit, view)}</p>
    </div>
  );
}

function captionText(lit: Lit | null, { scale, written: { line } }: DeriveView): string | null {
  if (lit === null) return keyNote(scale);
  if (lit.kind === 'sign') return saySign(lit.sign, litPlaces(lit, line).size);
  return lit.place < line.length ? sayPlace(line, lit.place) : null;
}
