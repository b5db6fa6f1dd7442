import { describe, expect, it } from 'vitest';
import { picksFrom } from '../exercise/kinds/making';
import { TRANSPOSING } from '../instrument/transposing';
import { intervalBetween } from '../note/interval';
import { midiOf, pitch } from '../note/pitch';
import { asciiName } from '../note/spelled';
import { SCALE_IDS } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { TONICS } from '../scale/tonic';
import { USUAL_SETTINGS } from '../school/settings';
import { ENGLISH, wordsOf } from '../words/class-words';
import { sayQuiz, sayQuizChoice, sayQuizReason } from '../words/say-quiz';
import { quizOf, READ_QUIZZES, turnedOver } from './quiz';

/** Every scale of seven notes on every tonic that can be spelled. */
const SCALES = SCALE_IDS.flatMap((id) =>
  TONICS.flatMap((tonic) => {
    const reading = scaleNamed(tonic, id);
    return reading.ok ? [reading.scale] : [];
  }),
);

/** Names of the degrees, as they stand in books; the 7th by its distance from the octave. */
const BOOK = ['tonic', 'supertonic', 'mediant', 'subdominant', 'dominant', 'submediant'];

/** What intervals become when they are turned over, by a table of their names. */
const INVERSIONS: Readonly<Record<string, string>> = {
  'perfect unison': 'perfect octave',
  'minor second': 'major seventh',
  'major second': 'minor seventh',
  'augmented second': 'diminished seventh',
  'diminished third': 'augmented sixth',
  'minor third': 'major sixth',
  'major third': 'minor sixth',
  'diminished fourth': 'augmented fifth',
  'perfect fourth': 'perfect fifth',
  'augmented fourth': 'diminished fifth',
  'diminished fifth': 'augmented fourth',
  'perfect fifth': 'perfect fourth',
  'augmented fifth': 'diminished fourth',
  'minor sixth': 'major third',
  'major sixth': 'minor third',
  'diminished seventh': 'augmented second',
  'minor seventh': 'major second',
  'major seventh': 'minor second',
};

describe('quizzes over every scale and tonic', () => {
  it('say of a degree what counting letters and half steps says', () => {
    for (const scale of SCALES) {
      for (const id of ['degree-number', 'degree-name', 'degree-note'] as const) {
        const { choices, right, reason } = quizOf(id, picksFrom(scale.tonic.alteration + 40), scale);
        if (reason.is !== 'counted') throw new Error('a degree is counted');
        const letters = 'CDEFGABCDEFGAB';
        const away = letters.indexOf(reason.note.letter, letters.indexOf(scale.tonic.letter));
        expect(away - letters.indexOf(scale.tonic.letter) + 1).toBe(reason.degree);
        const above = midiOf(pitch(scale.tonic, 5)) - midiOf(pitch(reason.note, 4));
        const toOctave = ((above % 12) + 12) % 12;
        const name = BOOK[reason.degree - 1] ?? (toOctave === 1 ? 'leading note' : 'subtonic');
        const said = choices[right] ? sayQuizChoice(ENGLISH, choices[right]) : '';
        if (id === 'degree-name') expect(said, asciiName(scale.tonic)).toBe(name);
        if (id === 'degree-note') expect(said).toBe(ENGLISH.note(reason.note));
        if (id === 'degree-number') expect(Number.parseInt(said, 10)).toBe(reason.degree);
        expect(sayQuizReason(ENGLISH, reason)).toContain(name);
      }
    }
  });

  it('turn intervals over as the table of their names has it', () => {
    for (const [one, other] of Object.entries(INVERSIONS)) {
      if (INVERSIONS[other] !== undefined) expect(INVERSIONS[other]).toBe(one);
    }
    for (const scale of SCALES) {
      for (let seed = 0; seed < 4; seed += 1) {
        const { asked, choices, right } = quizOf('inverted', picksFrom(seed * 77), scale);
        if (asked?.quiz !== 'inverted') throw new Error('an interval is asked');
        const low = pitch(asked.low, 4);
        const above = [4, 5].map((octave) => pitch(asked.high, octave));
        const found = above.map((high) => intervalBetween(low, high)).find(({ letters }) => letters >= 1);
        expect({ size: found?.letters, quality: found?.quality }).toEqual({
          size: asked.size,
          quality: asked.quality,
        });
        const question = sayQuiz(ENGLISH, quizOf('inverted', picksFrom(seed * 77), scale), scale);
        const said = Object.keys(INVERSIONS).find((name) => question.includes(` ${name}.`)) ?? '';
        expect(choices[right] && sayQuizChoice(ENGLISH, choices[right]), question).toBe(INVERSIONS[said]);
        expect(turnedOver(turnedOver(asked))).toEqual({ size: asked.size, quality: asked.quality });
      }
    }
  });

  it('let an instrument sound its key note where it reads C', () => {
    for (const [id, { letters, semitones }] of Object.entries(TRANSPOSING)) {
      for (let seed = 0; seed < 60; seed += 1) {
        const { asked, reason } = quizOf('sounding', picksFrom(seed), SCALES[seed] as (typeof SCALES)[0]);
        if (asked?.quiz !== 'sounding' || asked.instrument !== id || reason.is !== 'sounds') continue;
        expect(midiOf(reason.written) - midiOf(reason.sounds)).toBe(semitones);
        expect(reason.written.note.letter === reason.sounds.note.letter).toBe(letters % 7 === 0);
      }
    }
  });

  it('have one right answer among several that are said otherwise, in every school', () => {
    for (const noteNames of ['english', 'german', 'dutch', 'fixed-do'] as const) {
      const w = wordsOf({ ...USUAL_SETTINGS, noteNames });
      for (const [at, scale] of SCALES.entries()) {
        if (at % 23 !== 0) continue;
        for (const id of READ_QUIZZES) {
          const quiz = quizOf(id, picksFrom(at), scale);
          const said = quiz.choices.map((choice) => sayQuizChoice(w, choice));
          expect(new Set(said).size, said.join(' | ')).toBe(said.length);
          expect(said.length).toBeGreaterThanOrEqual(3);
          expect(sayQuiz(w, quiz, scale)).toMatch(/\?$/u);
          expect(sayQuizReason(w, quiz.reason)).toMatch(/\.$/u);
        }
      }
    }
  });
});
