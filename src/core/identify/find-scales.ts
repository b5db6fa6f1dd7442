import { heightOf, midiOf, type Pitch } from '../note/pitch';
import type { Direction } from '../scale/direction';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { type Scale, scaleNamed } from '../scale/scale';

/** A scale found in a line of notes: where it begins (from 0) and how many notes it takes. */
export type FoundScale = {
  readonly scale: Scale;
  readonly direction: Direction;
  readonly from: number;
  readonly count: number;
  /** The note that is spelled otherwise than the scale asks, where it only sounds like it; else null. */
  readonly misspelled: { readonly at: number; readonly wanted: Pitch['note'] } | null;
};

const OCTAVE = 8;

/** Lines longer than this are not searched further. */
const LONGEST = 20_000;

function rises(line: readonly Pitch[], from: number, way: 1 | -1): boolean {
  const first = line[from];
  const last = line[from + OCTAVE - 1];
  if (!first || !last) return false;
  return midiOf(last) - midiOf(first) === 12 * way && heightOf(last) - heightOf(first) === 7 * way;
}

/** Every named scale on a tonic, as far as it can be spelled, the plainest first. */
function scalesOn(tonic: Pitch['note']): readonly Scale[] {
  return SCALE_IDS.flatMap((id: ScaleId) => {
    const reading = scaleNamed(tonic, id);
    return reading.ok ? [reading.scale] : [];
  });
}

type Run = Pick<FoundScale, 'misspelled'> & { readonly fits: boolean };

const NO_RUN: Run = { fits: false, misspelled: null };

/** Compares eight notes with a scale one way: by spelling, or by sound where one note at most is spelled otherwise. */
function compare(line: readonly Pitch[], from: number, scale: Scale, way: 1 | -1): Run {
  const wanted = way === 1 ? scale.ascending : scale.descending;
  const steps = way === 1 ? scale.rising : scale.falling;
  let midi = midiOf(line[from] as Pitch);
  let misspelled: Run['misspelled'] = null;
  for (const [index, note] of wanted.entries()) {
    const pitch = line[from + index] as Pitch;
    if (index > 0) midi += way * (steps[index - 1] as number);
    if (midiOf(pitch) !== midi) return NO_RUN;
    if (pitch.note === note) continue;
    if (misspelled) return NO_RUN;
    misspelled = { at: from + index, wanted: note };
  }
  return { fits: true, misspelled };
}

function foundAt(line: readonly Pitch[], from: number): FoundScale | null {
  const way = rises(line, from, 1) ? 1 : rises(line, from, -1) ? -1 : null;
  if (way === null) return null;
  let sounding: FoundScale | null = null;
  for (const scale of scalesOn((line[from] as Pitch).note)) {
    const run = compare(line, from, scale, way);
    if (!run.fits) continue;
    const found = longest(line, from, scale, way, run.misspelled);
    if (!run.misspelled) return found;
    sounding ??= found;
  }
  return sounding;
}

/** Takes the way back as well where it follows, with the top note once or twice. */
function longest(
  line: readonly Pitch[],
  from: number,
  scale: Scale,
  way: 1 | -1,
  misspelled: FoundScale['misspelled'],
): FoundScale {
  const oneWay: FoundScale = {
    scale,
    direction: way === 1 ? 'up' : 'down',
    from,
    count: OCTAVE,
    misspelled,
  };
  if (way === -1) return oneWay;
  for (const top of [from + OCTAVE - 1, from + OCTAVE]) {
    if (!rises(line, top, -1)) continue;
    const back = compare(line, top, scale, -1);
    if (back.fits && !back.misspelled) {
      return { ...oneWay, direction: 'both', count: top + OCTAVE - from };
    }
  }
  return oneWay;
}

/** Whether a scale is but a part of one that was found: its way back, or the same one an octave on. */
function isPartOf(scale: FoundScale, other: FoundScale): boolean {
  const inside = scale.from + scale.count <= other.from + other.count;
  return inside && scale.from > other.from && scale.scale.tonic === other.scale.tonic;
}

/**
 * Finds the scales in a line of notes: eight neighbours a letter apart from a tonic to its octave, up, down, or up
 * and down. In a longer run every one that fits is found, in the order in which they begin. A run that sounds like a
 * scale but has one note spelled otherwise is found too, and says which, where nothing there is spelled right.
 */
export function findScales(line: readonly Pitch[]): readonly FoundScale[] {
  const found: FoundScale[] = [];
  const end = Math.min(line.length, LONGEST) - OCTAVE;
  for (let from = 0; from <= end; from += 1) {
    const scale = foundAt(line, from);
    // Those before by more than an octave up and down no longer reach here.
    if (scale && !found.slice(-2 * OCTAVE).some((other) => isPartOf(scale, other))) found.push(scale);
  }
  const overlaps = (one: FoundScale, other: FoundScale) =>
    one.from < other.from + other.count - 1 && other.from < one.from + one.count - 1;
  const near = (at: number) => found.slice(Math.max(0, at - 2 * OCTAVE), at + 2 * OCTAVE);
  return found.filter(
    (one, at) => !one.misspelled || !near(at).some((other) => !other.misspelled && overlaps(one, other)),
  );
}

/** How many notes the longest row of neighbouring letters has, one way; to say why nothing was found. */
export function longestStepwiseRun(line: readonly Pitch[]): number {
  let most = Math.min(1, line.length);
  let run = 1;
  let way = 0;
  for (let index = 1; index < Math.min(line.length, LONGEST); index += 1) {
    const move = heightOf(line[index] as Pitch) - heightOf(line[index - 1] as Pitch);
    // A turn begins another row, with the note it turns on.
    run = Math.abs(move) !== 1 ? 1 : move === way ? run + 1 : 2;
    way = move;
    most = Math.max(most, run);
  }
  return most;
}
