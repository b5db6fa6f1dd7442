import { ledgerLines, staffPlace } from '../instrument/staff';
import { type Transposing, type Transposition, transposedPitch } from '../instrument/transposing';
import { pitchNamed } from '../note/parse';
import { midiOf, pitch } from '../note/pitch';
import { type Fifths, fifths, fifthsOf, type SpelledNote } from '../note/spelled';
import type { Settings } from '../school/settings';
import type { Direction } from './direction';
import { lineOf } from './line';
import { type Scale, scaleMoved } from './scale';
import { enharmonicKeyTonic, isPrintable } from './signature';
import { type WrittenScale, writeOut } from './written';

/** A scale as an instrument reads it. */
export type ForInstrument = {
  readonly written: Scale;
  /** Whether it is the twin of the key that the interval leads to, since that would pass seven signs. */
  readonly enharmonic: boolean;
  /** The tonic that the interval leads to, and its signature; null where typed steps have none. */
  readonly straight: { readonly tonic: SpelledNote; readonly signature: Fifths | null };
};

/**
 * The scale that an instrument reads where this one is to sound: moved by the instrument's interval, and written in the
 * other spelling where its signature would pass seven signs (docs/theory.md, Instruments). Null where neither can be
 * spelled.
 *
 * @example scaleForInstrument(scaleNamed(noteNamed('E'), 'major').scale, { letters: 5, semitones: 9 }).written.tonic // noteNamed('C#')
 */
export function scaleForInstrument(concert: Scale, instrument: Transposition): ForInstrument | null {
  const moved = transposedPitch(pitch(concert.tonic, 4), instrument)?.note;
  if (!moved) return null;
  const { signature } = concert;
  const count = signature === null ? null : fifths(signature + fifthsOf(moved) - fifthsOf(concert.tonic));
  const straight = { tonic: moved, signature: count };
  const reading = scaleMoved(concert, moved);
  if (count === null || isPrintable(count)) {
    if (reading.ok) return { written: reading.scale, enharmonic: false, straight };
    const { instead } = reading.problem;
    const twin = instead && scaleMoved(concert, instead);
    return twin?.ok ? { written: twin.scale, enharmonic: true, straight } : null;
  }
  const other = enharmonicKeyTonic(moved, count);
  const twin = other && scaleMoved(concert, other);
  return twin?.ok ? { written: twin.scale, enharmonic: true, straight } : null;
}

/** Octaves a tonic is looked for in. */
const OCTAVES = [0, 1, 2, 3, 4, 5, 6, 7, 8];

/**
 * The octave of the written tonic in which a scale lies within the instrument's range with fewest ledger lines, the lower
 * on a tie; null where it lies in no octave whole.
 */
export function octaveInRange(
  written: Scale,
  direction: Direction,
  { range, clef }: Pick<Transposing, 'range' | 'clef'>,
  octaves = 1,
): number | null {
  const [lowest, highest] = range.map((name) => midiOf(pitchNamed(name))) as [number, number];
  const fitting = OCTAVES.flatMap((octave) => {
    const pitches = lineOf(written, direction, octave, octaves).map((each) => each.pitch);
    const sounds = pitches.map(midiOf);
    if (Math.min(...sounds) < lowest || Math.max(...sounds) > highest) return [];
    const lines = pitches.reduce((sum, each) => sum + ledgerLines(staffPlace(each, clef)), 0);
    return [{ octave, lines }];
  });
  return fitting.sort((a, b) => a.lines - b.lines || a.octave - b.octave)[0]?.octave ?? null;
}

/** The most octaves that any instrument is asked for. */
const MOST_OCTAVES = 4;

/** How many octaves of a scale lie whole within the range of an instrument; one at least, whether it does or not. */
export function octavesInRange(written: Scale, instrument: Pick<Transposing, 'range' | 'clef'>): number {
  let octaves = 1;
  while (octaves < MOST_OCTAVES && octaveInRange(written, 'up', instrument, octaves + 1) !== null)
    octaves += 1;
  return octaves;
}

/** A written-out scale as an instrument reads it, and why it is written so. */
export type PartForInstrument = ForInstrument & {
  readonly part: WrittenScale;
  /** Whether it lies within the range of the instrument in some octave. */
  readonly inRange: boolean;
};

/**
 * A scale that is written out at concert pitch, written out for an instrument: in its clef, under its signature, in the
 * octave of its range with fewest ledger lines. Null where it cannot be spelled for it.
 */
export function partForInstrument(
  concert: WrittenScale,
  instrument: Transposing,
  modesWritten: Settings['modesWritten'],
): PartForInstrument | null {
  const { scale, direction, octaves, choice } = concert;
  const found = scaleForInstrument(scale, instrument);
  if (!found) return null;
  const octave = octaveInRange(found.written, direction, instrument, octaves);
  const writing = { direction, octaves, clef: instrument.clef, signature: choice, modesWritten };
  const part = writeOut(found.written, octave === null ? writing : { ...writing, octave });
  return { ...found, part, inRange: octave !== null };
}
