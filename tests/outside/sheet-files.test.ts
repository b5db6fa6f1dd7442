import { execFile } from 'node:child_process';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { inflateSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { rightAnswer } from '@/core/exercise/kinds/all';
import { type Sheet, standingSheet } from '@/core/exercise/sheet/sheet';
import { asciiName } from '@/core/note/spelled';
import { NO_SAYINGS, USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { sayTask } from '@/core/words/say-task';
import { measuresOf, PAPERS, type PageLook, USUAL_LOOK } from '@/engrave/page/look';
import { FONT_NAMES, type FontBytes } from '@/formats/pdf/fonts';
import { writeSheetMusic } from '@/formats/sheet/music';
import { sheetPdf } from '@/workers/sheet-pdf';

const run = promisify(execFile);

let folder = '';
let fonts: FontBytes;

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'moon-step-'));
  const files = await Promise.all(
    FONT_NAMES.map(async (name) => {
      const file = new URL(`../../src/formats/pdf/fonts/${name}.ttf`, import.meta.url);
      return [name, new Uint8Array(await readFile(file))] as const;
    }),
  );
  fonts = Object.fromEntries(files) as FontBytes;
});

afterAll(() => rm(folder, { recursive: true }));

const SHEET: Sheet = {
  ...{ sort: 'questions', count: 12, topics: ['minors', 'signatures', 'find-mistake'], maxSigns: 5 },
  ...{
    version: 'A',
    seed: 4127,
    clefs: ['treble', 'bass'],
    signature: 'either',
    habits: [],
    book: 'major',
    slots: null,
  },
};

const TITLE = 'Minor forms – ćwiczenia ♯♭';

async function pdf(look: PageLook, key: 'short' | 'none' = 'short'): Promise<string> {
  const head = { title: TITLE, version: 'Version A', seed: 'seed 4127.1', group: 'Tuesday theory' };
  const { bytes, missing } = await sheetPdf(
    {
      sheet: {
        sheet: { ...SHEET, slots: null },
        ...{ settings: USUAL_SETTINGS, sayings: NO_SAYINGS, look, key, crib: true },
      },
      copies: [{ version: 'A', seed: SHEET.seed, head, bookmark: 'The sheet' }],
      title: TITLE,
      keyBookmark: 'key',
      fonts,
      now: Date.UTC(2026, 10, 27),
    },
    () => undefined,
  );
  expect(missing).toEqual([]);
  const file = join(folder, `${JSON.stringify(look).replace(/\W+/gu, '-')}.pdf`);
  await writeFile(file, bytes);
  return file;
}

/** All that is packed in a file, unpacked. */
function unpacked(file: Buffer): string {
  const parts: string[] = [];
  for (let at = file.indexOf('stream\n'); at >= 0; at = file.indexOf('stream\n', at + 1)) {
    const end = file.indexOf('endstream', at);
    try {
      parts.push(inflateSync(file.subarray(at + 7, end)).toString('latin1'));
    } catch {
      // Not packed this way.
    }
  }
  return parts.join('\n');
}

/** A page as grey or coloured points: width, height, points a row after the other, three bytes each. */
async function points(file: string, page: number, dots: number) {
  const out = join(folder, `page-${page}-${dots}`);
  await run('pdftoppm', [
    '-r',
    String(dots),
    '-f',
    String(page),
    '-l',
    String(page),
    '-singlefile',
    file,
    out,
  ]);
  const bytes = await readFile(`${out}.ppm`);
  const head = /^P6\s+(\d+)\s+(\d+)\s+255\s/u.exec(bytes.subarray(0, 40).toString('latin1'));
  if (!head) throw new Error('no picture');
  return { width: Number(head[1]), height: Number(head[2]), bytes: bytes.subarray(head[0].length) };
}

const LOOKS: readonly PageLook[] = [
  USUAL_LOOK,
  { ...USUAL_LOOK, paper: 'letter', columns: 2, punch: true },
  { ...USUAL_LOOK, size: 'large' },
  { ...USUAL_LOOK, size: 'two-up' },
];

describe('a PDF, opened with poppler', () => {
  it.each(LOOKS.map((look) => [JSON.stringify(look), look] as const))(
    'has its size, title, language, fonts, bookmarks and text: %s',
    async (_, look) => {
      const file = await pdf(look);
      const { stdout: info } = await run('pdfinfo', [file]);
      const paper = PAPERS[look.paper];
      const size = look.size === 'two-up' ? [paper.height, paper.width] : [paper.width, paper.height];
      const found = /Page size:\s+([\d.]+) x ([\d.]+) pts/u.exec(info);
      expect(Number(found?.[1])).toBeCloseTo(size[0] ?? 0, 1);
      expect(Number(found?.[2])).toBeCloseTo(size[1] ?? 0, 1);
      expect(info).toContain(`Title:           ${TITLE}`);
      const { stdout: fontList } = await run('pdffonts', [file]);
      const rows = fontList.trim().split('\n').slice(2);
      expect(rows.length).toBeGreaterThanOrEqual(4);
      // Embedded, and each character known by what it means.
      for (const row of rows) expect(row).toMatch(/ yes +\w+ +yes +\d+ +0$/u);
      const { stdout: text } = await run('pdftotext', ['-raw', file, '-']);
      const plain = text.replace(/\s+/gu, ' ');
      for (const { item } of standingSheet(SHEET, USUAL_SETTINGS).entries)
        expect(plain).toContain(sayTask(ENGLISH, item));
      expect(plain).toContain(TITLE);
      const { stdout: outline } = await run('pdftohtml', ['-xml', '-i', '-stdout', file]);
      expect(outline).toMatch(/<outline>[\s\S]*The sheet[\s\S]*The sheet · key[\s\S]*<\/outline>/u);
      expect(unpacked(await readFile(file))).toMatch(/\/Lang \(en\)/u);
    },
  );

  it.each(LOOKS.map((look) => [JSON.stringify(look), look] as const))(
    'has nothing outside its margins, and something on every page: %s',
    async (_, look) => {
      const file = await pdf(look);
      const { stdout } = await run('pdfinfo', [file]);
      const pages = Number(/Pages:\s+(\d+)/u.exec(stdout)?.[1]);
      const { left, right, top } = measuresOf(look);
      // Points of a picture of 36 to the inch are half a point of type wide.
      const margin = (size: number) => Math.floor((size * (look.size === 'two-up' ? 0.65 : 0.95)) / 2);
      for (let page = 1; page <= pages; page += 1) {
        const { width, height, bytes } = await points(file, page, 36);
        let inked = 0;
        for (let at = 0; at < width * height; at += 1) {
          if ((bytes[3 * at] ?? 255) > 235) continue;
          inked += 1;
          const [x, y] = [at % width, Math.floor(at / width)];
          const inside =
            x >= margin(left) && x < width - margin(right) && y >= margin(top) && y < height - margin(30);
          if (!inside) expect.fail(`page ${page}: ink at ${x}, ${y} of ${width} x ${height}`);
        }
        expect(inked).toBeGreaterThan(100);
      }
    },
  );

  it('has colours, or none of them for a printer in grey', async () => {
    const coloured = async (grey: boolean) => {
      const { width, height, bytes } = await points(await pdf({ ...USUAL_LOOK, grey }), 4, 50);
      let found = 0;
      for (let at = 0; at < width * height; at += 1) {
        const [r = 0, g = 0, b = 0] = bytes.subarray(3 * at, 3 * at + 3);
        if (Math.max(r, g, b) - Math.min(r, g, b) > 24) found += 1;
      }
      return found;
    };
    expect(await coloured(false)).toBeGreaterThan(20);
    expect(await coloured(true)).toBe(0);
  });

  it('is the same bytes when it is made again', async () => {
    const [first, second] = [await readFile(await pdf(USUAL_LOOK)), await readFile(await pdf(USUAL_LOOK))];
    expect(first.equals(second)).toBe(true);
  });
});

describe('the music of a sheet, read by musicxml2ly', () => {
  it('has the pitches of every question in its order', async () => {
    const { entries } = standingSheet(
      { ...SHEET, topics: ['majors', 'minors', 'modes', 'grand'], count: 24 },
      USUAL_SETTINGS,
    );
    const [source, target] = [join(folder, 'sheet.musicxml'), join(folder, 'sheet.ly')];
    await writeFile(source, writeSheetMusic(ENGLISH, TITLE, entries) ?? '');
    const { stderr } = await run('musicxml2ly', [
      '--absolute',
      '--nd',
      '--language=english',
      '-o',
      target,
      source,
    ]);
    expect(stderr).not.toMatch(/warning|error/iu);
    const text = await readFile(target, 'utf8');
    const [, voice = ''] =
      /PartPOneVoiceOne = +\{([\s\S]*?)\}\n\n/u.exec(text.replace(/"[^"]*"/gu, '')) ?? [];
    const signs: Readonly<Record<string, string>> = { s: '#', ss: '##', x: '##', f: 'b', ff: 'bb' };
    const read = [...voice.matchAll(/(?<![\w\\"])([a-g])(ss|s|ff|f|x)?([',]*)\d/gu)].map(
      ([, letter = '', sign = '', marks = '']) =>
        letter.toUpperCase() +
        (signs[sign] ?? '') +
        (3 + [...marks].reduce((sum, mark) => sum + (mark === "'" ? 1 : -1), 0)),
    );
    const wanted = entries.flatMap(({ item }) => {
      if (!('question' in item)) return [];
      const right = rightAnswer(item.question, USUAL_SETTINGS);
      return right.is === 'scale' ? right.notes.map(({ note, octave }) => `${asciiName(note)}${octave}`) : [];
    });
    expect(read).toEqual(wanted);
    expect(wanted.length).toBeGreaterThan(200);
  });
});
