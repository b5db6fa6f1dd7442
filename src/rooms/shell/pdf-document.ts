import type { ClassWords } from '@/core/words/class-words';
import { sheetsWords } from '@/core/words/screen/sheets';
import { download } from '@/ui/files/download';
import { askWorker } from '@/workers/protocol';
import { pdfAnswer } from '@/workers/sheet-answer';
import type { Job, JobNow } from './pdf-job';
import type { Shared } from './share-as';

/** Milliseconds after which writing has failed. */
const PATIENCE = 60_000;

/**
 * Has a document written beside the page, in place of one that is being written, and saves it; characters that no font has are
 * told.
 *
 * @param file its name, without its ending
 */
export async function writeDocument<Question>(
  w: ClassWords,
  job: JobNow,
  worker: Worker,
  question: Question,
  file: string,
): Promise<Shared> {
  const { pdf: say } = sheetsWords(w);
  job.now()?.stop();
  const stopper = new AbortController();
  const begun: Job = { done: 0, of: 1, stop: () => stopper.abort() };
  job.set(begun);
  const asking = await askWorker(worker, question, PATIENCE, stopper.signal, pdfAnswer, (done, of) =>
    job.set({ ...begun, done, of }),
  );
  // Another one may have begun, for which this one was stopped.
  if (job.now()?.stop === begun.stop) job.set(null);
  if (!asking.ok) return { done: 'not', why: asking.why === 'cancelled' ? say.stopped : say.failed };
  const { bytes, missing } = asking.answer;
  const name = `${file}.pdf`;
  const content = new Blob([bytes as BlobPart], { type: 'application/pdf' });
  download({ name, type: 'application/pdf', content });
  if (missing.length > 0) return { done: 'not', why: `${say.saved(name)} ${say.missing(missing)}` };
  return { done: 'downloaded', what: name };
}
