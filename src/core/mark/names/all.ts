import type { NamedKey } from '../judged';
import type { Procedure } from '../procedure';
import type { KeyAsked } from './key-asked';
import { namedBelowLastSharp } from './named-below-last-sharp';
import { namedEnharmonic } from './named-enharmonic';
import { namedLastFlat } from './named-last-flat';
import { namedLastSharp } from './named-last-sharp';
import { namedNeighbour } from './named-neighbour';
import { namedParallel } from './named-parallel';
import { namedRelative } from './named-relative';
import { namedWithoutSign } from './named-without-sign';
import { otherKindsRule } from './other-kinds-rule';
import { relativeWithAskedMode } from './relative-with-asked-mode';
import { relativeWrongWay } from './relative-wrong-way';

/** Every habit behind a wrong name, the most particular first. */
export const NAMING: readonly Procedure<KeyAsked, NamedKey>[] = [
  namedLastFlat,
  namedLastSharp,
  otherKindsRule,
  namedBelowLastSharp,
  namedWithoutSign,
  relativeWrongWay,
  namedRelative,
  relativeWithAskedMode,
  namedParallel,
  namedEnharmonic,
  namedNeighbour,
];
