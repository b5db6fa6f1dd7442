/** Messages that a listener may be behind before it is let go; it comes again and is told how things stand. */
const MOST_BEHIND = 256;

/** Somebody who listens to a class. */
export type Listener = {
  readonly tell: (event: string, data: unknown) => void;
  readonly end: () => void;
};

/** What stands for a message: one line of JSON, which can hold no line of its own. */
function written(event: string, data: unknown): string {
  return `event: ${event}\ndata: ${JSON.stringify(data)}\n\n`;
}

/**
 * An answer that stays open: server-sent events, https://html.spec.whatwg.org/multipage/server-sent-events.html.
 *
 * @param begun is given the listener before anything is sent
 * @param gone is called once, when nobody listens any more
 */
export function eventStream(begun: (listener: Listener) => void, gone: () => void): Response {
  const bytes = new TextEncoder();
  let [isGone, beat]: [boolean, ReturnType<typeof setInterval> | undefined] = [false, undefined];
  const leave = () => {
    if (isGone) return;
    isGone = true;
    clearInterval(beat);
    gone();
  };
  const body = new ReadableStream<Uint8Array>(
    {
      start(controller) {
        const end = () => {
          if (isGone) return;
          leave();
          controller.close();
        };
        const send = (text: string) => {
          if (isGone) return;
          if ((controller.desiredSize ?? 0) <= 0) end();
          else controller.enqueue(bytes.encode(text));
        };
        // A line now and then tells a connection that stands from one that has gone without a word.
        beat = setInterval(() => send(': here\n\n'), BEAT);
        beat.unref();
        send('retry: 1000\n\n');
        begun({ tell: (event, data) => send(written(event, data)), end });
      },
      cancel: leave,
    },
    new CountQueuingStrategy({ highWaterMark: MOST_BEHIND }),
  );
  return new Response(body, {
    headers: {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store, no-transform',
      'X-Accel-Buffering': 'no',
    },
  });
}

/** Milliseconds between two lines that say nothing else. */
const BEAT = 10_000;
