import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { TRANSPOSING } from '../instrument/transposing';
import { noteIn } from '../note/names';
import { noteNamed } from '../note/parse';
import { heightOf, midiOf } from '../note/pitch';
import { asciiName, type SpelledNote } from '../note/spelled';
import { NAMED_SCALE_IDS } from '../scale/pattern';
import { TONICS } from '../scale/tonic';
import { USUAL_SETTINGS } from '../school/settings';
import { type Part, type PlayAsked, partAsked } from './part';
import { cellOf, PLAY_PATTERNS, readCell, walkOf } from './pattern';
import { lastsOf, performed } from './performance';
import { PLAY_RANGES } from './placed';
import { PLAYER_IDS, playerOf } from './player';
import { BAR, inBars, RHYTHMS } from './rhythm';

const ASKED: PlayAsked = {
  ...{ tonic: noteNamed('C'), scale: 'major', pattern: 'thirds', degree: 1, range: 'one' },
  ...{ rhythm: 'eighths', player: 'concert', named: 'written', signature: 'written' },
  ...{ tune: 'harbour-lamp', articulation: 'tongued' },
};

function part(asked: Partial<PlayAsked>): Part {
  const reading = partAsked({ ...ASKED, ...asked }, USUAL_SETTINGS);
  if (!reading.ok) throw new Error(JSON.stringify(reading.problem));
  return reading.part;
}

const noteName = (note: SpelledNote) => noteIn('english', note);

const names = ({ notes }: Part) =>
  notes.map(({ pitch }) => `${noteName(pitch.note)}${pitch.octave}`).join(' ');

/** A MIDI number out of a name such as `F#6`, by a table of its own. */
function sound(name: string): number {
  const [, letter = '', sign = '', octave = ''] = /^([A-G])(#|b)?(\d)$/u.exec(name) ?? [];
  const above = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 }[letter] ?? Number.NaN;
  return 12 * (Number(octave) + 1) + above + (sign === '#' ? 1 : sign === 'b' ? -1 : 0);
}

describe('a walk through a scale', () => {
  it('goes up and comes down cell by cell, as tutors write it', () => {
    const over = (pattern: Parameters<typeof cellOf>[0]) =>
      walkOf(cellOf(pattern), { lowest: 0, home: 0, highest: 7 })
        .map(({ place }) => place + 1)
        .join(' ');
    expect(over('scale')).toBe('1 2 3 4 5 6 7 8 7 6 5 4 3 2 1');
    expect(over('thirds')).toBe('1 3 2 4 3 5 4 6 5 7 6 8 8 6 7 5 6 4 5 3 4 2 3 1');
    expect(over('fourths')).toBe('1 4 2 5 3 6 4 7 5 8 8 5 7 4 6 3 5 2 4 1');
    expect(over('triads')).toBe('1 3 5 2 4 6 3 5 7 4 6 8 8 6 4 7 5 3 6 4 2 5 3 1');
    expect(over('turns')).toBe(
      '1 2 3 1 2 3 4 2 3 4 5 3 4 5 6 4 5 6 7 5 6 7 8 6 8 7 6 8 7 6 5 7 6 5 4 6 5 4 3 5 4 3 2 4 3 2 1 3 1',
    );
  });

  it('begins and ends at home, wherever its range begins, and never leaves it', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 8 }), { minLength: 1, maxLength: 12 }),
        fc.integer({ min: -9, max: 0 }),
        fc.integer({ min: 8, max: 20 }),
        (offsets, lowest, highest) => {
          const cell = offsets.map((off) => off - Math.min(...offsets));
          const walk = walkOf(cell, { lowest, home: 0, highest });
          expect(walk.at(-1)?.place).toBe(0);
          for (const { place } of walk) {
            expect(place).toBeGreaterThanOrEqual(lowest);
            expect(place).toBeLessThanOrEqual(highest);
          }
          const places = walk.map(({ place }) => place);
          if (highest >= Math.max(...cell)) expect(Math.max(...places)).toBe(highest);
        },
      ),
    );
  });

  it('is read from typed degrees, and what is in the list is known', () => {
    for (const pattern of PLAY_PATTERNS) {
      const typed = cellOf(pattern).map((off) => off + 1);
      expect(readCell(typed.join(' '))).toEqual({ ok: true, asked: pattern });
    }
    expect(readCell('5-3')).toEqual({ ok: true, asked: '5-3' });
    expect(cellOf('5-3')).toEqual([2, 0]);
    expect(readCell('1231')).toEqual({ ok: true, asked: 'turns' });
    expect(readCell('1 0 2')).toMatchObject({ ok: false, problem: { code: 'cell-degree', read: '0' } });
    expect(readCell('')).toMatchObject({ ok: false, problem: { code: 'cell-degree' } });
    expect(readCell('1234512345123')).toMatchObject({
      ok: false,
      problem: { code: 'cell-length', read: 13 },
    });
  });
});

describe('a part', () => {
  it('has the notes of its scale, melodic minor those of its way', () => {
    expect(names(part({}))).toBe('C4 E4 D4 F4 E4 G4 F4 A4 G4 B4 A4 C5 C5 A4 B4 G4 A4 F4 G4 E4 F4 D4 E4 C4');
    expect(names(part({ tonic: noteNamed('E'), scale: 'melodic-minor', pattern: 'scale' }))).toBe(
      'E4 F♯4 G4 A4 B4 C♯5 D♯5 E5 D5 C5 B4 A4 G4 F♯4 E4',
    );
  });

  it('begins and ends on the degree that is asked for', () => {
    const { notes } = part({ degree: 3 });
    expect(notes[0]?.pitch).toEqual(notes.at(-1)?.pitch);
    expect(noteName(notes[0]?.pitch.note ?? noteNamed('C'))).toBe('E');
  });

  it('is written and sounds as the key is named', () => {
    const written = part({ tonic: noteNamed('E'), scale: 'melodic-minor', player: 'alto-saxophone' });
    expect([asciiName(written.written.tonic), asciiName(written.concert.tonic)]).toEqual(['E', 'G']);
    const concert = part({ tonic: noteNamed('E'), player: 'alto-saxophone', named: 'concert' });
    expect([asciiName(concert.written.tonic), asciiName(concert.concert.tonic)]).toEqual(['C#', 'E']);
    expect(concert.sounding).toBe(4);
  });

  const every = (check: (found: Part, asked: PlayAsked) => void, tonics = TONICS) => {
    let seen = 0;
    for (const tonic of tonics)
      for (const scale of NAMED_SCALE_IDS)
        for (const player of PLAYER_IDS)
          for (const [at, range] of PLAY_RANGES.entries()) {
            const pattern = PLAY_PATTERNS[(seen + at) % PLAY_PATTERNS.length] ?? 'scale';
            const rhythm = RHYTHMS[seen % RHYTHMS.length] ?? 'eighths';
            const asked = { ...ASKED, tonic, scale, player, range, pattern, rhythm };
            const reading = partAsked(asked, USUAL_SETTINGS);
            if (!reading.ok) continue;
            seen += 1;
            check(reading.part, asked);
          }
    return seen;
  };

  it('of any key, scale, range and player has no note outside the range, and only notes of the scale', () => {
    const parts = every(({ notes, written }, { player }) => {
      const range = TRANSPOSING[player]?.range.map(sound) ?? playerOf(player).range;
      const rising = new Set(written.ascending);
      const falling = new Set(written.descending);
      for (const { pitch, falling: down } of notes) {
        const heard = midiOf(pitch);
        const within = !range || ((range[0] ?? 0) <= heard && heard <= (range[1] ?? 0));
        if (!within || !(down ? falling : rising).has(pitch.note)) throw new Error(noteName(pitch.note));
      }
    });
    expect(parts).toBeGreaterThan(9000);
  });

  it('has whole bars, each note in its place and none over a bar line', () => {
    every(
      ({ bars, notes }) => {
        let next = 0;
        for (const [bar, beats] of bars.entries()) {
          let at = bar * BAR;
          for (const { note, start, length } of beats) {
            if (start !== at || length <= 0) throw new Error(`a gap at ${start}`);
            at += length;
            if (note === null) continue;
            if (note !== next) throw new Error(`note ${note} in place of ${next}`);
            next += 1;
          }
          if (at !== (bar + 1) * BAR) throw new Error(`bar ${bar} ends at ${at}`);
        }
        expect(next).toBe(notes.length);
        // How many notes there are does not hang on the tonic.
      },
      TONICS.slice(0, 5),
    );
  });

  it('of one pattern has the same degrees and the same steps of letters in every key', () => {
    for (const pattern of PLAY_PATTERNS) {
      const shape = (tonic: (typeof TONICS)[number]) => {
        const { notes } = part({ tonic, pattern });
        const [first] = notes;
        return notes.map(({ pitch }) => heightOf(pitch) - (first ? heightOf(first.pitch) : 0)).join(' ');
      };
      expect(new Set(TONICS.map(shape)).size).toBe(1);
    }
  });

  it('prints each sign once in a bar and again in the next', () => {
    const { notes, bars } = part({ tonic: noteNamed('E'), scale: 'harmonic-minor', pattern: 'scale' });
    const signed = bars.map((bar) =>
      bar.flatMap(({ note }) => {
        const found = note === null ? undefined : notes[note];
        return found?.sign ? [`${noteName(found.pitch.note)} ${found.sign.sign}`] : [];
      }),
    );
    expect(signed).toEqual([['D♯ 1'], ['D♯ 1']]);
  });

  it('says when nobody can play it so', () => {
    const beyond = part({ player: 'young-voice', range: 'two' });
    expect(beyond.shortened).toBe(true);
    const none = partAsked(
      { ...ASKED, tonic: noteNamed('G#'), player: 'young-voice', pattern: 'scale' },
      USUAL_SETTINGS,
    );
    expect(none).toMatchObject({ ok: false, problem: { code: 'player-range' } });
  });
});

describe('even notes in bars', () => {
  it('are of a length that one note value has', () => {
    const single = new Set([6, 12, 18, 24, 8, 16, 48, 36, 72, 96]);
    for (const rhythm of RHYTHMS)
      for (let notes = 1; notes < 120; notes += 1)
        for (const { length } of inBars(notes, rhythm).flat()) expect(single.has(length)).toBe(true);
  });
});

describe('what is heard', () => {
  it('begins after the bars counted, note after note, at concert pitch', () => {
    const sounds = performed(part({ pattern: 'scale', player: 'alto-saxophone' }), {
      ...{ tempo: 120, countIn: 1, backing: 'fifth', way: 'through', rounds: 1, faster: 0, minutes: 1 },
    });
    const of = (voice: string) => sounds.filter((each) => each.voice === voice);
    expect(of('count').map(({ at }) => at)).toEqual([0, 0.5, 1, 1.5]);
    expect(of('drone').map(({ midi }) => midi % 12)).toEqual([3, 10]);
    const notes = of('note');
    for (const [at, each] of notes.entries()) expect(each.at).toBeCloseTo(2 + at * 0.25, 9);
    // Written C sounds a major sixth lower, E♭.
    expect(notes[0]?.midi).toBe(51);
    expect(notes[0]?.note).toBe(0);
    expect(lastsOf(sounds)).toBeCloseTo(6, 9);
  });
});
