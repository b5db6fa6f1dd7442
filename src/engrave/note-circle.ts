import { type DerivationStep, isAboutSome } from '@/core/derive/derivation';
import type { SpelledNote } from '@/core/note/spelled';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { nameSize, nameWidth } from './far';
import { inkOf, noteLabel } from './note-label';
import type { Mark } from './scene';

/**
 * Whether a step is about a note, wherever it stands: where a note has one place for all its octaves, the octave above
 * decides it as well. A step about the whole line is about none of them.
 */
export function isAbout(
  step: DerivationStep,
  { line }: Pick<WrittenScale, 'line'>,
  note: SpelledNote,
): boolean {
  return isAboutSome(step, line) && step.at.some((place) => line[place]?.pitch.note === note);
}

/** A decided note in its circle: its name in the ink of its sign, on the light of the step that is about it. */
export function noteCircle(
  w: ClassWords,
  note: SpelledNote,
  {
    r,
    width,
    current,
    far = false,
  }: {
    readonly r: number;
    readonly width: number;
    readonly current: boolean;
    readonly far?: boolean | undefined;
  },
): readonly Mark[] {
  const ink = inkOf(note);
  return [
    { kind: 'circle', cx: 0, cy: 0, r, fill: current ? 'now' : 'sheet', stroke: ink, width },
    ...noteLabel(w.note(note), 0, 0, nameSize(r, r * 1.05, far), ink, far ? nameWidth(r) : undefined),
  ];
}
