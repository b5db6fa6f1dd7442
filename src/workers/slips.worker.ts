import type { PdfWritten } from '@/formats/pdf/write';
import { loadFonts } from './load-fonts';
import { type Answered, type Asked, isMessage, PROTOCOL, type Progressed } from './protocol';
import { type SlipsPdfQuestion, slipsFor, slipsPdf } from './slips';
import type { SlipOf, SlipsQuestion } from './slips-answer';

/** Pages to look at, or a document. */
type SlipsAsked =
  | { readonly want: 'pages'; readonly slips: SlipsQuestion }
  | { readonly want: 'pdf'; readonly slips: Omit<SlipsPdfQuestion, 'fonts'> };

self.onmessage = async ({ data }: MessageEvent<Asked<SlipsAsked>>) => {
  if (!isMessage(data)) return;
  const { id, question } = data;
  const progress = (done: number, of: number) => {
    const message: Progressed = { protocol: PROTOCOL, id, done, of };
    self.postMessage(message);
  };
  let message: Answered<PdfWritten | readonly SlipOf[]>;
  try {
    const answer =
      question.want === 'pages'
        ? slipsFor(question.slips)
        : await slipsPdf({ ...question.slips, fonts: await loadFonts() }, progress);
    message = { protocol: PROTOCOL, id, answer };
  } catch (error) {
    message = { protocol: PROTOCOL, id, failed: error instanceof Error ? error.message : String(error) };
  }
  const bytes = 'answer' in message && 'bytes' in message.answer ? [message.answer.bytes.buffer] : [];
  self.postMessage(message, { transfer: bytes });
};
