import {
  Barline,
  Stave,
  StaveConnector,
  type StaveConnectorType,
  type StaveNote,
  StaveTie,
} from 'vexflow/core';
import { signaturePlaces } from '@/core/instrument/signature-place';
import type { Clef } from '@/core/instrument/staff';
import { type Pitch, pitch } from '@/core/note/pitch';
import { asciiName, type Fifths, spelled } from '@/core/note/spelled';
import { isAltered } from '@/core/piece/altered';
import type { BarEnd } from '@/core/piece/piece';
import type { ScopedTone } from '@/core/piece/scoped';
import { naturalsBetween } from '@/core/piece/signature-change';
import { gathered } from '../gather';
import { boxOf } from '../glyphs';
import { measureByOutlines, Recorder } from '../recorder';
import { type Group, group, type Mark, type Scene, words } from '../scene';
import { addSignature } from '../staff';
import { type LaidBar, laidBar } from './laid-bar';
import { giveScoreOutlines } from './outlines';
import { clefName, type ScoreView, type StaffView } from './score-view';

/** A note head that can be pressed: its part and its tone, and where it stands. */
export type ScoreHead = {
  readonly part: number;
  readonly tone: number;
  /** Its note in English ASCII, and its bar from 0. */
  readonly note: string;
  readonly bar: number;
  readonly x: number;
  readonly y: number;
};

/** A bar as it stands on a page, over all its staves. */
export type ScoreBox = {
  readonly bar: number;
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
};

/** A page of a score: its drawing, its heads and its bars, from the first. */
export type ScorePage = {
  readonly scene: Scene;
  readonly heads: readonly ScoreHead[];
  readonly bars: readonly ScoreBox[];
};

const MARGIN = 1;
const SPACE_ABOVE = 4; // spaces above the top line
const BRACE = 12; // pixels, left of staves that belong together
const BETWEEN_STAVES = 18;
const BETWEEN_LINES = 22;
const NUMBER_SIZE = 13;
/** What stands between two bars of a line. */
const AROUND = 14;

const ENDS: Readonly<Record<BarEnd, number>> = {
  plain: Barline.type.SINGLE,
  double: Barline.type.DOUBLE,
  repeat: Barline.type.REPEAT_END,
  final: Barline.type.END,
};

const CONNECTORS: Readonly<Record<BarEnd, StaveConnectorType>> = {
  plain: 'singleRight',
  double: 'thinDouble',
  repeat: 'boldDoubleRight',
  final: 'boldDoubleRight',
};

/** The signs of a change of signature: naturals for what ends, where they stood, then the new signature. */
function changeSigns(before: Fifths, after: Fifths, clef: Clef): readonly Pitch[] {
  const ended = new Set(naturalsBetween(before, after).map(({ letter }) => letter));
  const naturals = signaturePlaces(before, clef)
    .filter(({ note }) => ended.has(note.letter))
    .map(({ note, octave }) => pitch(spelled(note.letter, 0), octave));
  return [...naturals, ...signaturePlaces(after, clef)];
}

/** Draws the bars `from` to `to` (not with it) of some staves, in lines of a width in pixels. */
export function engraveScorePage(
  view: ScoreView,
  staves: readonly StaffView[],
  from: number,
  to: number,
  width: number,
): ScorePage {
  measureByOutlines();
  giveScoreOutlines();
  const page = new PageDrawer(view, staves, width);
  const bars = Array.from({ length: Math.max(0, to - from) }, (_, at) => laidBar(view, staves, from + at));
  for (const line of page.inLines(bars)) page.draw(line);
  return page.page();
}

class PageDrawer {
  private readonly groups: Group[] = [];
  private readonly heads: ScoreHead[] = [];
  private readonly boxes: ScoreBox[] = [];
  private readonly left: number;
  private y = 0;

  constructor(
    private readonly view: ScoreView,
    private readonly staves: readonly StaffView[],
    private readonly width: number,
  ) {
    this.left = MARGIN + (staves.length > 1 ? BRACE : 0);
  }

  page(): ScorePage {
    return {
      scene: { width: this.width, height: Math.max(1, this.y), groups: this.groups },
      ...{ heads: this.heads, bars: this.boxes },
    };
  }

  private at({ part }: StaffView, bar: number) {
    return this.view.parts[part]?.at[bar];
  }

  private end(bar: number): BarEnd {
    return this.view.piece.parts[this.staves[0]?.part ?? 0]?.bars[bar]?.end ?? 'plain';
  }

  /** The stave of a bar, with what stands at its head. */
  private stave(staff: StaffView, bar: number, first: boolean, x: number, width: number): Stave {
    const stave = new Stave(x, 0, width, { spaceAboveStaffLn: SPACE_ABOVE });
    const now = this.at(staff, bar);
    const before = bar > 0 ? this.at(staff, bar - 1) : undefined;
    const written = this.view.piece.parts[staff.part]?.bars[bar];
    if (!now || !written) return stave;
    const clef = now.clefs[staff.staff] ?? { clef: 'treble' as const, octave: 0 as const };
    const { type, mark } = clefName(clef);
    if (first) stave.addClef(type, 'default', mark);
    else if (written.clefs.some((each) => each.staff === staff.staff && each.at === 0))
      stave.addClef(type, 'small', mark);
    const changes = written.fifths !== null && before !== undefined && before.fifths !== now.fifths;
    if (changes) addSignature(stave, changeSigns(before.fifths, now.fifths, type), type);
    else if (first) addSignature(stave, signaturePlaces(now.fifths, type), type);
    if (written.meter) stave.addTimeSignature(`${now.meter.beats}/${now.meter.unit}`);
    if (!first) stave.setBegBarType(Barline.type.NONE);
    stave.setEndBarType(ENDS[this.end(bar)]);
    return stave;
  }

  /** How much room is taken at the head of a bar. */
  private headOf(bar: number, first: boolean): number {
    const starts = this.staves.map((staff) => this.stave(staff, bar, first, 0, 400).getNoteStartX());
    return Math.max(0, ...starts);
  }

  /** Bars shared out over lines as evenly as they can be. */
  inLines(bars: readonly LaidBar[]): readonly (readonly LaidBar[])[] {
    const room = this.width - this.left - MARGIN;
    const wide = (bar: LaidBar, first: boolean) => this.headOf(bar.bar, first) + bar.least + AROUND;
    const fill = (limit: number) => {
      const lines: LaidBar[][] = [];
      let left = 0;
      for (const bar of bars) {
        const line = lines.at(-1);
        const more = wide(bar, false);
        if (line && more <= left) {
          line.push(bar);
          left -= more;
        } else {
          lines.push([bar]);
          left = limit - wide(bar, true);
        }
      }
      return lines;
    };
    const greedy = fill(room);
    // The same number of lines, the shortest that still serves: no line of one bar at the end.
    for (let part = 0.6; part < 1; part += 0.05) {
      const even = fill(room * part);
      if (even.length === greedy.length) return even;
    }
    return greedy;
  }

  draw(line: readonly LaidBar[]): void {
    const [first] = line;
    if (!first) return;
    const room = this.width - this.left - MARGIN;
    const heads = line.map((bar, at) => this.headOf(bar.bar, at === 0) + AROUND);
    const needed = line.reduce((sum, { least }) => sum + least, 0);
    const spare = room - heads.reduce((sum, each) => sum + each, 0);
    const last = line.at(-1)?.bar === (this.view.piece.parts[0]?.bars.length ?? 0) - 1;
    const stretch = Math.max(0.6, last ? Math.min(spare / needed, 1.5) : spare / needed);
    const widths = line.map(({ least }, at) => (heads[at] ?? 0) + least * stretch);
    const rows = this.staves.map((staff, at) => new RowDrawer(this.view, staff, at));
    let x = this.left;
    const edges: { readonly bar: number; readonly x: number; readonly w: number }[] = [];
    for (const [nth, bar] of line.entries()) {
      const width = widths[nth] ?? 0;
      const staves = this.staves.map((staff) => this.stave(staff, bar.bar, nth === 0, x, width));
      const start = Math.max(...staves.map((stave) => stave.getNoteStartX()));
      for (const stave of staves) stave.setNoteStartX(start);
      const voices = bar.staves.flatMap((each) => each.voices);
      const [stave] = staves;
      if (stave && voices.length > 0) {
        for (const [at, each] of bar.staves.entries())
          for (const { note } of each.notes) if (staves[at]) note.setStave(staves[at]);
        bar.formatter.format([...voices], Math.max(20, x + width - start - AROUND), { stave });
      }
      for (const [at, each] of bar.staves.entries())
        rows[at]?.bar(bar.bar, each, staves[at], nth === line.length - 1);
      edges.push({ bar: bar.bar, x, w: width });
      x += width;
    }
    this.place(rows, first.bar, edges);
  }

  /** Puts the rows of a line under each other, as close as their notes allow, and joins them. */
  private place(
    rows: readonly RowDrawer[],
    bar: number,
    edges: readonly { readonly bar: number; readonly x: number; readonly w: number }[],
  ): void {
    const top = this.y;
    const number = this.view.piece.parts[0]?.bars[bar]?.number ?? bar + 1;
    const tops: number[] = [];
    for (const row of rows) {
      const { high, low, groups, heads } = row.drawn();
      const y = this.y - Math.min(high, 4) + (row === rows[0] ? NUMBER_SIZE + 4 : 0);
      tops.push(y + SPACE_ABOVE * 10);
      this.groups.push(...groups.map((each) => ({ ...each, y: each.y + y })));
      this.heads.push(...heads.map((each) => ({ ...each, y: each.y + y })));
      this.y = y + Math.max(low, SPACE_ABOVE * 10 + 44) + BETWEEN_STAVES;
    }
    const [firstTop = 0] = tops;
    const bottom = (tops.at(-1) ?? 0) + 40;
    this.groups.push(
      group(`number-${bar}`, 'number', [
        words(String(number), this.left, firstTop - 22, {
          size: NUMBER_SIZE,
          fill: 'quiet',
          anchor: 'start',
        }),
      ]),
    );
    if (rows.length > 1) this.groups.push(group(`joins-${bar}`, 'staff', this.joins(tops, edges)));
    this.boxes.push(...edges.map((edge) => ({ ...edge, y: firstTop - 14, h: bottom - firstTop + 28 })));
    this.y += BETWEEN_LINES - BETWEEN_STAVES;
    if (this.y < top) this.y = top;
  }

  /** A line at the left of all staves, a brace at those of one part, and bar lines through them. */
  private joins(
    tops: readonly number[],
    edges: readonly { readonly bar: number; readonly x: number; readonly w: number }[],
  ): readonly Mark[] {
    const recorder = new Recorder();
    const staveAt = (at: number, x: number, w: number) =>
      new Stave(x, (tops[at] ?? 0) - SPACE_ABOVE * 10, w, { spaceAboveStaffLn: SPACE_ABOVE });
    const connect = (upper: number, lower: number, type: StaveConnectorType, x: number, w: number) =>
      new StaveConnector(staveAt(upper, x, w), staveAt(lower, x, w))
        .setType(type)
        .setContext(recorder)
        .draw();
    const [first] = edges;
    const all = this.staves.length - 1;
    if (first) connect(0, all, 'singleLeft', first.x, first.w);
    for (const [at, { part }] of this.staves.entries()) {
      const lastOfPart = this.staves.findLastIndex((each) => each.part === part);
      if (this.staves.findIndex((each) => each.part === part) !== at || lastOfPart === at) continue;
      if (first) connect(at, lastOfPart, 'brace', first.x, first.w);
      for (const { bar, x, w } of edges) connect(at, lastOfPart, CONNECTORS[this.end(bar)], x, w);
    }
    return gathered(recorder.take());
  }
}

/** Draws one staff of a line from its left end. */
class RowDrawer {
  private readonly recorder = new Recorder();
  private readonly groups: Group[] = [];
  private readonly heads: ScoreHead[] = [];
  /** The notes of this line by their tones, for ties. */
  private readonly notes = new Map<
    number,
    { readonly note: StaveNote; readonly at: number; readonly tone: ScopedTone }
  >();

  constructor(
    private readonly view: ScoreView,
    private readonly staff: StaffView,
    private readonly row: number,
  ) {}

  bar(bar: number, laid: LaidBar['staves'][number], stave: Stave | undefined, last: boolean): void {
    if (!stave) return;
    const { recorder } = this;
    const key = `${this.row}-${bar}`;
    // The pen of the bar before would draw its lines.
    recorder.setLineWidth(1);
    stave.setContext(recorder).draw();
    this.groups.push(group(`staff-${key}`, 'staff', gathered(recorder.take())));
    for (const [at, rest] of laid.rests.entries()) {
      rest.setStave(stave).setContext(recorder).draw();
      this.groups.push(group(`rest-${key}-${at}`, 'rest', gathered(recorder.take())));
    }
    for (const { note } of laid.notes) note.setStave(stave);
    for (const clef of laid.clefs) clef.setStave(stave).setContext(recorder).draw();
    for (const { note, tones } of laid.notes) this.note(note, tones);
    for (const each of [...laid.beams, ...laid.tuplets]) each.setContext(recorder).draw();
    this.groups.push(group(`joined-${key}`, 'joined', gathered(recorder.take())));
    if (last) this.ties(key);
  }

  private note(note: StaveNote, tones: readonly ScopedTone[]): void {
    const { recorder } = this;
    const { part } = this.staff;
    // A grace note is drawn with the note it belongs to.
    if (note.getCategory() !== 'GraceNote') note.setContext(recorder).draw();
    const ys = note.getYs();
    const [first] = tones;
    this.groups.push(
      group(`note-${part}-${first?.tone}`, 'note', gathered(recorder.take()), { place: first?.tone ?? null }),
    );
    for (const [at, tone] of tones.entries()) {
      // Of two heads a letter apart one stands beside the stem.
      const head = note.noteHeads[at];
      const x =
        (head?.getAbsoluteX() ?? note.getAbsoluteX()) + (head?.getWidth() ?? note.getGlyphWidth()) / 2;
      const { bar, pitch: written } = tone;
      this.heads.push({ part, tone: tone.tone, note: asciiName(written.note), bar, x, y: ys[at] ?? 0 });
      this.notes.set(tone.tone, { note, at, tone });
      const mark = markOf(tone, x, ys[at] ?? 0);
      if (mark)
        this.groups.push(group(`mark-${part}-${tone.tone}`, mark.part, mark.marks, { place: tone.tone }));
    }
  }

  /** Ties to the next note, out of the line at its end, and into it at its beginning. */
  private ties(key: string): void {
    const { recorder } = this;
    const own = this.view.parts[this.staff.part];
    for (const { note, at, tone } of this.notes.values()) {
      const next = own?.tiedTo.get(tone.tone);
      const there = next === undefined ? undefined : this.notes.get(next);
      if (next !== undefined)
        new StaveTie({
          firstNote: note,
          lastNote: there?.note ?? null,
          firstIndexes: [at],
          lastIndexes: [there?.at ?? at],
        })
          .setContext(recorder)
          .draw();
      if (tone.reason.by === 'tie' && !this.notes.has(tone.reason.tone))
        new StaveTie({ firstNote: null, lastNote: note, firstIndexes: [at], lastIndexes: [at] })
          .setContext(recorder)
          .draw();
    }
    this.groups.push(group(`ties-${key}`, 'joined', gathered(recorder.take())));
  }

  /** What was drawn, and how far it reaches up and down. */
  drawn(): {
    readonly groups: readonly Group[];
    readonly heads: readonly ScoreHead[];
    readonly high: number;
    readonly low: number;
  } {
    const edges = this.groups.flatMap(({ marks }) => marks.flatMap(edgesOf));
    return {
      ...{ groups: this.groups, heads: this.heads },
      high: Math.min(SPACE_ABOVE * 10, ...edges.map(([top]) => top)) - 6,
      low: Math.max(SPACE_ABOVE * 10 + 40, ...edges.map(([, bottom]) => bottom)) + 6,
    };
  }
}

/** A ring round what the signature alters; a box round what differs from it. Shape tells them apart, colour helps. */
function markOf(
  tone: ScopedTone,
  x: number,
  y: number,
): { readonly part: string; readonly marks: readonly Mark[] } | null {
  const { alteration } = tone.pitch.note;
  const ink = alteration > 0 ? 'sharp' : alteration < 0 ? 'flat' : 'plum';
  if (isAltered(tone))
    return {
      part: 'by-signature',
      marks: [{ kind: 'circle', cx: x, cy: y, r: 10, fill: 'none', stroke: ink, width: 1.8 }],
    };
  if (tone.asSigned || tone.reason.by === 'tie') return null;
  // The box takes in the sign, where the note has its own.
  const left = tone.sign ? 23 : 10;
  return {
    part: 'against-signature',
    marks: [
      {
        kind: 'rect',
        x: x - left,
        y: y - 10,
        w: left + 10,
        h: 20,
        r: 3,
        fill: 'none',
        stroke: ink,
        width: 1.8,
      },
    ],
  };
}

/** The top and the bottom of a mark, as far as it is known without measuring curves. */
function edgesOf(mark: Mark): readonly (readonly [number, number])[] {
  switch (mark.kind) {
    case 'glyph': {
      const [, top = 0, , bottom = 0] = boxOf(mark.glyph);
      return [[mark.y + (top / 1000) * mark.size, mark.y + (bottom / 1000) * mark.size]];
    }
    case 'circle':
      return [[mark.cy - mark.r, mark.cy + mark.r]];
    case 'rect':
      return [[mark.y, mark.y + mark.h]];
    case 'line':
      return [[Math.min(mark.y1, mark.y2), Math.max(mark.y1, mark.y2)]];
    case 'path':
      return pathEdges(mark.d);
    case 'text':
      return [[mark.y - mark.size, mark.y]];
  }
}

/** The ends of a path made of lines and curves with absolute places; joined paths have relative arcs, which are small. */
function pathEdges(d: string): readonly (readonly [number, number])[] {
  const found: (readonly [number, number])[] = [];
  for (const [, , y] of d.matchAll(/[MLQC](-?[\d.]+) (-?[\d.]+)/gu)) {
    const at = Number(y);
    if (Number.isFinite(at)) found.push([at, at]);
  }
  return found;
}
