import * as z from 'zod';
import { type AnswerCase, caseOf } from '@/core/exercise/answer-case';
import { judge } from '@/core/exercise/judge';
import type { MarkSchool } from '@/core/exercise/kinds/kind';
import { keyAsked, practiceFor, type ScaleKey, tellingApart } from '@/core/exercise/practice';
import { invitedMistakes } from '@/core/mark/explain/invited';
import { type Explanation, evenFirst } from '@/core/mark/explain/rank';
import type { Judged, Thing } from '@/core/mark/judging/judged';
import { scoreOf } from '@/core/mark/judging/marks';
import type { MistakeId } from '@/core/mark/mistakes/all';
import { asciiName } from '@/core/note/spelled';
import { signCode } from '@/core/scale/printed';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { sayFinding, sayThing } from '@/core/words/say-finding';
import { sayMarkCheck } from '@/core/words/say-mark-check';
import { sayMistake } from '@/core/words/say-mistake';
import { writeKeyText } from './_key-text';
import type { Sent } from './_mark-kinds';
import { readMarkBody } from './_mark-read';
import { BATCH_LIMIT, type markAnswer, markOptions } from './_mark-schemas';
import { problem } from './_problem';
import { type Answer, json } from './_respond';

type Options = z.infer<typeof markOptions>;
type MarkDocument = z.infer<typeof markAnswer>;

/** The most causes that are told of one answer. */
const MOST_CAUSES = 12;

/** A thing in English ASCII. */
function ascii(thing: Thing | null): string | null {
  if (!thing) return null;
  switch (thing.is) {
    case 'note':
      return asciiName(thing.note);
    case 'pitch':
      return `${asciiName(thing.pitch.note)}${thing.pitch.octave}`;
    case 'sign':
      return thing.sign === null ? null : signCode(thing.sign);
    case 'step':
      return String(thing.semitones);
    case 'count':
      return String(thing.fifths);
    case 'key':
      return thing.key.scale ? writeKeyText(thing.key.tonic, thing.key.scale) : asciiName(thing.key.tonic);
    case 'way':
      return thing.way;
    case 'numeral':
      return sayThing(ENGLISH, thing);
  }
}

const codeOf = ({ habits }: Explanation) => habits.join('+');

type Told = {
  readonly sent: Sent;
  readonly judged: Judged;
  readonly about: AnswerCase;
  readonly key: ScaleKey;
  readonly school: MarkSchool;
};

function causeOf(
  cause: Explanation,
  all: readonly Explanation[],
  told: Told,
): MarkDocument['causes'][number] {
  const { sent, judged, about, key } = told;
  const said = cause.habits.map((id) => sayMistake(ENGLISH, id, about, practiceFor(id, key)));
  const first = all[0] ?? cause;
  const even = evenFirst(all);
  const ask = cause === first ? tellingApart(even, sent.asked, told.school)?.key : null;
  return {
    code: cause.habits[0] as MistakeId,
    codes: [...cause.habits],
    notes: [...judged.wrong],
    explains: Math.max(1, judged.parts.lost.parts),
    ties: all.filter((each) => each !== cause).map(codeOf),
    even: even.includes(cause),
    text: said.map(({ name, why }) => `${name}. ${why}`).join(' '),
    say: said.map(({ say }) => say).join(' '),
    cure: said.map(({ cure }) => cure).join(' '),
    ask: ask ? `${asciiName(ask.tonic)} ${ask.scale}` : null,
  };
}

/** Judges one answer and puts it into the words and the form of the API. */
export function markDocument(sent: Sent, options: Options): MarkDocument {
  const school = {
    ...USUAL_SETTINGS,
    ...options,
    known: [...options.known, ...invitedMistakes(options)],
  };
  const judged = judge(sent.asked, sent.answer, school);
  if (!judged) throw new RangeError('a question that was read can be marked');
  const told: Told = {
    sent,
    judged,
    about: caseOf(sent.asked, sent.answer, school),
    key: keyAsked(sent.asked),
    school,
  };
  const causes = judged.causes.slice(0, MOST_CAUSES);
  return {
    correct: judged.correct,
    score: scoreOf(judged, options),
    findings: judged.findings.map((finding) => ({
      code: finding.code,
      index: finding.index,
      expected: ascii(finding.expected),
      got: ascii(finding.got),
      text: sayFinding(ENGLISH, finding, sent.asked.kind),
    })),
    causes: causes.map((cause) => causeOf(cause, causes, told)),
    checks: judged.checks.map((check) => ({
      check: check.check,
      holds: check.holds,
      text: sayMarkCheck(ENGLISH, check),
    })),
  };
}

const single = z.strictObject({
  question: z.unknown(),
  answer: z.unknown(),
  options: z.optional(z.unknown()),
});
const batch = z.strictObject({
  batch: z
    .array(z.object({ id: z.string().max(200), question: z.unknown(), answer: z.unknown() }))
    .max(BATCH_LIMIT),
  options: z.optional(z.unknown()),
});

function failed(status: number, found: readonly { readonly pointer: string; readonly detail: string }[]) {
  return problem(status, found.map(({ detail }) => detail).join(' '), found);
}

/** Answers are judged in turns, so that others are answered between them. */
const TURN = 8;

const turn = () => new Promise<void>((resolve) => setImmediate(resolve));

async function answerBatch(items: z.infer<typeof batch>['batch'], options: Options): Promise<Answer> {
  // Classes make the same mistakes: an answer that was judged once in the batch is not judged again.
  const judged = new Map<string, object>();
  const found: object[] = [];
  for (const [at, { id, ...sent }] of items.entries()) {
    if (at % TURN === TURN - 1) await turn();
    const key = JSON.stringify(sent);
    const known = judged.get(key) ?? answerItem(sent, options);
    judged.set(key, known);
    found.push({ id, ...known });
  }
  return json({ batch: found });
}

function answerItem(sent: unknown, options: Options): object {
  const reading = readMarkBody(sent, options.melodicDown);
  if (reading.ok) return markDocument(reading, options);
  return { problem: failed(reading.status, reading.found) };
}

/** Answers POST /mark for a body that is JSON: one answer, or a batch in which each answers for itself. */
export async function answerMark(sent: unknown): Promise<Answer> {
  const isBatch = typeof sent === 'object' && sent !== null && 'batch' in sent;
  const body = isBatch ? batch.safeParse(sent) : single.safeParse(sent);
  if (!body.success) {
    const tooMany = isBatch && Array.isArray(sent.batch) && sent.batch.length > BATCH_LIMIT;
    const detail = tooMany
      ? `${(sent.batch as readonly unknown[]).length} answers were sent; at most ${BATCH_LIMIT} are marked at a time.`
      : 'A body of { "question": …, "answer": … } is needed, or { "batch": [{ "id", "question", "answer" }, …] }.';
    return {
      ok: false,
      problem: failed(tooMany ? 422 : 400, [{ pointer: isBatch ? '#/batch' : '#', detail }]),
    };
  }
  const options = markOptions.safeParse(body.data.options ?? {});
  if (!options.success) {
    const found = options.error.issues.map(({ path, message }) => ({
      pointer: `#/options/${path.join('/')}`,
      detail: message,
    }));
    return { ok: false, problem: failed(422, found) };
  }
  if ('batch' in body.data) return answerBatch(body.data.batch, options.data);
  const reading = readMarkBody(
    { question: body.data.question, answer: body.data.answer },
    options.data.melodicDown,
  );
  if (!reading.ok) return { ok: false, problem: failed(reading.status, reading.found) };
  return json(markDocument(reading, options.data));
}
