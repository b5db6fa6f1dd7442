import { type Fifths, noteAtFifths, type SpelledNote } from '../../note/spelled';
import type { Mode } from '../../scale/mode';
import { scaleOfMode } from '../../scale/pattern';
import { NAME_HABITS } from '../habit-id';
import type { NamedKey } from '../judged';

/** A key that was to be named, whichever way it was asked for: from its signature or as the partner of another. */
export type KeyAsked = {
  readonly tonic: SpelledNote;
  readonly mode: Mode;
  /** Fifths of its signature. */
  readonly fifths: Fifths;
  /** The key it was asked as the partner of; null where it was asked from a signature or from notes. */
  readonly of: { readonly tonic: SpelledNote; readonly mode: Mode; readonly relation: string } | null;
};

/** A name of a mode on a tonic some places along the line of fifths; none past the notes with two signs. */
export function named(fifths: number, mode: Mode): readonly NamedKey[] {
  const tonic = noteAtFifths(fifths);
  return tonic ? [{ tonic, scale: scaleOfMode(mode) }] : [];
}

/** The most particular first. */
export function rankOfName(id: (typeof NAME_HABITS)[number]): number {
  return NAME_HABITS.indexOf(id);
}
