import { describe, expect, it } from 'vitest';
import { isBlackKey } from '../instrument/keyboard';
import { noteNamed } from '../note/parse';
import { pitchClass } from '../note/spelled';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { ENGLISH } from './class-words';
import { sayBlackKeys, sayHands } from './say-hands';

const named = (tonic: string, id: ScaleId) => {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new RangeError(`${tonic} ${id}`);
  return reading.scale;
};

const said = (name: string) => ENGLISH.note(noteNamed(name));

describe('what is said of a keyboard', () => {
  it('names the hands, and what the left one takes over', () => {
    expect(sayHands(ENGLISH, named('E', 'harmonic-minor'))).toEqual([
      'Left hand 5 4 3 2, right hand 2 3 4 5, no thumbs; the hands change between the 4th and the 5th note.',
      'Coming from A harmonic minor, the left hand takes over E F♯ G A from the right; F becomes F♯, G♯ becomes G.',
    ]);
    expect(sayHands(ENGLISH, named('D', 'major'))[1]).toBe(
      'Coming from G major, the left hand takes over D E F♯ G from the right.',
    );
    expect(sayHands(ENGLISH, named('C', 'chromatic'))).toEqual([]);
    expect(sayHands(ENGLISH, named('Cb', 'major'))).toHaveLength(1);
  });

  it('counts the black keys of each octave where there are several', () => {
    expect(sayBlackKeys(ENGLISH, named('E', 'harmonic-minor'), 2)).toBe(
      'Two black keys in each octave: F♯ D♯.',
    );
    expect(sayBlackKeys(ENGLISH, named('C', 'major'), 2)).toBe('No black keys.');
  });

  it('is true of the table in every scale: what is taken over, what changes, which keys are black', () => {
    const rows = new Map(SCALE_TABLE.map((row) => [row.tonic, row]));
    let over = 0;
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const scale = named(row.tonic, id);
        const { up } = tableScale(row, id);
        const [, change] = sayHands(ENGLISH, scale);
        const [, from = '', notes = '', changes = ''] =
          /^Coming from (\S+) .+ takes over (.+?) from the right(?:; (.+))?\.$/u.exec(change ?? '') ?? [];
        const before = [...rows.values()].find(({ tonic }) => said(tonic) === from);
        if (change && before) {
          const had = tableScale(before, id).up.slice(4).map(said);
          expect(notes.split(' ')).toEqual(up.slice(0, 4).map(said));
          const wanted = up
            .slice(0, 4)
            .map(said)
            .flatMap((has, at) => (has === had[at] ? [] : [`${had[at]} becomes ${has}`]));
          expect(changes).toBe(wanted.join(', '));
          over += 1;
        }
        const black = up.slice(0, 7).filter((name) => isBlackKey(pitchClass(noteNamed(name))));
        const text = sayBlackKeys(ENGLISH, scale);
        const [count = '', list] = text.replace(/\..*$/u, '').split(': ');
        expect(list?.split(' ') ?? []).toEqual(black.map(said));
        expect(count).toMatch(
          [/^No /u, /^One /u, /^Two /u, /^Three /u, /^Four /u, /^Five /u][black.length] ?? /^$/u,
        );
        expect(text.includes('count stops')).toBe(black.length === 5 && scale.raised.length === 0);
      }
    }
    expect(over).toBeGreaterThan(100);
  });

  it('says of the count only what every signature of five signs and more bears out', () => {
    for (const count of [5, 6, 7, -5, -6, -7]) {
      const tonics = SCALE_TABLE.filter(({ tonic }) => named(tonic, 'major').signature === count);
      for (const { tonic } of tonics)
        expect(sayBlackKeys(ENGLISH, named(tonic, 'major'))).toMatch(/^Five .+ stops at five/u);
      expect(tonics.length).toBe(1);
    }
  });
});
