import { describe, expect, it } from 'vitest';
import { SCALE_IDS } from '../scale/pattern';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { LETTERS } from './letter';
import { noteNamed } from './parse';
import { asciiName } from './spelled';
import { LONGEST_WALK, landingOf, lettersWalked, soundsWalked, spellingsOf } from './walk';

describe('a walk in letters', () => {
  it('goes round the alphabet both ways, and comes home after seven', () => {
    const alphabet = 'ABCDEFG';
    for (const from of LETTERS) {
      for (let count = -LONGEST_WALK; count <= LONGEST_WALK; count += 1) {
        const walked = lettersWalked(from, count);
        const wanted = Array.from({ length: Math.abs(count) }, (_, at) => {
          const place = alphabet.indexOf(from) + Math.sign(count) * (at + 1);
          return alphabet[((place % 7) + 7) % 7];
        });
        expect(walked).toEqual(wanted);
        if (count !== 0 && count % 7 === 0) expect(walked.at(-1)).toBe(from);
      }
    }
    expect(lettersWalked('F', 2).join(' ')).toBe('G A');
    expect(lettersWalked('B', -2).join(' ')).toBe('A G');
  });
});

describe('a walk in half steps', () => {
  it('counts keys, black ones too, and not the one it begins on', () => {
    expect(soundsWalked(noteNamed('E'), 4)).toEqual([5, 6, 7, 8]);
    expect(soundsWalked(noteNamed('C'), -2)).toEqual([11, 10]);
    expect(soundsWalked(noteNamed('Cb'), 1)).toEqual([0]);
    expect(soundsWalked(noteNamed('D'), 12).at(-1)).toBe(2);
  });

  it('lands on a spelled note: the key’s own, in every scale of the table', () => {
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const { up } = tableScale(row, id);
        const key = up.map(noteNamed);
        const [from] = key;
        if (!from) continue;
        const reached = Array.from({ length: 13 }, (_, count) => landingOf({ from, count }, key));
        const found = reached.flatMap(({ inKey }) => (inKey ? [asciiName(inKey)] : []));
        expect(found.slice(0, 7).join(' '), `${row.tonic} ${id}`).toBe(up.slice(0, 7).join(' '));
        expect(reached.filter(({ inKey }) => !inKey)).toHaveLength(5);
      }
    }
  });

  it('has two spellings or three for every sound, with one sign at most', () => {
    const all = Array.from({ length: 12 }, (_, sound) => spellingsOf(sound).map(asciiName).join(' '));
    expect(all).toEqual([
      'C B#',
      'C# Db',
      'D',
      'D# Eb',
      'E Fb',
      'E# F',
      'F# Gb',
      'G',
      'G# Ab',
      'A',
      'A# Bb',
      'Cb B',
    ]);
  });
});
