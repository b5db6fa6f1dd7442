import { type PieceAnswer, PieceDesk, type PieceQuestion } from './piece';
import { type Answered, type Asked, isMessage, PROTOCOL } from './protocol';

const desk = new PieceDesk();
/** One after the other, since each asks of what the one before left. */
let last: Promise<void> = Promise.resolve();

self.onmessage = ({ data }: MessageEvent<Asked<PieceQuestion>>) => {
  if (!isMessage(data)) return;
  const { id, question } = data;
  last = last.then(async () => {
    let message: Answered<PieceAnswer>;
    try {
      message = { protocol: PROTOCOL, id, answer: await desk.answer(question) };
    } catch (error) {
      message = { protocol: PROTOCOL, id, failed: error instanceof Error ? error.message : String(error) };
    }
    self.postMessage(message);
  });
};
