import fontkit from '@pdf-lib/fontkit';
import { type PDFDocument, type PDFFont, PDFName, type PDFRef } from 'pdf-lib';
import { FACES, type Face } from '@/engrave/page/type';
import { pathOperators } from './path';
import signs from './sign-outlines.json';

/** The bytes of the text fonts, by face; `-ext` holds letters of other languages in Latin script. */
export type FontBytes = Readonly<Record<Face | `${Face}-ext`, Uint8Array>>;

export const FONT_NAMES: readonly (keyof FontBytes)[] = FACES.flatMap(
  (face) => [face, `${face}-ext`] as const,
);

/** A run of characters in one font: its name on the page, and what is written to show it. */
export type Run = { readonly font: string; readonly hex: string };

type Signs = Readonly<
  Record<string, { readonly width: number; readonly box: readonly number[]; readonly d: string }>
>;

const SIGNS: Signs = signs;
const SIGN_CHARS = Object.keys(SIGNS);

/** How a character is called in a hexadecimal UTF-16 string. */
function utf16(char: string): string {
  return Array.from({ length: char.length }, (_, at) =>
    char.charCodeAt(at).toString(16).padStart(4, '0'),
  ).join('');
}

/** Which character stands for which code, so that the text of a page can be searched and copied (ISO 32000-1, 9.10.3). */
function toUnicode(chars: readonly string[]): string {
  const rows = chars.map((char, code) => `<${(code + 1).toString(16).padStart(2, '0')}> <${utf16(char)}>`);
  return [
    '/CIDInit /ProcSet findresource begin 12 dict begin begincmap',
    '/CIDSystemInfo << /Registry (Adobe) /Ordering (UCS) /Supplement 0 >> def',
    '/CMapName /Adobe-Identity-UCS def /CMapType 2 def',
    '1 begincodespacerange <00> <FF> endcodespacerange',
    `${chars.length} beginbfchar`,
    ...rows,
    'endbfchar endcmap CMapName currentdict /CMap defineresource pop end end',
  ].join('\n');
}

/** The signs of notes as a font of outlines, which needs no font file (ISO 32000-1, 9.6.5). */
function signFont(document: PDFDocument): PDFRef {
  const { context } = document;
  const all = SIGN_CHARS.map((char) => SIGNS[char]).filter((sign) => sign !== undefined);
  const procs = Object.fromEntries(
    all.map(({ width, box, d }, at) => {
      const text = `${width} 0 ${box.join(' ')} d1\n${pathOperators(d)}\nf`;
      return [`s${at + 1}`, context.register(context.flateStream(text))];
    }),
  );
  const names = all.map((_, at) => PDFName.of(`s${at + 1}`));
  return context.register(
    context.obj({
      Type: 'Font',
      Subtype: 'Type3',
      Name: 'MoonStepSigns',
      FontBBox: [0, -250, 700, 900],
      FontMatrix: [0.001, 0, 0, 0.001, 0, 0],
      CharProcs: procs,
      Encoding: { Type: 'Encoding', Differences: [1, ...names] },
      FirstChar: 1,
      LastChar: all.length,
      Widths: all.map(({ width }) => width),
      Resources: {},
      ToUnicode: context.register(context.flateStream(toUnicode(SIGN_CHARS))),
    }),
  );
}

/** Pairs and ligatures are left alone, so that a line is as wide in every drawing of it. */
const FEATURES = { kern: false, liga: false, clig: false, calt: false, dlig: false };

/** The fonts of a document. Each is embedded when it is first needed, and cut down to what is written in it. */
export class Fonts {
  private readonly embedded = new Map<string, PDFFont>();
  private readonly has = new Map<string, Set<number>>();
  private signs: PDFRef | null = null;
  /** Characters that no font has, as they were met. */
  readonly missing = new Set<string>();

  private constructor(private readonly document: PDFDocument) {}

  /** The fonts for a document in which a text is written. */
  static async of(document: PDFDocument, bytes: FontBytes, text: string): Promise<Fonts> {
    document.registerFontkit(fontkit);
    const fonts = new Fonts(document);
    for (const name of FONT_NAMES) {
      // Letters of other languages are rare: their fonts are embedded where they are met.
      const letters = fontkit.create(bytes[name]).characterSet;
      fonts.has.set(name, new Set(letters));
      const wanted = name.endsWith('-ext')
        ? [...text].some((char) => letters.includes(char.codePointAt(0) ?? 0))
        : true;
      if (wanted)
        fonts.embedded.set(name, await document.embedFont(bytes[name], { subset: true, features: FEATURES }));
    }
    return fonts;
  }

  private fontFor(face: Face, char: string): string | null {
    if (SIGNS[char]) return 'signs';
    const code = char.codePointAt(0) ?? 0;
    if (this.has.get(face)?.has(code)) return face;
    return this.has.get(`${face}-ext`)?.has(code) ? `${face}-ext` : null;
  }

  /** A text in runs of one font each; what no font has is written as a question mark and remembered. */
  runs(face: Face, text: string): readonly Run[] {
    const runs: { font: string; text: string }[] = [];
    for (const char of text) {
      const font = this.fontFor(face, char);
      if (!font) this.missing.add(char);
      const last = runs.at(-1);
      const name = font ?? face;
      if (last?.font === name) last.text += font ? char : '?';
      else runs.push({ font: name, text: font ? char : '?' });
    }
    return runs.map(({ font, text: run }) => ({ font, hex: this.hex(font, run) }));
  }

  private hex(name: string, text: string): string {
    if (name === 'signs') {
      this.signs ??= signFont(this.document);
      return [...text].map((char) => (SIGN_CHARS.indexOf(char) + 1).toString(16).padStart(2, '0')).join('');
    }
    const font = this.embedded.get(name);
    if (!font) throw new RangeError(`no font ${name}`);
    return font.encodeText(text).asString();
  }

  /** The fonts that were used, by the names they have on a page. */
  resources(): ReadonlyMap<string, PDFRef> {
    const used = new Map<string, PDFRef>();
    for (const [name, font] of this.embedded) used.set(name, font.ref);
    if (this.signs) used.set('signs', this.signs);
    return used;
  }
}
