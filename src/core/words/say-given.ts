import type { Answer } from '../exercise/answer';
import { clefSignature } from '../exercise/entry/entry-frame';
import type { MarkQuestion } from '../exercise/kinds/all';
import { alteredLetters } from '../scale/signature';
import type { ClassWords } from './class-words';
import { sayNamed } from './say-named';
import { capital, lowerFirst, signCount } from './vocabulary';

/** A step as it is typed: its letters in the class, or figures where it has none. */
function stepText(w: ClassWords, semitones: number): string {
  return w.stepLetters(semitones) || String(semitones);
}

/** An answer as it would be typed, so that reading it again gives the same; a blank is no text. */
export function sayGiven(w: ClassWords, asked: MarkQuestion, given: Answer): string {
  switch (given.is) {
    case 'blank':
      return '';
    case 'scale': {
      const altered = alteredLetters(clefSignature(asked, w.settings));
      return given.notes
        .map(({ note }) => (altered.has(note.letter) ? w.noteWithSign(note) : w.note(note)))
        .join(' ');
    }
    case 'drawn':
      return given.signs.length === 0 ? 'none' : given.signs.map(({ sign }) => w.note(sign)).join(' ');
    case 'notes':
      return w.noteList(given.notes);
    case 'key': {
      const { key, small } = given;
      const text = sayNamed(w, key, asked.kind === 'name-scale');
      return small ? lowerFirst(text) : capital(text);
    }
    case 'count': {
      const list = given.signs ? w.noteList(given.signs) : '';
      const none = list === '' ? 'none' : '0';
      const count = given.fifths === null ? '' : given.fifths === 0 ? none : countText(given.fifths);
      return [count, list].filter(Boolean).join(': ');
    }
    case 'steps':
      return given.steps.map((step) => stepText(w, step)).join(' ');
    case 'numeral':
      return given.text;
    case 'pitch':
      return `${w.note(given.pitch.note)}${given.pitch.octave}`;
  }
}

function countText(fifths: number): string {
  const number = Math.abs(fifths);
  return `${number} ${signCount(fifths).split(' ')[1] ?? ''}`;
}
