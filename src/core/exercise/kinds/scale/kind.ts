import { octaveFor } from '@/core/scale/line';
import { scaleNamed } from '@/core/scale/scale';
import { writeOut } from '@/core/scale/written';
import type { WrittenNote } from '../../entry/scale-entry';
import { kind, type MarkSchool } from '../kind';
import { pickKey } from '../making';
import { tonicProblem } from '../problem';
import { judgeScale } from './judge-scale';
import { type ScaleQuestion, scaleTask } from './scale-question';

/** A scale as it is written down right, every sign where it must stand. */
function rightRow(question: ScaleQuestion, { modesWritten }: MarkSchool): readonly WrittenNote[] {
  const { tonic, scale, direction, clef, signature, melodicDown } = question;
  const reading = scaleNamed(tonic, scale, melodicDown);
  if (!reading.ok) return [];
  const writing = { direction, clef: clef ?? 'treble', signature, modesWritten };
  const { line, printed } = writeOut(reading.scale, writing);
  return line.map(({ pitch }, at) => ({
    note: pitch.note,
    octave: pitch.octave,
    printed: printed[at] ?? null,
  }));
}

/** The octave a row begins in, that of fewest ledger lines. */
export function startOctave({ tonic, scale, clef, direction }: ScaleQuestion): number {
  const reading = scaleNamed(tonic, scale);
  if (!reading.ok) return 4;
  const octave = octaveFor(reading.scale, clef ?? 'treble');
  return direction === 'down' ? octave + 1 : octave;
}

/** A scale to be written, up, down or both, with its signature or without. */
export const scaleKind = kind({
  id: 'scale',
  fields: ['tonic', 'scale', 'direction', 'clef', 'signature'],
  from: ({ tonic, scale, direction, signature, clef }, { melodicDown }): ScaleQuestion => ({
    tonic,
    scale,
    direction,
    signature,
    clef,
    melodicDown,
  }),
  of: ({ tonic, scale, direction, signature, clef }) => ({
    tonic,
    scale,
    direction,
    signature,
    clef: clef ?? 'treble',
  }),
  form: () => 'scale',
  ways: ['notes'],
  shown: () => null,
  problem: tonicProblem,
  right: (question, school) => ({ is: 'scale', notes: rightRow(question, school) }),
  task: scaleTask,
  judge: judgeScale,
  key: ({ tonic, scale }) => ({ tonic, scale }),
  make: (picks, limits) => ({
    ...pickKey(picks, limits),
    direction: picks(['up', 'down', 'both'] as const),
    signature: picks(['written', 'none'] as const),
    clef: picks(limits.clefs),
  }),
});
