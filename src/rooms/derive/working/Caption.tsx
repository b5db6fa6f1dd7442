import { Columns2 } from 'lucide-react';
import { memo } from 'react';
import { PATTERNS } from '@/core/scale/pattern';
import { relatedKeys } from '@/core/scale/related';
import type { ClassWords } from '@/core/words/class-words';
import { gapNames, sayPlace, saySign } from '@/core/words/say-note';
import { sayRelated } from '@/core/words/say-related';
import { sayRespelled } from '@/core/words/say-respelled';
import { theoreticalNote } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import { type Beside, type DeriveSentence, fitting } from '@/rooms/address/derive/derive-sentence';
import { useWords } from '@/ui/school/use-class';
import type { Lit } from '@/ui/surfaces/lit';
import { legendGaps, MoonLegend } from '@/ui/surfaces/MoonLegend';
import { SentenceLink } from '../sentence/SentenceLink';
import type { DeriveView } from './view';

type Props = {
  readonly lit: Lit | null;
  readonly view: DeriveView;
  readonly sentence: DeriveSentence;
  readonly onSay: (sentence: DeriveSentence) => void;
  /** A key that belongs to this one is to stand beside it. */
  readonly onBeside: (beside: Beside) => void;
};

/** Room for two lines, so that a longer one does not take from the stride, which would be drawn again. */
const PLACE = 'min-h-8 shrink-0 text-small text-quiet room:min-h-14';

/** Under the stride: what is pointed at, or what the moons mean and which keys belong to this one. */
export const Caption = memo(function Caption({ lit, view, sentence, onSay, onBeside }: Props) {
  const w = useWords();
  const { scale } = view;
  const { compare, surfaces } = deriveWords(w);
  if (lit !== null) return <p className={`${PLACE} flex items-center`}>{captionText(w, lit, view)}</p>;
  return (
    <div className={`${PLACE} flex flex-wrap content-center items-center gap-x-5 gap-y-0.5`}>
      <MoonLegend gaps={legendGaps(gapNames(w, view.written.line))} />
      <ul aria-label={surfaces.related} className="flex flex-wrap gap-x-4">
        {relatedKeys(scale).map((related) => {
          const { name, key, why } = sayRelated(w, scale, related);
          const next = fitting({ ...sentence, tonic: related.tonic, scale: related.scale, step: null });
          return (
            <li key={related.relation} className="flex items-center gap-1">
              {name}{' '}
              <SentenceLink sentence={next} onSay={onSay} title={why} aria-label={`${name}: ${why}`}>
                {key}
              </SentenceLink>
              <button
                type="button"
                className="beside-button"
                aria-label={compare.with(key)}
                title={compare.with(key)}
                onClick={() => onBeside({ kind: 'scale', tonic: related.tonic, scale: related.scale })}
              >
                <Columns2 aria-hidden="true" className="size-4" />
              </button>
            </li>
          );
        })}
      </ul>
      <p>{theoreticalNote(w, scale)}</p>
    </div>
  );
});

function captionText(
  w: ClassWords,
  lit: Lit,
  { scale, written: { line, atClef } }: DeriveView,
): string | null {
  const mode = scale.id && PATTERNS[scale.id].mode;
  if (lit.kind === 'sign') return saySign(w, lit.sign, line, atClef, mode === 'minor' ? 'minor' : 'major');
  const placed = line[lit.place];
  if (!placed) return null;
  return [sayPlace(w, line, lit.place, mode, false), sayRespelled(w, scale, placed.pitch.note)]
    .filter(Boolean)
    .join(' ');
}
