import { accidentalExtra } from './accidental-extra';
import { accidentalMissing } from './accidental-missing';
import { alteredTwice } from './altered-twice';
import { caseSwapped } from './case-swapped';
import { clefMisread } from './clef-misread';
import { countedStart } from './counted-start';
import { diminishedUnmarked } from './diminished-unmarked';
import { fifthByLetters } from './fifth-by-letters';
import { formUnasked } from './form-unasked';
import { halfStepMisplaced } from './half-step-misplaced';
import { keyRespelled } from './key-respelled';
import { kindSwapped } from './kind-swapped';
import { lettersWithoutStart } from './letters-without-start';
import { loweredInstead } from './lowered-instead';
import type { Mistake, Scope } from './mistake';
import { namedBelowLastSharp } from './named-below-last-sharp';
import { namedEnharmonic } from './named-enharmonic';
import { namedLastFlat } from './named-last-flat';
import { namedLastSharp } from './named-last-sharp';
import { namedNeighbour } from './named-neighbour';
import { namedParallel } from './named-parallel';
import { namedRelative } from './named-relative';
import { namedWithoutSign } from './named-without-sign';
import { naturalHalfStepForgotten } from './natural-half-step-forgotten';
import { octaveForgotten } from './octave-forgotten';
import { oneRestored } from './one-restored';
import { oneTooFew } from './one-too-few';
import { oneTooMany } from './one-too-many';
import { orderSwapped } from './order-swapped';
import { otherKindsRule } from './other-kinds-rule';
import { ownMajorSignature } from './own-major-signature';
import { parallelSignature } from './parallel-signature';
import { parentWrongDegree } from './parent-wrong-degree';
import { parentWrongWay } from './parent-wrong-way';
import { patternLong } from './pattern-long';
import { patternShort } from './pattern-short';
import { raisedComingDown } from './raised-coming-down';
import { raisedInSignature } from './raised-in-signature';
import { raisedIsSharp } from './raised-is-sharp';
import { raisedOtherDegree } from './raised-other-degree';
import { relativeNumerals } from './relative-numerals';
import { relativeTonic } from './relative-tonic';
import { relativeWithAskedMode } from './relative-with-asked-mode';
import { relativeWrongWay } from './relative-wrong-way';
import { respelled } from './respelled';
import { seventhNotRaised } from './seventh-not-raised';
import { signatureIgnored } from './signature-ignored';
import { sixthAndSeventhNotRaised } from './sixth-and-seventh-not-raised';
import { sixthNotRaised } from './sixth-not-raised';
import { sixthRaised } from './sixth-raised';
import { stuckAccidental } from './stuck-accidental';
import { tonicSignDropped } from './tonic-sign-dropped';
import { transposedWrongWay } from './transposed-wrong-way';
import { wrongMode } from './wrong-mode';

/** Every mistake, the weightier first. Lists, menus, types and words are read off it. */
const CATALOGUE = [
  respelled,
  keyRespelled,
  clefMisread,
  seventhNotRaised,
  sixthAndSeventhNotRaised,
  sixthRaised,
  sixthNotRaised,
  formUnasked,
  raisedComingDown,
  oneRestored,
  raisedOtherDegree,
  loweredInstead,
  raisedIsSharp,
  raisedInSignature,
  diminishedUnmarked,
  caseSwapped,
  relativeNumerals,
  fifthByLetters,
  signatureIgnored,
  oneTooFew,
  oneTooMany,
  orderSwapped,
  kindSwapped,
  parallelSignature,
  relativeWrongWay,
  relativeTonic,
  tonicSignDropped,
  ownMajorSignature,
  parentWrongWay,
  parentWrongDegree,
  alteredTwice,
  transposedWrongWay,
  octaveForgotten,
  namedLastFlat,
  namedLastSharp,
  otherKindsRule,
  namedBelowLastSharp,
  namedWithoutSign,
  namedRelative,
  relativeWithAskedMode,
  namedParallel,
  namedEnharmonic,
  namedNeighbour,
  stuckAccidental,
  naturalHalfStepForgotten,
  countedStart,
  lettersWithoutStart,
  patternLong,
  patternShort,
  halfStepMisplaced,
  wrongMode,
  accidentalMissing,
  accidentalExtra,
] as const;

export type MistakeId = (typeof CATALOGUE)[number]['id'];

export const MISTAKES: readonly Mistake<MistakeId>[] = CATALOGUE;

/** The ids of the catalogue, the weightier first. */
export const MISTAKE_IDS: readonly MistakeId[] = CATALOGUE.map(({ id }) => id);

const BY_ID: ReadonlyMap<string, Mistake<MistakeId>> = new Map(MISTAKES.map((each) => [each.id, each]));

/** The mistake of an id that was read, or null where this catalogue has none of that name. */
export function mistakeNamed(id: string): Mistake<MistakeId> | null {
  return BY_ID.get(id) ?? null;
}

/** The mistakes that stand under a text in which they were stored, joined by a plus; null where one is not known here. */
export function mistakesNamed(text: string): readonly MistakeId[] | null {
  const known = text.split('+').map((id) => mistakeNamed(id)?.id ?? null);
  return known.every((id) => id !== null) ? known : null;
}

/** The mistakes that can be made in a kind of question. */
export function mistakesIn(scope: Scope): readonly Mistake<MistakeId>[] {
  return MISTAKES.filter(({ scopes }) => scopes.includes(scope));
}
