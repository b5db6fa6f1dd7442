import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LETTERS } from '../note/letter';
import { noteNamed } from '../note/parse';
import { heightOf } from '../note/pitch';
import { asciiName } from '../note/spelled';
import {
  alterLast,
  chooseSign,
  EMPTY_ENTRY,
  enterKey,
  enterLetter,
  letterAtHeight,
  lockSign,
  moveLast,
  type NoteEntry,
  nearest,
  removeLast,
} from './note-entry';
import { MOST_NOTES } from './scale-name';

const names = ({ notes }: NoteEntry) => notes.map(asciiName).join(' ');

describe('entering notes', () => {
  it('gives the sign in hand to one note, unless it is locked', () => {
    let entry = enterLetter(chooseSign(EMPTY_ENTRY, -1), 'B');
    entry = enterLetter(entry, 'C');
    expect(names(entry)).toBe('Bb C');
    expect(entry.sign).toBe(0);
    entry = lockSign(chooseSign(entry, 1), true);
    entry = enterLetter(enterLetter(entry, 'F'), 'C');
    expect(names(entry)).toBe('Bb C F# C#');
    expect(entry.sign).toBe(1);
    expect(chooseSign(entry, 1).sign).toBe(0);
  });

  it('spells a black key by the sign in hand', () => {
    expect(names(enterKey(EMPTY_ENTRY, 1))).toBe('C#');
    expect(names(enterKey(chooseSign(EMPTY_ENTRY, -1), 1))).toBe('Db');
    expect([0, 2, 4, 5, 7, 9, 11].map((key) => names(enterKey(EMPTY_ENTRY, key))).join(' ')).toBe(
      'C D E F G A B',
    );
  });

  it('alters, moves and takes back the last note, and goes no further than two signs', () => {
    const entry = enterLetter(EMPTY_ENTRY, 'F');
    expect(names(alterLast(alterLast(entry, 1), 1))).toBe('F##');
    expect(names(alterLast(alterLast(alterLast(entry, 1), 1), 1))).toBe('F##');
    expect(names(moveLast(alterLast(entry, -1), 1))).toBe('Gb');
    expect(names(removeLast(entry))).toBe('');
    expect(removeLast(EMPTY_ENTRY)).toBe(EMPTY_ENTRY);
    expect(alterLast(EMPTY_ENTRY, 1)).toBe(EMPTY_ENTRY);
  });

  it('takes as many notes as can be named and no more', () => {
    let entry = EMPTY_ENTRY;
    for (let at = 0; at < 40; at += 1) entry = enterLetter(entry, 'C');
    expect(entry.notes).toHaveLength(MOST_NOTES);
  });

  it('places each note nearest to the last', () => {
    const placed = nearest('F G Ab Bb C Db E F'.split(' ').map(noteNamed));
    expect(placed.map(({ note, octave }) => asciiName(note) + octave).join(' ')).toBe(
      'F4 G4 Ab4 Bb4 C5 Db5 E5 F5',
    );
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...LETTERS)), (letters) => {
        const pitches = nearest(letters.map((letter) => noteNamed(letter)));
        pitches.slice(1).forEach((each, at) => {
          const before = pitches[at];
          if (before) expect(Math.abs(heightOf(each) - heightOf(before))).toBeLessThanOrEqual(3);
        });
        pitches.forEach((each) => {
          expect(letterAtHeight(heightOf(each))).toBe(each.note.letter);
        });
      }),
    );
  });
});
