import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { asciiName, pitchClass, type SpelledNote } from '../note/spelled';
import { MODES, PARENT_DEGREE } from '../scale/mode';
import { SCALE_TABLE } from '../scale/scale-table';
import { TONICS } from '../scale/tonic';
import {
  enharmonicKey,
  isSameKey,
  type Key,
  keyNotes,
  parallelKey,
  relativeKey,
  signatureOfKey,
} from './key';
import { bookOrder, bookRow } from './key-book';
import { neighbourOf } from './neighbour';
import { distanceOf, sharedNotes } from './shared';

const key = (tonic: string, mode: Key['mode'] = 'major'): Key => ({ tonic: noteNamed(tonic), mode });
const said = (each: Key | null) => (each ? `${asciiName(each.tonic)} ${each.mode}` : '-');
const names = (notes: readonly SpelledNote[]) => notes.map(asciiName).join(' ');

/** The notes of a major or minor key from the table written by hand. */
function tableNotes({ tonic, mode }: Key): readonly string[] {
  const row = SCALE_TABLE.find((each) => each.tonic === asciiName(tonic));
  if (!row || (mode !== 'major' && mode !== 'minor')) throw new Error(`no row of ${asciiName(tonic)}`);
  return row[mode];
}

const KEYS: readonly Key[] = TONICS.flatMap((tonic) => [
  { tonic, mode: 'major' as const },
  { tonic, mode: 'minor' as const },
]);

/** The fifteen with relative, parallel and enharmonic equivalent of the major, written by hand. */
const RELATED = `
Cb | Ab minor | Cb minor | B major
Gb | Eb minor | Gb minor | F# major
Db | Bb minor | Db minor | C# major
Ab | F minor  | Ab minor | -
Eb | C minor  | Eb minor | -
Bb | G minor  | Bb minor | -
F  | D minor  | F minor  | -
C  | A minor  | C minor  | -
G  | E minor  | G minor  | -
D  | B minor  | D minor  | -
A  | F# minor | A minor  | -
E  | C# minor | E minor  | -
B  | G# minor | B minor  | Cb major
F# | D# minor | F# minor | Gb major
C# | A# minor | C# minor | Db major
`
  .trim()
  .split('\n')
  .map((row) => row.split('|').map((cell) => cell.trim()) as [string, string, string, string]);

describe('a key', () => {
  it('has the notes of the table on all 21 tonics, major and minor', () => {
    for (const each of KEYS) expect(names(keyNotes(each) ?? [])).toBe(tableNotes(each).join(' '));
  });

  it('of a mode is its parent begun on another degree', () => {
    for (const { tonic, major } of SCALE_TABLE) {
      for (const mode of MODES) {
        const degree = PARENT_DEGREE[mode] - 1;
        const home = major[degree];
        if (!home) throw new Error(tonic);
        const notes = keyNotes({ tonic: noteNamed(home), mode });
        expect(names(notes ?? [])).toBe([...major.slice(degree), ...major.slice(0, degree)].join(' '));
      }
    }
  });

  it('has its relative, parallel and enharmonic equivalent as the table has them', () => {
    for (const [tonic, relative, parallel, enharmonic] of RELATED) {
      const major = key(tonic);
      expect([said(relativeKey(major)), said(parallelKey(major)), said(enharmonicKey(major))]).toEqual([
        relative,
        parallel,
        enharmonic,
      ]);
      const minor = relativeKey(major);
      if (!minor) throw new Error(tonic);
      expect(said(relativeKey(minor))).toBe(said(major));
      expect(signatureOfKey(minor)).toBe(signatureOfKey(major));
    }
    expect(said(enharmonicKey(key('G#')))).toBe('Ab major');
    expect(said(enharmonicKey(key('Db', 'minor')))).toBe('C# minor');
  });

  it('has one new note against each neighbour, on the degree that the table shows', () => {
    const degrees = { major: { 1: 7, [-1]: 4 }, minor: { 1: 2, [-1]: 6 } } as const;
    for (const each of KEYS) {
      for (const way of [1, -1] as const) {
        const next = neighbourOf(each, way);
        if (!next || !TONICS.includes(next.key.tonic)) continue;
        const [before, after] = [tableNotes(each), tableNotes(next.key)];
        const found = after.filter((note) => !before.includes(note));
        expect(found).toEqual([asciiName(next.newNote)]);
        expect(before.filter((note) => !after.includes(note))).toEqual([asciiName(next.oldNote)]);
        expect(after.indexOf(found[0] ?? '') + 1).toBe(next.degree);
        expect(next.degree).toBe(degrees[each.mode as 'major' | 'minor'][way]);
      }
    }
  });
});

describe('two keys', () => {
  it('share by spelling and by sound what the tables share', () => {
    for (const one of KEYS) {
      for (const other of KEYS) {
        const { spelled, sounding, changed } = sharedNotes(one, other);
        const [from, to] = [tableNotes(one), tableNotes(other)];
        expect(spelled.map(asciiName)).toEqual(from.filter((note) => to.includes(note)));
        const sounds = to.map((note) => pitchClass(noteNamed(note)));
        expect(sounding.map(asciiName)).toEqual(
          from.filter((note) => sounds.includes(pitchClass(noteNamed(note)))),
        );
        expect(changed).toHaveLength(7 - spelled.length);
        const apart = Math.abs(signatureOfKey(one) - signatureOfKey(other));
        expect(spelled).toHaveLength(Math.max(0, 7 - apart));
      }
    }
  });

  it('B and D flat lie two places apart, share five by sound and none by spelling', () => {
    const { spelled, sounding } = sharedNotes(key('B'), key('Db'));
    expect([spelled.length, sounding.length]).toEqual([0, 5]);
    expect(distanceOf(key('B'), key('Db'))).toEqual({ clockwise: 2, anticlockwise: 10, signatures: 10 });
    expect(sharedNotes(key('C'), key('F#')).spelled.map(asciiName)).toEqual(['B']);
    expect(sharedNotes(key('C'), key('F#')).sounding.map(asciiName)).toEqual(['F', 'B']);
  });

  it('lie as many places apart both ways as there are spokes, or none', () => {
    fc.assert(
      fc.property(fc.constantFrom(...KEYS), fc.constantFrom(...KEYS), (one, other) => {
        const { clockwise, anticlockwise } = distanceOf(one, other);
        const back = distanceOf(other, one);
        expect([0, 12]).toContain(clockwise + anticlockwise);
        expect([back.clockwise, back.anticlockwise]).toEqual([anticlockwise, clockwise]);
        if (isSameKey(one, other)) expect(clockwise).toBe(0);
      }),
    );
  });
});

describe('the key book', () => {
  it('has every key of the table once, and the empty signature like every other', () => {
    expect(bookOrder('fifteen', 'line').map((count) => said(bookRow(count).major))).toEqual(
      RELATED.map(([tonic]) => `${tonic} major`),
    );
    for (const [at, [, relative, parallel, enharmonic]] of RELATED.entries()) {
      const row = bookRow(at - 7);
      expect([said(row.minor), said(row.parallel), said(row.enharmonic)]).toEqual([
        relative,
        parallel,
        enharmonic,
      ]);
      expect(row.signs).toHaveLength(Math.abs(at - 7));
      expect(row.newSign ?? null).toBe(row.signs.at(-1) ?? null);
    }
    expect(bookRow(0)).toMatchObject({ signs: [], newSign: null });
  });

  it('is in the order that was asked for, and holds the same rows in each', () => {
    for (const size of ['fifteen', 'twelve'] as const) {
      const line = bookOrder(size, 'line');
      expect(line).toHaveLength(size === 'fifteen' ? 15 : 13);
      for (const order of ['fifths', 'fourths', 'signs'] as const) {
        expect(bookOrder(size, order)[0]).toBe(0);
        expect(bookOrder(size, order).toSorted((a, b) => a - b)).toEqual(line);
      }
    }
    expect(bookOrder('fifteen', 'fourths').slice(0, 9)).toEqual([0, -1, -2, -3, -4, -5, -6, -7, 7]);
  });
});
