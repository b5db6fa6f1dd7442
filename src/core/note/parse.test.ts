import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LETTERS } from './letter';
import { type NoteNames, noteFrom, noteIn } from './names';
import { readEnglishNote, readNote } from './parse';
import { ALTERATIONS, type Alteration, asciiName, spelled } from './spelled';

/** Every way to type a sign after its letter. */
const WAYS: Readonly<Record<Alteration, readonly string[]>> = {
  [-2]: ['bb', '♭♭', '𝄫', ' double flat', '-double-flat', ' flat flat', ' DOUBLE FLAT'],
  [-1]: ['b', '♭', ' flat', '-flat', 'flat', ' Flat', ' ♭', ' b'],
  0: ['', 'n', '♮', ' natural', '-natural', ' Natural'],
  1: ['#', '♯', ' sharp', '-sharp', 'sharp', ' Sharp', ' #', '＃'],
  2: ['##', 'x', 'X', '♯♯', '𝄪', ' double sharp', '-double-sharp', ' doublesharp'],
};

describe('typed English notes', () => {
  it('are read in every way, in capital and small letters, with spaces around', () => {
    let count = 0;
    for (const letter of LETTERS) {
      for (const alteration of ALTERATIONS) {
        for (const way of WAYS[alteration]) {
          for (const typed of [letter + way, letter.toLowerCase() + way, `  ${letter}${way} `]) {
            expect(readEnglishNote(typed), typed).toEqual({ ok: true, note: spelled(letter, alteration) });
            count += 1;
          }
        }
      }
    }
    expect(count).toBe(7 * 37 * 3);
  });

  it('reads a lone b as B and bb as B flat', () => {
    expect(readEnglishNote('b')).toEqual({ ok: true, note: spelled('B', 0) });
    expect(readEnglishNote('bb')).toEqual({ ok: true, note: spelled('B', -1) });
    expect(readEnglishNote('bbb')).toEqual({ ok: true, note: spelled('B', -2) });
  });

  it('comes back from every ASCII name', () => {
    const note = fc.constantFrom(
      ...LETTERS.flatMap((letter) => ALTERATIONS.map((sign) => spelled(letter, sign))),
    );
    fc.assert(fc.property(note, (written) => readEnglishNote(asciiName(written)).ok));
  });

  it.each([
    ['', 'note-empty'],
    ['   ', 'note-empty'],
    ['H', 'note-other-names'],
    ['hb', 'note-other-names'],
    ['Fis', 'note-other-names'],
    ['Es', 'note-other-names'],
    ['Bb#', 'note-mixed-signs'],
    ['C#n', 'note-mixed-signs'],
    ['F###', 'note-third-sign'],
    ['Bbbb', 'note-third-sign'],
    ['EB', 'note-unknown'],
    ['doh', 'note-unknown'],
    ['7', 'note-unknown'],
    ['C major', 'note-unknown'],
    ['C'.repeat(40), 'note-too-long'],
  ])('refuses %j as %s', (typed, code) => {
    const reading = readEnglishNote(typed);
    expect(reading.ok ? 'read' : reading.problem.code).toBe(code);
  });

  it('answers any text without throwing', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'binary', maxLength: 40 }),
        (typed) => typeof readEnglishNote(typed).ok === 'boolean',
      ),
    );
  });
});

/** Written by hand: flats from double to plain, then sharps, from C. */
const NAMES: Readonly<Record<'german' | 'dutch' | 'fixed-do', string>> = {
  german:
    'Ceses Ces C Cis Cisis Deses Des D Dis Disis Eses Es E Eis Eisis Feses Fes F Fis Fisis Geses Ges G Gis Gisis Ases As A Ais Aisis Heses B H His Hisis',
  dutch:
    'Ceses Ces C Cis Cisis Deses Des D Dis Disis Eses Es E Eis Eisis Feses Fes F Fis Fisis Geses Ges G Gis Gisis Ases As A Ais Aisis Beses Bes B Bis Bisis',
  'fixed-do':
    'Do𝄫 Do♭ Do Do♯ Do𝄪 Re𝄫 Re♭ Re Re♯ Re𝄪 Mi𝄫 Mi♭ Mi Mi♯ Mi𝄪 Fa𝄫 Fa♭ Fa Fa♯ Fa𝄪 Sol𝄫 Sol♭ Sol Sol♯ Sol𝄪 La𝄫 La♭ La La♯ La𝄪 Si𝄫 Si♭ Si Si♯ Si𝄪',
};

describe('notes by the names of other schools', () => {
  const notes = LETTERS.flatMap((letter) => ALTERATIONS.map((sign) => spelled(letter, sign)));

  it('are the names of a hand-written table, and each is read back', () => {
    for (const [names, table] of Object.entries(NAMES)) {
      expect(notes.map((note) => noteIn(names as NoteNames, note)).join(' ')).toBe(table);
    }
    for (const names of ['german', 'dutch', 'fixed-do', 'fixed-ut'] as const) {
      for (const note of notes) {
        expect(noteFrom(names, noteIn(names, note))).toBe(note);
        expect(readNote(names, noteIn(names, note).toLowerCase())).toEqual({ ok: true, note });
      }
    }
  });

  it.each([
    ['german', 'bb', 'english'],
    ['german', 'Bes', 'dutch'],
    ['german', 're', 'fixed-do'],
    ['dutch', 'H', 'german'],
    ['fixed-do', 'C#', 'english'],
    ['fixed-do', 'Cis', 'german'],
    ['english', 'sol', 'fixed-do'],
    ['english', 'Bes', 'dutch'],
  ] as const)('in %s, %j is refused as %s', (names, typed, fits) => {
    const reading = readNote(names, typed);
    expect(reading.ok ? reading.note : reading.problem).toMatchObject({ code: 'note-other-names', fits });
  });

  it('answers any text without throwing', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<NoteNames>('english', 'german', 'dutch', 'fixed-do', 'fixed-ut'),
        fc.string({ unit: 'binary', maxLength: 40 }),
        (names, typed) => typeof readNote(names, typed).ok === 'boolean',
      ),
    );
  });
});
