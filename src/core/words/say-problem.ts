import type { NoteProblem } from '../note/parse';
import type { StepsProblem } from '../scale/pattern';
import type { SpellingProblem } from '../scale/scale';
import { degreeWord, noteName, numberWord } from './vocabulary';

/** A word of a question that is not one of those allowed. */
export type ChoiceProblem = {
  readonly code: 'choice-unknown';
  readonly what: string;
  readonly read: string;
  readonly allowed: readonly string[];
};

export type Problem = NoteProblem | StepsProblem | SpellingProblem | ChoiceProblem;

const FORMS = 'A letter from A to G, with #, b, ## or bb where it has a sign';

/** Says what was read, what is wrong and what to do. */
export function sayProblem(problem: Problem): string {
  switch (problem.code) {
    case 'note-empty':
      return `No note was given. ${FORMS}: Bb, F#.`;
    case 'note-too-long':
      return `A note name of ${problem.length} characters was given; the longest that can be read has ${problem.limit}. ${FORMS}.`;
    case 'note-german':
      return `'${problem.read}' is not a note name here. English names are used: B for H, Bb for B, F# for Fis.`;
    case 'note-mixed-signs':
      return `'${problem.read}' mixes sharps, flats or naturals. A note has signs of one kind: Bb or B#.`;
    case 'note-third-sign':
      return `'${problem.read}' has more than two signs. ${problem.letter} can have one or two sharps, or one or two flats.`;
    case 'note-unknown':
      return `'${problem.read}' is not a note name. ${FORMS}: Bb, F#.`;
    case 'steps-count':
      return `${problem.count} steps were given. A scale of seven notes has seven: 2,2,1,2,2,2,1.`;
    case 'steps-size':
      return `Step ${problem.position} was read as '${problem.read}'. A step is 1, 2, 3 or 4 half steps.`;
    case 'steps-sum':
      return `The steps add up to ${problem.sum} half steps. An octave has 12: ${over(problem.sum)}.`;
    case 'needs-third-sign':
      return thirdSign(problem);
    case 'choice-unknown':
      return `'${problem.read}' was given for ${problem.what}. It can be ${problem.allowed.join(', ')}.`;
  }
}

function over(sum: number): string {
  return sum > 12 ? `take away ${sum - 12}` : `add ${12 - sum}`;
}

function thirdSign({ tonic, degree, letter, alteration, instead }: SpellingProblem): string {
  const kind = alteration > 0 ? 'sharps' : 'flats';
  const text = `From ${noteName(tonic)} the ${degreeWord(degree)} would be ${letter} with ${numberWord(Math.abs(alteration))} ${kind}, which is not written.`;
  return instead ? `${text} ${noteName(instead)} sounds the same and can be spelled.` : text;
}
