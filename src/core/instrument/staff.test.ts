import { describe, expect, it } from 'vitest';
import { LETTERS } from '../note/letter';
import { noteNamed } from '../note/parse';
import { heightOf, pitch } from '../note/pitch';
import { asciiName, fifths } from '../note/spelled';
import { isBlackKey } from './keyboard';
import { signaturePlaces } from './signature-place';
import { CLEFS, type Clef, fewestLedgersOctave, heightAtPlace, ledgerLines, staffPlace } from './staff';

describe('places on the staff', () => {
  it.each([
    ['treble', 'G', 4, 2],
    ['alto', 'C', 4, 4],
    ['tenor', 'C', 4, 6],
    ['bass', 'F', 3, 6],
  ] as const)('the %s clef has its own note %s%i on the line it names', (clef, letter, octave, place) => {
    expect(staffPlace(pitch(noteNamed(letter), octave), clef)).toBe(place);
    expect(heightAtPlace(place, clef)).toBe(heightOf(pitch(noteNamed(letter), octave)));
  });

  it('need no ledger line next to the staff, and one for every second place further out', () => {
    expect([-4, -3, -2, -1, 0, 4, 8, 9, 10, 11, 12].map(ledgerLines)).toEqual([
      2, 1, 1, 0, 0, 0, 0, 0, 1, 1, 2,
    ]);
  });

  it('choose the octave with fewest ledger lines, the lower on a tie', () => {
    const octaves = (clef: Clef) =>
      LETTERS.map((letter) => `${letter}${fewestLedgersOctave(letter, clef)}`).join(' ');
    expect(octaves('treble')).toBe('C4 D4 E4 F4 G4 A4 B3');
    expect(octaves('bass')).toBe('C3 D2 E2 F2 G2 A2 B2');
  });

  it('agree with a search over every octave', () => {
    for (const clef of CLEFS) {
      for (const letter of LETTERS) {
        const lines = (octave: number) =>
          Array.from({ length: 8 }, (_, index) => {
            const place = heightOf(pitch(noteNamed(letter), octave)) + index - heightAtPlace(0, clef);
            return place > 8 ? (place - 8) >> 1 : place < 0 ? -place >> 1 : 0;
          }).reduce((a, b) => a + b);
        const chosen = fewestLedgersOctave(letter, clef);
        for (let octave = 0; octave <= 8; octave += 1) {
          if (octave < chosen) expect(lines(octave)).toBeGreaterThan(lines(chosen));
          else expect(lines(octave)).toBeGreaterThanOrEqual(lines(chosen));
        }
      }
    }
  });
});

describe('the places of a signature', () => {
  const written = (count: number, clef: Clef) =>
    signaturePlaces(fifths(count), clef)
      .map(({ note, octave }) => note.letter + octave)
      .join(' ');

  it.each([
    ['treble', 'F5 C5 G5 D5 A4 E5 B4', 'B4 E5 A4 D5 G4 C5 F4'],
    ['bass', 'F3 C3 G3 D3 A2 E3 B2', 'B2 E3 A2 D3 G2 C3 F2'],
    ['alto', 'F4 C4 G4 D4 A3 E4 B3', 'B3 E4 A3 D4 G3 C4 F3'],
    ['tenor', 'F3 C4 G3 D4 A3 E4 B3', 'B3 E4 A3 D4 G3 C4 F3'],
  ] as const)('in the %s clef', (clef, sharps, flats) => {
    expect(written(7, clef)).toBe(sharps);
    expect(written(-7, clef)).toBe(flats);
    expect(written(3, clef)).toBe(sharps.split(' ').slice(0, 3).join(' '));
    expect(written(0, clef)).toBe('');
  });

  it('stay within the staff and the spaces next to it, in every clef', () => {
    for (const clef of CLEFS) {
      for (const count of [-7, 7]) {
        for (const sign of signaturePlaces(fifths(count), clef)) {
          expect(staffPlace(sign, clef), `${clef} ${asciiName(sign.note)}`).toBeGreaterThanOrEqual(-1);
          expect(staffPlace(sign, clef)).toBeLessThanOrEqual(9);
        }
      }
    }
  });

  it('are never printed for a theoretical key', () => {
    expect(signaturePlaces(fifths(8), 'treble')).toEqual([]);
  });
});

describe('the keyboard', () => {
  it('has five black keys an octave, none between E and F or B and C', () => {
    expect(Array.from({ length: 12 }, (_, key) => (isBlackKey(60 + key) ? '#' : '_')).join('')).toBe(
      '_#_#__#_#_#_',
    );
    expect(isBlackKey(-2)).toBe(true);
  });
});
