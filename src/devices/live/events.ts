/** The most of one message that is waited for, in characters. */
const MOST_WAITED = 1_000_000;

/** One event as it comes: its name and its data. */
export type ServerEvent = { readonly event: string; readonly data: string };

/**
 * Takes server-sent events apart as they come in, in pieces of any length:
 * https://html.spec.whatwg.org/multipage/server-sent-events.html#parsing-an-event-stream. A browser's own reader cannot send
 * who it is.
 */
export function eventReader(hear: (event: ServerEvent) => void): (piece: string) => void {
  let rest = '';
  let [event, data]: [string, string[]] = ['', []];
  const line = (text: string) => {
    if (text === '') {
      if (data.length > 0) hear({ event: event || 'message', data: data.join('\n') });
      [event, data] = ['', []];
      return;
    }
    const [, name = '', value = ''] = /^([^:]*):? ?(.*)$/su.exec(text) ?? [];
    if (name === 'event') event = value;
    if (name === 'data') data.push(value);
  };
  return (piece) => {
    rest += piece;
    if (rest.length > MOST_WAITED) throw new RangeError('an event is longer than any is');
    for (;;) {
      const end = /\r\n|\n|\r(?!$)/u.exec(rest);
      if (!end) return;
      line(rest.slice(0, end.index));
      rest = rest.slice(end.index + end[0].length);
    }
  };
}
