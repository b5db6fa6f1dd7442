import { notesOfKey } from '@/core/identify/note-entry';
import { isBlackKey } from '@/core/instrument/keyboard';
import { pitchClass, type SpelledNote } from '@/core/note/spelled';
import { questionWords } from '@/core/words/screen/questions';
import { useWords } from '@/ui/school/use-class';

type Props = { readonly notes: readonly SpelledNote[]; readonly onKey: (key: number) => void };

const KEYS = Array.from({ length: 12 }, (_, key) => key);

/** Keyboard lanes of one octave, each key as wide as a half step; a press enters its note. */
export function PianoKeys({ notes, onKey }: Props) {
  const w = useWords();
  const say = questionWords(w).entry;
  return (
    <div role="group" aria-label={say.keyboard} className="grid max-h-56 min-h-24 grow grid-cols-12 gap-0.5">
      {KEYS.map((key) => {
        const name = notesOfKey(key).map(w.spokenNote).join(' / ');
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
