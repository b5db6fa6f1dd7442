import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { asciiName, fifths, type SpelledNote } from '../note/spelled';
import { MODES } from './mode';
import {
  accidentalsOf,
  isStandardSignature,
  ORDER_OF_FLATS,
  ORDER_OF_SHARPS,
  ownersOf,
  signatureOf,
} from './signature';

const names = (notes: readonly SpelledNote[]) => notes.map(asciiName).join(' ');

describe('the orders of signs', () => {
  it('are these, and one is the other backwards', () => {
    expect(names(ORDER_OF_SHARPS)).toBe('F# C# G# D# A# E# B#');
    expect(names(ORDER_OF_FLATS)).toBe('Bb Eb Ab Db Gb Cb Fb');
    const letters = (order: readonly SpelledNote[]) => order.map(({ letter }) => letter);
    expect(letters(ORDER_OF_FLATS)).toEqual([...letters(ORDER_OF_SHARPS)].reverse());
  });
});

/** Fifteen signatures with their owners, by hand: lydian, major, mixolydian, dorian, minor, phrygian, locrian. */
const OWNERS: readonly (readonly [number, string])[] = [
  [-7, 'Fb Cb Gb Db Ab Eb Bb'],
  [-6, 'Cb Gb Db Ab Eb Bb F'],
  [-5, 'Gb Db Ab Eb Bb F C'],
  [-4, 'Db Ab Eb Bb F C G'],
  [-3, 'Ab Eb Bb F C G D'],
  [-2, 'Eb Bb F C G D A'],
  [-1, 'Bb F C G D A E'],
  [0, 'F C G D A E B'],
  [1, 'C G D A E B F#'],
  [2, 'G D A E B F# C#'],
  [3, 'D A E B F# C# G#'],
  [4, 'A E B F# C# G# D#'],
  [5, 'E B F# C# G# D# A#'],
  [6, 'B F# C# G# D# A# E#'],
  [7, 'F# C# G# D# A# E# B#'],
];

describe('the fifteen signatures', () => {
  it.each(OWNERS)('%i has these owners, and each owner has it', (count, owners) => {
    const found = ownersOf(fifths(count));
    expect(names(MODES.map((mode) => found[mode]))).toBe(owners);
    for (const mode of MODES) expect(signatureOf(found[mode], mode)).toBe(count);
  });

  it('hold the signs of the one before and one more', () => {
    for (let count = 1; count <= 7; count += 1) {
      expect(accidentalsOf(fifths(count)).slice(0, -1)).toEqual(accidentalsOf(fifths(count - 1)));
      expect(accidentalsOf(fifths(-count)).slice(0, -1)).toEqual(accidentalsOf(fifths(1 - count)));
      expect(accidentalsOf(fifths(count))).toHaveLength(count);
    }
    expect(accidentalsOf(fifths(0))).toEqual([]);
  });

  it('are counted on past seven in line-of-fifths order', () => {
    expect(names(accidentalsOf(fifths(8)))).toBe('C# G# D# A# E# B# F##');
    expect(names(accidentalsOf(fifths(-8)))).toBe('Eb Ab Db Gb Cb Fb Bbb');
    expect(names(accidentalsOf(fifths(-12)))).toBe('Cb Fb Bbb Ebb Abb Dbb Gbb');
    expect(() => ownersOf(fifths(8))).toThrow(RangeError);
  });

  it('are told from lists that are none: mixed, gapped, repeated, from the wrong end', () => {
    const list = (text: string) => (text === '' ? [] : text.split(' ').map(noteNamed));
    for (let count = -7; count <= 7; count += 1) {
      expect(isStandardSignature(accidentalsOf(fifths(count)))).toBe(true);
    }
    for (const wrong of ['C#', 'F# G#', 'F# C# Bb', 'F# F#', 'B# E#', 'Eb Bb', 'Bb Bb', 'F', 'F##']) {
      expect(isStandardSignature(list(wrong)), wrong).toBe(false);
    }
  });
});
