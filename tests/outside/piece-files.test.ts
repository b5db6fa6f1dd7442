import { execFile } from 'node:child_process';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import fc from 'fast-check';
import { parseMidi } from 'midi-file';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { asciiName, fifths } from '@/core/note/spelled';
import { anyBarWords, anyPiece } from '@/core/piece/any-piece.test-data';
import { PIECE_QUARTER, type Piece } from '@/core/piece/piece';
import { scopedTones } from '@/core/piece/scoped';
import { SHIPPED_PIECES, shippedPiece } from '@/core/piece/shipped';
import { soundingPiece } from '@/core/piece/sounding';
import type { BarWord } from '@/core/piece/write/bar-word';
import { EMPTY_HEAD, pieceOfWords } from '@/core/piece/write/piece-of-words';
import { writeAbcPiece } from '@/formats/abc/write-piece';
import { readPiece } from '@/formats/musicxml/read-piece';
import { writeMusicXmlPiece } from '@/formats/musicxml/write-piece';

const run = promisify(execFile);

/** The same pieces in every run. */
const PIECES: readonly Piece[] = [
  ...SHIPPED_PIECES.map(shippedPiece),
  ...fc.sample(anyPiece, { numRuns: 22, seed: 20261128 }),
];

let folder = '';
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'moon-step-'));
});
afterAll(() => rm(folder, { recursive: true }));

const SIGNS: Readonly<Record<string, string>> = { '': '', s: '#', ss: '##', x: '##', f: 'b', ff: 'bb' };

/** Every note head that LilyPond's source has, with its octave, in any order. */
function headsInLilyPond(source: string): readonly string[] {
  const music = source.slice(0, source.indexOf('\\score')).replace(/\\key +\w+|\\clef +"?\w+"?|%.*$/gmu, ' ');
  return [...music.matchAll(/(?<![\w\\"=#])([a-g])(ss|s|ff|f|x)?(?![a-z])([',]*)/gu)]
    .map(([, letter = '', sign = '', marks = '']) => {
      const octave = 3 + [...marks].reduce((sum, mark) => sum + (mark === "'" ? 1 : -1), 0);
      return letter.toUpperCase() + SIGNS[sign] + octave;
    })
    .toSorted();
}

const headsOf = (piece: Piece) =>
  piece.parts
    .flatMap((part) => scopedTones(part).map(({ pitch }) => asciiName(pitch.note) + pitch.octave))
    .toSorted();

/** It begins every note a tick late; lengths differ by far more. */
const near = (ticks: number) => Math.round(ticks / 120) * 120;

type Played = { readonly at: number; readonly midi: number };

/** Keys that a MIDI file strikes, in ticks of a piece, whatever its own division is. */
function struckIn(bytes: Uint8Array): readonly Played[] {
  const { header, tracks } = parseMidi(bytes);
  return tracks.flatMap((track) => {
    let at = 0;
    return track.flatMap((event): readonly Played[] => {
      at += event.deltaTime;
      const ticks = near((at * PIECE_QUARTER) / (header.ticksPerBeat ?? 480));
      return event.type === 'noteOn' && event.velocity > 0 ? [{ at: ticks, midi: event.noteNumber }] : [];
    });
  });
}

const said = (played: readonly Played[]) =>
  [...new Set(played.map(({ at, midi }) => `${at} ${midi}`))].toSorted();

async function abc2midi(name: string, text: string): Promise<readonly Played[]> {
  const [source, target] = [join(folder, `${name}.abc`), join(folder, `${name}.mid`)];
  // It begins the notes of a chord a little after each other where it is not told otherwise.
  await writeFile(source, text.replace(/^K:/mu, '%%MIDI chordattack 0\nK:'));
  await run('abc2midi', [source, '-o', target]);
  return struckIn(await readFile(target));
}

describe('a reader from outside', () => {
  it('musicxml2ly finds every note as it sounds here, and so do we in what we wrote', async () => {
    const waiting = [...PIECES.entries()];
    const wrong: string[] = [];
    const worker = async () => {
      for (let next = waiting.pop(); next; next = waiting.pop()) {
        const [at, piece] = next;
        const [source, target] = [join(folder, `${at}.musicxml`), join(folder, `${at}.ly`)];
        const text = writeMusicXmlPiece(piece);
        await writeFile(source, text);
        await run('musicxml2ly', ['--absolute', '--nd', '--language=english', '-o', target, source]);
        const found = headsInLilyPond(await readFile(target, 'utf8'));
        const again = readPiece(text);
        const expected = headsOf(piece);
        if (found.join() !== expected.join())
          wrong.push(`${at}: ${found.join(' ')} for ${expected.join(' ')}`);
        if (!again.ok || headsOf(again.piece).join() !== found.join()) wrong.push(`${at}: read otherwise`);
      }
    };
    await Promise.all([worker(), worker(), worker(), worker()]);
    expect(wrong).toEqual([]);
  });

  it('abc2midi strikes the keys that sound here', async () => {
    const wrong: string[] = [];
    for (const [at, piece] of PIECES.entries()) {
      const played = said(await abc2midi(`piece-${at}`, writeAbcPiece(piece)));
      const ours = said(soundingPiece(piece).notes.map(({ from, midi }) => ({ at: near(from), midi })));
      if (played.join() !== ours.join()) wrong.push(`${at}: ${played.join(', ')} for ${ours.join(', ')}`);
    }
    expect(wrong).toEqual([]);
  });

  it('abc2midi reads signs as far as they reach here: bars with only the signs that are printed', async () => {
    const wrong: string[] = [];
    for (const [at, words] of fc.sample(anyBarWords, { numRuns: 60, seed: 77 }).entries()) {
      // Across a bar line a tie is a reader's own matter; inside one it changes nothing.
      const printed = words
        .filter((word) => word.is !== 'signature')
        .map((word) => (word.is === 'note' ? { ...word, tied: false } : word));
      const count = (at % 15) - 7;
      const { piece } = pieceOfWords(
        { ...EMPTY_HEAD, fifths: fifths(count), meter: { beats: 64, unit: 1 } },
        printed,
      );
      const played = (await abc2midi(`signs-${at}`, asPrinted(count, printed))).map(({ midi }) => midi);
      const ours = soundingPiece(piece).notes.map(({ midi }) => midi);
      if (played.join() !== ours.join()) wrong.push(`${at}: ${played.join(' ')} for ${ours.join(' ')}`);
    }
    expect(wrong).toEqual([]);
  });
});

const ABC_SIGNS: Readonly<Record<number, string>> = { [-2]: '__', [-1]: '_', 0: '=', 1: '^', 2: '^^' };
const MAJORS = 'Cb Gb Db Ab Eb Bb F C G D A E B F# C#'.split(' ');

/** Bars in ABC with nothing but what is printed: what holds on is for the reader to find. */
function asPrinted(count: number, words: readonly BarWord[]): string {
  const music = words.map((word) => {
    if (word.is === 'bar') return '|';
    if (word.is !== 'note') return 'z';
    const marks = word.octave >= 5 ? "'".repeat(word.octave - 5) : ','.repeat(4 - word.octave);
    const letter = word.octave >= 5 ? word.letter.toLowerCase() : word.letter;
    return (word.sign === null ? '' : ABC_SIGNS[word.sign]) + letter + marks;
  });
  return `X:1\nM:none\nL:1/8\n%%propagate-accidentals octave\nK:${MAJORS[count + 7]}\n${music.join(' ')} |]\n`;
}
