import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LETTERS } from '../note/letter';
import { noteNamed } from '../note/parse';
import { ALTERATIONS, asciiName, pitchClass, type SpelledNote, spelled } from '../note/spelled';
import { askedFrom, scaleAsked } from './asked';
import { lineOf, notesOf } from './line';
import { scaleNamed, scaleOfSteps } from './scale';
import { TONICS } from './tonic';
import { spellUneven, unevenLetters } from './uneven';

const names = (notes: readonly SpelledNote[]) => notes.map(asciiName).join(' ');

function ascending(tonic: string, steps: string): string {
  const reading = scaleOfSteps(noteNamed(tonic), steps.split(' ').map(Number));
  if (!reading.ok) throw new Error(reading.problem.code);
  return names(reading.scale.ascending);
}

/** Every rising spelling of a pattern, made without the search that is tested. */
function everySpelling(tonic: SpelledNote, steps: readonly number[]): readonly (readonly SpelledNote[])[] {
  const place = (note: SpelledNote) => LETTERS.indexOf(note.letter);
  let lines: SpelledNote[][] = [[tonic]];
  let sound = pitchClass(tonic);
  for (const step of steps.slice(0, -1)) {
    sound = (sound + step) % 12;
    const here = LETTERS.flatMap((letter) => ALTERATIONS.map((sign) => spelled(letter, sign))).filter(
      (note) => pitchClass(note) === sound,
    );
    lines = lines.flatMap((line) => here.map((note) => [...line, note]));
  }
  return lines
    .map((line) => [...line, tonic])
    .filter((line) => {
      const moves = line.slice(1).map((note, at) => (place(note) - place(line[at] as SpelledNote) + 7) % 7);
      const letters = moves.reduce((sum, move) => sum + move, 0);
      // The octave is seven letters up; a whole round in one step is never meant.
      return letters === 7 && moves.at(-1) !== 0 && moves.every((move) => move <= 4);
    });
}

function cost(line: readonly SpelledNote[]): readonly [number, number, number] {
  const own = Math.sign((line[0] as SpelledNote).alteration);
  const signs = line.slice(1).reduce((sum, { alteration }) => sum + Math.abs(alteration), 0);
  const { skipped } = unevenLetters(line);
  const repeats = line.slice(1).filter(({ letter }, at) => letter === line[at]?.letter).length;
  const kinds = [1, -1].map((kind) =>
    line
      .filter(({ alteration }) => Math.sign(alteration) === -kind)
      .reduce((sum, n) => sum + Math.abs(n.alteration), 0),
  );
  const foreign = own === 0 ? Math.min(...kinds) : (kinds[own === 1 ? 0 : 1] as number);
  return [signs, skipped.length + repeats, foreign];
}

/** Patterns of 12 half steps in steps of 1 to 4. */
const patterns = fc
  .array(fc.integer({ min: 1, max: 4 }), { minLength: 3, maxLength: 9 })
  .map((steps) => {
    const kept: number[] = [];
    for (const step of steps) if (kept.reduce((a, b) => a + b, 0) + step <= 12) kept.push(step);
    let left = 12 - kept.reduce((a, b) => a + b, 0);
    while (left > 0) {
      const step = Math.min(4, left);
      kept.push(step);
      left -= step;
    }
    return kept;
  })
  .filter(({ length }) => length !== 7 && length <= 9);

describe('patterns of more or fewer than seven steps', () => {
  it.each([
    ['C', '2 2 3 2 3', 'C D E G A C'],
    ['F#', '2 2 3 2 3', 'F# G# A# C# D# F#'],
    ['Eb', '3 2 2 3 2', 'Eb Gb Ab Bb Db Eb'],
    ['C', '2 2 2 2 2 2', 'C D E F# G# A# C'],
    ['Db', '2 2 2 2 2 2', 'Db Eb F G A B Db'],
    ['C', '2 1 2 1 2 1 2 1', 'C D Eb F Gb Ab A B C'],
    ['C', '3 2 1 1 3 2', 'C Eb F Gb G Bb C'],
    ['A', '3 2 1 1 3 2', 'A C D D# E G A'],
    ['C', '4 4 4', 'C E G# C'],
  ])('%s %s is spelled %s', (tonic, steps, wanted) => {
    expect(ascending(tonic, steps)).toBe(wanted);
  });

  it('take the spelling with fewest signs, then fewest uneven letters, then signs of one kind', () => {
    fc.assert(
      fc.property(fc.constantFrom(...TONICS), patterns, (tonic, steps) => {
        const found = spellUneven(tonic, steps);
        const all = everySpelling(tonic, steps).map(cost);
        const best = [...all].sort((a, b) => a[0] - b[0] || a[1] - b[1] || a[2] - b[2])[0];
        expect(found && cost(found)).toEqual(best);
      }),
      { numRuns: 300 },
    );
  });

  it('can be spelled from all 21 tonics, whatever the steps', () => {
    const all = (left: number): number[][] =>
      left === 0
        ? [[]]
        : [1, 2, 3, 4]
            .filter((step) => step <= left)
            .flatMap((step) => all(left - step).map((rest) => [step, ...rest]));
    const wanted = all(12).filter(({ length }) => length !== 7 && length !== 12);
    expect(wanted.length).toBeGreaterThan(1000);
    for (const steps of wanted) {
      for (const tonic of TONICS) {
        const notes = spellUneven(tonic, steps);
        if (!notes) throw new Error(`${asciiName(tonic)} ${steps}`);
        expect(notes).toHaveLength(steps.length + 1);
      }
    }
  });

  it('say which letters are passed over or stand twice', () => {
    expect(unevenLetters('C D E G A C'.split(' ').map(noteNamed))).toEqual({
      skipped: ['F', 'B'],
      repeated: [],
    });
    expect(unevenLetters('C D Eb F Gb Ab A B C'.split(' ').map(noteNamed))).toEqual({
      skipped: [],
      repeated: ['A'],
    });
  });

  it('lie in their octaves on a staff, up, down and both', () => {
    const reading = scaleAsked(noteNamed('A'), askedFrom([3, 2, 1, 1, 3, 2]));
    if (!reading.ok) throw new Error('spelled');
    const line = lineOf(reading.scale, 'both', 3).map(
      ({ pitch, degree }) => `${asciiName(pitch.note)}${pitch.octave} ${degree}`,
    );
    expect(line.slice(0, 7)).toEqual(['A3 1', 'C4 3', 'D4 4', 'D#4 4', 'E4 5', 'G4 7', 'A4 8']);
    expect(line.slice(7)).toEqual(line.slice(0, 6).reverse());
  });
});

/** Written by hand: rising, then coming down. */
const CHROMATIC: readonly (readonly [string, string, string])[] = [
  ['C', 'C C# D D# E F F# G G# A A# B C', 'C B Bb A Ab G Gb F E Eb D Db C'],
  ['G', 'G G# A A# B C C# D D# E E# F# G', 'G F# F E Eb D Db C B Bb A Ab G'],
  ['Bb', 'Bb B C C# D Eb E F F# G G# A Bb', 'Bb A Ab G Gb F Fb Eb D Db C Cb Bb'],
  ['F#', 'F# F## G# G## A# B B# C# C## D# D## E# F#', 'F# E# E D# D C# C B A# A G# G F#'],
];

describe('the chromatic scale', () => {
  it.each(CHROMATIC)(
    'of %s has the notes of its key, raised going up and lowered coming down',
    (tonic, up, down) => {
      const reading = scaleNamed(noteNamed(tonic), 'chromatic');
      if (!reading.ok) throw new Error('spelled');
      expect(names(reading.scale.ascending)).toBe(up);
      expect(names(reading.scale.descending)).toBe(down);
      expect(names(notesOf(reading.scale, 'both'))).toBe(`${up} ${down.split(' ').slice(1).join(' ')}`);
    },
  );

  it('is refused only where a raised note would need a third sign, with the tonic that can be written', () => {
    const refused = TONICS.flatMap((tonic) => {
      const reading = scaleNamed(tonic, 'chromatic');
      return reading.ok
        ? []
        : [[asciiName(tonic), reading.problem.instead && asciiName(reading.problem.instead)]];
    });
    expect(refused).toEqual([
      ['E#', 'F'],
      ['A#', 'Bb'],
      ['B#', 'C'],
    ]);
  });
});

describe('the beginnings of scales', () => {
  it('are the first notes of their keys', () => {
    for (const tonic of TONICS) {
      for (const [id, whole, count] of [
        ['major-tetrachord', 'major', 4],
        ['major-pentachord', 'major', 5],
        ['minor-pentachord', 'natural-minor', 5],
      ] as const) {
        const [part, all] = [scaleNamed(tonic, id), scaleNamed(tonic, whole)];
        if (!part.ok || !all.ok) throw new Error('spelled');
        expect(part.scale.ascending).toEqual(all.scale.ascending.slice(0, count));
        expect(part.scale.signature).toBe(all.scale.signature);
      }
    }
  });
});
