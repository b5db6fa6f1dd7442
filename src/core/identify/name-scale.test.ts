import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { asciiName, type SpelledNote } from '../note/spelled';
import { DIRECTIONS } from '../scale/direction';
import { notesOf } from '../scale/line';
import { SCALE_IDS } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { TONICS } from '../scale/tonic';
import { identify } from './name-scale';
import { rowWay } from './spelling';

const notes = (row: string): readonly SpelledNote[] => row.split(' ').map(noteNamed);
const named = (row: string) =>
  identify(notes(row)).names.map(({ tonic, scale }) => `${asciiName(tonic)} ${scale}`);

describe('a scale given as its notes', () => {
  it('is named first, for every tonic and scale, rising, without its octave, and up and down', () => {
    let count = 0;
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const { up, down } = tableScale(row, id);
        for (const line of [up, up.slice(0, -1), [...up, ...down.slice(1)]]) {
          const [first] = identify(line.map(noteNamed)).names;
          expect(first && `${asciiName(first.tonic)} ${first.scale} ${first.reason}`, line.join(' ')).toBe(
            `${row.tonic} ${id} whole-row`,
          );
          count += 1;
        }
      }
    }
    expect(count).toBe(21 * 9 * 3);
  });

  it('is named by its rising form: a descent alone is natural minor, which melodic minor shares', () => {
    expect(named('A G F E D C B A')[0]).toBe('A natural-minor');
    expect(named('G F# E D C B A G')[0]).toBe('G major');
  });

  it('goes by the names of all that share its notes, its own first', () => {
    expect(named('D E F G A B C D')).toEqual([
      'D dorian',
      'C major',
      'A natural-minor',
      'E phrygian',
      'F lydian',
      'G mixolydian',
      'B locrian',
    ]);
  });

  it('may be a beginning of one, or all twelve half steps', () => {
    expect(named('C D E F')[0]).toBe('C major-tetrachord');
    expect(named('D E F G A')[0]).toBe('D minor-pentachord');
    for (const tonic of TONICS) {
      const reading = scaleNamed(tonic, 'chromatic');
      if (!reading.ok) continue;
      for (const direction of DIRECTIONS) {
        const [first] = identify(notesOf(reading.scale, direction)).names;
        expect(first).toMatchObject({ tonic, scale: 'chromatic' });
      }
    }
  });
});

describe('the way to a name', () => {
  const codes = (row: string) => identify(notes(row)).steps.map(({ fact }) => fact.code);
  const degrees = (row: string) =>
    identify(notes(row)).steps.flatMap(({ fact }) =>
      fact.code === 'degree' ? [`${fact.degree} ${fact.measured} ${fact.semitones}`] : [],
    );

  it('judges the spelling, then the third, then what is left to tell apart, then all steps', () => {
    expect(codes('F G Ab Bb C Db E F')).toEqual([
      'direction',
      'spelling-right',
      'third',
      'degree',
      'degree',
      'steps-fit',
    ]);
    expect(degrees('F G Ab Bb C Db E F')).toEqual(['7 to-octave 1', '6 six-to-seven 3']);
    expect(degrees('F G Ab Bb C D E F')).toEqual(['7 to-octave 1', '6 six-to-seven 2']);
    expect(degrees('D E F G A B C D')).toEqual(['7 to-octave 2', '6 over-tonic 9']);
    expect(degrees('B C D E F G A B')).toEqual([
      '7 to-octave 2',
      '6 over-tonic 8',
      '2 over-tonic 1',
      '5 over-tonic 6',
    ]);
    expect(degrees('F G A B C D E F')).toEqual(['4 over-tonic 6']);
    expect(degrees('G A B C D E F G')).toEqual(['4 over-tonic 5', '7 to-octave 2']);
  });

  it('leads to the scale it names, for every tonic and scale', () => {
    for (const tonic of TONICS) {
      for (const id of SCALE_IDS) {
        const reading = scaleNamed(tonic, id);
        if (!reading.ok) continue;
        const { steps } = identify(reading.scale.ascending);
        const last = steps.findLast(({ fact }) => fact.code === 'degree')?.fact;
        expect(last?.code === 'degree' && last.leaves).toEqual([id]);
        expect(steps.some(({ fact }) => fact.code === 'steps-fit' && fact.scale === id)).toBe(true);
      }
    }
  });

  it('finds a spelling wrong and says what it only sounds like', () => {
    const found = identify(notes('F G A A# C D E F'));
    expect(found.names).toEqual([]);
    expect(found.findings.map(({ code, at }) => `${code} ${at}`)).toEqual([
      'letter-repeated 3',
      'letter-skipped 4',
    ]);
    expect(found.sounding.map(({ scale, at }) => `${scale} ${at}`)).toEqual(['major 3']);
    expect(codes('F G A A# C D E F')).toEqual([
      'direction',
      'spelling-wrong',
      'third',
      'degree',
      'sounds-like',
    ]);
    expect(identify(notes('Eb F G Ab Bb C D E')).findings.map(({ code }) => code)).toEqual(['top-differs']);
  });

  it('names nothing where the steps are those of no scale, and says what they are a turn of', () => {
    const found = identify(notes('D Eb F# G A Bb C D'));
    expect(found.names[0]).toMatchObject({
      tonic: noteNamed('G'),
      scale: 'harmonic-minor',
      reason: 'within',
    });
    expect(found.steps.find(({ fact }) => fact.code === 'steps-misfit')?.fact).toMatchObject({
      rotation: { id: 'harmonic-minor', degree: 5 },
    });
    expect(named('C D E F# G Ab B C')).toEqual([]);
    expect(codes('C D E F# G Ab B C').at(-1)).toBe('none-fits');
  });
});

describe('a line that is no row', () => {
  it('is named by every scale that holds its notes, ranked by first and last', () => {
    expect(rowWay(notes('C E G'))).toBe('none');
    const found = named('G B D C A F# G');
    expect(found[0]).toBe('G major');
    expect(identify(notes('G B D C A F# G')).names[0]?.reason).toBe('begins-and-ends');
    expect(found).toContain('D mixolydian');
    // Both forms of minor in one line are no mistake.
    expect(named('A C E F# G# A G F E A')[0]).toBe('A melodic-minor');
  });

  it('holds for any notes: each name has them all, the list is ranked, and nothing throws', () => {
    const any = fc.array(fc.constantFrom(...TONICS), { minLength: 3, maxLength: 32 });
    const rank = ['whole-row', 'begins-and-ends', 'begins', 'ends', 'within'];
    fc.assert(
      fc.property(any, (line) => {
        const { names, steps } = identify(line);
        expect(steps.length).toBeGreaterThan(0);
        const ranks = names.map(({ reason }) => rank.indexOf(reason));
        expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
        for (const { tonic, scale } of names) {
          const reading = scaleNamed(tonic, scale);
          const all = reading.ok ? [...reading.scale.ascending, ...reading.scale.descending] : [];
          for (const note of line) expect(all).toContain(note);
        }
        for (const { at } of steps) for (const place of at) expect(place).toBeLessThan(line.length);
      }),
    );
  });
});
