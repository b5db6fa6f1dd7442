import type { Mode } from '../../scale/mode';
import type { Asked } from '../asked';

/** Places a note is altered at: on the way up, on the way down, or on both. */
export type Ways = 'both' | 'rising' | 'falling';

/**
 * What somebody does who works out a scale, in the terms of the field. A method is a row of these; run in order they
 * write the notes, and what each found when it ran is its step of the working. A mistake leaves one out, adds one, or
 * alters one.
 */
export type ScaleOperation =
  /** Begin with the tonic and the definition; the tonic's sign may stand from the start, and signs may be counted. */
  | { readonly op: 'start'; readonly asked: Asked; readonly tonic: 'kept' | 'plain'; readonly signs: boolean }
  /** Lay the letters, and settle what is given: nothing, the first note, or the tonic at both ends. */
  | {
      readonly op: 'letters';
      readonly settles: 'nothing' | 'first' | 'tonic';
      /** Where they begin: on the tonic, or on that of the relative key. */
      readonly from: 'tonic' | 'relative';
    }
  /**
   * Walk semitones from one place to another and give its letter the sign that fits. `above`: semitones above the tonic
   * where the step starts; `judged` from the note that was written there, or from the one that is right there; `wide`:
   * pairs of letters that are taken for a whole step apart.
   */
  | {
      readonly op: 'walk';
      readonly from: number;
      readonly to: number;
      readonly semitones: number;
      readonly above: number;
      readonly judged: 'written' | 'right';
      readonly wide: readonly string[];
    }
  /** The way down takes the notes of the way up, some of them a half step lower. */
  | { readonly op: 'mirror'; readonly lowered: readonly number[] }
  /** Say that melodic minor comes down in its natural form. */
  | { readonly op: 'natural-form' }
  | {
      readonly op: 'tetrachords';
      readonly lower: readonly number[];
      readonly join: number;
      readonly upper: readonly number[];
    }
  /** Move a degree by half steps until the step that leads to it fits. */
  | { readonly op: 'mend'; readonly degree: number }
  | { readonly op: 'stands'; readonly part: 'lower' | 'upper' }
  | { readonly op: 'join' }
  /** From a minor key up the third to its relative major, or down from it. */
  | { readonly op: 'to-relative'; readonly way: 'up' | 'down' }
  /** From a mode to its parent: the tonic is this degree of it. */
  | { readonly op: 'to-parent'; readonly degree: number; readonly way: 'up' | 'down' }
  /** Count places from the top of the circle to the key in hand, as a major or a minor one. */
  | { readonly op: 'count-places'; readonly mode: 'major' | 'minor' }
  /** From the parallel major's signature to the flat side. */
  | { readonly op: 'flatter'; readonly places: number }
  /** Take signs from their order: as many as were counted, or so many more, from its beginning or its end. Those of its end may still be written in order. */
  | {
      readonly op: 'take-signs';
      readonly more: number;
      readonly from: 'first' | 'last' | 'last-in-order';
      readonly kind: 'counted' | 'other' | 'sharps' | 'flats' | 'none';
    }
  /** Put the signs on their letters; the tonic takes its own, or keeps the sign of its name. */
  | { readonly op: 'put-signs'; readonly tonic: 'signed' | 'kept' }
  /** Move a degree: raise it, lower it, or write a sharp at it; on the line of fifths it is seen to leave the window. */
  | {
      readonly op: 'raise';
      readonly degree: number;
      readonly by: 1 | -1 | 'sharp';
      readonly ways: Ways;
      readonly seen: 'at-the-note' | 'past-the-window';
    }
  /** What was raised is given back on the way down. */
  | { readonly op: 'give-back'; readonly degrees: readonly number[] }
  /** Lay the major on the same tonic. */
  | { readonly op: 'parallel-major'; readonly under: boolean }
  | { readonly op: 'alter'; readonly degree: number; readonly by: number; readonly ways: Ways }
  /** From the signature in hand to that of a mode of the tonic: the parallel major's, or the one a mode is written under. */
  | {
      readonly op: 'shift-signature';
      readonly from: 'major' | 'minor';
      readonly to: Mode;
      /** Whether it is only told what another school would write. */
      readonly instead: boolean;
    }
  /** A mode is worked out under the signature of the major or minor key on its tonic. */
  | { readonly op: 'under-tonic'; readonly near: 'major' | 'minor' }
  /** A mode whose notes stand is written under that signature, with accidentals. */
  | { readonly op: 'written-under'; readonly near: 'major' | 'minor' }
  | { readonly op: 'two-octaves' }
  | { readonly op: 'start-on'; readonly degree: number }
  | { readonly op: 'parent-signature' }
  /** The scale of its kind without signs, from where the chain starts; then fifth by fifth to the tonic. */
  | { readonly op: 'chain-start' }
  | { readonly op: 'chain' }
  | { readonly op: 'window'; readonly place: number }
  | { readonly op: 'in-order-of-letters' }
  /** The notes of the major key stand; then each whole step between two of them is divided. */
  | { readonly op: 'key-notes' }
  | { readonly op: 'divide'; readonly falling: boolean };

/** What an operation of a kind holds. */
export type Of<Code extends ScaleOperation['op']> = Extract<ScaleOperation, { readonly op: Code }>;
