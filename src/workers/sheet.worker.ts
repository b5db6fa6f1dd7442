import { type Answered, type Asked, isMessage, PROTOCOL } from './protocol';
import { answerSheet, type SheetAnswer, type SheetQuestion } from './sheet';

self.onmessage = ({ data }: MessageEvent<Asked<SheetQuestion>>) => {
  if (!isMessage(data)) return;
  const { id, question } = data;
  let message: Answered<SheetAnswer>;
  try {
    message = { protocol: PROTOCOL, id, answer: answerSheet(question) };
  } catch (error) {
    message = { protocol: PROTOCOL, id, failed: error instanceof Error ? error.message : String(error) };
  }
  self.postMessage(message);
};
