import { execFile } from 'node:child_process';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { midiOf } from '@/core/note/pitch';
import { ARTICULATIONS } from '@/core/play/articulation';
import { type Part, type PlayAsked, partAsked } from '@/core/play/part';
import { PLAY_PATTERNS } from '@/core/play/pattern';
import { PLAY_RANGES } from '@/core/play/placed';
import { PLAYER_IDS } from '@/core/play/player';
import { RHYTHMS } from '@/core/play/rhythm';
import { TUNE_IDS } from '@/core/play/tunes';
import { NAMED_SCALE_IDS, PATTERNS } from '@/core/scale/pattern';
import { TONICS } from '@/core/scale/tonic';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { saySung } from '@/core/words/say-sung';
import { writeAbc } from '@/formats/abc/write';
import { writeMidiPart } from '@/formats/midi/write';
import { writeMusicXmlPart } from '@/formats/musicxml/write-part';

const run = promisify(execFile);

const TEMPO = 72;

/** Parts of every tonic, in which scales, patterns, rhythms, ranges, players and signatures take turns. */
function samples(): readonly Part[] {
  return Array.from({ length: 12 * TONICS.length }, (_, at): readonly Part[] => {
    const pick = <Value>(values: readonly Value[], step: number) =>
      values[(at * step) % values.length] as Value;
    const reading = partAsked(
      {
        ...{ tonic: pick(TONICS, 1), scale: pick(NAMED_SCALE_IDS, 5), pattern: pick(PLAY_PATTERNS, 1) },
        ...{ degree: 1 + (at % 4), range: pick(PLAY_RANGES, 7), rhythm: pick(RHYTHMS, 3) },
        ...{ player: pick(PLAYER_IDS, 11), named: at % 5 === 0 ? 'concert' : 'written' },
        signature: at % 3 === 0 ? 'none' : 'written',
        ...{ tune: 'harbour-lamp', articulation: pick(ARTICULATIONS, 1) },
      },
      USUAL_SETTINGS,
    );
    return reading.ok ? [reading.part] : [];
  }).flat();
}

/** Tunes with their words in every key, for players who read other keys too, with slurs and short notes. */
function tunes(): readonly { readonly part: Part; readonly sung: readonly string[] }[] {
  return TUNE_IDS.flatMap((tune) =>
    TONICS.flatMap((tonic, at) => {
      const asked: PlayAsked = {
        ...{ tonic, pattern: 'tune', tune, degree: 1, range: 'one', rhythm: 'eighths' },
        scale: at % 3 === 0 ? 'dorian' : 'major',
        ...{ named: 'written', signature: 'written' },
        player: at % 2 === 0 ? 'concert' : 'clarinet',
        articulation: ARTICULATIONS[at % ARTICULATIONS.length] ?? 'tongued',
      };
      const reading = partAsked(asked, USUAL_SETTINGS);
      return reading.ok ? [{ part: reading.part, sung: saySung(ENGLISH, reading.part, 'words') }] : [];
    }),
  );
}

/** Notes with their ticks out of what mftext tells of a file, 24 to a quarter, and what it says of the key. */
function heardBy(told: string): { readonly notes: readonly string[]; readonly keys: readonly string[] } {
  const division = Number(/division=(\d+)/u.exec(told)?.[1]);
  const on = new Map<number, number>();
  const notes: string[] = [];
  for (const [, tick = '', what = '', pitch = '', volume = ''] of told.matchAll(
    /^Time=(\d+)\s+Note (on|off), chan=\d+ pitch=(\d+) vol=(\d+)/gmu,
  )) {
    const begins = what === 'on' && Number(volume) > 0;
    if (begins) on.set(Number(pitch), Number(tick));
    else {
      const start = on.get(Number(pitch)) ?? Number.NaN;
      const part = (ticks: number) => Math.round((24 * ticks) / division);
      notes.push(`${pitch} ${part(start)} ${part(Number(tick) - start)}`);
    }
  }
  const keys = [...told.matchAll(/Key signature, sharp\/flats=(-?\d+)\s+minor=(\d)/gu)];
  return { notes, keys: keys.map(([, signs, minor]) => `${signs} ${minor}`) };
}

/** What is to be heard, worked out from the part's own ticks. */
const wanted = ({ bars, notes, transposition }: Part): readonly string[] =>
  bars.flat().flatMap(({ note, start, length }) => {
    const placed = note === null ? undefined : notes[note];
    if (!placed) return [];
    const midi = midiOf(placed.pitch) - transposition.semitones;
    return [`${midi} ${start} ${length}`];
  });

describe('what is played, as programs from outside read it', () => {
  let folder = '';
  const parts = samples();
  beforeAll(async () => {
    folder = await mkdtemp(join(tmpdir(), 'played-'));
  });
  afterAll(() => rm(folder, { recursive: true, force: true }));

  it('is heard as it is written, under its key, by mftext in our MIDI files', async () => {
    expect(parts.length).toBeGreaterThan(200);
    for (const [at, part] of parts.entries()) {
      const file = join(folder, `${at}.mid`);
      await writeFile(file, writeMidiPart(part, `No. ${at}`, TEMPO));
      const { stdout } = await run('mftext', [file]);
      const { notes, keys } = heardBy(stdout);
      expect(notes, `part ${at}`).toEqual(wanted(part));
      const { signature, id } = part.concert;
      const mode = id !== null && PATTERNS[id].mode === 'minor' ? 1 : 0;
      const named = signature !== null && Math.abs(signature) <= 7;
      expect(keys, `part ${at}`).toEqual(named ? [`${signature} ${mode}`] : []);
    }
  });

  it('is read from our ABC by abc2midi note for note', async () => {
    for (const [at, part] of parts.entries()) {
      const [abc, midi] = [join(folder, `${at}.abc`), join(folder, `${at}-abc.mid`)];
      await writeFile(abc, writeAbc(part, `No. ${at}`, TEMPO));
      const { stdout } = await run('abc2midi', [abc, '-o', midi]);
      expect(stdout).not.toMatch(/error|warning/iu);
      const told = await run('mftext', [midi]);
      expect(pitchesOf(heardBy(told.stdout).notes), `part ${at}`).toEqual(pitchesOf(wanted(part)));
    }
  });

  it('is read with its upbeat, its meter, its slurs and its words, where it is a tune', async () => {
    const all = tunes();
    expect(all.length).toBeGreaterThan(30);
    for (const [at, { part, sung }] of all.entries()) {
      const [abc, midi, own] = ['abc', 'mid', 'own.mid'].map((end) => join(folder, `tune-${at}.${end}`)) as [
        string,
        string,
        string,
      ];
      await writeFile(abc, writeAbc(part, `Tune ${at}`, TEMPO, sung));
      const { stdout } = await run('abc2midi', [abc, '-o', midi]);
      expect(stdout, `tune ${at}`).not.toMatch(/error|warning/iu);
      // Another program begins with the upbeat, we with the bar it stands in.
      const begins = part.bars[0]?.[0]?.start ?? 0;
      const shifted = wanted(part).map((note) => {
        const [pitch, start] = note.split(' ').map(Number);
        return `${pitch} ${(start ?? 0) - begins}`;
      });
      const told = await run('mftext', [midi]);
      expect(pitchesOf(heardBy(told.stdout).notes), `tune ${at}`).toEqual(shifted);
      await writeFile(own, writeMidiPart(part, `Tune ${at}`, TEMPO));
      const ours = await run('mftext', [own]);
      expect(heardBy(ours.stdout).notes, `tune ${at}`).toEqual(wanted(part));
      expect(ours.stdout).toContain(`Time signature=${part.meter}/4`);
    }
    for (const { part, sung } of all.filter((_, index) => index % 9 === 0)) {
      const file = join(folder, 'tune.musicxml');
      await writeFile(file, writeMusicXmlPart(part, 'Tune', TEMPO, sung));
      const ly = join(folder, 'tune.ly');
      const { stderr } = await run('musicxml2ly', ['--language=english', '-o', ly, file]);
      expect(stderr).not.toMatch(/error/iu);
      // It breaks its lines where it likes.
      const source = (await readFile(ly, 'utf8')).replace(/\s+/gu, ' ');
      for (const word of sung) expect(source).toContain(word.replace(/[-.,]+$/u, ''));
      if (part.bars[0]?.[0]?.start) expect(source).toContain('\\partial 4');
      expect(source).toContain(`\\time ${part.meter}/4`);
    }
  });

  it('is read from our MusicXML by musicxml2ly with its bars', async () => {
    for (const [at, part] of parts.filter((_, index) => index % 12 === 0).entries()) {
      const file = join(folder, `${at}.musicxml`);
      await writeFile(file, writeMusicXmlPart(part, `No. ${at}`, TEMPO));
      const { stderr } = await run('musicxml2ly', [
        '--language=english',
        '-o',
        join(folder, `${at}.ly`),
        file,
      ]);
      expect(stderr).not.toMatch(/error/iu);
      const source = await readFile(join(folder, `${at}.ly`), 'utf8');
      const voice = /PartPOneVoiceOne = [^{]*\{([\s\S]*?)\n\n/u.exec(source)?.[1] ?? '';
      const notes = voice.replace(/\\(?:clef|key|transposition|tempo)\s+\S+(?:\s*\\(?:major|minor))?/gu, '');
      const letters = [...notes.matchAll(/(?<![\w\\])([a-g])(?:ss|s|ff|f|x)?[',]*\d*(?=[\s*.|])/gu)].map(
        ([, letter = '']) => letter,
      );
      expect(letters).toEqual(part.notes.map(({ pitch }) => pitch.note.letter.toLowerCase()));
      // Every bar is numbered by it: in a comment, and every tenth by a check.
      const bars = [...voice.matchAll(/(?:% |barNumberCheck #)(\d+)/gu)].map(([, bar]) => Number(bar));
      expect(Math.max(...bars)).toBe(part.bars.length);
    }
  });
});

/** Pitch and start; how long a note of another program sounds is its own affair. */
const pitchesOf = (notes: readonly string[]) => notes.map((note) => note.split(' ').slice(0, 2).join(' '));
