import { noteNamed } from '../note/parse';
import { pitch } from '../note/pitch';
import { fifths, type SpelledNote } from '../note/spelled';
import type { HabitId } from './habit-id';
import type { NamedKey } from './judged';
import type { Marked } from './questions';
import type { ScaleQuestion } from './scale-question';

export const row = (notes: string): readonly SpelledNote[] =>
  notes === '' ? [] : notes.split(' ').map(noteNamed);

const key = (tonic: string, scale: NamedKey['scale'] = 'major') => ({
  key: { tonic: noteNamed(tonic), scale },
  small: false,
});

const nameKey = (
  count: number,
  mode: 'major' | 'minor',
  tonic: string,
  scale: NamedKey['scale'],
): Marked => ({
  kind: 'name-key',
  question: { fifths: fifths(count), mode },
  answer: key(tonic, scale),
});

export const drawn = (tonic: string, scale: ScaleQuestion['scale'], signs: string): Marked => ({
  kind: 'signature',
  question: { tonic: noteNamed(tonic), scale, clef: 'treble' },
  answer: row(signs).map((sign) => ({ sign, octave: null })),
});

const numeral = (tonic: string, scale: ScaleQuestion['scale'], degree: number, text: string): Marked => ({
  kind: 'chord',
  question: { tonic: noteNamed(tonic), scale, degree, size: 3, wants: 'numeral' },
  answer: { numeral: text },
});

/** Worked out by hand: an answer and the habit a teacher would name. */
export const EXAMPLES: readonly (readonly [string, Marked, HabitId])[] = [
  ['3 flats as A flat', nameKey(-3, 'major', 'Ab', 'major'), 'named-last-flat'],
  ['3 sharps as G sharp', nameKey(3, 'major', 'G#', 'major'), 'named-last-sharp'],
  ['3 sharps as C sharp', nameKey(3, 'major', 'C#', 'major'), 'other-kinds-rule'],
  ['3 flats as A', nameKey(-3, 'major', 'A', 'major'), 'other-kinds-rule'],
  ['3 sharps as F sharp major', nameKey(3, 'major', 'F#', 'major'), 'named-below-last-sharp'],
  ['6 sharps as F', nameKey(6, 'major', 'F', 'major'), 'named-without-sign'],
  ['3 flats, major, as C minor', nameKey(-3, 'major', 'C', 'natural-minor'), 'named-relative'],
  [
    '3 flats, minor, as E flat minor',
    nameKey(-3, 'minor', 'Eb', 'natural-minor'),
    'relative-with-asked-mode',
  ],
  ['3 flats, major, as E flat minor', nameKey(-3, 'major', 'Eb', 'natural-minor'), 'named-parallel'],
  ['6 sharps as G flat', nameKey(6, 'major', 'Gb', 'major'), 'named-enharmonic'],
  ['2 sharps as A', nameKey(2, 'major', 'A', 'major'), 'named-neighbour'],
  ['A minor with G sharp', drawn('A', 'harmonic-minor', 'G#'), 'raised-in-signature'],
  ['D minor without its flat, C sharp instead', drawn('D', 'natural-minor', 'Bb C#'), 'raised-in-signature'],
  ['E major with three sharps', drawn('E', 'major', 'F# C# G#'), 'one-too-few'],
  ['D major from the wrong end', drawn('D', 'major', 'B# E#'), 'order-swapped'],
  ['D major with flats', drawn('D', 'major', 'Bb Eb'), 'kind-swapped'],
  ['G minor with a sharp', drawn('G', 'natural-minor', 'F#'), 'parallel-signature'],
  ['D dorian as D major', drawn('D', 'dorian', 'F# C#'), 'own-major-signature'],
  ['C minor by the relative below', drawn('C', 'natural-minor', 'F# C# G#'), 'relative-wrong-way'],
  ['ii of C major as II', numeral('C', 'major', 2, 'II'), 'case-swapped'],
  ['vii of C major without its circle', numeral('C', 'major', 7, 'vii'), 'diminished-unmarked'],
  ['i of A minor as vi', numeral('A', 'natural-minor', 1, 'vi'), 'relative-numerals'],
  [
    'the fifth of B as F',
    {
      kind: 'degree',
      question: { tonic: noteNamed('B'), scale: 'major', degree: 5 },
      answer: noteNamed('F'),
    },
    'fifth-by-letters',
  ],
  [
    'the fifth of C as A',
    {
      kind: 'degree',
      question: { tonic: noteNamed('C'), scale: 'major', degree: 5 },
      answer: noteNamed('A'),
    },
    'letters-without-start',
  ],
  [
    'major with a step too few',
    { kind: 'steps', question: { scale: 'major', direction: 'up' }, answer: [2, 2, 1, 2, 2, 1] },
    'pattern-short',
  ],
  [
    'major with a step too many',
    { kind: 'steps', question: { scale: 'major', direction: 'up' }, answer: [2, 2, 1, 2, 2, 2, 2, 1] },
    'pattern-long',
  ],
  [
    'the relative of E flat as G flat minor',
    {
      kind: 'partner',
      question: { relation: 'relative', tonic: noteNamed('Eb'), mode: 'major' },
      answer: key('Gb', 'natural-minor'),
    },
    'relative-wrong-way',
  ],
  [
    'the relative of E flat as E flat minor',
    {
      kind: 'partner',
      question: { relation: 'relative', tonic: noteNamed('Eb'), mode: 'major' },
      answer: key('Eb', 'natural-minor'),
    },
    'named-parallel',
  ],
  [
    'a tenor saxophone without its octave',
    {
      kind: 'transpose',
      question: { pitch: pitch(noteNamed('C'), 4), instrument: 'tenor-saxophone' },
      answer: pitch(noteNamed('D'), 4),
    },
    'octave-forgotten',
  ],
  [
    'a horn moved down',
    {
      kind: 'transpose',
      question: { pitch: pitch(noteNamed('C'), 5), instrument: 'horn' },
      answer: pitch(noteNamed('F'), 4),
    },
    'transposed-wrong-way',
  ],
  [
    'the order of flats from its other end',
    { kind: 'order', question: { kind: 'flats', count: 3 }, answer: row('Fb Cb Gb') },
    'order-swapped',
  ],
];
