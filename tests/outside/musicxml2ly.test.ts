import { execFile } from 'node:child_process';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { expect, it } from 'vitest';
import { CLEFS, type Clef } from '@/core/instrument/staff';
import { noteNamed } from '@/core/note/parse';
import { asciiName } from '@/core/note/spelled';
import { DIRECTIONS } from '@/core/scale/direction';
import { SCALE_IDS } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import { scaleNamed } from '@/core/scale/scale';
import { SCALE_TABLE } from '@/core/scale/scale-table';
import { signatureOf } from '@/core/scale/signature';
import { writeOut } from '@/core/scale/written';
import { ENGLISH } from '@/core/words/class-words';
import { scoreOfScale } from '@/formats/musicxml/from-scale';
import { writeMusicXml } from '@/formats/musicxml/write';

const run = promisify(execFile);

const SIGNS: Readonly<Record<string, string>> = { '': '', s: '#', ss: '##', x: '##', f: 'b', ff: 'bb' };

/** What LilyPond's language says: clef, signature in fifths, and pitches with octaves, read with English names. */
function readLilyPond(source: string): { clef: string; fifths: number; pitches: readonly string[] } {
  const voice = /PartPOneVoiceOne = +\{([\s\S]*?)\n\n/u.exec(source)?.[1] ?? '';
  const [, keyLetter = '', keySign = '', mode] =
    /\\key ([a-g])(ss|s|ff|f|x)? *\\(major|minor)/u.exec(voice) ?? [];
  const named = keyLetter ? noteNamed(keyLetter.toUpperCase() + SIGNS[keySign]) : noteNamed('C');
  const pitches = [...voice.matchAll(/(?<![\w\\])([a-g])(ss|s|ff|f|x)?([',]*)\d/gu)].map(
    ([, letter = '', sign = '', marks = '']) => {
      const octave = 3 + [...marks].reduce((sum, mark) => sum + (mark === "'" ? 1 : -1), 0);
      return letter.toUpperCase() + SIGNS[sign] + octave;
    },
  );
  return {
    clef: /\\clef "?(\w+)"?/u.exec(voice)?.[1] ?? '',
    fifths: signatureOf(named, mode === 'minor' ? 'minor' : 'major'),
    pitches,
  };
}

type Sample = {
  readonly name: string;
  readonly clef: Clef;
  readonly fifths: number;
  readonly pitches: readonly string[];
  readonly document: string;
};

/** Where the modes begin among the scales. */
const MODES_FROM = 4;

/** Every tonic, scale, direction and choice of signature; the clefs take turns, so that each meets each. */
function samples(): readonly Sample[] {
  return SCALE_TABLE.flatMap(({ tonic }, row) =>
    SCALE_IDS.flatMap((id, column) =>
      // A mode up and down says what it says up or down alone.
      (column < MODES_FROM ? DIRECTIONS : (['both'] as const)).flatMap((direction, third) =>
        (column < MODES_FROM ? SIGNATURE_CHOICES : (['written'] as const)).map((signature, fourth) => {
          const reading = scaleNamed(noteNamed(tonic), id);
          if (!reading.ok) throw new Error(`${tonic} ${id} cannot be spelled`);
          const clef = CLEFS[(row + column + third + 2 * fourth) % CLEFS.length] as Clef;
          const written = writeOut(reading.scale, { direction, clef, signature });
          return {
            name: `${tonic} ${id} ${direction} ${clef} ${signature}`,
            clef,
            fifths: written.atClef ?? 0,
            pitches: written.line.map(({ pitch }) => asciiName(pitch.note) + pitch.octave),
            document: writeMusicXml(scoreOfScale(ENGLISH, written)),
          };
        }),
      ),
    ),
  );
}

it('musicxml2ly comes back with the same clef, signature and pitches from every file', async () => {
  const folder = await mkdtemp(join(tmpdir(), 'moon-step-'));
  const all = samples();
  const wrong: string[] = [];
  const waiting = [...all.entries()];
  const worker = async () => {
    for (let next = waiting.pop(); next; next = waiting.pop()) {
      const [index, sample] = next;
      const [source, target] = [join(folder, `${index}.musicxml`), join(folder, `${index}.ly`)];
      await writeFile(source, sample.document);
      const { stderr } = await run('musicxml2ly', [
        '--absolute',
        '--nd',
        '--language=english',
        '-o',
        target,
        source,
      ]);
      const found = readLilyPond(await readFile(target, 'utf8'));
      const same =
        found.clef === sample.clef &&
        found.fifths === sample.fifths &&
        found.pitches.join(' ') === sample.pitches.join(' ');
      if (!same || /warning|error/iu.test(stderr))
        wrong.push(`${sample.name}: ${JSON.stringify(found)} ${stderr}`);
    }
  };
  await Promise.all(cpus().slice(0, 4).map(worker));
  await rm(folder, { recursive: true });
  expect(wrong).toEqual([]);
  expect(all).toHaveLength(21 * (4 * 3 * 2 + 5));
});
