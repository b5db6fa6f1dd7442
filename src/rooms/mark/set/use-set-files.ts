import { useRef, useState } from 'react';
import type { Settings } from '@/core/school/settings';
import { askWorker } from '@/workers/protocol';
import { type SetFile, type SetFilesQuestion, setFilesAnswer } from '@/workers/set-files-answer';

/** Milliseconds after which reading has failed, and the largest file that is read, in bytes. */
const PATIENCE = 60_000;
const LARGEST = 2_000_000;
const MOST_FILES = 500;

export type FilesIn =
  | { readonly stage: 'none' }
  | { readonly stage: 'reading'; readonly done: number; readonly of: number }
  | { readonly stage: 'read'; readonly files: readonly SetFile[] }
  | { readonly stage: 'failed' };

/** Reads files with answers beside the page, many at once. */
export function useSetFiles(settings: Settings) {
  const [files, setFiles] = useState<FilesIn>({ stage: 'none' });
  const running = useRef<AbortController | null>(null);
  const take = async (taken: readonly File[]) => {
    running.current?.abort();
    const control = new AbortController();
    running.current = control;
    const small = taken.filter(({ size }) => size <= LARGEST).slice(0, MOST_FILES);
    const large = taken.filter(({ size }) => size > LARGEST);
    setFiles({ stage: 'reading', done: 0, of: small.length });
    const read = await Promise.all(
      small.map(async (file) => ({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) })),
    ).catch(() => null);
    if (control.signal.aborted) return;
    if (!read) return setFiles({ stage: 'failed' });
    const worker = new Worker(new URL('../../../workers/set-files.worker.ts', import.meta.url), {
      type: 'module',
    });
    const question: SetFilesQuestion = { files: read, settings };
    const outcome = await askWorker(worker, question, PATIENCE, control.signal, setFilesAnswer, (done, of) =>
      setFiles({ stage: 'reading', done, of }),
    );
    if (control.signal.aborted) return;
    const tooLarge = large.map(
      ({ name, size }): SetFile => ({
        name,
        is: 'problem',
        problem: { code: 'file-too-large', bytes: size, limit: LARGEST },
      }),
    );
    setFiles(outcome.ok ? { stage: 'read', files: [...outcome.answer, ...tooLarge] } : { stage: 'failed' });
  };
  const close = () => {
    running.current?.abort();
    setFiles({ stage: 'none' });
  };
  return { files, take, close };
}
