import type { DerivationStep, PlaceState } from '@/core/derive/derivation';
import { hopsBetween } from '@/core/note/interval';
import { midiOf, pitch } from '@/core/note/pitch';
import type { SpelledNote } from '@/core/note/spelled';
import type { PlacedNote } from '@/core/scale/line';
import type { Scale } from '@/core/scale/scale';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { lowerTonic } from '@/core/words/say-note';
import { type Arrow, arrowGroups, arrowsAt } from './arrows';
import { degreeFigure, degreeName, namesDegrees, sungAt } from './degree-figure';
import { figures } from './figures';
import { gathered } from './gather';
import { lanes } from './lanes';
import { inkOf, noteLabel } from './note-label';
import { type Group, group, type Mark, type Scene, words } from './scene';
import { arcGroups } from './stride-arcs';
import { type Grid, gridFor, type Row } from './stride-grid';
import { isInTwoRows } from './stride-rows';
import { tetrachordBlocks, wantedBy } from './tetrachord-blocks';

export type StrideQuestion = {
  readonly w: ClassWords;
  /** The finished scale, with the octaves it is written in. */
  readonly written: WrittenScale;
  /** The working as far as it is shown. */
  readonly step: DerivationStep;
  /** Every step of the working, so that the grid holds each letter it will show. */
  readonly steps: readonly DerivationStep[];
  /** The seven steps that two tetrachords want, where they are not told by the steps of the working. */
  readonly wanted?: readonly number[];
  /** The place pointed at, or null. */
  readonly lit: number | null;
  /** Whether it is drawn for the back row. */
  readonly far?: boolean;
  /** Room in pixels; the drawing is as high as it needs to be and no higher than this where it can. */
  readonly width: number;
  readonly height: number;
};

/** Half steps above the lowest note of the line at which a spelled note of a place stands. */
function columnOf(note: SpelledNote, at: PlacedNote, lowest: number): number {
  return midiOf(pitch(note, at.pitch.octave)) - lowest;
}

/**
 * The stride: the notes of a scale on a grid of half steps over keyboard lanes on the same grid. Letters that are
 * not decided yet lie on their own white key; a decided note stands above, where it sounds.
 */
export function strideScene(question: StrideQuestion): Scene {
  const { w, written, step, steps, lit, width, height } = question;
  const { line, scale } = written;
  const lowest = Math.min(...line.map(({ pitch }) => midiOf(pitch)));
  const column = (state: PlaceState, place: number) =>
    columnOf(state.note, line[place] as PlacedNote, lowest);
  const all = steps.flatMap(({ line: states }) => states.map(column));
  const both = isInTwoRows(written);
  const grid = gridFor(
    { width, height },
    Math.min(0, ...all),
    Math.max(12, ...all),
    both,
    namesDegrees(w, scale) ? 2 : 1,
    question.far,
  );
  const columns = step.line.map(column);
  const pointed = lit === null ? undefined : line[lit];
  const hops = pointed ? hopsBetween(lowerTonic(line).pitch, pointed.pitch) : [];

  const wanted = question.wanted ?? wantedBy(steps, step);
  const arrows = arrowsAt(
    steps,
    step,
    grid,
    (note, place) => columnOf(note, line[place] as PlacedNote, lowest),
    line,
  );

  const notes = step.line.map((state, place) => {
    const at = { place, column: columns[place] as number, placed: line[place] as PlacedNote };
    return state.stage === 'letter'
      ? ghost(w, state, at, grid, place === lit)
      : decidedNote(w, state, at, grid, step, scale);
  });
  return {
    width,
    height: grid.height,
    groups: [
      ...(wanted ? tetrachordBlocks(grid, line, columns) : []),
      ...(grid.keys
        ? [
            ...lanes(w, grid, lowest, step, written, columns, hops),
            ...leads(grid, step, line, columns, arrows),
          ]
        : []),
      ...arcGroups(w, grid, step, line, columns, wanted),
      ...refusedGroups(w, grid, step, line, columns),
      ...arrowGroups(w, grid, arrows),
      ...turn(w, grid, step, line, columns),
      ...notes,
    ],
  };
}

type At = { readonly place: number; readonly column: number; readonly placed: PlacedNote };

/** A letter that is still to be decided, small on its own key. */
function ghost(w: ClassWords, state: PlaceState, { place, column }: At, grid: Grid, lit: boolean): Group {
  const { laneTop, type, keys } = grid;
  const white = state.note.alteration === 0 || !keys;
  const fill = white ? 'quiet' : 'on-black';
  const y = laneTop + (white ? 0.5 : 0.22) * grid.laneHeight;
  const halo: readonly Mark[] = lit
    ? [{ kind: 'circle', cx: 0, cy: 0, r: keys ? type * 0.85 : grid.laneHeight / 2, fill: 'moon' }]
    : [];
  const marks = [...halo, ...noteLabel(w.note(state.note), 0, 0, type * 0.82, lit ? 'key-black' : fill)];
  return group(`note-${place}`, 'ghost', marks, {
    place,
    x: grid.x(column),
    y,
  });
}

/** The degree beneath a note. Names are long, so neighbours have them on two lines in turn. */
function degreeBelow(
  w: ClassWords,
  placed: PlacedNote,
  note: SpelledNote,
  scale: Scale,
  { radius, small, column }: Grid,
  place: number,
): { readonly marks: readonly Mark[]; readonly lines: number } {
  const y = radius + small + 2;
  if (!namesDegrees(w, scale) || column * 3 < small * 7) {
    return { marks: figures(degreeFigure(w, placed, note, scale), 0, y, small, 'quiet'), lines: 1 };
  }
  const lines = (place % 2) + 1;
  const sung = sungAt(w, placed, note, scale);
  const name = degreeName(w, placed, note, scale);
  const text = sung ? `${name}, ${sung}` : name;
  return { marks: [words(text, 0, y + (lines - 1) * (small + 1), { size: small, fill: 'quiet' })], lines };
}

/** A decided note in its circle, with its degree below. */
function decidedNote(
  w: ClassWords,
  state: PlaceState,
  { place, column, placed }: At,
  grid: Grid,
  step: DerivationStep,
  scale: Scale,
): Group {
  const { radius, type, small } = grid;
  const current = step.at.includes(place);
  const ink = inkOf(state.note);
  const circle: Mark = {
    kind: 'circle',
    cx: 0,
    cy: 0,
    r: radius,
    fill: current ? 'now' : 'sheet',
    stroke: ink,
    width: current ? 3 : 1.75,
  };
  const { marks: degree, lines } = degreeBelow(w, placed, state.note, scale, grid, place);
  const raised = placed.raised && state.note === placed.pitch.note;
  const tag = raised
    ? [words('raised', 0, radius + (lines + 1) * small + 5, { size: small, fill: 'plum', bold: true })]
    : [];
  return group(
    `note-${place}`,
    'note',
    [circle, ...noteLabel(w.note(state.note), 0, 0, type, ink, grid.widest), ...degree, ...tag],
    {
      place,
      x: grid.x(column),
      y: grid.centre(grid.row(placed)),
    },
  );
}

/** The top note once more where the way down begins in a row of its own, quietly: it is the same note. */
function turn(
  w: ClassWords,
  grid: Grid,
  step: DerivationStep,
  line: readonly PlacedNote[],
  columns: readonly number[],
): readonly Group[] {
  const end = (line.length - 1) / 2;
  const [top, x] = [step.line[end], columns[end]];
  if (grid.rows === 1 || !line.some(({ falling }) => !falling) || top?.stage !== 'decided' || x === undefined)
    return [];
  const { radius, type } = grid;
  const circle: Mark = {
    kind: 'circle',
    cx: 0,
    cy: 0,
    r: radius,
    fill: 'sheet',
    stroke: 'rule',
    width: 1.75,
  };
  const at = { x: grid.x(x), y: grid.centre(1) };
  return [group('turn', 'turn', [circle, ...noteLabel(w.note(top.note), 0, 0, type, 'quiet')], at)];
}

/** The spelling or the move that a step refuses, and the places of the line it would stand at. */
function refusedAt(
  { fact, at }: DerivationStep,
  line: readonly PlacedNote[],
): { readonly note: SpelledNote; readonly at: readonly number[] } | null {
  if (fact.code === 'walk' || fact.code === 'raise') return fact.refused && { note: fact.refused, at };
  if (fact.code !== 'mend' || !fact.refused) return null;
  const { from, to } = fact.refused;
  const falling = line[at[0] ?? 0]?.falling;
  const places = line.flatMap((placed, place) =>
    placed.pitch.note.letter === from.letter && placed.falling === falling ? [place] : [],
  );
  return { note: to, at: places };
}

/** The tempting wrong spelling, struck out beside the note that is being decided. */
function refusedGroups(
  w: ClassWords,
  grid: Grid,
  step: DerivationStep,
  line: readonly PlacedNote[],
  columns: readonly number[],
): readonly Group[] {
  const refused = refusedAt(step, line);
  if (!refused) return [];
  return refused.at.map((place) => {
    const { small, radius } = grid;
    const placed = line[place] as PlacedNote;
    const size = small * 1.5;
    const half = size * 0.75;
    // Between two rows there is one line of room, beside the word that is there already.
    const beside = grid.rows === 2 && placed.raised;
    const y = grid.centre(grid.row(placed)) + radius + small * (placed.raised && !beside ? 3.3 : 1.95) + 4;
    const strike: Mark = {
      kind: 'line',
      x1: -half,
      y1: half * 0.45,
      x2: half,
      y2: -half * 0.45,
      stroke: 'wrong',
      width: 1.75,
    };
    return group(
      `refused-${place}`,
      'refused',
      [...noteLabel(w.note(refused.note), 0, 0, size, 'wrong'), strike],
      {
        x: grid.x(columns[place] as number) + (beside ? small * 2.8 : 0),
        y,
      },
    );
  });
}

/** Dotted lines down to the keys from the row that stands next to them. */
function leads(
  grid: Grid,
  step: DerivationStep,
  line: readonly PlacedNote[],
  columns: readonly number[],
  arrows: readonly Arrow[],
): readonly Group[] {
  const nearest: Row = grid.rows === 2 ? 1 : 0;
  // A struck-out spelling or an arrow takes the lead's room.
  const refused = [...(refusedAt(step, line)?.at ?? []), ...arrows.map(({ place }) => place)];
  const marks = step.line.flatMap((state, place): Mark[] => {
    const placed = line[place] as PlacedNote;
    if (state.stage === 'letter' || grid.row(placed) !== nearest || refused.includes(place)) return [];
    const tagged = placed.raised && state.note === placed.pitch.note;
    const y1 = grid.centre(nearest) + grid.radius + grid.small * (tagged ? 2 : 1) + 10;
    const x = grid.x(columns[place] as number);
    return [
      {
        kind: 'line',
        x1: x,
        y1,
        x2: x,
        y2: grid.laneTop + 4,
        stroke: inkOf(state.note),
        width: 1.5,
        dash: '1.5 4',
      },
    ];
  });
  return [group('leads', 'leads', gathered(marks))];
}
