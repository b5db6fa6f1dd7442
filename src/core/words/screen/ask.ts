import { noteNamed } from '../../note/parse';
import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';

function words(w: ClassWords) {
  const key = noteNamed('Db');
  return {
    label: 'Ask line',
    placeholder: 'Ask: 4 flats, or a scale',
    means: 'This can mean',
    recent: 'Asked before',
    forget: 'Forget these',
    hint: `A scale, a count of signs, notes, steps, or a key that belongs to another: '${w.scale(noteNamed('C#'), 'harmonic-minor')}', '5 flats minor', '${w.relative} of ${w.key(key, 'major')}', 'signature of ${w.key(noteNamed('E'), 'major')}', 'last sharp is ${w.note(noteNamed('G#'))}'.`,
    readings: (count: number) =>
      count === 1 ? 'One reading. Enter takes it.' : `${count} readings. The arrows choose, Enter takes one.`,
  };
}

/** The words of the ask line. */
export const askWords = byClass(words);
