import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '../scale/signature';
import { impossiblePairs, makingRoomFor } from './pairs';
import { checkSaying } from './saying';
import {
  CHOICES,
  changedSettings,
  SETTING_NAMES,
  type Settings,
  USUAL_SETTINGS,
  withSetting,
} from './settings';

const anySettings: fc.Arbitrary<Settings> = fc
  .tuple(...SETTING_NAMES.map((name) => fc.constantFrom(...CHOICES[name])))
  .map((values) => Object.fromEntries(SETTING_NAMES.map((name, index) => [name, values[index]])) as Settings);

describe('settings of a school', () => {
  it('are usual where nothing was chosen, and usual ones go together', () => {
    expect(USUAL_SETTINGS.noteNames).toBe('english');
    expect(impossiblePairs(USUAL_SETTINGS)).toEqual([]);
  });

  it('change one by one, and refuse a choice that does not exist', () => {
    const german = withSetting(USUAL_SETTINGS, 'noteNames', 'german');
    expect(changedSettings(USUAL_SETTINGS, german)).toEqual(['noteNames']);
    expect(withSetting(german, 'noteNames', 'german')).toBe(german);
    expect(() => withSetting(german, 'noteNames', 'klingon')).toThrow('no choice');
  });
});

describe('choices that cannot stand together', () => {
  it.each<[Partial<Settings>, string]>([
    [{ solfege: 'la-minor', seventh: 'si' }, 'pair-si-twice'],
    [{ keyNames: 'german' }, 'pair-moll-names'],
    [{ keyNames: 'case', capital: 'not-wanted', modeWord: 'not-wanted' }, 'pair-case-capital'],
    [{ keyNames: 'case' }, 'pair-case-word'],
    [{ minorSignature: 'own-circle' }, 'pair-own-circle'],
  ])('%j is refused as %s', (chosen, code) => {
    expect(impossiblePairs({ ...USUAL_SETTINGS, ...chosen }).map((pair) => pair.code)).toEqual([code]);
  });

  it('make room for the choice just made, and for nothing else', () => {
    fc.assert(
      fc.property(anySettings, fc.constantFrom(...SETTING_NAMES), (settings, name) => {
        const room = makingRoomFor(settings, name);
        expect(room[name]).toBe(settings[name]);
        expect(impossiblePairs(room).filter(({ one, other }) => one === name || other === name)).toEqual([]);
        const partners = impossiblePairs(settings).flatMap(({ one, other }) =>
          one === name ? [other] : other === name ? [one] : [],
        );
        expect(partners).toEqual(expect.arrayContaining([...changedSettings(settings, room)]));
      }),
    );
  });
});

describe('sayings for the orders', () => {
  it('fit word by word, by the initials of the class’s names', () => {
    expect(checkSaying('Fog covers grey docks and every boat', ORDER_OF_SHARPS, 'english').holds).toBe(true);
    expect(checkSaying('Busy eels always dodge gulls catching fish', ORDER_OF_FLATS, 'english').holds).toBe(
      true,
    );
    // In German names the last sharp stands on H.
    const german = checkSaying('Fog covers grey docks and every boat', ORDER_OF_SHARPS, 'german');
    expect(german.words.at(-1)).toEqual({ word: 'boat', letter: 'H', fits: false });
    const sol = checkSaying('fine dunes seem ready, let mother sail', ORDER_OF_SHARPS, 'fixed-do');
    expect(sol.words.map(({ letter }) => letter).join('')).toBe('FDSRLMS');
    expect(sol.holds).toBe(true);
  });

  it('say what is missing, what is wrong and what is too much', () => {
    const begun = checkSaying('Fog covers', ORDER_OF_SHARPS, 'english');
    expect(begun.missing).toEqual(['G', 'D', 'A', 'E', 'B']);
    expect(begun.holds).toBe(false);
    const wrong = checkSaying('Fog covers the docks', ORDER_OF_SHARPS, 'english');
    expect(wrong.words[2]).toEqual({ word: 'the', letter: 'G', fits: false });
    const long = checkSaying('Fog covers grey docks and every boat here', ORDER_OF_SHARPS, 'english');
    expect(long.words.at(-1)).toEqual({ word: 'here', letter: '', fits: false });
    expect(checkSaying('Écru', ORDER_OF_SHARPS.slice(5), 'english').words[0]?.fits).toBe(true);
  });

  it('take any text', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 120 }), (text) => {
        const { words, missing, holds } = checkSaying(text, ORDER_OF_FLATS, 'english');
        expect(missing.length).toBe(Math.max(0, 7 - words.length));
        if (holds) expect(words).toHaveLength(7);
      }),
    );
  });
});
