import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { type Pitch, pitch } from '../note/pitch';
import { asciiName } from '../note/spelled';
import { DIRECTIONS } from '../scale/direction';
import { lineOf } from '../scale/line';
import { SCALE_IDS } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { TONICS } from '../scale/tonic';
import { findScales, longestStepwiseRun } from './find-scales';

const row = (text: string): readonly Pitch[] =>
  text.split(' ').map((name) => pitch(noteNamed(name.slice(0, -1)), Number(name.slice(-1))));

const said = (line: readonly Pitch[]) =>
  findScales(line).map(
    ({ scale, direction, from, count }) =>
      `${asciiName(scale.tonic)} ${scale.id} ${direction} ${from}+${count}`,
  );

describe('scales found in a line', () => {
  it('are every scale of every tonic in every direction; a way down that two share goes by its first name', () => {
    let count = 0;
    for (const tonic of TONICS) {
      for (const id of SCALE_IDS) {
        const reading = scaleNamed(tonic, id);
        if (!reading.ok) continue;
        for (const direction of DIRECTIONS) {
          const line = lineOf(reading.scale, direction, 3).map((placed) => placed.pitch);
          const shared = id === 'melodic-minor' && direction === 'down' ? 'natural-minor' : id;
          expect(said(line)).toEqual([`${asciiName(tonic)} ${shared} ${direction} 0+${line.length}`]);
          count += 1;
        }
      }
    }
    expect(count).toBe(21 * 9 * 3);
  });

  it('stand anywhere in it, also one after the other on a shared note, and with the top note twice', () => {
    expect(said(row('G4 E4 C4 D4 E4 F4 G4 A4 B4 C5 E5'))).toEqual(['C major up 2+8']);
    expect(said(row('C4 D4 E4 F4 G4 A4 B4 C5 C5 B4 A4 G4 F4 E4 D4 C4'))).toEqual(['C major both 0+16']);
    expect(said(row('F4 G4 A4 Bb4 C5 D5 E5 F5 Eb5 Db5 C5 Bb4 Ab4 G4 F4'))).toEqual([
      'F major up 0+8',
      'F natural-minor down 7+8',
    ]);
  });

  it('are all that fit in a longer run, in the order in which they begin', () => {
    expect(said(row('F4 G4 Ab4 Bb4 C5 D5 Eb5 F5 G5 Ab5 Bb5 C6'))).toEqual([
      'F dorian up 0+8',
      'G phrygian up 1+8',
      'Ab lydian up 2+8',
      'Bb mixolydian up 3+8',
      'C natural-minor up 4+8',
    ]);
    expect(said(row('C4 D4 E4 F4 G4 A4 B4 C5 D5 E5 F5 G5 A5 B5 C6'))[0]).toBe('C major up 0+8');
  });

  it('say which note is spelled otherwise where a line only sounds like a scale', () => {
    const [found] = findScales(row('C#3 D#3 E3 F#3 G#3 A3 C4 C#4'));
    expect(found?.scale.id).toBe('harmonic-minor');
    expect(found?.misspelled?.at).toBe(6);
    expect(asciiName(found?.misspelled?.wanted ?? noteNamed('C'))).toBe('B#');
  });

  it('are none in seven notes, in broken rows or in rows of other steps', () => {
    expect(said(row('C4 D4 E4 F4 G4 A4 B4'))).toEqual([]);
    expect(said(row('C4 D4 E4 F#4 G4 A4 Bb4 C5'))).toEqual([]);
    expect(said(row('C4 D4 E4 F4 G4 A4 B5 C6'))).toEqual([]);
    expect(longestStepwiseRun(row('C4 D4 E4 G4 A4'))).toBe(3);
    expect(longestStepwiseRun([])).toBe(0);
    // A zigzag is no long row: it turns at every note.
    expect(longestStepwiseRun(row('C4 D4 C4 D4 C4 D4 E4 F4'))).toBe(4);
  });

  it('never lie past the end of any line', () => {
    const any = fc
      .tuple(fc.constantFrom(...TONICS), fc.integer({ min: 3, max: 5 }))
      .map(([n, o]) => pitch(n, o));
    fc.assert(
      fc.property(fc.array(any, { maxLength: 60 }), (line) => {
        for (const { from, count } of findScales(line)) expect(from + count).toBeLessThanOrEqual(line.length);
      }),
    );
  });
});
