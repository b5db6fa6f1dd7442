import type { DerivationStep } from '@/core/derive/derivation';
import { midiOf, pitch } from '@/core/note/pitch';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { degreeFigure, degreeName, namesDegrees, sungOn } from './degree-figure';
import { figures } from './figures';
import { type Group, group, type Mark, type Scene, words } from './scene';

/** Type sizes, the room below the staff, and the least distance of heads at which names of degrees fit. In pixels. */
const SIZE = 13;
const NAME_SIZE = 12;
const ROOM = 16;
const NAME_ROOM = 78;
const GAP_ROOM = 34;
const HALF_HEAD = 8;

/**
 * A staff with what the class calls its notes beneath it: the degree of each decided note with what is sung on it,
 * and between two of them the letters of the step.
 */
export function withDegrees(w: ClassWords, scene: Scene, written: WrittenScale, step: DerivationStep): Scene {
  const { line, scale } = written;
  const heads = line.map((_, place) => headX(scene, place));
  const y = scene.height + ROOM - 6;
  const wide = heads.every((x, place) => place === 0 || x - (heads[place - 1] ?? 0) >= NAME_ROOM);
  const named = wide && namesDegrees(w, scale);
  const marks = line.flatMap((placed, place): readonly Mark[] => {
    const state = step.line[place];
    const x = heads[place] as number;
    if (!state || state.stage === 'letter') return [];
    const before = step.line[place - 1];
    const from = before && before.stage !== 'letter' ? before : null;
    const size = from
      ? Math.abs(
          midiOf(pitch(state.note, placed.pitch.octave)) -
            midiOf(pitch(from.note, line[place - 1]?.pitch.octave ?? placed.pitch.octave)),
        )
      : 0;
    const narrow = x - (heads[place - 1] ?? 0) < GAP_ROOM;
    const gap = narrow
      ? []
      : figures(w.stepLetters(size), (x + (heads[place - 1] ?? x)) / 2, y, SIZE - 2, 'quiet');
    if (!named) return [...gap, ...figures(degreeFigure(w, placed, state.note, scale), x, y, SIZE, 'ink')];
    const sung = sungOn(w, placed, state.note, scale);
    const name = degreeName(w, placed, state.note, scale);
    return [...gap, words(sung ? `${name}, ${sung}` : name, x, y, { size: NAME_SIZE, fill: 'ink' })];
  });
  const below: Group = group('degrees', 'degrees', marks);
  return { ...scene, height: scene.height + ROOM, groups: [...scene.groups, below] };
}

/** The middle of the head of a place. */
function headX(scene: Scene, place: number): number {
  const note = scene.groups.find((drawn) => drawn.part === 'note' && drawn.place === place);
  const head = note?.marks.find((mark) => mark.kind === 'glyph');
  return head?.kind === 'glyph' ? head.x + HALF_HEAD : 0;
}
