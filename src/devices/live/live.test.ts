import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyJson, anyWord } from '@/core/any-words.test-data';
import { eventReader, type ServerEvent } from './events';
import { readLiveMessage } from './messages';

/** Reads a text that comes in pieces. */
function readIn(pieces: readonly string[]): readonly ServerEvent[] {
  const heard: ServerEvent[] = [];
  const read = eventReader((event) => heard.push(event));
  for (const piece of pieces) read(piece);
  return heard;
}

describe('server-sent events', () => {
  it('are the same in whatever pieces they come', () => {
    const event = fc.record({
      event: fc.constantFrom('question', 'answered', 'closed'),
      data: anyJson.map((value) => JSON.stringify(value ?? null)),
    });
    fc.assert(
      fc.property(
        fc.array(event, { maxLength: 6 }),
        fc.array(fc.nat(400), { maxLength: 12 }),
        (events, cuts) => {
          const text = events
            .map(({ event: name, data }) => `event: ${name}\ndata: ${data}\n\n`)
            .join(': here\n\n');
          const at = [...new Set(cuts.map((cut) => cut % (text.length + 1)))].toSorted((a, b) => a - b);
          const pieces = [0, ...at].map((from, place) => text.slice(from, at[place] ?? text.length));
          expect(readIn(pieces)).toEqual(events);
        },
      ),
    );
  });

  it('may have their lines ended in any way, and several lines of data', () => {
    expect(readIn(['data: a\r\ndata: b\r\n\r\n'])).toEqual([{ event: 'message', data: 'a\nb' }]);
    expect(readIn(['retry: 1000\n\n', ': here\n\n'])).toEqual([]);
    expect(() => readIn(['x'.repeat(1_000_001)])).toThrow(RangeError);
  });
});

describe('what a server tells of a class', () => {
  it('is read by its shape, and what is not known is passed over', () => {
    expect(readLiveMessage('answered', '{"person":"p","round":1,"late":false,"code":null,"more":1}')).toEqual(
      {
        is: 'answered',
        person: 'p',
        round: 1,
        late: false,
        code: null,
      },
    );
    expect(readLiveMessage('answered', '{"person":1}')).toBeNull();
    expect(readLiveMessage('toString', '{}')).toBeNull();
    expect(readLiveMessage('question', 'no JSON')).toBeNull();
    fc.assert(
      fc.property(anyWord, anyJson, (name, value) => {
        expect(() => readLiveMessage(name, JSON.stringify(value) ?? '')).not.toThrow();
      }),
    );
  });
});
