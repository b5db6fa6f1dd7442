import { readEnglishNote } from '@/core/note/parse';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { type AskedScale, askedFrom, scaleAsked } from '@/core/scale/asked';
import { DIRECTIONS, type Direction } from '@/core/scale/direction';
import { notesOf } from '@/core/scale/line';
import { scaleIdFrom } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES, type SignatureChoice } from '@/core/scale/printed';
import { readSteps } from '@/core/scale/typed-steps';
import type { WrittenScale } from '@/core/scale/written';

/** A scale as a file of ours says it: `C# melodic-minor down written`, `D 2,2,3,2,3 up none`. */
export type ScaleCode = {
  readonly tonic: SpelledNote;
  readonly scale: AskedScale;
  readonly direction: Direction;
  readonly signature: SignatureChoice;
};

/** The code of a scale that is written out. */
export function writeScaleCode({ scale, direction, choice }: WrittenScale): string {
  return [asciiName(scale.tonic), scale.id ?? scale.rising.join(','), direction, choice].join(' ');
}

/** What a code says; null where it is none. */
function readCode(code: string): ScaleCode | null {
  const [tonic = '', asked = '', way, choice, ...rest] = code.trim().split(' ');
  const note = readEnglishNote(tonic);
  const steps = readSteps(asked.split(','));
  const scale = steps.ok ? askedFrom(steps.steps) : scaleIdFrom(asked);
  const direction = DIRECTIONS.find((each) => each === way);
  const signature = SIGNATURE_CHOICES.find((each) => each === choice);
  if (!note.ok || !scale || !direction || !signature || rest.length > 0) return null;
  return { tonic: note.note, scale, direction, signature };
}

/**
 * The scale a file says it is, where its notes are really those: a file may have been changed since by another program.
 * Null where it says nothing or something else.
 */
export function scaleOfCode(code: string | null, notes: readonly SpelledNote[]): ScaleCode | null {
  const read = code === null ? null : readCode(code);
  if (!read) return null;
  const same = (['natural', 'as-it-rose'] as const).some((melodicDown) => {
    const reading = scaleAsked(read.tonic, read.scale, melodicDown);
    const wanted = reading.ok ? notesOf(reading.scale, read.direction) : [];
    return wanted.length === notes.length && wanted.every((note, at) => note === notes[at]);
  });
  return same ? read : null;
}
