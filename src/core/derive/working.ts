import type { Fifths, SpelledNote } from '../note/spelled';
import { type Direction, lineOf, type PlacedNote } from '../scale/line';
import type { Scale } from '../scale/scale';
import type { Derivation, DerivationStep, MethodId, PlaceState, Saying } from './derivation';
import { givingBack } from './giving-back';
import { lettersOnly, overwrite, settle } from './place-state';

/** A derivation while it is being written, step by step, on the line of the question. */
export class Working {
  readonly line: readonly PlacedNote[];
  readonly notes: readonly SpelledNote[];
  private state: readonly PlaceState[];
  private readonly steps: DerivationStep[] = [];
  /** The signature the line is written under until another one is reached. */
  under: Fifths | null = null;

  constructor(
    private readonly scale: Scale,
    private readonly direction: Direction,
    private readonly method: MethodId,
  ) {
    this.line = lineOf(scale, direction, 4);
    this.notes = this.line.map(({ pitch }) => pitch.note);
    this.state = lettersOnly(this.line, scale.tonic);
  }

  /** All places of the line. */
  get everywhere(): readonly number[] {
    return this.line.map((_, place) => place);
  }

  /** Places where a degree stands; the tonic stands at both ends. `falling` asks for one way only. */
  places(degree: number, falling?: boolean): readonly number[] {
    const found: number[] = [];
    for (const [place, each] of this.line.entries()) {
      const fits = each.degree === degree || (degree === 1 && each.home);
      if (fits && (falling === undefined || each.falling === falling)) found.push(place);
    }
    return found;
  }

  say(saying: Saying, at: readonly number[] = []): void {
    this.steps.push({ saying, at, line: this.state, signs: null, under: this.under });
  }

  /** Decides places without a word of their own, since they stand as they were. */
  fix(at: readonly number[]): void {
    this.state = settle(this.state, at, this.notes);
  }

  /** Says something that decides places: each as it ends. */
  decide(saying: Saying, at: readonly number[]): void {
    this.state = settle(this.state, at, this.notes);
    this.say(saying, at);
  }

  /** Says something that writes one note at places, over what stood there; it may be written over again. */
  write(saying: Saying, at: readonly number[], note: SpelledNote): void {
    this.state = overwrite(this.state, at, note);
    this.say(saying, at);
  }

  /** Writes a whole line of notes, by degree 1 to 7, without saying anything yet. */
  lay(notes: readonly SpelledNote[]): void {
    this.state = this.line.map(({ degree }, place) => {
      const note = notes[(degree - 1) % 7];
      return note ? { note, stage: 'decided' } : (this.state[place] as PlaceState);
    });
  }

  /**
   * The raised degrees of a minor form, each by its own saying, and melodic minor's return on the way down.
   * `unraised` are the notes of degrees 1 to 7 before anything is raised.
   */
  raise(unraised: readonly SpelledNote[], saying: (from: SpelledNote, to: SpelledNote) => Saying): void {
    const { scale, line } = this;
    for (const degree of scale.raised) {
      const at = line.flatMap((note, place) => (note.degree === degree && note.raised ? [place] : []));
      const from = unraised[degree - 1];
      const to = this.notes[at[0] ?? -1];
      if (from && to) this.write(saying(from, to), at, to);
    }
    const back = givingBack(scale, this.direction, line);
    if (back) this.decide(back.saying, back.at);
  }

  finish(): Derivation {
    const { scale, direction, method, steps, state } = this;
    return { question: { scale, direction }, method, steps, answer: state.map(({ note }) => note) };
  }
}
