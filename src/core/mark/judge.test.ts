import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { asciiName, fifths, noteAtFifths, type SpelledNote } from '../note/spelled';
import { MODES } from '../scale/mode';
import { PATTERNS, SCALE_IDS, scaleOfMode } from '../scale/pattern';
import { accidentalsOf, isPrintable, signatureOf } from '../scale/signature';
import { TONICS } from '../scale/tonic';
import { CHOICES, USUAL_SETTINGS } from '../school/settings';
import { drawn, EXAMPLES } from './examples.test-data';
import { answersOfPair, findHabits, isSameRow } from './find-habits';
import { judgeGiven, rightAnswer } from './given';
import { HABIT_IDS } from './habit-id';
import { HABITS } from './habits/all';
import { judge } from './judge';
import { keyOfSignature, partnerOf } from './judge-key';
import { markProblem } from './markable';
import { scoreOf } from './marks';
import { NAMING } from './names/all';
import { keyAsked, practiceFor } from './practice';
import type { Marked } from './questions';
import { expectedNotes, type ScaleQuestion } from './scale-question';
import { SIGNING } from './signature/all';

const codesOf = (marked: Marked) =>
  judge(marked, USUAL_SETTINGS).causes.map(({ habits }) => habits.join('+'));

/** Habits only a whole scale can show are told in their own tests. */
const told = new Set<string>([...HABITS.map(({ id }) => id), ...EXAMPLES.map(([, , id]) => id)]);

describe('a habit behind an answer that is no scale', () => {
  it.each(EXAMPLES)('%s', (_, marked, habit) => {
    expect(judge(marked, USUAL_SETTINGS).correct).toBe(false);
    expect(codesOf(marked)).toContain(habit);
  });

  it('of every id has an example', () => {
    for (const id of HABIT_IDS) expect(told).toContain(id);
  });

  it('in naming is found for every name it makes, first or after a more particular one', () => {
    for (const mode of MODES) {
      for (let count = -7; count <= 7; count += 1) {
        const question = { fifths: fifths(count), mode };
        const right = keyOfSignature(question);
        const asked = { ...question, tonic: right.tonic, of: null };
        for (const [at, { id, makes }] of NAMING.entries()) {
          for (const name of makes(asked, right)) {
            if (name.tonic === right.tonic && name.scale === right.scale) continue;
            const found = codesOf({ kind: 'name-key', question, answer: { key: name, small: false } });
            expect(found).toContain(id);
            const first = NAMING.findIndex((each) => each.id === found[0]);
            expect(first).toBeLessThanOrEqual(at);
          }
        }
      }
    }
  });

  it('in signatures is found for every signature it makes', () => {
    for (const tonic of TONICS) {
      for (const scale of SCALE_IDS) {
        if (!isPrintable(signatureOf(tonic, PATTERNS[scale].mode))) continue;
        const wanted = accidentalsOf(signatureOf(tonic, PATTERNS[scale].mode));
        for (const { id, makes } of SIGNING) {
          for (const signs of makes({ tonic, scale }, wanted).slice(0, 3)) {
            if (isSameRow(signs, wanted)) continue;
            expect(codesOf(drawn(asciiName(tonic), scale, signs.map(asciiName).join(' ')))).toContain(id);
          }
        }
      }
    }
  });
});

describe('another scale', () => {
  it('in a row of steps is no misplaced half step', () => {
    for (const scale of SCALE_IDS.filter((id) => id !== 'major')) {
      const answer = PATTERNS[scale].rising;
      const [first] = codesOf({ kind: 'steps', question: { scale: 'major', direction: 'up' }, answer });
      expect(first).toBe('wrong-mode');
    }
  });

  it('is signed as the class writes modes', () => {
    const judged = (signs: string, modesWritten: 'parent' | 'tonic') =>
      judge(drawn('D', 'dorian', signs), { ...USUAL_SETTINGS, modesWritten }).correct;
    expect([judged('', 'parent'), judged('Bb', 'parent')]).toEqual([true, false]);
    expect([judged('', 'tonic'), judged('Bb', 'tonic')]).toEqual([false, true]);
  });
});

describe('right is right', () => {
  it('in every kind and every key', () => {
    const isRight = (marked: Marked) => {
      const judged = judge(marked, USUAL_SETTINGS);
      expect(judged).toMatchObject({ correct: true, findings: [], causes: [] });
      const { got, of } = scoreOf(judged, USUAL_SETTINGS);
      expect(got).toBe(of);
    };
    for (let count = -7; count <= 7; count += 1) {
      for (const mode of MODES) {
        const question = { fifths: fifths(count), mode };
        const right = keyOfSignature(question);
        isRight({ kind: 'name-key', question, answer: { key: right, small: false } });
        for (const relation of ['relative', 'parallel', 'enharmonic'] as const) {
          const asked = { relation, tonic: right.tonic, mode };
          const partner = partnerOf(asked);
          if (partner) isRight({ kind: 'partner', question: asked, answer: { key: partner, small: false } });
        }
        const scale = scaleOfMode(mode) as ScaleQuestion['scale'];
        const signs = accidentalsOf(fifths(count));
        isRight(drawn(asciiName(right.tonic), scale, signs.map(asciiName).join(' ')));
        isRight({
          kind: 'name-signature',
          question: { tonic: right.tonic, scale },
          answer: { fifths: fifths(count), signs },
        });
      }
    }
    for (const tonic of TONICS) {
      for (const scale of SCALE_IDS) {
        const notes = expectedNotes({ tonic, scale, direction: 'up', signature: 'none', clef: null });
        isRight({
          kind: 'name-scale',
          question: { notes },
          answer: { key: { tonic, scale }, small: false, reasons: [] },
        });
        for (let degree = 1; degree <= 7; degree += 1)
          isRight({ kind: 'degree', question: { tonic, scale, degree }, answer: notes[degree - 1] ?? null });
      }
    }
  });
});

describe('a numeral', () => {
  it('is right as any class writes it, on every degree that has a chord', () => {
    for (const numerals of CHOICES.numerals) {
      for (const diminished of CHOICES.diminished) {
        const school = { ...USUAL_SETTINGS, numerals, diminished };
        for (const tonic of ['C', 'Eb', 'F#'].map(noteNamed)) {
          for (const scale of SCALE_IDS) {
            for (const size of [3, 4] as const) {
              for (let degree = 1; degree <= 7; degree += 1) {
                const asked = {
                  kind: 'chord' as const,
                  question: { tonic, scale, degree, size, wants: 'numeral' as const },
                };
                if (markProblem(asked)) continue;
                const right = rightAnswer(asked, school);
                expect(judgeGiven(asked, right, school), JSON.stringify(right)).toMatchObject({
                  correct: true,
                });
              }
            }
          }
        }
      }
    }
  });

  it('is told by its case, its circle and its size', () => {
    const on7 = {
      tonic: noteNamed('C'),
      scale: 'major' as const,
      degree: 7,
      size: 4 as const,
      wants: 'numeral' as const,
    };
    const said = (numeral: string) =>
      judge({ kind: 'chord', question: on7, answer: { numeral } }, USUAL_SETTINGS).correct;
    expect(['viiø7', 'vii°7', 'vii°', 'VIIø7', 'vii7'].map(said)).toEqual([true, false, false, true, false]);
  });
});

describe('no habit', () => {
  it('is named for an answer with three or more wrong notes that no habit and no pair makes', () => {
    const question: ScaleQuestion = {
      tonic: noteNamed('D'),
      scale: 'harmonic-minor',
      direction: 'up',
      signature: 'none',
      clef: 'treble',
    };
    const text = (notes: readonly SpelledNote[]) => notes.map(asciiName).join(' ');
    const made = new Set<string>();
    for (const first of HABITS) {
      for (const second of HABITS)
        for (const answer of answersOfPair(first, second, question)) made.add(text(answer));
    }
    const right = expectedNotes(question);
    const near = fc.constantFrom(
      ...Array.from({ length: 19 }, (_, at) => noteAtFifths(at - 8) as SpelledNote),
    );
    const count = { asked: 0, none: 0 };
    fc.assert(
      fc.property(fc.array(near, { minLength: 8, maxLength: 8 }), fc.nat(255), (others, places) => {
        const answer = right.map((note, at) => ((places >> at) & 1 ? (others[at] as SpelledNote) : note));
        const wrong = answer.filter((note, at) => note !== right[at]).length;
        if (wrong < 3 || made.has(text(answer))) return;
        count.asked += 1;
        const found = findHabits(question, answer);
        if (found.length === 0) count.none += 1;
        // Where one is named all the same, it is single: pairs were listed whole.
        for (const { habits } of found) expect(habits).toHaveLength(1);
      }),
      { numRuns: 1500 },
    );
    console.info(`no habit for ${count.none} of ${count.asked} answers that none makes`);
    expect(count.asked).toBeGreaterThan(500);
    expect(count.none / count.asked).toBeGreaterThanOrEqual(0.98);
  }, 60_000);
});

describe('practice against a habit', () => {
  it('is another key that can be written, for every habit and question', () => {
    for (const [, marked] of EXAMPLES) {
      const asked = keyAsked(marked);
      for (const id of HABIT_IDS) {
        const practice = practiceFor(id, asked);
        expect(practice.tonic).not.toBe(asked.tonic);
        expect(isPrintable(signatureOf(practice.tonic, PATTERNS[practice.scale].mode))).toBe(true);
      }
    }
  });
});
