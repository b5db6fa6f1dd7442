import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_SETTINGS } from '../school/settings';
import { anyAnswered } from './any-answer.test-data';
import { answerCode, questionCode } from './code';
import { asking } from './every-question.test-data';
import { judge } from './judge';
import { KIND_IDS } from './kinds/all';
import { mistakesPossible } from './possible';

/** Worked out by hand: what can go wrong there, and what cannot. */
const BY_HAND = [
  {
    asked: 'scale.C.major.up.treble.none',
    can: ['half-step-misplaced', 'accidental-extra'],
    cannot: ['respelled', 'one-too-few', 'seventh-not-raised', 'tonic-sign-dropped', 'parent-wrong-way'],
  },
  {
    asked: 'scale.E.harmonic-minor.up.treble.none',
    can: ['seventh-not-raised', 'sixth-raised', 'lowered-instead'],
    cannot: ['raised-coming-down', 'sixth-not-raised', 'own-major-signature'],
  },
  {
    asked: 'scale.D.dorian.up.treble.none',
    can: ['own-major-signature', 'parent-wrong-way'],
    cannot: ['seventh-not-raised', 'raised-is-sharp'],
  },
  {
    asked: 'steps.major.up',
    can: ['pattern-long', 'pattern-short'],
    cannot: ['one-too-few', 'respelled', 'named-last-flat', 'octave-forgotten'],
  },
  {
    asked: 'order.3',
    can: ['one-too-few', 'one-too-many', 'order-swapped'],
    cannot: ['respelled', 'sixth-raised', 'clef-misread'],
  },
] as const;

describe('the mistakes that can be made in a question', () => {
  it.each(BY_HAND)('are those that could have been done: $asked', ({ asked, can, cannot }) => {
    const possible = mistakesPossible(asking(asked), USUAL_SETTINGS);
    expect(possible).toEqual(expect.arrayContaining([...can]));
    for (const id of cannot) expect(possible).not.toContain(id);
  });

  it.each(KIND_IDS)('are all that is ever said of an answer, whatever it is: %s', (kind) => {
    fc.assert(
      fc.property(anyAnswered(kind), ({ asked, answer }) => {
        const possible: readonly string[] = mistakesPossible(asked, USUAL_SETTINGS);
        // Of two together the second may act on what the first has made of the working.
        for (const { habits } of judge(asked, answer, USUAL_SETTINGS)?.causes ?? []) {
          const here = habits.filter((id) => possible.includes(id));
          expect(here.length, `${questionCode(asked)} ${answerCode(answer)}`).toBeGreaterThan(0);
          if (habits.length === 1) expect(here).toEqual(habits);
        }
      }),
    );
  });
});
