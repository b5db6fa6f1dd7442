import { describe, expect, it } from 'vitest';
import { mistakesIn } from '../mark/mistakes/all';
import { noteNamed } from '../note/parse';
import { asciiName, fifths, noteAtFifths, pitchClass, semitonesAbove } from '../note/spelled';
import { accidentalsOf } from '../scale/signature';
import { buildCircle, CIRCLE, countedFifth, placesOf, readOff } from './circle';
import { judgePlace } from './fill-circle';
import { keyAt } from './key';

/** The circle written by hand: spoke, sharps or none, flats. */
const SPOKES = 'C, G, D, A, E, B Cb, F# Gb, C# Db, Ab, Eb, Bb, F'
  .split(', ')
  .map((names) => names.split(' '));

describe('the circle', () => {
  it('has fifteen places on twelve spokes, and three pairs that meet at the foot', () => {
    for (const { count, spoke, twin } of CIRCLE) {
      const name = asciiName(noteAtFifths(count) ?? noteNamed('C'));
      expect(SPOKES[spoke]).toContain(name);
      if (twin !== null) expect(SPOKES[spoke]).toContain(asciiName(noteAtFifths(twin) ?? noteNamed('C')));
      expect(twin !== null).toBe(SPOKES[spoke]?.length === 2);
    }
    expect(
      placesOf('twelve')
        .map(({ spoke }) => spoke)
        .toSorted((a, b) => a - b),
    ).toEqual(Array.from({ length: 12 }, (_, spoke) => spoke));
    expect(placesOf('twelve').map(({ count }) => count)).toEqual([-5, -4, -3, -2, -1, 0, 1, 2, 3, 4, 5, 6]);
  });

  it('is built by fifths of five letters and seven half steps, and names its two dangerous places', () => {
    const steps = buildCircle('fifteen');
    const dangerous: string[] = [];
    for (const { fact } of steps) {
      if (fact.code !== 'circle-fifth') continue;
      const { from, to, way, letters, bare } = fact;
      expect(letters).toHaveLength(5);
      expect(letters.at(-1)).toBe(to.letter);
      expect(way > 0 ? semitonesAbove(from, to) : semitonesAbove(to, from)).toBe(7);
      // From a plain letter the bare fifth is right but once each way.
      if (from.alteration === 0 && bare !== 7) dangerous.push(`${asciiName(from)} ${asciiName(to)}`);
    }
    expect(dangerous).toEqual(['B F#', 'F Bb']);
    expect(steps.at(-1)?.shown).toHaveLength(15);
    const closed = steps.at(-1)?.fact;
    expect(
      closed?.code === 'circle-closed' && closed.pairs.map((pair) => pair.map(asciiName).join('/')),
    ).toEqual(['B/Cb', 'F#/Gb', 'C#/Db']);
    const twelve = buildCircle('twelve').at(-1);
    expect(twelve?.shown).toHaveLength(13);
    expect(countedFifth(noteNamed('B##'), 1)).toBeNull();
  });

  it('gives every signature, read off its notes', () => {
    for (const { count } of CIRCLE) {
      const { places, off, gain } = readOff(count);
      const letters = places.map((place) => noteAtFifths(place)?.letter);
      expect(letters).toEqual(accidentalsOf(fifths(count)).map(({ letter }) => letter));
      const last = places.at(-1);
      if (last === undefined) continue;
      expect(gain ? count - last : count - last).toBe(gain ? off : off);
      // Flats stand there with their sign, sharps gain it.
      expect(places.every((place) => (noteAtFifths(place)?.alteration === 0) === gain)).toBe(true);
    }
    expect(noteAtFifths(readOff(-7).places.at(-1) ?? 0)).toBe(noteNamed('Fb'));
  });
});

describe('the blank circle', () => {
  const verdict = (
    written: string,
    count: number,
    mode: 'major' | 'minor' = 'major',
    size: 'fifteen' | 'twelve' = 'fifteen',
  ) => judgePlace(written ? noteNamed(written) : null, count, mode, size).verdict;

  it('knows what belongs at every place', () => {
    for (const { count } of CIRCLE) {
      for (const mode of ['major', 'minor'] as const) {
        const tonic = keyAt(count, mode)?.tonic ?? noteNamed('C');
        expect(judgePlace(tonic, count, mode, 'fifteen')).toEqual({ count, wanted: tonic, verdict: 'right' });
        expect(judgePlace(null, count, mode, 'fifteen').verdict).toBe('empty');
      }
    }
  });

  it('says which habit a wrong name shows', () => {
    expect(verdict('F', 6)).toBe('fifth-by-letters');
    expect(verdict('B', -2)).toBe('fifth-by-letters');
    expect(verdict('Gb', 6)).toBe('key-respelled');
    expect(verdict('Gb', 6, 'major', 'twelve')).toBe('right');
    expect(verdict('Bb', 2)).toBe('kind-swapped');
    expect(verdict('E', 3)).toBe('named-neighbour');
    expect(verdict('B', 2, 'major')).toBe('named-relative');
    expect(verdict('Eb', 1)).toBe('other');
  });

  it('has, at every place, the mistakes of the catalogue and no others', () => {
    const seen = new Set<string>();
    for (const { count } of CIRCLE) {
      for (const mode of ['major', 'minor'] as const) {
        for (let written = -13; written <= 13; written += 1) {
          const note = noteAtFifths(written);
          if (note) seen.add(judgePlace(note, count, mode, 'fifteen').verdict);
        }
      }
    }
    const made = mistakesIn('place').map(({ id }): string => id);
    expect([...seen].filter((each) => each !== 'right' && each !== 'other').toSorted()).toEqual(
      made.toSorted(),
    );
    expect(pitchClass(noteNamed('Gb'))).toBe(pitchClass(noteNamed('F#')));
  });
});
