import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Answer } from '../exercise/answer';
import { ANY_TYPED } from '../exercise/any-answer.test-data';
import { asking } from '../exercise/every-question.test-data';
import { judge } from '../exercise/judge';
import { formOf, KIND_IDS, type MarkQuestion, rightAnswer } from '../exercise/kinds/all';
import { MISTAKES } from '../mark/mistakes/all';
import { noteNamed } from '../note/parse';
import { asciiName } from '../note/spelled';
import { SCALE_IDS } from '../scale/pattern';
import { TONICS } from '../scale/tonic';
import { CHOICES, USUAL_SETTINGS } from '../school/settings';
import { ENGLISH, wordsOf } from './class-words';
import { readGiven } from './read-given';
import { sayGiven } from './say-given';

const scale = (
  tonic: string,
  id: (typeof SCALE_IDS)[number],
  signature: 'none' | 'written' = 'none',
): MarkQuestion => ({
  kind: 'scale',
  question: { tonic: noteNamed(tonic), scale: id, direction: 'up', signature, clef: 'treble' },
});

function notesIn(given: Answer): string {
  if (given.is !== 'scale') throw new Error(given.is);
  return given.notes.map(({ note }) => asciiName(note)).join(' ');
}

function typed(
  asked: MarkQuestion,
  text: string,
  names: (typeof CHOICES.noteNames)[number] = 'english',
): string {
  const reading = readGiven(wordsOf({ ...USUAL_SETTINGS, noteNames: names }), asked, text);
  return reading.ok ? notesIn(reading.given) : reading.why;
}

const QUESTIONS: readonly MarkQuestion[] = [
  ...MISTAKES.map(({ example }) => asking(example.asked)),
  ...TONICS.flatMap((tonic) =>
    SCALE_IDS.flatMap((id) =>
      (['none', 'written'] as const).map((signature) => scale(asciiName(tonic), id, signature)),
    ),
  ),
  { kind: 'name-scale', question: { notes: 'A B C D E F G# A'.split(' ').map(noteNamed) } },
  { kind: 'name-signature', question: { tonic: noteNamed('Eb'), scale: 'major' } },
  { kind: 'order', question: { order: -3 } },
  asking('dictation.1-2-3-5.E.major.treble.written'),
];

describe('a typed answer', () => {
  it.each([
    'D E F# G A B C# D',
    'D, E, F#, G, A, B, C#, D',
    'd e f# g a b c# d',
    'D-E-F#-G-A-B-C#-D',
    'D – E – F♯ – G – A – B – C♯ – D',
    'D/E/F sharp/G/A/B/C sharp/D',
    'D E F-sharp G A B C-sharp D',
    'DEF#GABC#D',
    'D4 E4 F#4 G4 A4 B4 C#5 D5',
    ' D  E ; F# | G → A > B , C# (D) ',
  ])('%s is one row', (text) => {
    expect(typed(scale('D', 'major'), text)).toBe('D E F# G A B C# D');
  });

  it('is read in the names of the class, one reading each', () => {
    expect(typed(scale('B', 'major'), 'H Cis Dis E Fis Gis Ais H', 'german')).toBe('B C# D# E F# G# A# B');
    expect(typed(scale('B', 'major'), 'HCisDisEFisGisAisH', 'german')).toBe('B C# D# E F# G# A# B');
    expect(typed(scale('Bb', 'major'), 'b c d es f g a b', 'german')).toBe('Bb C D Eb F G A Bb');
    expect(typed(scale('D', 'major'), 'Re Mi Fa♯ Sol La Si Do♯ Re', 'fixed-do')).toBe('D E F# G A B C# D');
    expect(typed(scale('C', 'major'), 'C D H')).toContain("'H' is not a note name here");
  });

  it('of bare letters follows the signature that is shown, and a natural is said', () => {
    expect(typed(scale('D', 'major', 'written'), 'D E F G A B C D')).toBe('D E F# G A B C# D');
    expect(typed(scale('D', 'major', 'written'), 'D E Fn G A B C♮ D')).toBe('D E F G A B C D');
    expect(typed(scale('D', 'major', 'written'), 'D E F G A H C D', 'german')).toBe('D E F G A B C D');
  });

  it('that cannot be read says what was read and what to write', () => {
    const why = (asked: MarkQuestion, text: string) => {
      const reading = readGiven(ENGLISH, asked, text);
      return reading.ok ? 'read' : reading.why;
    };
    expect(
      why({ kind: 'name-signature', question: { tonic: noteNamed('D'), scale: 'major' } }, '2'),
    ).toContain('2 sharps or 2 flats');
    expect(why({ kind: 'steps', question: { scale: 'major', direction: 'up' } }, 'W W Q')).toContain(
      "'q' is no step",
    );
    expect(
      why(
        {
          kind: 'chord',
          question: { tonic: noteNamed('C'), scale: 'major', degree: 2, size: 3, wants: 'numeral' },
        },
        'two',
      ),
    ).toContain('no numeral');
    expect(why(scale('C', 'major'), 'C D E X')).toContain("'X'");
    expect(why(scale('C', 'major'), 'C '.repeat(40))).toContain('40 notes');
  });

  it('of steps is read by letters and by figures', () => {
    const asked: MarkQuestion = { kind: 'steps', question: { scale: 'major', direction: 'up' } };
    for (const text of [
      'W W H W W W H',
      'wwhwwwh',
      'T T S T T T S',
      '2 2 1 2 2 2 1',
      '2212221',
      'W-W-H-W-W-W-H',
    ])
      expect(readGiven(ENGLISH, asked, text)).toEqual({
        ok: true,
        given: { is: 'steps', steps: [2, 2, 1, 2, 2, 2, 1] },
      });
  });

  it('is said so that it is read again, whatever the class calls things', () => {
    for (const noteNames of CHOICES.noteNames) {
      for (const [at, stepWords] of CHOICES.stepWords.entries()) {
        // Dur and Moll go with German names, and each way of writing keys is taken in turn.
        const keyNames = noteNames === 'german' && at > 1 ? 'german' : at === 1 ? 'case' : 'words';
        const w = wordsOf({ ...USUAL_SETTINGS, noteNames, stepWords, keyNames });
        for (const asked of QUESTIONS.filter((_, at) => at % 7 === 0 || at < MISTAKES.length)) {
          const right = rightAnswer(asked, w.settings);
          const reading = readGiven(w, asked, sayGiven(w, asked, right));
          if (!reading.ok) throw new Error(`${sayGiven(w, asked, right)}: ${reading.why}`);
          const said = sayGiven(w, asked, right);
          expect(judge(asked, reading.given, w.settings), `${said} as ${asked.kind}`).toMatchObject({
            correct: true,
          });
        }
      }
    }
  });

  it('right or wrong is said so that it is read again, in any class', () => {
    const cases = fc
      .tuple(
        fc
          .constantFrom(...KIND_IDS)
          .chain((kind) => fc.constantFrom(...QUESTIONS.filter((each) => each.kind === kind))),
        fc.constantFrom(...CHOICES.noteNames),
      )
      .chain(([asked, noteNames]) =>
        fc.tuple(fc.constant(asked), fc.constant(noteNames), ANY_TYPED[formOf(asked)]),
      );
    fc.assert(
      fc.property(cases, ([asked, noteNames, given]) => {
        const w = wordsOf({ ...USUAL_SETTINGS, noteNames });
        const said = sayGiven(w, asked, given);
        const reading = readGiven(w, asked, said);
        if (!reading.ok) throw new Error(`'${said}' as ${asked.kind}, ${noteNames}: ${reading.why}`);
        expect(reading.given, `'${said}' as ${asked.kind}, ${noteNames}`).toEqual(given);
      }),
      { numRuns: 2000 },
    );
  });

  it('of any text is read or refused', () => {
    fc.assert(
      fc.property(fc.constantFrom(...QUESTIONS), fc.string({ maxLength: 40 }), (asked, text) => {
        const reading = readGiven(ENGLISH, asked, text);
        if (!reading.ok) expect(reading.why.length).toBeGreaterThan(10);
        else expect(judge(asked, reading.given, USUAL_SETTINGS)).not.toBeNull();
      }),
    );
  });

  it('blank has no marks and every mark to get, in every kind', () => {
    expect(new Set(QUESTIONS.map(({ kind }) => kind)).size).toBe(KIND_IDS.length);
    for (const asked of QUESTIONS) {
      const judged = judge(asked, { is: 'blank' }, USUAL_SETTINGS);
      expect(judged?.correct).toBe(false);
      expect(judged?.parts.apart.parts).toBe(judged?.parts.of);
    }
  });
});
