import { describe, expect, it } from 'vitest';
import { LETTERS, letterAfter, letterIndex } from '../note/letter';
import { noteNamed } from '../note/parse';
import { midiOf, pitch } from '../note/pitch';
import {
  ALTERATIONS,
  asciiName,
  pitchClass,
  type SpelledNote,
  semitonesAbove,
  spelled,
} from '../note/spelled';
import { SCALE_IDS, scaleOfMode } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { USUAL_SETTINGS } from '../school/settings';
import { CHORD_QUALITIES, chordOf, chordOn, SEMITONES } from './chord';
import { scalesFor } from './chord-scales';
import { spellChord } from './chord-spelling';
import { chordsOfKey, chordsOfScale, dominantOf, twoFiveOne } from './family';
import { aFifthHigher, carryLine } from './fifth-line';
import type { Key } from './key';
import { pivotChords, soundingPivots } from './pivot';

const PLAIN = { ...USUAL_SETTINGS, mediant: 'plain' } as const;
const ROOTS = LETTERS.flatMap((letter) => ALTERATIONS.map((sign) => spelled(letter, sign)));
const names = (notes: readonly SpelledNote[]) => notes.map(asciiName).join(' ');
const key = (tonic: string, mode: Key['mode'] = 'major'): Key => ({ tonic: noteNamed(tonic), mode });

/** A chord spelled another way: letters in thirds, each moved until it sounds as far over the root as it must. */
function byLetters(root: SpelledNote, sizes: readonly number[]): readonly string[] | null {
  const notes = sizes.map((size, at) => {
    const letter = letterAfter(root.letter, 2 * (at + 1));
    const off = ((size - semitonesAbove(root, spelled(letter, 0)) + 18) % 12) - 6;
    return Math.abs(off) <= 2 ? asciiName(spelled(letter, off as SpelledNote['alteration'])) : null;
  });
  return notes.includes(null) ? null : [asciiName(root), ...(notes as string[])];
}

/** Numerals of the seven triads, written by hand (docs/theory.md, Chords, nearness, routes). */
const TRIADS_OF = {
  major: 'I ii iii IV V vi vii°',
  'natural-minor': 'i ii° III iv v VI VII',
  'harmonic-minor': 'i ii° III+ iv V VI vii°',
  'melodic-minor': 'i ii III+ IV V vi° vii°',
  dorian: 'i ii III IV v vi° VII',
  phrygian: 'i II III iv v° VI vii',
  lydian: 'I II iii iv° V vi vii',
  mixolydian: 'I ii iii° IV v vi VII',
  locrian: 'i° II iii iv V VI vii',
} as const;

const SEVENTHS_OF = {
  major: 'Imaj7 ii7 iii7 IVmaj7 V7 vi7 viiø7',
  'natural-minor': 'i7 iiø7 IIImaj7 iv7 v7 VImaj7 VII7',
  'harmonic-minor': 'i(maj7) iiø7 III+maj7 iv7 V7 VImaj7 vii°7',
  'melodic-minor': 'i(maj7) ii7 III+maj7 IV7 V7 viø7 viiø7',
} as const;

describe('a chord', () => {
  it('is spelled on every root as letters in thirds have it, or needs a third sign', () => {
    for (const root of ROOTS) {
      for (const quality of CHORD_QUALITIES) {
        const chord = chordOn(root, quality);
        const other = byLetters(root, SEMITONES[quality]);
        expect(chord?.notes.map(asciiName) ?? null, `${asciiName(root)} ${quality}`).toEqual(other);
        if (chord) expect(chordOf(chord.notes)).toEqual(chord);
      }
    }
  });

  it('is none where its notes are not in thirds or are another chord by sound alone', () => {
    expect(chordOf('C D G'.split(' ').map(noteNamed))).toBeNull();
    expect(chordOf('C D# G'.split(' ').map(noteNamed))).toBeNull();
    expect(chordOf([])).toBeNull();
  });

  it('is worked out step by step to the same notes, or refused with its twin', () => {
    for (const root of ROOTS) {
      for (const quality of CHORD_QUALITIES) {
        const spelling = spellChord(root, quality);
        if (spelling.ok) {
          const reached = spelling.steps.flatMap(({ fact }) =>
            fact.code === 'chord-root' ? [fact.root] : 'to' in fact ? [fact.to] : [],
          );
          expect(reached).toEqual(chordOn(root, quality)?.notes);
        } else if (spelling.problem.instead) {
          expect(pitchClass(spelling.problem.instead)).toBe(pitchClass(root));
          expect(chordOn(spelling.problem.instead, quality)).not.toBeNull();
        }
      }
    }
    const spelling = spellChord(noteNamed('Gb'), 'major-seventh');
    expect(spelling.ok && names(spelling.chord.notes)).toBe('Gb Bb Db F');
  });
});

describe('the chords of a scale', () => {
  it('have the qualities and numerals of the table on every tonic', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const reading = scaleNamed(noteNamed(tonic), id);
        if (!reading.ok) throw new Error(tonic);
        const notes = reading.scale.ascending.slice(0, 7);
        const triads = chordsOfScale(notes, 'triads', PLAIN);
        expect(triads.map(({ numeral }) => numeral).join(' '), `${tonic} ${id}`).toBe(TRIADS_OF[id]);
        if (id in SEVENTHS_OF) {
          const sevenths = chordsOfScale(notes, 'sevenths', PLAIN).map(({ numeral }) => numeral);
          expect(sevenths.join(' ')).toBe(SEVENTHS_OF[id as keyof typeof SEVENTHS_OF]);
        }
        // Every note of every chord is a note of the scale, a third apart by letter.
        for (const { chord } of triads) {
          for (const [at, note] of chord.notes.entries()) {
            expect(notes).toContain(note);
            expect((letterIndex(note.letter) - letterIndex(chord.root.letter) + 7) % 7).toBe(2 * at);
          }
        }
      }
    }
  });

  it('are the same for a natural minor and its relative, under other numerals', () => {
    const chords = (each: Key) =>
      chordsOfKey(each, 'triads', USUAL_SETTINGS).map(({ chord }) => names(chord.notes));
    const [minor, major] = [chords(key('F', 'minor')), chords(key('Ab'))];
    expect([...minor.slice(2), ...minor.slice(0, 2)]).toEqual(major);
  });

  it('of a minor key have the fifth that its class uses', () => {
    const fifth = (dominant: 'minor' | 'major', size: 'triads' | 'sevenths') => {
      const chord = chordsOfKey(key('F', 'minor'), size, { ...USUAL_SETTINGS, dominant })[4];
      return chord && `${chord.numeral} ${names(chord.chord.notes)} ${chord.raised}`;
    };
    expect(fifth('minor', 'triads')).toBe('v C Eb G false');
    expect(fifth('major', 'triads')).toBe('V C E G true');
    expect(fifth('major', 'sevenths')).toBe('V7 C E G Bb true');
  });

  it('are written as the class writes them', () => {
    const row = (school: Partial<typeof USUAL_SETTINGS>) =>
      chordsOfKey(key('C', 'minor'), 'triads', { ...USUAL_SETTINGS, ...school })
        .map(({ numeral }) => numeral)
        .join(' | ');
    expect(row({})).toBe('i | ii° | ♭III | iv | v | ♭VI | ♭VII');
    expect(row({ numerals: 'capitals', diminished: 'dim' })).toBe(
      'I min | II dim | ♭III | IV min | V min | ♭VI | ♭VII',
    );
  });

  it('fall by fifths in two, five, one, and every chord has its own dominant', () => {
    const moves = (of: Key) => twoFiveOne(of)?.moves.map(({ chord }) => names(chord.notes));
    expect(moves(key('C'))).toEqual(['D F A C', 'G B D F', 'C E G B']);
    // A mode is played over one of its parent's.
    expect(moves(key('D', 'dorian'))).toEqual(moves(key('C')));
    expect(twoFiveOne(key('D', 'dorian'))?.moves.map(({ over }) => over)).toEqual([
      key('D', 'dorian'),
      key('G', 'mixolydian'),
      key('C'),
    ]);
    expect(moves(key('C', 'minor'))).toEqual(['D F Ab C', 'G B D F', 'C Eb G Bb']);
    expect(names(dominantOf(noteNamed('A'), true)?.notes ?? [])).toBe('E G# B D');
  });
});

describe('pivot chords', () => {
  it('are four between neighbouring majors, three with the relative of a neighbour, and none far away', () => {
    const shared = (from: Key, to: Key) =>
      pivotChords(from, to).map(({ root, quality }) => asciiName(root) + (quality === 'minor' ? 'm' : ''));
    expect(shared(key('D'), key('G'))).toEqual(['D', 'Em', 'G', 'Bm']);
    expect(shared(key('C'), key('A', 'minor'))).toHaveLength(7);
    expect(shared(key('E'), key('F'))).toEqual([]);
    for (const [at, { tonic }] of SCALE_TABLE.entries()) {
      const next = SCALE_TABLE.find(({ major }) => major[3] === tonic);
      if (next) expect(pivotChords(key(tonic), key(next.tonic)), String(at)).toHaveLength(4);
    }
  });
});

describe('chords that lead over for the ear', () => {
  it('are those of the same three sounds, however they are spelled', () => {
    const sounds = (tonic: string) => soundingPivots(key(tonic), key('Db')).map(({ notes }) => names(notes));
    expect(sounds('B')).toEqual(['D# F# A#', 'F# A# C#']);
    expect(sounds('C#')).toHaveLength(7);
    expect(sounds('C')).toEqual([]);
    for (const { tonic } of SCALE_TABLE)
      expect(soundingPivots(key(tonic), key('C')).length).toBeGreaterThanOrEqual(
        pivotChords(key(tonic), key('C')).length,
      );
  });
});

describe('scales for a chord', () => {
  it('hold all its notes by the table, and none that does is missing', () => {
    for (const root of ['C', 'F#', 'Bb'].map(noteNamed)) {
      for (const quality of CHORD_QUALITIES) {
        const chord = chordOn(root, quality);
        if (!chord) continue;
        const found = scalesFor(chord).map(({ tonic, scale }) => `${asciiName(tonic)} ${scale}`);
        const wanted = SCALE_TABLE.flatMap((row) =>
          SCALE_IDS.filter((id) =>
            chord.notes.every((note) => tableScale(row, id).up.includes(asciiName(note))),
          )
            .filter((id) => {
              const reading = scaleNamed(noteNamed(row.tonic), id);
              return reading.ok && !reading.scale.theoretical;
            })
            .map((id) => `${row.tonic} ${id}`),
        );
        expect(found.toSorted()).toEqual(wanted.toSorted());
      }
    }
  });

  it('begin with those on its own root: dorian among them for a minor seventh', () => {
    const chord = chordOn(noteNamed('D'), 'minor-seventh');
    const first = chord ? scalesFor(chord).filter(({ degree }) => degree === 1) : [];
    expect(first.map(({ scale }) => scale)).toEqual(['dorian', 'natural-minor', 'phrygian']);
  });
});

describe('a line a fifth higher', () => {
  it('lies seven half steps over it, note by note, in its octave', () => {
    for (const note of ROOTS) {
      for (const octave of [2, 4]) {
        const low = pitch(note, octave);
        const high = aFifthHigher(low);
        if (high) expect(midiOf(high) - midiOf(low)).toBe(7);
      }
    }
  });

  it('keeps to perfect fifths, and the key has its own at every degree but one', () => {
    for (const { tonic, major } of SCALE_TABLE) {
      const line = carryLine(major.map(noteNamed), key(tonic));
      for (const [at, { note, perfect, own, semitones }] of line.entries()) {
        if (perfect) expect(semitonesAbove(note, perfect)).toBe(7);
        expect(own && asciiName(own)).toBe(major[(at + 4) % 7]);
        expect(semitones).toBe(at === 6 ? 6 : 7);
        if (at !== 6) expect(own).toBe(perfect);
      }
    }
    const [outside] = carryLine([noteNamed('F#')], key('C'));
    expect(outside).toMatchObject({ own: null, semitones: null });
    expect(scaleOfMode('minor')).toBe('natural-minor');
  });
});
