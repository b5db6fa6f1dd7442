import { describe, expect, it } from 'vitest';
import { LETTERS } from '../note/letter';
import { noteNamed } from '../note/parse';
import { pitchClass, semitonesAbove } from '../note/spelled';
import { lettersWalked, turnedRound, type Walk } from '../note/walk';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { ENGLISH } from './class-words';
import { sayTurned, sayWalk } from './say-walk';

const named = (tonic: string, id: ScaleId) => {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new RangeError(`${tonic} ${id}`);
  return reading.scale;
};

const said = (from: string, unit: 'letters' | 'half-steps', count: number, tonic = 'E') =>
  sayWalk(ENGLISH, { from: noteNamed(from), unit, count }, named(tonic, 'harmonic-minor'));

describe('what is said of a walk', () => {
  it('counts letters both ways, and says where the alphabet goes round', () => {
    expect(said('E', 'letters', 4)).toBe(
      'Four letters up from E: F G A B. B is number 5, counting E as 1. The alphabet goes round: after G comes A.',
    );
    expect(said('B', 'letters', -1)).toBe('One letter down from B: A. A is number 2, counting B as 1.');
    expect(said('B', 'letters', -2)).toContain('after A comes G');
    expect(said('B', 'letters', 0)).toBe('');
  });

  it('counts half steps without the start, and says which spelling the key calls for', () => {
    expect(said('E', 'half-steps', 11)).toBe(
      'Eleven half steps up from E, not counting it, is D♯. E harmonic minor calls for D♯, not E♭: the same key and the same fret.',
    );
    expect(said('E', 'half-steps', 4)).toBe(
      'Four half steps up from E, not counting it, is G♯ or A♭. E harmonic minor has no note there.',
    );
    expect(said('E', 'half-steps', -2, 'D')).toContain('is D.');
  });

  it('turns a walk round: to the same letter or sound, up for down, together once round', () => {
    const walk = (unit: Walk['unit'], count: number): Walk => ({ from: noteNamed('C'), unit, count });
    expect(sayTurned(ENGLISH, walk('letters', 4))).toBe(
      'Turned round it is three letters down, a 4th for a 5th: the letter stays, the octave changes.',
    );
    expect(sayTurned(ENGLISH, walk('half-steps', -7))).toBe(
      'Turned round it is five half steps up: the note stays, the octave changes.',
    );
    expect(sayTurned(ENGLISH, walk('letters', 7)) + sayTurned(ENGLISH, walk('letters', 0))).toBe('');
    for (const from of LETTERS)
      for (let count = 1; count < 7; count += 1) {
        const other = turnedRound({ from: noteNamed(from), unit: 'letters', count });
        expect(lettersWalked(from, other?.count ?? 0).at(-1)).toBe(lettersWalked(from, count).at(-1));
        // An interval and its inversion are nine together, since both count their start.
        expect(count + 1 + Math.abs(other?.count ?? 0) + 1).toBe(9);
      }
  });

  it('is true of every scale and every walk of an octave: the note is so far away, and stands in the table', () => {
    let calls = 0;
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const scale = named(row.tonic, id);
        const table = tableScale(row, id).up.map((name) => ENGLISH.note(noteNamed(name)));
        for (let count = 1; count <= 12; count += 1) {
          const text = sayWalk(ENGLISH, { from: scale.tonic, unit: 'half-steps', count }, scale);
          const [, called, others] = / calls for (\S+), not (.+): the same/u.exec(text) ?? [];
          if (called) {
            expect(table, text).toContain(called);
            const reading = ENGLISH.read(called);
            expect(reading.ok && semitonesAbove(scale.tonic, reading.note)).toBe(count % 12);
            for (const other of (others ?? '').split(' or ')) {
              const twin = ENGLISH.read(other);
              expect(twin.ok && reading.ok && pitchClass(twin.note) === pitchClass(reading.note)).toBe(true);
              expect(table).not.toContain(other);
            }
            calls += 1;
          }
          const none = text.endsWith('has no note there.');
          const sounds = scale.ascending.map((note) => semitonesAbove(scale.tonic, note));
          expect(none).toBe(!sounds.includes(count % 12));
        }
      }
    }
    console.info(`${calls} spellings called for`);
    expect(calls).toBeGreaterThan(800);
    for (const letter of LETTERS)
      expect(said(letter, 'letters', 7)).toContain(`is number 8, counting ${letter} as 1`);
  });
});
