import type { Task } from '@/core/mark/explain/task';
import type { Fifths, SpelledNote } from '@/core/note/spelled';
import { modeSignature } from '@/core/scale/mode-signature';
import { PATTERNS } from '@/core/scale/pattern';
import { accidentalsOf } from '@/core/scale/signature';
import type { Settings } from '@/core/school/settings';
import type { Fields } from '../fields';
import { risingAsked, signsAlone } from '../programs';

/** A key whose signature is asked. */
export type KeyQuestion = { readonly tonic: SpelledNote; readonly scale: Fields['scale'] };

type WritesModes = Pick<Settings, 'modesWritten'>;

/** Fifths of the signature a class writes a scale with: a mode's may be its tonic's. */
export function writtenSignature({ tonic, scale }: KeyQuestion, { modesWritten }: WritesModes): Fifths {
  return modeSignature(tonic, PATTERNS[scale].mode, modesWritten);
}

/** The signs of a key as mistakes see them: counted and taken from the order. */
export function signsTask(
  scope: 'signature' | 'name-signature',
  { tonic, scale }: KeyQuestion,
  school: WritesModes,
): Task {
  const count = writtenSignature({ tonic, scale }, school);
  // Written with the tonic's own signature, a mode is worked out as the major or minor key it stands under.
  const { mode } = PATTERNS[scale];
  const own = school.modesWritten === 'tonic' && mode !== 'major' && mode !== 'minor';
  const written = own ? (NEAREST_SCALE[mode] ?? scale) : scale;
  return {
    scope,
    clef: null,
    programs: [signsAlone(risingAsked(tonic, written))],
    right: { is: 'notes', notes: accidentalsOf(count) },
  };
}

/** The key under whose signature a class may write a mode: that of its third. */
const NEAREST_SCALE: Readonly<Partial<Record<string, Fields['scale']>>> = {
  lydian: 'major',
  mixolydian: 'major',
  dorian: 'natural-minor',
  phrygian: 'natural-minor',
  locrian: 'natural-minor',
};
