import type { IntervalName, Quiz, QuizAsked, QuizChoice, QuizReason } from '../practice/quiz';
import type { Scale } from '../scale/scale';
import type { ClassWords } from './class-words';
import { sayEar, sayEarChoice, sayEarReason } from './say-ear';
import { instrumentNames } from './say-instrument';
import { INTERVAL_QUALITIES } from './say-note';
import { scaleName } from './say-scale';
import { capital, degreeIn, numberWord, ordinal } from './vocabulary';

const SIZES = ['', 'unison', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'octave'];

/** An interval by name: `perfect fifth`. */
function intervalName({ size, quality }: IntervalName): string {
  return `${INTERVAL_QUALITIES[quality]} ${SIZES[size] ?? ordinal(size)}`;
}

const an = (text: string) => `${/^[aeiou]/u.test(text) ? 'an' : 'a'} ${text}`;

/** A degree by its name in words, whatever the class usually says. */
function degreeName({ settings }: ClassWords, degree: number, alteration: number): string {
  const named = settings.degrees === 'leading-tone' ? 'leading-tone' : 'leading-note';
  return degreeIn(named, degree, alteration);
}

const numbered = (degree: number) => (degree === 1 ? '1st' : ordinal(degree));

/** Melodic minor has two 6ths and 7ths: the rising ones are meant, and that is said. */
function rising(w: ClassWords, scale: Scale): string {
  const name = scaleName(w, scale);
  return scale.rising.join() === scale.falling.join() ? name : `${name}, rising`;
}

function sayAsked(w: ClassWords, asked: QuizAsked, scale: Scale): string {
  switch (asked.quiz) {
    case 'degree-number':
      return `Which degree of ${rising(w, scale)} is ${w.note(asked.note)}?`;
    case 'degree-name':
      return `What is the ${numbered(asked.degree)} of ${rising(w, scale)} called?`;
    case 'degree-note':
      return `Which note is the ${degreeName(w, asked.degree, asked.alteration)} of ${rising(w, scale)}?`;
    case 'inverted': {
      const { low, high } = asked;
      return `${w.note(low)} up to ${w.note(high)} is ${an(intervalName(asked))}. What is it when ${asked.size === 1 ? 'one of them' : w.note(low)} goes up an octave?`;
    }
    case 'sounding': {
      const { written, instrument } = asked;
      const name = instrumentNames(w)[instrument] ?? instrument;
      return `${capital(an(name))} reads ${w.note(written.note)}. Which note sounds?`;
    }
  }
}

/** What a quiz asks. */
export function sayQuiz(w: ClassWords, { asked, heard }: Quiz, scale: Scale): string {
  if (heard) return sayEar(w, heard, scaleName(w, scale));
  return asked ? sayAsked(w, asked, scale) : '';
}

export function sayQuizChoice(w: ClassWords, choice: QuizChoice): string {
  switch (choice.is) {
    case 'degree':
      return numbered(choice.degree);
    case 'degree-name':
      return degreeName(w, choice.degree, choice.alteration);
    case 'interval':
      return intervalName(choice);
    default:
      return sayEarChoice(w, choice);
  }
}

const isPerfect = ({ quality }: IntervalName) => quality === 'perfect';

/** Why the right answer is right. */
export function sayQuizReason(w: ClassWords, reason: QuizReason): string {
  switch (reason.is) {
    case 'counted': {
      const { note, degree, alteration } = reason;
      const name = degreeName(w, degree, alteration);
      return `${w.note(note)} is the ${numbered(degree)}, the ${name}.`;
    }
    case 'turned-over': {
      const { size, turned } = reason;
      const kept = isPerfect(reason)
        ? 'perfect stays perfect'
        : `${INTERVAL_QUALITIES[reason.quality]} becomes ${INTERVAL_QUALITIES[turned.quality]}`;
      return `The two make ${numberWord(9)}: ${numberWord(size)} and ${numberWord(turned.size)}; ${kept}.`;
    }
    case 'sounds': {
      const { written, sounds, instrument } = reason;
      const name = instrumentNames(w)[instrument] ?? instrument;
      return `${capital(name)} reads ${w.note(written.note)}${written.octave} where ${w.note(sounds.note)}${sounds.octave} sounds.`;
    }
    default:
      return sayEarReason(w, reason);
  }
}
