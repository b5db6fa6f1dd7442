import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyAnswered } from '../exercise/any-answer.test-data';
import { questionCode } from '../exercise/code';
import { asking, EVERY_QUESTION } from '../exercise/every-question.test-data';
import { handIn } from '../exercise/hand-in';
import { judge } from '../exercise/judge';
import { KIND_IDS, rightAnswer, taskOf } from '../exercise/kinds/all';
import { answersOf } from '../mark/explain/made';
import { marksUnder, type Score, scoreOf } from '../mark/judging/marks';
import { mistakesIn } from '../mark/mistakes/all';
import { CHOICES, NO_SAYINGS, type Settings, USUAL_SETTINGS } from '../school/settings';
import { wordsOf } from './class-words';
import { readGiven } from './read-given';

const w = wordsOf(USUAL_SETTINGS, NO_SAYINGS);

const SCHEMES = CHOICES.marks.flatMap((marks) =>
  CHOICES.followThrough.map((followThrough): Settings => ({ ...USUAL_SETTINGS, marks, followThrough })),
);

function marked(code: string, typed: string, settings: Settings): Score & { readonly correct: boolean } {
  const asked = asking(code);
  const read = readGiven(w, asked, typed);
  if (!read.ok) throw new Error(read.why);
  const judged = judge(asked, read.given, settings);
  if (!judged) throw new Error(`${code} cannot be marked`);
  return { ...scoreOf(judged, settings), correct: judged.correct };
}

/**
 * Worked by hand: the question, what was written, out of how many, and what is got for each note or sign, by letter and
 * sign, and by letter and sign where a mistake costs once.
 */
const WORKED: readonly (readonly [string, string, number, number, number, number])[] = [
  // One for each note; the letters F and C are right.
  ['scale.D.major.up.treble.none', 'D E F G A B C D', 8, 6, 7, 7.5],
  ['scale.D.major.up.treble.none', 'D E F# G A B C# D', 8, 8, 8, 8],
  // A note left out costs its own; one too many costs one.
  ['scale.D.major.up.treble.none', 'D E F# A B C# D', 8, 7, 7, 7],
  ['scale.D.major.up.treble.none', 'D E F# G G# A B C# D', 8, 7, 7, 7],
  // The whole key in another spelling, and a tonic without its sign: one mistake each.
  ['scale.F#.major.up.treble.none', 'Gb Ab Bb Cb Db Eb F Gb', 8, 0, 0, 7],
  ['scale.C#.major.up.treble.none', 'Db Eb F Gb Ab Bb C Db', 8, 0, 0, 7],
  ['scale.Db.major.up.treble.none', 'D E F# G A B C# D', 8, 0, 4, 7.5],
  // More than was asked, and right.
  ['scale.E.major.up.treble.none', 'E F# G# A B C# D# E D# C# B A G# F# E', 8, 8, 8, 8],
  // Count against list: the list is marked.
  ['name-signature.D.major', '3 sharps: F# C#', 2, 2, 2, 2],
  ['name-signature.D.major', '3 sharps: F# C# G#', 2, 1, 1, 1],
  ['name-signature.D.major', '2 flats F C', 2, 0, 1, 1],
  ['name-signature.G.major', '2 sharps F', 1, 0, 0.5, 0.5],
  ['name-signature.Eb.major', '3 flats', 3, 3, 3, 3],
  ['name-signature.Eb.major', '2 flats', 3, 2, 2, 2],
  ['name-signature.C.major', 'none', 1, 1, 1, 1],
  ['name-signature.C.major', '1 flat', 1, 0, 0, 0],
  // A signature left empty has nothing right, and an empty one is a full answer.
  ['signature.C#.major.treble', 'none', 7, 0, 0, 0],
  ['signature.C.major.treble', 'none', 1, 1, 1, 1],
  // A sign in another place keeps the half of its sign.
  ['signature.D.major.treble', 'F#4 C#5', 2, 1, 1.5, 1.5],
  ['signature.D.major.treble', 'Bb Eb', 2, 0, 0, 1],
  // So does one out of its order; the others follow each other as they should.
  ['signature.D.major.treble', 'C#5 F#5', 2, 1, 1.5, 1.5],
  ['signature.Ab.major.treble', 'Bb Ab Eb Db', 4, 3, 3.5, 3.5],
  ['signature.E.major.treble', 'D# F# C# G#', 4, 3, 3.5, 3.5],
  // An order counts what follows the right one, or stands in its own place.
  ['order.7', 'F# C# G# D# A# E# B#', 7, 7, 7, 7],
  ['order.7', 'C# G# D# A# E# B# F#', 7, 5, 5, 5],
  ['order.7', 'F# G# A# B# C# D# E#', 7, 1, 1, 1],
  ['order.7', 'F C G D A E B', 7, 0, 3.5, 3.5],
  ['order.7', 'F# C G D A E B', 7, 1, 4, 4],
  ['order.-5', 'Bb Eb Ab Db', 5, 4, 4, 4],
  // A chord's notes in any order from any of them; a wrong one from another root.
  ['chord.notes.4.5.D.major', 'C# E G A', 4, 4, 4, 4],
  ['chord.notes.4.5.D.major', 'A C E G', 4, 3, 3.5, 3.5],
  ['chord.notes.3.5.D.major', 'A A C# E', 3, 3, 3, 3],
  ['steps.major.up', 'W W H W W W W', 7, 6, 6, 6],
  ['steps.major.up', 'W H W W W H', 7, 6, 6, 6],
  // A name: half for its letter.
  ['name-key.6.major', 'F major', 1, 0, 0.5, 0.5],
  ['name-key.6.major', 'F#', 1, 0, 0.5, 0.5],
  ['partner.relative.Eb.major', 'Eb minor', 1, 0, 0, 0],
  ['degree.7.D.major', 'C', 1, 0, 0.5, 0.5],
  ['chord.numeral.3.2.D.major', 'II', 1, 0, 0.5, 0.5],
];

describe('marks', () => {
  it.each(WORKED)('%s, answered %s', (code, typed, of, byNote, byLetter, once) => {
    const scheme = (marks: Settings['marks'], followThrough: Settings['followThrough']) =>
      marked(code, typed, { ...USUAL_SETTINGS, marks, followThrough });
    expect(scheme('note', 'each')).toMatchObject({ got: byNote, of });
    expect(scheme('letter-sign', 'each')).toMatchObject({ got: byLetter, of });
    expect(scheme('letter-sign', 'once')).toMatchObject({ got: once, of });
    const { got, correct } = scheme('all', 'each');
    expect([got, correct]).toEqual(correct ? [1, true] : [0, false]);
  });

  it('is not right where number and list do not agree, and both are told', () => {
    const asked = asking('name-signature.D.major');
    const read = readGiven(w, asked, '3 sharps: F# C#');
    const judged = read.ok ? judge(asked, read.given, USUAL_SETTINGS) : null;
    expect(judged?.correct).toBe(false);
    expect(judged?.findings.map(({ code }) => code)).toEqual(['count-differs', 'count-and-list-differ']);
  });

  it('is out of the same for every answer of a question, never below 0 nor above it, in every scheme', () => {
    let cases = 0;
    for (const kind of KIND_IDS) {
      fc.assert(
        fc.property(anyAnswered(kind), fc.constantFrom(...SCHEMES), ({ asked, answer }, scheme) => {
          const right = judge(asked, rightAnswer(asked, scheme), scheme);
          const judged = judge(asked, answer, scheme);
          if (!right || !judged) throw new Error(questionCode(asked));
          const [all, some] = [scoreOf(right, scheme), scoreOf(judged, scheme)];
          cases += 1;
          return some.of === all.of && some.got >= 0 && some.got <= some.of && all.got === all.of;
        }),
        { numRuns: 400 },
      );
    }
    console.log(`${cases} answers marked`);
  });

  it('loses no more by following through than by each note, in every answer a mistake leads to', () => {
    let cases = 0;
    for (const asked of EVERY_QUESTION.filter((_, at) => at % 7 === 0)) {
      const task = taskOf(asked, USUAL_SETTINGS);
      for (const mistake of mistakesIn(task.scope)) {
        for (const { written } of answersOf(mistake, task).slice(0, 2)) {
          const judged = judge(asked, handIn(asked, written), USUAL_SETTINGS);
          if (!judged) throw new Error(questionCode(asked));
          for (const marks of ['note', 'letter-sign'] as const) {
            const once = scoreOf(judged, { marks, followThrough: 'once' });
            const each = scoreOf(judged, { marks, followThrough: 'each' });
            cases += 1;
            expect(once.got, `${questionCode(asked)} ${mistake.id}`).toBeGreaterThanOrEqual(each.got);
            expect(once.of).toBe(each.of);
          }
        }
      }
    }
    console.log(`${cases} answers of mistakes marked`);
  });

  it('given by the teacher are the same part of all under another scheme', () => {
    expect(marksUnder({ got: 6.5, of: 8 }, 8)).toBe(6.5);
    expect(marksUnder({ got: 6.5, of: 8 }, 1)).toBe(1);
    expect(marksUnder({ got: 0.5, of: 1 }, 8)).toBe(4);
    expect(marksUnder({ got: 6.5, of: 6.5 }, 1)).toBe(1);
  });
});
