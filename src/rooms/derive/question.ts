import { KEY_ASKED, type KeyAsked, rulesFor, type SignatureRule } from '@/core/identify/key-of-signature';
import { FEWEST_NOTES, MOST_NOTES } from '@/core/identify/name-scale';
import { readEnglishNote } from '@/core/note/parse';
import { asciiName, type Fifths, fifths, type SpelledNote } from '@/core/note/spelled';
import { NAMED_SCALE_IDS, type ScaleId, scaleIdFrom } from '@/core/scale/pattern';
import { isPrintable } from '@/core/scale/signature';
import type { AddressProblem } from '@/core/words/say-address';

/** In how many clefs a signature is written: one, the two of the keyboard, or all four. */
export const CLEF_SETS = ['treble', 'bass', 'alto', 'tenor', 'both', 'all'] as const;

export type ClefSet = (typeof CLEF_SETS)[number];

/** Which key has this signature? `rule` null is the class's own. */
export type WhichKey = {
  readonly kind: 'key';
  readonly fifths: Fifths;
  readonly asked: KeyAsked;
  readonly rule: SignatureRule | null;
  readonly step: number | null;
};

/** Write the signature of a key. */
export type WriteTask = {
  readonly kind: 'signature';
  readonly tonic: SpelledNote;
  readonly scale: ScaleId;
  readonly clefs: ClefSet;
  readonly step: number | null;
};

/** What are these notes? */
export type NameTask = {
  readonly kind: 'name';
  readonly notes: readonly SpelledNote[];
  readonly step: number | null;
};

export type Question = WhichKey | WriteTask | NameTask;

export const QUESTION_KINDS = ['key', 'signature', 'name'] as const;

export type QuestionReading = { readonly question: Question; readonly problems: readonly AddressProblem[] };

/** What stands where an address leaves something open. */
export const FIRST_QUESTIONS: {
  readonly [Kind in Question['kind']]: Extract<Question, { readonly kind: Kind }>;
} = {
  key: { kind: 'key', fifths: fifths(-4), asked: 'every', rule: null, step: null },
  signature: {
    kind: 'signature',
    tonic: noteOf('Cb'),
    scale: 'major',
    clefs: 'treble',
    step: null,
  },
  name: { kind: 'name', notes: 'F G Ab Bb C Db E F'.split(' ').map(noteOf), step: null },
};

function noteOf(name: string): SpelledNote {
  const reading = readEnglishNote(name);
  if (!reading.ok) throw new RangeError(name);
  return reading.note;
}

/** Which question an address asks; null where it asks for a scale to be built. */
export function questionKind(search: string): Question['kind'] | null {
  const asked = new URLSearchParams(search.slice(0, 2000)).get('question');
  return QUESTION_KINDS.find((kind) => kind === asked) ?? null;
}

/** The query that asks a question, in English ASCII. */
export function writeQuestion(question: Question): string {
  const query = new URLSearchParams({ question: question.kind });
  if (question.kind === 'key') {
    query.set('fifths', String(question.fifths));
    if (question.asked !== 'every') query.set('asked', question.asked);
    if (question.rule) query.set('rule', question.rule);
  } else if (question.kind === 'signature') {
    query.set('tonic', asciiName(question.tonic));
    query.set('scale', question.scale);
    query.set('clefs', question.clefs);
  } else {
    query.set('notes', question.notes.map(asciiName).join(' '));
  }
  if (question.step !== null) query.set('step', String(question.step));
  return `?${query}`;
}

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
