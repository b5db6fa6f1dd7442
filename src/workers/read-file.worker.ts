import { type Answered, type Asked, isMessage, PROTOCOL } from './protocol';
import { type FileQuestion, type FileReading, readFile } from './read-file';

self.onmessage = async ({ data }: MessageEvent<Asked<FileQuestion>>) => {
  if (!isMessage(data)) return;
  const { id, question } = data;
  let message: Answered<FileReading>;
  try {
    message = { protocol: PROTOCOL, id, answer: await readFile(question) };
  } catch (error) {
    message = { protocol: PROTOCOL, id, failed: error instanceof Error ? error.message : String(error) };
  }
  self.postMessage(message);
};
