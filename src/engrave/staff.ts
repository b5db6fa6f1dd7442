import { KeySignature, Stave } from 'vexflow/core';
import { signaturePlaces } from '@/core/instrument/signature-place';
import { type Clef, staffPlace } from '@/core/instrument/staff';
import type { Pitch } from '@/core/note/pitch';
import { type Alteration, type Fifths, fifths } from '@/core/note/spelled';
import { printedSigns, signCode } from '@/core/scale/printed';
import type { WrittenScale } from '@/core/scale/written';
import { gathered } from './gather';
import { headGroups } from './heads';
import { measureByOutlines, Recorder } from './recorder';
import { type Group, group, type Mark, type Scene } from './scene';
import { leastStaffWidth } from './staff-width';

const HEIGHT = 132;
const TOP = 46; // of the top line
const MARGIN = 1;
const BEFORE_FIRST = 8; // between the signature and the first head or sign

/** A signature with each sign where the core says it stands. */
class PlacedSignature extends KeySignature {
  constructor(private readonly signs: readonly { readonly type: string; readonly line: number }[]) {
    super('C');
  }
  override format(): void {
    const stave = this.checkStave();
    this.width = 0;
    this.children = [];
    for (const [index, sign] of this.signs.entries()) {
      this.convertToGlyph(sign, this.signs[index + 1] ?? sign, stave);
    }
    this.calculateDimensions();
    this.formatted = true;
  }
}

/** Lines are counted by VexFlow from the top, 0 to 4, in halves. */
function lineFromTop(pitch: Pitch, clef: Clef): number {
  return 4 - staffPlace(pitch, clef) / 2;
}

/** Puts a signature on a stave, each sign where the core says it stands. */
export function addSignature(stave: Stave, signs: readonly Pitch[], clef: Clef): void {
  if (signs.length === 0) return;
  const placed = signs.map((sign) => ({
    type: signCode(sign.note.alteration),
    line: lineFromTop(sign, clef),
  }));
  new PlacedSignature(placed).addToStave(stave);
}

/** An empty staff with its clef and signature, and where the first head may stand. */
type EmptyStaff = { readonly groups: readonly Group[]; readonly start: number };

function emptyStaff(clef: Clef, signs: readonly Pitch[], width: number, time?: string): EmptyStaff {
  measureByOutlines();
  const recorder = new Recorder();
  const stave = new Stave(MARGIN, 0, width - 2 * MARGIN, { spaceAboveStaffLn: TOP / 10 });
  stave.addClef(clef);
  addSignature(stave, signs, clef);
  if (time) stave.addTimeSignature(time);
  stave.setContext(recorder);
  stave.draw();
  return { groups: staffGroups(recorder.take()), start: stave.getNoteStartX() + BEFORE_FIRST };
}

/** Where the bottom line of every staff lies, and how far its places are apart, in pixels. */
export const STAFF_BOTTOM = TOP + 40;
export const STAFF_PLACE = 5;

/** A staff with its clef and a key signature alone. Groups: `staff`, `clef`, and a `sign` for each sign. */
export function engraveSignature(clef: Clef, count: Fifths, width: number): Scene {
  return engraveSigns(clef, signaturePlaces(count, clef), width);
}

/** Pixels from the first line of a piece to the second. */
const LINE_BELOW = 108;

/**
 * The beginnings of the first two lines of a piece, four quarters to the bar: the signature stands between clef and
 * time signature and again on the second line, where the time signature does not. Groups of the second line are named
 * as those of the first with `-again` behind.
 */
export function engraveLines(clef: Clef, count: Fifths, width: number): Scene {
  const signs = signaturePlaces(count, clef);
  const first = emptyStaff(clef, signs, width, '4/4').groups;
  const second = emptyStaff(clef, signs, width).groups.map((each) => ({
    ...each,
    key: `${each.key}-again`,
    y: each.y + LINE_BELOW,
  }));
  return { width, height: HEIGHT - 10 + LINE_BELOW, groups: [...first, ...second] };
}

/** A staff with its clef and signs wherever they were drawn, also where no signature has them. */
export function engraveSigns(clef: Clef, signs: readonly Pitch[], width: number): Scene {
  return { width, height: HEIGHT - 10, groups: emptyStaff(clef, signs, width).groups };
}

/**
 * Notes on a staff without a signature, each with the sign it needs, as a line without bar lines. It is as wide as
 * `width`, in pixels, or wider where the signs need more.
 */
export function engraveNotes(pitches: readonly Pitch[], clef: Clef, width: number): Scene {
  return engraveRow({ pitches, clef, atClef: fifths(0), printed: undefined }, width);
}

/** A row as somebody wrote it: any pitches under any signature, each with the sign that was put there. */
export type WrittenRow = {
  readonly pitches: readonly Pitch[];
  readonly clef: Clef;
  readonly atClef: Fifths;
  /** Of each note; left out, each has the sign it needs. */
  readonly printed: readonly (Alteration | null)[] | undefined;
};

/** A row on a staff as it was written, right or wrong; as wide as `width`, in pixels, or wider where its signs need it. */
export function engraveRow({ pitches, clef, atClef, printed }: WrittenRow, width: number): Scene {
  const signs = printed ?? printedSigns(pitches, atClef);
  const wide = Math.max(width, leastStaffWidth({ atClef, printed: signs }));
  const { groups, start } = emptyStaff(clef, signaturePlaces(atClef, clef), wide);
  const line = pitches.map((each) => ({ pitch: each }));
  const room = { start, end: wide - MARGIN, bottom: STAFF_BOTTOM };
  const heads = headGroups({ line, clef, printed: signs }, room);
  return { width: wide, height: HEIGHT, groups: [...groups, ...heads] };
}

/**
 * Lays a scale out on a staff in whole notes with the signs that must be printed, no time signature and no bar lines
 * between: staff, clef and signature by VexFlow, the heads evenly spaced with room for their signs. Groups: `staff`,
 * `clef`, a `sign` for each sign of the signature, and `note` and `accidental` with the place of the line they show.
 *
 * @param width in pixels; ten pixels lie between two lines of the staff
 */
export function engraveStaff(written: WrittenScale, width: number): Scene {
  const signs = written.atClef ? signaturePlaces(written.atClef, written.clef) : [];
  const { groups, start } = emptyStaff(written.clef, signs, width);
  const room = { start, end: width - MARGIN, bottom: STAFF_BOTTOM };
  return { width, height: HEIGHT, groups: [...groups, ...headGroups(written, room)] };
}

/** What was drawn of an empty staff, by what it is. */
export function staffGroups(marks: readonly Mark[]): readonly Group[] {
  const all = marks.flatMap((mark) => (mark.kind === 'glyph' ? [mark] : []));
  const time = all.filter(({ glyph }) => glyph.startsWith('timeSig'));
  const [clef, ...signs] = all.filter(({ glyph }) => !glyph.startsWith('timeSig'));
  return [
    group('staff', 'staff', gathered(marks.filter(({ kind }) => kind !== 'glyph'))),
    ...(clef ? [group('clef', 'clef', [clef])] : []),
    ...signs.map((sign, index) => group(`sign-${index}`, 'sign', [sign])),
    ...(time.length > 0 ? [group('time', 'time', time)] : []),
  ];
}
