import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { NAMED_SCALE_IDS } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { TONICS } from '../scale/tonic';
import { USUAL_SETTINGS } from '../school/settings';
import { ARTICULATIONS, SOUNDING, slursOf, strokesOf } from './articulation';
import { BACKINGS, backingsOf, chordsOf } from './backing';
import { type PlayAsked, partAsked } from './part';
import { lastsOf, type Playing, performed, type Sound } from './performance';
import { isVariation, usualGoal, VARIATIONS } from './variation';
import { barsIn, PLAY_WAYS, stretchesOf } from './way';

const ASKED: PlayAsked = {
  ...{ tonic: noteNamed('C'), scale: 'major', pattern: 'scale', degree: 1, range: 'one', rhythm: 'quarters' },
  ...{ player: 'concert', named: 'written', signature: 'written', articulation: 'tongued' },
  tune: 'gulls-and-ropes',
};

const PLAYING: Playing = {
  ...{ tempo: 60, countIn: 1, backing: 'none', way: 'through', rounds: 1, faster: 0, minutes: 1 },
};

function heard(playing: Partial<Playing>, asked: Partial<PlayAsked> = {}): readonly Sound[] {
  const reading = partAsked({ ...ASKED, ...asked }, USUAL_SETTINGS);
  if (!reading.ok) throw new Error(reading.problem.code);
  return performed(reading.part, { ...PLAYING, ...playing });
}

const of = (sounds: readonly Sound[], voice: Sound['voice']) => sounds.filter((each) => each.voice === voice);
const starts = (sounds: readonly Sound[]) => sounds.map(({ at }) => at);
const cues = (sounds: readonly Sound[]) => sounds.flatMap(({ cue, at }) => (cue ? [{ ...cue, at }] : []));

describe('a line played together', () => {
  it('comes again, each time faster, never past the quickest tempo', () => {
    const sounds = heard({ countIn: 0, rounds: 2, faster: 60 });
    // Fifteen quarters and a rest: sixteen seconds at 60, eight at 120.
    expect(starts(of(sounds, 'note')).slice(14, 18)).toEqual([14, 16, 16.5, 17]);
    expect(cues(sounds)).toEqual([
      { is: 'together', tempo: 60, at: 0 },
      { is: 'together', tempo: 120, at: 16 },
    ]);
    const quick = cues(heard({ tempo: 190, rounds: 4, faster: 8 }));
    expect(quick.map((cue) => ('tempo' in cue ? cue.tempo : 0))).toEqual([190, 198, 200, 200]);
  });

  it('leaves as many bars to answer as were heard, beaten and shown', () => {
    const sounds = heard({ way: 'along', countIn: 0, rounds: 2 });
    expect(cues(sounds).map(({ is, at }) => `${is} ${at}`)).toEqual([
      ...['listen 0', 'yours 16', 'listen 32', 'yours 48'],
    ]);
    const answered = sounds.filter(({ at }) => at >= 16 && at < 32);
    expect(of(answered, 'note')).toEqual([]);
    expect(of(answered, 'count')).toHaveLength(16);
    // What is to be played is shown while it is to be played.
    const shown = of(answered, 'cue').filter(({ note }) => note !== null);
    expect(shown.map(({ note }) => note)).toEqual(Array.from({ length: 15 }, (_, at) => at));
  });

  it('calls bar by bar, and what was called grows until all play it', () => {
    const growing = stretchesOf('echo', 3, 1).map(({ from, to, turn }) => `${from}-${to} ${turn}`);
    expect(growing).toEqual([
      ...['0-1 listen', '0-1 yours', '1-2 listen', '1-2 yours', '0-2 listen', '0-2 yours'],
      ...['2-3 listen', '2-3 yours', '0-3 listen', '0-3 yours', '0-3 together'],
    ]);
    const calls = stretchesOf('echo', 12, 1).filter(({ turn }) => turn === 'listen');
    expect(Math.max(...calls.map(({ from, to }) => to - from))).toBe(4);
    const sounds = heard({ way: 'echo', countIn: 0 }, { rhythm: 'eighths' });
    const listened = of(sounds, 'note').filter(({ at }) => at < 4);
    expect(listened.map(({ note }) => note)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
    expect(of(sounds, 'note').filter(({ at }) => at >= 4 && at < 8)).toEqual([]);
  });

  it('stands still on the last note but one, and comes home', () => {
    for (const tonic of TONICS) {
      const sounds = of(heard({ way: 'home', countIn: 0 }, { tonic }), 'note');
      const [before, home] = sounds.slice(-2);
      expect(sounds).toHaveLength(8);
      expect((home?.midi ?? 0) - (before?.midi ?? 0)).toBe(1);
      expect((home?.midi ?? 0) - (sounds[0]?.midi ?? 0)).toBe(12);
      // Three quarters held, and four of silence.
      expect((home?.at ?? 0) - (before?.at ?? 0)).toBe(7);
      expect(before?.lasts).toBe(3);
    }
    const told = cues(heard({ way: 'home', countIn: 0 }));
    expect(told).toEqual([
      { is: 'held', at: 9 },
      { is: 'home', at: 13 },
    ]);
  });

  it('leaves the notes to the player over chords, for as long as was asked', () => {
    const sounds = heard({ way: 'free', backing: 'two-five', countIn: 0, minutes: 1 });
    expect(of(sounds, 'note')).toEqual([]);
    const told = cues(sounds);
    // Fifteen bars fit into a minute at 60: three turns of four.
    expect(told.map((cue) => (cue.is === 'bar' ? `${cue.bar} ${cue.degree} ${cue.left}` : ''))).toEqual([
      ...['1 2 48', '2 5 44', '3 1 40', '4 1 36', '5 2 32', '6 5 28', '7 1 24', '8 1 20'],
      ...['9 2 16', '10 5 12', '11 1 8', '12 1 4'],
    ]);
    expect(
      of(sounds, 'chord')
        .slice(0, 6)
        .map(({ midi }) => midi % 12),
    ).toEqual([2, 5, 9, 7, 11, 2]);
    expect(of(heard({ way: 'free', countIn: 0 }), 'count')).toHaveLength(48);
    for (const minutes of [1, 2, 3, 5])
      for (let tempo = 30; tempo <= 200; tempo += 1) {
        const seconds = (barsIn(minutes, tempo) * 240) / tempo;
        expect(seconds).toBeLessThanOrEqual(Math.max(minutes * 60, 960 / tempo));
        expect(barsIn(minutes, tempo) % 4).toBe(0);
      }
  });

  it('counts an upbeat in within its bar', () => {
    const sounds = heard({ countIn: 1 }, { pattern: 'tune' });
    // Three beats counted, two of the first bar, then the upbeat.
    expect(starts(of(sounds, 'count'))).toEqual([0, 1, 2, 3, 4]);
    expect(of(sounds, 'note')[0]?.at).toBe(5);
    expect(of(sounds, 'note')[1]?.at).toBe(6);
  });

  it('is in order and ends in every way, over every backing', () => {
    for (const way of PLAY_WAYS)
      for (const backing of BACKINGS)
        for (const pattern of ['scale', 'thirds', 'tune'] as const) {
          const sounds = heard({ way, backing, rounds: 2, faster: 4 }, { pattern });
          const times = starts(sounds);
          expect(times).toEqual(times.toSorted((a, b) => a - b));
          expect(sounds.every(({ lasts }) => lasts >= 0)).toBe(true);
          expect(lastsOf(sounds)).toBeLessThan(240);
          const under = [...of(sounds, 'drone'), ...of(sounds, 'chord')];
          expect(under.length > 0).toBe(
            backing !== 'none' && (way !== 'home' || of(sounds, 'drone').length > 0),
          );
        }
  });
});

describe('a backing', () => {
  it('has only notes of the scale, in thirds, whatever the scale of seven notes', () => {
    for (const id of NAMED_SCALE_IDS)
      for (const tonic of TONICS) {
        const reading = scaleNamed(tonic, id);
        if (!reading.ok) continue;
        const { scale } = reading;
        const sevens = scale.ascending.length === 8;
        expect(backingsOf(scale).includes('chord')).toBe(sevens);
        const sounding = new Set(
          scale.ascending.map(({ letter, alteration }) => semitone(letter, alteration)),
        );
        for (const { midi } of chordsOf('two-five', scale)) {
          expect(midi).toHaveLength(3);
          for (const each of midi) expect(sounding.has(each % 12)).toBe(true);
          expect(midi).toEqual(midi.toSorted((a, b) => a - b));
        }
      }
  });
});

/** The key of a keyboard, by a table of its own. */
function semitone(letter: string, alteration: number): number {
  return (({ C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 }[letter] ?? 0) + alteration + 12) % 12;
}

describe('articulations', () => {
  it('begin and end every slur within the line, and leave no note out', () => {
    for (const articulation of ARTICULATIONS)
      for (let notes = 1; notes < 40; notes += 1) {
        const strokes = strokesOf(articulation, notes);
        expect(strokes).toHaveLength(notes);
        const slurs = slursOf(strokes);
        const slurred = new Set(slurs.flatMap(([first, last]) => range(first, last)));
        for (const [at, stroke] of strokes.entries()) {
          if (stroke === 'slurred') expect(slurred.has(at) && slurred.has(at + 1)).toBe(true);
          if (stroke === 'short') expect(slurred.has(at)).toBe(false);
        }
        expect(slurs.every(([first, last]) => first < last && last < notes)).toBe(true);
      }
    expect(slursOf(strokesOf('two-and-two', 8))).toEqual([
      [0, 1],
      [4, 5],
    ]);
  });

  it('are heard: short notes are half as long, slurred ones reach the next', () => {
    const lasts = (articulation: (typeof ARTICULATIONS)[number]) =>
      of(heard({}, { articulation }), 'note').map((each) => Number(each.lasts.toFixed(3)));
    expect(lasts('short').slice(0, 2)).toEqual([SOUNDING.short, SOUNDING.short]);
    expect(lasts('slurred-twos').slice(0, 2)).toEqual([1, 0.92]);
  });
});

const range = (first: number, last: number) =>
  Array.from({ length: last - first + 1 }, (_, at) => first + at);

describe('variations', () => {
  it('have codes of their own, change something, and are known again', () => {
    expect(new Set(VARIATIONS.map(({ id }) => id)).size).toBe(VARIATIONS.length);
    const asked = { articulation: 'tongued', rhythm: 'eighths', range: 'one' } as const;
    for (const variation of VARIATIONS) {
      expect(isVariation(variation, { ...asked, ...variation.change })).toBe(true);
      expect(isVariation(variation, asked)).toBe(variation.id === 'tongued');
    }
  });

  it('aim at a tempo of the metronome that is quicker, and never out of reach', () => {
    for (let tempo = 30; tempo <= 200; tempo += 1) {
      const goal = usualGoal(tempo);
      expect(goal % 4 === 0 && goal <= 200 && (goal > tempo || tempo === 200)).toBe(true);
    }
  });
});
