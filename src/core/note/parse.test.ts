import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LETTERS } from './letter';
import { readEnglishNote } from './parse';
import { ALTERATIONS, type Alteration, asciiName, spelled } from './spelled';

/** Every way to type a sign after its letter. */
const WAYS: Readonly<Record<Alteration, readonly string[]>> = {
  [-2]: ['bb', '♭♭', '𝄫', ' double flat', '-double-flat', ' flat flat', ' DOUBLE FLAT'],
  [-1]: ['b', '♭', ' flat', '-flat', 'flat', ' Flat', ' ♭', ' b'],
  0: ['', 'n', '♮', ' natural', '-natural', ' Natural'],
  1: ['#', '♯', ' sharp', '-sharp', 'sharp', ' Sharp', ' #', '＃'],
  2: ['##', 'x', 'X', '♯♯', '𝄪', ' double sharp', '-double-sharp', ' doublesharp'],
};

describe('typed English notes', () => {
  it('are read in every way, in capital and small letters, with spaces around', () => {
    let count = 0;
    for (const letter of LETTERS) {
      for (const alteration of ALTERATIONS) {
        for (const way of WAYS[alteration]) {
          for (const typed of [letter + way, letter.toLowerCase() + way, `  ${letter}${way} `]) {
            expect(readEnglishNote(typed), typed).toEqual({ ok: true, note: spelled(letter, alteration) });
            count += 1;
          }
        }
      }
    }
    expect(count).toBe(7 * 37 * 3);
  });

  it('reads a lone b as B and bb as B flat', () => {
    expect(readEnglishNote('b')).toEqual({ ok: true, note: spelled('B', 0) });
    expect(readEnglishNote('bb')).toEqual({ ok: true, note: spelled('B', -1) });
    expect(readEnglishNote('bbb')).toEqual({ ok: true, note: spelled('B', -2) });
  });

  it('comes back from every ASCII name', () => {
    const note = fc.constantFrom(
      ...LETTERS.flatMap((letter) => ALTERATIONS.map((sign) => spelled(letter, sign))),
    );
    fc.assert(fc.property(note, (written) => readEnglishNote(asciiName(written)).ok));
  });

  it.each([
    ['', 'note-empty'],
    ['   ', 'note-empty'],
    ['H', 'note-german'],
    ['hb', 'note-german'],
    ['Fis', 'note-german'],
    ['Es', 'note-german'],
    ['Bb#', 'note-mixed-signs'],
    ['C#n', 'note-mixed-signs'],
    ['F###', 'note-third-sign'],
    ['Bbbb', 'note-third-sign'],
    ['EB', 'note-unknown'],
    ['doh', 'note-unknown'],
    ['7', 'note-unknown'],
    ['C major', 'note-unknown'],
    ['C'.repeat(40), 'note-too-long'],
  ])('refuses %j as %s', (typed, code) => {
    const reading = readEnglishNote(typed);
    expect(reading.ok ? 'read' : reading.problem.code).toBe(code);
  });

  it('answers any text without throwing', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'binary', maxLength: 40 }),
        (typed) => typeof readEnglishNote(typed).ok === 'boolean',
      ),
    );
  });
});
