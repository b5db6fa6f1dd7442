import { clefSignature } from '@/core/exercise/entry/entry-frame';
import { pitchesWritten, type WrittenNote } from '@/core/exercise/entry/scale-entry';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { placeInSignature } from '@/core/identify/drawn-signature';
import { nearest } from '@/core/identify/note-entry';
import type { Clef } from '@/core/instrument/staff';
import type { DrawnSign } from '@/core/mark/judging/drawn';
import { type Pitch, pitch } from '@/core/note/pitch';
import type { SpelledNote } from '@/core/note/spelled';
import { type Fifths, fifths } from '@/core/note/spelled';
import { group, type Mark, type Scene } from '../scene';
import { engraveRow, engraveSigns } from '../staff';
import { spareRoom } from '../staff-trim';
import { type Part, scenePart } from './part';
import { pixels, type Setting } from './setting';

/** Where the middle of a head lies right of its left edge, and the middle line of a staff. In pixels. */
const HALF_HEAD = 8.5;

/** The clef, and the signature that is printed behind it. */
export type Staff = { readonly clef: Clef; readonly atClef: Fifths };

/** Notes on a staff as they were written; those of `hidden` keep their place and are not drawn. */
export function rowScene(
  { clef, atClef }: Staff,
  notes: readonly WrittenNote[],
  width: number,
  hidden: readonly number[] = [],
): Scene {
  const printed = notes.every(({ printed: sign }) => sign !== undefined)
    ? notes.map(({ printed: sign }) => sign ?? null)
    : undefined;
  const scene = engraveRow({ pitches: pitchesWritten(notes), clef, atClef, printed }, width);
  const groups = scene.groups.filter(({ place }) => place === null || !hidden.includes(place));
  return { ...scene, groups };
}

/** Where the heads of a row stand, their middles by place, in pixels. */
export function headsOf({ groups }: Scene): ReadonlyMap<number, { readonly x: number; readonly y: number }> {
  return new Map(
    groups.flatMap(({ part, place, marks }) => {
      const head = marks.find((mark) => mark.kind === 'glyph');
      return part === 'note' && place !== null && head?.kind === 'glyph'
        ? [[place, { x: head.x + HALF_HEAD, y: head.y }] as const]
        : [];
    }),
  );
}

/** An empty staff with its clef, or without. */
export function emptyScene(clef: Clef | null, width: number): Scene {
  const scene = engraveSigns(clef ?? 'treble', [], width);
  return clef ? scene : { ...scene, groups: scene.groups.filter(({ part }) => part !== 'clef') };
}

/** A staff with signs where they were drawn; a sign whose place is not known stands where it belongs. */
export function signsScene(clef: Clef, signs: readonly DrawnSign[], width: number): Scene {
  const placed = signs.map(
    ({ sign, octave }): Pitch => (octave === null ? placeInSignature(sign, clef) : pitch(sign, octave)),
  );
  return engraveSigns(clef, placed, width);
}

export const NO_SIGNS: Staff['atClef'] = fifths(0);

/** Points for a pixel of a drawing that is to fit. */
export function scaleFor({ width }: Scene, setting: Setting): number {
  return Math.min(setting.m.staff, setting.width / width);
}

/** A staff on a page, without the rows that none of its notes needs; one that is too wide is made smaller. */
export function staffPart(scene: Scene, setting: Setting): Part {
  const { above, below } = spareRoom(scene);
  return scenePart(scene, scaleFor(scene, setting), {
    above: Math.max(0, above - 4),
    below: Math.max(0, below - 6),
  });
}

/** A ring round the heads of a row. */
export function ringed(scene: Scene, places: readonly number[]): Scene {
  const heads = headsOf(scene);
  const rings = places.flatMap((place): Mark[] => {
    const at = heads.get(place);
    return at
      ? [{ kind: 'circle', cx: at.x, cy: at.y, r: 13.5, fill: 'none', stroke: 'plum', width: 2 }]
      : [];
  });
  return rings.length === 0 ? scene : { ...scene, groups: [...scene.groups, group('rings', 'ring', rings)] };
}

/** Room above and below a staff on which notes are still to be written, in pixels. */
export const TO_WRITE = { above: 12, below: 10 };

/** A staff that is to be written on. */
export function blankStaffPart(clef: Clef | null, setting: Setting, width = pixels(setting)): Part {
  return scenePart(emptyScene(clef, width), setting.m.staff, TO_WRITE);
}

/** Notes of a row in the treble clef, near to each other. */
export function notesOf(row: readonly SpelledNote[]): readonly WrittenNote[] {
  return nearest(row).map(({ note, octave }) => ({ note, octave, printed: undefined }));
}

/** A written row; places that are hidden keep their room. */
export function rowPart(
  staff: Staff,
  notes: readonly WrittenNote[],
  setting: Setting,
  hidden: readonly number[] = [],
): Part {
  return staffPart(rowScene(staff, notes, pixels(setting), hidden), setting);
}

/** The staff a question about a scale is written on. */
export function staffOf(asked: MarkQuestion, { w }: Setting): Staff {
  const clef = 'clef' in asked.question ? asked.question.clef : null;
  return { clef: clef ?? 'treble', atClef: clefSignature(asked, w.settings) };
}
