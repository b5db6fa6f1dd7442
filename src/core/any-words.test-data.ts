import fc from 'fast-check';
import { KIND_IDS } from './exercise/kinds/all';
import { FIELDS } from './exercise/kinds/fields';
import { SCALE_IDS } from './scale/pattern';

/** How many times the usual number of cases are gone through: `npm run generated` sets ten. */
export const MANY = Number(process.env['MOON_STEP_MANY'] ?? 1);

/** Words that every object of the language has; looked up carelessly they are found where there is nothing. */
const OBJECT_WORDS = [
  'constructor',
  'toString',
  'toLocaleString',
  'valueOf',
  'hasOwnProperty',
  'isPrototypeOf',
  'propertyIsEnumerable',
  '__proto__',
  '__defineGetter__',
  '__lookupSetter__',
  'prototype',
  'length',
  'name',
  'caller',
] as const;

const SENSE = [
  ...['C', 'F#', 'Gb', 'B##', 'Ebb', 'H', 'Fis', 'c', 'A4', 'major', 'minor', 'dorian', 'up', 'both', 'none'],
  ...['treble', 'bass', 'written', 'tetrachords', 'triads', 'keys', 'route', 'Eb major', 'C minor', '2,2,1'],
  ...['1', '0', '-7', '15', '1e9', '3.5', 'true', 'null', 'C D E F G', 'F A C', 'maj7', 'V', 'vii°', 'first'],
  ...SCALE_IDS,
  ...KIND_IDS,
];

const NONSENSE = [
  '',
  ' ',
  '%',
  '+',
  '/',
  '//evil.example',
  '..',
  '\\',
  '"',
  "'",
  '<script>',
  '\u0000',
  '\ud800',
  '𝄪♯♭',
  '漢字',
  'x'.repeat(400),
  'B## '.repeat(60),
  '9'.repeat(40),
  '-'.repeat(50),
  '{"a":1}',
];

/** A word as somebody may send it: sense, an object's own word, both together, or nonsense. */
export const anyWord: fc.Arbitrary<string> = fc.oneof(
  { weight: 5, arbitrary: fc.constantFrom(...SENSE) },
  { weight: 2, arbitrary: fc.constantFrom<string>(...OBJECT_WORDS) },
  {
    weight: 2,
    arbitrary: fc
      .tuple(fc.constantFrom(...SENSE), fc.constantFrom<string>(...OBJECT_WORDS))
      .map((both) => both.join(' ')),
  },
  { weight: 1, arbitrary: fc.constantFrom(...NONSENSE) },
  { weight: 1, arbitrary: fc.string({ maxLength: 30 }) },
);

/** Names of what an address or a request may hold, of every room and endpoint. */
const NAMES = [
  ...[
    'tonic',
    'scale',
    'direction',
    'clef',
    'signature',
    'method',
    'step',
    'hand',
    'beside',
    'question',
    'fifths',
  ],
  ...[
    'drawn',
    'asked',
    'rule',
    'clefs',
    'notes',
    'see',
    'key',
    'size',
    'degree',
    'note',
    'from',
    'to',
    'way',
    'root',
  ],
  ...[
    'quality',
    'mode',
    'time',
    'columns',
    'order',
    'circle',
    'kind',
    'who',
    'given',
    'answer',
    'typed',
    'piled',
  ],
  ...['part', 'name', 'q', 'format', 'octave', 'modesWritten', 'keyOrder', 'noteNames'],
  ...Object.keys(FIELDS),
];

/** A query with some of these names, sometimes with one that is none. */
export const anyQuery: fc.Arbitrary<string> = fc
  .array(
    fc.tuple(
      fc.oneof({ weight: 12, arbitrary: fc.constantFrom(...NAMES) }, { weight: 1, arbitrary: anyWord }),
      anyWord,
    ),
    { maxLength: 7 },
  )
  .map(
    (pairs) =>
      `?${new URLSearchParams(pairs.map(([name, value]) => [name, value.toWellFormed?.() ?? value]))}`,
  );

/** A value as it may stand in a body of JSON. */
export const anyJson: fc.Arbitrary<unknown> = fc.letrec((tie) => ({
  value: fc.oneof(
    { maxDepth: 4, depthSize: 'small' },
    anyWord,
    fc.integer({ min: -20, max: 20 }),
    fc.constantFrom(null, true, false, 1e300),
    fc.array(tie('value'), { maxLength: 5 }),
    fc.dictionary(fc.oneof(fc.constantFrom(...NAMES), anyWord), tie('value'), { maxKeys: 6 }),
  ),
})).value;
