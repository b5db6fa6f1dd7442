import type { NoteNames } from '../note/names';
import type { NoteProblem } from '../note/parse';
import type { SpellingProblem } from '../scale/scale';
import type { StepsProblem } from '../scale/typed-steps';
import type { ClassWords } from './class-words';
import { numberWord, ordinal } from './vocabulary';

/** A word of a question that is not one of those allowed. */
export type ChoiceProblem = {
  readonly code: 'choice-unknown';
  readonly what: string;
  readonly read: string;
  readonly allowed: readonly string[];
};

export type Problem = NoteProblem | StepsProblem | SpellingProblem | ChoiceProblem;

/** How a note is typed, by the names a class uses. */
const FORMS: Readonly<Record<NoteNames, string>> = {
  english: 'A letter from A to G, with #, b, ## or bb where it has a sign: Bb, F#.',
  german: 'A German name: C, Cis, Ces; B is B flat and H is B natural: Fis, Es, Heses.',
  dutch: 'A letter from A to G with is, isis, es or eses: Bes, Fis, As.',
  'fixed-do': 'A syllable from Do to Si, with #, b, ## or bb where it has a sign: Sib, Fa#.',
  'fixed-ut': 'A syllable from Ut to Si, with #, b, ## or bb where it has a sign: Sib, Fa#.',
};

/** The ways of naming notes, as they are called. */
const NAMES_WORDS: Readonly<Record<NoteNames, string>> = {
  english: 'English',
  german: 'German',
  dutch: 'Dutch-type',
  'fixed-do': 'fixed-do',
  'fixed-ut': 'fixed-do',
};

/** Says what was read, what is wrong and what to do. */
export function sayProblem(w: ClassWords, problem: Problem): string {
  const uses = w.settings.noteNames;
  const forms = FORMS[uses];
  switch (problem.code) {
    case 'note-empty':
      return `No note was given. ${forms}`;
    case 'note-too-long':
      return `A note name of ${problem.length} characters was given; the longest that can be read has ${problem.limit}. ${forms}`;
    case 'note-other-names':
      return `'${problem.read}' is not a note name here. This class uses ${NAMES_WORDS[uses]} names; ${NAMES_WORDS[problem.fits]} names can be turned on in Class. ${forms}`;
    case 'note-mixed-signs':
      return `'${problem.read}' mixes sharps, flats or naturals. A note has signs of one kind: Bb or B#.`;
    case 'note-third-sign':
      return `'${problem.read}' has more than two signs. ${w.letter(problem.letter)} can have one or two sharps, or one or two flats.`;
    case 'note-unknown':
      return `'${problem.read}' is not a note name. ${forms}`;
    case 'steps-size':
      return `Step ${problem.position} was read as '${problem.read}'. A step is 1, 2, 3 or 4 ${w.halves}.`;
    case 'steps-sum':
      return `The steps add up to ${problem.sum} ${w.halves}. An octave has 12: ${over(problem.sum)}.`;
    case 'needs-third-sign':
      return thirdSign(w, problem);
    case 'choice-unknown':
      return `'${problem.read}' was given for ${problem.what}. It can be ${problem.allowed.join(', ')}.`;
  }
}

function over(sum: number): string {
  return sum > 12 ? `take away ${sum - 12}` : `add ${12 - sum}`;
}

function thirdSign(w: ClassWords, { tonic, degree, letter, alteration, instead }: SpellingProblem): string {
  const kind = alteration > 0 ? 'sharps' : 'flats';
  const text = `From ${w.note(tonic)} the ${ordinal(degree)} would be ${w.letter(letter)} with ${numberWord(Math.abs(alteration))} ${kind}, which is not written.`;
  return instead ? `${text} ${w.note(instead)} sounds the same and can be spelled.` : text;
}
