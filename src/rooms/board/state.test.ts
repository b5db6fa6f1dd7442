import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nextLine } from './next-line';
import {
  type BoardCommand,
  type BoardGround,
  type BoardState,
  carriedOut,
  givenOut,
  isThinking,
  opened,
  seen,
  THINKING,
} from './state';

const LIST = ['a', 'b', 'c'].map((id) => ({ id, address: `/derive?${id}` }));
const NOW = 1_000_000;
const GROUND: BoardGround = { lines: 4, places: 8, views: 3, list: LIST, thinking: 0, now: NOW };

const fresh = (thinking = 0) =>
  opened(LIST[0] ?? { id: '', address: '/' }, { lesson: 'one', light: 'night' }, { thinking, now: NOW });

/** A board after some commands, one after the other. */
function pressed(state: BoardState, asks: readonly BoardCommand['ask'][], ground = GROUND): BoardState {
  return asks.reduce((now, ask) => carriedOut(now, { ask } as BoardCommand, ground), state);
}

const commands: fc.Arbitrary<BoardCommand> = fc.oneof(
  fc
    .constantFrom(
      ...(['next', 'back', 'question', 'whole', 'hide', 'blank', 'think', 'view', 'light'] as const),
      ...(['onward', 'before'] as const),
    )
    .map((ask) => ({ ask })),
  fc.constantFrom('a', 'b', 'c', 'gone').map((item) => ({ ask: 'show' as const, item })),
  fc.constantFrom(1 as const, -1 as const).map((way) => ({ ask: 'point-on' as const, way })),
);

describe('a board', () => {
  it('begins with the question alone and gives out one line a press, to the last one', () => {
    expect(seen(fresh(), 4)).toBe('question');
    const given = [1, 2, 3, 4].map((presses) => seen(pressed(fresh(), Array(presses).fill('next')), 4));
    expect(given).toEqual([1, 2, 3, 4]);
  });

  it('walks the lesson at its ends: on to the next question, back to the end of the one before', () => {
    const second = pressed(fresh(), ['next', 'next', 'next', 'next', 'next']);
    expect(second).toMatchObject({ item: 'b', address: '/derive?b', press: 0 });
    expect(pressed(second, ['back'])).toMatchObject({ item: 'a', press: null });
    // At either end of the lesson nothing more comes.
    const last = pressed(fresh(), ['onward', 'onward', 'whole']);
    expect(pressed(last, ['next'])).toEqual(last);
    expect(pressed(fresh(), ['back'])).toEqual(fresh());
  });

  it('takes back exactly what a press gave out', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3 }), (presses) => {
        const state = pressed(fresh(), Array(presses).fill('next'));
        expect(givenOut(pressed(state, ['next', 'back']), 4)).toBe(presses);
      }),
    );
  });

  it('gives nothing out by a press that takes something away: blank, thinking time, hidden answers', () => {
    const shown = pressed(fresh(), ['next', 'next']);
    expect(seen(pressed(shown, ['blank']), 4)).toBe('nothing');
    expect(seen(pressed(shown, ['blank', 'next']), 4)).toBe(2);
    expect(seen(pressed(shown, ['hide']), 4)).toBe('question');
    expect(seen(pressed(shown, ['hide', 'next']), 4)).toBe(2);
    expect(seen(pressed(shown, ['hide', 'blank', 'next']), 4)).toBe('question');
    const thinking = fresh(20);
    expect(isThinking(thinking, NOW)).toBe(true);
    expect(seen(pressed(thinking, ['next']), 4)).toBe('question');
    expect(seen(pressed(thinking, ['next', 'next']), 4)).toBe(1);
  });

  it('lets a class think as long as was asked for, and no longer', () => {
    const thinking = fresh(20);
    expect(isThinking(thinking, NOW + 19_999)).toBe(true);
    expect(isThinking(thinking, NOW + 20_000)).toBe(false);
    expect(fresh().thinkUntil).toBeNull();
    expect(pressed(fresh(), ['think']).thinkUntil).toBe(NOW + THINKING * 1000);
    expect(pressed(fresh(), ['think', 'think']).thinkUntil).toBeNull();
    // Each question of a lesson has its time; one that is gone back to has had it.
    const ground = { ...GROUND, thinking: 10 };
    expect(pressed(fresh(), ['onward'], ground).thinkUntil).toBe(NOW + 10_000);
    expect(pressed(pressed(fresh(), ['onward'], ground), ['question', 'back'], ground).thinkUntil).toBeNull();
  });

  it('shows all of it by the key that hides, where nothing was given out', () => {
    expect(seen(pressed(fresh(), ['hide']), 4)).toBe(4);
    expect(seen(pressed(fresh(), ['hide', 'hide']), 4)).toBe('question');
    expect(seen(pressed(fresh(), ['hide', 'hide', 'hide']), 4)).toBe(4);
  });

  it('points at one note after the other, and at none past either end', () => {
    const point = (state: BoardState, way: 1 | -1) => carriedOut(state, { ask: 'point-on', way }, GROUND);
    let state = fresh();
    const lit: (string | null)[] = [];
    for (let press = 0; press < 9; press += 1) {
      state = point(state, 1);
      lit.push(state.lit);
    }
    expect(lit).toEqual([...Array.from({ length: 8 }, (_, place) => `place-${place}`), null]);
    expect(point(fresh(), -1).lit).toBe('place-7');
    expect(carriedOut(fresh(), { ask: 'point-on', way: 1 }, { ...GROUND, places: 0 })).toEqual(fresh());
  });

  it('never shows more than it was asked for, whatever is pressed', () => {
    fc.assert(
      fc.property(fc.array(commands, { maxLength: 40 }), fc.integer({ min: 0, max: 6 }), (asked, lines) => {
        const ground = { ...GROUND, lines };
        let state = fresh();
        for (const command of asked) {
          const before = givenOut(state, lines);
          const next = carriedOut(state, command, ground);
          const sight = seen(next, lines);
          if (next.blank) expect(sight).toBe('nothing');
          else if (next.hidden) expect(sight).toBe('question');
          // Only the keys that say so give out more than one line.
          const more = givenOut(next, lines) - before;
          if (!['whole', 'hide', 'back'].includes(command.ask)) expect(more).toBeLessThanOrEqual(1);
          if (state.hidden || state.blank || isThinking(state, NOW))
            if (command.ask === 'next') expect(more).toBe(0);
          expect(LIST.map(({ address }) => address)).toContain(next.address);
          state = next;
        }
      }),
    );
  });
});

describe('the desk', () => {
  const lines = ['one', 'two'].map((text) => ({ text, reason: text === 'two' ? 'because' : null }));
  const ground = { ...GROUND, lines: 2 };
  const tells = (asks: readonly BoardCommand['ask'][], name: string | null = 'F major', from = fresh()) =>
    nextLine(pressed(from, asks, ground), lines, name, NOW);

  it('is told what the next press does, and that is what it does', () => {
    expect(tells([])).toBe('First line: one');
    expect(tells(['next'])).toBe('two because');
    expect(tells(['next', 'next'])).toBe('The next question: F major');
    expect(tells(['next', 'next'], null)).toBe('Nothing more: this is the end.');
    expect(tells(['next', 'blank'])).toContain('lights the board up');
    expect(tells(['next', 'hide'])).toContain('shows what is hidden');
    expect(tells([], null, fresh(10))).toContain('ends the thinking time');
  });
});
