import type { EarChoice, EarKind, EarQuestion, EarReason } from '../practice/ear';
import type { ClassWords } from './class-words';
import { ordinal } from './vocabulary';

/** What a question by ear is called. */
export const EAR_NAMES: Readonly<Record<EarKind, string>> = {
  finished: 'Finished or not?',
  which: 'Which of the two?',
  home: 'Where is home?',
};

/** What is asked, with the note it begins on. */
export function sayEar(w: ClassWords, { kind, begins }: EarQuestion, scale: string): string {
  switch (kind) {
    case 'finished':
      return `It begins on ${w.note(begins)}. Has it come home?`;
    case 'which':
      return `Both begin on ${w.note(begins)}. Which one is ${scale}?`;
    case 'home':
      return `It begins on ${w.note(begins)}. Which note is home?`;
  }
}

export function sayEarChoice(w: ClassWords, choice: EarChoice): string {
  switch (choice.is) {
    case 'finished':
      return 'It has come home';
    case 'unfinished':
      return 'It wants to go on';
    case 'row':
      return choice.nth === 1 ? 'The first' : 'The second';
    case 'note':
      return w.note(choice.note);
  }
}

/** Why the right answer is right. */
export function sayEarReason(w: ClassWords, reason: EarReason): string {
  switch (reason.is) {
    case 'ends-on':
      return reason.degree === 1
        ? `It ended on ${w.note(reason.note)}, the 1st: home.`
        : `It ended on ${w.note(reason.note)}, the ${ordinal(reason.degree)}, and not at home.`;
    case 'altered':
      return `In the other one ${w.note(reason.note)}, the ${ordinal(reason.degree)}, sounded ${w.aStep(1)} too ${reason.by > 0 ? 'high' : 'low'}.`;
    case 'home':
      return `Home is ${w.note(reason.note)}.`;
  }
}
