import { midiOf } from '../note/pitch';
import type { Part } from './part';
import { BAR, QUARTER } from './rhythm';

/** Who sounds: the notes themselves, the beats counted before them, the note held under them. */
export type Voice = 'note' | 'count' | 'drone';

/** One sound: when it begins and how long it lasts, in seconds from the start, and its MIDI number. */
export type Sound = {
  readonly voice: Voice;
  readonly at: number;
  readonly lasts: number;
  readonly midi: number;
  /** The place of the note that sounds, to be shown; null of what is no note of the line. */
  readonly note: number | null;
};

/** What lies under a line: nothing, its tonic, or tonic and fifth. */
export const DRONES = ['none', 'tonic', 'fifth'] as const;

export type Drone = (typeof DRONES)[number];

/** Beats a minute that can be asked for. */
export const TEMPO = { least: 30, most: 200 } as const;

/** How a line is played. */
export type Playing = {
  /** Quarters a minute, 30 to 200. */
  readonly tempo: number;
  /** Bars counted before it, 0 to 2. */
  readonly countIn: number;
  readonly drone: Drone;
};

/** Between two notes of a line there is a little air, as a part of each. */
const SOUNDING = 0.92;

/** What is counted is heard high and short; the first beat of a bar higher. MIDI numbers. */
const COUNTED = { first: 88, other: 83, lasts: 0.06 } as const;

/** A drone lies between C3 and B3. */
const DRONE_OCTAVE = 48;

/**
 * What is heard of a part, in the order in which it begins: at concert pitch, whatever it is written in.
 *
 * @param tonic the sounding tonic as a pitch class, 0 to 11
 */
export function performed(part: Part, { tempo, countIn, drone }: Playing): readonly Sound[] {
  const tick = 60 / tempo / QUARTER;
  const begin = countIn * BAR * tick;
  const counted = Array.from({ length: countIn * 4 }, (_, beat): Sound => {
    const midi = beat % 4 === 0 ? COUNTED.first : COUNTED.other;
    return { voice: 'count', at: beat * QUARTER * tick, lasts: COUNTED.lasts, midi, note: null };
  });
  const notes = part.bars.flat().flatMap((beat): readonly Sound[] => {
    const sounding = beat.note === null ? undefined : part.notes[beat.note];
    if (!sounding) return [];
    const at = begin + beat.start * tick;
    const midi = midiOf(sounding.pitch) - part.transposition.semitones;
    return [{ voice: 'note', at, lasts: beat.length * tick * SOUNDING, midi, note: beat.note }];
  });
  const lasts = part.bars.length * BAR * tick;
  const low = DRONE_OCTAVE + part.sounding;
  const under = { none: [], tonic: [low], fifth: [low, low + 7] }[drone];
  const held = under.map((midi): Sound => ({ voice: 'drone', at: begin, lasts, midi, note: null }));
  return [...counted, ...held, ...notes].toSorted((a, b) => a.at - b.at);
}

/** How long it takes until the last sound has ended, in seconds. */
export function lastsOf(sounds: readonly Sound[]): number {
  return Math.max(0, ...sounds.map(({ at, lasts }) => at + lasts));
}
