import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MOST_DRAWN, readDrawnOn } from '@/core/identify/drawn-signature';
import { KEY_ASKED, rulesFor } from '@/core/identify/key-of-signature';
import { noteNamed } from '@/core/note/parse';
import { fifths } from '@/core/note/spelled';
import { NAMED_SCALE_IDS } from '@/core/scale/pattern';
import { TONICS } from '@/core/scale/tonic';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH, wordsOf } from '@/core/words/class-words';
import { sayAddressProblem } from '@/core/words/say-address';
import { readAddress } from '@/rooms/address/derive/derive-address';
import { FIRST_SENTENCE } from '@/rooms/address/derive/derive-sentence';
import { CLEF_SETS, type Question, questionKind } from '@/rooms/address/derive/question';
import { readQuestion } from '@/rooms/address/derive/read-question';
import { FIRST_QUESTIONS, searchOfKind, writeQuestion } from '@/rooms/address/derive/write-question';
import { takenByEnter, type Word } from '@/ui/sentence/words';
import { answerOf } from './answer';
import { staffOf } from './question-paper';
import { questionParts, questionText, withQuestionWord } from './question-words';

const step = fc.option(fc.integer({ min: 1, max: 99 }));
/** Signs drawn on the staff that are no signature. */
const anyDrawn = fc
  .array(fc.record({ note: fc.constantFrom(...TONICS), octave: fc.integer({ min: 3, max: 6 }) }), {
    minLength: 1,
    maxLength: MOST_DRAWN,
  })
  .filter((signs) => !readDrawnOn(signs, 'treble').ok);

const anyQuestion: fc.Arbitrary<Question> = fc.oneof(
  fc
    .record({
      kind: fc.constant('key' as const),
      fifths: fc.integer({ min: -7, max: 7 }).map(fifths),
      asked: fc.constantFrom(...KEY_ASKED),
      step,
    })
    .chain((base) =>
      fc
        .record({ rule: fc.constantFrom(null, ...rulesFor(base.fifths)), drawn: fc.option(anyDrawn) })
        .map((more): Question => ({ ...base, ...more })),
    ),
  fc.record({
    kind: fc.constant('signature' as const),
    tonic: fc.constantFrom(...TONICS),
    scale: fc.constantFrom(...NAMED_SCALE_IDS),
    clefs: fc.constantFrom(...CLEF_SETS),
    step,
  }),
  fc.record({
    kind: fc.constant('name' as const),
    notes: fc.array(fc.constantFrom(...TONICS), { minLength: 1, maxLength: 32 }),
    step,
  }),
);

describe('the address of a question', () => {
  it('says it again, in ASCII, whatever it is', () => {
    fc.assert(
      fc.property(anyQuestion, (question) => {
        const address = writeQuestion(question);
        expect(address).toMatch(/^[\x20-\x7e]+$/u);
        expect(readQuestion(address)).toEqual({ question, problems: [] });
      }),
    );
    expect(readQuestion('?tonic=C')).toBeNull();
    expect(questionKind('?question=riddle')).toBeNull();
  });

  it.each([
    ['?question=key&fifths=9', "'9' was given for fifths"],
    ['?question=key&fifths=3&rule=last-but-one', "'last-but-one' was given for rule"],
    ['?question=key&asked=bebop', "'bebop' was given for asked"],
    ['?question=signature&tonic=H', "'H' is not a note name here"],
    ['?question=signature&clefs=five', "'five' was given for clefs"],
    ['?question=name&notes=C D H', "'H' is not a note name here"],
    ['?question=name&colour=red', "holds 'colour'"],
    ['?question=key&step=x', "step 'x'"],
  ])('%s is answered with what was read', (address, words) => {
    const reading = readQuestion(address);
    expect(reading?.problems).toHaveLength(1);
    expect(reading?.problems.map((problem) => sayAddressProblem(ENGLISH, problem)).join(' ')).toContain(
      words,
    );
    if (reading) expect(() => answerOf(ENGLISH, reading.question)).not.toThrow();
  });
});

describe('the sentence of a question', () => {
  it('is drawn and answered for every note there is, also where its scale cannot be spelled', async () => {
    for (const letter of 'CDEFGAB')
      for (const sign of ['bb', 'b', '', '#', '##'])
        for (const scale of ['major', 'natural-minor', 'lydian', 'locrian'] as const) {
          const search = `?question=signature&tonic=${encodeURIComponent(letter + sign)}&scale=${scale}`;
          const reading = readQuestion(search);
          if (!reading) throw new Error('a question');
          expect(answerOf(ENGLISH, reading.question).lines.length, search).toBeGreaterThan(0);
          expect((await staffOf(ENGLISH, reading.question)).width, search).toBeGreaterThan(0);
        }
  });

  it('asks in the words of the class', () => {
    expect(questionText(ENGLISH, FIRST_QUESTIONS.key)).toBe(
      'Which key has four flats, by the last flat but one?',
    );
    expect(questionText(ENGLISH, FIRST_QUESTIONS.signature)).toBe(
      'Write the signature of C♭ major, in the treble clef.',
    );
    expect(questionText(ENGLISH, FIRST_QUESTIONS.name)).toBe('What is F G A♭ B♭ C D♭ E F?');
    const german = wordsOf({ ...USUAL_SETTINGS, noteNames: 'german', keyNames: 'german' });
    expect(questionText(german, FIRST_QUESTIONS.signature)).toBe(
      'Write the signature of Ces-Dur, in the treble clef.',
    );
  });

  it('has words that change only themselves', () => {
    fc.assert(
      fc.property(anyQuestion, (question) => {
        for (const part of questionParts(ENGLISH, question)) {
          if (typeof part === 'string' || part.id === 'kind') continue;
          for (const { value } of part.options) {
            const next = withQuestionWord(ENGLISH, question, part.id, value);
            const words = questionParts(ENGLISH, next).filter((each) => typeof each !== 'string');
            expect(words.find((each) => each.id === part.id)?.value).toBe(value);
          }
        }
      }),
      { numRuns: 40 },
    );
  });

  it('takes a signature by its count, its words or its signs, and says why signs are none', () => {
    const word = questionParts(ENGLISH, FIRST_QUESTIONS.key).find(
      (part): part is Word => typeof part !== 'string' && part.id === 'fifths',
    );
    if (!word) throw new Error('a word');
    const taken = (typed: string) => takenByEnter(word, typed, null);
    expect(['3 sharps', 'two flats', 'F# C# G#', 'Bb Eb', 'no sharps'].map(taken)).toEqual([
      '3',
      '-2',
      '3',
      '-2',
      '0',
    ]);
    expect(word.unmatched('F# Bb')).toContain('mixes sharps and flats');
    expect(word.unmatched('C# F#')).toContain('The signs are right');
    expect(word.unmatched('many')).toContain("'many' is not a note name");
    expect(word.unmatched('f c g')).toBe(
      'F C G: the letters are right, their signs are missing. Write F♯ C♯ G♯, or three sharps.',
    );
    expect(word.unmatched('8 flats')).toBe('8 signs were read; a key signature has seven at most.');
    for (const none of ['none', '0', 'zero', 'empty', 'no sharps or flats', 'no flats'])
      expect(word.typed?.(none)?.value).toBe('0');
    expect(word.typed?.('Bb and Eb and Ab')?.value).toBe('-3');
    expect(word.typed?.('3 flats: Bb Eb Ab')?.value).toBe('-3');
    expect(word.typed?.('2 flats: Bb Eb Ab')).toBeNull();
  });
});

describe('the answer to a question', () => {
  it('points at signs and places that are there, and puts no more signs than there are', () => {
    fc.assert(
      fc.property(anyQuestion, (question) => {
        const { lines, signs, put, places, count } = answerOf(ENGLISH, question);
        expect([signs.length, put.length, places.length]).toEqual([lines.length, lines.length, lines.length]);
        for (const each of put) expect(each ?? 0).toBeLessThanOrEqual(Math.abs(count));
        for (const at of signs.flat()) expect(at).toBeLessThan(Math.abs(count));
        if (question.kind === 'name')
          for (const at of places.flat()) expect(at).toBeLessThan(question.notes.length);
      }),
    );
  });
});

describe('from one sentence to another', () => {
  it('a scale leads to the questions about it', () => {
    const about = { ...FIRST_SENTENCE, tonic: noteNamed('E'), scale: 'harmonic-minor' as const };
    expect(searchOfKind('key', about)).toContain('fifths=1');
    expect(searchOfKind('signature', about)).toContain('tonic=E&scale=harmonic-minor');
    expect(searchOfKind('name', about)).toContain('notes=E+F%23+G');
    expect(readAddress(searchOfKind('build', about) ?? '').sentence.tonic).toBe(about.tonic);
  });
});
