import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLEFS } from '../instrument/staff';
import { noteNamed } from '../note/parse';
import { asciiName, type SpelledNote } from '../note/spelled';
import { DIRECTIONS } from '../scale/direction';
import { SCALE_IDS } from '../scale/pattern';
import { TONICS } from '../scale/tonic';
import { answersOf, answersOfPair, byRank, findHabits } from './find-habits';
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
    expect(
      found.filter((each) => byRank(each, found[0] ?? each) === 0).map(({ habits }) => habits),
    ).toContainEqual([habit]);
  });

  it('is found first, or as a tie that is stated, for every answer it makes over all keys', () => {
    for (const habit of HABITS) {
      const count = { made: 0, first: 0, tied: 0, alone: 0, aloneFirst: 0 };
      for (const question of QUESTIONS.filter(({ direction }, at) => direction === 'up' || at % 7 === 0)) {
        for (const answer of answersOf(habit, question).slice(0, 4)) {
          const found = findHabits(question, answer);
          const [first] = found;
          count.made += 1;
          if (first?.habits.join() === habit.id) count.first += 1;
          else if (found.some(({ habits }) => habits.join() === habit.id)) count.tied += 1;
          if (HABITS.some((other) => other !== habit && makes(other, question, answer))) continue;
          count.alone += 1;
          if (first?.habits.join() === habit.id && found.length === 1) count.aloneFirst += 1;
        }
      }
      const { made, first, tied, alone, aloneFirst } = count;
      console.info(
        `${habit.id.padEnd(30)} ${String(made).padStart(5)} made: ${first} first, ${tied} as a stated tie; alone ${aloneFirst} of ${alone}`,
      );
      expect(made).toBeGreaterThan(0);
      expect(first + tied).toBe(made);
      expect(aloneFirst).toBe(alone);
    }
  });

  it('is found with another one, for what two of them make together', () => {
    const keys = QUESTIONS.filter((_, at) => at % 83 === 0);
    const count = { made: 0, single: 0, first: 0, tied: 0, missed: 0 };
    for (const question of keys) {
      for (const [at, one] of HABITS.entries()) {
        for (const other of HABITS.filter((_, place) => place !== at)) {
          const [answer] = answersOfPair(one, other, question).slice(-1);
          if (!answer) continue;
          const found = findHabits(question, answer);
          const pair = [one.id, other.id].toSorted().join();
          const place = found.findIndex(({ habits }) => habits.toSorted().join() === pair);
          count.made += 1;
          if (found[0]?.habits.length === 1) count.single += 1;
          else if (place === 0) count.first += 1;
          else if (place > 0) count.tied += 1;
          else count.missed += 1;
        }
      }
    }
    console.info('pairs', JSON.stringify(count));
    expect(count.missed / count.made).toBeLessThan(0.1);
  });
});

describe('an answer', () => {
  it('that is right has no habit, in any direction', () => {
    for (const question of QUESTIONS) expect(findHabits(question, expectedNotes(question))).toEqual([]);
  });

  it('of any notes is judged without failing, and gets no habit that does not predict it', () => {
    const note = fc.constantFrom(...TONICS);
    fc.assert(
      fc.property(
        fc.constantFrom(...QUESTIONS),
        fc.constantFrom(...CLEFS, null),
        fc.array(note, { maxLength: 16 }),
        (question, clef, answer) => {
          const [found] = findHabits({ ...question, clef }, answer);
          if (found?.habits.length !== 1 || answer.length !== expectedNotes(question).length) return;
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
