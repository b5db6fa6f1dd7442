import { PATTERNS } from '@/core/scale/pattern';
import { relatedKeys } from '@/core/scale/related';
import type { ClassWords } from '@/core/words/class-words';
import { sayPlace, saySign } from '@/core/words/say-note';
import { sayRelated } from '@/core/words/say-related';
import { theoreticalNote } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import { useWords } from '@/ui/school/use-class';
import { type Lit, litPlaces } from '@/ui/surfaces/lit';
import { MoonLegend } from '@/ui/surfaces/MoonLegend';
import { SentenceLink } from './SentenceLink';
import type { DeriveSentence } from './sentence';
import { fitting } from './sentence';
import type { DeriveView } from './view';

type Props = {
  readonly lit: Lit | null;
  readonly view: DeriveView;
  readonly sentence: DeriveSentence;
  readonly onSay: (sentence: DeriveSentence) => void;
};

/** Under the stride: what is pointed at, or what the moons mean and which keys belong to this one. */
export function Caption({ lit, view, sentence, onSay }: Props) {
  const w = useWords();
  const { scale } = view;
  if (lit !== null)
    return <p className="flex min-h-8 items-center text-small text-quiet">{captionText(w, lit, view)}</p>;
  return (
    <div className="flex min-h-8 flex-wrap items-center gap-x-5 gap-y-0.5 text-small text-quiet">
      <MoonLegend steps={[2, 1, 3, 4].filter((step) => scale.rising.includes(step)).join(' ')} />
      <ul aria-label={deriveWords(w).surfaces.related} className="flex flex-wrap gap-x-4">
        {relatedKeys(scale).map((related) => {
          const { name, key, why } = sayRelated(w, scale, related);
          const next = fitting({ ...sentence, tonic: related.tonic, scale: related.scale, step: null });
          return (
            <li key={related.relation}>
              {name}{' '}
              <SentenceLink sentence={next} onSay={onSay} title={why} aria-label={`${name}: ${why}`}>
                {key}
              </SentenceLink>
            </li>
          );
        })}
      </ul>
      <p>{theoreticalNote(w, scale)}</p>
    </div>
  );
}

function captionText(
  w: ClassWords,
  lit: Lit,
  { scale, written: { line, atClef } }: DeriveView,
): string | null {
  const mode = scale.id && PATTERNS[scale.id].mode;
  if (lit.kind === 'sign')
    return saySign(w, lit.sign, litPlaces(lit, line).size, atClef, mode === 'minor' ? 'minor' : 'major');
  return lit.place < line.length ? sayPlace(w, line, lit.place, mode) : null;
}
