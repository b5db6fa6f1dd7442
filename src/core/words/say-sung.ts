import type { Part } from '../play/part';
import { SINGINGS, type Singing } from '../play/sung';
import { PATTERNS } from '../scale/pattern';
import { hasSevenSteps, isFragment } from '../scale/scale';
import { syllableOf } from '../scale/syllable';
import type { ClassWords } from './class-words';

/** What can be sung on a part: syllables where the class has them for its scale, words where a tune brings them. */
export function singingsOf(w: ClassWords, part: Part): readonly Singing[] {
  return SINGINGS.filter((each) => {
    return each === 'none' || saySung(w, part, each).length > 0;
  });
}

/** What is sung on each note of a part, as it is written; empty where nothing is, or a note has no syllable. */
export function saySung(w: ClassWords, { notes, written, words }: Part, singing: Singing): readonly string[] {
  switch (singing) {
    case 'none':
      return [];
    case 'letters':
      return notes.map(({ pitch }) => w.note(pitch.note));
    case 'numbers': {
      if (!hasSevenSteps(written) && !isFragment(written)) return [];
      const steps = written.ascending.length - 1;
      return notes.map(({ place }) => `${(((place % steps) + steps) % steps) + 1}`);
    }
    case 'words':
      return words;
    case 'syllables': {
      if (written.id === null) return [];
      const { mode } = PATTERNS[written.id];
      const sung = notes.map(({ pitch }) => syllableOf(pitch.note, written.tonic, mode, w.settings));
      const all = sung.filter((each) => each !== null);
      return all.length === sung.length ? all : [];
    }
  }
}
