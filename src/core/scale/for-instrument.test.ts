import { describe, expect, it } from 'vitest';
import { TRANSPOSING, transposedPitch } from '../instrument/transposing';
import { noteNamed, pitchNamed } from '../note/parse';
import { midiOf } from '../note/pitch';
import { asciiName, fifths, fifthsOf } from '../note/spelled';
import { DIRECTIONS } from './direction';
import { octaveInRange, scaleForInstrument } from './for-instrument';
import { lineOf } from './line';
import { SCALE_IDS, type ScaleId } from './pattern';
import { scaleNamed, scaleOfSteps } from './scale';
import { SCALE_TABLE, tableScale } from './scale-table';

const named = (tonic: string, id: ScaleId) => {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new RangeError(`${tonic} ${id}`);
  return reading.scale;
};

/** The written major key of each instrument for concert C, and the places its signature moves, by hand. */
const BY_HAND: readonly (readonly [instrument: string, tonic: string, places: number])[] = [
  ['b-flat', 'D', 2],
  ['tenor-saxophone', 'D', 2],
  ['bass-clarinet', 'D', 2],
  ['alto-saxophone', 'A', 3],
  ['baritone-saxophone', 'A', 3],
  ['horn', 'G', 1],
  ['a-clarinet', 'Eb', -3],
  ['e-flat-clarinet', 'A', 3],
  ['alto-flute', 'F', -1],
  ['guitar', 'C', 0],
  ['double-bass', 'C', 0],
  ['piccolo', 'C', 0],
  ['descant-recorder', 'C', 0],
];

describe('a scale for an instrument', () => {
  it.each(BY_HAND)('%s: concert C is %s, the signature %i places on', (id, tonic, places) => {
    const instrument = TRANSPOSING[id];
    if (!instrument) throw new RangeError(id);
    const found = scaleForInstrument(named('C', 'major'), instrument);
    expect(found && asciiName(found.written.tonic)).toBe(tonic);
    expect(found?.straight.signature).toBe(fifths(places));
  });

  it('agrees with the table for every instrument, key and scale, and sounds as concert pitch does', () => {
    const rows = new Map(SCALE_TABLE.map((row) => [row.tonic, row]));
    expect(Object.keys(TRANSPOSING).sort()).toEqual(BY_HAND.map(([id]) => id).sort());
    let twins = 0;
    let scales = 0;
    for (const [id, , places] of BY_HAND) {
      const instrument = TRANSPOSING[id];
      if (!instrument) continue;
      for (const { tonic } of SCALE_TABLE) {
        for (const scale of SCALE_IDS) {
          const concert = named(tonic, scale);
          const found = scaleForInstrument(concert, instrument);
          if (!found) throw new RangeError(`${tonic} ${scale} for ${id}`);
          const { written, enharmonic, straight } = found;
          scales += 1;
          twins += enharmonic ? 1 : 0;
          const count = (concert.signature ?? 0) + places;
          expect(straight.signature).toBe(count);
          expect(enharmonic).toBe(Math.abs(count) > 7);
          expect(Math.abs(written.signature ?? 99)).toBeLessThanOrEqual(7);
          expect((written.signature ?? 0) - count).toBe(enharmonic ? -12 * Math.sign(count) : 0);
          // By a table that was written by hand: the notes of the written key.
          const row = rows.get(asciiName(written.tonic));
          if (row) expect(written.ascending.map(asciiName)).toEqual(tableScale(row, scale).up);
          // By sound: every note lies the instrument's half steps over the concert note.
          const sounds = (notes: typeof concert.ascending) =>
            notes.map((note) => (((fifthsOf(note) * 7) % 12) + 12) % 12);
          expect(sounds(written.ascending)).toEqual(
            sounds(concert.ascending).map((sound) => (sound + instrument.semitones + 36) % 12),
          );
        }
      }
    }
    console.info(`${scales} written scales, ${twins} of them in the other spelling`);
    expect(scales).toBe(13 * 21 * 9);
  });

  it('takes the other spelling past seven signs, and keeps what the interval led to', () => {
    const alto = TRANSPOSING['alto-saxophone'];
    if (!alto) throw new RangeError('alto');
    const found = scaleForInstrument(named('B', 'major'), alto);
    expect(found).toMatchObject({ enharmonic: true, straight: { tonic: noteNamed('G#'), signature: 8 } });
    expect(found && asciiName(found.written.tonic)).toBe('Ab');
    expect(scaleForInstrument(named('E', 'major'), alto)?.enharmonic).toBe(false);
    const typed = scaleOfSteps(noteNamed('C'), [1, 3, 1, 2, 1, 3, 1]);
    const moved = typed.ok ? scaleForInstrument(typed.scale, alto) : null;
    expect(moved?.written.ascending.map(asciiName).join(' ')).toBe('A Bb C# D E F G# A');
  });

  it('lies within the range of the instrument, or says that it does not', () => {
    let whole = 0;
    for (const [id, instrument] of Object.entries(TRANSPOSING)) {
      const [lowest, highest] = instrument.range.map((name) => midiOf(pitchNamed(name))) as [number, number];
      expect(highest - lowest).toBeGreaterThanOrEqual(24);
      for (const { tonic } of SCALE_TABLE) {
        for (const direction of DIRECTIONS) {
          const written = scaleForInstrument(named(tonic, 'harmonic-minor'), instrument)?.written;
          const octave = written ? octaveInRange(written, direction, instrument) : null;
          if (!written || octave === null) continue;
          for (const { pitch } of lineOf(written, direction, octave)) {
            expect(midiOf(pitch), `${id} ${tonic}`).toBeGreaterThanOrEqual(lowest);
            expect(midiOf(pitch)).toBeLessThanOrEqual(highest);
          }
          whole += 1;
        }
      }
    }
    expect(whole).toBeGreaterThan(780);
    const { guitar, piccolo } = TRANSPOSING;
    expect(guitar && octaveInRange(named('C', 'major'), 'up', guitar)).toBe(4);
    expect(piccolo && octaveInRange(named('C', 'major'), 'up', piccolo)).toBe(5);
    expect(octaveInRange(named('C', 'major'), 'up', { range: ['C4', 'G4'], clef: 'treble' })).toBeNull();
  });

  it('moves a pitch by letters and half steps', () => {
    const { 'tenor-saxophone': tenor, piccolo } = TRANSPOSING;
    expect(tenor && transposedPitch(pitchNamed('Bb3'), tenor)).toEqual(pitchNamed('C5'));
    expect(piccolo && transposedPitch(pitchNamed('Cb5'), piccolo)).toEqual(pitchNamed('Cb4'));
  });
});
