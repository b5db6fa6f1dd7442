import type { FontBytes } from '@/formats/pdf/fonts';
import { FONT_NAMES } from '@/formats/pdf/fonts';
import type { PdfWritten } from '@/formats/pdf/write';
import { type Answered, type Asked, isMessage, PROTOCOL, type Progressed } from './protocol';
import { type SheetPdfQuestion, sheetPdf } from './sheet-pdf';

/** Where the bundler puts each font. */
const FILES = import.meta.glob<string>('../formats/pdf/fonts/*.ttf', {
  query: '?url',
  import: 'default',
  eager: true,
});

async function loadFonts(): Promise<FontBytes> {
  const loaded = await Promise.all(
    FONT_NAMES.map(async (name) => {
      const url = FILES[`../formats/pdf/fonts/${name}.ttf`];
      if (!url) throw new Error(`no font ${name}`);
      const answer = await fetch(url);
      if (!answer.ok) throw new Error(`font ${name}: ${answer.status}`);
      return [name, new Uint8Array(await answer.arrayBuffer())] as const;
    }),
  );
  return Object.fromEntries(loaded) as FontBytes;
}

self.onmessage = async ({ data }: MessageEvent<Asked<Omit<SheetPdfQuestion, 'fonts'>>>) => {
  if (!isMessage(data)) return;
  const { id, question } = data;
  let message: Answered<PdfWritten>;
  try {
    const fonts = await loadFonts();
    const answer = await sheetPdf({ ...question, fonts }, (done, of) => {
      const progress: Progressed = { protocol: PROTOCOL, id, done, of };
      self.postMessage(progress);
    });
    message = { protocol: PROTOCOL, id, answer };
  } catch (error) {
    message = { protocol: PROTOCOL, id, failed: error instanceof Error ? error.message : String(error) };
  }
  // The bytes go over as they are, and are not copied.
  self.postMessage(message, { transfer: 'answer' in message ? [message.answer.bytes.buffer] : [] });
};
