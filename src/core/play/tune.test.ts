import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noteIn } from '../note/names';
import { noteNamed } from '../note/parse';
import { midiOf } from '../note/pitch';
import { asciiName } from '../note/spelled';
import { NAMED_SCALE_IDS } from '../scale/pattern';
import { TONICS } from '../scale/tonic';
import { USUAL_SETTINGS } from '../school/settings';
import { type PlayAsked, partAsked } from './part';
import { PLAYER_IDS, playerOf } from './player';
import { METERS, readTune, type Tune, tuneOfTexts, tuneTexts, writeTune } from './tune';
import { nextKey, tuneKeys } from './tune-keys';
import { shippedTune, TUNE_IDS, tuneOf, tuneText } from './tunes';

const ASKED: PlayAsked = {
  ...{ tonic: noteNamed('C'), scale: 'major', pattern: 'tune', degree: 1, range: 'one', rhythm: 'eighths' },
  ...{ player: 'concert', named: 'written', signature: 'written', articulation: 'tongued' },
  tune: 'harbour-lamp',
};

const set = (asked: Partial<PlayAsked>) => {
  const reading = partAsked({ ...ASKED, ...asked }, USUAL_SETTINGS);
  if (!reading.ok) throw new Error(JSON.stringify(reading.problem));
  return reading.part;
};

const read = (text: string) => {
  const reading = readTune(text);
  if (!reading.ok) throw new Error(JSON.stringify(reading.problem));
  return reading.tune;
};

const problem = (text: string) => {
  const reading = readTune(text);
  return reading.ok ? null : reading.problem;
};

describe('a tune in degrees', () => {
  it('is read note by note: octaves, signs, lengths, rests, words', () => {
    const tune = read("Gull: 3/4 5, | 1. 2/ #4 | b3'' -- | 0 1 ; The gull that fly-ing comes");
    expect(tune.name).toBe('Gull');
    expect([tune.meter, tune.upbeat]).toEqual([3, 24]);
    expect(
      tune.notes.map(({ tone, length }) => [tone?.degree ?? 0, tone?.octave, tone?.alter, length]),
    ).toEqual([
      [5, -1, 0, 24],
      [1, 0, 0, 36],
      [2, 0, 0, 12],
      [4, 0, 1, 24],
      [3, 2, -1, 72],
      [0, undefined, undefined, 24],
      [1, 0, 0, 24],
    ]);
    expect(tune.words).toEqual(['The', 'gull', 'that', 'fly-', 'ing', 'comes']);
  });

  it('is refused with what was read, where it is wrong, and why', () => {
    expect(problem('1 2 x')).toEqual({ code: 'tune-token', read: 'x', bar: 1 });
    expect(problem('1 8')).toEqual({ code: 'tune-token', read: '8', bar: 1 });
    expect(problem('1 2 3 4 | 5 - | 1 - - -')).toEqual({
      ...{ code: 'tune-bar', bar: 2, quarters: 2, meter: 4 },
    });
    expect(problem('3/4 1 2 3 4 | 5 6 7')).toMatchObject({ code: 'tune-bar', bar: 1, quarters: 4 });
    expect(problem('1 2. - 3/ | 1 1 1 1')).toMatchObject({ code: 'tune-length', read: '2. -', bar: 1 });
    expect(problem('1 2 3 4 ; la la')).toEqual({ code: 'tune-words', words: 2, notes: 4 });
    expect(problem('')).toEqual({ code: 'tune-empty' });
    expect(problem('1'.padEnd(1300, ' 1'))).toMatchObject({ code: 'tune-long' });
  });

  it('has its own bar lines made where none are typed', () => {
    expect(read('1 2 3 4 5 - - -')).toEqual(read('1 2 3 4 | 5 ---'));
  });

  const tone = fc.record({
    degree: fc.integer({ min: 1, max: 7 }),
    octave: fc.integer({ min: -2, max: 2 }),
    alter: fc.constantFrom(-1 as const, 0 as const, 1 as const),
  });
  const bars = fc
    .record({
      meter: fc.constantFrom(...METERS),
      lengths: fc.array(fc.constantFrom([24], [12, 12], [6, 18], [36, 12], [48], [6, 6, 12]), {
        minLength: 12,
        maxLength: 24,
      }),
      tones: fc.array(fc.option(tone), { minLength: 72, maxLength: 72 }),
    })
    .map(({ meter, lengths, tones }): Tune => {
      // Whole bars, filled up with quarters where a length would cross the bar line.
      const notes: { tone: Tune['notes'][number]['tone']; length: number }[] = [];
      let at = 0;
      for (const group of lengths) {
        const sum = group.reduce((total, length) => total + length, 0);
        const left = meter * 24 - (at % (meter * 24));
        for (const length of sum > left ? [left > 36 && left !== 48 && left !== 72 ? 24 : left] : group) {
          notes.push({ tone: tones[notes.length % 72] ?? null, length });
          at += length;
        }
      }
      while (at % (meter * 24) !== 0) {
        const length = at % 24 === 0 ? 24 : at % 12 === 0 ? 12 : 6;
        notes.push({ tone: { degree: 1, octave: 0, alter: 0 }, length });
        at += length;
      }
      notes.push({ tone: { degree: 1, octave: 0, alter: 0 }, length: 24 });
      notes.push({ tone: { degree: 5, octave: 0, alter: 0 }, length: meter === 2 ? 24 : (meter - 1) * 24 });
      return { name: 'Buoy', meter, upbeat: 0, notes, words: [] };
    });

  it('is the same after it was written and read again', () => {
    fc.assert(
      fc.property(bars, (tune) => {
        expect(read(writeTune(tune))).toEqual(tune);
      }),
    );
    for (const id of TUNE_IDS) expect(read(writeTune(shippedTune(id)))).toEqual(shippedTune(id));
  });

  it('keeps its texts as they were typed, right or wrong', () => {
    for (const id of TUNE_IDS) {
      const texts = tuneTexts(tuneText(id));
      expect(tuneOf(tuneOfTexts(texts))).toEqual(tuneOf(id));
    }
    const wrong = { name: 'Half a tune', degrees: '1 2 nonsense', words: 'la' };
    expect(tuneTexts(tuneOfTexts(wrong))).toEqual(wrong);
  });
});

describe('a tune in a key', () => {
  it('is written out by hand as it should be', () => {
    const names = (asked: Partial<PlayAsked>) =>
      set(asked)
        .notes.map(({ pitch }) => noteIn('english', pitch.note) + pitch.octave)
        .join(' ');
    expect(names({ tonic: noteNamed('E'), tune: 'gulls-and-ropes' })).toBe(
      'B3 E4 F♯4 G♯4 B4 A4 G♯4 F♯4 G♯4 B3 E4 F♯4 G♯4 B4 A4 F♯4 D♯4 E4',
    );
    // Melodic minor rises by C♯ and D♯ and falls by D and C.
    expect(names({ tonic: noteNamed('E'), scale: 'melodic-minor', tune: "5 6 7 1' | 7 6 5 -" })).toBe(
      'B4 C♯5 D♯5 E5 D5 C5 B4',
    );
    expect(names({ tonic: noteNamed('F'), tune: '1 #4 5 b7 | 1 ---' })).toBe('F4 B4 C5 E♭5 F4');
  });

  it('has the same degrees in every key and mode, for every player who reaches it', () => {
    let seen = 0;
    for (const id of TUNE_IDS)
      for (const scale of NAMED_SCALE_IDS)
        for (const tonic of TONICS)
          for (const player of PLAYER_IDS) {
            const reading = partAsked({ ...ASKED, tune: id, scale, tonic, player }, USUAL_SETTINGS);
            if (!reading.ok) continue;
            seen += 1;
            const { notes, written } = reading.part;
            const tones = shippedTune(id).notes.flatMap((note) => (note.tone ? [note.tone] : []));
            const range = playerOf(player).range;
            for (const [at, { pitch, falling }] of notes.entries()) {
              const row = falling ? written.descending.toReversed() : written.ascending;
              const asked = tones[at];
              if (!asked || row[asked.degree - 1] !== pitch.note)
                throw new Error(`${id} ${asciiName(tonic)} ${at}`);
              const sound = midiOf(pitch);
              if (range && (sound < range[0] || sound > range[1])) throw new Error(`${player}: ${sound}`);
            }
          }
    expect(seen).toBeGreaterThan(5000);
  });

  it('has an upbeat at the end of its bar, and the last bar gives it back', () => {
    const { bars, meter } = set({ tune: 'gulls-and-ropes' });
    expect(meter).toBe(3);
    expect(bars[0]).toEqual([{ note: 0, start: 48, length: 24 }]);
    expect(bars.slice(1, -1).every((bar) => bar.reduce((sum, { length }) => sum + length, 0) === 72)).toBe(
      true,
    );
    expect(bars.at(-1)?.at(-1)?.length).toBe(48);
  });

  it('says where it cannot be set', () => {
    const why = (asked: Partial<PlayAsked>) => {
      const reading = partAsked({ ...ASKED, ...asked }, USUAL_SETTINGS);
      return reading.ok ? null : reading.problem;
    };
    expect(why({ scale: 'major-tetrachord' })).toMatchObject({ code: 'tune-degree', degree: 5 });
    expect(why({ scale: 'chromatic' })).toMatchObject({ code: 'tune-degree' });
    expect(why({ tonic: noteNamed('G#'), tune: '#7 1 #7 1' })).toMatchObject({
      code: 'tune-sign',
      degree: 7,
    });
    expect(why({ tune: "1 1'' 1 1", player: 'young-voice' })).toEqual({
      ...{ code: 'tune-range', player: 'young-voice' },
    });
  });
});

describe('the keys of a tune on the circle', () => {
  it('are twelve or fifteen, and the next one not done is found clockwise all the way round', () => {
    for (const [size, count] of [
      ['twelve', 12],
      ['fifteen', 15],
    ] as const) {
      const keys = tuneKeys(size, 'major');
      expect(keys).toHaveLength(count);
      const done = new Set([noteNamed('C')]);
      let stands = { tonic: noteNamed('C'), mode: 'major' as const };
      const order = [stands.tonic];
      for (;;) {
        const next = nextKey(keys, size, stands, (tonic) => done.has(tonic));
        if (!next) break;
        stands = { tonic: next.tonic, mode: 'major' };
        done.add(next.tonic);
        order.push(next.tonic);
      }
      expect(order).toHaveLength(count);
      expect(order.slice(0, 4).map(asciiName)).toEqual(['C', 'G', 'D', 'A']);
    }
  });
});
