import { eventReader } from './events';
import { type LiveMessage, readLiveMessage } from './messages';

/** How a line stands: it comes about, it stands, it is lost and tried again, or there is nothing at its end any more. */
export type LineState = 'opening' | 'open' | 'lost' | 'nobody' | 'refused';

type Given = {
  readonly code: string;
  /** The secret of a desk or the token of a phone. */
  readonly bearer: string;
  readonly hear: (message: LiveMessage) => void;
  readonly onState: (state: LineState) => void;
};

/** Milliseconds until a lost line is tried again, longer each time, and after which a silent one is taken for lost. */
const SOONEST = 300;
const LATEST = 4000;
const SILENT = 25_000;

/** Milliseconds after which a line is not trusted on a page that comes back: the server says something every ten seconds. */
const STALE = 12_000;

const STATES: Readonly<Record<number, LineState>> = { 404: 'nobody', 401: 'refused' };

const sleep = (time: number, woken: AbortSignal) =>
  new Promise<void>((done) => {
    const timer = setTimeout(done, time);
    woken.addEventListener('abort', () => {
      clearTimeout(timer);
      done();
    });
  });

/** A line to a class that is open. It comes again by itself whenever it is lost. */
export class LiveLine {
  #closed = false;
  /** Ends what is being waited for: a try, a message, the next try. */
  #now = new AbortController();
  #tries = 0;
  #stands = false;
  #heardAt = 0;

  constructor(private readonly given: Given) {
    window.addEventListener('online', this.#back);
    document.addEventListener('visibilitychange', this.#back);
    void this.#keep();
  }

  /** The network is back, or the page is seen again: a phone that slept may have lost its line without a word. */
  readonly #back = (): void => {
    const stale = !this.#stands || Date.now() - this.#heardAt > STALE;
    if (document.visibilityState === 'visible' && stale) this.wake();
  };

  /** Tries again at once. */
  wake(): void {
    this.#tries = 0;
    this.#now.abort();
  }

  close(): void {
    this.#closed = true;
    window.removeEventListener('online', this.#back);
    document.removeEventListener('visibilitychange', this.#back);
    this.#now.abort();
  }

  async #keep(): Promise<void> {
    while (!this.#closed) {
      this.#now = new AbortController();
      const state = await this.#stand(this.#now);
      if (this.#closed) return;
      this.given.onState(state);
      // Whoever is no longer known stays so.
      if (state === 'refused') return;
      this.#tries += 1;
      const wait = Math.min(LATEST, SOONEST * 1.6 ** this.#tries) * (0.75 + Math.random() / 2);
      this.#now = new AbortController();
      await sleep(wait, this.#now.signal);
    }
  }

  /** Stands as long as the line does; says how it ended. */
  async #stand(cut: AbortController): Promise<LineState> {
    const { code, bearer, hear, onState } = this.given;
    let silent = setTimeout(() => cut.abort(), SILENT);
    try {
      const response = await fetch(`/api/v1/classes/${code}/events`, {
        headers: { Authorization: `Bearer ${bearer}` },
        cache: 'no-store',
        signal: cut.signal,
      });
      if (!response.ok || !response.body) return STATES[response.status] ?? 'lost';
      this.#tries = 0;
      [this.#stands, this.#heardAt] = [true, Date.now()];
      onState('open');
      const text = new TextDecoder();
      const read = eventReader(({ event, data }) => {
        const message = readLiveMessage(event, data);
        if (message && !this.#closed) hear(message);
      });
      const reader = response.body.getReader();
      for (;;) {
        const { done, value } = await reader.read();
        if (done) return 'lost';
        this.#heardAt = Date.now();
        clearTimeout(silent);
        silent = setTimeout(() => cut.abort(), SILENT);
        read(text.decode(value, { stream: true }));
      }
    } catch {
      // No network, no server, or cut here.
      return 'lost';
    } finally {
      this.#stands = false;
      clearTimeout(silent);
      cut.abort();
    }
  }
}
