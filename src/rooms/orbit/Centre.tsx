import { relativeKey } from '@/core/harmony/key';
import { keyName } from '@/core/words/say-key';
import { orbitWords } from '@/core/words/screen/orbit';
import type { RingReading } from '@/engrave/ring';
import { useWords } from '@/ui/school/use-class';
import { keyOfSentence, type OrbitSentence } from '../address/orbit/orbit-sentence';

type Props = {
  readonly sentence: OrbitSentence;
  readonly reading: RingReading;
  /** A place that is pointed at, in words, or null. */
  readonly pointed: string | null;
  readonly onReading: (reading: RingReading) => void;
};

const READINGS: readonly RingReading[] = ['keys', 'chords', 'notes'];

/** The middle of the ring: what is in hand or pointed at, and which of the three readings stands. */
export function Centre({ sentence, reading, pointed, onReading }: Props) {
  const w = useWords();
  const say = orbitWords(w);
  const key = keyOfSentence(sentence);
  const relative = relativeKey(key);
  const named = sentence.kind === 'keys' || sentence.kind === 'chords';
  const about = sentence.kind === 'notes' ? w.note(sentence.note) : named ? keyName(w, key) : null;
  return (
    <>
      <p className="font-serif text-sentence leading-none font-bold wide:text-board" aria-hidden="true">
        {pointed ?? about}
      </p>
      {named && relative && (
        <p className="font-serif text-quiet">{pointed ? ' ' : say.relativeIs(keyName(w, relative))}</p>
      )}
      <div role="group" aria-label={say.readAs} className="mt-2 flex flex-wrap justify-center gap-1">
        {READINGS.map((each) => (
          <button
            key={each}
            type="button"
            className="control px-2.5"
            aria-pressed={each === reading}
            onClick={() => onReading(each)}
          >
            {say.readings[each]}
          </button>
        ))}
      </div>
    </>
  );
}
