import { describe, expect, it } from 'vitest';
import { minorNumerals } from '../harmony/numeral';
import { noteNamed } from '../note/parse';
import { pitch } from '../note/pitch';
import { asciiName, type Fifths } from '../note/spelled';
import { USUAL_SETTINGS } from '../school/settings';
import { signsAfterBar } from './across-bar';
import { degreeOf } from './degree';
import type { Mode } from './mode';
import { modeSignature } from './mode-signature';
import { scaleNamed } from './scale';
import { SCALE_TABLE } from './scale-table';
import { signatureOf } from './signature';
import { syllableOf } from './syllable';
import { taughtTonics } from './taught';

const notes = (text: string) => text.split(' ').map(noteNamed);

describe('syllables', () => {
  /** Mode, notes from the tonic, minor on do and modes on do, minor on la and modes on their own; by hand. */
  const TABLE: readonly [Mode, string, string, string][] = [
    ['major', 'E F# G# A B C# D#', 'do re mi fa so la ti', 'do re mi fa so la ti'],
    ['minor', 'C D Eb F G Ab Bb', 'do re me fa so le te', 'la ti do re mi fa so'],
    ['minor', 'C D Eb F G Ab B', 'do re me fa so le ti', 'la ti do re mi fa si'],
    ['minor', 'A B C D E F# G#', 'do re me fa so la ti', 'la ti do re mi fi si'],
    ['dorian', 'D E F G A B C', 'do re me fa so la te', 're mi fa so la ti do'],
    ['phrygian', 'E F G A B C D', 'do ra me fa so le te', 'mi fa so la ti do re'],
    ['lydian', 'F G A B C D E', 'do re mi fi so la ti', 'fa so la ti do re mi'],
    ['mixolydian', 'G A B C D E F', 'do re mi fa so la te', 'so la ti do re mi fa'],
    ['locrian', 'B C D E F G A', 'do ra me fa se le te', 'ti do re mi fa so la'],
  ];

  it.each(TABLE)('of %s %s', (mode, line, fromDo, own) => {
    const [tonic = noteNamed('C')] = notes(line);
    const sung = (solfege: 'do-minor' | 'la-minor', modeSyllables: 'do' | 'own') =>
      notes(line)
        .map((note) => syllableOf(note, tonic, mode, { solfege, modeSyllables, fifth: 'so', seventh: 'ti' }))
        .join(' ');
    expect(sung('do-minor', 'do')).toBe(fromDo);
    expect(sung('la-minor', 'own')).toBe(own);
  });

  it('have si for ti and sol for so where the class says so, and none where it sings none', () => {
    const school = { solfege: 'do-minor', modeSyllables: 'own', fifth: 'sol', seventh: 'si' } as const;
    expect(syllableOf(noteNamed('G'), noteNamed('C'), 'major', school)).toBe('sol');
    // A lowered or raised fifth keeps its own name.
    expect(syllableOf(noteNamed('G#'), noteNamed('C'), 'major', school)).toBe('si');
    expect(syllableOf(noteNamed('B'), noteNamed('C'), 'major', school)).toBe('si');
    expect(syllableOf(noteNamed('B'), noteNamed('C'), 'major', { ...school, solfege: 'none' })).toBeNull();
  });
});

describe('degrees against major', () => {
  it('are altered by the semitones of the letter, for every tonic of the table', () => {
    for (const row of SCALE_TABLE) {
      const tonic = noteNamed(row.tonic);
      for (const [id, expected] of [
        ['major', [0, 0, 0, 0, 0, 0, 0]],
        ['natural-minor', [0, 0, -1, 0, 0, -1, -1]],
        ['harmonic-minor', [0, 0, -1, 0, 0, -1, 0]],
      ] as const) {
        const reading = scaleNamed(tonic, id);
        if (!reading.ok) continue;
        const degrees = reading.scale.ascending.slice(0, 7).map((note) => degreeOf(note, tonic));
        expect(degrees.map(({ degree }) => degree)).toEqual([1, 2, 3, 4, 5, 6, 7]);
        expect(degrees.map(({ alteration }) => alteration)).toEqual(expected);
      }
    }
  });
});

describe('keys taught', () => {
  const named = (
    keysTaught: 'twelve' | 'fifteen' | 'theoretical',
    keyOrder: 'fifths' | 'fourths' | 'signs',
    mode: 'major' | 'minor' = 'major',
  ) => taughtTonics(mode, { keysTaught, keyOrder }).map(asciiName).join(' ');

  it('stand in the order the class meets them', () => {
    expect(named('fifteen', 'fifths')).toBe('C G D A E B F# C# Cb Gb Db Ab Eb Bb F');
    expect(named('fifteen', 'fourths')).toBe('C F Bb Eb Ab Db Gb Cb C# F# B E A D G');
    expect(named('fifteen', 'signs', 'minor')).toBe('A E D B G F# C C# F G# Bb D# Eb A# Ab');
    expect(named('twelve', 'fifths')).toBe('C G D A E B F# Gb Db Ab Eb Bb F');
  });

  it('include the theoretical ones after the others, 21 tonics once each', () => {
    for (const mode of ['major', 'minor'] as const) {
      const all = taughtTonics(mode, { keysTaught: 'theoretical', keyOrder: 'fifths' });
      expect(new Set(all).size).toBe(21);
      expect(Math.abs(signatureOf(all[15] ?? noteNamed('C'), mode))).toBe(8);
    }
  });
});

describe('a school’s own writing', () => {
  it('signs modes by their parent or by their tonic', () => {
    expect(modeSignature(noteNamed('E'), 'phrygian', 'parent')).toBe(0);
    expect(modeSignature(noteNamed('E'), 'phrygian', 'tonic')).toBe(1);
    expect(modeSignature(noteNamed('F'), 'lydian', 'parent')).toBe(0);
    expect(modeSignature(noteNamed('F'), 'lydian', 'tonic')).toBe(-1);
    expect(modeSignature(noteNamed('G'), 'mixolydian', 'tonic')).toBe(1);
  });

  it('cancels after a bar line as the class asks', () => {
    const before = [pitch(noteNamed('F#'), 4), pitch(noteNamed('G#'), 4)];
    const bar = [
      pitch(noteNamed('G'), 4),
      pitch(noteNamed('G'), 4),
      pitch(noteNamed('F'), 4),
      pitch(noteNamed('G'), 5),
    ];
    const signs = (cancelling: 'required' | 'optional' | 'not-written') =>
      signsAfterBar(before, bar, 0 as Fifths, cancelling).map((sign) =>
        sign ? (sign.courtesy ? `(${sign.sign})` : String(sign.sign)) : '-',
      );
    expect(signs('required')).toEqual(['0', '-', '0', '-']);
    expect(signs('optional')).toEqual(['(0)', '-', '(0)', '-']);
    expect(signs('not-written')).toEqual(['-', '-', '-', '-']);
    // A sign that is needed anyway is never only a reminder.
    const sharp = signsAfterBar(before, [pitch(noteNamed('G#'), 4)], 0 as Fifths, 'optional');
    expect(sharp).toEqual([{ sign: 1, courtesy: false }]);
  });

  it('brings melodic minor down as it rose where only the rising form is taught', () => {
    const reading = scaleNamed(noteNamed('A'), 'melodic-minor', 'as-it-rose');
    if (!reading.ok) throw new Error('cannot be spelled');
    expect(reading.scale.descending.map(asciiName).join(' ')).toBe('A G# F# E D C B A');
    expect(reading.scale.signature).toBe(0);
  });

  it('writes chords of minor by its numerals', () => {
    const scale = notes('C D Eb F G Ab Bb');
    const row = (school: Partial<typeof USUAL_SETTINGS>) =>
      minorNumerals(scale, noteNamed('B'), { ...USUAL_SETTINGS, ...school }).join(' | ');
    expect(row({})).toBe('i | ii° | ♭III | iv | v | ♭VI | ♭VII');
    expect(row({ mediant: 'plain', dominant: 'major', diminished: 'dim' })).toBe(
      'i | ii dim | III | iv | V | VI | VII',
    );
    expect(row({ numerals: 'capitals' })).toBe('I min | II° | ♭III | IV min | V min | ♭VI | ♭VII');
  });
});
