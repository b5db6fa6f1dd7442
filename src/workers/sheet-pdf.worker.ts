import type { PdfWritten } from '@/formats/pdf/write';
import { loadFonts } from './load-fonts';
import { type Answered, type Asked, isMessage, PROTOCOL, type Progressed } from './protocol';
import { type SheetPdfQuestion, sheetPdf } from './sheet-pdf';

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
