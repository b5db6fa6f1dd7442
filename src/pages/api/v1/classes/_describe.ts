import * as z from 'zod';
import { answerBody, classBody, peopleBody, questionBody } from './_read';

const text = z.string();
const round = z.union([z.int(), text]);
const sent = z.record(text, z.unknown());

/** What comes back from the addresses of a class; each is checked in a test. */
export const CLASS_ANSWERS = {
  ClassOpened: z.object({
    code: text.meta({ description: 'Six signs by which the class is joined' }),
    secret: text.meta({ description: 'By which it is steered; it is sent to nobody else' }),
    expires: text,
    stood: z
      .boolean()
      .meta({ description: 'Whether the class was open already, where it was taken up again' }),
    addresses: z.array(text).meta({ description: 'Hosts under which the network reaches this server' }),
  }),
  ClassDoor: z.object({
    names: z.array(z.object({ name: text, taken: z.boolean() })),
    speaks: text,
    expires: text,
  }),
  ClassPerson: z.object({ person: text, token: text, name: text, listed: z.boolean() }),
  ClassQuestion: z.object({
    round,
    question: sent,
    code: text,
    stage: text,
    shown: z.boolean(),
  }),
  ClassConfirmed: z.object({
    confirmed: z.literal(true),
    late: z.boolean(),
    receipt: z.optional(text),
  }),
  ClassAnswers: z.object({
    round: round.nullable(),
    answers: z.array(z.object({ person: text, name: text, answer: sent, code: text, late: z.boolean() })),
  }),
};

/** What can be sent, each in the order of a lesson; a test sends them. */
export const CLASS_EXAMPLES = {
  open: { names: ['Tove', 'Yusuf'] },
  people: { name: 'Tove' },
  question: {
    round: 1,
    question: { kind: 'scale', tonic: 'E', scale: 'harmonic-minor', direction: 'up', signature: 'none' },
    stage: 'answer',
  },
  answer: { round: 1, answer: { notes: ['E', 'F#', 'G', 'A', 'B', 'C', 'D', 'E'] } },
} as const;

type Described = {
  readonly id: string;
  readonly summary: string;
  readonly body?: readonly [schema: z.ZodType, example: unknown];
  /** The status and the schema of what comes back; null where nothing does. */
  readonly gives: readonly [status: number, name: keyof typeof CLASS_ANSWERS | 'events' | null];
  readonly who: 'anybody' | 'teacher' | 'person' | 'both';
};

function described(schema: z.ZodType): unknown {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, { io: 'input' });
  return rest;
}

const FAILURES: readonly (readonly [number, string])[] = [
  [400, 'The body is not JSON or not of this shape'],
  [401, 'The secret or the token is not known; slowed'],
  [404, 'There is no class of this code; slowed'],
  [405, 'This method is not answered here'],
  [409, 'The round takes no answer now'],
  [413, 'The body is too large'],
  [415, 'The body is not application/json'],
  [422, 'Read, but not allowed'],
  [429, 'Too often, or too many'],
];

function operation({ id, summary, body, gives: [status, name], who }: Described): unknown {
  const problem = { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } };
  const failures = FAILURES.map(([code, description]) => [code, { description, content: problem }]);
  const content =
    name === 'events'
      ? { 'text/event-stream': { schema: { type: 'string' } } }
      : { 'application/json': { schema: { $ref: `#/components/schemas/${name}` } } };
  return {
    operationId: id,
    summary,
    ...(who === 'anybody' ? {} : { security: [{ bearer: [] }] }),
    ...(body
      ? {
          requestBody: {
            required: true,
            content: { 'application/json': { schema: described(body[0]), example: body[1] } },
          },
        }
      : {}),
    responses: {
      [status]: { description: name ? 'The answer' : 'Done', ...(name ? { content } : {}) },
      ...Object.fromEntries(failures),
    },
  };
}

const ofClass = (operations: Readonly<Record<string, unknown>>) => ({
  parameters: [{ name: 'code', in: 'path', required: true, schema: { type: 'string' } }],
  ...operations,
});

const EVENTS =
  'Server-sent events: question, to everybody; and to the secret answered { person, late }, joined, here, left, class; closed at the end';

/** The addresses of a class that answers, for the document. */
export function classPaths(): object {
  const { open, people, question, answer } = CLASS_EXAMPLES;
  const post = (body: Described) => ({ post: operation(body) });
  return {
    '/classes': post({
      ...{
        id: 'openClass',
        summary: 'Opens a class, which this server keeps in memory only',
        who: 'anybody',
      },
      body: [classBody, open],
      gives: [201, 'ClassOpened'],
    }),
    '/classes/{code}': ofClass({
      get: operation({
        ...{ id: 'getClass', summary: 'Names to choose from, and how the class speaks', who: 'anybody' },
        gives: [200, 'ClassDoor'],
      }),
      delete: operation({
        ...{ id: 'closeClass', summary: 'Closes the class, and forgets it', who: 'teacher' },
        gives: [204, null],
      }),
    }),
    '/classes/{code}/people': ofClass(
      post({
        ...{
          id: 'joinClass',
          summary: 'Joins under a name; another of the same name is numbered',
          who: 'anybody',
        },
        body: [peopleBody, people],
        gives: [201, 'ClassPerson'],
      }),
    ),
    '/classes/{code}/people/{person}': ofClass({
      delete: operation({
        ...{ id: 'leaveClass', summary: 'Sends somebody out, or leaves', who: 'both' },
        gives: [204, null],
      }),
    }),
    '/classes/{code}/question': ofClass({
      put: operation({
        ...{ id: 'askClass', summary: 'Asks a question, or goes on with it', who: 'teacher' },
        body: [questionBody, question],
        gives: [200, 'ClassQuestion'],
      }),
    }),
    '/classes/{code}/answer': ofClass({
      put: operation({
        ...{ id: 'answerClass', summary: 'Answers, changes an answer, or takes it back', who: 'person' },
        body: [answerBody, answer],
        gives: [200, 'ClassConfirmed'],
      }),
    }),
    '/classes/{code}/answers': ofClass({
      get: operation({
        ...{ id: 'getAnswers', summary: 'What is answered to the question now', who: 'teacher' },
        gives: [200, 'ClassAnswers'],
      }),
    }),
    '/classes/{code}/events': ofClass({
      get: operation({ ...{ id: 'hearClass', summary: EVENTS, who: 'both' }, gives: [200, 'events'] }),
    }),
  };
}
