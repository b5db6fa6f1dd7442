import type { SpelledNote } from '../note/spelled';
import type { ScaleId } from '../scale/pattern';
import type { RowWay, SoundingScale, SpellingFinding } from './spelling';

/** The fewest and the most notes a line may have to be named. */
export const FEWEST_NOTES = 3;
export const MOST_NOTES = 32;

/** Why a name stands where it does among all that fit. */
export type NameReason =
  /** The notes are the whole scale, in its order, from tonic to tonic or from it. */
  | 'whole-row'
  /** They begin and end on its tonic; only begin; only end; or it is among them. */
  | 'begins-and-ends'
  | 'begins'
  | 'ends'
  | 'within';

/** A name that fits: every note is in the scale as it is spelled. */
export type ScaleName = {
  readonly tonic: SpelledNote;
  readonly scale: ScaleId;
  readonly reason: NameReason;
  /** Notes of the scale that the line does not have. */
  readonly missing: readonly SpelledNote[];
};

/** What was found in a line of notes. */
export type Identified = {
  readonly notes: readonly SpelledNote[];
  readonly way: RowWay;
  readonly findings: readonly SpellingFinding[];
  /** Best first; empty where none fits. */
  readonly names: readonly ScaleName[];
  /** Scales it only sounds like. */
  readonly sounding: readonly SoundingScale[];
};
