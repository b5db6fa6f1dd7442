import type { DerivationStep } from '@/core/derive/derivation';
import { type BoardNote, boardNotes } from '@/core/instrument/board-notes';
import type { FretSpan, Tuning } from '@/core/instrument/fretboard';
import type { FretsShown } from '@/core/instrument/ways';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { figures } from './figures';
import { gathered } from './gather';
import { stepMoon } from './moon';
import { isAbout, noteCircle } from './note-circle';
import { noteLabel } from './note-label';
import { type Group, group, type Mark, type Scene } from './scene';

export type FretboardQuestion = {
  readonly w: ClassWords;
  readonly written: WrittenScale;
  readonly step: DerivationStep;
  readonly tuning: Tuning;
  readonly frets: FretsShown;
  readonly leftHanded: boolean;
  /** Whether it is drawn for the back row. */
  readonly far?: boolean;
  readonly width: number;
  readonly height: number;
};

/** Frets that are marked on the neck, as players count by them; two dots at the octave. */
const MARKED = [3, 5, 7, 9, 12, 15, 17, 19, 21, 24];

/** Where the parts of the board lie, in pixels. */
type Layout = {
  readonly radius: number;
  readonly small: number;
  readonly top: number;
  readonly bottom: number;
  readonly left: number;
  readonly right: number;
  readonly span: FretSpan;
  x(fret: number): number;
  y(string: number): number;
  /** The line of the wire behind a fret. */
  wire(fret: number): number;
};

const SIDE = 30; // for the names of the open strings
const HEAD = 8;
const FOOT = 26; // for the numbers of the frets

function layoutFor({ tuning, leftHanded, width, height }: FretboardQuestion, span: FretSpan): Layout {
  const open = span.from === 0;
  // An open string has half a column before the nut.
  const first = open ? 0.7 : 0;
  const frets = open ? span.to : span.to - span.from + 1;
  const column = (width - SIDE - 8) / Math.max(1, frets + first);
  const row = Math.min(54, (height - HEAD - FOOT - 8) / tuning.length);
  const turned = (x: number) => (leftHanded ? width - x : x);
  const at = (fret: number) => SIDE + (open ? first + fret - 0.5 : fret - span.from + 0.5) * column;
  const wireAt = (fret: number) => SIDE + (open ? first + fret : fret - span.from + 1) * column;
  const top = HEAD + row / 2;
  return {
    radius: Math.max(8, Math.min(row * 0.44, column * 0.36, 24)),
    small: Math.max(11, Math.min(14, column * 0.3)),
    top,
    bottom: top + row * (tuning.length - 1),
    left: SIDE,
    right: SIDE + (frets + first) * column,
    span,
    x: (fret) => turned(fret === 0 ? SIDE + (first * column) / 2 : at(fret)),
    y: (string) => top + row * (string - 1),
    wire: (fret) => turned(wireAt(fret)),
  };
}

/** A line of the board. */
function bar(
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  stroke: 'rule' | 'quiet' | 'ink',
  width: number,
): Mark {
  return { kind: 'line', x1, y1, x2, y2, stroke, width };
}

function board({ w, tuning, leftHanded, width }: FretboardQuestion, layout: Layout): readonly Group[] {
  const { span, top, bottom, small } = layout;
  const open = span.from === 0;
  const turned = (x: number) => (leftHanded ? width - x : x);
  const start = open ? layout.wire(0) : turned(layout.left);
  const end = turned(layout.right);
  const frets = Array.from({ length: span.to - span.from + 1 }, (_, at) => span.from + at).filter(
    (fret) => fret > 0,
  );
  const wires = [
    bar(start, top, start, bottom, open ? 'ink' : 'quiet', open ? 5 : 1.5),
    ...frets.map((fret) => bar(layout.wire(fret), top, layout.wire(fret), bottom, 'quiet', 1.5)),
  ];
  // The lower strings are the thicker ones.
  const strings = tuning.map((_, index) => {
    const string = tuning.length - index;
    return bar(start, layout.y(string), end, layout.y(string), 'quiet', 1 + 0.25 * (string - 1));
  });
  const middle = (top + bottom) / 2;
  const gap = tuning.length > 1 ? (bottom - top) / (tuning.length - 1) : 0;
  const dots = frets
    .filter((fret) => MARKED.includes(fret))
    .flatMap((fret): Mark[] => {
      const dot = (cy: number): Mark => ({ kind: 'circle', cx: layout.x(fret), cy, r: 5, fill: 'rule' });
      return fret % 12 === 0 ? [dot(middle - gap), dot(middle + gap)] : [dot(middle)];
    });
  const names = tuning.map(({ note }, index) =>
    group(`open-${index}`, 'open-string', noteLabel(w.note(note), 0, 0, small + 3, 'quiet'), {
      x: turned(SIDE / 2),
      y: layout.y(tuning.length - index),
    }),
  );
  const numbers = (open ? [0, ...frets] : frets).flatMap((fret) =>
    figures(String(fret), layout.x(fret), bottom + Math.max(FOOT, layout.radius + small + 3), small, 'quiet'),
  );
  return [
    group('board', 'board', gathered([...dots, ...wires, ...strings])),
    group('fret-numbers', 'fret-numbers', numbers),
    ...names,
  ];
}

/** A note in its circle on a string, with its degree beside it; the tonic has a strong ring. */
function onBoard(
  w: ClassWords,
  { radius, small, x, y }: Layout,
  { written, step, far }: Pick<FretboardQuestion, 'written' | 'step' | 'far'>,
  each: BoardNote,
): Group {
  const { string, fret, note, degree, place } = each;
  const tonic = degree === 1 || degree === 8;
  const marks: readonly Mark[] = [
    ...noteCircle(w, note, {
      r: radius,
      width: tonic ? 3.5 : 1.75,
      current: isAbout(step, written, note),
      far,
    }),
    ...(radius < 14
      ? []
      : figures(String(degree), radius + small * 0.55, -radius * 0.55, small - 1, 'quiet')),
  ];
  return group(`fret-${string}-${fret}`, 'note', marks, { place, x: x(fret), y: y(string) });
}

/** The steps of a walk along one string, with their moons, over the string. */
function walkSteps(w: ClassWords, layout: Layout, notes: readonly BoardNote[]): readonly Group[] {
  return notes.slice(1).flatMap((note, at) => {
    const before = notes[at] as BoardNote;
    const size = note.fret - before.fret;
    if (size < 1 || size > 4) return [];
    const x = (layout.x(before.fret) + layout.x(note.fret)) / 2;
    const r = Math.min(7, layout.radius * 0.45);
    const y = layout.y(note.string) - layout.radius - r - 4;
    const marks = [
      ...stepMoon(size, 0, 0, r),
      ...figures(w.stepLetters(size), 0, -r - 5, layout.small - 1, 'quiet'),
    ];
    return [group(`walk-${at}`, 'walk', marks, { x, y })];
  });
}

/**
 * The notes of a scale on a fretboard, as far as a working has decided them: strings as lines, the first on top, frets
 * numbered below, an open string before the nut. Groups of notes have the place of the line they show.
 */
export function fretboardScene(question: FretboardQuestion): Scene {
  const { w, written, step, tuning, frets, width } = question;
  const { span, notes } = boardNotes(written, tuning, frets);
  const layout = layoutFor(question, span);
  const decided = notes.filter(({ place, note }) => {
    const state = step.line[place];
    return state?.stage !== 'letter' && state?.note === note;
  });
  const walked = frets.is === 'string' ? walkSteps(w, layout, decided) : [];
  return {
    width,
    height: layout.bottom + FOOT + 10,
    groups: [
      ...board(question, layout),
      ...walked,
      ...decided.map((each) => onBoard(w, layout, question, each)),
    ],
  };
}
