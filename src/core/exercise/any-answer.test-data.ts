import fc from 'fast-check';
import { placeInSignature } from '../identify/drawn-signature';
import { LETTERS } from '../note/letter';
import { pitch } from '../note/pitch';
import { ALTERATIONS, type Alteration, fifths, spelled } from '../note/spelled';
import { SCALE_IDS } from '../scale/pattern';
import { TONICS } from '../scale/tonic';
import type { Answer } from './answer';
import { everyQuestion } from './every-question.test-data';
import { formOf, type MarkQuestion } from './kinds/all';

/** Any note with up to two signs. */
const anyNote = fc
  .tuple(fc.constantFrom(...LETTERS), fc.constantFrom(...ALTERATIONS))
  .map(([letter, alteration]) => spelled(letter, alteration));

const notes = (most: number) => fc.array(anyNote, { minLength: 1, maxLength: most });

/** Any answer of each form, right or wrong, as it would be typed: notes of a row without octaves or printed signs. */
export const ANY_TYPED: Readonly<Record<Exclude<Answer['is'], 'blank'>, fc.Arbitrary<Answer>>> = {
  scale: notes(20).map((all) => ({
    is: 'scale',
    notes: all.map((note) => ({ note, octave: null, printed: undefined })),
  })),
  drawn: fc
    .array(fc.tuple(fc.constantFrom(...LETTERS), fc.constantFrom<Alteration>(1, -1)), { maxLength: 9 })
    .map((signs) => ({
      is: 'drawn',
      signs: signs.map(([letter, alteration]) => {
        const sign = spelled(letter, alteration);
        return { sign, octave: placeInSignature(sign, 'treble').octave };
      }),
    })),
  notes: notes(7).map((all) => ({ is: 'notes', notes: all })),
  key: fc
    .tuple(fc.constantFrom(...TONICS), fc.constantFrom(...SCALE_IDS))
    .map(([tonic, scale]) => ({ is: 'key', key: { tonic, scale }, small: false, reasons: [] })),
  count: fc
    .tuple(fc.integer({ min: -14, max: 14 }), fc.option(notes(7)))
    .map(([count, signs]) => ({ is: 'count', fifths: fifths(count), signs })),
  steps: fc
    .array(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 16 })
    .map((steps) => ({ is: 'steps', steps })),
  numeral: fc
    .constantFrom('I', 'ii', 'iii', 'IV', 'V7', 'vi', 'vii°', 'III+', 'viiø7')
    .map((text) => ({ is: 'numeral', text })),
  pitch: fc
    .tuple(anyNote, fc.integer({ min: 0, max: 8 }))
    .map(([note, octave]) => ({ is: 'pitch', pitch: pitch(note, octave) })),
};

/** The same as entered on a staff or taken from a file: octaves, and the signs that stood at the notes. */
const WRITTEN_ROW: fc.Arbitrary<Answer> = fc
  .array(
    fc.record({
      note: anyNote,
      octave: fc.integer({ min: 2, max: 6 }),
      printed: fc.constantFrom<Alteration | null>(null, ...ALTERATIONS),
    }),
    { minLength: 1, maxLength: 20 },
  )
  .map((row) => ({ is: 'scale', notes: row }));

const REASONED_KEY: fc.Arbitrary<Answer> = fc
  .tuple(
    ANY_TYPED.key,
    fc.array(
      fc.record({
        from: fc.integer({ min: 1, max: 8 }),
        to: fc.integer({ min: 1, max: 8 }),
        semitones: fc.integer({ min: 1, max: 12 }),
      }),
      { maxLength: 4 },
    ),
  )
  .map(([given, reasons]) => (given.is === 'key' ? { ...given, reasons } : given));

/** Any answer of each form, however it was entered. */
export const ANY_ANSWER: typeof ANY_TYPED = {
  ...ANY_TYPED,
  scale: fc.oneof(ANY_TYPED.scale, WRITTEN_ROW),
  key: fc.oneof(ANY_TYPED.key, REASONED_KEY),
};

/** Any question of a kind with any answer to it. */
export function anyAnswered(
  kind: MarkQuestion['kind'],
): fc.Arbitrary<{ readonly asked: MarkQuestion; readonly answer: Answer }> {
  return fc
    .constantFrom(...everyQuestion(kind))
    .chain((asked) => ANY_ANSWER[formOf(asked)].map((answer) => ({ asked, answer })));
}
