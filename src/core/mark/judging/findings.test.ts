import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noteNamed } from '../../note/parse';
import { asciiName, type SpelledNote } from '../../note/spelled';
import { TONICS } from '../../scale/tonic';
import { align } from './align';
import { findingsOf } from './findings';
import { NOTE_FINDINGS } from './judged';

const row = (notes: string): readonly SpelledNote[] => (notes === '' ? [] : notes.split(' ').map(noteNamed));

const told = (expected: string, answer: string) =>
  findingsOf(row(expected), row(answer)).map(({ code, index, expected: want, got }) =>
    [code, index ?? '-', want ? asciiName(want) : '-', got ? asciiName(got) : '-'].join(' '),
  );

describe('findings', () => {
  it('are none where all is right', () => {
    expect(told('F G A Bb C D E F', 'F G A Bb C D E F')).toEqual([]);
  });

  it.each([
    ['F G A Bb C D E F', 'F G A B C D E F', ['wrong-sign 3 Bb B']],
    [
      'F G A Bb C D E F',
      'F G A A# C D E F',
      ['respelled 3 Bb A#', 'letter-skipped - Bb -', 'letter-repeated 3 Bb A#'],
    ],
    ['C D E F G A B C', 'C D E G A B C', ['note-missing - F -', 'letter-skipped - F -']],
    ['C D E F G A B C', 'C D E F F G A B C', ['note-extra 3 - F']],
    ['Eb F G Ab Bb C D Eb', 'Eb F G Ab Bb C D E', ['wrong-sign 7 Eb E', 'top-differs 7 Eb E']],
    ['C D E F G A B C', '', Array.from('CDEFGABC', (note) => `note-missing - ${note} -`)],
  ])('%s as %s', (expected, answer, findings) => {
    const found = told(expected, answer);
    for (const finding of findings) expect(found).toContain(finding);
  });

  it('are given for any answer of any length, and only where something is wrong', () => {
    const notes = fc.array(fc.constantFrom(...TONICS), { maxLength: 20 });
    fc.assert(
      fc.property(notes, notes, (expected, answer) => {
        const found = findingsOf(expected, answer);
        const same = expected.length === answer.length && expected.every((note, at) => note === answer[at]);
        if (!same) expect(found.length).toBeGreaterThan(0);
        for (const { code, index } of found) {
          expect(NOTE_FINDINGS).toContain(code);
          if (index !== null) expect(index).toBeLessThan(answer.length);
        }
      }),
    );
  });
});

describe('an answer laid beside what was expected', () => {
  it('keeps every note of both once and in order', () => {
    const notes = fc.array(fc.constantFrom(...TONICS), { maxLength: 16 });
    fc.assert(
      fc.property(notes, notes, (expected, answer) => {
        const pairs = align(expected, answer);
        expect(pairs.flatMap(({ want }) => want ?? [])).toEqual([...expected.keys()]);
        expect(pairs.flatMap(({ got }) => got ?? [])).toEqual([...answer.keys()]);
      }),
    );
  });
});
