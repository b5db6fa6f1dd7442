import { evenedParts } from '@/core/piece/part-builder';
import type { BarEnd, PieceBar, PieceEvent, PieceMeter, PiecePart } from '@/core/piece/piece';
import { PIECE_QUARTER, ticksOfMeter } from '@/core/piece/piece';
import { PIECE_LIMITS, type PieceWarning } from '@/core/piece/piece-warning';
import { plainName } from '../file/decode';
import type { PieceReading } from '../format';
import { attribute, children, type Node, named, parsedScore, textOf, titleOf, whole } from './nodes';
import { ClefReader, modeOf, signatureIn, transpositionIn } from './read-attributes';
import { eventIn, type NoteRead } from './read-note';

/**
 * Reads a partwise score as a piece: every part with all its voices and chords, ties, tuplets, grace notes, clefs,
 * signatures, meters and bar lines. https://www.w3.org/2021/06/musicxml40/
 */
export function readPiece(text: string): PieceReading {
  const parsed = parsedScore(text);
  if (!parsed.ok) return parsed;
  const { score } = parsed;
  const names = partNames(score);
  const warnings: PieceWarning[] = [];
  const parts = named(score, 'part')
    .slice(0, PIECE_LIMITS.parts)
    .map((part, at) => {
      const name = names.get(attribute(part, 'id') ?? '') || `Part ${at + 1}`;
      return new PartReader(name, warnings).read(named(children(part, 'part'), 'measure'));
    });
  return { ok: true, piece: { title: titleOf(score), parts: evenedParts(parts) }, warnings };
}

/** The names of parts by their ids; those that are not to be printed are none. */
function partNames(score: readonly Node[]): ReadonlyMap<string, string> {
  const list = named(score, 'part-list').flatMap((node) => children(node, 'part-list'));
  return new Map(
    named(list, 'score-part').flatMap((part): (readonly [string, string])[] => {
      const inside = children(part, 'score-part');
      const name = plainName(textOf(inside, 'part-name') ?? '', 40);
      const id = attribute(part, 'id');
      return id && name ? [[id, name]] : [];
    }),
  );
}

/** Reads one part, bar after bar. */
class PartReader {
  private divisions = 1;
  private meter: PieceMeter = { beats: 4, unit: 4 };
  private staves = 1;
  private tones = 0;
  private transposition = { letters: 0, semitones: 0 };
  private readonly clefs: ClefReader;
  /** The voices of each staff in the order in which they come. */
  private readonly voices = new Map<number, string[]>();
  private noPitch: { bar: number; count: number } | null = null;

  constructor(
    private readonly name: string,
    private readonly warnings: PieceWarning[],
  ) {
    this.clefs = new ClefReader(name, warnings);
  }

  read(measures: readonly Node[]): PiecePart {
    const numbers = measures.map((each) => whole(attribute(each, 'number'), 0, 9999));
    // A bar that has no number of its own, as one that is parted in two, has that of the one before.
    let last = 0;
    const taken = measures.slice(0, PIECE_LIMITS.bars);
    const bars = taken.map((measure, at) => {
      last = numbers[at] ?? (at === 0 ? 1 : last);
      return this.bar(children(measure, 'measure'), last);
    });
    if (taken.length < measures.length)
      this.warnings.push({ code: 'bars', bars: measures.length, read: taken.length });
    if (this.noPitch) this.warnings.push({ code: 'no-pitch', part: this.name, ...this.noPitch });
    return {
      ...{ name: this.name, transposition: this.transposition, staves: this.staves },
      bars: this.ended(bars),
    };
  }

  /** The last bar of a piece ends it, whatever line the source has there. */
  private ended(bars: readonly PieceBar[]): readonly PieceBar[] {
    return bars.map((bar, at) =>
      at === bars.length - 1 && bar.end !== 'repeat' ? { ...bar, end: 'final' } : bar,
    );
  }

  private ticks(durations: number): number {
    return Math.round((durations * PIECE_QUARTER) / this.divisions);
  }

  private bar(nodes: readonly Node[], number: number): PieceBar {
    const found: { -readonly [Name in keyof PieceBar]: PieceBar[Name] } = {
      ...{ number, length: 0, fifths: null, mode: null, meter: null, clefs: [], events: [], end: 'plain' },
    };
    const events: PieceEvent[] = [];
    let now = 0;
    let end = 0;
    for (const node of nodes) {
      if (Object.hasOwn(node, 'attributes')) this.attributes(children(node, 'attributes'), found, now);
      else if (Object.hasOwn(node, 'note')) {
        const inside = children(node, 'note');
        const note = eventIn(inside, (durations) => this.ticks(durations), ticksOfMeter(this.meter));
        if (note) now += this.put(note, events, now, number);
        end = Math.max(end, now);
      } else if (Object.hasOwn(node, 'backup')) now = Math.max(0, now - this.moved(children(node, 'backup')));
      else if (Object.hasOwn(node, 'forward')) {
        now += this.moved(children(node, 'forward'));
        end = Math.max(end, now);
      } else if (Object.hasOwn(node, 'barline')) found.end = endIn(node) ?? found.end;
    }
    found.length = end || ticksOfMeter(this.meter);
    // Grace notes stand before what begins with them.
    found.events = events.toSorted(
      (a, b) => a.at - b.at || Number(b.grace) - Number(a.grace) || a.staff - b.staff || a.voice - b.voice,
    );
    return found;
  }

  private moved(nodes: readonly Node[]): number {
    const durations = Number(textOf(nodes, 'duration') ?? '0');
    return Number.isFinite(durations) && durations > 0 && durations < 1e6 ? this.ticks(durations) : 0;
  }

  private attributes(
    nodes: readonly Node[],
    bar: { -readonly [Name in keyof PieceBar]: PieceBar[Name] },
    at: number,
  ): void {
    this.divisions = whole(textOf(nodes, 'divisions'), 1, 99_999) ?? this.divisions;
    this.staves = Math.max(this.staves, whole(textOf(nodes, 'staves'), 1, 4) ?? 1);
    const [key] = named(nodes, 'key').map((each) => children(each, 'key'));
    if (key) {
      const count = signatureIn(key);
      if (count === null) {
        const read = plainName(textOf(key, 'fifths') ?? 'signs of its own', 20);
        this.warnings.push({ code: 'signature', part: this.name, bar: bar.number, read });
      } else {
        bar.fifths = count;
        bar.mode = modeOf(textOf(key, 'mode'));
      }
    }
    const [time] = named(nodes, 'time').map((each) => children(each, 'time'));
    const beats = time && whole(textOf(time, 'beats'), 1, 64);
    const unit = time && whole(textOf(time, 'beat-type'), 1, 64);
    if (beats && unit) {
      this.meter = { beats, unit };
      bar.meter = this.meter;
    }
    bar.clefs = [...bar.clefs, ...this.clefs.read(named(nodes, 'clef'), bar.number, at)];
    const [transpose] = named(nodes, 'transpose').map((each) => children(each, 'transpose'));
    if (transpose) this.transposition = transpositionIn(transpose);
  }

  /** Puts a note where it belongs; gives the ticks by which what follows comes later. */
  private put(note: NoteRead, events: PieceEvent[], now: number, bar: number): number {
    if (note.noPitch) this.noPitch = { bar: this.noPitch?.bar ?? bar, count: (this.noPitch?.count ?? 0) + 1 };
    this.tones += note.event.tones.length;
    const staff = Math.min(note.staff, 3);
    this.staves = Math.max(this.staves, staff + 1);
    const voice = this.voiceOf(staff, note.voice);
    if (note.inChord) {
      const at = events.findLastIndex((each) => each.voice === voice && each.staff === staff);
      const before = events[at];
      if (before && before.tones.length > 0) events[at] = { ...before, tones: withTone(before, note) };
      return 0;
    }
    if (this.tones <= PIECE_LIMITS.tones) events.push({ ...note.event, at: now, staff, voice });
    return note.event.grace ? 0 : note.event.length;
  }

  private voiceOf(staff: number, voice: string): number {
    const known = this.voices.get(staff) ?? [];
    if (!known.includes(voice)) known.push(voice);
    this.voices.set(staff, known);
    return known.indexOf(voice);
  }
}

/** The tones of an event with those of a note of its chord, from the lowest. */
function withTone({ tones }: PieceEvent, { event }: NoteRead): PieceEvent['tones'] {
  const height = ({ pitch }: PieceEvent['tones'][number]) =>
    7 * pitch.octave + 'CDEFGAB'.indexOf(pitch.note.letter);
  return [...tones, ...event.tones].toSorted((a, b) => height(a) - height(b));
}

function endIn(barline: Node): BarEnd | null {
  if ((attribute(barline, 'location') ?? 'right') !== 'right') return null;
  const inside = children(barline, 'barline');
  if (named(inside, 'repeat').length > 0) return 'repeat';
  const style = textOf(inside, 'bar-style');
  if (style === 'light-heavy') return 'final';
  return style === 'light-light' ? 'double' : null;
}
