import { describe, expect, it } from 'vitest';
import { isSameKey, type Key, keyAt, keyNotes, signatureOfKey } from '../../harmony/key';
import { asciiName, fifthsOf } from '../../note/spelled';
import { MODES } from '../../scale/mode';
import { anyTune } from '../any-tune.test-data';
import type { Piece } from '../piece';
import { SHIPPED_PIECES, shippedPiece } from '../shipped';
import { soundingPiece } from '../sounding';
import type { Candidate } from './evidence';
import { keysOfPiece, verdictOf } from './key-of-piece';
import { passagesIn } from './passages';

const KEYS: readonly Key[] = Array.from({ length: 15 }, (_, at) => at - 7).flatMap((count) =>
  MODES.flatMap((mode) => {
    const key = keyAt(count, mode);
    return key && keyNotes(key) ? [key] : [];
  }),
);

const keysOf = (piece: Piece) => keysOfPiece(piece, soundingPiece(piece));
const named = ({ key }: Pick<Candidate, 'key'>) => `${asciiName(key.tonic)} ${key.mode}`;

/** A piece without its last bars. */
const cut = (piece: Piece, bars: number): Piece => ({
  ...piece,
  parts: piece.parts.map((part) => ({ ...part, bars: part.bars.slice(0, bars) })),
});

/** The same under no signature, every sign at its note, as files have it that do not say their key. */
const unsigned = (piece: Piece): Piece => ({
  ...piece,
  parts: piece.parts.map((part) => ({ ...part, bars: part.bars.map((bar) => ({ ...bar, fifths: null })) })),
});

describe('the key of a piece', () => {
  it('is named right in 95 of 100 in every key and mode', () => {
    const wrong = KEYS.flatMap((key, nth) => {
      let right = 0;
      for (let seed = 0; seed < 100; seed += 1) {
        const [best] = keysOf(anyTune(key, 1000 * seed + nth, seed % 2 === 0));
        if (best && isSameKey(best.key, key)) right += 1;
      }
      return right < 95 ? [`${asciiName(key.tonic)} ${key.mode}: ${right}`] : [];
    });
    expect(wrong).toEqual([]);
  });

  it('is doubted where a piece breaks off: what is said without doubt is right', () => {
    let [plain, right, open] = [0, 0, 0];
    for (const key of KEYS.filter(({ mode }) => mode === 'major' || mode === 'minor'))
      for (let seed = 0; seed < 20; seed += 1) {
        const verdict = verdictOf(keysOf(cut(anyTune(key, 77 * seed, seed % 2 === 0), 7 + (seed % 5))));
        if (verdict.is === 'open') open += 1;
        if (verdict.is !== 'plain') continue;
        plain += 1;
        if (isSameKey(verdict.best.key, key)) right += 1;
      }
    expect(open).toBeGreaterThan(20);
    expect(right / plain).toBeGreaterThan(0.93);
  });

  it('cannot be told from one note, or from a few that go nowhere', () => {
    const first = (bars: number) => verdictOf(keysOf(cut(anyTune(KEYS[1] as Key, 5, false), bars)));
    const piece = anyTune(KEYS[1] as Key, 5, false);
    const one: Piece = {
      ...piece,
      parts: piece.parts.map((part) => ({
        ...part,
        bars: part.bars.slice(0, 1).map((bar) => ({ ...bar, events: bar.events.slice(1, 2) })),
      })),
    };
    expect(verdictOf(keysOf(one)).is).not.toBe('plain');
    expect(verdictOf([]).is).toBe('open');
    expect(['open', 'likely', 'plain']).toContain(first(1).is);
  });

  it('stands among all owners of its signature, each with its evidence, which its weight is the sum of', () => {
    for (const key of KEYS) {
      const found = keysOf(anyTune(key, 11, true));
      const owners = MODES.map((mode) => keyAt(signatureOfKey(key), mode)).filter((each) => each !== null);
      for (const owner of owners) expect(found.some((each) => isSameKey(each.key, owner))).toBe(true);
      expect(found.reduce((sum, { sure }) => sum + sure, 0)).toBeCloseTo(1);
      for (const { evidence, weight } of found) {
        expect(evidence.length).toBeGreaterThan(2);
        expect(evidence.reduce((sum, each) => sum + each.weight, 0)).toBeCloseTo(weight);
      }
    }
  });

  it('is found without a signature too, in major and minor', () => {
    let [all, right] = [0, 0];
    for (const key of KEYS.filter(({ mode }) => mode === 'major' || mode === 'minor'))
      for (let seed = 0; seed < 10; seed += 1) {
        all += 1;
        const [best] = keysOf(unsigned(anyTune(key, 31 * seed + 3, seed % 2 === 0)));
        if (best && isSameKey(best.key, key)) right += 1;
      }
    expect(right / all).toBeGreaterThan(0.95);
  });
});

describe('evidence', () => {
  it('is true of the piece it is said of', () => {
    for (const [nth, key] of KEYS.entries()) {
      const piece = anyTune(key, 5 * nth + 1, nth % 2 === 0);
      const heard = soundingPiece(piece);
      const { notes } = heard;
      const end = Math.max(...notes.map(({ until }) => until));
      const lasts = notes.filter(({ until }) => until === end);
      for (const candidate of keysOfPiece(piece, heard)) {
        const own = keyNotes(candidate.key) ?? [];
        const home = fifthsOf(candidate.key.tonic);
        for (const line of candidate.evidence) {
          const about = `${named(candidate)} of ${asciiName(key.tonic)} ${key.mode}: ${line.code}`;
          for (const bar of line.bars) expect(bar, about).toBeLessThanOrEqual(heard.bars.length - 1);
          const inBars = (note: unknown) =>
            line.bars.every((bar) => notes.some((each) => each.note === note && each.bar === bar - 1));
          switch (line.code) {
            case 'last-note':
            case 'last-bass':
              expect(
                lasts.some(({ note }) => note === line.note),
                about,
              ).toBe(true);
              expect(line.degree === null ? -1 : line.degree - 1, about).toBe(own.indexOf(line.note));
              break;
            case 'first-note':
            case 'first-bass':
              expect(
                notes.some(({ note, bar }) => bar === 0 && note === line.note),
                about,
              ).toBe(true);
              break;
            case 'raised-seventh': {
              const all = notes.filter(({ note }) => note === line.note);
              expect([fifthsOf(line.note) - home, all.length, inBars(line.note)], about).toEqual([
                5,
                line.count,
                true,
              ]);
              expect(line.home, about).toBeLessThanOrEqual(all.length);
              break;
            }
            case 'raised-sixth':
              expect([fifthsOf(line.note) - home, inBars(line.note)], about).toEqual([3, true]);
              break;
            case 'missing':
              expect(
                notes.some(({ note }) => note === line.note),
                about,
              ).toBe(false);
              expect(own.includes(line.note), about).toBe(true);
              break;
            case 'own-note':
              expect(
                [notes.filter(({ note }) => note === line.note).length, inBars(line.note)],
                about,
              ).toEqual([line.count, true]);
              break;
            case 'outside': {
              const foreign = notes.filter(({ note }) => line.notes.includes(note));
              expect([foreign.length, line.notes.some((note) => own.includes(note))], about).toEqual([
                line.count,
                false,
              ]);
              break;
            }
            case 'all-fit': {
              const raised = candidate.key.mode === 'minor' ? [home + 5, home + 3] : [];
              const fits = notes.every(({ note }) => own.includes(note) || raised.includes(fifthsOf(note)));
              expect(fits, about).toBe(true);
              break;
            }
            case 'never-raised':
              expect(
                notes.some(({ note }) => fifthsOf(note) === home + 5),
                about,
              ).toBe(false);
              expect(inBars(line.note), about).toBe(true);
              break;
            case 'bass-leaps':
              expect([line.to, own.indexOf(line.from), inBars(line.to)], about).toEqual([
                candidate.key.tonic,
                4,
                true,
              ]);
              break;
            case 'signature':
              expect([line.own, line.count === line.wants], about).toEqual([candidate.owns, candidate.owns]);
              break;
            case 'home-chord': {
              const share = notes.reduce(
                (sum, each) => sum + (line.notes.includes(each.note) ? each.until - each.from : 0),
                0,
              );
              const all = notes.reduce((sum, each) => sum + each.until - each.from, 0);
              expect(Math.abs((100 * share) / all - line.percent), about).toBeLessThan(0.51);
              break;
            }
            default:
          }
        }
      }
    }
  });
});

describe('the pieces that ship', () => {
  it('are in the keys they were written in, with a passage elsewhere', () => {
    const said = SHIPPED_PIECES.map((id) => {
      const piece = shippedPiece(id);
      const heard = soundingPiece(piece);
      const verdict = verdictOf(keysOfPiece(piece, heard));
      if (verdict.is === 'open') return 'open';
      const passages = passagesIn(heard, verdict.best.key);
      const bars = piece.parts[0]?.bars ?? [];
      return [
        `${verdict.is} ${named(verdict.best)}`,
        ...passages.map(
          (each) =>
            `${bars[each.from]?.number}-${bars[each.to]?.number} ${named(each)} by ${asciiName(each.newNotes[0] ?? each.key.tonic)}`,
        ),
      ];
    });
    expect(said).toEqual([
      ['plain B minor', '9-12 E minor by D#'],
      ['likely F dorian', '9-12 Bb major by A'],
    ]);
  });
});

describe('passages in other keys', () => {
  it('are found where a tune goes to its dominant and comes back', () => {
    let found = 0;
    for (let seed = 0; seed < 60; seed += 1) {
      const key = KEYS.filter(({ mode }) => mode === 'major')[seed % 13] as Key;
      const there = keyAt(signatureOfKey(key) + 1, 'major') as Key;
      const [home, away] = [anyTune(key, seed, true), anyTune(there, seed + 500, true)];
      const bars = home.parts[0]?.bars ?? [];
      const other = (away.parts[0]?.bars ?? []).slice(4, 12).map((bar) => ({ ...bar, fifths: null }));
      const all = [...bars.slice(0, 8), ...other, ...bars.slice(8)].map((bar, at) => ({
        ...bar,
        number: at + 1,
      }));
      const piece: Piece = {
        title: '',
        parts: [{ ...(home.parts[0] as Piece['parts'][number]), bars: all }],
      };
      const passages = passagesIn(soundingPiece(piece), key);
      const hit = passages.find((each) => isSameKey(each.key, there) && each.from >= 6 && each.to <= 18);
      if (hit) found += 1;
      // Never without a note that the key of the piece does not have.
      for (const each of passages) expect(each.newNotes.length).toBeGreaterThan(0);
    }
    expect(found).toBeGreaterThan(38);
  });

  it('are few in a tune that stays at home', () => {
    let wrong = 0;
    for (const [nth, key] of KEYS.entries())
      if (key.mode === 'major' || key.mode === 'minor')
        if (passagesIn(soundingPiece(anyTune(key, nth + 9, true)), key).length > 0) wrong += 1;
    expect(wrong).toBeLessThanOrEqual(2);
  });
});
