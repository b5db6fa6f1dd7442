import type { PairProblem } from '../school/pairs';
import { SETTINGS } from '../school/settings';

const REASONS: Readonly<Record<PairProblem['code'], string>> = {
  'pair-si-twice':
    'With minor from la, si is the raised 5th; the 7th needs another syllable, or two degrees would be sung alike.',
  'pair-moll-names':
    'b-Moll is B♭ minor in German names and would be read as B minor in others; Dur and Moll go with German names.',
  'pair-case-capital':
    'Where a small letter means minor, capitals tell the mode, so an answer needs its capital.',
  'pair-case-word':
    'Where a small letter means minor, keys are written without a mode word, so none can be wanted.',
  'pair-own-circle':
    'Signatures counted on a circle of minors need that circle; minors cannot stand on the places of their majors.',
};

/** Why two choices cannot stand together. */
export function sayPair({ code, one, other }: PairProblem): string {
  return `${SETTINGS[one].title} and ${SETTINGS[other].title.toLowerCase()} do not go together. ${REASONS[code]}`;
}
