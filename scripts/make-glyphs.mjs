// Cuts the outlines that engraving needs out of the Bravura font, and a text font of the five accidentals.
// Run by hand when the list of glyphs changes: node scripts/make-glyphs.mjs
import { readFile, writeFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import * as fontkit from 'fontkit';
import opentype from 'opentype.js';
import subsetFont from 'subset-font';

const here = (path) => fileURLToPath(new URL(`../${path}`, import.meta.url));

/** SMuFL names and code points, https://w3c.github.io/smufl/latest/ */
const GLYPHS = {
  gClef: 0xe050,
  cClef: 0xe05c,
  fClef: 0xe062,
  timeSig4: 0xe084,
  noteheadWhole: 0xe0a2,
  accidentalFlat: 0xe260,
  accidentalNatural: 0xe261,
  accidentalSharp: 0xe262,
  accidentalDoubleSharp: 0xe263,
  accidentalDoubleFlat: 0xe264,
};

/** What notes with lengths are drawn with: needed once a bar is. */
const BAR_GLYPHS = {
  timeSig2: 0xe082,
  timeSig3: 0xe083,
  noteheadHalf: 0xe0a3,
  noteheadBlack: 0xe0a4,
  augmentationDot: 0xe1e7,
  flag8thUp: 0xe240,
  flag8thDown: 0xe241,
  flag16thUp: 0xe242,
  flag16thDown: 0xe243,
  restWhole: 0xe4e3,
  restHalf: 0xe4e4,
  restQuarter: 0xe4e5,
  rest8th: 0xe4e6,
  rest16th: 0xe4e7,
  tuplet3: 0xe883,
  accidentalParensLeft: 0xe26a,
  accidentalParensRight: 0xe26b,
};

/** What pieces of any source are drawn with besides: needed once one is read. */
const SCORE_GLYPHS = {
  timeSig0: 0xe080,
  timeSig1: 0xe081,
  timeSig5: 0xe085,
  timeSig6: 0xe086,
  timeSig7: 0xe087,
  timeSig8: 0xe088,
  timeSig9: 0xe089,
  gClef8vb: 0xe052,
  gClef8va: 0xe053,
  fClef8vb: 0xe064,
  fClef8va: 0xe065,
  noteheadDoubleWhole: 0xe0a0,
  flag32ndUp: 0xe244,
  flag32ndDown: 0xe245,
  flag64thUp: 0xe246,
  flag64thDown: 0xe247,
  flag128thUp: 0xe248,
  flag128thDown: 0xe249,
  restDoubleWhole: 0xe4e2,
  rest32nd: 0xe4e8,
  rest64th: 0xe4e9,
  rest128th: 0xe4ea,
  tuplet0: 0xe880,
  tuplet1: 0xe881,
  tuplet2: 0xe882,
  tuplet4: 0xe884,
  tuplet5: 0xe885,
  tuplet6: 0xe886,
  tuplet7: 0xe887,
  tuplet8: 0xe888,
  tuplet9: 0xe889,
};

/** Accidentals as text: code point, height and centre above the baseline, in thousandths of the type size. */
const SIGNS = [
  { glyph: 'accidentalFlat', codePoint: 0x266d, height: 790, bottom: -60 },
  { glyph: 'accidentalNatural', codePoint: 0x266e, height: 860, bottom: -95 },
  { glyph: 'accidentalSharp', codePoint: 0x266f, height: 860, bottom: -95 },
  { glyph: 'accidentalDoubleSharp', codePoint: 0x1d12a, height: 520, bottom: 75 },
  { glyph: 'accidentalDoubleFlat', codePoint: 0x1d12b, height: 790, bottom: -60 },
];
const SIDE_BEARING = 26;

/** Note letters and the few characters that stand on drawings, as outlines, so that a drawing needs no font. */
const TYPE = [
  {
    prefix: 'serif',
    chars: 'ABCDEFG',
    file: 'source-serif-4/files/source-serif-4-latin-wght-normal.woff2',
  },
  {
    prefix: 'serif',
    chars: 'HLMRSUabcdefghilmorstu',
    file: 'source-serif-4/files/source-serif-4-latin-wght-normal.woff2',
    // Names in other languages and small letters: drawn once a class writes so.
    apart: true,
  },
  {
    prefix: 'sans',
    chars: '0123456789WH+',
    file: 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  },
  {
    prefix: 'sans',
    chars: 'TSG½',
    file: 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
    // Other words for steps.
    apart: true,
  },
];
const TYPE_WEIGHT = 650;

const bravura = fontkit.openSync(here('node_modules/@vexflow-fonts/bravura/bravura.otf'));

/**
 * Outline as SVG path data with y downwards, in thousandths of the type size, rounded to whole units. Points are
 * given from the one before, which packs far smaller.
 */
function outline(font, codePoint) {
  const glyph = font.glyphForCodePoint(codePoint);
  const scale = 1000 / font.unitsPerEm;
  return { width: Math.round(glyph.advanceWidth * scale), d: relativePath(glyph.path.commands, scale) };
}

const LETTERS = { moveTo: 'm', lineTo: 'l', quadraticCurveTo: 'q', bezierCurveTo: 'c', closePath: 'z' };

function relativePath(commands, scale) {
  let at = [0, 0];
  let start = [0, 0];
  let path = '';
  for (const { command, args } of commands) {
    const points = [];
    for (let index = 0; index < args.length; index += 2) {
      points.push([Math.round(args[index] * scale), Math.round(-args[index + 1] * scale)]);
    }
    const numbers = points.flatMap(([x, y]) => [x - at[0], y - at[1]]);
    path += LETTERS[command] + numbers.map((n, index) => (index > 0 && n >= 0 ? ` ${n}` : n)).join('');
    at = points.at(-1) ?? start;
    if (command === 'moveTo') start = at;
  }
  return path;
}

/** Left, top, right and bottom of an outline, y downwards. */
function boxOf(font, codePoint) {
  const { minX, minY, maxX, maxY } = font.glyphForCodePoint(codePoint).bbox;
  return [minX, -maxY, maxX, -minY].map((edge) => Math.round((edge * 1000) / font.unitsPerEm));
}

const music = (glyphs) =>
  Object.entries(glyphs).map(([name, codePoint]) => [
    name,
    { codePoint, box: boxOf(bravura, codePoint), ...outline(bravura, codePoint) },
  ]);
const type = await Promise.all(
  TYPE.map(async ({ prefix, chars, file, apart = false }) => {
    const variable = await readFile(here(`node_modules/@fontsource-variable/${file}`));
    const options = { targetFormat: 'sfnt', variationAxes: { wght: TYPE_WEIGHT } };
    const font = fontkit.create(await subsetFont(variable, chars, options));
    return [...chars].map((char) => {
      const codePoint = char.codePointAt(0);
      return { apart, entry: [prefix + char, outline(font, codePoint)] };
    });
  }),
);
const entries = (apart) => type.flat().flatMap((each) => (each.apart === apart ? [each.entry] : []));
const written = (name, table) =>
  writeFile(here(`src/engrave/${name}.json`), `${JSON.stringify(Object.fromEntries(table))}\n`);
await written('glyphs', [...music(GLYPHS), ...entries(false)]);
await written('bar-glyphs', music(BAR_GLYPHS));
await written('score-glyphs', music(SCORE_GLYPHS));
await written('letters', entries(true));

function textSign({ glyph, codePoint, height, bottom }) {
  const { commands, bbox } = bravura.glyphForCodePoint(GLYPHS[glyph]).path;
  const scale = height / (bbox.maxY - bbox.minY);
  const x = (value) => (value - bbox.minX) * scale + SIDE_BEARING;
  const y = (value) => (value - bbox.minY) * scale + bottom;
  const path = new opentype.Path();
  for (const { command, args } of commands) {
    if (command === 'moveTo') path.moveTo(x(args[0]), y(args[1]));
    if (command === 'lineTo') path.lineTo(x(args[0]), y(args[1]));
    if (command === 'quadraticCurveTo') path.quadTo(x(args[0]), y(args[1]), x(args[2]), y(args[3]));
    if (command === 'bezierCurveTo') {
      path.bezierCurveTo(x(args[0]), y(args[1]), x(args[2]), y(args[3]), x(args[4]), y(args[5]));
    }
    if (command === 'closePath') path.close();
  }
  const advanceWidth = Math.round((bbox.maxX - bbox.minX) * scale + 2 * SIDE_BEARING);
  return new opentype.Glyph({ name: glyph, unicode: codePoint, advanceWidth, path });
}

const font = new opentype.Font({
  familyName: 'Moon Step Signs',
  styleName: 'Regular',
  unitsPerEm: 1000,
  ascender: 900,
  descender: -250,
  license: 'SIL Open Font License 1.1, https://openfontlicense.org',
  description: 'Five accidentals for running text, cut from outlines of a font under the same licence.',
  glyphs: [
    new opentype.Glyph({ name: '.notdef', advanceWidth: 500, path: new opentype.Path() }),
    ...SIGNS.map(textSign),
  ],
});
const text = String.fromCodePoint(...SIGNS.map(({ codePoint }) => codePoint));
await writeFile(
  here('src/styles/fonts/moon-step-signs.woff2'),
  await subsetFont(Buffer.from(font.toArrayBuffer()), text, { targetFormat: 'woff2' }),
);
