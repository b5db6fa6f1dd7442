import { PDFDocument, PDFHexString, PDFName, PDFNumber, type PDFPage, type PDFRef } from 'pdf-lib';
import { boxOf, type GlyphName } from '@/engrave/glyphs';
import type { Scene } from '@/engrave/scene';
import { contentOf, glyphContent, type Pen } from './content';
import { type FontBytes, Fonts } from './fonts';

/** A page, and what it is called in the list of bookmarks where it begins something. */
export type PdfPage = { readonly scene: Scene; readonly bookmark: string | null };

export type PdfQuestion = {
  readonly title: string;
  /** BCP 47, such as `en`. */
  readonly language: string;
  readonly pages: readonly PdfPage[];
  readonly grey: boolean;
  readonly fonts: FontBytes;
  /** When it was made, in milliseconds. */
  readonly now: number;
  /** Told after each page; what it throws stops the work. */
  readonly onPage?: (done: number, of: number) => void | Promise<void>;
};

export type PdfWritten = {
  readonly bytes: Uint8Array;
  /** Characters that no font here has; each stands as a question mark. */
  readonly missing: readonly string[];
};

/** The outlines of glyphs, each once in the document. */
class Glyphs {
  private readonly refs = new Map<GlyphName, PDFRef>();

  constructor(private readonly document: PDFDocument) {}

  readonly name = (glyph: GlyphName): string => {
    if (!this.refs.has(glyph)) {
      const { context } = this.document;
      // Letters have no box of their own; this one holds every letter.
      const [left, top, right, bottom] = boxIn(glyph);
      const stream = context.flateStream(glyphContent(glyph), {
        Type: 'XObject',
        Subtype: 'Form',
        BBox: [left, top, right, bottom],
        Resources: {},
      });
      this.refs.set(glyph, context.register(stream));
    }
    return `G-${glyph}`;
  };

  resources(): ReadonlyMap<string, PDFRef> {
    return new Map([...this.refs].map(([name, ref]) => [`G-${name}`, ref]));
  }
}

function boxIn(glyph: GlyphName): readonly number[] {
  if (glyph.startsWith('serif') || glyph.startsWith('sans')) return [-100, -1100, 1200, 400];
  const [left = 0, top = 0, right = 0, bottom = 0] = boxOf(glyph);
  return [left - 5, top - 5, right + 5, bottom + 5];
}

/** The list of bookmarks (ISO 32000-1, 12.3.3). */
function addBookmarks(
  document: PDFDocument,
  marks: readonly { readonly title: string; readonly page: PDFPage }[],
): void {
  const { context } = document;
  if (marks.length === 0) return;
  const outlines = context.nextRef();
  const refs = marks.map(() => context.nextRef());
  for (const [at, { title, page }] of marks.entries()) {
    const [before, after] = [refs[at - 1], refs[at + 1]];
    const item = context.obj({
      Title: PDFHexString.fromText(title),
      Parent: outlines,
      Dest: [page.ref, PDFName.of('XYZ'), PDFNumber.of(0), PDFNumber.of(page.getHeight()), PDFNumber.of(0)],
      ...(before ? { Prev: before } : {}),
      ...(after ? { Next: after } : {}),
    });
    context.assign(refs[at] as PDFRef, item);
  }
  const all = context.obj({ Type: 'Outlines', Count: marks.length });
  all.set(PDFName.of('First'), refs[0] as PDFRef);
  all.set(PDFName.of('Last'), refs.at(-1) as PDFRef);
  context.assign(outlines, all);
  document.catalog.set(PDFName.of('Outlines'), outlines);
  document.catalog.set(PDFName.of('PageMode'), PDFName.of('UseOutlines'));
}

/** All that is written on pages. */
function textOf(pages: readonly PdfPage[]): string {
  const marks = pages.flatMap(({ scene }) => scene.groups.flatMap((each) => each.marks));
  return [...new Set(marks.flatMap((mark) => (mark.kind === 'text' ? [...mark.text] : [])))].join('');
}

/**
 * Writes drawings as the pages of a PDF 1.7 (ISO 32000-1): text as text in embedded fonts, so that it can be searched and
 * copied; music as outlines, each once; title, language and bookmarks. The same drawings at the same time are the same
 * bytes everywhere.
 */
export async function writePdf(question: PdfQuestion): Promise<PdfWritten> {
  const document = await PDFDocument.create({ updateMetadata: false });
  const { context } = document;
  const at = new Date(question.now);
  document.setTitle(question.title, { showInWindowTitleBar: true });
  document.setLanguage(question.language);
  document.setCreator('Moon Step');
  document.setProducer('Moon Step');
  document.setCreationDate(at);
  document.setModificationDate(at);
  const fonts = await Fonts.of(document, question.fonts, textOf(question.pages));
  const glyphs = new Glyphs(document);
  const pen: Pen = { fonts, glyph: glyphs.name, grey: question.grey };
  const resources = context.nextRef();
  const marks: { title: string; page: PDFPage }[] = [];
  for (const [index, { scene, bookmark }] of question.pages.entries()) {
    const page = document.addPage([scene.width, scene.height]);
    page.node.set(PDFName.of('Contents'), context.register(context.flateStream(contentOf(scene, pen))));
    page.node.set(PDFName.of('Resources'), resources);
    if (bookmark !== null) marks.push({ title: bookmark, page });
    await question.onPage?.(index + 1, question.pages.length);
  }
  context.assign(
    resources,
    context.obj({
      Font: Object.fromEntries(fonts.resources()),
      XObject: Object.fromEntries(glyphs.resources()),
      ProcSet: ['PDF', 'Text'],
    }),
  );
  addBookmarks(document, marks);
  return { bytes: await document.save({ useObjectStreams: true }), missing: [...fonts.missing] };
}
