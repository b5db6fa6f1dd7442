import type { DerivationStep } from '@/core/derive/derivation';
import { pitch } from '@/core/note/pitch';
import type { Alteration } from '@/core/note/spelled';
import { printedSigns } from '@/core/scale/printed';
import type { WrittenScale } from '@/core/scale/written';
import { signBefore } from './heads';
import type { Group, Scene } from './scene';

/** The signs a line needs while it is being worked out: those of the notes that are decided, as they stand now. */
function signsAt({ line, atClef }: WrittenScale, step: DerivationStep): ReadonlyMap<number, Alteration> {
  const decided = line.flatMap((placed, place) => {
    const state = step.line[place];
    return state?.stage === 'decided' ? [{ place, pitch: pitch(state.note, placed.pitch.octave) }] : [];
  });
  const printed = printedSigns(
    decided.map((each) => each.pitch),
    atClef,
  );
  return new Map(
    decided.flatMap(({ place }, index): [number, Alteration][] => {
      const sign = printed[index];
      return sign === null || sign === undefined ? [] : [[place, sign]];
    }),
  );
}

/**
 * An engraved staff as it stands at a step of the working: every head stays where it is, and each decided note has
 * the sign it needs now, which is not always the one it ends with.
 */
export function staffAtStep(scene: Scene, written: WrittenScale, step: DerivationStep): Scene {
  const signs = signsAt(written, step);
  const finished = step.line.every(
    ({ stage, note }, place) => stage === 'decided' && note === written.line[place]?.pitch.note,
  );
  if (finished) return scene;
  const groups = scene.groups.flatMap((drawn): readonly Group[] => {
    if (drawn.part === 'accidental') return [];
    const sign = drawn.part === 'note' && drawn.place !== null ? signs.get(drawn.place) : undefined;
    return sign === undefined ? [drawn] : [signOf(drawn, sign), drawn];
  });
  return { ...scene, groups };
}

function signOf({ marks, place }: Group, sign: Alteration): Group {
  const head = marks.find((mark) => mark.kind === 'glyph');
  if (head?.kind !== 'glyph' || place === null) throw new RangeError('a note has its head');
  return signBefore(sign, head.x, head.y, place);
}
