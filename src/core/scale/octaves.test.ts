import { describe, expect, it } from 'vitest';
import { derive, methodsFor } from '../derive/methods';
import { overOctaves } from '../derive/over-octaves';
import { boardNotes } from '../instrument/board-notes';
import { TUNINGS } from '../instrument/fretboard';
import { TRANSPOSING } from '../instrument/transposing';
import { LETTERS } from '../note/letter';
import { noteNamed, pitchNamed } from '../note/parse';
import { midiOf } from '../note/pitch';
import { asciiName } from '../note/spelled';
import { USUAL_SETTINGS } from '../school/settings';
import { octavesInRange } from './for-instrument';
import { lineOf, octaveFor } from './line';
import { goesOn, placesOver } from './octaves';
import { NAMED_SCALE_IDS } from './pattern';
import { type Scale, scaleNamed } from './scale';
import { SCALE_TABLE } from './scale-table';
import { writeOut } from './written';

/** Every scale of the table that goes on, on every tonic on which it can be spelled. */
const SCALES: readonly Scale[] = SCALE_TABLE.flatMap(({ tonic }) =>
  NAMED_SCALE_IDS.flatMap((id) => {
    const reading = scaleNamed(noteNamed(tonic), id);
    return reading.ok && goesOn(reading.scale) ? [reading.scale] : [];
  }),
);

const steps = (sounds: readonly number[]) => sounds.slice(1).map((sound, at) => sound - (sounds[at] ?? 0));

describe('a scale through several octaves', () => {
  it('is its steps over again, with the tonic once where two octaves meet', () => {
    expect(SCALES.length).toBeGreaterThan(150);
    for (const scale of SCALES)
      for (const octaves of [2, 3]) {
        const up = lineOf(scale, 'up', 3, octaves).map(({ pitch }) => pitch);
        const down = lineOf(scale, 'down', 3, octaves).map(({ pitch }) => pitch);
        const rising = Array.from({ length: octaves }, () => scale.rising).flat();
        const falling = Array.from({ length: octaves }, () => scale.falling).flat();
        expect(steps(up.map(midiOf))).toEqual(rising);
        expect(steps(down.map(midiOf)).map((step) => -step)).toEqual(falling);
        const both = lineOf(scale, 'both', 3, octaves).map(({ pitch }) => pitch);
        expect(both).toEqual([...up, ...down.slice(1)]);
        // The same letters in every octave: seven further is the octave of a note.
        if (scale.ascending.length !== 8) continue;
        const letters = up.map(({ note }) => LETTERS.indexOf(note.letter));
        expect(steps(letters).every((step) => step === 1 || step === -6)).toBe(true);
        for (const [at, { note, octave }] of up.slice(7).entries()) {
          expect(note).toBe(up[at]?.note);
          expect(octave).toBe((up[at]?.octave ?? 0) + 1);
        }
      }
  });

  it('has the degrees of each octave, and its way down falls all the way', () => {
    const reading = scaleNamed(noteNamed('C#'), 'melodic-minor');
    if (!reading.ok) throw reading.problem;
    const line = lineOf(reading.scale, 'both', 3, 2);
    expect(line.map(({ degree }) => degree).join(' ')).toBe(
      '1 2 3 4 5 6 7 8 2 3 4 5 6 7 8 7 6 5 4 3 2 1 7 6 5 4 3 2 1',
    );
    expect(line.map(({ pitch }) => asciiName(pitch.note)).join(' ')).toBe(
      'C# D# E F# G# A# B# C# D# E F# G# A# B# C# B A G# F# E D# C# B A G# F# E D# C#',
    );
    expect(line.filter(({ falling }) => falling)).toHaveLength(14);
    expect(line.filter(({ raised }) => raised).map(({ octave }) => octave)).toEqual([0, 0, 1, 1]);
  });

  it('stands on the staff where it needs fewest ledger lines', () => {
    const octaveOf = (tonic: string, clef: 'treble' | 'bass') => {
      const reading = scaleNamed(noteNamed(tonic), 'major');
      if (!reading.ok) throw reading.problem;
      return octaveFor(reading.scale, clef, 2);
    };
    // C4 to C6 in the treble, G2 to G4 in the bass: by looking at a staff.
    expect(octaveOf('C', 'treble')).toBe(4);
    expect(octaveOf('C', 'bass')).toBe(2);
    expect(octaveOf('G', 'bass')).toBe(2);
    expect(octaveOf('B', 'treble')).toBe(3);
  });

  it('is worked out as one octave is: each note is found in all of them at once', () => {
    // Up and down is both ways.
    const direction = 'both';
    for (const scale of SCALES)
      for (const method of methodsFor(scale)) {
        const one = derive(scale, direction, method, USUAL_SETTINGS);
        if (!one) expect.fail(`${method} serves it`);
        const two = overOctaves(one, 2);
        const line = lineOf(scale, direction, 3, 2);
        expect(two.steps.at(-1)?.line.map(({ note }) => note)).toEqual(line.map(({ pitch }) => pitch.note));
        for (const [at, step] of two.steps.entries()) {
          const before = one.steps[at];
          expect(step.line).toHaveLength(line.length);
          // What is decided in two octaves is what is decided in one, note by note.
          const decided = (states: typeof step.line) =>
            new Set(states.flatMap(({ note, stage }) => (stage === 'letter' ? [] : [note])));
          expect(decided(step.line)).toEqual(decided(before?.line ?? []));
          expect(step.at.length > 0).toBe((before?.at.length ?? 0) > 0);
        }
      }
  });

  it('writes the sign that each octave needs, since a sign holds for one octave alone', () => {
    const reading = scaleNamed(noteNamed('E'), 'harmonic-minor');
    if (!reading.ok) throw reading.problem;
    const writing = { direction: 'up', clef: 'treble', octaves: 2 } as const;
    expect(writeOut(reading.scale, { ...writing, signature: 'written' }).printed).toEqual([
      null,
      null,
      null,
      null,
      null,
      null,
      1,
      null,
      null,
      null,
      null,
      null,
      null,
      1,
      null,
    ]);
    const plain = writeOut(reading.scale, { ...writing, signature: 'none' }).printed;
    expect(plain.flatMap((sign, place) => (sign === null ? [] : [place]))).toEqual([1, 6, 8, 13]);
  });

  it('goes along one string as far as there are frets', () => {
    const reading = scaleNamed(noteNamed('E'), 'major');
    if (!reading.ok) throw reading.problem;
    const written = writeOut(reading.scale, {
      direction: 'up',
      clef: 'treble',
      signature: 'none',
      octaves: 2,
    });
    const frets = (string: number) =>
      boardNotes(written, TUNINGS.guitar, { is: 'string', string }).notes.map(({ fret }) => fret);
    expect(frets(6)).toEqual([0, 2, 4, 5, 7, 9, 11, 12, 14, 16, 17, 19, 21, 23, 24]);
    // From the second fret of the fourth string the last note would lie past the board.
    expect(frets(4)).toEqual([2, 4, 6, 7, 9, 11, 13, 14, 16, 18, 19, 21, 23]);
  });

  it('has as many octaves as an instrument reaches', () => {
    for (const [id, instrument] of Object.entries(TRANSPOSING))
      for (const scale of SCALES.filter(({ ascending }) => ascending.length === 8)) {
        const octaves = octavesInRange(scale, instrument);
        const [lowest, highest] = instrument.range.map((name) => midiOf(pitchNamed(name))) as [
          number,
          number,
        ];
        // By counting from the lowest tonic that the instrument has.
        const tonic = midiOf(pitchNamed(`${asciiName(scale.tonic)}4`)) % 12;
        const first = lowest + ((tonic - (lowest % 12) + 12) % 12);
        expect(octaves, `${id} ${asciiName(scale.tonic)}`).toBe(
          Math.max(1, Math.floor((highest - first) / 12)),
        );
      }
  });
});

describe('the places of a line of octaves', () => {
  it('are those of one octave over again', () => {
    expect(placesOver(7, 'up', 1).map(({ place }) => place)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
    expect(placesOver(7, 'down', 2).map(({ place }) => place)).toEqual([
      0, 1, 2, 3, 4, 5, 6, 7, 1, 2, 3, 4, 5, 6, 7,
    ]);
    expect(placesOver(4, 'both', 1)).toHaveLength(9);
  });
});
