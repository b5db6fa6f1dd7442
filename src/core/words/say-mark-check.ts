import type { MarkCheck } from '../mark/judging/judged';
import type { ClassWords } from './class-words';
import { sayThing } from './say-finding';

type CheckWords = { readonly holds: string; readonly fails: string };

function shapeWords(w: ClassWords, { check, at, about }: MarkCheck): CheckWords | null {
  const [want, got] = [about[0] ? sayThing(w, about[0]) : '', about[1] ? sayThing(w, about[1]) : ''];
  switch (check) {
    case 'first-is-tonic':
    case 'first-heard':
      return {
        holds: `Begins on ${want}`,
        fails: got ? `Begins on ${got}, not on ${want}` : `Begins on another note than ${want}`,
      };
    case 'steps-in-order':
      return {
        holds: `Steps in order`,
        fails: want ? `Steps in order: expected ${want} after ${at[0] ?? 1}` : 'A step is out of order',
      };
    case 'all-seven-letters':
      return { holds: `All seven ${w.letterWords}`, fails: `Not all seven ${w.letterWords}` };
    case 'none-skipped':
      return { holds: `No ${w.letterWord} skipped`, fails: `A ${w.letterWord} is skipped` };
    case 'none-twice':
      return { holds: 'None twice', fails: want ? `${want} stands twice` : `A ${w.letterWord} stands twice` };
    case 'top-as-bottom':
      return { holds: 'Top note as bottom note, sign and all', fails: 'Top and bottom note differ' };
    case 'asked-scale':
      return {
        holds: `It is ${want}`,
        fails: got ? `It is ${got}; ${want} was asked` : `It is not ${want}, nor another scale with a name`,
      };
    default:
      return null;
  }
}

function nameWords(w: ClassWords, { check, about }: MarkCheck): CheckWords {
  const want = about[0] ? sayThing(w, about[0]) : '';
  switch (check) {
    case 'signature-in-order':
      return { holds: 'Signs in order, never mixed', fails: 'Signs out of order or mixed' };
    case 'signature-in-place':
      return {
        holds: 'Every sign in its place on the staff',
        fails: `A sign stands in another place${want ? ` than ${want}` : ''}`,
      };
    case 'signature-count':
      return { holds: `As many signs as wanted: ${want}`, fails: `Another number of signs than ${want}` };
    case 'letter-right':
      return { holds: `The ${w.letterWord} is right`, fails: `Another ${w.letterWord}` };
    case 'sign-right':
      return { holds: 'The sign is right', fails: 'Another sign' };
    case 'mode-said':
      return { holds: 'Major or minor is said', fails: 'Major or minor is not said' };
    case 'mode-right':
      return { holds: 'Major or minor is right', fails: 'Major for minor, or another mode' };
    case 'count-agrees':
      return { holds: 'Number and list agree', fails: 'Number and list do not agree' };
    case 'sum':
      return {
        holds: `The steps make an octave, twelve ${w.halves}`,
        fails: `The steps do not make an octave of twelve ${w.halves}`,
      };
    case 'reasons-hold':
      return { holds: 'Every reason holds', fails: 'A reason does not hold' };
    default:
      return {
        holds: 'The name follows from the reasons',
        fails: 'The name does not follow from the reasons given',
      };
  }
}

/** One check of an answer, in a line. */
export function sayMarkCheck(w: ClassWords, check: MarkCheck): string {
  const { holds, fails } = shapeWords(w, check) ?? nameWords(w, check);
  if (check.holds === null) return `${holds}: nothing to check`;
  return check.holds ? holds : fails;
}
