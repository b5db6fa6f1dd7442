import { useCallback, useEffect, useRef, useState } from 'react';
import type { Settings } from '@/core/school/settings';
import type { FileProblem } from '@/core/words/say-file';
import { fileAnswer } from '@/workers/file-answer';
import { askWorker } from '@/workers/protocol';
import type { FileQuestion, FileReading } from '@/workers/read-file';

/** Milliseconds a file may take to be read. */
const PATIENCE = 15_000;

/** Larger files are not even taken into memory; the reader has the same limit. */
const LARGEST = 16_000_000;

export type FileIn =
  | { readonly stage: 'none' }
  | (Taken & { readonly stage: 'reading' })
  | (Taken & { readonly stage: 'read'; readonly reading: FileReading });

type Taken = {
  readonly name: string;
  /** More than one was dropped; the others were left alone. */
  readonly others: boolean;
};

export type FileHandle = {
  readonly file: FileIn;
  readonly take: (file: File, others: boolean) => void;
  readonly close: () => void;
};

const unreadable: FileProblem = { code: 'file-unreadable' };

async function bytesOf(file: File): Promise<Uint8Array | FileProblem> {
  if (file.size > LARGEST) return { code: 'file-too-large', bytes: file.size, limit: LARGEST };
  try {
    return new Uint8Array(await file.arrayBuffer());
  } catch {
    return unreadable;
  }
}

/** Reads files one at a time in a worker; a newer one, or closing, stops the one before. */
export function useFileIn(settings: Settings): FileHandle {
  const [file, setFile] = useState<FileIn>({ stage: 'none' });
  const running = useRef<AbortController | null>(null);
  const newest = useRef(settings);
  newest.current = settings;
  useEffect(() => () => running.current?.abort(), []);

  const take = useCallback(async (taken: File, others: boolean) => {
    running.current?.abort();
    const control = new AbortController();
    running.current = control;
    const { name } = taken;
    const done = (reading: FileReading) => {
      if (!control.signal.aborted) setFile({ stage: 'read', name, others, reading });
    };
    setFile({ stage: 'reading', name, others });
    const bytes = await bytesOf(taken);
    if (control.signal.aborted) return;
    if ('code' in bytes) return done({ ok: false, problem: bytes });
    const worker = new Worker(new URL('../../workers/read-file.worker.ts', import.meta.url), {
      type: 'module',
    });
    const question: FileQuestion = { name, bytes, settings: newest.current };
    const outcome = await askWorker<FileQuestion, FileReading>(
      worker,
      question,
      PATIENCE,
      control.signal,
      fileAnswer,
    );
    if (outcome.ok) return done(outcome.answer);
    const problem: FileProblem =
      outcome.why === 'too-slow' ? { code: 'file-slow', seconds: PATIENCE / 1000 } : unreadable;
    return done({ ok: false, problem });
  }, []);
  const close = useCallback(() => {
    running.current?.abort();
    setFile({ stage: 'none' });
  }, []);
  return { file, take, close };
}
