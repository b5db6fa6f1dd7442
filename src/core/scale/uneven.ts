import { type Letter, letterAfter, letterIndex, SEMITONES_ABOVE_C } from '../note/letter';
import { type SpelledNote, spelledOrNull } from '../note/spelled';

const OCTAVE = 7; // letters

/**
 * What a spelling costs: signs, then letters skipped or repeated, then signs of the kind that is not wanted, then
 * steps that are not seconds of one letter or thirds of two.
 */
type Cost = readonly [signs: number, uneven: number, foreign: number, odd: number];

type Path = { readonly cost: Cost; readonly notes: readonly SpelledNote[] };

function less(one: Cost, other: Cost): boolean {
  const at = one.findIndex((part, index) => part !== other[index]);
  return at >= 0 && (one[at] as number) < (other[at] as number);
}

/** The cheapest rising spelling where signs of one kind, 1 sharps or −1 flats, are preferred. */
function cheapest(tonic: SpelledNote, steps: readonly number[], kind: 1 | -1): Path | null {
  const start = SEMITONES_ABOVE_C[tonic.letter] + tonic.alteration;
  let paths: ReadonlyMap<number, Path> = new Map([[0, { cost: [0, 0, 0, 0], notes: [tonic] }]]);
  let above = 0;
  for (const [index, step] of steps.entries()) {
    above += step;
    const next = new Map<number, Path>();
    for (const [height, path] of paths) {
      for (let moved = height; moved <= OCTAVE; moved += 1) {
        // Only the last note is the octave.
        if ((moved === OCTAVE) !== (index === steps.length - 1)) continue;
        const note = noteAt(tonic, start + above, moved);
        if (!note) continue;
        const found = {
          cost: costOf(path.cost, note, moved - height, step, kind),
          notes: [...path.notes, note],
        };
        const known = next.get(moved);
        if (!known || less(found.cost, known.cost)) next.set(moved, found);
      }
    }
    paths = next;
  }
  return paths.get(OCTAVE) ?? null;
}

/** The note that sounds so many semitones above C and stands `moved` letters over the tonic. */
function noteAt(tonic: SpelledNote, semitones: number, moved: number): SpelledNote | null {
  const letter = letterAfter(tonic.letter, moved);
  const octave = Math.floor((letterIndex(tonic.letter) + moved) / OCTAVE);
  return spelledOrNull(letter, semitones - SEMITONES_ABOVE_C[letter] - 12 * octave);
}

function costOf(
  before: Cost,
  { alteration }: SpelledNote,
  letters: number,
  step: number,
  kind: 1 | -1,
): Cost {
  const foreign = Math.sign(alteration) === -kind ? Math.abs(alteration) : 0;
  const odd = letters > 0 && letters !== Math.ceil(step / 2) ? 1 : 0;
  return [
    before[0] + Math.abs(alteration),
    before[1] + Math.abs(letters - 1),
    before[2] + foreign,
    before[3] + odd,
  ];
}

/**
 * Spells a pattern that does not have seven steps: of the spellings that rise from the tonic to its octave, the one
 * with the fewest signs, then with the fewest letters skipped or repeated, then with signs of the tonic's own kind
 * (docs/theory.md, Scales). A plain tonic takes signs of one kind where it can: those that make fewer augmented and
 * diminished steps, or else sharps. Null where a note would need a third sign.
 *
 * @example spellUneven(noteNamed('C'), [2, 2, 2, 2, 2, 2]).map(noteName).join(' ') // 'C D E F♯ G♯ A♯ C'
 * @example spellUneven(noteNamed('C'), [2, 1, 2, 1, 2, 1, 2, 1]).map(noteName).join(' ') // 'C D E♭ F G♭ A♭ A B C'
 */
export function spellUneven(tonic: SpelledNote, steps: readonly number[]): readonly SpelledNote[] | null {
  const sharps = tonic.alteration >= 0 ? cheapest(tonic, steps, 1) : null;
  const flats = tonic.alteration <= 0 ? cheapest(tonic, steps, -1) : null;
  const best = sharps && flats ? (less(flats.cost, sharps.cost) ? flats : sharps) : (sharps ?? flats);
  return best?.notes ?? null;
}

/** The letters a rising spelling skips and those it has more than once before the octave, in its order. */
export function unevenLetters(notes: readonly SpelledNote[]): {
  readonly skipped: readonly Letter[];
  readonly repeated: readonly Letter[];
} {
  const skipped: Letter[] = [];
  const repeated: Letter[] = [];
  for (const [index, { letter }] of notes.slice(1).entries()) {
    const before = (notes[index] as SpelledNote).letter;
    const moved = (letterIndex(letter) - letterIndex(before) + OCTAVE) % OCTAVE;
    if (moved === 0) repeated.push(letter);
    for (let passed = 1; passed < moved; passed += 1) skipped.push(letterAfter(before, passed));
  }
  return { skipped, repeated: [...new Set(repeated)] };
}

/** Letters above the tonic on which the notes of a pattern stand in its simplest spelling; null where it has none. */
export function heightsOfSteps(tonic: SpelledNote, steps: readonly number[]): readonly number[] | null {
  let height = 0;
  return (
    spellUneven(tonic, steps)?.map(({ letter }, at, notes) => {
      const before = notes[at - 1];
      if (before) height += (letterIndex(letter) - letterIndex(before.letter) + OCTAVE) % OCTAVE;
      return height;
    }) ?? null
  );
}
