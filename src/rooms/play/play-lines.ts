import type { Part } from '@/core/play/part';
import type { ClassWords } from '@/core/words/class-words';
import { saySung } from '@/core/words/say-sung';
import { playWords } from '@/core/words/screen/play';
import type { PlaySentence } from '../address/play/play-address';

/** What is worth knowing of a part: how it sounds, how long it is, and where it stops short. */
export function linesOf(w: ClassWords, { player, singing }: PlaySentence, part: Part): readonly string[] {
  const say = playWords(w);
  const both = say.both(part);
  return [
    ...(both ? [both] : []),
    say.counted(part.notes.length, part.bars.length),
    ...(part.shortened ? [say.shortened(player)] : []),
    ...(singing !== 'none' && saySung(w, part, singing).length === 0 ? [say.notSung(singing)] : []),
  ];
}

/** The notes of a part by name, bar by bar. */
export function barsText(w: ClassWords, { bars, notes }: Part): readonly string[] {
  return bars.map((bar) =>
    bar
      .flatMap(({ note }) => {
        const placed = note === null ? undefined : notes[note];
        return placed ? [w.note(placed.pitch.note)] : [];
      })
      .join(' '),
  );
}
