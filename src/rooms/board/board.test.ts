import { describe, expect, it } from 'vitest';
import { asDesk, boardHref, NO_BOARD, readBoard } from '../address/board/board-address';
import { isLater, type Stamped } from './link';
import { litCode, litFrom } from './lit-code';
import { opened } from './state';

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
