import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLEFS } from '@/core/instrument/staff';
import { KEY_SIDES } from '@/core/practice/drill/asking';
import { knownFrom, picture } from '@/core/practice/drill/known';
import { READY_LADDERS } from '@/core/practice/drill/ladder';
import { exerciseFor } from '@/core/practice/drill/picture';
import { ANSWERINGS, asksDrilled, DRILL_SKILL_IDS, DRILL_WAYS } from '@/core/practice/drill/skill';
import { SCALE_IDS } from '@/core/scale/pattern';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { NOW } from '@/store/any-data.test-data';
import { DEMO_LEVELS, demoDrills } from '@/store/demo-drills';
import type { Drill } from '@/store/drill';
import { NO_DATA } from '@/store/school-data';
import { drillOfLevel, givenHref, levelCode, readDrill, writeDrill } from '../address/drill/drill-address';
import { DRILL_VIEWS, type DrillSentence, FIRST_DRILL } from '../address/drill/drill-sentence';
import { drillName, drillText, withDrillWord } from './drill-words';
import { laddersShown, nextRung, rungAfter, statesOf } from './ladders/ladder-of';

const sentences: fc.Arbitrary<DrillSentence> = fc.record({
  skills: fc.subarray([...DRILL_SKILL_IDS], { minLength: 1 }),
  way: fc.constantFrom(...DRILL_WAYS),
  answering: fc.constantFrom(...ANSWERINGS),
  side: fc.constantFrom(...KEY_SIDES),
  limits: fc.record({
    maxSigns: fc.integer({ min: 0, max: 7 }),
    scales: fc.subarray([...SCALE_IDS], { minLength: 1 }),
    clefs: fc.subarray([...CLEFS], { minLength: 1 }),
  }),
  budget: fc.record({
    questions: fc.integer({ min: 1, max: 100 }),
    seconds: fc.option(fc.integer({ min: 1, max: 60 }).map((minutes) => minutes * 60)),
    mistakes: fc.option(fc.integer({ min: 0, max: 100 })),
  }),
  think: fc.constantFrom(0, 3, 5, 10),
  crib: fc.boolean(),
  purpose: fc.constantFrom('knowing', 'by-ear'),
  due: fc.constant(false),
  view: fc.constantFrom(...DRILL_VIEWS),
  title: fc.string({ unit: 'grapheme', maxLength: 20 }),
  speaks: fc.constantFrom(null, 'noteNames:german'),
});

describe('the sentence of a drill', () => {
  it('is the same when its address is read again, and a level has one code alone', () => {
    fc.assert(
      fc.property(sentences, (sentence) => {
        const { sentence: again, problems } = readDrill(writeDrill(sentence));
        expect(problems).toEqual([]);
        expect(again).toEqual(sentence);
        const code = levelCode(sentence);
        expect(levelCode(drillOfLevel(code, 'any'))).toBe(code);
        expect(levelCode({ ...sentence, title: '', view: 'known' } as DrillSentence)).toBe(code);
        // What is given away holds nothing of the room it was given from.
        expect(givenHref(sentence, USUAL_SETTINGS)).not.toContain('see=');
        expect(drillText(ENGLISH, sentence)).toMatch(/^Drill .*\.$/u);
        expect(drillName(ENGLISH, sentence)).not.toBe('');
      }),
    );
  });

  it('changes by one word at a time, and what it says changes with it', () => {
    const words: readonly (readonly [string, string])[] = [
      ...([
        ['on', 'order'],
        ['signs', '2'],
        ['way', 'one'],
        ['by', 'write'],
        ['keys', 'flats'],
      ] as const),
      ...([
        ['questions', '7'],
        ['minutes', 'any'],
        ['mistakes', '0'],
        ['think', '5'],
        ['crib', 'no'],
      ] as const),
      ...([
        ['scales', 'dorian'],
        ['clefs', 'alto'],
        ['for', 'fingers'],
        ['on', 'due'],
      ] as const),
    ];
    for (const [id, value] of words) {
      const next = withDrillWord(FIRST_DRILL, id, value);
      expect(next, id).not.toEqual(FIRST_DRILL);
      expect(readDrill(writeDrill(next)).sentence.due).toBe(value === 'due');
      if (value !== 'due') expect(levelCode(next)).not.toBe(levelCode(FIRST_DRILL));
    }
    expect(withDrillWord(FIRST_DRILL, 'on', 'signatures')).toEqual(FIRST_DRILL);
    expect(withDrillWord(FIRST_DRILL, 'who', 'x')).toBe(FIRST_DRILL);
  });

  it('names what it does not understand, and takes the rest', () => {
    const { sentence, problems } = readDrill('?on=signatures.magic&signs=9&minutes=0&mistakes=any&way=up');
    expect(problems).toHaveLength(4);
    expect(sentence).toMatchObject({ skills: ['signatures'], way: 'both', budget: { mistakes: null } });
    expect(sentence.limits.maxSigns).toBe(5);
  });
});

describe('ladders', () => {
  it('of the demo school are said by their codes, and ask what they say', () => {
    for (const { level, asks } of DEMO_LEVELS) {
      expect(levelCode(readDrill(level).sentence)).toBe(level);
      expect(readDrill(level).sentence).toMatchObject({ ...asks });
    }
  });

  it('that are ready recognise first, and then build the same keys', () => {
    for (const { levels } of READY_LADDERS) {
      for (let at = 0; at < levels.length; at += 2) {
        const [find, build] = [levels[at], levels[at + 1]];
        expect(find?.level.answering).toBe('choose');
        expect(build?.level.answering).toBe('write');
        expect(build?.level.limits).toEqual(find?.level.limits);
        expect(levelCode(readDrill(levelCode(build?.level ?? FIRST_DRILL)).sentence)).toBe(
          levelCode(build?.level ?? FIRST_DRILL),
        );
      }
    }
  });

  it('open level by level as drills pass them', () => {
    const ladders = laddersShown(ENGLISH, NO_DATA, null);
    const [ladder] = ladders;
    if (!ladder) throw new Error('there is one');
    const [first, second] = ladder.levels;
    const drill = (level: string, end: Drill['end']) => ({ level, end, answers: '' }) as Drill;
    expect(statesOf(ladder, []).slice(0, 2)).toEqual(['open', 'closed']);
    const tried = [drill(first?.level ?? '', 'mistakes')];
    expect(nextRung(ladder, tried)).toBe(first);
    expect(rungAfter(ladders, first?.level ?? '', tried)).toBeNull();
    const passed = [...tried, drill(first?.level ?? '', 'success')];
    expect(statesOf(ladder, passed).slice(0, 3)).toEqual(['passed', 'open', 'closed']);
    expect(rungAfter(ladders, first?.level ?? '', passed)).toBe(second);
    expect(statesOf({ ...ladder, opens: 'tried' }, tried)[1]).toBe('open');
    expect(statesOf({ ...ladder, opens: 'clean' }, passed)[1]).toBe('open');
    expect(statesOf({ ...ladder, opens: 'free' }, []).every((state) => state === 'open')).toBe(true);
  });
});

describe('the exercise of a weak spot', () => {
  it('asks just this skill, in its scale, with its key among the keys', () => {
    const cells = picture(knownFrom(demoDrills(NOW), USUAL_SETTINGS), Date.parse(NOW));
    expect(cells.length).toBeGreaterThan(50);
    for (const cell of cells) {
      const level = { ...FIRST_DRILL, ...exerciseFor(cell) };
      expect(asksDrilled(level.skills, level.way, level.answering), cell.ask).toContain(cell.ask);
      const [, scale] = cell.key.split('.');
      if (scale) expect(level.limits.scales).toEqual([scale]);
      expect(levelCode(readDrill(levelCode(level)).sentence)).toBe(levelCode(level));
    }
  });
});
