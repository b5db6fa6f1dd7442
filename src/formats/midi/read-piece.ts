import { type MidiData, parseMidi } from 'midi-file';
import type { Pitch } from '@/core/note/pitch';
import { type Fifths, fifths } from '@/core/note/spelled';
import type { Piece, PieceBar, PieceClef, PieceEvent, PiecePart, PieceTone } from '@/core/piece/piece';
import { PIECE_LIMITS, type PieceWarning } from '@/core/piece/piece-warning';
import { inSingles, SHORTEST } from '@/core/piece/written-length';
import type { Mode } from '@/core/scale/mode';
import { plainName } from '../file/decode';
import type { PieceReading } from '../format';
import { isMidi } from './is-midi';
import { likelySignature, type Struck, spelledLine } from './spelling';
import { barsOf, type MidiBar, snapped, type Timed, timedTracks } from './timeline';

/** The channel of drums, from 0, https://midi.org/general-midi-level-1 */
const DRUMS = 9;

/** A part as it was played: its notes by when they begin. */
type Played = { readonly name: string; readonly struck: readonly Struck[] };

/** A signature of a file, and when it begins. */
type Signed = { readonly at: number; readonly fifths: Fifths; readonly mode: Mode | null };

/**
 * Reads a MIDI file as a piece: each track and channel is a part, times are brought to what can be written, and sounds are
 * spelled under the signature of the file, or, where it has none, under the one of fewest accidentals.
 */
export function readMidiPiece(bytes: Uint8Array): PieceReading {
  let file: MidiData;
  try {
    file = parseMidi(bytes);
  } catch {
    return { ok: false, problem: { code: 'midi-broken' } };
  }
  // The package reads what is cut off as an empty file.
  if (!isMidi(bytes) || file.tracks.length === 0) return { ok: false, problem: { code: 'midi-broken' } };
  const tracks = timedTracks(file);
  const warnings: PieceWarning[] = [];
  const played = tracks.flatMap((track, at) => partsOf(track, at, warnings)).slice(0, PIECE_LIMITS.parts);
  const all = tracks.flat().toSorted((a, b) => a.at - b.at);
  const end = played.flatMap(({ struck }) => struck).reduce((latest, { off }) => Math.max(latest, off), 0);
  const bars = barsOf(all, end);
  const signatures = signaturesIn(all, played, warnings);
  const parts = played.map((part) => partOf(part, bars, signatures));
  const title = all.find(({ event, at }) => at === 0 && event.type === 'trackName')?.event;
  return {
    ok: true,
    piece: { title: title?.type === 'trackName' ? plainName(title.text) : '', parts } satisfies Piece,
    warnings,
  };
}

/** The notes of a track, a part for each of its channels. */
function partsOf(track: readonly Timed[], at: number, warnings: PieceWarning[]): readonly Played[] {
  const named = track.find(({ event }) => event.type === 'trackName')?.event;
  const name = named?.type === 'trackName' ? plainName(named.text, 40) : '';
  const on = new Map<string, number>();
  const struck = new Map<number, Struck[]>();
  let drums = 0;
  for (const { at: now, event } of track) {
    if (event.type !== 'noteOn' && event.type !== 'noteOff') continue;
    const key = `${event.channel} ${event.noteNumber}`;
    const from = on.get(key);
    if (from !== undefined && now > from) {
      const begins = snapped(from);
      const own = struck.get(event.channel) ?? [];
      own.push({ midi: event.noteNumber, at: begins, off: Math.max(snapped(now), begins + SHORTEST) });
      struck.set(event.channel, own);
    }
    on.delete(key);
    if (event.type === 'noteOn' && event.velocity > 0) {
      if (event.channel === DRUMS) drums += 1;
      else on.set(key, now);
    }
  }
  if (drums > 0) warnings.push({ code: 'no-pitch', part: name || `Track ${at + 1}`, bar: 1, count: drums });
  const several = struck.size > 1;
  return [...struck].map(([channel, notes]) => ({
    name: (several && name ? `${name} ${channel + 1}` : name) || `Track ${at + 1}`,
    struck: notes.toSorted((a, b) => a.at - b.at || a.midi - b.midi),
  }));
}

function signaturesIn(
  events: readonly Timed[],
  played: readonly Played[],
  warnings: PieceWarning[],
): readonly Signed[] {
  const found = events.flatMap(({ at, event }): readonly Signed[] =>
    event.type === 'keySignature' && Math.abs(event.key) <= 7
      ? [{ at, fifths: fifths(event.key), mode: event.scale === 1 ? 'minor' : null }]
      : [],
  );
  if (found.length > 0) return found;
  const count = likelySignature(played.flatMap(({ struck }) => struck));
  warnings.push({ code: 'signature-unsaid', fifths: count });
  return [{ at: 0, fifths: count, mode: null }];
}

/** The signature at a time; the first also before it begins. */
const signedAt = (signatures: readonly Signed[], at: number): Signed | undefined =>
  signatures.findLast((each) => each.at <= at) ?? signatures[0];

/** A voice of a staff: what was struck in it, chords together. */
type Voice = { end: number; readonly chords: { at: number; off: number; readonly notes: Struck[] }[] };

/** The most voices of a staff; what does not fit joins the last. */
const MOST_VOICES = 3;

/** Middle C: above it lies the upper staff of a part that needs two. */
const MIDDLE_C = 60;

function partOf(
  { name, struck }: Played,
  bars: readonly MidiBar[],
  signatures: readonly Signed[],
): PiecePart {
  const pitches = spelledUnder(struck, signatures);
  const wide = struck.some(({ midi }) => midi < 52) && struck.some(({ midi }) => midi > 67);
  const staves = wide ? 2 : 1;
  const low = struck.filter(({ midi }) => midi < MIDDLE_C).length > struck.length / 2;
  const clefs: readonly PieceClef[] = wide
    ? [
        { clef: 'treble', octave: 0 },
        { clef: 'bass', octave: 0 },
      ]
    : [{ clef: low ? 'bass' : 'treble', octave: 0 }];
  const events = Array.from({ length: staves }, (_, staff) => {
    const own = struck.filter(({ midi }) => !wide || (staff === 0) === midi >= MIDDLE_C);
    return voicesOf(own).flatMap((voice, nth) => voiceEvents(voice, bars, pitches, staff, nth));
  }).flat();
  const byBar = new Map<number, PieceEvent[]>();
  for (const { bar, event } of events) byBar.set(bar, [...(byBar.get(bar) ?? []), event]);
  let before: Signed | undefined;
  return {
    ...{ name, transposition: { letters: 0, semitones: 0 }, staves },
    bars: bars.map(({ at, length, meter }, bar): PieceBar => {
      const signed = signedAt(signatures, at);
      const changes = signed !== before;
      before = signed;
      const own = (byBar.get(bar) ?? []).toSorted(
        (a, b) => a.at - b.at || a.staff - b.staff || a.voice - b.voice,
      );
      return {
        ...{ number: bar + 1, length, meter },
        fifths: changes ? (signed?.fifths ?? null) : null,
        mode: changes ? (signed?.mode ?? null) : null,
        clefs: bar === 0 ? clefs.map((clef, staff) => ({ staff, at: 0, clef })) : [],
        events: own,
        end: bar === bars.length - 1 ? 'final' : 'plain',
      };
    }),
  };
}

function spelledUnder(struck: readonly Struck[], signatures: readonly Signed[]): ReadonlyMap<Struck, Pitch> {
  const found = new Map<Struck, Pitch>();
  for (const signed of signatures) {
    const own = struck.filter(({ at }) => signedAt(signatures, at) === signed);
    const pitches = spelledLine(own, signed.fifths);
    for (const [at, each] of own.entries()) found.set(each, pitches[at] as Pitch);
  }
  return found;
}

function voicesOf(struck: readonly Struck[]): readonly Voice[] {
  const voices: Voice[] = [];
  for (const each of struck) {
    const chord = voices
      .flatMap(({ chords }) => chords.at(-1) ?? [])
      .find(({ at, off }) => at === each.at && off === each.off);
    if (chord) {
      chord.notes.push(each);
      continue;
    }
    const free = voices.find(({ end }) => end <= each.at);
    const voice = free ?? (voices.length < MOST_VOICES ? { end: 0, chords: [] } : voices.at(-1));
    if (!voice) continue;
    if (!voices.includes(voice)) voices.push(voice);
    const last = voice.chords.at(-1);
    // Where no voice is free, what sounds there ends with the note that comes.
    if (last && last.off > each.at) {
      if (last.at === each.at) {
        last.notes.push(each);
        continue;
      }
      last.off = each.at;
    }
    voice.chords.push({ at: each.at, off: each.off, notes: [each] });
    voice.end = each.off;
  }
  return voices;
}

type InBar = { readonly bar: number; readonly event: PieceEvent };

/** The events of a voice, parted at bar lines with ties; the first voice has its rests. */
function voiceEvents(
  { chords }: Voice,
  bars: readonly MidiBar[],
  pitches: ReadonlyMap<Struck, Pitch>,
  staff: number,
  voice: number,
): readonly InBar[] {
  const found: InBar[] = [];
  let now = 0;
  let bar = 0;
  const put = (from: number, until: number, notes: readonly Struck[]) => {
    let at = from;
    while (at < until) {
      while (bars[bar + 1] && at >= (bars[bar + 1]?.at ?? 0)) bar += 1;
      const begins = bars[bar]?.at ?? 0;
      const end = Math.min(until, begins + (bars[bar]?.length ?? until));
      if (end <= at) return;
      let left = at;
      for (const { written, ticks } of inSingles(end - at)) {
        const tied = left + ticks < until;
        const tones = notes.flatMap((each): readonly PieceTone[] => {
          const own = pitches.get(each);
          return own ? [{ pitch: own, printed: null, tied }] : [];
        });
        found.push({
          bar,
          event: { at: left - begins, length: ticks, written, grace: false, staff, voice, tones },
        });
        left += ticks;
      }
      at = end;
    }
  };
  for (const { at, off, notes } of chords) {
    if (at > now && voice === 0) put(now, at, []);
    put(
      at,
      off,
      notes.toSorted((a, b) => a.midi - b.midi),
    );
    now = off;
  }
  const last = bars.at(-1);
  if (last && voice === 0 && now < last.at + last.length) put(now, last.at + last.length, []);
  return found;
}
