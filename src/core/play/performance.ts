import { midiOf, type Pitch } from '../note/pitch';
import { lineOf, octaveFor } from '../scale/line';
import { SOUNDING } from './articulation';
import { type Backing, chordsOf } from './backing';
import type { Part } from './part';
import { type Beat, QUARTER } from './rhythm';
import { barsIn, type PlayWay, type Stretch, stretchesOf, type Turn } from './way';

/** Who sounds: notes, the beats counted, the note held under them, chords; a `cue` is silent, and only shown. */
export type Voice = 'note' | 'count' | 'drone' | 'chord' | 'cue';

/** What is shown while nothing new sounds or somebody's turn begins. */
export type Cue =
  | { readonly is: Turn; readonly tempo: number }
  /** The line stands still on its last note but one, and then comes home. */
  | { readonly is: 'held' }
  | { readonly is: 'home' }
  /** A bar to play over freely: its number of how many, the degree of its chord's root, and the seconds left. */
  | {
      readonly is: 'bar';
      readonly bar: number;
      readonly of: number;
      readonly degree: number | null;
      readonly left: number;
    };

/** One sound: when it begins and how long it lasts, in seconds from the start, and its MIDI number. */
export type Sound = {
  readonly voice: Voice;
  readonly at: number;
  readonly lasts: number;
  readonly midi: number;
  /** The place of the note that sounds, to be shown; null of what is no note of the line. */
  readonly note: number | null;
  readonly cue?: Cue;
};

/** Beats a minute that can be asked for. */
export const TEMPO = { least: 30, most: 200 } as const;

/** How a line is played. */
export type Playing = {
  /** Quarters a minute, 30 to 200. */
  readonly tempo: number;
  /** Bars counted before it, 0 to 2. */
  readonly countIn: number;
  readonly backing: Backing;
  readonly way: PlayWay;
  /** Times it is played, 1 to 8, and beats a minute by which each time is faster. */
  readonly rounds: number;
  readonly faster: number;
  /** Minutes to play freely. */
  readonly minutes: number;
};

/** What is counted is heard high and short; the first beat of a bar higher. MIDI numbers. */
const COUNTED = { first: 88, other: 83, lasts: 0.06 } as const;

/** A drone lies between C3 and B3. */
const DRONE_OCTAVE = 48;

/** What is heard of a part, in the order in which it begins: at concert pitch, whatever it is written in. */
export function performed(part: Part, playing: Playing): readonly Sound[] {
  const { way, backing } = playing;
  const counted = countedIn(part, playing);
  const line =
    way === 'home'
      ? broughtHome(part, playing, counted.end)
      : way === 'free'
        ? freely(part, playing, counted.end)
        : inStretches(part, playing, stretchesOf(way, part.bars.length, playing.rounds), counted.end);
  const low = DRONE_OCTAVE + part.sounding;
  const under = backing === 'tonic' ? [low] : backing === 'fifth' ? [low, low + 7] : [];
  const lasts = line.end - counted.end;
  const held = under.map((midi): Sound => ({ voice: 'drone', at: counted.end, lasts, midi, note: null }));
  return [...counted.sounds, ...held, ...line.sounds].toSorted((a, b) => a.at - b.at);
}

/** Some sounds, and when what follows them begins. */
type Stretched = { readonly sounds: readonly Sound[]; readonly end: number };

/** Seconds of a tick. */
const tickAt = (tempo: number) => 60 / tempo / QUARTER;

function count(beats: number, begin: number, tempo: number, meter: number): readonly Sound[] {
  return Array.from({ length: beats }, (_, beat): Sound => {
    const midi = beat % meter === 0 ? COUNTED.first : COUNTED.other;
    return { voice: 'count', at: begin + (beat * 60) / tempo, lasts: COUNTED.lasts, midi, note: null };
  });
}

/** The bars counted before it, and of its own first bar what lies before an upbeat. */
function countedIn({ bars, meter }: Part, { countIn, tempo, way }: Playing): Stretched {
  if (countIn === 0) return { sounds: [], end: 0 };
  const first = way === 'home' || way === 'free' ? 0 : (bars[0]?.[0]?.start ?? 0) / QUARTER;
  const beats = countIn * meter + first;
  return { sounds: count(Math.ceil(beats), 0, tempo, meter), end: (beats * 60) / tempo };
}

/** The beats of some bars, and from which tick to which they last. */
function barsOf({ bars, meter }: Part, { from, to }: Stretch) {
  const beats = bars.slice(from, to).flat();
  const start = from === 0 ? (beats[0]?.start ?? 0) : from * meter * QUARTER;
  const last = beats.at(-1);
  return { beats, start, end: last ? last.start + last.length : start };
}

function inStretches(
  part: Part,
  { tempo, faster, backing }: Playing,
  stretches: readonly Stretch[],
  begin: number,
): Stretched {
  const chords = chordsOf(backing, part.concert);
  let end = begin;
  let bar = 0;
  const sounds = stretches.flatMap((stretch): readonly Sound[] => {
    const quick = Math.min(TEMPO.most, tempo + stretch.round * faster);
    const tick = tickAt(quick);
    const at = end;
    const { beats, start, end: last } = barsOf(part, stretch);
    end += (last - start) * tick;
    const silent = stretch.turn === 'yours';
    const notes = beats.flatMap((beat) => noteSound(part, beat, at + (beat.start - start) * tick, tick));
    const cue: Sound = {
      ...{ voice: 'cue', at, lasts: 0, midi: 0, note: null },
      cue: { is: stretch.turn, tempo: quick },
    };
    const under =
      chords.length === 0 ? [] : chordSounds(chords, bar, { at, end, meter: part.meter, tempo: quick });
    bar += stretch.to - stretch.from;
    const shown = silent ? notes.map((each): Sound => ({ ...each, voice: 'cue' })) : notes;
    const beaten = silent ? count(Math.ceil((last - start) / QUARTER), at, quick, part.meter) : [];
    return [cue, ...beaten, ...under, ...shown];
  });
  return { sounds, end };
}

function noteSound(part: Part, beat: Beat, at: number, tick: number): readonly Sound[] {
  const placed = beat.note === null ? undefined : part.notes[beat.note];
  if (!placed) return [];
  const midi = midiOf(placed.pitch) - part.transposition.semitones;
  const lasts = beat.length * tick * SOUNDING[placed.stroke];
  return [{ voice: 'note', at, lasts, midi, note: beat.note }];
}

type Under = { readonly at: number; readonly end: number; readonly meter: number; readonly tempo: number };

/** One chord a bar from a time to another, going on where the bars before have come to. */
function chordSounds(
  chords: ReturnType<typeof chordsOf>,
  before: number,
  { at, end, meter, tempo }: Under,
): readonly Sound[] {
  const bar = (meter * 60) / tempo;
  const bars = Math.max(1, Math.ceil((end - at) / bar - 1e-6));
  return Array.from({ length: bars }, (_, nth) => nth).flatMap((nth): readonly Sound[] => {
    const chord = chords[(before + nth) % chords.length];
    if (!chord) return [];
    const begins = at + nth * bar;
    const lasts = Math.min(bar, end - begins) * 0.95;
    return chord.midi.map((midi): Sound => ({ voice: 'chord', at: begins, lasts, midi, note: null }));
  });
}

/** Chords alone, to play over freely. */
function freely(part: Part, { minutes, tempo, backing }: Playing, begin: number): Stretched {
  const meter = 4;
  const bar = (meter * 60) / tempo;
  const bars = barsIn(minutes, tempo);
  const end = begin + bars * bar;
  const chords = chordsOf(backing, part.concert);
  const cues = Array.from({ length: bars }, (_, nth): Sound => {
    const degree = chords[nth % chords.length]?.degree ?? null;
    const left = Math.round((bars - nth) * bar);
    return {
      ...{ voice: 'cue', at: begin + nth * bar, lasts: bar, midi: 0, note: null },
      cue: { is: 'bar', bar: nth + 1, of: bars, degree, left },
    };
  });
  const under =
    chords.length > 0
      ? chordSounds(chords, 0, { at: begin, end, meter, tempo })
      : count(bars * meter, begin, tempo, meter);
  return { sounds: [...cues, ...under], end };
}

/** The scale as it rises to its last note but one, where it stands still for a bar, and then comes home. */
function lineHome({ written, notes, clef }: Part): readonly Pitch[] {
  const homes = notes.filter(({ pitch }) => pitch.note === written.tonic).map(({ pitch }) => pitch.octave);
  const octave = homes.length > 0 ? Math.min(...homes) : octaveFor(written, clef);
  return lineOf(written, 'up', octave).map(({ pitch }) => pitch);
}

/** Quarters for which the note before the last is held, the silence after it, and home. */
const HELD = { held: 3, silence: 4, home: 4 } as const;

function broughtHome(part: Part, { tempo }: Playing, begin: number): Stretched {
  const quarter = 60 / tempo;
  const line = lineHome(part);
  const before = line.length - 2;
  const placeOf = (pitch: Pitch) => {
    const found = part.notes.findIndex(
      (each) => each.pitch.note === pitch.note && each.pitch.octave === pitch.octave,
    );
    return found < 0 ? null : found;
  };
  const stopped = begin + (before + HELD.held) * quarter;
  const homeAt = stopped + HELD.silence * quarter;
  const sounds = line.map((pitch, at): Sound => {
    const last = at === line.length - 1;
    return {
      ...{ voice: 'note', midi: midiOf(pitch) - part.transposition.semitones, note: placeOf(pitch) },
      at: last ? homeAt : begin + at * quarter,
      lasts: (last ? HELD.home : at === before ? HELD.held : 0.92) * quarter,
    };
  });
  const cue = (is: 'held' | 'home', at: number): Sound => ({
    ...{ voice: 'cue', at, lasts: 0, midi: 0, note: null },
    cue: { is },
  });
  return {
    sounds: [...sounds, cue('held', stopped), cue('home', homeAt)],
    end: homeAt + HELD.home * quarter,
  };
}

/** How long it takes until the last sound has ended, in seconds. */
export function lastsOf(sounds: readonly Sound[]): number {
  return Math.max(0, ...sounds.map(({ at, lasts }) => at + lasts));
}
