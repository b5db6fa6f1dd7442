import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLEFS } from '../instrument/staff';
import { noteNamed } from '../note/parse';
import { asciiName, type SpelledNote } from '../note/spelled';
import { DIRECTIONS } from '../scale/line';
import { SCALE_IDS } from '../scale/pattern';
import { TONICS } from '../scale/tonic';
import { answersOf, findHabits } from './find-habits';
import { type Habit, SCALE_HABITS, type ScaleHabit } from './habit';
import { HABITS } from './habits/all';
import { expectedNotes, type ScaleQuestion } from './scale-question';

const row = (notes: string): readonly SpelledNote[] => notes.split(' ').map(noteNamed);

function asked(
  tonic: string,
  scale: ScaleQuestion['scale'],
  more: Partial<ScaleQuestion> = {},
): ScaleQuestion {
  return { tonic: noteNamed(tonic), scale, direction: 'up', signature: 'none', clef: null, ...more };
}

const QUESTIONS: readonly ScaleQuestion[] = TONICS.flatMap((tonic) =>
  SCALE_IDS.flatMap((scale) =>
    DIRECTIONS.map(
      (direction): ScaleQuestion => ({ tonic, scale, direction, signature: 'none', clef: 'treble' }),
    ),
  ),
);

/** What a teacher would say of an answer, worked out by hand: tonic, scale, way, the answer, its habit. */
const EXAMPLES: readonly (readonly [
  string,
  ScaleQuestion['scale'],
  ScaleQuestion['direction'],
  string,
  ScaleHabit,
])[] = [
  ['F', 'major', 'up', 'F G A A# C D E F', 'respelled'],
  ['Eb', 'major', 'up', 'Eb F G A B C D Eb', 'signature-ignored'],
  ['E', 'major', 'up', 'E F# G# A B C# D E', 'one-too-few'],
  ['D', 'major', 'up', 'D E# F G A B# C D', 'order-swapped'],
  ['D', 'major', 'up', 'D Eb F G A Bb C D', 'kind-swapped'],
  ['G', 'natural-minor', 'up', 'G A B C D E F# G', 'parallel-signature'],
  ['C', 'natural-minor', 'up', 'Eb F G Ab Bb C D Eb', 'relative-tonic'],
  ['D', 'dorian', 'up', 'D E F# G A B C# D', 'own-major-signature'],
  ['G', 'mixolydian', 'up', 'G A B C# D E F# G', 'parent-wrong-way'],
  ['D', 'dorian', 'up', 'D Eb F G A Bb C D', 'parent-wrong-degree'],
  ['D', 'harmonic-minor', 'up', 'D E F G A Bb C D', 'seventh-not-raised'],
  ['A', 'melodic-minor', 'up', 'A B C D E F G A', 'sixth-and-seventh-not-raised'],
  ['D', 'harmonic-minor', 'up', 'D E F G A B C# D', 'sixth-raised'],
  ['D', 'melodic-minor', 'up', 'D E F G A Bb C# D', 'sixth-not-raised'],
  ['E', 'natural-minor', 'up', 'E F# G A B C D# E', 'form-unasked'],
  ['A', 'melodic-minor', 'both', 'A B C D E F# G# A G# F# E D C B A', 'raised-coming-down'],
  ['A', 'melodic-minor', 'both', 'A B C D E F# G# A G F# E D C B A', 'one-restored'],
  ['C', 'harmonic-minor', 'up', 'C D Eb F G A Bb C', 'raised-other-degree'],
  ['A', 'harmonic-minor', 'up', 'A B C D E F Gb A', 'lowered-instead'],
  ['C', 'harmonic-minor', 'up', 'C D Eb F G Ab B# C', 'raised-is-sharp'],
  ['Bb', 'major', 'up', 'Bb C D Eb Fb G A Bb', 'stuck-accidental'],
  ['G', 'major', 'up', 'G A B C# D E F G', 'half-step-misplaced'],
  ['D', 'dorian', 'up', 'D Eb F G Ab Bb C D', 'wrong-mode'],
  ['G', 'major', 'up', 'G A B C D# E F# G', 'accidental-extra'],
];

/** Whether a habit makes just this answer. */
function makes(habit: Habit, question: ScaleQuestion, answer: readonly SpelledNote[]): boolean {
  const text = answer.map(asciiName).join(' ');
  return answersOf(habit, question).some((made) => made.map(asciiName).join(' ') === text);
}

describe('a habit', () => {
  it('stands in the catalogue once, by rank', () => {
    expect(HABITS.map(({ id }) => id)).toEqual([...SCALE_HABITS]);
    const ranks = HABITS.map(({ rank }) => rank);
    expect(ranks).toEqual(ranks.toSorted((a, b) => a - b));
  });

  it.each(EXAMPLES)('%s %s %s as %s is %s', (tonic, scale, direction, answer, habit) => {
    const found = findHabits(asked(tonic, scale, { direction }), row(answer));
    expect([found?.habits, ...(found?.ties ?? [])].flat()).toContain(habit);
    expect(found?.habits).toHaveLength(1);
  });

  it('explains every answer it makes, unless one at least as weighty does, and is found again where it is alone', () => {
    const counts = new Map(
      SCALE_HABITS.map((id) => [id, { all: 0, first: 0, tied: 0, alone: 0, aloneFirst: 0 }]),
    );
    for (const question of QUESTIONS.filter((_, at) => at % 13 === 0)) {
      for (const habit of HABITS) {
        const count = counts.get(habit.id);
        if (!count) throw new Error(habit.id);
        for (const answer of answersOf(habit, question).slice(0, 3)) {
          const found = findHabits(question, answer);
          const [first] = found?.habits ?? [];
          const weight = HABITS.find(({ id }) => id === first)?.rank ?? 99;
          expect(found?.habits).toHaveLength(1);
          expect(weight).toBeLessThanOrEqual(habit.rank);
          const others = HABITS.filter((other) => other !== habit && makes(other, question, answer));
          count.all += 1;
          if (first === habit.id) count.first += 1;
          else if (found?.ties.some((tie) => tie.join() === habit.id)) count.tied += 1;
          if (others.length > 0) continue;
          count.alone += 1;
          if (first === habit.id) count.aloneFirst += 1;
        }
      }
    }
    for (const [id, { all, first, tied, alone, aloneFirst }] of counts) {
      console.info(
        `${id.padEnd(30)} ${String(all).padStart(5)} made: ${first} first, ${tied} tied; alone ${aloneFirst} of ${alone}`,
      );
      expect(all).toBeGreaterThan(0);
      expect(aloneFirst).toBe(alone);
    }
  });
});

describe('an answer', () => {
  it('that is right has no habit, in any direction', () => {
    for (const question of QUESTIONS) expect(findHabits(question, expectedNotes(question))).toBeNull();
  });

  it('of any notes is judged without failing, and gets no habit that does not predict it', () => {
    const note = fc.constantFrom(...TONICS);
    fc.assert(
      fc.property(
        fc.constantFrom(...QUESTIONS),
        fc.constantFrom(...CLEFS, null),
        fc.array(note, { maxLength: 16 }),
        (question, clef, answer) => {
          const found = findHabits({ ...question, clef }, answer);
          if (found?.habits.length !== 1) return;
          const habit = HABITS.find(({ id }) => id === found.habits[0]);
          if (!habit) throw new Error('a habit of the catalogue');
          const made = answersOf(habit, { ...question, clef }).map((each) => each.map(asciiName).join(' '));
          expect(made).toContain(answer.map(asciiName).join(' '));
        },
      ),
      { numRuns: 60 },
    );
  });
});
