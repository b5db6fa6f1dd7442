// Cuts the text fonts of printed sheets out of the fonts of the page, at the weights that paper uses, and a table of
// how wide their characters are, by which pages are laid out. Run by hand when the weights change:
// node scripts/make-paper-fonts.mjs
import { mkdir, readFile, writeFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import * as fontkit from 'fontkit';
import subsetFont from 'subset-font';

const here = (path) => fileURLToPath(new URL(`../${path}`, import.meta.url));
const SANS = 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next';
const SERIF = 'source-serif-4/files/source-serif-4';

/** The faces of a page, each with its weight. */
const FACES = [
  { face: 'sans', file: SANS, weight: 400 },
  { face: 'sans-bold', file: SANS, weight: 600 },
  { face: 'serif-bold', file: SERIF, weight: 600 },
];

/** Western letters first; those of other languages in Latin script in a font of their own. */
const SETS = [
  { set: '', range: 'latin' },
  { set: '-ext', range: 'latin-ext' },
];

const rangeOf = (from, to) =>
  Array.from({ length: to - from + 1 }, (_, at) => String.fromCodePoint(from + at));
const CHARS = {
  latin: [...rangeOf(0x20, 0x7e), ...rangeOf(0xa0, 0xff), ...'ŒœŸ–—‘’‚“”„†•…′″€™−'],
  'latin-ext': [...rangeOf(0x100, 0x17f), ...rangeOf(0x1e80, 0x1e85), ...'ȘșȚțẞ'],
};

const folder = 'src/formats/pdf/fonts';
await mkdir(here(folder), { recursive: true });
const widths = {};
for (const { face, file, weight } of FACES) {
  widths[face] = {};
  for (const { set, range } of SETS) {
    const variable = await readFile(
      here(`node_modules/@fontsource-variable/${file}-${range}-wght-normal.woff2`),
    );
    const bytes = await subsetFont(variable, CHARS[range].join(''), {
      targetFormat: 'sfnt',
      variationAxes: { wght: weight },
    });
    await writeFile(here(`${folder}/${face}${set}.ttf`), bytes);
    const font = fontkit.create(bytes);
    for (const char of CHARS[range]) {
      const codePoint = char.codePointAt(0);
      if (!font.hasGlyphForCodePoint(codePoint)) continue;
      const { advanceWidth } = font.glyphForCodePoint(codePoint);
      widths[face][char] ??= Math.round((advanceWidth * 1000) / font.unitsPerEm);
    }
  }
}
// The signs of running text are one font for all faces.
const signs = await subsetFont(await readFile(here('src/styles/fonts/moon-step-signs.woff2')), '♭♮♯𝄪𝄫', {
  targetFormat: 'sfnt',
});
const signFont = fontkit.create(signs);
const scale = 1000 / signFont.unitsPerEm;
const outlines = Object.fromEntries(
  [...'♭♮♯𝄪𝄫'].map((char) => {
    const { advanceWidth, path, bbox } = signFont.glyphForCodePoint(char.codePointAt(0));
    const letters = { moveTo: 'M', lineTo: 'L', quadraticCurveTo: 'Q', bezierCurveTo: 'C', closePath: 'Z' };
    // In thousandths of the type size, y upwards as in a font.
    const d = path.commands
      .map(({ command, args }) => letters[command] + args.map((each) => Math.round(each * scale)).join(' '))
      .join('');
    const box = [bbox.minX, bbox.minY, bbox.maxX, bbox.maxY].map((each) => Math.round(each * scale));
    return [char, { width: Math.round(advanceWidth * scale), box, d }];
  }),
);
await writeFile(here('src/formats/pdf/sign-outlines.json'), `${JSON.stringify(outlines)}\n`);
widths.signs = Object.fromEntries(Object.entries(outlines).map(([char, { width }]) => [char, width]));
await writeFile(here('src/engrave/page/type-widths.json'), `${JSON.stringify(widths)}\n`);
