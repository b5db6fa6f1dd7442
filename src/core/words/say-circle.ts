import type { CircleFact } from '../harmony/circle';
import type { FilledPlace } from '../harmony/fill-circle';
import { type Letter, letterAfter } from '../note/letter';
import type { SpelledNote } from '../note/spelled';
import type { ClassWords } from './class-words';
import { placesWord, roundWord } from './say-key';
import type { SaidStep } from './say-method';
import { capital, numberWord, signCount } from './vocabulary';

type Of<Code extends CircleFact['code']> = Extract<CircleFact, { readonly code: Code }>;

/** One step of building the circle. */
export function sayCircleStep(w: ClassWords, fact: CircleFact): SaidStep {
  switch (fact.code) {
    case 'circle-start':
      return { text: `${w.note(fact.note)} stands at the top: ${signCount(0)}.`, reason: null };
    case 'circle-fifth':
      return fifthLine(w, fact);
    case 'circle-back':
      return {
        text: `Back to ${w.note(fact.note)}, and the other way round: ${fact.way > 0 ? 'fifths up' : inFourths(w) ? 'fourths up' : 'fifths down'}.`,
        reason: `From here every step adds a ${fact.way > 0 ? 'sharp' : 'flat'}.`,
      };
    case 'circle-closed': {
      const pairs = fact.pairs.map(([sharp, flat]) => `${w.note(sharp)} and ${w.note(flat)}`).join(', ');
      return {
        text: `The arms meet: ${pairs} sound the same.`,
        reason: `Two names are two keys: ${numberWord(fact.places)} names on twelve places.`,
      };
    }
  }
}

/** Whether flats go a fourth up: the class says so, or draws its circle so. */
function inFourths({ settings }: ClassWords): boolean {
  return settings.flatsBy === 'fourth-up' || settings.circle === 'fourths';
}

/** The letters from a note up to its fourth: four, the first counted. */
function fourLetters(from: SpelledNote): readonly Letter[] {
  return [0, 1, 2, 3].map((step) => letterAfter(from.letter, step));
}

function fifthLine(
  w: ClassWords,
  { from, to, way, letters, bare, signs, twin }: Of<'circle-fifth'>,
): SaidStep {
  const fourth = way < 0 && inFourths(w);
  const interval = way > 0 ? 'a fifth up' : fourth ? 'a fourth up' : 'a fifth down';
  const met = twin ? ` It meets ${w.note(twin)}.` : '';
  const text = `${w.note(from)}, ${interval}: ${w.note(to)}, ${signCount(signs)}.${met}`;
  const row = (fourth ? fourLetters(from) : letters).map(w.letter).join(' ');
  const counted = fourth
    ? `Four ${w.letterWords}, ${row}, and five ${w.halves}.`
    : `Five ${w.letterWords}, ${row}, and seven ${w.halves}.`;
  if (bare === 7) return { text, reason: counted };
  const sign = to.alteration > 0 ? 'sharp' : 'flat';
  const plain = from.alteration === 0;
  return {
    text,
    reason: plain
      ? `${counted} ${w.letter(to.letter)} alone is only six ${w.halves} away: it needs its ${sign}.`
      : `${counted} Both ends have their ${sign}.`,
  };
}

/** What is right or wrong at a place of the blank circle, and why; null where nothing is written. */
export function sayFilled(w: ClassWords, { count, wanted, verdict }: FilledPlace): string | null {
  const way = count > 0 ? 1 : -1;
  const where = count === 0 ? 'The top' : `${capital(placesWord(Math.abs(count)))} ${roundWord(w, way)}`;
  const is = `${where} is ${w.note(wanted)}`;
  switch (verdict) {
    case 'empty':
      return null;
    case 'right':
      return `${where}: right.`;
    case 'other-mode':
      return `${is}: the home note is right, the mode is another.`;
    case 'fifth-by-letters':
      return `${is}: the ${w.letterWord} is right, its sign is missing. A fifth is seven ${w.halves}; count them, not white keys.`;
    case 'key-respelled':
      return `${is}: it sounds the same, but this arm has the other name.`;
    case 'kind-swapped':
      return `${is}: what stands there lies as far the other way round.`;
    case 'named-neighbour':
      return `${is}: what stands there belongs to the place beside it. Count from the top again.`;
    case 'named-relative':
      return `${is}: what stands there is its ${w.relative}, with the same signature.`;
    default:
      return `${is}. Five ${w.letterWords} and seven ${w.halves} from its neighbour.`;
  }
}
