import { describe, expect, it } from 'vitest';

/** Every module of the core with its source, so that the examples in its comments can be tried. */
const modules = import.meta.glob<Readonly<Record<string, unknown>>>([
  './**/*.ts',
  '!./**/*.test.ts',
  '!./**/scale-table.ts',
]);
const sources = import.meta.glob<string>(['./**/*.ts', '!./**/*.test.ts', '!./**/scale-table.ts'], {
  query: '?raw',
  import: 'default',
});

const EXAMPLE = /@example (.+?) \/\/ (.+)$/gmu;

async function examplesOf(path: string): Promise<readonly (readonly [string, string])[]> {
  const source = (await sources[path]?.()) ?? '';
  return [...source.matchAll(EXAMPLE)].map(([, code = '', value = '']) => [code, value] as const);
}

describe('the examples in doc comments', () => {
  it('hold, every one', async () => {
    let count = 0;
    const { noteNamed } = await import('./note/parse');
    const { noteName } = await import('./words/vocabulary');
    const { pitch } = await import('./note/pitch');
    for (const path of Object.keys(modules)) {
      const exported = { noteNamed, noteName, pitch, ...(await modules[path]?.()) };
      for (const [code, value] of await examplesOf(path)) {
        const run = (text: string): unknown =>
          new Function(...Object.keys(exported), `return (${text});`)(...Object.values(exported));
        expect(run(code), `${path}: ${code}`).toEqual(run(value));
        count += 1;
      }
    }
    expect(count).toBeGreaterThan(10);
  });
});
