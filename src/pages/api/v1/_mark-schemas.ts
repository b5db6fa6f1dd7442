import * as z from 'zod';
import { CLEFS } from '@/core/instrument/staff';
import { HABIT_IDS } from '@/core/mark/habit-id';
import { FINDING_CODES, MARK_CHECKS } from '@/core/mark/judged';
import { PARTNER_RELATIONS } from '@/core/mark/questions';
import { TRANSPOSING } from '@/core/mark/transposing/instruments';
import { DIRECTIONS } from '@/core/scale/direction';
import { MODES } from '@/core/scale/mode';
import { SCALE_ALIASES, SCALE_IDS } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import { CHOICES } from '@/core/school/settings';

/** The most answers of one batch, and the most notes of one answer. */
export const BATCH_LIMIT = 2000;
const MOST_PARTS = 1000;
const TEXT = 2000;

const text = z.string().max(TEXT);
const note = text.meta({ description: 'A note: Bb, F#, F##, Ebb', example: 'Bb' });
const notes = z.array(note).max(MOST_PARTS);
const scale = z.enum([...SCALE_IDS, ...Object.keys(SCALE_ALIASES)]);
const key = text.meta({ description: 'A key as text; the mode may be left out', example: 'Eb major' });
const onScale = { tonic: note, scale };
const sign = z.enum(['n', '#', 'b', '##', 'bb']);
const drawnSign = z.strictObject({
  sign: text.meta({
    description: 'The sign with its letter, Bb, or the sign alone where its place is given',
  }),
  place: z.optional(text.meta({ description: 'Letter and octave of its place on the staff', example: 'B4' })),
});

export const scaleQuestion = z.strictObject({
  kind: z.literal('scale'),
  ...onScale,
  direction: z._default(z.enum(DIRECTIONS), 'up'),
  signature: z._default(z.enum(SIGNATURE_CHOICES), 'none'),
  clef: z.optional(z.enum(CLEFS)),
});

export const scaleAnswer = z.strictObject({
  notes: notes.meta({ description: 'The notes as they sound, spelled' }),
  printed: z.optional(z.array(sign.nullable()).max(MOST_PARTS)),
  signature: z.optional(z.array(drawnSign).max(MOST_PARTS)),
  octaves: z.optional(z.array(z.int().min(-1).max(10)).max(MOST_PARTS)),
});

const asked = <Kind extends string, Question extends z.ZodRawShape, Answer extends z.ZodRawShape>(
  kind: Kind,
  question: Question,
  answer: Answer,
) =>
  z.object({
    question: z.strictObject({ kind: z.literal(kind), ...question }),
    answer: z.strictObject(answer),
  });

/** Question and answer of every kind. */
export const MARK_BODIES = {
  scale: z.object({ question: scaleQuestion, answer: scaleAnswer }),
  signature: asked(
    'signature',
    { ...onScale, clef: z._default(z.enum(CLEFS), 'treble') },
    { signs: z.array(drawnSign).max(MOST_PARTS) },
  ),
  'name-key': asked('name-key', { fifths: z.int(), mode: z._default(z.enum(MODES), 'major') }, { key }),
  'name-signature': asked('name-signature', onScale, {
    fifths: z.optional(z.int().min(-14).max(14).meta({ description: 'How many signs; flats negative' })),
    accidentals: z.optional(notes),
  }),
  order: asked(
    'order',
    { signs: z.enum(['sharps', 'flats']), count: z._default(z.int(), 7) },
    { signs: notes },
  ),
  steps: asked(
    'steps',
    { scale, direction: z._default(z.enum(['up', 'down']), 'up') },
    { steps: z.array(z.int().min(0).max(12)).max(MOST_PARTS) },
  ),
  'name-scale': asked(
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
  ),
  partner: asked('partner', { relation: z.enum(PARTNER_RELATIONS), key }, { key }),
  degree: asked('degree', { ...onScale, degree: z.int() }, { note: text }),
  chord: asked(
    'chord',
    {
      ...onScale,
      degree: z.int(),
      size: z._default(z.union([z.literal(3), z.literal(4)]), 3),
      wants: z._default(z.enum(['notes', 'numeral']), 'notes'),
    },
    { notes: z.optional(notes), numeral: z.optional(text) },
  ),
  transpose: asked(
    'transpose',
    { pitch: text, instrument: z.enum(Object.keys(TRANSPOSING)) },
    { pitch: text },
  ),
} as const;

export const markOptions = z.strictObject({
  marks: z._default(z.enum(CHOICES.marks), 'note'),
  followThrough: z._default(z.enum(CHOICES.followThrough), 'once'),
  cancelling: z._default(z.enum(CHOICES.cancelling), 'required'),
  modesWritten: z._default(z.enum(CHOICES.modesWritten), 'parent'),
  melodicDown: z._default(z.enum(CHOICES.melodicDown), 'natural'),
  modeWord: z._default(z.enum(CHOICES.modeWord), 'wanted'),
  capital: z._default(z.enum(CHOICES.capital), 'wanted'),
  known: z._default(z.array(z.enum(HABIT_IDS)).max(HABIT_IDS.length), []).meta({
    description: 'Habits this student or class had before, the most frequent first; they settle real ties',
  }),
});

const code = z.enum(HABIT_IDS);

const marked = z.object({
  correct: z.boolean(),
  score: z.object({ got: z.number(), of: z.number() }),
  findings: z.array(
    z.object({
      code: z.enum(FINDING_CODES),
      index: z.int().nullable(),
      expected: z.string().nullable(),
      got: z.string().nullable(),
      text: z.string(),
    }),
  ),
  causes: z.array(
    z.object({
      code,
      codes: z.array(code).min(1).max(2),
      notes: z.array(z.int()).meta({ description: 'Places of the answer it explains, from 0' }),
      explains: z.int().meta({ description: 'How many parts of the answer it explains' }),
      ties: z.array(z.string()).meta({ description: 'Others that predict the same answer; a pair as a+b' }),
      even: z.boolean().meta({ description: 'Whether it weighs as much as the first' }),
      text: z.string(),
      say: z.string(),
      cure: z.string(),
      ask: z.nullable(z.string()).meta({ description: 'A question that would tell a real tie apart' }),
    }),
  ),
  checks: z.array(z.object({ check: z.enum(MARK_CHECKS), holds: z.boolean().nullable(), text: z.string() })),
});

export const markAnswer = marked.meta({ id: 'Mark' });

export const markBatchAnswer = z
  .object({
    batch: z.array(
      z.union([marked.extend({ id: z.string() }), z.object({ id: z.string(), problem: z.unknown() })]),
    ),
  })
  .meta({ id: 'MarkBatch' });
