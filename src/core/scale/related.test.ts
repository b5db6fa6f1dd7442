import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { asciiName } from '../note/spelled';
import { USUAL_SETTINGS } from '../school/settings';
import { wordsOf } from '../words/class-words';
import { sayRelated } from '../words/say-related';
import { SCALE_IDS, type ScaleId } from './pattern';
import { relatedKeys } from './related';
import { scaleNamed } from './scale';
import { DEGREE_OF_MODE, SCALE_TABLE, tableScale } from './scale-table';

function of(tonic: string, id: ScaleId) {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error('can be spelled');
  return relatedKeys(reading.scale);
}

const named = (tonic: string, id: ScaleId) =>
  of(tonic, id).map((key) => `${key.relation} ${asciiName(key.tonic)} ${key.scale}`);

describe('related keys', () => {
  it('stand as they are known', () => {
    expect(named('Eb', 'major')).toEqual(['relative C natural-minor', 'parallel Eb natural-minor']);
    expect(named('C#', 'harmonic-minor')).toEqual(['relative E major', 'parallel C# major']);
    expect(named('F#', 'major')).toEqual([
      'relative D# natural-minor',
      'parallel F# natural-minor',
      'enharmonic Gb major',
    ]);
    expect(named('D', 'dorian')).toEqual(['relative C major', 'parallel D major']);
    expect(named('G#', 'major').at(-1)).toBe('enharmonic Ab major');
  });

  it('share the notes of their relative, in the table written by hand', () => {
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const relative = of(row.tonic, id).find(({ relation }) => relation === 'relative');
        const other = SCALE_TABLE.find(({ tonic }) => relative && tonic === asciiName(relative.tonic));
        if (!relative || !other) continue;
        const plain: ScaleId = id in DEGREE_OF_MODE || id === 'major' ? id : 'natural-minor';
        const one = new Set(tableScale(row, plain).up);
        expect(new Set(tableScale(other, relative.scale).up), `${row.tonic} ${id}`).toEqual(one);
      }
    }
  });

  it('go both ways: the relative of the relative and the parallel of the parallel come home', () => {
    for (const row of SCALE_TABLE) {
      for (const id of ['major', 'natural-minor'] as const) {
        for (const relation of ['relative', 'parallel'] as const) {
          const there = of(row.tonic, id).find((key) => key.relation === relation);
          if (!there) continue;
          const reading = scaleNamed(there.tonic, there.scale);
          const back = reading.ok && relatedKeys(reading.scale).find((key) => key.relation === relation);
          expect(back && [asciiName(back.tonic), back.scale]).toEqual([row.tonic, id]);
        }
      }
    }
  });

  it('are said with their reason in the words of the class', () => {
    const w = wordsOf(USUAL_SETTINGS);
    const said = (tonic: string, id: ScaleId, words = w) => {
      const reading = scaleNamed(noteNamed(tonic), id);
      return reading.ok ? of(tonic, id).map((key) => sayRelated(words, reading.scale, key)) : [];
    };
    expect(said('C', 'natural-minor')).toEqual([
      {
        name: 'relative',
        key: 'E♭ major',
        why: 'E♭ major, three half steps up, shares the signature: three flats.',
      },
      {
        name: 'parallel major',
        key: 'C major',
        why: 'C major shares the tonic: no sharps or flats against three flats, three places sharper.',
      },
    ]);
    expect(said('F#', 'major').at(-1)).toEqual({
      name: 'enharmonic',
      key: 'G♭ major',
      why: 'G♭ major sounds the same and is spelled otherwise: six flats against six sharps.',
    });
    const german = wordsOf({
      ...USUAL_SETTINGS,
      noteNames: 'german',
      keyNames: 'german',
      relatives: 'german',
      stepWords: 'german',
    });
    expect(said('C', 'major', german)[0]).toEqual({
      name: 'Paralleltonart',
      key: 'a-Moll',
      why: 'a-Moll, three Halbtöne down, shares the signature: no sharps or flats.',
    });
    expect(said('D', 'dorian')[0]?.name).toBe('parent');
  });
});
