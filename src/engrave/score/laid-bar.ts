import {
  Accidental,
  Beam,
  ClefNote,
  Dot,
  Formatter,
  Fraction,
  GhostNote,
  GraceNote,
  GraceNoteGroup,
  type Note,
  StaveNote,
  Stem,
  type StemmableNote,
  Tuplet,
  Voice,
} from 'vexflow/core';
import type { Clef } from '@/core/instrument/staff';
import type { PieceBar, PieceEvent, PieceMeter, WrittenLength } from '@/core/piece/piece';
import { LENGTH_VALUES, ticksOf } from '@/core/piece/piece';
import type { ScopedTone } from '@/core/piece/scoped';
import { inSingles } from '@/core/piece/written-length';
import { signCode } from '@/core/scale/printed';
import { clefName, type ScoreView, type StaffView } from './score-view';

/** Note values as VexFlow calls them, from the longest. */
const DURATIONS = ['1/2', '1', '2', '4', '8', '16', '32', '64', '128'] as const;

const durationOf = ({ value }: WrittenLength): string => DURATIONS[LENGTH_VALUES.indexOf(value)] ?? '4';

/** Where rests stand: in the middle, or above and below it where two voices share the staff. */
const REST_AT: Readonly<Record<Clef, readonly [middle: string, upper: string, lower: string]>> = {
  treble: ['b/4', 'e/5', 'f/4'],
  alto: ['c/4', 'f/4', 'g/3'],
  tenor: ['a/3', 'd/4', 'e/3'],
  bass: ['d/3', 'g/3', 'a/2'],
};

/** A dot in the type of every other sign: taking on that of its note would ask a browser. */
class PlainDot extends Dot {
  override setNote(note: Note): this {
    this.note = note;
    return this;
  }
}

/** A note that was drawn, with the tones of its heads from the lowest. */
export type LaidNote = { readonly note: StaveNote; readonly tones: readonly ScopedTone[] };

/** One staff of a bar before it has a place. */
export type LaidStaff = {
  readonly voices: readonly Voice[];
  readonly notes: readonly LaidNote[];
  readonly rests: readonly StaveNote[];
  readonly clefs: readonly ClefNote[];
  readonly beams: readonly Beam[];
  readonly tuplets: readonly Tuplet[];
};

/** A bar before it has a place: its staves, and how wide it has to be without what stands at its head. */
export type LaidBar = {
  readonly bar: number;
  readonly staves: readonly LaidStaff[];
  readonly formatter: Formatter;
  readonly least: number;
};

/** How much air the notes of a bar like to have. */
const AIR = 1.3;
const LEAST = 46; // pixels

/** Lays out a bar of several staves together, so that what sounds together stands together. */
export function laidBar(view: ScoreView, staves: readonly StaffView[], bar: number): LaidBar {
  const laid = staves.map((staff) => laidStaff(view, staff, bar));
  const formatter = new Formatter();
  for (const { voices } of laid) if (voices.length > 0) formatter.joinVoices([...voices]);
  const voices = laid.flatMap((each) => each.voices);
  const least = voices.length > 0 ? formatter.preCalculateMinTotalWidth(voices) * AIR : 0;
  return { bar, staves: laid, formatter, least: Math.max(LEAST, least) };
}

/** The events of a voice with their tones. */
type Told = { readonly event: PieceEvent; readonly tones: readonly ScopedTone[] };

function laidStaff(view: ScoreView, { part, staff }: StaffView, bar: number): LaidStaff {
  const own = view.parts[part];
  const at = own?.at[bar];
  const written = view.piece.parts[part]?.bars[bar];
  const found = { voices: [] as Voice[], notes: [] as LaidNote[], rests: [] as StaveNote[] };
  const joined = { clefs: [] as ClefNote[], beams: [] as Beam[], tuplets: [] as Tuplet[] };
  if (!at || !written) return { ...found, ...joined };
  const byEvent = new Map<number, ScopedTone[]>();
  for (const tone of own.tones[bar] ?? [])
    byEvent.set(tone.event, [...(byEvent.get(tone.event) ?? []), tone]);
  const voices = new Map<number, Told[]>();
  for (const [nth, event] of written.events.entries()) {
    if (event.staff !== staff) continue;
    voices.set(event.voice, [...(voices.get(event.voice) ?? []), { event, tones: byEvent.get(nth) ?? [] }]);
  }
  const several =
    [...voices.values()].filter((told) => told.some(({ tones }) => tones.length > 0)).length > 1;
  for (const [nth, told] of [...voices.values()].entries()) {
    const maker = new VoiceMaker(written, staff, at.clefs[staff]?.clef ?? 'treble', several ? nth : null);
    const made = maker.make(told, nth === 0);
    found.voices.push(made.voice);
    found.notes.push(...made.notes);
    found.rests.push(...made.rests);
    joined.clefs.push(...made.clefs);
    joined.tuplets.push(...made.tuplets);
    joined.beams.push(...beamsOf(made.tickables, at.meter, several));
  }
  return { ...found, ...joined };
}

function beamsOf(
  notes: readonly StemmableNote[],
  { beats, unit }: PieceMeter,
  several: boolean,
): readonly Beam[] {
  if (notes.length === 0) return [];
  const groups = unit === 8 && beats % 3 === 0 ? [new Fraction(3, 8)] : [new Fraction(1, 4)];
  return Beam.generateBeams([...notes], { groups, maintainStemDirections: several });
}

type MadeVoice = {
  readonly voice: Voice;
  readonly tickables: readonly StemmableNote[];
  readonly notes: readonly LaidNote[];
  readonly rests: readonly StaveNote[];
  readonly clefs: readonly ClefNote[];
  readonly tuplets: readonly Tuplet[];
};

/** Makes the notes of one voice of a bar. */
class VoiceMaker {
  private readonly notes: LaidNote[] = [];
  private readonly rests: StaveNote[] = [];
  private readonly clefs: ClefNote[] = [];
  private readonly tickables: StemmableNote[] = [];
  private readonly all: (StemmableNote | ClefNote)[] = [];
  private readonly tuplets: Tuplet[] = [];
  private graces: LaidNote[] = [];
  private inTuplet: StemmableNote[] = [];
  private open: { readonly of: readonly [number, number]; unit: number; plain: number } | null = null;

  constructor(
    private readonly bar: PieceBar,
    private readonly staff: number,
    private clef: Clef,
    /** The voice among several of its staff; null where it is alone. */
    private readonly nth: number | null,
  ) {}

  make(told: readonly Told[], first: boolean): MadeVoice {
    let now = 0;
    const waiting = this.bar.clefs.filter((each) => each.staff === this.staff && each.at > 0);
    for (const { event, tones } of told) {
      while (waiting[0] && waiting[0].at <= event.at) {
        const change = waiting.shift();
        if (!change) break;
        const { type, mark } = clefName(change.clef);
        this.clef = type;
        if (first) {
          const note = new ClefNote(type, 'small', mark);
          this.clefs.push(note);
          this.all.push(note);
        }
      }
      if (event.at > now) this.gap(event.at - now);
      this.add(event, tones);
      now = Math.max(now, event.at + event.length);
    }
    if (now < this.bar.length && now > 0) this.gap(this.bar.length - now);
    this.closeTuplet();
    const voice = new Voice({ numBeats: 4, beatValue: 4 })
      .setMode(Voice.Mode.SOFT)
      .addTickables([...this.all]);
    const { notes, rests, clefs, tickables, tuplets } = this;
    return { voice, notes, rests, clefs, tickables, tuplets };
  }

  /** What is silent in a voice, and not written. */
  private gap(ticks: number): void {
    this.closeTuplet();
    for (const { written } of inSingles(ticks)) {
      const ghost = new GhostNote({ duration: durationOf(written), dots: written.dots });
      this.all.push(ghost);
      this.tickables.push(ghost);
    }
  }

  private add(event: PieceEvent, tones: readonly ScopedTone[]): void {
    if (event.grace) {
      const grace = new GraceNote({
        keys: keysOf(tones),
        duration: durationOf(event.written),
        slash: true,
        clef: this.clef,
      });
      addSigns(grace, tones);
      this.graces.push({ note: grace, tones });
      return;
    }
    const note = tones.length > 0 ? this.note(event, tones) : this.rest(event);
    for (let dot = 0; dot < event.written.dots; dot += 1)
      for (const at of note.getKeys().keys()) note.addModifier(new PlainDot(), at);
    if (this.graces.length > 0) {
      const group = new GraceNoteGroup(
        this.graces.map((grace) => grace.note as GraceNote),
        false,
      );
      if (this.graces.length > 1) group.beamNotes();
      note.addModifier(group, 0);
      this.notes.push(...this.graces);
      this.graces = [];
    }
    this.all.push(note);
    this.tickables.push(note);
    this.tuplet(event.written, note);
  }

  private note({ written }: PieceEvent, tones: readonly ScopedTone[]): StaveNote {
    const direction = this.nth === null ? {} : { stemDirection: this.nth % 2 === 0 ? Stem.UP : Stem.DOWN };
    const note = new StaveNote({
      ...{ keys: keysOf(tones), duration: durationOf(written), dots: written.dots, clef: this.clef },
      ...direction,
      autoStem: this.nth === null,
    });
    addSigns(note, tones);
    this.notes.push({ note, tones });
    return note;
  }

  private rest({ written, length }: PieceEvent): StaveNote {
    const [middle, upper, lower] = REST_AT[this.clef];
    const key = this.nth === null ? middle : this.nth % 2 === 0 ? upper : lower;
    const fills = length === this.bar.length && written.value === 'whole';
    const note = new StaveNote({
      ...{ keys: [key], duration: `${durationOf(written)}r`, dots: written.dots, clef: this.clef },
      alignCenter: fills,
    });
    this.rests.push(note);
    return note;
  }

  /** Notes of one tuplet are joined once as many have come as it stands for. */
  private tuplet({ tuplet, ...plain }: WrittenLength, note: StemmableNote): void {
    if (!tuplet || (this.open && this.open.of.join() !== tuplet.join())) this.closeTuplet();
    if (!tuplet) return;
    const ticks = ticksOf({ ...plain, tuplet: null });
    this.open ??= { of: tuplet, unit: ticks, plain: 0 };
    this.open.unit = Math.min(this.open.unit, ticks);
    this.open.plain += ticks;
    this.inTuplet.push(note);
    if (this.open.plain >= this.open.unit * tuplet[0]) this.closeTuplet();
  }

  private closeTuplet(): void {
    const { open, inTuplet } = this;
    this.open = null;
    this.inTuplet = [];
    if (!open || inTuplet.length === 0) return;
    const [numNotes, notesOccupied] = open.of;
    this.tuplets.push(
      new Tuplet(inTuplet, {
        numNotes,
        notesOccupied,
        ratioed: false,
        bracketed: inTuplet.length < numNotes,
      }),
    );
  }
}

const keysOf = (tones: readonly ScopedTone[]) =>
  tones.map(({ pitch }) => `${pitch.note.letter.toLowerCase()}/${pitch.octave}`);

function addSigns(note: StaveNote, tones: readonly ScopedTone[]): void {
  for (const [at, { sign }] of tones.entries()) {
    if (!sign) continue;
    const made = new Accidental(signCode(sign.sign));
    if (sign.courtesy) made.setAsCautionary();
    note.addModifier(made, at);
  }
}
