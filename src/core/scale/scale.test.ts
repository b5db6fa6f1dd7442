import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { asciiName, fifthsOf, noteAtFifths, pitchClass, type SpelledNote } from '../note/spelled';
import { SCALE_IDS, type ScaleId } from './pattern';
import { comesDownOtherwise, enharmonicTonic, type Scale, scaleNamed, scaleOfSteps } from './scale';
import { SCALE_TABLE, tableScale } from './scale-table';

function named(tonic: string, id: ScaleId): Scale {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error(`${tonic} ${id} cannot be spelled`);
  return reading.scale;
}

const names = (notes: readonly SpelledNote[]) => notes.map(asciiName);

describe('21 tonics and 9 scales', () => {
  it('stand as the table written by hand has them, up and down', () => {
    let count = 0;
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const scale = named(row.tonic, id);
        const { up, down } = tableScale(row, id);
        expect(names(scale.ascending), `${row.tonic} ${id} up`).toEqual(up);
        expect(names(scale.descending), `${row.tonic} ${id} down`).toEqual(down);
        count += 1;
      }
    }
    expect(count).toBe(21 * 9);
  });

  it('sound like the scale on the enharmonic tonic', () => {
    const sound = (scale: Scale) => scale.ascending.map(pitchClass);
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const twin = enharmonicTonic(named(row.tonic, id));
        if (twin) expect(sound(named(asciiName(twin), id))).toEqual(sound(named(row.tonic, id)));
      }
    }
  });

  it('have six theoretical tonics each, all with a practical equivalent', () => {
    const theoretical = (id: ScaleId) =>
      SCALE_TABLE.map(({ tonic }) => named(tonic, id)).filter((scale) => scale.theoretical);
    const pairs = (id: ScaleId) =>
      theoretical(id).map((scale) => {
        const twin = enharmonicTonic(scale);
        return `${asciiName(scale.tonic)}=${twin && asciiName(twin)}`;
      });
    expect(pairs('major').sort()).toEqual(['A#=Bb', 'B#=C', 'D#=Eb', 'E#=F', 'Fb=E', 'G#=Ab']);
    for (const id of ['natural-minor', 'harmonic-minor', 'melodic-minor'] as const) {
      expect(pairs(id).sort()).toEqual(['B#=C', 'Cb=B', 'Db=C#', 'E#=F', 'Fb=E', 'Gb=F#']);
    }
  });

  it('have three practical pairs of each kind', () => {
    const pairs = (id: ScaleId) =>
      SCALE_TABLE.map(({ tonic }) => named(tonic, id))
        .filter((scale) => !scale.theoretical && enharmonicTonic(scale))
        .map(({ tonic }) => asciiName(tonic));
    expect(pairs('major').sort()).toEqual(['B', 'C#', 'Cb', 'Db', 'F#', 'Gb']);
    expect(pairs('harmonic-minor').sort()).toEqual(['A#', 'Ab', 'Bb', 'D#', 'Eb', 'G#']);
  });

  it('raise without sharpening by name: natural, sharp or double sharp', () => {
    expect(asciiName(named('C', 'harmonic-minor').ascending[6] as SpelledNote)).toBe('B');
    expect(asciiName(named('A', 'harmonic-minor').ascending[6] as SpelledNote)).toBe('G#');
    expect(asciiName(named('G#', 'harmonic-minor').ascending[6] as SpelledNote)).toBe('F##');
  });

  it('come down otherwise only in melodic minor', () => {
    expect(SCALE_IDS.filter((id) => comesDownOtherwise(named('D', id)))).toEqual(['melodic-minor']);
  });
});

describe('typed steps', () => {
  it('take the name of a scale they are', () => {
    const reading = scaleOfSteps(noteNamed('Bb'), [2, 2, 1, 2, 2, 2, 1]);
    expect(reading.ok && reading.scale.id).toBe('major');
  });

  it('stay without name and signature where there is none', () => {
    const reading = scaleOfSteps(noteNamed('D'), [1, 3, 1, 2, 1, 3, 1]);
    expect(reading.ok && names(reading.scale.ascending).join(' ')).toBe('D Eb F# G A Bb C# D');
    expect(reading.ok && reading.scale.signature).toBeNull();
  });

  it('are refused where a third sign would be needed, with the equivalent that has none', () => {
    const reading = scaleNamed(noteNamed('G##'), 'major');
    expect(reading).toMatchObject({
      ok: false,
      problem: { code: 'needs-third-sign', degree: 7, letter: 'F', alteration: 3, instead: noteNamed('A') },
    });
  });

  it('either spell one letter a note or are refused, for every pattern and every spelled tonic', () => {
    const patterns: number[][] = [];
    const grow = (steps: number[], left: number) => {
      if (steps.length === 7) {
        if (left === 0) patterns.push(steps);
        return;
      }
      for (let step = 1; step <= Math.min(4, left); step += 1) grow([...steps, step], left - step);
    };
    grow([], 12);
    let spelledCount = 0;
    for (let place = -15; place <= 19; place += 1) {
      const tonic = noteAtFifths(place) as SpelledNote;
      for (const steps of patterns) {
        const reading = scaleOfSteps(tonic, steps);
        if (!reading.ok) continue;
        const { ascending } = reading.scale;
        const found = ascending
          .slice(1)
          .map((note, gap) => (pitchClass(note) - pitchClass(ascending[gap] as SpelledNote) + 12) % 12);
        if (new Set(names(ascending).map((name) => name[0])).size !== 7 || found.join() !== steps.join()) {
          throw new Error(`${asciiName(tonic)} ${steps.join(' ')} is spelled ${names(ascending).join(' ')}`);
        }
        spelledCount += 1;
      }
    }
    expect(spelledCount).toBeGreaterThan(4000);
    expect(fifthsOf(noteNamed('C'))).toBe(0);
  });
});
