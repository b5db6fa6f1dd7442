import * as z from 'zod';
import { identify } from '@/core/identify/name-scale';
import { FEWEST_NOTES, MOST_NOTES } from '@/core/identify/scale-name';
import { readEnglishNote } from '@/core/note/parse';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { ENGLISH } from '@/core/words/class-words';
import { sayBecause, sayDecision } from '@/core/words/say-decision';
import { sayProblem } from '@/core/words/say-problem';
import { type ProblemDocument, problem } from './_problem';
import { type Answer, json } from './_respond';
import type { identifyAnswer } from './_schemas';

const body = z.strictObject({ notes: z.array(z.string()) });

/** How many notes were sent, known before any of them is looked at. */
function countOf(sent: unknown): number {
  const notes = typeof sent === 'object' && sent !== null && 'notes' in sent ? sent.notes : null;
  return Array.isArray(notes) ? notes.length : 0;
}

function failed(
  status: number,
  found: readonly { readonly pointer: string; readonly detail: string }[],
): Answer {
  const detail = found.map((each) => each.detail).join(' ');
  const document: ProblemDocument = problem(status, detail, found);
  return { ok: false, problem: document };
}

/** Answers POST /identify for a body that is JSON. */
export function answerIdentify(sent: unknown): Answer {
  const count = countOf(sent);
  if (count > MOST_NOTES) {
    const detail = `${count} notes were given; ${FEWEST_NOTES} to ${MOST_NOTES} can be named.`;
    return failed(422, [{ pointer: '#/notes', detail }]);
  }
  const read = body.safeParse(sent);
  if (!read.success) {
    const detail = 'A body of { "notes": ["G", "A", …] } is needed, each note a text.';
    return failed(400, [{ pointer: '#/notes', detail }]);
  }
  const { notes } = read.data;
  if (notes.length < FEWEST_NOTES) {
    const detail = `${notes.length} notes were given; ${FEWEST_NOTES} to ${MOST_NOTES} can be named.`;
    return failed(422, [{ pointer: '#/notes', detail }]);
  }
  const spelled: SpelledNote[] = [];
  const problems: { readonly pointer: string; readonly detail: string }[] = [];
  notes.forEach((name, at) => {
    const reading = readEnglishNote(name);
    if (reading.ok) spelled.push(reading.note);
    else problems.push({ pointer: `#/notes/${at}`, detail: sayProblem(ENGLISH, reading.problem) });
  });
  if (problems.length > 0) return failed(422, problems);
  return json(document(spelled));
}

function document(notes: readonly SpelledNote[]): z.infer<typeof identifyAnswer> {
  const { names, steps, sounding } = identify(notes);
  return {
    notes: notes.map(asciiName),
    names: names.map((name) => ({
      tonic: asciiName(name.tonic),
      scale: name.scale,
      because: sayBecause(ENGLISH, name),
    })),
    sounding: sounding.map(({ tonic, scale, notes: wanted }) => ({
      tonic: asciiName(tonic),
      scale,
      notes: wanted.map(asciiName),
    })),
    trace: steps.map(({ fact }) => {
      const { text, reason } = sayDecision(ENGLISH, fact);
      return { text: reason ? `${text} ${reason}` : text };
    }),
  };
}
