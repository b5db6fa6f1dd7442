import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyQuery, MANY } from '@/core/any-words.test-data';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH, wordsOf } from '@/core/words/class-words';
import { boardHref, readBoard } from './address/board/board-address';
import { ROOMS } from './all';
import { readClassAddress } from './class/parts';

const GERMAN = wordsOf({
  ...USUAL_SETTINGS,
  noteNames: 'german',
  keyNames: 'german',
  melodicDown: 'as-it-rose',
});

describe('any address', () => {
  it('of a board is read, and leads nowhere but to a sentence of ours', () => {
    fc.assert(
      fc.property(anyQuery, fc.string(), (search, show) => {
        for (const query of [search, `?show=${encodeURIComponent(show)}`, `?show=${show}`]) {
          const address = readBoard(query);
          expect(address.show === null || /^\/[a-z]+(?:\?|$)/u.test(address.show)).toBe(true);
          expect(readBoard(boardHref(address).slice(boardHref(address).indexOf('?')))).toEqual(address);
        }
      }),
      { numRuns: 1000 * MANY },
    );
  });

  it.each(ROOMS.map((room) => [room.path, room] as const))(
    'of %s is said, listed and drawn, in English and in German',
    async (path, room) => {
      const desk = await room.desk();
      const board = await desk.board?.kit();
      let drawn = 0;
      const runs = 1000 * MANY;
      await fc.assert(
        fc.asyncProperty(anyQuery, fc.boolean(), fc.nat(9), async (search, german, draw) => {
          const w = german ? GERMAN : ENGLISH;
          expect(desk.title(w, search)).toContain('Moon Step');
          expect(desk.keys(w, search).list.length).toBeGreaterThan(0);
          if (path === '/class')
            expect(readClassAddress(search).part.kind).toMatch(/^(settings|people|safe)$/u);
          if (!desk.kept) return;
          const text = desk.kept.text(w, search);
          expect(text).toMatch(/[.?]$/u);
          expect(text).not.toMatch(/undefined|\[object|function|native code/u);
          if (draw > 0) return;
          const item = await desk.kept.item(w, search, 'any');
          expect(`${item.task} ${item.lines.join(' ')}`).not.toMatch(/undefined|NaN|\[object|native code/u);
          drawn += 1;
          if (!board) return;
          const shown = board.show(w, desk.board?.forClass(search) ?? '');
          const said = shown.lines.map(({ text: line, reason }) => `${line} ${reason}`).join(' ');
          expect(`${shown.question} ${said}`).not.toMatch(/undefined|NaN|\[object|native code/u);
        }),
        { numRuns: runs },
      );
      console.info(`${path}: ${runs} addresses read, ${drawn} of them drawn`);
    },
    600_000,
  );
});
