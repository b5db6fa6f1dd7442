import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { midiOf } from '../../note/pitch';
import { asciiName, fifths } from '../../note/spelled';
import {
  alterSelected,
  EMPTY_ENTRY,
  enterHeight,
  enterLetter,
  enterMidi,
  entryOf,
  moveSelected,
  naturalSelected,
  pitchesWritten,
  printSelected,
  removeSelected,
  type ScaleEntry,
  select,
} from './scale-entry';

describe('a row that is entered', () => {
  const frame = { atClef: fifths(2), sign: 0 as const, start: 4 };
  const text = ({ notes }: ScaleEntry) =>
    pitchesWritten(notes)
      .map(({ note, octave }) => asciiName(note) + octave)
      .join(' ');

  it('takes letters as the signature has them, each nearest to the last', () => {
    let entry = EMPTY_ENTRY;
    for (const letter of 'DEFGABCD') entry = enterLetter(entry, letter as 'D', frame);
    expect(text(entry)).toBe('D4 E4 F#4 G4 A4 B4 C#5 D5');
    expect(entry.notes.every(({ printed }) => printed === null)).toBe(true);
  });

  it('is changed where it differs: choose, alter, move, print, take away', () => {
    let entry = EMPTY_ENTRY;
    for (const letter of 'CDE') entry = enterLetter(entry, letter as 'C', { ...frame, atClef: fifths(0) });
    entry = alterSelected(select(entry, 1), 1, fifths(0));
    expect(text(entry)).toBe('C4 D#4 E4');
    expect(entry.notes[1]?.printed).toBe(1);
    entry = naturalSelected(entry, fifths(0));
    expect(entry.notes[1]).toMatchObject({ printed: null });
    entry = printSelected(entry);
    expect(entry.notes[1]?.printed).toBe(0);
    entry = moveSelected(entry, 2, fifths(0));
    expect(text(entry)).toBe('C4 F4 E4');
    expect(text(removeSelected(entry))).toBe('C4 E4');
    expect(text(enterLetter(select(entry, 0), 'B', { ...frame, atClef: fifths(0), start: 3 }))).toBe(
      'B3 F4 E4',
    );
    expect(text(enterHeight(entry, 7 * 5 + 4, fifths(-1), 0))).toContain('G5');
    expect(pitchesWritten(enterMidi(EMPTY_ENTRY, 61, fifths(0), -1).notes).map(midiOf)).toEqual([61]);
  });

  it('prints a natural where a sign before it is in force, at the signature or at a note, and only there', () => {
    const enter = (letters: string, atClef: ReturnType<typeof fifths>) =>
      [...letters].reduce<ScaleEntry>((row, letter) => {
        if (letter === '#') return alterSelected(row, 1, atClef);
        if (letter === 'n') return naturalSelected(row, atClef);
        return enterLetter(row, letter as 'A', { atClef, sign: 0, start: 4 });
      }, EMPTY_ENTRY);
    const printed = (letters: string, atClef = 0) =>
      enter(letters, fifths(atClef)).notes.map((note) => note.printed);
    expect(printed('F#G#AGnFn')).toEqual([1, 1, null, 0, 0]);
    expect(printed('F#FnFn')).toEqual([1, 0, null]);
    expect(printed('FnGn')).toEqual([null, null]);
    expect(printed('FnFn', 1)).toEqual([0, null]);
    // The octave above is another place.
    expect(printed('F#ABCDFn')).toEqual([1, null, null, null, null, null]);
  });

  it('never grows past its limit, loses its place or a third sign, whatever is pressed', () => {
    const press = fc.constantFrom<(entry: ScaleEntry) => ScaleEntry>(
      (entry) => enterLetter(entry, 'F', frame),
      (entry) => enterMidi(entry, 66, fifths(-3), 0),
      (entry) => alterSelected(entry, 1, fifths(2)),
      (entry) => alterSelected(entry, -1, fifths(2)),
      (entry) => moveSelected(entry, 1, fifths(2)),
      (entry) => select(entry, entry.at - 1),
      (entry) => select(entry, entry.at + 1),
      removeSelected,
      printSelected,
    );
    fc.assert(
      fc.property(fc.array(press, { maxLength: 60 }), (presses) => {
        const entry = presses.reduce((now, next) => next(now), entryOf([]));
        expect(entry.notes.length).toBeLessThanOrEqual(32);
        expect(entry.at).toBeLessThan(Math.max(1, entry.notes.length));
        expect(entry.at).toBeGreaterThanOrEqual(-1);
      }),
    );
  });
});
