import { partAsked } from '@/core/play/part';
import type { ClassWords } from '@/core/words/class-words';
import { saySung } from '@/core/words/say-sung';
import { playWords } from '@/core/words/screen/play';
import { BARS_WIDTH, engraveBars } from '@/engrave/bars';
import type { PaperItem } from '@/ui/paper/Paper';
import type { PlaySentence } from '../address/play/play-address';
import { linesOf } from './play-lines';
import { playText } from './play-words';

/** A pattern as a sheet or a part of a handout. */
export async function playItem(w: ClassWords, sentence: PlaySentence, title: string): Promise<PaperItem> {
  const reading = partAsked(sentence, w.settings);
  return {
    ...{ title, task: playText(w, sentence), closing: null, method: null },
    scenes: reading.ok
      ? [engraveBars(reading.part, BARS_WIDTH, saySung(w, reading.part, sentence.singing))]
      : [],
    lines: reading.ok ? linesOf(w, sentence, reading.part) : [playWords(w).problem(reading.problem)],
  };
}
