import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { type PlayAsked, partAsked } from '../play/part';
import { FREE_TASKS } from '../play/task';
import { VARIATIONS } from '../play/variation';
import { USUAL_SETTINGS } from '../school/settings';
import { wordsOf } from './class-words';
import { sayFreeTask, sayOnlyNotes, sayVariation } from './say-practice';
import { saySung, singingsOf } from './say-sung';

const ASKED: PlayAsked = {
  ...{ tonic: noteNamed('E'), scale: 'major', pattern: 'scale', degree: 1, range: 'one', rhythm: 'quarters' },
  ...{ player: 'concert', named: 'written', signature: 'written', articulation: 'tongued' },
  tune: 'gulls-and-ropes',
};

const part = (asked: Partial<PlayAsked> = {}) => {
  const reading = partAsked({ ...ASKED, ...asked }, USUAL_SETTINGS);
  if (!reading.ok) throw new Error(reading.problem.code);
  return reading.part;
};

const doSchool = wordsOf({ ...USUAL_SETTINGS, solfege: 'do-minor', seventh: 'ti', fifth: 'so' });
const noneSchool = wordsOf({ ...USUAL_SETTINGS, solfege: 'none' });

describe('what is sung', () => {
  it('is one text to a note: names, syllables, degrees, words', () => {
    expect(saySung(doSchool, part(), 'letters').join(' ')).toBe('E F♯ G♯ A B C♯ D♯ E D♯ C♯ B A G♯ F♯ E');
    expect(saySung(doSchool, part(), 'syllables').join(' ')).toBe(
      'do re mi fa so la ti do ti la so fa mi re do',
    );
    expect(
      saySung(doSchool, part({ scale: 'harmonic-minor' }), 'syllables')
        .slice(0, 8)
        .join(' '),
    ).toBe('do re me fa so le ti do');
    expect(
      saySung(doSchool, part({ pattern: 'thirds' }), 'numbers')
        .slice(0, 8)
        .join(' '),
    ).toBe('1 3 2 4 3 5 4 6');
    const tune = part({ pattern: 'tune' });
    expect(saySung(doSchool, tune, 'words')).toHaveLength(tune.notes.length);
    expect(saySung(doSchool, tune, 'numbers')[0]).toBe('5');
  });

  it('is offered where there is something to be sung alone', () => {
    expect(singingsOf(doSchool, part())).toEqual(['none', 'letters', 'syllables', 'numbers']);
    expect(singingsOf(noneSchool, part({ pattern: 'tune' }))).toEqual([
      'none',
      'letters',
      'numbers',
      'words',
    ]);
    // Twelve half steps have no degrees to be counted by.
    expect(singingsOf(doSchool, part({ scale: 'chromatic' }))).not.toContain('numbers');
  });
});

describe('what is said of practice', () => {
  it('names every variation otherwise, and every task in the notes of the scale', () => {
    const names = VARIATIONS.map((each) => sayVariation(doSchool, each));
    expect(new Set(names).size).toBe(VARIATIONS.length);
    const inE = part({ scale: 'melodic-minor' });
    const tasks = FREE_TASKS.map((task) => sayFreeTask(doSchool, task, inE));
    expect(new Set(tasks).size).toBe(FREE_TASKS.length);
    expect(tasks[0]).toBe('End every fourth bar on E.');
    expect(tasks[2]).toContain('E F♯ G.');
    expect(sayOnlyNotes(doSchool, inE)).toBe(
      'Only these seven notes: E F♯ G A B C♯ D♯. Going down also D C.',
    );
    expect(sayOnlyNotes(doSchool, part())).toBe('Only these seven notes: E F♯ G♯ A B C♯ D♯.');
  });
});
