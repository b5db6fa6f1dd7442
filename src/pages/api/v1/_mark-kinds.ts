import * as z from 'zod';
import { type Answer, BLANK } from '@/core/exercise/answer';
import type { WrittenNote } from '@/core/exercise/entry/scale-entry';
import type { KindId, MarkQuestion } from '@/core/exercise/kinds/all';
import { PARTNER_RELATIONS } from '@/core/exercise/kinds/fields';
import { CLEFS } from '@/core/instrument/staff';
import { TRANSPOSING } from '@/core/instrument/transposing';
import { fifths } from '@/core/note/spelled';
import { DIRECTIONS } from '@/core/scale/direction';
import { MODES } from '@/core/scale/mode';
import { SIGNATURE_CHOICES, signOfCode } from '@/core/scale/printed';
import type { Settings } from '@/core/school/settings';
import { readKeyText } from './_key-text';
import {
  drawnFrom,
  drawnSign,
  key,
  keyAnswerFrom,
  keyFrom,
  MOST_PARTS,
  NotAllowed,
  noteFrom,
  notes,
  notesFrom,
  onScale,
  pitchFrom,
  scale,
  scaleFrom,
  sign,
  text,
} from './_mark-parts';

/** A question with its answer as they were read. */
export type Sent = { readonly asked: MarkQuestion; readonly answer: Answer };

type Options = Pick<Settings, 'melodicDown'>;

/** A kind of question as other programs send it: its shape, how it is read, and an example with a wrong answer. */
type ApiKind = {
  readonly body: z.ZodType;
  /** Throws `NotAllowed` for a text that cannot be read. */
  readonly read: (body: unknown, options: Options) => Sent;
  readonly example: {
    readonly summary: string;
    readonly value: { readonly question: object; readonly answer: object };
  };
};

function apiKind<Question extends z.ZodRawShape, Shape extends z.ZodRawShape>(
  kind: KindId,
  question: Question,
  answer: Shape,
  read: (
    question: z.infer<z.ZodObject<Question>>,
    answer: z.infer<z.ZodObject<Shape>>,
    options: Options,
  ) => Sent,
  example: readonly [summary: string, question: object, answer: object],
): ApiKind {
  const body = z.object({
    question: z.strictObject({ kind: z.literal(kind), ...question }),
    answer: z.strictObject(answer),
  });
  const [summary, asked, given] = example;
  return {
    body,
    read: (sent, options) => {
      const { question: sentQuestion, answer: sentAnswer } = sent as {
        question: z.infer<z.ZodObject<Question>>;
        answer: z.infer<z.ZodObject<Shape>>;
      };
      return read(sentQuestion, sentAnswer, options);
    },
    example: { summary, value: { question: { kind, ...asked }, answer: given } },
  };
}

/** A row of notes as it is written: on a staff with what is known of it. */
const rowShape = {
  notes: notes.meta({ description: 'The notes as they sound, spelled' }),
  printed: z.optional(z.array(sign.nullable()).max(MOST_PARTS)),
  octaves: z.optional(z.array(z.int().min(-1).max(10)).max(MOST_PARTS)),
};

/** The notes of a row; what is given of some of them is given of all. */
function rowFrom(answer: z.infer<z.ZodObject<typeof rowShape>>): readonly WrittenNote[] {
  const row = notesFrom(answer.notes, '#/answer/notes');
  for (const name of ['printed', 'octaves'] as const) {
    const given = answer[name];
    if (given && given.length !== row.length)
      throw new NotAllowed(
        `#/answer/${name}`,
        `${given.length} were given for ${row.length} notes; one for each note is needed.`,
      );
  }
  return row.map((note, at) => {
    const printed = answer.printed?.[at];
    return {
      note,
      octave: answer.octaves?.[at] ?? null,
      printed: printed === undefined ? undefined : printed === null ? null : signOfCode(printed),
    };
  });
}

const scaleApi = apiKind(
  'scale',
  {
    ...onScale,
    direction: z._default(z.enum(DIRECTIONS), 'up'),
    signature: z._default(z.enum(SIGNATURE_CHOICES), 'none'),
    clef: z.optional(z.enum(CLEFS)),
  },
  {
    ...rowShape,
    signature: z.optional(z.array(drawnSign).max(MOST_PARTS)),
  },
  (question, answer, { melodicDown }) => {
    const { direction, signature, clef } = question;
    const written = rowFrom(answer);
    return {
      asked: {
        kind: 'scale',
        question: { ...keyFrom(question), direction, signature, clef: clef ?? null, melodicDown },
      },
      answer: {
        is: 'scale',
        notes: written,
        signature: answer.signature && drawnFrom(answer.signature, '#/answer/signature'),
      },
    };
  },
  [
    'B harmonic minor, the 7th not raised',
    { tonic: 'B', scale: 'harmonic-minor', direction: 'up', signature: 'none' },
    { notes: ['B', 'C#', 'D', 'E', 'F#', 'G', 'A', 'B'] },
  ],
);

const signatureApi = apiKind(
  'signature',
  { ...onScale, clef: z._default(z.enum(CLEFS), 'treble') },
  { signs: z.array(drawnSign).max(MOST_PARTS) },
  (question, answer) => ({
    asked: { kind: 'signature', question: { ...keyFrom(question), clef: question.clef } },
    answer: { is: 'drawn', signs: drawnFrom(answer.signs, '#/answer/signs') },
  }),
  [
    'E minor with the raised 7th in its signature',
    { tonic: 'E', scale: 'natural-minor', clef: 'treble' },
    {
      signs: [
        { sign: '#', place: 'F5' },
        { sign: '#', place: 'D5' },
      ],
    },
  ],
);

const nameKeyApi = apiKind(
  'name-key',
  { fifths: z.int(), mode: z._default(z.enum(MODES), 'major') },
  { key },
  (question, answer) => ({
    asked: { kind: 'name-key', question: { fifths: fifths(question.fifths), mode: question.mode } },
    answer: keyAnswerFrom(answer.key),
  }),
  ['Three flats, named by the last flat', { fifths: -3, mode: 'major' }, { key: 'Ab major' }],
);

const nameSignatureApi = apiKind(
  'name-signature',
  onScale,
  {
    fifths: z.optional(z.int().min(-14).max(14).meta({ description: 'How many signs; flats negative' })),
    accidentals: z.optional(notes),
  },
  (question, answer) => ({
    asked: { kind: 'name-signature', question: keyFrom(question) },
    answer: {
      is: 'count',
      fifths: answer.fifths === undefined ? null : fifths(answer.fifths),
      signs: answer.accidentals ? notesFrom(answer.accidentals, '#/answer/accidentals') : null,
    },
  }),
  [
    'E major with a sharp too few',
    { tonic: 'E', scale: 'major' },
    { fifths: 3, accidentals: ['F#', 'C#', 'G#'] },
  ],
);

const orderApi = apiKind(
  'order',
  { signs: z.enum(['sharps', 'flats']), count: z._default(z.int(), 7) },
  { signs: notes },
  (question, answer) => ({
    asked: {
      kind: 'order',
      question: { order: question.signs === 'flats' ? -question.count : question.count },
    },
    answer: { is: 'notes', notes: notesFrom(answer.signs, '#/answer/signs') },
  }),
  [
    'The first four flats, from the wrong end',
    { signs: 'flats', count: 4 },
    { signs: ['Fb', 'Cb', 'Gb', 'Db'] },
  ],
);

const stepsApi = apiKind(
  'steps',
  { scale, direction: z._default(z.enum(['up', 'down']), 'up') },
  { steps: z.array(z.int().min(0).max(12)).max(MOST_PARTS) },
  ({ scale: read, direction }, { steps }) => ({
    asked: { kind: 'steps', question: { scale: scaleFrom(read), direction } },
    answer: { is: 'steps', steps },
  }),
  ['Major with a step too many', { scale: 'major' }, { steps: [2, 2, 1, 2, 2, 2, 2, 1] }],
);

const nameScaleApi = apiKind(
  'name-scale',
  { notes },
  {
    key,
    reasons: z._default(
      z
        .array(
          z.strictObject({
            from: z.int().min(1).max(8),
            to: z.int().min(1).max(8),
            semitones: z.int().min(0).max(12),
          }),
        )
        .max(8),
      [],
    ),
  },
  (question, answer) => ({
    asked: { kind: 'name-scale', question: { notes: notesFrom(question.notes, '#/question/notes') } },
    answer: keyAnswerFrom(answer.key, answer.reasons),
  }),
  [
    'Harmonic minor called natural, with a reason that does not hold',
    { notes: ['F', 'G', 'Ab', 'Bb', 'C', 'Db', 'E', 'F'] },
    { key: 'F natural-minor', reasons: [{ from: 7, to: 8, semitones: 2 }] },
  ],
);

const partnerApi = apiKind(
  'partner',
  { relation: z.enum(PARTNER_RELATIONS), key },
  { key },
  (question, answer) => {
    const reading = readKeyText(question.key);
    if (!reading.ok) throw new NotAllowed('#/question/key', reading.why);
    const { tonic, mode } = reading.read.key;
    return {
      asked: { kind: 'partner', question: { relation: question.relation, tonic, mode } },
      answer: keyAnswerFrom(answer.key),
    };
  },
  [
    'The relative of E flat major, sought the wrong way',
    { relation: 'relative', key: 'Eb major' },
    { key: 'Gb minor' },
  ],
);

const degreeApi = apiKind(
  'degree',
  { ...onScale, degree: z.int() },
  { note: text },
  (question, { note }) => ({
    asked: { kind: 'degree', question: { ...keyFrom(question), degree: question.degree } },
    answer: note.trim() === '' ? BLANK : { is: 'notes', notes: [noteFrom(note, '#/answer/note')] },
  }),
  ['The fifth of B major, by letters alone', { tonic: 'B', scale: 'major', degree: 5 }, { note: 'F' }],
);

const chordApi = apiKind(
  'chord',
  {
    ...onScale,
    degree: z.int(),
    size: z._default(z.union([z.literal(3), z.literal(4)]), 3),
    wants: z._default(z.enum(['notes', 'numeral']), 'notes'),
  },
  { notes: z.optional(notes), numeral: z.optional(text) },
  (question, answer) => {
    const { degree, size, wants } = question;
    return {
      asked: { kind: 'chord', question: { ...keyFrom(question), degree, size, wants } },
      answer:
        wants === 'numeral'
          ? { is: 'numeral', text: answer.numeral ?? '' }
          : { is: 'notes', notes: notesFrom(answer.notes ?? [], '#/answer/notes') },
    };
  },
  [
    'The chord on the 7th of C major, its circle left out',
    { tonic: 'C', scale: 'major', degree: 7, wants: 'numeral' },
    { numeral: 'vii' },
  ],
);

const transposeApi = apiKind(
  'transpose',
  { pitch: text, instrument: z.enum(Object.keys(TRANSPOSING)) },
  { pitch: text },
  (question, answer) => ({
    asked: {
      kind: 'transpose',
      question: { pitch: pitchFrom(question.pitch, '#/question/pitch'), instrument: question.instrument },
    },
    answer:
      answer.pitch.trim() === '' ? BLANK : { is: 'pitch', pitch: pitchFrom(answer.pitch, '#/answer/pitch') },
  }),
  [
    'A note for the alto saxophone, moved the wrong way',
    { pitch: 'C5', instrument: 'alto-saxophone' },
    { pitch: 'Eb4' },
  ],
);

const dictationApi = apiKind(
  'dictation',
  {
    line: text.meta({ description: "The line in degrees, such as 1 3 5 1'" }),
    ...onScale,
    clef: z._default(z.enum(CLEFS), 'treble'),
    signature: z._default(z.enum(SIGNATURE_CHOICES), 'none'),
  },
  rowShape,
  (question, answer, { melodicDown }) => {
    const { line, clef, signature } = question;
    return {
      asked: {
        kind: 'dictation',
        question: { line, ...keyFrom(question), clef, signature, melodicDown },
      },
      answer: { is: 'scale', notes: rowFrom(answer) },
    };
  },
  [
    'A line in E major, its F not raised',
    { line: '1 2 3 1', tonic: 'E', scale: 'major' },
    { notes: ['E', 'F', 'G#', 'E'] },
  ],
);

/** Every kind of question as other programs send it. */
export const API_KINDS: Readonly<Record<KindId, ApiKind>> = {
  scale: scaleApi,
  signature: signatureApi,
  'name-key': nameKeyApi,
  'name-signature': nameSignatureApi,
  order: orderApi,
  steps: stepsApi,
  'name-scale': nameScaleApi,
  partner: partnerApi,
  degree: degreeApi,
  chord: chordApi,
  transpose: transposeApi,
  dictation: dictationApi,
};

/** One example of each kind with a wrong answer, for the document; each is answered in a test. */
export const MARK_EXAMPLES = Object.fromEntries(
  Object.entries(API_KINDS).map(([kind, { example }]) => [kind, example]),
) as Readonly<Record<KindId, ApiKind['example']>>;
