import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

const CORE = fileURLToPath(new URL('.', import.meta.url));

/** Every module of the core, found on disk, so that the check for unused exports does not take this for a use. */
const MODULES = readdirSync(CORE, { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.ts') && !file.endsWith('.test.ts'),
);

const EXAMPLE = /@example (.+?) \/\/ (.+)$/gmu;

function examplesOf(file: string): readonly (readonly [string, string])[] {
  const source = readFileSync(join(CORE, file), 'utf8');
  return [...source.matchAll(EXAMPLE)].map(([, code = '', value = '']) => [code, value] as const);
}

describe('the examples in doc comments', () => {
  it('hold, every one', async () => {
    let count = 0;
    const { noteNamed, pitchNamed } = await import('./note/parse');
    const { scaleNamed } = await import('./scale/scale');
    const { ENGLISH } = await import('./words/class-words');
    const noteName = ENGLISH.note;
    const { pitch } = await import('./note/pitch');
    const { fifths } = await import('./note/spelled');
    for (const path of MODULES) {
      const exported = {
        noteNamed,
        pitchNamed,
        scaleNamed,
        noteName,
        pitch,
        fifths,
        ...(await import(/* @vite-ignore */ join(CORE, path))),
      };
      for (const [code, value] of examplesOf(path)) {
        const run = (text: string): unknown =>
          new Function(...Object.keys(exported), `return (${text});`)(...Object.values(exported));
        expect(run(code), `${path}: ${code}`).toEqual(run(value));
        count += 1;
      }
    }
    expect(count).toBeGreaterThan(10);
  });
});
