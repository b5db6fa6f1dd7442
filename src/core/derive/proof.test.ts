import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { DIRECTIONS, type Direction } from '../scale/direction';
import { notesOf } from '../scale/line';
import { SCALE_IDS } from '../scale/pattern';
import { scaleNamed, scaleOfSteps } from '../scale/scale';
import { SCALE_TABLE } from '../scale/scale-table';
import { CHECK_IDS, type Check, prove } from './proof';

function proofOf(
  tonic: string,
  id: (typeof SCALE_IDS)[number],
  direction: Direction,
  written?: string,
): readonly Check[] {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error('cannot be spelled');
  const notes = written ? written.split(' ').map(noteNamed) : notesOf(reading.scale, direction);
  return prove(reading.scale, direction, notes);
}

const failing = (proof: readonly Check[]) =>
  proof.flatMap(({ check, holds, at }) => (holds === false ? [`${check} ${at.join(',')}`] : []));

describe('the proof', () => {
  it('holds, check by check, for every tonic, scale and direction', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        for (const direction of DIRECTIONS) {
          const proof = proofOf(tonic, id, direction);
          expect(proof.map(({ check }) => check)).toEqual(CHECK_IDS);
          expect(
            proof.every(({ holds }) => holds),
            `${tonic} ${id} ${direction}`,
          ).toBe(true);
        }
      }
    }
  });

  it('finds a sound spelled with another letter: one skipped, one twice, one missing', () => {
    expect(failing(proofOf('F', 'major', 'up', 'F G A A# C D E F'))).toEqual([
      'all-seven-letters 7',
      'none-skipped 4',
      'none-twice 3',
      'methods-agree 0',
    ]);
  });

  it('finds the step that is out of order, and only that', () => {
    expect(failing(proofOf('G', 'major', 'up', 'G A B C D E F G'))).toEqual([
      'steps-in-order 6,7',
      'methods-agree 0',
    ]);
  });

  it('checks the first and the last note, sign and all', () => {
    expect(failing(proofOf('Eb', 'major', 'up', 'Eb F G Ab Bb C D E'))).toContain('top-as-bottom 7');
    expect(failing(proofOf('C#', 'major', 'both', 'C# D# E# F# G# A# B# C B# A# G# F# E# D# C#'))).toContain(
      'top-as-bottom 7',
    );
  });

  it('is not led astray by a list that is as long as it should be', () => {
    expect(failing(proofOf('D', 'major', 'up', 'D E F# G A B B D'))).toContain('none-twice 6');
  });

  it('has no signature to check in a pattern that has none', () => {
    const reading = scaleOfSteps(noteNamed('C'), [1, 3, 1, 2, 1, 3, 1]);
    if (!reading.ok) throw new Error('can be spelled');
    const proof = prove(reading.scale, 'up', notesOf(reading.scale, 'up'));
    expect(proof.find(({ check }) => check === 'signature-in-order')?.holds).toBeNull();
    expect(failing(proof)).toEqual([]);
  });
});
