import { describe, expect, it } from 'vitest';
import { midiOf } from '../../note/pitch';
import { everyQuestion } from '../every-question.test-data';
import { judge } from '../judge';
import { formOf, KIND_IDS, rightAnswer } from '../kinds/all';
import { audibleHabits, learnerPlays } from './learner';
import { personIn, placeRows, placeRuns } from './match';
import { isPlayable, midiOfAnswer, playedAnswers } from './played';
import { codeOf, MINORS, SCHOOL } from './set.test-data';

const playable = KIND_IDS.flatMap((kind) => everyQuestion(kind)).filter(isPlayable);

describe('a played answer', () => {
  it('that sounds right is right, in every question that can be played', () => {
    let questions = 0;
    for (const asked of playable) {
      const [first] = playedAnswers(asked, midiOfAnswer(rightAnswer(asked, SCHOOL)), SCHOOL);
      expect(first && judge(asked, first, SCHOOL)?.correct, JSON.stringify(asked)).toBe(true);
      questions += 1;
    }
    console.info(`${questions} questions were played`);
    expect(questions).toBeGreaterThan(100);
  });

  it('sounds as it was played, in every spelling that is offered', () => {
    for (const asked of playable.filter((_, at) => at % 5 === 0)) {
      for (const habit of audibleHabits(asked, SCHOOL).slice(0, 4)) {
        const played = learnerPlays(asked, habit, SCHOOL);
        const offered = playedAnswers(asked, played, SCHOOL);
        expect(offered.length).toBeGreaterThan(0);
        for (const answer of offered) {
          // Octaves are kept with scales and single notes.
          const keys =
            answer.is === 'scale'
              ? answer.notes.map(({ note, octave }) => midiOf({ note, octave: octave ?? 0 }))
              : midiOfAnswer(answer);
          const of12 = formOf(asked) === 'notes';
          expect(keys.map((key) => (of12 ? key % 12 : key))).toEqual(
            played.map((key) => (of12 ? key % 12 : key)),
          );
        }
        expect(
          offered.every((answer) => judge(asked, answer, SCHOOL)?.correct === false),
          `${habit} ${JSON.stringify(asked)} ${JSON.stringify(offered)}`,
        ).toBe(true);
      }
    }
  });

  it('is nothing where nothing was played, and is taken as far as an answer goes', () => {
    const [asked] = playable;
    if (!asked) throw new Error('no question');
    expect(playedAnswers(asked, [], SCHOOL)).toEqual([]);
    expect(playedAnswers(asked, Array(200).fill(60), SCHOOL).length).toBeGreaterThan(0);
  });
});

const PEOPLE = [
  { id: 'a', name: 'Ines' },
  { id: 'b', name: 'M. K.' },
  { id: 'c', name: 'Ines Brandt' },
  { id: 'd', name: 'José' },
];

describe('whose it is and to which question', () => {
  it.each([
    [['Ines'], 'a'],
    [['ines brandt, minors'], 'c'],
    [['Homework', 'answer_m.k.'], 'b'],
    [['Jose 3'], 'd'],
    [['Inessa'], null],
    [['Ines and José'], null],
    [[''], null],
  ])('%j is %s', (texts, id) => {
    expect(personIn(texts, PEOPLE)).toBe(id);
  });

  it('finds the question of each row, and asks where two are alike', () => {
    const scales = MINORS.filter(({ asked }) => asked.kind === 'scale');
    const codes = scales.map((question) => codeOf(question, 'seventh-not-raised') ?? codeOf(question) ?? '');
    const places = placeRows(codes.toReversed(), MINORS, SCHOOL);
    const of = (row: number) => places.find((each) => each.row === row)?.question;
    // E and F stand alone; two of them are on C, one goes up and down.
    expect([of(3), of(2), of(1), of(0)]).toEqual(['q1', 'q2', 'q3', 'q4']);
    const twins = MINORS.slice(0, 1).flatMap((question) => [question, { ...question, id: 'twin' }]);
    const twin = (twins[0] && codeOf(twins[0])) ?? '';
    expect(placeRows([twin, ''], twins, SCHOOL)).toEqual([{ row: 0, question: null }]);
  });

  it('finds what was played by its sounds', () => {
    const scales = MINORS.filter(({ asked }) => isPlayable(asked));
    const runs = scales.map(({ asked }) => learnerPlays(asked, null, SCHOOL));
    expect(
      placeRuns(runs, scales, SCHOOL)
        .map(({ row, question }) => [row, question])
        .toSorted(),
    ).toEqual(scales.map(({ id }, row) => [row, id]));
  });
});
