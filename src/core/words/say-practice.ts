import type { Part } from '../play/part';
import type { FreeTask } from '../play/task';
import type { Variation } from '../play/variation';
import type { ClassWords } from './class-words';
import { playWords } from './screen/play';
import { numberWord } from './vocabulary';

/** A variation by name. */
export function sayVariation(w: ClassWords, { change }: Variation): string {
  const say = playWords(w);
  if (change.articulation) return say.articulations[change.articulation];
  if (change.rhythm) return `in ${say.rhythms[change.rhythm]}`;
  return change.range ? `over ${say.ranges[change.range]}` : '';
}

/** What one may play with: the notes of the scale as it is written, each once. */
export function sayOnlyNotes(w: ClassWords, { written }: Part): string {
  const up = written.ascending.slice(0, -1);
  const falling = written.descending.filter((note) => !written.ascending.includes(note));
  const also = falling.length > 0 ? ` Going down also ${w.noteList(falling)}.` : '';
  return `Only these ${numberWord(up.length)} notes: ${w.noteList(up)}.${also}`;
}

/** A task for playing freely, in the notes of the scale. */
export function sayFreeTask(w: ClassWords, task: FreeTask, { written }: Part): string {
  const tonic = w.note(written.tonic);
  switch (task) {
    case 'home':
      return `End every fourth bar on ${tonic}.`;
    case 'steps':
      return 'Move by step only: the next note of the scale, up or down, or the same one again.';
    case 'three':
      return `Use three notes alone: ${w.noteList(written.ascending.slice(0, 3))}. Change their lengths.`;
    case 'rest':
      return 'Play three bars, and leave the fourth one empty.';
    case 'answer':
      return `Ask for two bars and end away from ${tonic}; answer for two bars and end on ${tonic}.`;
    case 'chord':
      return 'Begin every bar on a note of its chord.';
  }
}
