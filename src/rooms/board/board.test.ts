import { describe, expect, it } from 'vitest';
import { ENGLISH } from '@/core/words/class-words';
import { demoData } from '@/store/demo-school';
import { surfacesOf } from '@/ui/surfaces/all';
import { asDesk, boardHref, NO_BOARD, readBoard } from '../address/board/board-address';
import { readAddress } from '../address/derive/derive-address';
import { surfacesShown } from '../address/derive/shown';
import { ROOMS } from '../all';
import { viewsOf } from '../derive/board/derivation-board';
import { viewOf } from '../derive/working/view';
import { desksOf } from '../shell/house';
import { pathOf, searchOf } from '../shell/room';
import { isLater, type Stamped } from './link';
import { litCode, litFrom } from './lit-code';
import { opened } from './state';
import { forClass } from './use-lesson';

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
        expect(pathOf(address)).toBe('/class');
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

  it('stands beside another surface only where both have room', () => {
    const views = (search: string) => {
      const { sentence } = readAddress(search);
      const shown = surfacesOf(surfacesShown(sentence));
      return viewsOf(shown, viewOf(sentence, ENGLISH.settings)).map((each) => each.map(({ code }) => code));
    };
    expect(views('?tonic=B&scale=harmonic-minor')).toEqual([
      ['stride', 'staff'],
      ['stride', 'rail'],
      ['stride'],
    ]);
    expect(views('?tonic=B&scale=melodic-minor&direction=both')).toEqual([['stride'], ['staff'], ['rail']]);
    expect(views('?tonic=E&scale=major&on=fretboard,staff')).toEqual([['fretboard'], ['staff']]);
    expect(views('?tonic=E&scale=major&instrument=alto-saxophone')).toEqual([['parts'], ['stride']]);
  });
});

describe('the address of a board', () => {
  it('is read as it was written, and holds nothing of a stranger', () => {
    const one = { ...NO_BOARD, show: '/derive?tonic=C%23&scale=major' };
    for (const address of [one, { ...NO_BOARD, lesson: 'x', item: 'y' }, asDesk(one)])
      expect(readBoard(boardHref(address).slice('/board'.length))).toEqual(address);
    for (const show of ['//elsewhere.example', 'https://elsewhere.example', 'javascript:alert(1)', '/\\x'])
      expect(readBoard(`?show=${encodeURIComponent(show)}`).show).toBeNull();
    // A board of a class knows its desk, or it is one by itself.
    expect(readBoard('?window=class').part).toBe('alone');
    expect(readBoard('?window=class&pair=a b').part).toBe('alone');
  });
});

describe('what windows tell each other', () => {
  it('points at the same note in every window', () => {
    for (const code of ['place-0', 'place-14', 'sign-F#', 'sign-Bb'])
      expect(litCode(litFrom(code))).toBe(code);
    for (const code of [null, '', 'place-', 'place-x', 'sign-H', 'note-3']) expect(litFrom(code)).toBeNull();
  });

  it('holds by the later of two', () => {
    const state = opened(
      { id: '', address: '/derive' },
      { lesson: null, light: 'day' },
      { thinking: 0, now: 0 },
    );
    const at = (stamp: number): Stamped => ({ v: 1, stamp, state });
    expect(isLater(at(3), at(2))).toBe(true);
    expect(isLater(at(2), at(2))).toBe(false);
    expect(isLater(at(0), null)).toBe(true);
  });
});
