import { describe, expect, it } from 'vitest';
import { noteNamed, pitchNamed } from '../../note/parse';
import { midiOf, pitch } from '../../note/pitch';
import { ENGLISH } from '../../words/class-words';
import { sayFingering } from '../../words/say-fingering';
import { TRANSPOSING } from '../transposing';
import { CLARINET } from './clarinet';
import { FLUTE } from './flute';
import { RECORDER } from './recorder';
import { SAXOPHONE } from './saxophone';
import { fingeringsOf, keysOf, windOf } from './winds';

const first = (table: typeof SAXOPHONE, name: string) => table[name]?.[0]?.keys;

/** Notes by the half step, as the tables name them. */
const NAMES = ['C', 'C#', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'G#', 'A', 'Bb', 'B'];

const chromatic = (lowest: string, highest: string) => {
  const [from, to] = [midiOf(pitchNamed(lowest)), midiOf(pitchNamed(highest))];
  return Array.from({ length: to - from + 1 }, (_, at) => {
    const sound = from + at;
    return `${NAMES[sound % 12]}${Math.floor(sound / 12) - 1}`;
  });
};

describe('fingerings of the saxophone', () => {
  it('are those that a tutor builds up: fingers put down one by one, the octave key an octave higher', () => {
    // Worked out from the tube: each finger more lets it sound a step lower.
    const down: Readonly<Record<string, string>> = {
      ...{ B: '1', Bb: '1 bis', A: '12', 'G#': '123 G#', G: '123', 'F#': '1235', F: '1234' },
      ...{ E: '12345', Eb: '123456 Eb', D: '123456', C: '2', 'C#': '' },
    };
    for (const [name, keys] of Object.entries(down)) {
      const low = name === 'C' || name === 'C#' ? 5 : 4;
      expect(first(SAXOPHONE, `${name}${low}`), `${name}${low}`).toBe(keys);
      expect(first(SAXOPHONE, `${name}${low + 1}`), `${name}${low + 1}`).toBe(`oct ${keys}`.trim());
    }
    // Below them all six fingers stay, and the little one adds keys.
    expect(['C4', 'C#4', 'B3', 'Bb3'].map((name) => first(SAXOPHONE, name))).toEqual([
      '123456 lowC',
      '123456 lowC lowC#',
      '123456 lowC lowB',
      '123456 lowC lowBb',
    ]);
    // Above them no finger is down, and palm keys open one after the other.
    const palms = ['D6', 'Eb6', 'E6', 'F6', 'F#6'].map((name) =>
      keysOf(SAXOPHONE[name]?.[0] ?? { keys: '1', use: null, sure: true }),
    );
    for (const [at, { fingers, others }] of palms.entries()) {
      expect(fingers).toEqual([]);
      expect(others).toContain('palmD');
      if (at > 0) expect(others).toEqual(expect.arrayContaining([...(palms[at - 1]?.others ?? [])]));
    }
  });

  it('have each note its own', () => {
    const usual = Object.values(SAXOPHONE).map(([way]) => way?.keys);
    expect(new Set(usual).size).toBe(usual.length);
  });
});

describe('fingerings of the descant recorder', () => {
  it('close hole after hole downwards, with the forks of the baroque system', () => {
    const [naturals, forks] = [
      { B5: 2, A5: 3, G5: 4, E5: 6, D5: 7, C5: 8 },
      { F5: 'xxxxxoxx', 'F#5': 'xxxxoxxo', Bb5: 'xxoxxooo', C6: 'xoxooooo' },
    ];
    for (const [name, closed] of Object.entries(naturals))
      expect(first(RECORDER, name), name).toBe('x'.repeat(closed).padEnd(8, 'o'));
    for (const [name, keys] of Object.entries(forks)) expect(first(RECORDER, name), name).toBe(keys);
    // The second register: the thumb half open, the others as an octave lower.
    for (const name of ['E', 'G', 'A'])
      expect(first(RECORDER, `${name}6`)).toBe(first(RECORDER, `${name}5`)?.replace(/^x/u, 'h'));
    for (const [way] of Object.values(RECORDER)) expect(way?.keys).toMatch(/^[xoh]{8}$/u);
    const usual = Object.values(RECORDER).map(([way]) => way?.keys);
    expect(new Set(usual).size).toBe(usual.length);
  });
});

describe('fingerings of the flute', () => {
  it('of the second octave are those of the first from E up to B, blown over', () => {
    for (const name of ['E', 'F', 'F#', 'G', 'G#', 'A', 'Bb', 'B'])
      expect(first(FLUTE, `${name}5`), name).toBe(first(FLUTE, `${name}4`));
    // D and E♭ lift the first finger, so that the tube speaks an octave higher.
    for (const name of ['D', 'Eb'])
      expect(first(FLUTE, `${name}5`)).toBe(first(FLUTE, `${name}4`)?.replace('123456', '23456'));
  });
});

describe('fingerings of the clarinet', () => {
  it('put fingers down one by one, and sound a twelfth higher with the register key', () => {
    // Worked out from the tube: open it sounds G; thumb, then each finger, lets it sound lower.
    const down: Readonly<Record<string, string>> = {
      ...{ F4: 'T', E4: 'T 1', D4: 'T 12', C4: 'T 123', Bb3: 'T 1234', A3: 'T 12345', G3: 'T 123456' },
    };
    for (const [name, keys] of Object.entries(down)) expect(first(CLARINET, name), name).toBe(keys);
    // The little fingers: two keys lie a half step over a note, three lengthen the tube from G down to E.
    expect(['G#3', 'C#4', 'F#3', 'F3', 'E3'].map((name) => first(CLARINET, name))).toEqual([
      ...['T 123456 Ab/Eb', 'T 123 C#/G#', 'T 123456 F#/C#', 'T 123456 F/C', 'T 123456 E/B'],
    ]);
    const TWELFTH = 19;
    for (const name of chromatic('E3', 'F4')) {
      const above = midiOf(pitchNamed(name)) + TWELFTH;
      const higher = `${NAMES[above % 12]}${Math.floor(above / 12) - 1}`;
      const low = CLARINET[name]?.map(({ keys }) => `R ${keys}`);
      expect(
        CLARINET[higher]?.map(({ keys }) => keys),
        higher,
      ).toEqual(low);
    }
    const usual = Object.values(CLARINET).map(([way]) => way?.keys);
    expect(new Set(usual).size).toBe(usual.length);
  });
});

describe('a wind instrument', () => {
  it('has a fingering for every note of its range, and one for a note of two names', () => {
    for (const [player, lowest, highest] of [
      ['alto-saxophone', 'Bb3', 'F#6'],
      ['tenor-saxophone', 'Bb3', 'F#6'],
      ['descant-recorder', 'C4', 'D6'],
      ['flute', 'C4', 'C7'],
      ['clarinet', 'E3', 'C6'],
    ] as const) {
      const wind = windOf(player);
      if (!wind) throw new Error(player);
      if (player !== 'flute' && player !== 'clarinet')
        expect(TRANSPOSING[player]?.range).toEqual([lowest, highest]);
      for (const name of chromatic(lowest, highest))
        expect(fingeringsOf(wind, pitchNamed(name)).length, `${player} ${name}`).toBeGreaterThan(0);
      expect(fingeringsOf(wind, pitch(noteNamed('D#'), 5))).toBe(
        fingeringsOf(wind, pitch(noteNamed('Eb'), 5)),
      );
    }
    expect(windOf('horn')).toBeNull();
  });

  it('names every key', () => {
    for (const player of ['alto-saxophone', 'descant-recorder', 'flute', 'clarinet']) {
      const wind = windOf(player);
      if (!wind) throw new Error(player);
      for (const ways of Object.values(wind.table))
        expect(new Set(ways.map((way) => sayFingering(ENGLISH, wind, way))).size).toBe(ways.length);
    }
  });
});
