import type { FileProblem } from '@/core/words/say-file';
import type { ScorePage } from '@/engrave/score/score-page';
import type {
  OpenedPiece,
  PieceAnswer,
  PieceQuestion,
  PieceRefused,
  PieceShape,
  PieceSource,
  ToneAnswer,
} from '@/workers/piece';
import { codeAnswer, openedAnswer, pageAnswer, toneAnswer } from '@/workers/piece-answer';
import { type Asked, isMessage, PROTOCOL } from '@/workers/protocol';

/** Milliseconds a piece may take to be read. */
const PATIENCE = 20_000;

type Waiting = { readonly done: (answer: unknown) => void; readonly timer: ReturnType<typeof setTimeout> };

/** The worker that has a piece in hand: it is asked one thing after the other, and every question is answered or given up. */
export class PieceClient {
  private worker: Worker | null = null;
  private last = 0;
  private readonly waiting = new Map<number, Waiting>();

  /** Opens a piece, and says what it comes to in a shape. */
  async open(source: PieceSource, shape: PieceShape): Promise<OpenedPiece | PieceRefused> {
    return this.refusedWhereNot(openedAnswer(await this.ask({ ask: 'open', source, shape })));
  }

  /** The piece in hand in another shape. */
  async shape(shape: PieceShape): Promise<OpenedPiece | PieceRefused> {
    return this.refusedWhereNot(openedAnswer(await this.ask({ ask: 'shape', shape })));
  }

  /** A page of it; null where it could not be drawn. */
  async page(part: number | null, page: number, width: number): Promise<ScorePage | null> {
    return pageAnswer(await this.ask({ ask: 'page', part, page, width }));
  }

  /** What is said of a tone; null where that is not known. */
  async tone(part: number, tone: number): Promise<ToneAnswer | null> {
    return toneAnswer(await this.ask({ ask: 'tone', part, tone }));
  }

  /** The piece in its code, as it came or as it is shown; null where there is none. */
  async code(of: 'came' | 'shown' = 'shown'): Promise<string | null> {
    return codeAnswer(await this.ask({ ask: 'code', of })) || null;
  }

  /** Stops whatever goes on; nothing of it will be answered. */
  stop(): void {
    this.worker?.terminate();
    this.worker = null;
    for (const [id, { done }] of this.waiting) this.end(id, done, null);
  }

  private refusedWhereNot(answer: OpenedPiece | PieceRefused | null): OpenedPiece | PieceRefused {
    const problem: FileProblem = { code: 'file-slow', seconds: PATIENCE / 1000 };
    return answer ?? { ok: false, problem };
  }

  private end(id: number, done: (answer: unknown) => void, answer: unknown): void {
    const waiting = this.waiting.get(id);
    if (!waiting) return;
    clearTimeout(waiting.timer);
    this.waiting.delete(id);
    done(answer);
  }

  private ask(question: PieceQuestion): Promise<unknown> {
    return new Promise((resolve) => {
      this.last += 1;
      const id = this.last;
      const timer = setTimeout(() => this.stop(), PATIENCE);
      this.waiting.set(id, { done: resolve, timer });
      const worker = this.started();
      const asked: Asked<PieceQuestion> = { protocol: PROTOCOL, id, question };
      worker.postMessage(asked);
    });
  }

  private started(): Worker {
    if (this.worker) return this.worker;
    const worker = new Worker(new URL('../../workers/piece.worker.ts', import.meta.url), { type: 'module' });
    worker.onerror = () => this.stop();
    worker.onmessage = ({ data }: MessageEvent<unknown>) => {
      if (!isMessage(data)) return;
      const waiting = this.waiting.get(data.id);
      if (waiting) this.end(data.id, waiting.done, 'answer' in data ? (data.answer as PieceAnswer) : null);
    };
    this.worker = worker;
    return worker;
  }
}
