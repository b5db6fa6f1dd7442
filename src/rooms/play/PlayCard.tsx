import { Eye, EyeOff, Play, Square } from 'lucide-react';
import type { Part } from '@/core/play/part';
import { isVoice } from '@/core/play/player';
import { playWords } from '@/core/words/screen/play';
import { Hint } from '@/ui/Hint';
import { useWords } from '@/ui/school/use-class';
import type { Heard } from '@/ui/sound/use-sound';
import type { PlaySentence } from '../address/play/play-address';

type Props = {
  readonly sentence: PlaySentence;
  readonly part: Part | null;
  readonly heard: Heard;
  readonly lines: readonly string[];
  readonly hidden: boolean;
  /** Null where there is nothing to be played. */
  readonly onToggle: (() => void) | null;
  readonly onFaster: (way: 1 | -1) => void;
  readonly onHide: () => void;
};

/** Playing: start and stop, whose turn it is, faster and slower, and what is worth knowing. */
export function PlayCard({ sentence, part, heard, lines, hidden, onToggle, onFaster, onHide }: Props) {
  const w = useWords();
  const say = playWords(w);
  const sounds = heard.is !== 'silent';
  const placed = heard.note === null ? undefined : part?.notes[heard.note];
  const now = placed && !hidden ? say.now(w.note(placed.pitch.note)) : '';
  const { cue } = heard;
  // Straight through there is nobody to be told that it is their turn.
  const told = cue && part && sentence.way !== 'through' ? say.cue(cue, part) : null;
  const status = heard.is === 'coming' ? say.coming : sounds ? now : say.off;
  return (
    <section
      aria-label={say.card}
      className="card order-first flex flex-col gap-3 px-4 py-3 room:order-none"
      data-sound={heard.is}
    >
      <button
        type="button"
        className="control justify-center bg-ink! py-3! text-large text-sheet!"
        disabled={onToggle === null}
        onClick={onToggle ?? undefined}
      >
        {sounds ? (
          <Square className="size-5" aria-hidden="true" />
        ) : (
          <Play className="size-5" aria-hidden="true" />
        )}
        {sounds ? say.stop : say.play}
        <Hint text={sounds ? 'Esc' : 'Space'} />
      </button>
      {told && (
        <p aria-live="polite" className="font-serif text-large" data-cue={cue?.is}>
          {told}
        </p>
      )}
      <p role="status" className="min-h-6 text-small text-quiet">
        {status}
      </p>
      <div className="flex flex-wrap items-center gap-2">
        <button type="button" className="control" onClick={() => onFaster(-1)}>
          {say.slower}
          <Hint text="↓" />
        </button>
        <span className="font-serif text-large tabular-nums">{sentence.tempo}</span>
        <button type="button" className="control" onClick={() => onFaster(1)}>
          {say.faster}
          <Hint text="↑" />
        </button>
      </div>
      <button type="button" className="control self-start" aria-pressed={hidden} onClick={onHide}>
        {hidden ? (
          <Eye className="size-4" aria-hidden="true" />
        ) : (
          <EyeOff className="size-4" aria-hidden="true" />
        )}
        {hidden ? say.show : say.hide}
        <Hint text="J" />
      </button>
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
      <p className="text-small text-quiet">{isVoice(sentence.player) ? say.careVoice : say.care}</p>
    </section>
  );
}
