import * as z from 'zod';
import { METHOD_IDS } from '@/core/derive/derivation';
import { CHECK_IDS } from '@/core/derive/proof';
import { CHORD_QUALITIES } from '@/core/harmony/chord';
import { LAST_FRET, STRINGS, TUNING_IDS } from '@/core/instrument/fretboard';
import { CLEFS } from '@/core/instrument/staff';
import { CONCERT, TRANSPOSING } from '@/core/instrument/transposing';
import { DIRECTIONS } from '@/core/scale/direction';
import { MODES } from '@/core/scale/mode';
import { NAMED_SCALE_IDS, SCALE_ALIASES } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import { CHOICES } from '@/core/school/settings';
import { FORMATS } from '@/workers/formats';

/** The formats that a scale is answered in. */
export const SCALE_FORMATS = FORMATS.filter(({ write }) => write);
export const LOWEST_OCTAVE = 0;
export const HIGHEST_OCTAVE = 8;

const note = z
  .string()
  .regex(/^[A-G](#{1,2}|b{1,2})?$/u)
  .meta({ description: 'English ASCII: Bb, F#, F##, Ebb', example: 'Bb' });
const pitch = z
  .string()
  .regex(/^[A-G](#{1,2}|b{1,2})?-?\d+$/u)
  .meta({ description: 'A note with its octave; C4 is middle C' });
const step = z.int().min(1).max(4).meta({ description: 'Semitones' });
const fifths = z.int().meta({ description: 'Sharps positive, flats negative' });
const scaleId = z.enum([...NAMED_SCALE_IDS, ...Object.keys(SCALE_ALIASES)]);

/** Parameters of GET /scale, as the document describes them. */
export const scaleParameters = {
  tonic: z
    .string()
    .max(2000)
    .meta({ description: 'A note; # is sent as %23. Also read: F-sharp, B-flat, F♯, B♭.', example: 'Bb' }),
  scale: z.optional(scaleId),
  steps: z.optional(
    z.string().meta({
      description:
        'Steps in semitones, 1 to 4, together 12, or those of a named tetrachord or pentachord; instead of scale. Seven steps have one letter a note.',
      example: '2,2,1,2,2,2,1',
    }),
  ),
  clef: z._default(z.enum(CLEFS), 'treble'),
  direction: z._default(z.enum(DIRECTIONS), 'up'),
  signature: z._default(z.enum(SIGNATURE_CHOICES), 'written'),
  modesWritten: z._default(
    z.enum(CHOICES.modesWritten).meta({
      description:
        "Under whose signature a mode is written: its parent's, or that of the major or minor on its tonic",
    }),
    'parent',
  ),
  octave: z.optional(
    z
      .int()
      .min(LOWEST_OCTAVE)
      .max(HIGHEST_OCTAVE)
      .meta({ description: 'Octave of the lower tonic; left out, the one with fewest ledger lines' }),
  ),
  instrument: z.optional(
    z.enum([CONCERT, ...Object.keys(TRANSPOSING)]).meta({
      description: 'The tonic is then the concert key, and the answer has besides what this instrument reads',
    }),
  ),
  format: z._default(z.enum(['json', ...SCALE_FORMATS.map(({ code }) => code)]), 'json'),
} as const;

export const signatureParameters = { fifths: z.int().min(-7).max(7) } as const;

const signature = z.object({ fifths, accidentals: z.array(note) });

export const scaleAnswer = z
  .object({
    tonic: note,
    scale: scaleId.nullable(),
    name: z.string(),
    ascending: z.array(note).meta({ description: 'One note more than there are steps' }),
    descending: z.array(note).meta({ description: 'From the top down' }),
    steps: z.object({ ascending: z.array(step), descending: z.array(step) }),
    signature: signature.nullable(),
    theoretical: z.boolean(),
    enharmonic: note.nullable(),
    clef: z.enum(CLEFS),
    direction: z.enum(DIRECTIONS),
    octave: z.int(),
    pitches: z.array(pitch),
    printed: z.array(z.enum(['n', '#', 'b', '##', 'bb']).nullable()),
    methods: z.array(
      z.object({
        method: z.enum(METHOD_IDS),
        agrees: z.boolean(),
        steps: z.array(z.object({ text: z.string() })),
      }),
    ),
    checks: z.array(z.object({ check: z.enum(CHECK_IDS), holds: z.boolean().nullable(), text: z.string() })),
    instrument: z.optional(z.string()),
    semitones: z.optional(
      z.int().meta({ description: 'Half steps the instrument is written above concert' }),
    ),
    written: z.optional(
      z.object({
        tonic: note,
        scale: scaleId.nullable(),
        signature: signature.nullable(),
        ascending: z.array(note),
        descending: z.array(note),
        enharmonic: z.boolean().meta({
          description: 'Whether the key would pass seven signs and its twin is given',
        }),
      }),
    ),
  })
  .meta({ id: 'Scale' });

/** Parameters of GET /frets. */
export const fretsParameters = {
  tonic: scaleParameters.tonic,
  scale: scaleParameters.scale,
  steps: scaleParameters.steps,
  tuning: z
    .string()
    .max(200)
    .meta({
      description: `${TUNING_IDS.join(', ')}; or ${STRINGS.fewest} to ${STRINGS.most} pitches from the lowest string`,
      example: 'E2,A2,D3,G3,B3,E4',
    }),
  from: z._default(z.int().min(0).max(LAST_FRET), 0),
  to: z._default(z.int().min(0).max(LAST_FRET), 4),
} as const;

export const fretsAnswer = z
  .object({
    tuning: z.array(pitch),
    from: z.int(),
    to: z.int(),
    places: z.array(
      z.object({
        string: z.int().min(1).meta({ description: '1 is the highest string' }),
        fret: z.int().min(0).meta({ description: '0 is the open string' }),
        note,
        pitch,
        degree: z.int().min(1),
      }),
    ),
  })
  .meta({ id: 'Frets' });

const modeNames = MODES.filter((mode) => mode !== 'major' && mode !== 'minor');

export const signatureAnswer = z
  .object({
    fifths,
    accidentals: z.array(note),
    major: note,
    minor: note,
    modes: z.object(Object.fromEntries(modeNames.map((mode) => [mode, note]))),
    places: z.object(Object.fromEntries(CLEFS.map((clef) => [clef, z.array(pitch)]))),
  })
  .meta({ id: 'Signature' });

const keyText = z.string().max(2000).meta({ description: 'A key; # is sent as %23', example: 'Eb major' });

export const keyParameters = { name: keyText } as const;

const relatedKey = z.object({ tonic: note, scale: scaleId }).nullable();
const neighbour = z
  .object({
    tonic: note,
    scale: scaleId,
    newNote: note,
    degree: z.int().min(1).max(7).meta({ description: 'Degree of the new note in the neighbour' }),
    theoretical: z.optional(z.literal(true)),
    enharmonic: z.optional(note.nullable()),
  })
  .nullable();

export const keyAnswer = z
  .object({
    tonic: note,
    scale: scaleId,
    name: z.string(),
    signature,
    notes: z.array(note),
    relative: relatedKey,
    parallel: relatedKey,
    enharmonic: relatedKey,
    theoretical: z.boolean(),
    neighbours: z.object({ clockwise: neighbour, anticlockwise: neighbour }),
    chords: z.array(
      z.object({ numeral: z.string(), root: note, quality: z.enum(CHORD_QUALITIES), notes: z.array(note) }),
    ),
  })
  .meta({ id: 'Key' });

export const routeParameters = { from: keyText, to: keyText } as const;

export const routeAnswer = z
  .object({
    from: z.string(),
    to: z.string(),
    places: z
      .object({ clockwise: z.int(), anticlockwise: z.int() })
      .meta({ description: 'Round twelve spokes; together 12, or both 0' }),
    distance: z.int().meta({ description: 'Signs between the two signatures' }),
    shared: z.object({ spelled: z.array(note), sounding: z.array(note) }),
    routes: z
      .array(
        z.object({
          keys: z.array(z.string()),
          newNotes: z.array(z.array(note)),
          pivots: z.array(z.array(z.string())),
          respelled: z.array(z.boolean()).meta({ description: 'Whether the key only has other names' }),
        }),
      )
      .meta({ description: 'At most four, best first; one new note a hop' }),
  })
  .meta({ id: 'Route' });

export const askParameters = {
  q: z.string().max(2000).meta({
    description: 'A line of shorthand in English note names; # is sent as %23',
    example: 'rel minor of Db',
  }),
} as const;

export const askAnswer = z
  .object({
    readings: z.array(
      z.object({
        kind: z.enum([
          'scale',
          'compare',
          'key',
          'signature',
          'name',
          'route',
          'chords',
          'chord',
          'note',
          'order',
          'degree',
          'interval',
          'circle',
          'mark',
          'sheet',
          'sheet-question',
          'play',
          'place',
        ]),
        text: z.string(),
        href: z.string(),
        instrument: z.optional(z.string()),
        tonic: z.optional(note),
        scale: z.optional(scaleId.nullable()),
        steps: z.optional(z.string()).meta({ description: 'Typed steps that have no name, in semitones' }),
        fifths: z.optional(fifths),
        from: z.optional(z.string()),
        to: z.optional(z.string()),
        root: z.optional(note),
        chord: z.optional(z.enum(CHORD_QUALITIES)),
        note: z.optional(note),
      }),
    ),
    notUnderstood: z.optional(z.string()),
  })
  .meta({ id: 'Ask' });

export const identifyBody = z.object({
  notes: z
    .array(note)
    .min(3)
    .max(32)
    .meta({ example: ['G', 'A', 'B', 'C', 'D', 'E', 'F#', 'G'] }),
});

export const identifyAnswer = z
  .object({
    notes: z.array(note),
    names: z
      .array(z.object({ tonic: note, scale: scaleId, because: z.string() }))
      .meta({ description: 'Best first' }),
    sounding: z
      .array(z.object({ tonic: note, scale: scaleId, notes: z.array(note) }))
      .meta({ description: 'Scales the notes only sound like, with their own spelling' }),
    trace: z.array(z.object({ text: z.string() })),
  })
  .meta({ id: 'Identify' });

export const problemAnswer = z
  .object({
    type: z.string(),
    title: z.string(),
    status: z.int(),
    detail: z.string(),
    errors: z.optional(z.array(z.object({ pointer: z.string(), detail: z.string() }))),
  })
  .meta({ id: 'Problem' });
