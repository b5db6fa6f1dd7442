import { type JudgeQuestion, judgeSet } from './judge-set';
import { type Answered, type Asked, isMessage, PROTOCOL, type Progressed } from './protocol';

self.onmessage = ({ data }: MessageEvent<Asked<JudgeQuestion>>) => {
  if (!isMessage(data)) return;
  const { id, question } = data;
  let message: Answered<number>;
  try {
    const of = question.given.length;
    const answer = judgeSet(
      question,
      (part, done) => {
        const progress: Progressed = { protocol: PROTOCOL, id, done, of, part };
        self.postMessage(progress);
      },
      () => performance.now(),
    );
    message = { protocol: PROTOCOL, id, answer };
  } catch (error) {
    message = { protocol: PROTOCOL, id, failed: error instanceof Error ? error.message : String(error) };
  }
  self.postMessage(message);
};
