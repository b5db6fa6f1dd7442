import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { midiOf, pitch } from '../note/pitch';
import { asciiName } from '../note/spelled';
import { SCALE_IDS, type ScaleId } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { fretPlaces, octavesIn, stringWalk, TUNING_IDS, TUNINGS, type Tuning } from './fretboard';

const named = (tonic: string, id: ScaleId) => {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new RangeError(`${tonic} ${id}`);
  return reading.scale;
};

const written = (tuning: Tuning, tonic: string, id: ScaleId, from: number, to: number) =>
  fretPlaces(named(tonic, id), tuning, { from, to }).map(
    ({ string, fret, pitch: { note, octave } }) => `${string}:${fret} ${asciiName(note)}${octave}`,
  );

describe('the fretboard', () => {
  it('has the places a player finds by hand, by sound and then by string', () => {
    expect(written(TUNINGS.guitar, 'E', 'harmonic-minor', 0, 4).join(', ')).toBe(
      '6:0 E2, 6:2 F#2, 6:3 G2, 5:0 A2, 5:2 B2, 5:3 C3, 4:1 D#3, 4:2 E3, 4:4 F#3, 3:0 G3, 3:2 A3, 2:0 B3, 3:4 B3, ' +
        '2:1 C4, 2:4 D#4, 1:0 E4, 1:2 F#4, 1:3 G4',
    );
    expect(written(TUNINGS.ukulele, 'F', 'major', 0, 3).join(', ')).toBe(
      '3:0 C4, 3:2 D4, 2:0 E4, 2:1 F4, 2:3 G4, 4:0 G4, 1:0 A4, 4:2 A4, 1:1 Bb4, 4:3 Bb4, 1:3 C5',
    );
  });

  it('spells each place as the scale does, in the octave of its letter', () => {
    expect(written(TUNINGS.bass, 'Cb', 'major', 2, 2).join(', ')).toBe('4:2 Gb1, 3:2 Cb2, 2:2 Fb2');
    expect(written(TUNINGS.violin, 'C#', 'major', 3, 3)).toContain('4:3 A#3');
    expect(written(TUNINGS.violin, 'C#', 'major', 8, 8)).toContain('2:8 E#5');
  });

  it('holds exactly the sounds of the table, for every scale and span of the five tunings', () => {
    const sharps = 'C C# D D# E F F# G G# A A# B'.split(' ');
    const signs: Readonly<Record<string, number>> = { '': 0, '#': 1, '##': 2, b: -1, bb: -2 };
    const sound = (name: string) => (sharps.indexOf(name[0] ?? '') + (signs[name.slice(1)] ?? 99) + 12) % 12;
    let places = 0;
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const { up } = tableScale(row, id);
        const scale = named(row.tonic, id);
        const bySound = new Map(up.map((name) => [sound(name), name]));
        for (const tuning of TUNING_IDS.map((each) => TUNINGS[each])) {
          for (let from = 0; from <= 20; from += 4) {
            const wanted = tuning.flatMap((string, at) =>
              [0, 1, 2, 3, 4].flatMap((fret) => {
                const name = bySound.get((sound(asciiName(string.note)) + from + fret) % 12);
                return name ? [`${tuning.length - at}:${from + fret} ${name}`] : [];
              }),
            );
            const found = fretPlaces(scale, tuning, { from, to: from + 4 });
            const said = found.map(
              ({ string, fret, pitch: { note } }) => `${string}:${fret} ${asciiName(note)}`,
            );
            expect(said.sort(), `${row.tonic} ${id} from ${from}`).toEqual(wanted.sort());
            for (const { string, fret, pitch: at, degree } of found) {
              expect(midiOf(at)).toBe(midiOf(tuning[tuning.length - string] ?? at) + fret);
              expect(up[degree - 1]).toBe(asciiName(at.note));
            }
            places += found.length;
          }
        }
      }
    }
    console.info(`${places} places on the fretboard`);
    expect(places).toBeGreaterThan(50_000);
  });

  it('counts the whole octaves that a span holds', () => {
    const octaves = (tuning: Tuning, tonic: string, from: number, to: number) => {
      const scale = named(tonic, 'major');
      return octavesIn(fretPlaces(scale, tuning, { from, to }), scale);
    };
    expect(octaves(TUNINGS.guitar, 'E', 0, 4)).toBe(2);
    expect(octaves(TUNINGS.guitar, 'C', 0, 4)).toBe(1);
    expect(octaves(TUNINGS.guitar, 'B', 0, 1)).toBe(0);
    expect(octaves(TUNINGS.violin, 'G', 0, 7)).toBe(2);
    expect(octaves(TUNINGS.guitar, 'E', 0, 24)).toBe(4);
  });

  it('goes along one string two frets for a whole step and one for a half step, from the open string or above it', () => {
    const [low, g] = [pitch(noteNamed('E'), 2), pitch(noteNamed('G'), 3)];
    const frets = (tonic: string, id: ScaleId, open: typeof low) =>
      stringWalk(named(tonic, id), open)
        .map(({ fret }) => fret)
        .join(' ');
    expect(frets('E', 'major', low)).toBe('0 2 4 5 7 9 11 12');
    expect(frets('F', 'major', low)).toBe('1 3 5 6 8 10 12 13');
    expect(frets('D#', 'harmonic-minor', low)).toBe('11 13 14 16 18 19 22 23');
    expect(frets('C', 'harmonic-minor', g)).toBe('5 7 8 10 12 13 16 17');
    for (const { tonic } of SCALE_TABLE)
      for (const { fret, note } of stringWalk(named(tonic, 'dorian'), low))
        expect((midiOf(low) + fret - midiOf(pitch(note, 4))) % 12 || 0).toBe(0);
  });
});
