import { describe, expect, it } from 'vitest';
import { ENGLISH } from '@/core/words/class-words';
import { demoData } from '@/store/demo-school';
import { ROOMS } from './all';
import { forClass } from './board/use-lesson';
import { desksOf } from './shell/house';
import { pathOf, searchOf } from './shell/room';

const data = demoData('2026-10-06T17:30:00.000Z');

describe('what goes to the board', () => {
  it('is everything that is kept and every view of a room that has a board: a question and its lines', async () => {
    const desks = await desksOf(ROOMS);
    const kept = [...data.kept, ...data.marked].map(({ address }) => address);
    const all = [...ROOMS.flatMap(({ examples }) => examples), ...kept];
    const silent: string[] = [];
    for (const address of all) {
      const board = desks.get(pathOf(address))?.board;
      if (!board) {
        expect(['/class', '/drill', '/log']).toContain(pathOf(address));
        continue;
      }
      const { show } = await board.kit();
      const shown = show(ENGLISH, board.forClass(searchOf(address)));
      expect(shown.question, address).not.toBe('');
      expect(shown.lines.every(({ text }) => text.trim() !== '')).toBe(true);
      if (shown.lines.length === 0) silent.push(address);
    }
    // Only an answer that was not given yet has nothing to give out.
    expect(silent.every((address) => pathOf(address) === '/mark' && !address.includes('given='))).toBe(true);
    expect(silent.length).toBeLessThan(4);
  });

  it('has no name of anybody in it, and begins at its question', async () => {
    const desks = await desksOf(ROOMS);
    const { kit } = desks.get('/mark')?.board ?? expect.fail('Mark has no board');
    const { show } = await kit();
    for (const { address, label } of data.marked) {
      const name = label.split(',')[0] ?? '';
      const shown = forClass(desks, `${address}&who=${encodeURIComponent(name)}`) ?? '';
      expect(shown).not.toContain(encodeURIComponent(name));
      expect(JSON.stringify(show(ENGLISH, searchOf(shown)))).not.toContain(name);
    }
    expect(forClass(desks, '/derive?tonic=F&scale=major&step=4')).toBe('/derive?tonic=F&scale=major');
    expect(forClass(desks, '/orbit?see=build&step=2')).toBe('/orbit?see=build');
    expect(forClass(desks, '/class?part=people')).toBeNull();
    expect(forClass(desks, '/nowhere')).toBeNull();
  });

  it('shows an answer by itself before it is said what was expected', async () => {
    const desks = await desksOf(ROOMS);
    const board = desks.get('/mark')?.board ?? expect.fail('Mark has no board');
    const { show } = await board.kit();
    const { address } = data.marked.find(({ found }) => found !== null) ?? expect.fail('no answer');
    const [first, second] = show(ENGLISH, searchOf(address)).lines;
    expect(first?.text).toMatch(/^Given: /u);
    expect(second?.text).toMatch(/^Expected: /u);
  });
});
