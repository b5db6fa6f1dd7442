import { type DerivationStep, isAboutSome } from '@/core/derive/derivation';
import { isBlackKey } from '@/core/instrument/keyboard';
import { type Finger, twoHands } from '@/core/instrument/two-hands';
import { midiOf, pitch } from '@/core/note/pitch';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { degreeFigure } from './degree-figure';
import { figures } from './figures';
import { gathered } from './gather';
import { noteCircle } from './note-circle';
import { type Group, group, type Mark, type Scene, words } from './scene';

export type PianoQuestion = {
  readonly w: ClassWords;
  readonly written: WrittenScale;
  readonly step: DerivationStep;
  /** What the two hands are called, where their fingers are shown. */
  readonly hands: { readonly left: string; readonly right: string } | null;
  /** Whether it is drawn for the back row. */
  readonly far?: boolean;
  readonly width: number;
  readonly height: number;
};

/** Size of a black key beside a white one, and how far it lies from the middle of the gap, in widths of a white key. */
const BLACK = { width: 0.58, length: 0.64 };
const ASIDE: Readonly<Record<number, number>> = { 1: -0.1, 3: 0.1, 6: -0.14, 8: 0, 10: 0.14 };

/** The longest a white key is drawn, in its widths, as on an instrument. */
const SHAPE = 5.2;
const FINGERS = 40;

/** The keys that are shown and where they lie: whole groups round the scale, as they are on an instrument. */
type Keys = {
  readonly white: number;
  readonly length: number;
  readonly whites: readonly number[];
  readonly blacks: readonly number[];
  x(midi: number): number;
};

function keysFor(lowest: number, highest: number, width: number, height: number): Keys {
  // One white key more on either side, so that it is seen how the keys go on.
  const from = isBlackKey(lowest - 1) ? lowest - 2 : lowest - 1;
  const to = isBlackKey(highest + 1) ? highest + 2 : highest + 1;
  const all = Array.from({ length: to - from + 1 }, (_, at) => from + at);
  const whites = all.filter((midi) => !isBlackKey(midi));
  const white = (width - 2) / whites.length;
  const left = (midi: number) => 1 + whites.filter((each) => each < midi).length * white;
  return {
    white,
    length: Math.min(height, white * SHAPE),
    whites,
    blacks: all.filter(isBlackKey).filter((midi) => midi > (whites[0] ?? 0) && midi < (whites.at(-1) ?? 0)),
    x: (midi) => left(midi) + (isBlackKey(midi) ? (ASIDE[midi % 12] ?? 0) * white : white / 2),
  };
}

function drawKeys({ white, length, whites, blacks, x }: Keys): Group {
  const rect = (cx: number, w: number, h: number, black: boolean): Mark => ({
    kind: 'rect',
    x: cx - w / 2,
    y: 0,
    w,
    h,
    r: 4,
    fill: black ? 'key-black' : 'key-white',
    stroke: 'rule',
    width: 1.25,
  });
  return group('keys', 'keys', [
    ...gathered(whites.map((midi) => rect(x(midi), white - 1.5, length, false))),
    ...gathered(blacks.map((midi) => rect(x(midi), white * BLACK.width, length * BLACK.length, true))),
  ]);
}

/** The fingers of both hands under their keys, with what they are called and where the hands change. */
function fingerGroups(
  { left, right }: { readonly left: string; readonly right: string },
  fingers: readonly { readonly finger: Finger; readonly x: number }[],
  y: number,
): readonly Group[] {
  const [first, last] = [fingers[0], fingers.at(-1)];
  const [end, start] = [fingers[3], fingers[4]];
  if (!first || !last || !end || !start) return [];
  const numbers = fingers.flatMap(({ finger, x }) => figures(String(finger.finger), x, y + 14, 15, 'ink'));
  const brace = (from: number, to: number): Mark => ({
    kind: 'path',
    d: `M${from - 8} ${y + 20}v4H${to + 8}v-4`,
    fill: 'none',
    stroke: 'quiet',
    width: 1.5,
  });
  const name = (text: string, x: number) => words(text, x, y + 37, { size: 12, fill: 'quiet' });
  return [
    group('fingers', 'fingers', [...numbers, brace(first.x, end.x), brace(start.x, last.x)]),
    group('hands', 'hands', [name(left, (first.x + end.x) / 2), name(right, (start.x + last.x) / 2)]),
  ];
}

/**
 * A keyboard as an instrument has it, with the notes of a scale on their keys as far as a working has decided them, and
 * the fingers of two hands below. A line that comes back has each key once.
 */
export function pianoScene({ w, written, step, hands, far, width, height }: PianoQuestion): Scene {
  const { line, scale } = written;
  const sounds = line.map(({ pitch: at }) => midiOf(at));
  const fingered = hands && twoHands(scale);
  const room = height - (fingered ? FINGERS + 6 : 2);
  const keys = keysFor(Math.min(...sounds), Math.max(...sounds), width, room);
  // Between the end of the black keys and that of the white ones stand a note and its degree.
  const below = keys.length * (1 - BLACK.length);
  const radius = Math.max(9, Math.min(keys.white * 0.36, 22, (below - 22) / 2));
  const seen = new Set<number>();
  const notes = line.flatMap((placed, place): readonly Group[] => {
    const state = step.line[place];
    if (!state || state.stage === 'letter') return [];
    const midi = midiOf(pitch(state.note, placed.pitch.octave));
    if (seen.has(midi)) return [];
    seen.add(midi);
    const black = isBlackKey(midi);
    // Seen from far it may be a little wider than its black key.
    const r = black ? Math.min(radius, keys.white * BLACK.width * (far ? 0.53 : 0.48)) : radius;
    const current = isAboutSome(step, line) && step.at.includes(place);
    const marks: readonly Mark[] = [
      ...noteCircle(w, state.note, { r, width: placed.home ? 3 : 1.75, current, far }),
      ...figures(degreeFigure(w, placed, state.note, scale), 0, -r - 5, 12, black ? 'on-black' : 'quiet'),
    ];
    const y = black ? keys.length * BLACK.length - r - 8 : keys.length - r - 5;
    return [group(`key-${place}`, 'note', marks, { place, x: keys.x(midi), y })];
  });
  const octave = line.filter(({ falling }, at) => !falling || line.every((each) => each.falling) || at === 0);
  const eight = octave.length === 8 ? [...octave].sort((a, b) => midiOf(a.pitch) - midiOf(b.pitch)) : [];
  const under = (fingered ?? []).flatMap((finger, at) => {
    const placed = eight[at];
    return placed ? [{ finger, x: keys.x(midiOf(placed.pitch)) }] : [];
  });
  return {
    width,
    height: keys.length + 2 + (fingered ? FINGERS : 0),
    groups: [
      drawKeys(keys),
      ...notes,
      ...(hands && under.length === 8 ? fingerGroups(hands, under, keys.length) : []),
    ],
  };
}
