import * as z from 'zod';
import { answerCode, readAnswerCode, readQuestionCode } from '@/core/exercise/code';
import { KIND_IDS, type MarkQuestion, markProblem } from '@/core/exercise/kinds/all';
import { LIVE_STAGES } from '@/core/live/live-class';
import { LIVE_NAME_LIMIT } from '@/core/live/live-name';
import { sayMarkProblem } from '@/core/words/say-mark-problem';
import { API_KINDS } from '../_mark-kinds';
import { readMarkBody } from '../_mark-read';
import { writeQuestion } from '../_sheet-write';
import { SECRET } from './_keys';

/** The longest code of a question or an answer, in characters, and the most that is read of one as it is sent. */
const CODE_LIMIT = 400;

const code = z.string().min(1).max(CODE_LIMIT);
const coded = z.strictObject({ code });
const sent = z.record(z.string(), z.unknown());
const name = z
  .string()
  .max(LIVE_NAME_LIMIT * 8)
  .meta({ example: 'Mira' });
const round = z.union([z.int().min(0).max(1_000_000), z.string().min(1).max(40)]).meta({
  description: 'A number or a short text of the desk; another one begins a round without answers',
  example: 1,
});
const person = z.string().min(1).max(40);

const question = sent.meta({ description: 'As POST /mark takes it, or { code } in our own short code' });
const answer = sent.nullable().meta({
  description: 'As POST /mark takes it, or { code }; null takes an answer back',
});

export const peopleBody = z.strictObject({ name });

export const questionBody = z.strictObject({
  round,
  question,
  stage: z.enum(LIVE_STAGES),
});

export const answerBody = z.strictObject({
  round,
  answer,
  receipt: z.optional(
    z.string().max(60).meta({ description: 'Of an answer that was confirmed before the server had gone' }),
  ),
});

/** A class is opened with nothing, with what its pages need, or with all of it where it is taken up again. */
export const classBody = z.strictObject({
  names: z.optional(z.array(name).max(400).meta({ description: 'Names to choose from' })),
  speaks: z.optional(z.string().max(600).meta({ description: 'How the class speaks, in our own code' })),
  again: z.optional(
    z.strictObject({
      secret: z.string().regex(SECRET),
      expires: z.iso.datetime(),
      people: z.array(z.strictObject({ person, name, listed: z.boolean() })).max(700),
      now: z.nullable(z.strictObject({ ...questionBody.shape, shown: z.boolean() })),
      answers: z.array(z.strictObject({ person, answer: sent, late: z.boolean() })).max(700),
    }),
  ),
});

/** What is wrong with what was sent: the status, and each field with what was read. */
type Refusal = {
  readonly ok: false;
  readonly status: 400 | 422;
  readonly found: readonly { readonly pointer: string; readonly detail: string }[];
};

const refuse = (pointer: string, detail: string): Refusal => ({
  ok: false,
  status: 422,
  found: [{ pointer, detail }],
});

/** Reads a question that a class is asked. */
export function readAsked(sent: unknown): { readonly ok: true; readonly asked: MarkQuestion } | Refusal {
  const own = coded.safeParse(sent);
  if (own.success) {
    const asked = readQuestionCode(own.data.code);
    if (!asked) return refuse('#/question/code', `'${own.data.code.slice(0, 80)}' is no code of a question.`);
    const problem = markProblem(asked);
    return problem ? refuse('#/question', sayMarkProblem(problem)) : { ok: true, asked };
  }
  // A question is read with an answer; any that its kind takes does.
  const kind = KIND_IDS.find((each) => each === (sent as { kind?: unknown } | null)?.kind);
  const answer = kind ? API_KINDS[kind].example.value.answer : {};
  const read = readMarkBody({ question: sent, answer }, 'natural');
  return read.ok ? { ok: true, asked: read.asked } : read;
}

/** What a numeral is made of: nothing else is shown to a class. */
const NUMERAL = /^[ivIVb#♭♯°øo+/\d ()]{1,16}$/u;

/** Reads an answer to a question, in our code or as POST /mark takes it. */
export function readHandedIn(
  asked: MarkQuestion,
  sent: unknown,
): { readonly ok: true; readonly code: string } | Refusal {
  const own = coded.safeParse(sent);
  const read = own.success
    ? readAnswerCode(asked, own.data.code)
    : readMarkBody({ question: writeQuestion(asked), answer: sent }, 'natural');
  if (read === null) return refuse('#/answer/code', 'This is no answer to the question that is asked.');
  if ('ok' in read && !read.ok) return read;
  const answer = 'ok' in read ? read.answer : read;
  if (answer.is === 'numeral' && !NUMERAL.test(answer.text))
    return refuse('#/answer/numeral', 'A numeral is made of i, v and the signs of chords.');
  const written = answerCode(answer);
  if (written.length > CODE_LIMIT)
    return refuse('#/answer', `The answer is longer than any is: ${written.length} characters in its code.`);
  return { ok: true, code: written };
}
