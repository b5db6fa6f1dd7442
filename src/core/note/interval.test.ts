import { describe, expect, it } from 'vitest';
import { hopsBetween, intervalBetween } from './interval';
import { noteNamed } from './parse';
import { midiOf, pitch } from './pitch';
import { stepBetween } from './step';

const at = (name: string, octave: number) => pitch(noteNamed(name), octave);

describe('pitches', () => {
  it('have middle C at 60, and an octave that belongs to the letter', () => {
    expect(midiOf(at('C', 4))).toBe(60);
    expect(midiOf(at('B#', 3))).toBe(60);
    expect(midiOf(at('Cb', 4))).toBe(59);
  });
});

describe('intervals are counted both ways, off by one by nature', () => {
  it.each([
    ['C', 4, 'G', 4, 5, 7, 'perfect'],
    ['B', 3, 'F', 4, 5, 6, 'diminished'],
    ['B', 3, 'F#', 4, 5, 7, 'perfect'],
    ['F', 4, 'B', 4, 4, 6, 'augmented'],
    ['C#', 3, 'A', 3, 6, 8, 'minor'],
    ['A', 3, 'B#', 3, 2, 3, 'augmented'],
    ['A', 3, 'C', 4, 3, 3, 'minor'],
    ['E', 4, 'G#', 4, 3, 4, 'major'],
    ['C', 4, 'C', 5, 8, 12, 'perfect'],
    ['Fb', 4, 'G##', 4, 2, 5, 'doubly-augmented'],
  ] as const)('%s%i to %s%i', (low, lowOctave, high, highOctave, letters, semitones, quality) => {
    expect(intervalBetween(at(low, lowOctave), at(high, highOctave))).toEqual({
      letters,
      semitones,
      quality,
    });
  });

  it('counts half steps one by one, the start not counted, up and down', () => {
    expect(hopsBetween(at('F', 4), at('Bb', 4)).map(({ number, midi }) => [number, midi])).toEqual([
      [1, 66],
      [2, 67],
      [3, 68],
      [4, 69],
      [5, 70],
    ]);
    expect(hopsBetween(at('C', 4), at('B', 3))).toEqual([{ number: 1, midi: 59 }]);
    expect(hopsBetween(at('B#', 3), at('C', 4))).toEqual([]);
  });
});

describe('steps between neighbours', () => {
  it.each([
    ['E', 'F', 'half-diatonic'],
    ['F#', 'G', 'half-diatonic'],
    ['F', 'F#', 'half-chromatic'],
    ['C', 'D', 'whole'],
    ['C', 'Ebb', 'diminished-third'],
    ['A', 'B#', 'augmented-second'],
    ['D', 'F', 'minor-third'],
    ['E', 'Fb', 'enharmonic-change'],
    ['G', 'G', 'unison'],
    ['C', 'G', 'other'],
  ] as const)('%s to %s is a %s, from either side', (one, other, kind) => {
    const octave = 4;
    expect(stepBetween(at(one, octave), at(other, octave)).kind).toBe(kind);
    expect(stepBetween(at(other, octave), at(one, octave)).kind).toBe(kind);
  });
});
