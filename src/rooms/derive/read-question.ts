import { KEY_ASKED, rulesFor, type SignatureRule } from '@/core/identify/key-of-signature';
import { FEWEST_NOTES, MOST_NOTES } from '@/core/identify/scale-name';
import { readEnglishNote } from '@/core/note/parse';
import { asciiName, fifths, type SpelledNote } from '@/core/note/spelled';
import { NAMED_SCALE_IDS, scaleIdFrom } from '@/core/scale/pattern';
import { isPrintable } from '@/core/scale/signature';
import type { AddressProblem } from '@/core/words/say-address';
import {
  CLEF_SETS,
  type NameTask,
  type Question,
  questionKind,
  type WhichKey,
  type WriteTask,
} from './question';
import { FIRST_QUESTIONS } from './write-question';

export type QuestionReading = { readonly question: Question; readonly problems: readonly AddressProblem[] };

class Reader {
  readonly problems: AddressProblem[] = [];
  constructor(readonly query: URLSearchParams) {}

  unknown(known: readonly string[]): void {
    for (const [parameter, read] of this.query) {
      if (!known.includes(parameter)) this.problems.push({ code: 'address-unknown', parameter, read });
    }
  }

  choice<Value extends string>(name: string, allowed: readonly Value[], usual: Value): Value {
    const read = this.query.get(name);
    if (read === null) return usual;
    const found = allowed.find((value) => value === read);
    if (found) return found;
    const problem = { code: 'choice-unknown', what: name, read: read.slice(0, 60), allowed } as const;
    this.problems.push({ code: 'address-word', parameter: name, problem, shown: usual });
    return usual;
  }

  step(): number | null {
    const read = this.query.get('step');
    if (read === null) return null;
    if (/^[1-9]\d?$/u.test(read)) return Number(read);
    this.problems.push({ code: 'address-step', read: read.slice(0, 60) });
    return null;
  }

  note(name: string, read: string, usual: SpelledNote): SpelledNote {
    const reading = readEnglishNote(read);
    if (reading.ok) return reading.note;
    this.problems.push({
      code: 'address-word',
      parameter: name,
      problem: reading.problem,
      shown: asciiName(usual),
    });
    return usual;
  }
}

/**
 * Reads the query of a question. What is left out is taken from its first example; what cannot be read is named, and
 * the rest still holds.
 */
export function readQuestion(search: string): QuestionReading | null {
  const kind = questionKind(search);
  if (!kind) return null;
  const reader = new Reader(new URLSearchParams(search.slice(0, 2000)));
  const question =
    kind === 'key' ? readKey(reader) : kind === 'signature' ? readWrite(reader) : readName(reader);
  return { question, problems: reader.problems };
}

function readKey(reader: Reader): WhichKey {
  reader.unknown(['question', 'fifths', 'asked', 'rule', 'step']);
  const read = reader.query.get('fifths');
  const count = fifths(Number(read ?? FIRST_QUESTIONS.key.fifths) || 0);
  const fits = (read === null || /^[+-]?\d{1,2}$/u.test(read)) && isPrintable(count);
  if (!fits) {
    const allowed = Array.from({ length: 15 }, (_, at) => String(at - 7));
    const problem = {
      code: 'choice-unknown',
      what: 'fifths',
      read: (read ?? '').slice(0, 60),
      allowed,
    } as const;
    reader.problems.push({
      code: 'address-word',
      parameter: 'fifths',
      problem,
      shown: String(FIRST_QUESTIONS.key.fifths),
    });
  }
  const shown = fits ? count : FIRST_QUESTIONS.key.fifths;
  const rules = rulesFor(shown);
  const wanted = reader.query.get('rule');
  const rule =
    wanted === null || rules.length === 0 ? null : reader.choice('rule', rules, rules[0] as SignatureRule);
  return {
    kind: 'key',
    fifths: shown,
    asked: reader.choice('asked', KEY_ASKED, 'every'),
    rule,
    step: reader.step(),
  };
}

function readWrite(reader: Reader): WriteTask {
  reader.unknown(['question', 'tonic', 'scale', 'clefs', 'step']);
  const { tonic: usual, scale: first, clefs } = FIRST_QUESTIONS.signature;
  const tonic = reader.note('tonic', reader.query.get('tonic') ?? asciiName(usual), usual);
  const alias = scaleIdFrom(reader.query.get('scale') ?? '');
  const scale = alias ?? reader.choice('scale', NAMED_SCALE_IDS, first);
  return {
    kind: 'signature',
    tonic,
    scale,
    clefs: reader.choice('clefs', CLEF_SETS, clefs),
    step: reader.step(),
  };
}

function readName(reader: Reader): NameTask {
  reader.unknown(['question', 'notes', 'step']);
  const read = reader.query.get('notes');
  if (read === null) return { ...FIRST_QUESTIONS.name, step: reader.step() };
  const notes: SpelledNote[] = [];
  for (const name of read
    .split(/[\s,]+/u)
    .filter(Boolean)
    .slice(0, MOST_NOTES)) {
    const reading = readEnglishNote(name);
    if (reading.ok) notes.push(reading.note);
    else
      reader.problems.push({
        code: 'address-word',
        parameter: 'notes',
        problem: reading.problem,
        shown: 'the others',
      });
  }
  return { kind: 'name', notes, step: reader.step() };
}

/** Whether there are notes enough to be named. */
export function canBeNamed({ notes }: NameTask): boolean {
  return notes.length >= FEWEST_NOTES;
}
