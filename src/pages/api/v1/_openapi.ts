import * as z from 'zod';
import {
  problemAnswer,
  scaleAnswer,
  scaleParameters,
  signatureAnswer,
  signatureParameters,
} from './_schemas';

function parameters(schemas: Readonly<Record<string, z.ZodType>>): readonly unknown[] {
  return Object.entries(schemas).map(([name, schema]) => {
    const { $schema: _, ...described } = z.toJSONSchema(schema, { io: 'input' });
    return { name, in: 'query', required: !schema.safeParse(undefined).success, schema: described };
  });
}

function component(schema: z.ZodType): unknown {
  const { $schema: _, ...described } = z.toJSONSchema(schema);
  return described;
}

function responses(name: string, more: Readonly<Record<string, unknown>> = {}): unknown {
  const found = (status: number, description: string) => [
    String(status),
    {
      description,
      content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
    },
  ];
  return {
    200: {
      description: 'The answer',
      content: { 'application/json': { schema: { $ref: `#/components/schemas/${name}` } }, ...more },
    },
    304: { description: 'Nothing has changed since the ETag that was sent' },
    ...Object.fromEntries([
      found(400, 'A parameter is malformed, missing, doubled or unknown'),
      found(405, 'Only GET and HEAD are answered'),
      found(413, 'A text is over 2,000 characters'),
      found(422, 'Read, but not allowed'),
    ]),
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
      '/scale': {
        get: {
          operationId: 'getScale',
          summary: 'A scale from its tonic and either its id or its steps',
          parameters: parameters(scaleParameters),
          responses: responses('Scale', {
            'application/vnd.recordare.musicxml+xml': { schema: { type: 'string' } },
          }),
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
    },
    components: {
      schemas: {
        Scale: component(scaleAnswer),
        Signature: component(signatureAnswer),
        Problem: component(problemAnswer),
      },
    },
  };
}
