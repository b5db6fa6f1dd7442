import type { KeyOwner } from '@/core/identify/key-of-signature';
import type { ScaleName } from '@/core/identify/scale-name';
import { scaleOfMode } from '@/core/scale/pattern';
import { sayBecause } from '@/core/words/say-decision';
import { modeKey } from '@/core/words/say-signature';
import { questionWords } from '@/core/words/screen/questions';
import { type DeriveSentence, FIRST_SENTENCE } from '@/rooms/address/derive/derive-sentence';
import { useWords } from '@/ui/school/use-class';
import { SentenceLink } from '../sentence/SentenceLink';

type OwnerProps = {
  readonly owners: readonly KeyOwner[];
  readonly onSay: (sentence: DeriveSentence) => void;
};

function sentenceOf({ tonic, scale }: Pick<ScaleName, 'tonic' | 'scale'>): DeriveSentence {
  return { ...FIRST_SENTENCE, tonic, scale, clef: 'treble', step: null };
}

/** The keys that own a signature, each a click away from its scale. */
export function Owners({ owners, onSay }: OwnerProps) {
  const w = useWords();
  const say = questionWords(w);
  if (owners.length === 0) return null;
  return (
    <section aria-label={say.answer} className="border-t border-rule pt-3">
      <h2 className="text-small text-quiet">{say.answer}</h2>
      <ul className="flex flex-wrap gap-x-4 gap-y-1 font-serif text-large">
        {owners.map(({ tonic, mode }) => {
          const scale = scaleOfMode(mode);
          return (
            <li key={mode}>
              <SentenceLink sentence={sentenceOf({ tonic, scale })} onSay={onSay}>
                {modeKey(w, tonic, mode)}
              </SentenceLink>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

type NameProps = {
  readonly names: readonly ScaleName[];
  /** Whether there are notes enough to be named. */
  readonly enough: boolean;
  readonly onSay: (sentence: DeriveSentence) => void;
};

/** The names that fit some notes, best first, with the reason of each. */
export function Names({ names, enough, onSay }: NameProps) {
  const w = useWords();
  const say = questionWords(w);
  return (
    <section aria-label={say.names} className="border-t border-rule pt-3">
      <h2 className="text-small text-quiet">{say.names}</h2>
      {names.length === 0 && <p>{enough ? say.noNames : say.few}</p>}
      <ol className="max-h-56 overflow-y-auto">
        {names.map((name) => (
          <li key={`${name.scale}-${w.note(name.tonic)}`} className="flex flex-wrap items-baseline gap-x-3">
            <SentenceLink className="font-serif text-large" sentence={sentenceOf(name)} onSay={onSay}>
              {w.scale(name.tonic, name.scale)}
            </SentenceLink>
            <span className="text-small text-quiet">{sayBecause(w, name)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
