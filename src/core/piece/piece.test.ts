import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { keyAt } from '../harmony/key';
import { TRANSPOSING } from '../instrument/transposing';
import { midiOf } from '../note/pitch';
import { fifths } from '../note/spelled';
import { MODES } from '../scale/mode';
import { anyBarWords, anyPiece } from './any-piece.test-data';
import { pieceCode, pieceFrom } from './code';
import { atConcertPitch, forInstrument, intervalTo, movedPiece } from './move';
import { type Piece, ticksOf } from './piece';
import { SHIPPED_PIECES, shippedBars, shippedPiece } from './shipped';
import { soundingPiece } from './sounding';
import { readBarText, writeBarText } from './write/bar-text';
import { EMPTY_HEAD, pieceOfWords } from './write/piece-of-words';
import { inSingles } from './written-length';

const NAMES = ['english', 'german', 'dutch', 'fixed-do', 'fixed-ut'] as const;

describe('a piece as a code', () => {
  it('comes back as it was, whatever it is', () => {
    fc.assert(
      fc.property(anyPiece, (piece) => {
        expect(pieceFrom(pieceCode(piece))).toEqual(piece);
      }),
      { numRuns: 60 },
    );
  });

  it('is none when it is cut, changed or something else, and does no harm', () => {
    const whole = pieceCode(shippedPiece('ferry-song'));
    for (let cut = 0; cut < whole.length; cut += 7) expect(pieceFrom(whole.slice(0, cut))).toBeNull();
    for (const other of [
      '',
      'null',
      '[]',
      '{}',
      '["piece2","",[]]',
      whole.replace('B4', 'H4'),
      whole.replace('treble', 'viola'),
    ])
      expect(pieceFrom(other)).toBeNull();
  });
});

describe('written bars', () => {
  it('come back from their text as they were, in every way of naming notes', () => {
    fc.assert(
      fc.property(anyBarWords, fc.constantFrom(...NAMES), (words, names) => {
        const text = writeBarText(names, words);
        expect(readBarText(names, text)).toEqual({ ok: true, words });
      }),
      { numRuns: 300 },
    );
  });

  it('are read word by word, and what is none is named with what stood before', () => {
    const read = readBarText('english', '4. f# 8 g (3 a b c ) | [2b] [3/4] 2 r bb,~ ||');
    expect(read.ok && read.words.map((word) => word.is).join(' ')).toBe(
      'note note note note note bar signature meter rest note bar',
    );
    const problems = ['c d hx', 'c f#4', 'c [8#]', '~ c', "c''''' d", 'c [0/4]'].map((text) => {
      const reading = readBarText('english', text);
      return reading.ok ? 'read' : `${reading.problem.code} ${reading.words.length}`;
    });
    expect(problems).toEqual([
      'bar-word 2',
      'bar-figure 1',
      'bar-word 1',
      'bar-tie 0',
      'bar-word 0',
      'bar-word 1',
    ]);
  });

  it('stand in bars: an upbeat is 0, a bar too short or too long is told, the last gives back what the upbeat took', () => {
    const numbers = (text: string) => {
      const reading = readBarText('english', text);
      const { piece, uneven } = pieceOfWords({ ...EMPTY_HEAD, meter: { beats: 3, unit: 4 } }, reading.words);
      return [
        piece.parts[0]?.bars.map(({ number }) => number).join(' '),
        uneven.map(({ number }) => number).join(' '),
      ];
    };
    expect(numbers('c | d e f | g a')).toEqual(['0 1 2', '']);
    expect(numbers('c d e f g a b')).toEqual(['1 2 3', '3']);
    expect(numbers('c d e | f g | a b c')).toEqual(['1 2 3', '2']);
    expect(numbers('c | d e f | g a |')).toEqual(['0 1 2', '']);
  });

  it('of the pieces that ship are full, and their text is as it would be written', () => {
    for (const id of SHIPPED_PIECES) {
      const { bars, head } = shippedBars(id);
      const reading = readBarText('english', bars);
      expect(reading.ok).toBe(true);
      expect(pieceOfWords(head, reading.words).uneven).toEqual([]);
      expect(readBarText('english', writeBarText('english', reading.words))).toEqual(reading);
    }
  });

  it('have lengths that add up to what they stand for', () => {
    for (let ticks = 1260; ticks < 100_000; ticks += 1260) {
      const parts = inSingles(ticks);
      expect(parts.reduce((sum, each) => sum + each.ticks, 0)).toBe(ticks);
      for (const each of parts) expect(ticksOf(each.written)).toBeLessThanOrEqual(ticks);
    }
  });
});

const midis = (piece: Piece) => soundingPiece(piece).notes.map(({ midi }) => midi);
const signatures = ({ parts }: Piece) => parts.map(({ bars }) => bars.map((bar) => bar.fifths));

describe('a piece in another key', () => {
  it('sounds as far from its own as the keys lie apart, signs and signatures right', () => {
    const home = keyAt(2, 'minor');
    if (!home) throw new Error('no key');
    const piece = shippedPiece('ferry-song');
    const own = midis(piece);
    for (let count = -7; count <= 7; count += 1) {
      const key = keyAt(count, 'minor');
      if (!key) continue;
      const interval = intervalTo(home, key);
      const moved = movedPiece(piece, interval);
      expect(Math.abs(interval.semitones)).toBeLessThanOrEqual(6);
      expect(midis(moved.piece)).toEqual(own.map((midi) => midi + interval.semitones));
      expect(signatures(moved.piece)[0]?.[0], String(count)).toBe(count);
      // There and back again is the same piece.
      const back = movedPiece(moved.piece, { letters: -interval.letters, semitones: -interval.semitones });
      if (moved.respelled === 0) expect(back.piece).toEqual(piece);
    }
  });

  it('moves any notes without changing how they sound to each other', () => {
    const keys = MODES.flatMap((mode) => [-5, 0, 3].flatMap((count) => keyAt(count, mode) ?? []));
    fc.assert(
      fc.property(anyPiece, fc.constantFrom(...keys), fc.constantFrom(...keys), (piece, from, to) => {
        const interval = intervalTo(from, to);
        const moved = movedPiece(piece, interval).piece;
        const all = (each: Piece) =>
          each.parts.map(({ bars }) =>
            bars.map(({ events }) => events.map(({ tones }) => tones.map(({ pitch }) => midiOf(pitch)))),
          );
        const expected = all(piece).map((bars) =>
          bars.map((events) => events.map((tones) => tones.map((midi) => midi + interval.semitones))),
        );
        expect(all(moved)).toEqual(expected);
        for (const counts of signatures(moved))
          for (const count of counts) expect(Math.abs(count ?? fifths(0))).toBeLessThanOrEqual(7);
      }),
      { numRuns: 60 },
    );
  });

  it('is written for an instrument so that it sounds the same', () => {
    for (const { letters, semitones } of Object.values(TRANSPOSING))
      for (const id of SHIPPED_PIECES) {
        const piece = shippedPiece(id);
        const written = forInstrument(piece, { letters, semitones }).piece;
        expect(midis(written)).toEqual(midis(piece).map((midi) => midi + semitones));
        expect(midis(atConcertPitch(written).piece)).toEqual(midis(piece));
      }
  });
});
