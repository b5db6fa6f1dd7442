import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLEFS } from '../instrument/staff';
import { noteNamed } from '../note/parse';
import { heightOf, type Pitch } from '../note/pitch';
import { type Alteration, type Fifths, fifths } from '../note/spelled';
import { DIRECTIONS, type Direction } from './direction';
import { lineOf } from './line';
import { SCALE_IDS, type ScaleId } from './pattern';
import { printedSignature, printedSigns, SIGNATURE_CHOICES, signCode } from './printed';
import { scaleNamed } from './scale';
import { SCALE_TABLE } from './scale-table';
import { accidentalsOf } from './signature';
import { writeOut } from './written';

function signs(tonic: string, id: ScaleId, direction: Direction, choice: 'written' | 'none'): string {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error('cannot be spelled');
  const { printed } = writeOut(reading.scale, { direction, clef: 'treble', signature: choice });
  return printed.map((sign) => (sign === null ? '.' : signCode(sign))).join(' ');
}

describe('printed signs in a line without bar lines', () => {
  it.each([
    ['C#', 'harmonic-minor', 'up', 'written', '. . . . . . # .'],
    ['Bb', 'harmonic-minor', 'up', 'written', '. . . . . . n .'],
    ['G#', 'harmonic-minor', 'up', 'written', '. . . . . . ## .'],
    ['G', 'melodic-minor', 'both', 'written', '. . . . . n # . n b . . . . .'],
    ['G', 'melodic-minor', 'both', 'none', '. . b . . . # . n b . . . . .'],
    ['A', 'harmonic-minor', 'both', 'written', '. . . . . . # . . . . . . . .'],
    ['G#', 'melodic-minor', 'both', 'written', '. . . . . # ## . # n . . . . .'],
    ['Eb', 'major', 'up', 'none', 'b . . b b . . b'],
    ['Eb', 'major', 'down', 'none', 'b . . b b . . b'],
    ['Eb', 'major', 'both', 'none', 'b . . b b . . b . . . . . . .'],
    ['C', 'major', 'both', 'written', '. . . . . . . . . . . . . . .'],
    ['G#', 'major', 'up', 'written', '# # # # # # ## #'],
  ] as const)('%s %s going %s, signature %s', (tonic, id, direction, choice, expected) => {
    expect(signs(tonic, id, direction, choice)).toBe(expected);
  });

  /** Plays the line back from what is printed, by the reader's rules. */
  function sounding(
    line: readonly Pitch[],
    atClef: Fifths | null,
    printed: readonly (Alteration | null)[],
  ): readonly number[] {
    const key = new Map(
      accidentalsOf(atClef ?? fifths(0)).map(({ letter, alteration }) => [letter, alteration]),
    );
    const held = new Map<number, number>();
    return line.map((pitch, index) => {
      const sign = printed[index];
      if (sign !== null && sign !== undefined) held.set(heightOf(pitch), sign);
      return held.get(heightOf(pitch)) ?? key.get(pitch.note.letter) ?? 0;
    });
  }

  it('read back as the notes they stand for, every one needed, for all scales, clefs, directions and choices', () => {
    let count = 0;
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const reading = scaleNamed(noteNamed(tonic), id);
        if (!reading.ok) throw new Error('cannot be spelled');
        for (const clef of CLEFS) {
          for (const direction of DIRECTIONS) {
            for (const signature of SIGNATURE_CHOICES) {
              const { line, atClef, printed } = writeOut(reading.scale, { direction, clef, signature });
              const pitches = line.map(({ pitch }) => pitch);
              const wanted = pitches.map(({ note }) => note.alteration);
              expect(sounding(pitches, atClef, printed)).toEqual(wanted);
              printed.forEach((sign, place) => {
                if (sign === null) return;
                const without = printed.map((other, at) => (at === place ? null : other));
                expect(sounding(pitches, atClef, without)).not.toEqual(wanted);
              });
              count += 1;
            }
          }
        }
      }
    }
    expect(count).toBe(21 * 9 * 4 * 3 * 2);
  });

  it('read back for any walk of spelled notes under any signature', () => {
    const reading = scaleNamed(noteNamed('C'), 'major');
    if (!reading.ok) throw new Error('cannot be spelled');
    const bases = lineOf(reading.scale, 'both', 4);
    const note = fc.record({
      place: fc.integer({ min: 0, max: 14 }),
      sign: fc.constantFrom<Alteration>(-2, -1, 0, 1, 2),
    });
    fc.assert(
      fc.property(fc.array(note, { maxLength: 30 }), fc.integer({ min: -7, max: 7 }), (walk, count) => {
        const line = walk.map(({ place, sign }): Pitch => {
          const base = bases[place]?.pitch;
          if (!base) throw new Error('no place');
          return { octave: base.octave, note: { letter: base.note.letter, alteration: sign } };
        });
        const atClef = fifths(count);
        expect(sounding(line, atClef, printedSigns(line, atClef))).toEqual(
          line.map(({ note: n }) => n.alteration),
        );
      }),
    );
  });

  it('print no signature for a theoretical key, whatever is chosen', () => {
    expect(printedSignature(fifths(8), 'written')).toBeNull();
    expect(printedSignature(fifths(7), 'written')).toBe(7);
    expect(printedSignature(fifths(3), 'none')).toBeNull();
    expect(printedSignature(null, 'written')).toBeNull();
  });
});
