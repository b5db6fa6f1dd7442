import { type Answered, type Asked, isMessage, PROTOCOL, type Progressed } from './protocol';
import { readSetFiles } from './set-files';
import type { SetFile, SetFilesQuestion } from './set-files-answer';

self.onmessage = async ({ data }: MessageEvent<Asked<SetFilesQuestion>>) => {
  if (!isMessage(data)) return;
  const { id, question } = data;
  let message: Answered<readonly SetFile[]>;
  try {
    const answer = await readSetFiles(question, (done, of) => {
      const progress: Progressed = { protocol: PROTOCOL, id, done, of };
      self.postMessage(progress);
    });
    message = { protocol: PROTOCOL, id, answer };
  } catch (error) {
    message = { protocol: PROTOCOL, id, failed: error instanceof Error ? error.message : String(error) };
  }
  self.postMessage(message);
};
