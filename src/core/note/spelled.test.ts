import { describe, expect, it } from 'vitest';
import { LETTERS } from './letter';
import { noteNamed } from './parse';
import {
  ALTERATIONS,
  asciiName,
  enharmonics,
  fifthsOf,
  noteAtFifths,
  pitchClass,
  spelled,
  spelledOrNull,
  temptingSpelling,
} from './spelled';

const ALL = LETTERS.flatMap((letter) => ALTERATIONS.map((alteration) => spelled(letter, alteration)));

describe('spelled notes', () => {
  it('are one object each, so that spellings compare with ===', () => {
    expect(spelled('F', 1)).toBe(noteNamed('F#'));
    expect(spelled('F', 1)).not.toBe(spelled('G', -1));
    expect(new Set(ALL).size).toBe(35);
  });

  it('stand on the line of fifths in its order, from F double flat to B double sharp', () => {
    const line = Array.from({ length: 35 }, (_, index) => noteAtFifths(index - 15));
    expect(line.map((note) => note && asciiName(note)).join(' ')).toBe(
      'Fbb Cbb Gbb Dbb Abb Ebb Bbb Fb Cb Gb Db Ab Eb Bb F C G D A E B F# C# G# D# A# E# B# F## C## G## D## A## E## B##',
    );
    for (const note of ALL) expect(noteAtFifths(fifthsOf(note))).toBe(note);
    expect(noteAtFifths(-16)).toBeNull();
    expect(noteAtFifths(20)).toBeNull();
  });

  it('sound seven semitones higher a place along the line, and have their equivalents twelve places apart', () => {
    for (const note of ALL) {
      const next = noteAtFifths(fifthsOf(note) + 1);
      if (next) expect((pitchClass(next) - pitchClass(note) + 12) % 12).toBe(7);
      for (const twin of enharmonics(note)) {
        expect(pitchClass(twin)).toBe(pitchClass(note));
        expect(Math.abs(fifthsOf(twin) - fifthsOf(note)) % 12).toBe(0);
      }
    }
  });

  it('have no third sign', () => {
    expect(spelledOrNull('F', 3)).toBeNull();
    expect(spelledOrNull('B', -3)).toBeNull();
  });
});

describe('the tempting wrong spelling', () => {
  const table: readonly (readonly [string, string | null])[] = [
    ['B#', 'C'],
    ['E#', 'F'],
    ['Cb', 'B'],
    ['Fb', 'E'],
    ['F##', 'G'],
    ['Bbb', 'A'],
    ['C#', 'Db'],
    ['D#', 'Eb'],
    ['F#', 'Gb'],
    ['G#', 'Ab'],
    ['A#', 'Bb'],
    ['Db', 'C#'],
    ['Eb', 'D#'],
    ['Gb', 'F#'],
    ['Ab', 'G#'],
    ['Bb', 'A#'],
    ['D', null],
  ];
  it.each(table)('of %s is %s', (name, tempting) => {
    const found = temptingSpelling(noteNamed(name));
    expect(found && asciiName(found)).toBe(tempting);
  });
});
