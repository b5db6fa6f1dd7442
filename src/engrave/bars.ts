import {
  Accidental,
  Barline,
  Beam,
  Dot,
  Formatter,
  type Note,
  Stave,
  StaveNote,
  Tuplet,
  Voice,
} from 'vexflow/core';
import { signaturePlaces } from '@/core/instrument/signature-place';
import type { Clef } from '@/core/instrument/staff';
import type { Stroke } from '@/core/play/articulation';
import type { Part } from '@/core/play/part';
import { type Beat, byQuarter, noteValue } from '@/core/play/rhythm';
import { signCode } from '@/core/scale/printed';
import barGlyphs from './bar-glyphs.json';
import { BAR_LINE } from './bar-lines';
import { gathered } from './gather';
import { boxOf, giveOutlines } from './glyphs';
import { noteLabel } from './note-label';
import { measureByOutlines, Recorder } from './recorder';
import { type Group, group, type Scene, words } from './scene';
import { type DrawnNote, type OnLine, STROKE_ROOM, strokeGroups } from './slurs';
import { addSignature, staffGroups } from './staff';

/** How wide a part is drawn on paper and in pictures, in pixels. */
export const BARS_WIDTH = 760;

const MARGIN = 1;
const SPACE_ABOVE = 4; // spaces above the top line
/** What a bar needs beside its notes, and how much air its notes like to have. */
const AROUND = 18;
const AIR = 1.25;

/** What is sung stands under the staff: its size, the middle of its line, and what a letter needs. In pixels. */
const SUNG = { size: 15, y: 116, letter: 7.6, least: 18 } as const;

/** Air over the highest and under the lowest mark of a line, in pixels. */
const CLEAR = 6;

/** Note values as VexFlow calls them. */
const DURATIONS = { '16th': '16', eighth: '8', quarter: 'q', half: 'h', whole: 'w' } as const;

/** Where rests stand in each clef: on the middle line. */
const MIDDLE: Readonly<Record<Clef, string>> = { treble: 'b/4', alto: 'c/4', tenor: 'a/3', bass: 'd/3' };

/** A dot in the type of every other sign: taking on that of its note would ask a browser. */
class PlainDot extends Dot {
  override setNote(note: Note): this {
    this.note = note;
    return this;
  }
}

function staveNote({ clef, notes }: Part, beat: Beat): StaveNote {
  const { value, dots } = noteValue(beat);
  const duration = DURATIONS[value];
  const note = beat.note === null ? undefined : notes[beat.note];
  const key = note
    ? `${note.pitch.note.letter.toLowerCase()}/${note.pitch.octave}`
    : (MIDDLE[clef] as string);
  const made = new StaveNote({
    keys: [key],
    duration: note ? duration : `${duration}r`,
    dots,
    clef,
    autoStem: true,
  });
  if (note?.sign) {
    const sign = new Accidental(signCode(note.sign.sign));
    if (note.sign.courtesy) sign.setAsCautionary();
    made.addModifier(sign);
  }
  for (let dot = 0; dot < dots; dot += 1) made.addModifier(new PlainDot());
  return made;
}

/** A bar before it has a place: its notes with what joins them, and how wide it has to be. */
type LaidBar = {
  readonly beats: readonly Beat[];
  readonly notes: readonly StaveNote[];
  readonly beams: readonly Beam[];
  readonly tuplets: readonly Tuplet[];
  readonly formatter: Formatter;
  readonly voice: Voice;
  readonly least: number;
};

/** What stands under the notes, by their places; nothing where nothing is sung. */
type Sung = readonly string[];

function laidBar(part: Part, beats: readonly Beat[], sung: Sung): LaidBar {
  const notes = beats.map((beat) => staveNote(part, beat));
  const tuplets = byQuarter(beats)
    .filter((group) => group.some((at) => noteValue(beats[at] as Beat).triplet))
    .map(
      (group) =>
        new Tuplet(
          group.map((at) => notes[at] as StaveNote),
          { numNotes: 3, notesOccupied: 2, bracketed: group.length < 3 },
        ),
    );
  const beams = Beam.generateBeams([...notes], { maintainStemDirections: false });
  const voice = new Voice({ numBeats: part.meter, beatValue: 4 })
    .setMode(Voice.Mode.SOFT)
    .addTickables([...notes]);
  const formatter = new Formatter();
  formatter.joinVoices([voice]);
  const texts = beats.map(({ note }) => (note === null ? '' : (sung[note] ?? '')));
  const under = texts.reduce((sum, text) => sum + Math.max(SUNG.least, text.length * SUNG.letter + 8), 0);
  const wide = sung.length > 0 ? under : 0;
  const least = Math.max(formatter.preCalculateMinTotalWidth([voice]) * AIR, wide) + AROUND;
  return { beats, notes, beams, tuplets, formatter, voice, least };
}

/** Bars shared out over lines, each line as full as it can be; the last is told from the others. */
function* inLines(
  part: Part,
  sung: Sung,
  roomOf: (line: number) => number,
): Generator<{ readonly bars: readonly LaidBar[]; readonly last: boolean }> {
  let line: LaidBar[] = [];
  let nth = 0;
  let left = roomOf(0);
  for (const beats of part.bars) {
    const bar = laidBar(part, beats, sung);
    if (line.length > 0 && bar.least > left) {
      yield { bars: line, last: false };
      nth += 1;
      line = [];
      left = roomOf(nth);
    }
    line.push(bar);
    left -= bar.least;
  }
  yield { bars: line, last: true };
}

/**
 * Lays a part out in bars, line under line: notes, beams and spacing by VexFlow. The signature stands on every line, the
 * time signature on the first. Groups: `staff`, `clef`, `sign`, `time`, `joined` (beams and brackets of triplets),
 * `stroke` (slurs and dots), `sung`, and a `note` with the place of the note it shows. What is yielded is the part as far
 * as it has been laid out, line by line; the last is whole.
 *
 * @param width in pixels; ten pixels lie between two lines of the staff
 * @param sung what is sung on each note; empty where nothing is
 * @param ends whether its last bar is the end of the piece
 */
export function* engravedLines(part: Part, width: number, sung: Sung = [], ends = true): Generator<Scene> {
  measureByOutlines();
  giveOutlines(barGlyphs);
  const heads = [0, 1].map((line) => headStave(part, line, 400).getNoteStartX() + MARGIN);
  const roomOf = (line: number) => width - (heads[Math.min(line, 1)] ?? 0);
  const strokes = part.notes.map(({ stroke }) => stroke);
  const drawn = new Map<number, DrawnNote>();
  const groups: Group[] = [];
  const places: LinePlace[] = [];
  let line = 0;
  let height = 0;
  const onIts = ({ line: nth, group: each }: OnLine): Group => ({
    ...each,
    y: each.y + (places[nth]?.y ?? 0),
  });
  for (const { bars, last } of inLines(part, sung, roomOf)) {
    const own = drawnLine(part, bars, line, width, { last, ends }, drawn);
    const notes = [...drawn].filter(([, note]) => note.line === line);
    const place = placeOfLine(own, notes, strokes, sung.length > 0, height);
    places.push(place);
    groups.push(...own.map((each) => ({ ...each, y: place.y })));
    height = place.end;
    line += 1;
    yield {
      width,
      height,
      groups: [
        ...groups,
        ...strokeGroups(strokes, drawn).map(onIts),
        ...sungGroups(sung, drawn, places).map(onIts),
      ],
    };
  }
}

/** Where a line of bars stands, where what is sung on it stands under its top, and where the next one begins. */
type LinePlace = { readonly y: number; readonly sung: number; readonly end: number };

/** A line under the one before: as much room as its notes and signs take, and never less than a line has. */
function placeOfLine(
  groups: readonly Group[],
  notes: readonly (readonly [place: number, note: DrawnNote])[],
  strokes: readonly Stroke[],
  isSung: boolean,
  from: number,
): LinePlace {
  const glyphs = groups.flatMap(({ marks }) => marks.filter((mark) => mark.kind === 'glyph'));
  const edge = (side: 1 | 3) =>
    glyphs.map(({ glyph, y, size }) => y + ((boxOf(glyph)[side] ?? 0) / 1000) * size);
  // A slurred note has its slur over it or under it, and so has the one it is slurred to.
  const room = (place: number) =>
    strokes[place] === 'tongued' && strokes[place - 1] !== 'slurred' ? 0 : STROKE_ROOM;
  const ends = notes.map(([place, { head, tip }]) => ({
    top: Math.min(head, tip) - room(place),
    bottom: Math.max(head, tip) + room(place),
  }));
  const top = Math.min(...edge(1), ...ends.map((each) => each.top));
  const bottom = Math.max(...edge(3), ...ends.map((each) => each.bottom));
  const y = from + Math.max(0, CLEAR - top);
  const sung = Math.max(SUNG.y, bottom + SUNG.size);
  const end = Math.max(from + BAR_LINE, y + (isSung ? sung + SUNG.size / 2 : bottom + CLEAR));
  return { y, sung, end };
}

/** The whole part, laid out at once. */
export function engraveBars(part: Part, width: number, sung: Sung = [], ends = true): Scene {
  let scene: Scene = { width, height: 0, groups: [] };
  for (scene of engravedLines(part, width, sung, ends));
  return scene;
}

/** What is sung, each text centred under its note. */
function sungGroups(
  sung: Sung,
  drawn: ReadonlyMap<number, DrawnNote>,
  places: readonly LinePlace[],
): readonly OnLine[] {
  return [...drawn].flatMap(([place, { x, line }]): readonly OnLine[] => {
    const text = sung[place];
    if (!text) return [];
    const isNote = /^[A-G][♯♭𝄪𝄫]?$/u.test(text);
    const marks = isNote
      ? noteLabel(text, 0, 0, SUNG.size, 'ink')
      : [words(text, 0, 5, { size: SUNG.size, fill: 'ink' })];
    const y = places[line]?.sung ?? SUNG.y;
    return [{ line, group: group(`sung-${place}`, 'sung', marks, { x, y }) }];
  });
}

function headStave({ clef, atClef, meter }: Part, line: number, width: number): Stave {
  const stave = new Stave(MARGIN, 0, width, { spaceAboveStaffLn: SPACE_ABOVE });
  stave.addClef(clef);
  if (atClef !== null) addSignature(stave, signaturePlaces(atClef, clef), clef);
  if (line === 0) stave.addTimeSignature(`${meter}/4`);
  return stave;
}

/** One line of bars: what is left over of its width is shared out; a last line keeps its own. */
function drawnLine(
  part: Part,
  line: readonly LaidBar[],
  at: number,
  width: number,
  { last: isLast, ends }: { readonly last: boolean; readonly ends: boolean },
  drawn: Map<number, DrawnNote>,
): readonly Group[] {
  const recorder = new Recorder();
  const head = headStave(part, at, width).getNoteStartX();
  const needed = line.reduce((sum, { least }) => sum + least, 0);
  const room = width - 2 * MARGIN - head;
  const stretch = isLast ? Math.min(room / needed, 1.3) : room / needed;
  let x = MARGIN;
  return line.flatMap((bar, index): readonly Group[] => {
    const own = bar.least * stretch;
    const stave =
      index === 0
        ? headStave(part, at, head + own)
        : new Stave(x, 0, own, { spaceAboveStaffLn: SPACE_ABOVE });
    if (index > 0) stave.setBegBarType(Barline.type.NONE);
    if (isLast && ends && index === line.length - 1) stave.setEndBarType(Barline.type.END);
    x += index === 0 ? head + own : own;
    stave.setContext(recorder).draw();
    const key = `${at}-${index}`;
    const shifted = (each: Group): Group => ({ ...each, key: `${each.key}-${key}` });
    const staff = staffGroups(recorder.take()).map(shifted);
    const inBar = barNotes(bar, stave, recorder, key);
    for (const [nth, note] of bar.notes.entries()) {
      const place = bar.beats[nth]?.note ?? null;
      if (place !== null) drawn.set(place, drawnNote(note, at));
    }
    return [...staff, ...inBar];
  });
}

/** Where a note has come to stand. */
function drawnNote(note: StaveNote, line: number): DrawnNote {
  const [head = 0] = note.getYs();
  const tip = note.hasStem() ? note.getStemExtents().topY : head;
  return { x: note.getAbsoluteX() + note.getGlyphWidth() / 2, head, tip, line };
}

function barNotes(
  { beats, notes, beams, tuplets, formatter, voice }: LaidBar,
  stave: Stave,
  recorder: Recorder,
  key: string,
): readonly Group[] {
  formatter.formatToStave([voice], stave);
  for (const note of notes) note.setStave(stave).setContext(recorder);
  const drawn = notes.map((note, at) => {
    note.draw();
    const marks = gathered(recorder.take());
    const place = beats[at]?.note ?? null;
    return place === null
      ? group(`rest-${key}-${at}`, 'rest', marks)
      : group(`note-${place}`, 'note', marks, { place });
  });
  for (const each of [...beams, ...tuplets]) each.setContext(recorder).draw();
  return [...drawn, group(`joined-${key}`, 'joined', gathered(recorder.take()))];
}
