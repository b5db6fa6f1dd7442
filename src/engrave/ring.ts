import type { CirclePlace, CircleSize } from '@/core/harmony/circle';
import { keyAt } from '@/core/harmony/key';
import type { SpelledNote } from '@/core/note/spelled';
import type { Mode } from '@/core/scale/mode';
import type { ClassWords } from '@/core/words/class-words';
import { nameSize, nameWidth } from './far';
import { noteLabel } from './note-label';
import { armPoints, type RingLayout, ringLayout } from './ring-layout';
import { type Group, group, type Ink, type Mark, type Scene, words } from './scene';

/** What the circle is read as; the three are never mixed up. */
export const RING_READINGS = ['keys', 'chords', 'notes'] as const;

export type RingReading = (typeof RING_READINGS)[number];

/** How a place stands out. */
export type RingMark = {
  /** `home` is the one in hand, `end` another one named, `on` one that belongs to it, `lit` one pointed at. */
  readonly look: 'home' | 'end' | 'on' | 'lit' | 'right' | 'wrong' | 'blank';
  /** A few signs beside it, such as a numeral. */
  readonly badge?: string;
  /** What stands there in place of the name of the key, such as a diminished chord. */
  readonly name?: string;
};

export type RingQuestion = {
  readonly w: ClassWords;
  readonly reading: RingReading;
  readonly size: CircleSize;
  /** The mode whose home notes stand in the circles. */
  readonly mode: Mode;
  /** Whether relative minors stand on the same places. */
  readonly minors: boolean;
  /** Marks by signature; those of minors on the same places by `minorMarks`. */
  readonly marks: ReadonlyMap<number, RingMark>;
  readonly minorMarks: ReadonlyMap<number, RingMark>;
  /** Places that stand; null for all. */
  readonly shown: readonly number[] | null;
  /** A way walked along the places, as signatures in order; a respelling jumps between the arms. */
  readonly route: readonly number[];
  /** A place beyond the fifteen that is needed to read signs off, or null: F flat. */
  readonly beyond: number | null;
  /** Whether it is drawn for the back row. */
  readonly far?: boolean;
  readonly width: number;
  readonly height: number;
};

const NO_SIGNS = 'none';

/** How the class draws its circle. */
export function wayOf(w: ClassWords): 1 | -1 {
  return w.settings.circle === 'fifths' ? 1 : -1;
}

/** `4♯`, `3♭`, `none`. */
export function countFigure(count: number): string {
  return count === 0 ? NO_SIGNS : `${Math.abs(count)}${count > 0 ? '♯' : '♭'}`;
}

/** The clasp ring: two arms that overlap at the foot, where the three enharmonic pairs meet. */
export function ringScene(question: RingQuestion): Scene {
  const { w, size, width, height, far, shown, beyond } = question;
  const layout = ringLayout(size, wayOf(w), { width, height, far });
  const places = layout.places.filter(({ count }) => shown === null || shown.includes(count));
  return {
    width,
    height,
    groups: [
      ...bands(layout, wayOf(w), size),
      ...routeGroups(question, layout),
      ...places.flatMap((place) => pairLine(layout, place, shown)),
      ...places.map((place) => placeGroup(question, layout, place)),
      ...(beyond === null ? [] : [beyondGroup(w, layout, beyond, question.marks.get(beyond))]),
      ...places.flatMap((place) => besideGroups(question, layout, place)),
    ],
  };
}

function polygon(points: readonly (readonly [number, number])[]): string {
  return `M${points.map(([x, y]) => `${round(x)} ${round(y)}`).join('L')}`;
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}

/** The two arms as bands of their own colour. */
function bands(layout: RingLayout, way: 1 | -1, size: CircleSize): readonly Group[] {
  const half = layout.place + 2;
  const band = (from: number, to: number, fill: Ink): Mark => {
    const outer = armPoints(layout, from, to, half, way);
    const inner = armPoints(layout, to, from, -half, way);
    return { kind: 'path', d: `${polygon([...outer, ...inner])}Z`, fill };
  };
  const most = size === 'fifteen' ? 7.25 : 6;
  return [
    group('arm-flat', 'arm', [band(0, -most, 'arm-flat')]),
    group('arm-sharp', 'arm', [band(0, most, 'arm-sharp')]),
  ];
}

/** The way that is walked, along the arms; at the seam it goes over to the other name. */
function routeGroups({ w, route }: RingQuestion, layout: RingLayout): readonly Group[] {
  if (route.length < 2) return [];
  const parts = route.slice(1).map((to, at) => {
    const from = route[at] as number;
    const straight = Math.abs(to - from) > 1;
    const points = straight
      ? [layout.at(from), layout.at(to)].map(({ x, y }) => [x, y] as const)
      : armPoints(layout, from, to, 0, wayOf(w));
    return polygon(points);
  });
  const marks: Mark[] = [
    { kind: 'path', d: parts.join(''), fill: 'none', stroke: 'moon', width: layout.place * 0.35 },
  ];
  return [group('route', 'route', marks)];
}

/** A short line between two names of one place. */
function pairLine(
  layout: RingLayout,
  { count, twin }: CirclePlace,
  shown: readonly number[] | null,
): readonly Group[] {
  if (count < 0 || twin === null || layout.radius(count) === layout.radius(twin)) return [];
  if (shown !== null && !shown.includes(twin)) return [];
  const [a, b] = [layout.at(count), layout.at(twin)];
  const line: Mark = {
    kind: 'line',
    x1: a.x,
    y1: a.y,
    x2: b.x,
    y2: b.y,
    stroke: 'quiet',
    width: 1.5,
    dash: '1.5 4',
  };
  return [group(`pair-${count}`, 'pair', [line])];
}

const FILLS: Readonly<Record<RingMark['look'], Ink>> = {
  home: 'ink',
  end: 'ink',
  on: 'now',
  lit: 'moon',
  right: 'sheet',
  wrong: 'sheet',
  blank: 'sheet',
};

const STROKES: Partial<Readonly<Record<RingMark['look'], Ink>>> = {
  home: 'ink',
  end: 'ink',
  right: 'right',
  wrong: 'wrong',
};

function armInk(count: number): Ink {
  return count > 0 ? 'sharp' : count < 0 ? 'flat' : 'ink';
}

/** The tonic of a place as the class writes it in the name of its key. */
export function placeName(w: ClassWords, count: number, mode: Mode): string {
  const key = keyAt(count, mode);
  if (!key) return '';
  return mode === 'minor' ? w.keyTonic(key.tonic, 'minor') : w.note(key.tonic);
}

function placeGroup(
  { w, reading, size, mode, marks, far }: RingQuestion,
  layout: RingLayout,
  { count, twin }: CirclePlace,
): Group {
  const mark = marks.get(count);
  const ink = armInk(count);
  const strong = mark?.look === 'home' || mark?.look === 'end';
  // As chords, those of other keys stand back.
  const back = reading === 'chords' && !mark;
  const stroke: Ink = STROKES[mark?.look ?? 'on'] ?? (back ? 'rule' : ink);
  const circle: Mark = {
    kind: 'circle',
    cx: 0,
    cy: 0,
    r: layout.place,
    fill: mark ? FILLS[mark.look] : 'sheet',
    stroke,
    width: mark && mark.look !== 'blank' ? 3 : 2,
    ...(mark?.look === 'blank' ? { dash: '4 4' } : {}),
  };
  // On a circle of twelve a place at the foot has both its names.
  const both = size === 'twelve' && twin !== null;
  const fill: Ink = strong ? 'sheet' : back ? 'quiet' : ink;
  const name = mark?.look === 'blank' ? '' : placeName(w, count, mode);
  const other = both && twin !== null && mark?.look !== 'blank' ? placeName(w, twin, mode) : '';
  const usual = layout.place * (both ? 0.68 : 0.82);
  const type = both ? usual : nameSize(layout.place, usual, far);
  const wide = far ? nameWidth(layout.place) : undefined;
  const label = name === '' ? [] : noteLabel(name, 0, both ? -layout.place * 0.34 : 0, type, fill, wide);
  const second =
    other === ''
      ? []
      : noteLabel(other, 0, layout.place * 0.42, type * 0.86, strong ? 'sheet' : armInk(twin ?? 0));
  return group(`place-${count}`, 'place', [circle, ...label, ...second], {
    place: count + 7,
    ...layout.at(count),
  });
}

/** The note past seven flats whose place lies where E stands. */
function beyondGroup(w: ClassWords, layout: RingLayout, count: number, mark: RingMark | undefined): Group {
  const circle: Mark = {
    kind: 'circle',
    cx: 0,
    cy: 0,
    r: layout.place * 0.85,
    fill: mark ? FILLS[mark.look] : 'sheet',
    stroke: 'flat',
    width: 2,
    dash: '3 3',
  };
  const name = noteLabel(placeName(w, count, 'major'), 0, 0, layout.place * 0.7, 'flat');
  const { small, place: r } = layout;
  const badge = mark?.badge
    ? [words(mark.badge, 0, -r * 0.85 - small * 0.5, { size: small, fill: 'plum', bold: true })]
    : [];
  return group('beyond', 'place', [circle, ...name, ...badge], layout.at(count));
}

/** Whether what belongs to a place stands outside the ring: at the foot the sharps' arm has flats on its inner side. */
function standsOutside({ count, twin }: CirclePlace, size: CircleSize): boolean {
  return size === 'fifteen' && count > 0 && twin !== null;
}

/** Beside a place: its number of signs, its minor, and a badge such as a numeral. */
function besideGroups(question: RingQuestion, layout: RingLayout, place: CirclePlace): readonly Group[] {
  const { reading, minors, marks, size } = question;
  const { count } = place;
  const { small, place: r } = layout;
  const groups: Group[] = [];
  const mark = marks.get(count);
  const inside = size === 'fifteen' && count < 0 && place.twin !== null;
  const out = inside ? -1 : 1;
  // On twelve places the foot has both its names, and so both its numbers and minors.
  const twin = size === 'twelve' ? place.twin : null;
  const figure = [count, ...(twin === null ? [] : [twin])].map(countFigure).join(' ');
  const text = mark?.badge ?? (reading === 'keys' && mark?.look !== 'blank' ? figure : null);
  if (text !== null) {
    const fill: Ink = mark?.badge ? 'plum' : armInk(count);
    // Flats at the foot have their number beside them, on the inner side next to their minor.
    const at = layout.at(count, out * (r + clearOf(text, layout, count, inside ? 0.85 : 0.95)));
    groups.push(
      group(
        `count-${count}`,
        'ring-count',
        [words(text, 0, small * 0.36, { size: small, fill, bold: true })],
        at,
      ),
    );
  }
  // From the back row names that touch are none: those that are not spoken of make room at the foot, and among chords.
  const crowded = question.far && (inside || reading === 'chords') && !question.minorMarks.has(count);
  if (minors && mark?.look !== 'blank' && !crowded) groups.push(minorGroup(question, layout, place, inside));
  return groups;
}

/** An average letter of bold figures and numerals, in type sizes. */
const LETTER = 0.6;

/** How far outside a place's circle the middle of a line of words lies, so that a long one does not reach into it. */
function clearOf(text: string, { cx, cy, small, at }: RingLayout, count: number, least: number): number {
  const { x, y } = at(count);
  const far = Math.hypot(x - cx, y - cy) || 1;
  const half = (text.length * small * LETTER) / 2;
  return Math.max(
    least * small,
    4 + (Math.abs(x - cx) / far) * half + (Math.abs(y - cy) / far) * small * 0.4,
  );
}

function minorGroup(
  { w, reading, size: circle, minorMarks, far }: RingQuestion,
  layout: RingLayout,
  place: CirclePlace,
  inside: boolean,
): Group {
  const { small, place: r } = layout;
  const { count } = place;
  const mark = minorMarks.get(count);
  const chords = reading === 'chords';
  const outside = standsOutside(place, circle);
  const key = keyAt(count, 'minor');
  const short = layout.place < 22;
  const twin = circle === 'twelve' && place.twin !== null ? keyAt(place.twin, 'minor') : null;
  const keyed = key ? (short || twin ? shortMinor(w, key.tonic) : w.key(key.tonic, 'minor')) : '';
  const named = twin ? `${keyed} ${shortMinor(w, twin.tonic)}` : keyed;
  const name = mark?.name ?? (chords && key ? `${w.note(key.tonic)}m` : named);
  const out = outside ? r + small * 2.55 : -(r + small * (inside ? 2.5 : 1.5));
  const badge = mark?.badge ? `  ${mark.badge}` : '';
  const fill: Ink = mark ? (mark.look === 'home' || mark.look === 'end' ? 'ink' : 'plum') : 'quiet';
  const at = layout.at(count, out);
  const size = far ? small : small + 1;
  // Words lie beside their place, towards the middle, not across it.
  const side = Math.sin((count * Math.PI) / 6) * (w.settings.circle === 'fifths' ? 1 : -1);
  const pull =
    outside || Math.abs(side) < 0.3 ? 0 : -side * (name + badge).length * size * (inside ? -0.1 : 0.17);
  const line = words(name + badge, pull, size * 0.36, {
    size,
    fill,
    face: 'serif',
    bold: mark !== undefined,
  });
  return group(`minor-${count}`, 'ring-minor', [line], at);
}

function shortMinor(w: ClassWords, tonic: SpelledNote): string {
  return w.settings.keyNames === 'words' ? `${w.note(tonic)}m` : w.keyTonic(tonic, 'minor');
}
