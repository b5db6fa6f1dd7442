import * as z from 'zod';
import { API_KINDS, MARK_EXAMPLES } from './_mark-kinds';
import { BATCH_LIMIT, markAnswer, markBatchAnswer, markOptions } from './_mark-schemas';
import { READ_EXAMPLE, READ_TYPES, readAnswer } from './_read-answer';
import {
  askAnswer,
  askParameters,
  fretsAnswer,
  fretsParameters,
  identifyAnswer,
  identifyBody,
  keyAnswer,
  keyParameters,
  problemAnswer,
  routeAnswer,
  routeParameters,
  SCALE_FORMATS,
  scaleAnswer,
  scaleParameters,
  signatureAnswer,
  signatureParameters,
} from './_schemas';
import { SHEET_EXAMPLES, sheetAnswer, sheetBody } from './_sheet-answer';
import { CLASS_ANSWERS, classPaths } from './classes/_describe';

function parameters(schemas: Readonly<Record<string, z.ZodType>>): readonly unknown[] {
  return Object.entries(schemas).map(([name, schema]) => {
    const { $schema: _, ...described } = z.toJSONSchema(schema, { io: 'input' });
    return { name, in: 'query', required: !schema.safeParse(undefined).success, schema: described };
  });
}

function component(schema: z.ZodType, io: 'input' | 'output' = 'output'): unknown {
  const { $schema: _, ...described } = z.toJSONSchema(schema, { io });
  return described;
}

type Failure = readonly [status: number, description: string];

function answered(
  name: string,
  failures: readonly Failure[],
  more: Readonly<Record<string, unknown>> = {},
): unknown {
  const problems = failures.map(([status, description]) => [
    String(status),
    {
      description,
      content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
    },
  ]);
  return {
    200: {
      description: 'The answer',
      content: { 'application/json': { schema: { $ref: `#/components/schemas/${name}` } }, ...more },
    },
    ...Object.fromEntries(problems),
  };
}

function responses(name: string, more: Readonly<Record<string, unknown>> = {}): object {
  const failures: readonly Failure[] = [
    [400, 'A parameter is malformed, missing, doubled or unknown'],
    [405, 'Only GET and HEAD are answered'],
    [413, 'A text is over 2,000 characters'],
    [422, 'Read, but not allowed'],
  ];
  const unchanged = { 304: { description: 'Nothing has changed since the ETag that was sent' } };
  return { ...Object(answered(name, failures, more)), ...unchanged };
}

function postResponses(name: string): unknown {
  return answered(name, [
    [400, 'The body is not JSON or not of this shape'],
    [405, 'Only POST is answered'],
    [413, 'The body is over 1 MB'],
    [415, 'The body is not application/json'],
    [422, 'Read, but not allowed'],
  ]);
}

/** What POST /mark takes: a question with its answer, of any kind, or a batch of them. */
function markRequest(): unknown {
  const options = component(markOptions, 'input');
  const kinds = Object.values(API_KINDS).map(({ body }) => component(body, 'input'));
  const item = { type: 'object', required: ['id'], properties: { id: { type: 'string' } }, anyOf: kinds };
  const schema = {
    anyOf: [
      ...kinds,
      {
        type: 'object',
        required: ['batch'],
        properties: { batch: { type: 'array', maxItems: BATCH_LIMIT, items: item } },
      },
    ],
    properties: { options },
  };
  return { required: true, content: { 'application/json': { schema, examples: MARK_EXAMPLES } } };
}

/** The addresses that are posted to. */
function postPaths(): object {
  return {
    '/identify': {
      post: {
        operationId: 'identify',
        summary: 'The scales that hold 3 to 32 notes, ranked, and the way to the name',
        requestBody: {
          required: true,
          content: { 'application/json': { schema: component(identifyBody) } },
        },
        responses: postResponses('Identify'),
      },
    },
    '/mark': {
      post: {
        operationId: 'mark',
        summary: 'Right or wrong, what differs, the habit that predicts it, the checks and the marks',
        requestBody: markRequest(),
        responses: postResponses('Marked'),
      },
    },
    '/sheet': {
      post: {
        operationId: 'makeSheet',
        summary: 'Questions made from a seed, with their keys; versions are equally hard',
        requestBody: {
          required: true,
          content: {
            'application/json': { schema: component(sheetBody, 'input'), examples: SHEET_EXAMPLES },
          },
        },
        responses: postResponses('Sheet'),
      },
    },
    '/read': {
      post: {
        operationId: 'readPiece',
        summary: 'What a signature does in a score, and which keys it can be in, with the evidence',
        requestBody: {
          required: true,
          content: Object.fromEntries(
            READ_TYPES.map((type) => [
              type,
              {
                schema: { type: 'string', format: 'binary' },
                ...(type === 'text/vnd.abc' ? { examples: { tune: { value: READ_EXAMPLE } } } : {}),
              },
            ]),
          ),
        },
        responses: postResponses('Read'),
      },
    },
  };
}

/** The addresses that are only asked. */
function getPaths(): object {
  return {
    '/scale': {
      get: {
        operationId: 'getScale',
        summary: 'A scale from its tonic and either its id or its steps',
        parameters: parameters(scaleParameters),
        responses: responses(
          'Scale',
          Object.fromEntries(SCALE_FORMATS.map(({ type }) => [type, { schema: { type: 'string' } }])),
        ),
      },
    },
    '/frets': {
      get: {
        operationId: 'getFrets',
        summary: 'Every place in a span of frets whose sound is a note of a scale',
        parameters: parameters(fretsParameters),
        responses: responses('Frets'),
      },
    },
    '/signature': {
      get: {
        operationId: 'getSignature',
        summary: 'A key signature: its signs, their places in four clefs, and the keys that own it',
        parameters: parameters(signatureParameters),
        responses: responses('Signature'),
      },
    },
    '/key': {
      get: {
        operationId: 'getKey',
        summary: 'A key: its signature, relations, neighbours with what is new in them, and chords',
        parameters: parameters(keyParameters),
        responses: responses('Key'),
      },
    },
    '/route': {
      get: {
        operationId: 'getRoute',
        summary: 'How far two keys lie apart, what they share, and ways from one to the other',
        parameters: parameters(routeParameters),
        responses: responses('Route'),
      },
    },
    '/ask': {
      get: {
        operationId: 'ask',
        summary: 'What a line of shorthand means: every reading, best first, or what was not understood',
        parameters: parameters(askParameters),
        responses: responses('Ask'),
      },
    },
  };
}

/** The OpenAPI 3.1 document, made from the schemas that the endpoints use. https://spec.openapis.org/oas/v3.1.0 */
export function openApiDocument(): unknown {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Moon Step',
      version: '1',
      description:
        'Scales and key signatures, spelled, with their workings. Notes are English ASCII; # must be sent as %23, since a plain # ends the address. Every answer repeats the tonic that was read.',
    },
    servers: [{ url: '/api/v1' }],
    paths: {
      ...getPaths(),
      ...postPaths(),
      ...classPaths(),
    },
    components: {
      schemas: {
        Ask: component(askAnswer),
        Frets: component(fretsAnswer),
        Identify: component(identifyAnswer),
        Key: component(keyAnswer),
        Mark: component(markAnswer),
        MarkBatch: component(markBatchAnswer),
        Marked: {
          anyOf: [{ $ref: '#/components/schemas/Mark' }, { $ref: '#/components/schemas/MarkBatch' }],
        },
        Read: component(readAnswer),
        Route: component(routeAnswer),
        Scale: component(scaleAnswer),
        Sheet: component(sheetAnswer),
        Signature: component(signatureAnswer),
        ...Object.fromEntries(
          Object.entries(CLASS_ANSWERS).map(([name, schema]) => [name, component(schema)]),
        ),
        Problem: component(problemAnswer),
      },
      securitySchemes: { bearer: { type: 'http', scheme: 'bearer' } },
    },
  };
}
