import type { DerivationStep } from '@/core/derive/derivation';
import { type Fifths, fifthsOf, noteAtFifths, type SpelledNote } from '@/core/note/spelled';
import type { Scale } from '@/core/scale/scale';
import type { ClassWords } from '@/core/words/class-words';
import { shiftWords } from '@/core/words/say-method';
import { sayRaised } from '@/core/words/say-scale';
import { inkOf, noteLabel } from './note-label';
import { type Group, group, type Mark, type Scene, words } from './scene';

/** Places in view at a time: F♭ to B♯, from −8 to 12 on the line of fifths. */
const FIRST_IN_VIEW = -8;
export const RAIL_PLACES = 21;

export type RailQuestion = {
  readonly w: ClassWords;
  readonly scale: Scale;
  readonly step: DerivationStep;
  readonly lit: SpelledNote | null;
  readonly width: number;
};

const HEIGHT = 88;
const MIDDLE = 38;

/** The first place in view: F♭ as a rule, further along where one of the notes lies beyond. */
export function railStart(notes: readonly SpelledNote[]): number {
  const places = notes.map(fifthsOf);
  const past = Math.max(0, Math.max(...places) - (FIRST_IN_VIEW + RAIL_PLACES - 1));
  const before = Math.min(0, Math.min(...places) - FIRST_IN_VIEW);
  return FIRST_IN_VIEW + (past || before);
}

/**
 * The rail: the line of fifths with the window of seven neighbours that the signature makes, the tonic inside it,
 * and raised degrees where they jump out of it. Typed steps without a signature have no window.
 */
export function railScene({ w, scale, step, lit, width }: RailQuestion): Scene {
  const layout = railLayout(width, railStart([...scale.ascending, ...scale.descending]));
  const { x, column, size } = layout;
  const decided = new Set(step.line.flatMap(({ note, stage }) => (stage === 'decided' ? [note] : [])));
  const current = new Set(step.at.flatMap((place) => step.line[place]?.note ?? []));

  const names = nameGroups(w, layout, (note) => {
    const inScale = scale.ascending.includes(note) || scale.descending.includes(note) || decided.has(note);
    return { inScale, inked: inScale && decided.has(note), halo: current.has(note) || lit === note };
  });
  return {
    width,
    height: HEIGHT,
    groups: [
      ...windowGroups(scale, step.under, x, column, size),
      ...names,
      ...leftWindow(step, x, column),
      ...jumps(w, scale, x, column, size, width),
    ],
  };
}

type RailLayout = {
  readonly start: number;
  readonly column: number;
  /** Type size of the names. */
  readonly size: number;
  x(place: number): number;
};

function railLayout(width: number, start: number): RailLayout {
  const column = width / RAIL_PLACES;
  return {
    start,
    column,
    size: Math.max(12, Math.min(19, column * 0.5)),
    x: (place) => (place - start + 0.5) * column,
  };
}

type NameLook = { readonly inScale: boolean; readonly inked: boolean; readonly halo: boolean };

/** The names along the line of fifths. */
function nameGroups(
  w: ClassWords,
  { start, column, size, x }: RailLayout,
  look: (note: SpelledNote) => NameLook,
): readonly Group[] {
  return Array.from({ length: RAIL_PLACES }, (_, index) => start + index).flatMap((place): Group[] => {
    const note = noteAtFifths(place);
    if (!note) return [];
    const { inScale, inked, halo } = look(note);
    const r = ringOf(size, column) * 0.92;
    const ring: readonly Mark[] = halo
      ? [{ kind: 'circle', cx: 0, cy: 0, r, fill: 'now', stroke: 'moon-rim', width: 1.5 }]
      : [];
    const marks = [...ring, ...noteLabel(w.note(note), 0, 0, size, inked ? inkOf(note) : 'quiet')];
    return [group(`rail-${place}`, inScale ? 'rail-note' : 'rail-far', marks, { x: x(place), y: MIDDLE })];
  });
}

/** Notes where they lie on the line of fifths, and the window of the scale they are, if they are one. */
export type NoteRailQuestion = {
  readonly w: ClassWords;
  readonly notes: readonly SpelledNote[];
  readonly scale: Scale | null;
  /** Notes that are pointed at. */
  readonly lit: readonly SpelledNote[];
  readonly width: number;
};

/** The rail of notes that are to be named: a scale of one signature lies in one window, other notes jump out of it. */
export function noteRailScene({ w, notes, scale, lit, width }: NoteRailQuestion): Scene {
  const layout = railLayout(width, railStart(notes));
  const { x, column, size } = layout;
  const here = new Set(notes);
  const names = nameGroups(w, layout, (note) => ({
    inScale: here.has(note),
    inked: here.has(note),
    halo: lit.includes(note),
  }));
  const window = scale
    ? [...windowGroups(scale, null, x, column, size), ...names, ...jumps(w, scale, x, column, size, width)]
    : names;
  return { width, height: HEIGHT, groups: window };
}

/** The window of the parallel major after it was left, and the way to the scale's own. */
function leftWindow(
  { fact }: DerivationStep,
  x: (place: number) => number,
  column: number,
): readonly Group[] {
  if (fact.code !== 'signature-shift' || fact.from === fact.to) return [];
  const way = Math.sign(fact.to - fact.from);
  const [start, end] = [x(fact.from + 2), x(fact.to + 2)];
  const y = MIDDLE + 36;
  const text = shiftWords(fact.from, fact.to);
  return [
    group('rail-left', 'rail-left', [
      {
        kind: 'rect',
        x: x(fact.from - 1) - column / 2,
        y: MIDDLE - 24,
        w: column * 7,
        h: 48,
        r: 24,
        fill: 'none',
        stroke: 'quiet',
        width: 1.25,
        dash: '4 4',
      },
      { kind: 'line', x1: start, y1: y, x2: end - way * 6, y2: y, stroke: 'plum', width: 2 },
      { kind: 'path', d: `M${end} ${y}L${end - way * 9} ${y - 5}L${end - way * 9} ${y + 5}Z`, fill: 'plum' },
      words(text, start - way * 8, y + 5, {
        size: 13,
        fill: 'plum',
        bold: true,
        anchor: way < 0 ? 'start' : 'end',
      }),
    ]),
  ];
}

function windowGroups(
  scale: Scale,
  under: Fifths | null,
  x: (place: number) => number,
  column: number,
  size: number,
): readonly Group[] {
  const tonic = group(
    'tonic',
    'rail-tonic',
    [{ kind: 'circle', cx: 0, cy: 0, r: ringOf(size, column), fill: 'none', stroke: 'ink', width: 2 }],
    {
      x: x(fifthsOf(scale.tonic)),
      y: MIDDLE,
    },
  );
  const signature = under ?? scale.signature;
  if (signature === null) return [tonic];
  const first = signature - 1;
  const ink = signature > 0 ? 'sharp' : signature < 0 ? 'flat' : 'ink';
  const pill = group(
    'window',
    'rail-window',
    [{ kind: 'rect', x: 0, y: -24, w: column * 7, h: 48, r: 24, fill: 'window', stroke: ink, width: 1.5 }],
    { x: x(first) - column / 2, y: MIDDLE },
  );
  return [pill, tonic];
}

/** Radius of a ring round a name: no wider than its place, so that the first and the last are whole. */
function ringOf(size: number, column: number): number {
  return Math.min(size * 1.02, column / 2 - 1.5);
}

/** Raised degrees seven places along from where the signature has them. */
function jumps(
  w: ClassWords,
  scale: Scale,
  x: (place: number) => number,
  column: number,
  size: number,
  width: number,
): readonly Group[] {
  const text = sayRaised(w, scale);
  if (!text) return [];
  const places = scale.raised.flatMap((degree) => {
    const note = scale.ascending[degree - 1];
    return note ? [fifthsOf(note)] : [];
  });
  const rings = places.map((place) =>
    group(
      `jump-${place}`,
      'rail-jump',
      [
        {
          kind: 'circle',
          cx: 0,
          cy: 0,
          r: ringOf(size, column),
          fill: 'none',
          stroke: 'plum',
          width: 2,
          dash: '3 3',
        },
      ],
      {
        x: x(place),
        y: MIDDLE,
      },
    ),
  );
  const last = x(Math.max(...places));
  const right = last > width / 2;
  const label = words(text, right ? Math.min(last + size, width - 2) : last - size, MIDDLE + 42, {
    size: 13,
    fill: 'plum',
    bold: true,
    anchor: right ? 'end' : 'start',
  });
  return [...rings, group('jump-label', 'rail-label', [label])];
}
