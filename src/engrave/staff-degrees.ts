import type { DerivationStep } from '@/core/derive/derivation';
import { midiOf, pitch } from '@/core/note/pitch';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { degreeFigure, degreeName, namesDegrees, sungAt } from './degree-figure';
import { figures } from './figures';
import { type Group, group, type Scene, words } from './scene';

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
  const groups = line.flatMap((placed, place): readonly Group[] => {
    const state = step.line[place];
    const x = heads[place] as number;
    if (!state || state.stage === 'letter') return [];
    const sung = named ? sungAt(w, placed, state.note, scale) : null;
    const name = named ? degreeName(w, placed, state.note, scale) : '';
    const marks = named
      ? [words(sung ? `${name}, ${sung}` : name, 0, 0, { size: NAME_SIZE, fill: 'ink' })]
      : figures(degreeFigure(w, placed, state.note, scale), 0, 0, SIZE, 'ink');
    const degree = group(`degree-${place}`, 'degree', marks, { x, y });
    const from = heads[place - 1] ?? x;
    if (step.line[place - 1]?.stage !== 'decided' || x - from < GAP_ROOM) return [degree];
    const letters = figures(w.stepLetters(gapTo(written, step, place)), 0, 0, NAME_SIZE, 'quiet');
    return [group(`gap-${place}`, 'gap', letters, { x: (x + from) / 2, y }), degree];
  });
  return { ...scene, height: scene.height + ROOM, groups: [...scene.groups, ...groups] };
}

/** Half steps between a place and the one before it, as they stand at a step. */
function gapTo({ line }: WrittenScale, step: DerivationStep, place: number): number {
  const sounds = [place - 1, place].map((at) => {
    const [state, placed] = [step.line[at], line[at]];
    return state && placed ? midiOf(pitch(state.note, placed.pitch.octave)) : 0;
  }) as [number, number];
  return Math.abs(sounds[1] - sounds[0]);
}

/** The middle of the head of a place. */
function headX(scene: Scene, place: number): number {
  const note = scene.groups.find((drawn) => drawn.part === 'note' && drawn.place === place);
  const head = note?.marks.find((mark) => mark.kind === 'glyph');
  return head?.kind === 'glyph' ? head.x + HALF_HEAD : 0;
}
