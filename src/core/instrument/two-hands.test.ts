import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { asciiName } from '../note/spelled';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { handedOver, onBlackKeys, twoHands } from './two-hands';

const named = (tonic: string, id: ScaleId) => {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new RangeError(`${tonic} ${id}`);
  return reading.scale;
};

/** The majors and their places in fifths, from seven flats to seven sharps. */
const FIFTHS = 'Cb Gb Db Ab Eb Bb F C G D A E B F# C#'.split(' ');
const MINORS = 'Ab Eb Bb F C G D A E B F# C# G# D# A#'.split(' ');

describe('two hands on two tetrachords', () => {
  it('have four fingers each and no thumb, over all majors and minors', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const fingers = twoHands(named(tonic, id)) ?? [];
        expect(fingers.map(({ hand, finger }) => `${hand[0]}${finger}`).join(' ')).toBe(
          'l5 l4 l3 l2 r2 r3 r4 r5',
        );
      }
    }
    expect(twoHands(named('C', 'chromatic'))).toBeNull();
    expect(twoHands(named('C', 'major-pentachord'))).toBeNull();
  });

  it('hand the upper tetrachord over, unchanged in major, with what changes in minor, as the table has it', () => {
    const rows = new Map(SCALE_TABLE.map((row) => [row.tonic, row]));
    for (const [keys, id] of [
      [FIFTHS, 'major'],
      [MINORS, 'natural-minor'],
      [MINORS, 'harmonic-minor'],
    ] as const) {
      for (const [at, tonic] of keys.entries()) {
        const next = keys[at + 1];
        const [one, other] = [rows.get(tonic), rows.get(next ?? '')];
        if (!next || !one || !other) continue;
        const over = handedOver(named(tonic, id), named(next, id));
        expect(over?.map(({ had }) => asciiName(had))).toEqual(tableScale(one, id).up.slice(4));
        expect(over?.map(({ has }) => asciiName(has))).toEqual(tableScale(other, id).up.slice(0, 4));
        const changed = over?.filter(({ had, has }) => had !== has).length;
        expect(changed, `${tonic} ${id}`).toBe(id === 'major' ? 0 : id === 'natural-minor' ? 1 : 2);
      }
    }
    expect(handedOver(named('C', 'major'), named('D', 'major'))).toBeNull();
  });
});

describe('black keys', () => {
  it('are as many as signs up to five, and stop there', () => {
    const counts = FIFTHS.map((tonic) => onBlackKeys(named(tonic, 'major')).length);
    expect(counts).toEqual([5, 5, 5, 4, 3, 2, 1, 0, 1, 2, 3, 4, 5, 5, 5]);
    const minors = MINORS.map((tonic) => onBlackKeys(named(tonic, 'natural-minor')).length);
    expect(minors).toEqual(counts);
  });

  it('are the notes of the table that a keyboard has in black', () => {
    const black = new Set('C# Db D# Eb F# Gb G# Ab A# Bb B## Cbb E## Fbb'.split(' '));
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const wanted = tableScale(row, id)
          .up.slice(0, 7)
          .filter((name) => black.has(name));
        expect(onBlackKeys(named(row.tonic, id)).map(asciiName), `${row.tonic} ${id}`).toEqual(wanted);
      }
    }
  });
});
