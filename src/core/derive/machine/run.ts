import { type Letter, letterAfter, letterIndex } from '../../note/letter';
import { type Fifths, type SpelledNote, spelled, spelledOrNull } from '../../note/spelled';
import type { Mode } from '../../scale/mode';
import type { Asked } from '../asked';
import type { DerivationStep, PlaceState } from '../derivation';
import type { Fact } from '../fact';
import { TABLES, type Tables } from '../tables';
import { type Place, placesOf } from './place';

/** A key that signs are counted to. */
type Counted = { readonly tonic: SpelledNote; readonly mode: Mode };

/**
 * A program while it runs: the notes by place with what is known of each, and what was found on the way. It knows the
 * tonic, the definition and the tables, and no scale that was spelled elsewhere.
 */
export class Run {
  places: readonly Place[] = [];
  notes: SpelledNote[] = [];
  private decided: boolean[] = [];
  /** The key in hand while a signature is sought, and its signature in fifths. */
  counted: Counted | null = null;
  count = 0;
  signs: readonly SpelledNote[] = [];
  /** Signs put so far; null where a method puts none. */
  put: number | null = null;
  under: Fifths | null = null;
  /** Notes that were taken from elsewhere: two octaves of the parent, the window. */
  borrowed: readonly SpelledNote[] = [];
  /** The seven steps wanted of two tetrachords. */
  wanted: readonly number[] = [];
  /** Set where something would need a third sign, or has nothing to work on: then the program leads nowhere. */
  impossible = false;
  readonly steps: DerivationStep[] = [];
  protected startedFrom: Asked | null = null;

  /** @param telling whether the steps are wanted, or the notes alone */
  constructor(
    readonly tables: Tables = TABLES,
    protected readonly telling = false,
  ) {}

  get asked(): Asked {
    if (!this.startedFrom) throw new RangeError('a program begins with its start');
    return this.startedFrom;
  }

  /** Whether steps are told; what is told alone need not be found otherwise. */
  get isTelling(): boolean {
    return this.telling;
  }

  begin(asked: Asked): void {
    this.startedFrom = asked;
    if (asked.key) this.counted = { tonic: asked.tonic, mode: asked.key.mode };
  }

  /** Lays plain letters from a tonic, whose own sign stands where it is kept. */
  lay(tonic: SpelledNote, kept: boolean): void {
    const places = placesOf(this.asked, this.tables, tonic.letter);
    if (!places) {
      this.impossible = true;
      return;
    }
    this.places = places;
    this.notes = places.map(({ letter, home }) => (home && kept ? tonic : spelled(letter, 0)));
    this.decided = places.map(() => false);
  }

  /** The note of a letter with so many semitones of sign; a third sign ends the run. */
  spell(letter: Letter, alteration: number): SpelledNote {
    const note = spelledOrNull(letter, alteration);
    if (note) return note;
    this.impossible = true;
    return spelled(letter, 0);
  }

  /** Semitones from the plain letter up to the letter so many letters further, by the white keys. */
  whiteKeys(from: Letter, letters: number): number {
    const { semitones } = this.tables;
    const octaves = Math.floor((letterIndex(from) + letters) / 7);
    return semitones[letterAfter(from, letters)] - semitones[from] + 12 * octaves;
  }

  /** The note so many letters and semitones above one; below where they are negative. */
  above(from: SpelledNote, letters: number, semitones: number): SpelledNote {
    const alteration = from.alteration + semitones - this.whiteKeys(from.letter, letters);
    return this.spell(letterAfter(from.letter, letters), alteration);
  }

  /** The tonic of the major of which a note is a degree, so many semitones down; the other way with a turn of −1. */
  parentOf(
    note: SpelledNote,
    degree: number,
    turn: 1 | -1,
  ): { readonly tonic: SpelledNote; readonly down: number } {
    const { rising } = this.tables.patterns.major;
    const down = rising.slice(0, degree - 1).reduce((sum, step) => sum + step, 0);
    return { tonic: this.above(note, -turn * (degree - 1), -turn * down), down };
  }

  /** Notes by steps from a tonic up, one letter a note. */
  climb(tonic: SpelledNote, steps: readonly number[]): readonly SpelledNote[] {
    let sum = 0;
    return [
      tonic,
      ...steps.map((step, at) => {
        sum += step;
        return this.above(tonic, at + 1, sum);
      }),
    ];
  }

  /** Places round the circle from one tonic to another, a fifth each; negative where fifths down lead to it. */
  fifthsTo(from: SpelledNote, to: SpelledNote): number {
    const { letters, semitones } = this.tables.fifth;
    for (const way of [1, -1]) {
      let note: SpelledNote | null = from;
      for (let places = 0; note; places += 1) {
        if (note === to) return way * places;
        const letter: Letter = letterAfter(note.letter, way * letters);
        const off = way * semitones - this.whiteKeys(note.letter, way * letters);
        note = spelledOrNull(letter, note.alteration + off);
      }
    }
    this.impossible = true;
    return 0;
  }

  get everywhere(): readonly number[] {
    return this.places.map((_, at) => at);
  }

  /** Places of which something holds. */
  where(holds: (place: Place, at: number) => boolean): readonly number[] {
    return this.everywhere.filter((at) => holds(this.places[at] as Place, at));
  }

  /** Places of a degree, the tonic at both ends; on one way, or on both. */
  at(degree: number, ways: 'both' | 'rising' | 'falling' = 'both'): readonly number[] {
    return this.where(
      (place) =>
        (place.degree === degree || (degree === 1 && place.home)) &&
        (ways === 'both' || place.falling === (ways === 'falling')),
    );
  }

  /** The note that stands on a degree now, 1 to 8; on the way up where both ways have it. */
  on(degree: number): SpelledNote {
    const found = this.places.findIndex((place) => place.degree === degree);
    return this.notes[found] as SpelledNote;
  }

  write(at: readonly number[], note: SpelledNote): void {
    for (const place of at) this.notes[place] = note;
    this.settle(at);
  }

  /** Decides places as they stand. */
  settle(at: readonly number[]): void {
    for (const place of at) this.decided[place] = true;
  }

  /** Writes a whole scale by degrees 1 to 7, the octave as the tonic. */
  fill(seven: readonly SpelledNote[]): void {
    this.notes = this.places.map(({ degree }) => seven[(degree - 1) % 7] as SpelledNote);
    this.settle(this.everywhere);
  }

  /** Tells a step with the line as it stands now. */
  tell(fact: () => Fact, at: readonly number[] = []): void {
    if (!this.telling || this.impossible) return;
    const line = this.notes.map(
      (note, place): PlaceState => ({ note, stage: this.decided[place] ? 'decided' : 'letter' }),
    );
    this.steps.push({ fact: fact(), at, line, signs: this.put, under: this.under });
  }
}

/** How the operations of a program are done, by their codes. */
export type Vocabulary<Operation extends { readonly op: string }, State extends Run = Run> = {
  readonly [Code in Operation['op']]: (
    run: State,
    operation: Extract<Operation, { readonly op: Code }>,
  ) => void;
};

/** Runs operations in order. It stops where one leads nowhere; then `impossible` is set. */
export function interpret<Operation extends { readonly op: string }, State extends Run>(
  program: readonly Operation[],
  vocabulary: Vocabulary<Operation, State>,
  run: State,
): State {
  for (const operation of program) {
    const does = vocabulary[operation.op as Operation['op']] as (run: State, operation: Operation) => void;
    does(run, operation);
    if (run.impossible) break;
  }
  return run;
}
