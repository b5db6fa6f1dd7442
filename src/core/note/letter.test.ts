import { describe, expect, it } from 'vitest';
import { LETTERS, letterAfter, lettersCounted } from './letter';

describe('the musical alphabet', () => {
  it('goes on from G to A and back from A to G', () => {
    expect(letterAfter('G', 1)).toBe('A');
    expect(letterAfter('A', -1)).toBe('G');
    expect(letterAfter('B', 1)).toBe('C');
  });

  it('comes home after seven letters from anywhere, up and down', () => {
    for (const letter of LETTERS) {
      expect(letterAfter(letter, 7)).toBe(letter);
      expect(letterAfter(letter, -14)).toBe(letter);
    }
  });

  it('counts the start: a fifth is five letters, B to F as well', () => {
    const walk = LETTERS.map((letter) => letterAfter(letter, 4));
    expect(LETTERS.map((letter, index) => lettersCounted(letter, walk[index] ?? 'C'))).toEqual(
      LETTERS.map(() => 5),
    );
    expect(lettersCounted('B', 'F')).toBe(5);
    expect(lettersCounted('E', 'E')).toBe(1);
  });
});
