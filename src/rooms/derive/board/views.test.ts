import { describe, expect, it } from 'vitest';
import { ENGLISH } from '@/core/words/class-words';
import { surfacesOf } from '@/ui/surfaces/all';
import { readAddress } from '../../address/derive/derive-address';
import { surfacesShown } from '../../address/derive/shown';
import { viewOf } from '../working/view';
import { viewsOf } from './derivation-board';

describe('a surface on the board', () => {
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
