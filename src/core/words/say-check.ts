import type { Check, CheckId } from '../derive/proof';
import type { ClassWords } from './class-words';
import { capital } from './vocabulary';

type CheckWords = { readonly holds: string; readonly fails: string; readonly none: string };

function wordsOfCheck(w: ClassWords, check: CheckId, sum: number): CheckWords {
  const none = `Not one ${w.letterWord} a note`;
  switch (check) {
    case 'steps-in-order':
      return {
        holds: `${capital(w.bothSteps)} in order, ${sum} ${w.halves} in all`,
        fails: 'A step is out of order',
        none: 'No steps to check',
      };
    case 'all-seven-letters':
      return {
        holds: `All seven ${w.letterWords}`,
        fails: `A ${w.letterWord} is missing`,
        none: 'Not a scale of seven notes',
      };
    case 'none-skipped':
      return { holds: `No ${w.letterWord} skipped`, fails: `A ${w.letterWord} is skipped`, none };
    case 'none-twice':
      return { holds: 'None twice but the octave', fails: `A ${w.letterWord} stands twice`, none };
    case 'top-as-bottom':
      return {
        holds: 'Top note as bottom note, sign and all',
        fails: 'Top and bottom note differ',
        none: 'No octave to check',
      };
    case 'signature-in-order':
      return {
        holds: 'Signature in order, never mixed',
        fails: 'The signature is mixed or out of order',
        none: 'No signature belongs to this pattern',
      };
    case 'methods-agree':
      return { holds: 'All the methods agree', fails: 'The methods disagree', none: 'One method only' };
  }
}

/** One line of the proof. */
export function sayCheck(w: ClassWords, { check, holds, sum }: Check): string {
  const words = wordsOfCheck(w, check, sum);
  return holds === null ? words.none : holds ? words.holds : words.fails;
}
