import { spellingsOfPianoKey } from '@/core/identify/note-entry';
import { isBlackKey } from '@/core/instrument/keyboard';
import { markWords } from '@/core/words/screen/mark';
import { useWords } from '../school/use-class';

type Props = {
  /** MIDI number of the C it begins on. */
  readonly from: number;
  readonly onKey: (midi: number) => void;
};

const OCTAVES = 2;

/** Two octaves of a keyboard to press notes on. */
export function KeyStrip({ from, onKey }: Props) {
  const w = useWords();
  const say = markWords(w).entry;
  const keys = Array.from({ length: 12 * OCTAVES + 1 }, (_, at) => from + at);
  const white = keys.filter((midi) => !isBlackKey(midi));
  const name = (midi: number) =>
    say.key(
      `${spellingsOfPianoKey(midi % 12)
        .map(w.spokenNote)
        .join(' / ')} ${Math.floor(midi / 12) - 1}`,
    );
  const width = 100 / white.length;
  const blackLeft = (midi: number) => white.indexOf(midi - 1) * width + width * 0.68;
  return (
    <div role="group" aria-label={say.keyboard} className="relative h-24 min-w-96">
      <div className="flex h-full">
        {white.map((midi) => (
          <button
            key={midi}
            type="button"
            aria-label={name(midi)}
            className="h-full grow basis-0 rounded-b-control border border-ink "
            style={{ backgroundColor: 'var(--key-white)' }}
            onClick={() => onKey(midi)}
          />
        ))}
      </div>
      {keys.filter(isBlackKey).map((midi) => (
        <button
          key={midi}
          type="button"
          aria-label={name(midi)}
          className="absolute top-0 h-14 rounded-b-[4px] border border-ink"
          style={{
            left: `${blackLeft(midi)}%`,
            width: `${width * 0.64}%`,
            backgroundColor: 'var(--key-black)',
          }}
          onClick={() => onKey(midi)}
        />
      ))}
    </div>
  );
}
