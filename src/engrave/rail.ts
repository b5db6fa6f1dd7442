import type { DerivationStep } from '@/core/derive/derivation';
import { fifthsOf, noteAtFifths, type SpelledNote } from '@/core/note/spelled';
import type { Scale } from '@/core/scale/scale';
import type { ClassWords } from '@/core/words/class-words';
import { shiftWords } from '@/core/words/say-method';
import { sayRaised } from '@/core/words/say-scale';
import { inkOf, noteLabel } from './note-label';
import { type Group, group, type Scene, words } from './scene';

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

/** The first place in view: F♭ as a rule, further along where the key or a raised note lies beyond. */
export function railStart(scale: Scale): number {
  const places = [...scale.ascending, ...scale.descending].map(fifthsOf);
  const past = Math.max(0, Math.max(...places) - (FIRST_IN_VIEW + RAIL_PLACES - 1));
  const before = Math.min(0, Math.min(...places) - FIRST_IN_VIEW);
  return FIRST_IN_VIEW + (past || before);
}

/**
 * The rail: the line of fifths with the window of seven neighbours that the signature makes, the tonic inside it,
 * and raised degrees where they jump out of it. Typed steps without a signature have no window.
 */
export function railScene({ w, scale, step, lit, width }: RailQuestion): Scene {
  const start = railStart(scale);
  const column = width / RAIL_PLACES;
  const x = (place: number) => (place - start + 0.5) * column;
  const size = Math.max(12, Math.min(19, column * 0.5));
  const decided = new Set(step.line.flatMap(({ note, stage }) => (stage === 'decided' ? [note] : [])));
  const current = new Set(step.at.flatMap((place) => step.line[place]?.note ?? []));

  const names = Array.from({ length: RAIL_PLACES }, (_, index) => start + index).flatMap((place): Group[] => {
    const note = noteAtFifths(place);
    if (!note) return [];
    const inScale = scale.ascending.includes(note) || scale.descending.includes(note) || decided.has(note);
    const fill = inScale && decided.has(note) ? inkOf(note) : 'quiet';
    const halo = current.has(note) || lit === note;
    const marks = noteLabel(w.note(note), 0, 0, size, fill);
    const ring = halo
      ? [
          {
            kind: 'circle',
            cx: 0,
            cy: 0,
            r: ringOf(size, column) * 0.92,
            fill: 'now',
            stroke: 'moon-rim',
            width: 1.5,
          } as const,
        ]
      : [];
    return [
      group(`rail-${place}`, inScale ? 'rail-note' : 'rail-far', [...ring, ...marks], {
        x: x(place),
        y: MIDDLE,
      }),
    ];
  });
  return {
    width,
    height: HEIGHT,
    groups: [
      ...windowGroups(scale, step, x, column, size),
      ...names,
      ...leftWindow(step, x, column),
      ...jumps(w, scale, x, column, size, width),
    ],
  };
}

/** The window of the parallel major after it was left, and the way to the scale's own. */
function leftWindow(
  { saying }: DerivationStep,
  x: (place: number) => number,
  column: number,
): readonly Group[] {
  if (saying.code !== 'signature-shift' || saying.from === saying.to) return [];
  const way = Math.sign(saying.to - saying.from);
  const [start, end] = [x(saying.from + 2), x(saying.to + 2)];
  const y = MIDDLE + 36;
  const text = shiftWords(saying.from, saying.to);
  return [
    group('rail-left', 'rail-left', [
      {
        kind: 'rect',
        x: x(saying.from - 1) - column / 2,
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
  step: DerivationStep,
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
  const signature = step.under ?? scale.signature;
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
