import type { Habit } from '../habit';
import { accidentalExtra } from './accidental-extra';
import { accidentalMissing } from './accidental-missing';
import { alteredTwice } from './altered-twice';
import { clefMisread } from './clef-misread';
import { countedStart } from './counted-start';
import { formUnasked } from './form-unasked';
import { halfStepMisplaced } from './half-step-misplaced';
import { kindSwapped } from './kind-swapped';
import { loweredInstead } from './lowered-instead';
import { naturalHalfStepForgotten } from './natural-half-step-forgotten';
import { oneRestored } from './one-restored';
import { oneTooFew } from './one-too-few';
import { oneTooMany } from './one-too-many';
import { orderSwapped } from './order-swapped';
import { ownMajorSignature } from './own-major-signature';
import { parallelSignature } from './parallel-signature';
import { parentWrongDegree } from './parent-wrong-degree';
import { parentWrongWay } from './parent-wrong-way';
import { raisedComingDown } from './raised-coming-down';
import { raisedIsSharp } from './raised-is-sharp';
import { raisedOtherDegree } from './raised-other-degree';
import { relativeTonic } from './relative-tonic';
import { respelled } from './respelled';
import { seventhNotRaised } from './seventh-not-raised';
import { signatureIgnored } from './signature-ignored';
import { sixthAndSeventhNotRaised } from './sixth-and-seventh-not-raised';
import { sixthNotRaised } from './sixth-not-raised';
import { sixthRaised } from './sixth-raised';
import { stuckAccidental } from './stuck-accidental';
import { wrongMode } from './wrong-mode';

/** Every habit behind a wrong scale, by rank. */
export const HABITS: readonly Habit[] = [
  respelled,
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
  signatureIgnored,
  oneTooFew,
  oneTooMany,
  orderSwapped,
  kindSwapped,
  parallelSignature,
  relativeTonic,
  ownMajorSignature,
  parentWrongWay,
  parentWrongDegree,
  alteredTwice,
  stuckAccidental,
  naturalHalfStepForgotten,
  countedStart,
  halfStepMisplaced,
  wrongMode,
  accidentalMissing,
  accidentalExtra,
];
