import type { Check, CheckId } from '../derive/proof';

const CHECK_WORDS: Readonly<
  Record<CheckId, { readonly holds: string; readonly fails: string; readonly none: string }>
> = {
  'steps-in-order': {
    holds: 'Whole and half steps in order, 12 half steps in all',
    fails: 'A step is out of order',
    none: 'No steps to check',
  },
  'all-seven-letters': {
    holds: 'All seven letters',
    fails: 'A letter is missing',
    none: 'No letters to check',
  },
  'none-skipped': { holds: 'No letter skipped', fails: 'A letter is skipped', none: 'No letters to check' },
  'none-twice': {
    holds: 'None twice but the octave',
    fails: 'A letter stands twice',
    none: 'No letters to check',
  },
  'top-as-bottom': {
    holds: 'Top note as bottom note, sign and all',
    fails: 'Top and bottom note differ',
    none: 'No octave to check',
  },
  'signature-in-order': {
    holds: 'Signature in order, never mixed',
    fails: 'The signature is mixed or out of order',
    none: 'No signature belongs to this pattern',
  },
  'methods-agree': {
    holds: 'All the methods agree',
    fails: 'The methods disagree',
    none: 'One method only',
  },
};

/** One line of the proof. */
export function sayCheck({ check, holds }: Check): string {
  const words = CHECK_WORDS[check];
  return holds === null ? words.none : holds ? words.holds : words.fails;
}
