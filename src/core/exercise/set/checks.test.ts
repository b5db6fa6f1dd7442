import { describe, expect, it } from 'vitest';
import { asciiName } from '../../note/spelled';
import { DIRECTIONS } from '../../scale/direction';
import { TONICS } from '../../scale/tonic';
import { readAnswerCode } from '../code';
import { disagreements } from './cross-check';
import { codeOf, MINORS, paperOf, questionsOf, SCHOOL } from './set.test-data';
import { workDone } from './work-done';

describe('count, list and name', () => {
  const questions = questionsOf('signature.Eb.major.treble', 'name-key.-3.major', 'name-signature.Eb.major');
  const [drawn, named, counted] = questions;
  if (!drawn || !named || !counted) throw new Error('no questions');

  it('are told apart where one is right and another is not', () => {
    const papers = [
      paperOf('all right', { q1: codeOf(drawn) ?? '', q2: codeOf(named) ?? '' }),
      paperOf('list but not name', { q1: codeOf(drawn) ?? '', q2: 'Bb.major' }),
      paperOf('count but not list', { q3: '-3:Bb-Ab-Eb' }),
      paperOf('all wrong', { q1: 'Bb-Eb', q2: 'Bb.major' }),
    ];
    const found = disagreements(questions, papers, SCHOOL);
    expect(found.map(({ person }) => person)).toEqual(['list but not name', 'count but not list']);
    const sides = found.map((each) => each.sides.map(({ side, right }) => `${side} ${right}`));
    expect(sides).toEqual([
      ['count true', 'list true', 'name false'],
      ['count true', 'list false'],
    ]);
    expect(found.every(({ fifths }) => fifths === -3)).toBe(true);
  });
});

describe('the label against the work', () => {
  it('names the scale that was written in place of the one asked, on every tonic and in every direction', () => {
    let cases = 0;
    for (const tonic of TONICS) {
      for (const direction of DIRECTIONS) {
        const [asked] = questionsOf(`scale.${asciiName(tonic)}.harmonic-minor.${direction}.treble.none`);
        const [written] = questionsOf(`scale.${asciiName(tonic)}.natural-minor.${direction}.treble.none`);
        if (!asked || !written) continue;
        const answer = readAnswerCode(asked.asked, codeOf(written) ?? '');
        const done = answer && workDone(asked, answer, [asked], SCHOOL);
        expect(done).toEqual({ is: 'other-scale', tonic, scale: 'natural-minor', direction });
        cases += 1;
      }
    }
    expect(cases).toBeGreaterThan(30);
  });

  it('sees another direction, the answer to another question, and nothing where it is only wrong', () => {
    const [up, down] = questionsOf(
      'scale.E.harmonic-minor.up.treble.none',
      'scale.E.harmonic-minor.down.treble.none',
    );
    const [question] = MINORS;
    if (!up || !down || !question) throw new Error('no questions');
    const falling = readAnswerCode(up.asked, codeOf(down) ?? '');
    expect(falling && workDone(up, falling, [up], SCHOOL)).toEqual({
      is: 'other-direction',
      direction: 'down',
    });
    expect(falling && workDone(up, falling, [up, down], SCHOOL)).toEqual({
      is: 'other-question',
      question: 'q2',
    });
    const slip = readAnswerCode(question.asked, 'E-F#-G-A-B-C-Eb-E');
    expect(slip && workDone(question, slip, MINORS, SCHOOL)).toBeNull();
    const right = readAnswerCode(question.asked, codeOf(question) ?? '');
    expect(right && workDone(question, right, MINORS, SCHOOL)).toBeNull();
  });
});
