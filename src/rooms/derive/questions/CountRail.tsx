import { useMemo } from 'react';
import type { DerivationStep } from '@/core/derive/derivation';
import { type Fifths, fifths } from '@/core/note/spelled';
import { lineOf } from '@/core/scale/line';
import { scaleNamed } from '@/core/scale/scale';
import { isPrintable, ownerOf } from '@/core/scale/signature';
import { deriveWords } from '@/core/words/screen/derive';
import { useWords } from '@/ui/school/use-class';
import { Rail } from '@/ui/surfaces/Rail';

type Props = {
  readonly count: Fifths;
  readonly onCount: (count: Fifths) => void;
  /** To the relative key; null where no key is asked. */
  readonly onRelative: (() => void) | null;
};

const NOTHING = () => {};

/** The window of a signature on the line of fifths; slid along, it asks for another one. */
export function CountRail({ count, onCount, onRelative }: Props) {
  const { surfaces } = deriveWords(useWords());
  const shown = useMemo(() => {
    const tonic = ownerOf(count, 'major');
    const reading = tonic && scaleNamed(tonic, 'major');
    if (!reading?.ok) return null;
    const line = lineOf(reading.scale, 'up', 4);
    const step: DerivationStep = {
      fact: { code: 'same-coming-down' },
      at: [],
      line: line.map(({ pitch }) => ({ note: pitch.note, stage: 'decided' })),
      signs: null,
      under: null,
    };
    return { scale: reading.scale, line, step };
  }, [count]);
  if (!shown) return null;
  return (
    <section aria-label={surfaces.rail} className="card px-2 py-1 sm:px-4">
      <Rail
        {...shown}
        lit={null}
        onSlide={(places) => {
          const next = fifths(count + places);
          if (isPrintable(next)) onCount(next);
        }}
        onRelative={onRelative}
        onRest={NOTHING}
      />
    </section>
  );
}
