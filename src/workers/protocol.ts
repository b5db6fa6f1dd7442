/** The version of the messages between a page and its workers; a page never talks to a worker of another build. */
export const PROTOCOL = 1;

export type Asked<Question> = { readonly protocol: number; readonly id: number; readonly question: Question };

export type Answered<Answer> =
  | { readonly protocol: number; readonly id: number; readonly answer: Answer }
  | { readonly protocol: number; readonly id: number; readonly failed: string };

/** How far the work has come, told before the answer. */
export type Progressed = {
  readonly protocol: number;
  readonly id: number;
  readonly done: number;
  readonly of: number;
  /** What was found since it was told last, where the work is of many parts. */
  readonly part?: unknown;
};

/** Whether a message is one of this protocol. */
export function isMessage(data: unknown): data is { readonly protocol: number; readonly id: number } {
  return (
    typeof data === 'object' &&
    data !== null &&
    'protocol' in data &&
    data.protocol === PROTOCOL &&
    'id' in data &&
    typeof data.id === 'number'
  );
}

export type Asking<Answer> =
  | { readonly ok: true; readonly answer: Answer }
  | { readonly ok: false; readonly why: 'too-slow' | 'cancelled' | 'failed' };

/**
 * Asks a worker one question; it is stopped when it answers, takes too long, or something newer is asked.
 *
 * @param patience milliseconds
 * @param onProgress told how far the work has come, where the worker tells it
 * @param check what the answer is, or null where it is none; what comes out of a worker is not trusted
 */
export function askWorker<Question, Answer>(
  worker: Worker,
  question: Question,
  patience: number,
  signal: AbortSignal,
  check: (sent: unknown) => Answer | null,
  onProgress?: (done: number, of: number) => void,
): Promise<Asking<Answer>> {
  return new Promise((resolve) => {
    const id = 1;
    const end = (outcome: Asking<Answer>) => {
      clearTimeout(timer);
      worker.terminate();
      resolve(outcome);
    };
    const timer = setTimeout(() => end({ ok: false, why: 'too-slow' }), patience);
    signal.addEventListener('abort', () => end({ ok: false, why: 'cancelled' }), { once: true });
    worker.onerror = () => end({ ok: false, why: 'failed' });
    worker.onmessage = ({ data }: MessageEvent<unknown>) => {
      if (!isMessage(data) || data.id !== id) return;
      if ('done' in data && 'of' in data) {
        onProgress?.(Number(data.done), Number(data.of));
        return;
      }
      const answer = 'answer' in data ? check(data.answer) : null;
      end(answer === null ? { ok: false, why: 'failed' } : { ok: true, answer });
    };
    const asked: Asked<Question> = { protocol: PROTOCOL, id, question };
    worker.postMessage(asked);
  });
}

/**
 * A worker that is kept for question after question: the newest is answered, and what was asked before it is forgotten.
 *
 * @param make starts the worker, when it is first wanted and again after it failed
 */
export function keptWorker<Question, Answer>(make: () => Worker, check: (sent: unknown) => Answer | null) {
  let worker: Worker | null = null;
  let last = 0;
  return {
    /** Answers, or nothing where something newer was asked meanwhile. `failed` tells why there will be no answer. */
    ask: (
      question: Question,
      onAnswer: (answer: Answer) => void,
      onFailed: () => void,
      onProgress?: (progress: Progressed) => void,
    ): void => {
      last += 1;
      const id = last;
      worker ??= make();
      const fail = () => {
        worker?.terminate();
        worker = null;
        onFailed();
      };
      worker.onerror = fail;
      worker.onmessage = ({ data }: MessageEvent<unknown>) => {
        if (!isMessage(data) || data.id !== last) return;
        if ('done' in data && 'of' in data) {
          onProgress?.(data as Progressed);
          return;
        }
        const answer = 'answer' in data ? check(data.answer) : null;
        if (answer === null) fail();
        else onAnswer(answer);
      };
      const asked: Asked<Question> = { protocol: PROTOCOL, id, question };
      worker.postMessage(asked);
    },
    /** Stops what is going on; nothing of it will be answered. */
    stop: (): void => {
      worker?.terminate();
      worker = null;
      last += 1;
    },
  };
}
