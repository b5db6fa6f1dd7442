import { isBlackKey } from '@/core/instrument/keyboard';
import { LETTERS, SEMITONES_ABOVE_C } from '@/core/note/letter';
import { pitchClass, type SpelledNote, spelled } from '@/core/note/spelled';
import type { ClassWords } from '@/core/words/class-words';
import { questionWords } from '@/core/words/screen/questions';
import { useWords } from '@/ui/school/use-class';

type Props = { readonly notes: readonly SpelledNote[]; readonly onKey: (key: number) => void };

const KEYS = Array.from({ length: 12 }, (_, key) => key);

/** What a key is called by whoever hears it: a letter, or both names of a black key. */
function nameOf(w: ClassWords, key: number): string {
  const plain = LETTERS.find((letter) => SEMITONES_ABOVE_C[letter] === key);
  if (plain) return w.spokenNote(spelled(plain, 0));
  const names = ([1, -1] as const).flatMap((sign) => {
    const letter = LETTERS.find((each) => SEMITONES_ABOVE_C[each] + sign === key);
    return letter ? [w.spokenNote(spelled(letter, sign))] : [];
  });
  return names.join(' / ');
}

/** Keyboard lanes of one octave, each key as wide as a half step; a press enters its note. */
export function PianoKeys({ notes, onKey }: Props) {
  const w = useWords();
  const say = questionWords(w).entry;
  return (
    <div role="group" aria-label={say.keyboard} className="grid max-h-56 min-h-24 grow grid-cols-12 gap-0.5">
      {KEYS.map((key) => {
        const name = nameOf(w, key);
        const here = notes.filter((note) => pitchClass(note) === key);
        return (
          <button
            key={key}
            type="button"
            aria-label={name}
            title={name}
            className="piano-key"
            data-black={isBlackKey(key) ? '' : undefined}
            onClick={() => onKey(key)}
          >
            {[...new Set(here)].map(w.note).join(' ')}
          </button>
        );
      })}
    </div>
  );
}
