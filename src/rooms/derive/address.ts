import { readEnglishNote } from '@/core/note/parse';
import { asciiName } from '@/core/note/spelled';
import { type AskedScale, askedFrom, isTyped, scaleAsked } from '@/core/scale/asked';
import { scaleIdFrom } from '@/core/scale/pattern';
import { readSteps } from '@/core/scale/typed-steps';
import type { AddressProblem } from '@/core/words/say-address';
import { readBeside, writeBeside } from './beside';
import {
  type Beside,
  CHOICES,
  type ChoiceWord,
  type Chosen,
  type DeriveSentence,
  FIRST_CHOICES,
  FIRST_SENTENCE,
  fitting,
  methodProblem,
} from './sentence';

export type AddressReading = {
  readonly sentence: DeriveSentence;
  readonly problems: readonly AddressProblem[];
};

const LIMIT = 2000;
const PARAMETERS = [
  'tonic',
  'scale',
  'steps',
  'direction',
  'clef',
  'signature',
  'method',
  'step',
  'beside',
] as const;

const STEP = /^[1-9]\d?$/u;

/**
 * Reads the query of an address into a sentence. What is left out is taken from the first sentence; what cannot be
 * read is named, and the rest of the address still holds.
 */
export function readAddress(search: string): AddressReading {
  if (search.length > LIMIT) {
    return {
      sentence: FIRST_SENTENCE,
      problems: [{ code: 'address-too-long', length: search.length, limit: LIMIT }],
    };
  }
  const query = new URLSearchParams(search);
  if ([...query.keys()].length === 0) return { sentence: FIRST_SENTENCE, problems: [] };

  const problems: AddressProblem[] = [];
  for (const [parameter, read] of query) {
    const known = PARAMETERS.some((name) => name === parameter);
    if (!known) problems.push({ code: 'address-unknown', parameter, read });
  }
  for (const parameter of PARAMETERS) {
    if (query.getAll(parameter).length > 1) problems.push({ code: 'address-twice', parameter });
  }
  const word = <Word extends ChoiceWord>(name: Word): Chosen[Word] => readChoice(query, name, problems);

  const sentence: DeriveSentence = {
    tonic: readTonic(query, problems),
    scale: readAsked(query, problems) ?? word('scale'),
    direction: word('direction'),
    clef: word('clef'),
    signature: word('signature'),
    method: word('method'),
    step: readStep(query, problems),
    beside: readOther(query, problems),
  };
  return spellable(sentence, problems);
}

function readChoice<Word extends ChoiceWord>(
  query: URLSearchParams,
  name: Word,
  problems: AddressProblem[],
): Chosen[Word] {
  const read = query.get(name);
  const usual = FIRST_CHOICES[name];
  if (read === null) return usual;
  const allowed = CHOICES[name];
  const wanted = name === 'scale' ? (scaleIdFrom(read) ?? read) : read;
  const found = allowed.find((value) => value === wanted);
  if (found) return found;
  problems.push({
    code: 'address-word',
    parameter: name,
    problem: { code: 'choice-unknown', what: name, read: read.slice(0, 60), allowed },
    shown: usual,
  });
  return usual;
}

function readTonic(query: URLSearchParams, problems: AddressProblem[]): DeriveSentence['tonic'] {
  const read = query.get('tonic');
  if (read === null) return FIRST_SENTENCE.tonic;
  const reading = readEnglishNote(read);
  if (reading.ok) return reading.note;
  problems.push({
    code: 'address-word',
    parameter: 'tonic',
    problem: reading.problem,
    shown: asciiName(FIRST_SENTENCE.tonic),
  });
  return FIRST_SENTENCE.tonic;
}

/** The scale that typed steps ask for, or null where there are none or they make none. */
function readAsked(query: URLSearchParams, problems: AddressProblem[]): AskedScale | null {
  const read = query.get('steps');
  if (read === null) return null;
  const reading = readSteps(read.split(','));
  if (reading.ok) {
    const named = query.get('scale');
    if (named !== null)
      problems.push({ code: 'address-unknown', parameter: 'scale', read: named.slice(0, 60) });
    return askedFrom(reading.steps);
  }
  const shown = scaleIdFrom(query.get('scale') ?? '') ?? FIRST_CHOICES.scale;
  problems.push({ code: 'address-word', parameter: 'steps', problem: reading.problem, shown });
  return null;
}

function readOther(query: URLSearchParams, problems: AddressProblem[]): Beside | null {
  const read = query.get('beside');
  if (read === null) return null;
  const beside = readBeside(read);
  if (beside) return beside;
  const allowed = [...CHOICES.method, 'a tonic with a scale, such as A natural-minor'];
  const problem = { code: 'choice-unknown', what: 'beside', read: read.slice(0, 60), allowed } as const;
  problems.push({ code: 'address-word', parameter: 'beside', problem, shown: 'nothing' });
  return null;
}

function readStep(query: URLSearchParams, problems: AddressProblem[]): number | null {
  const read = query.get('step');
  if (read === null) return null;
  if (STEP.test(read)) return Number(read);
  problems.push({ code: 'address-step', read: read.slice(0, 60) });
  return null;
}

/**
 * A sentence that can be shown: a tonic with a double sign may need a third in its scale, then its practical twin is
 * shown, and said; a method that cannot serve the scale gives way to the steps, and is said.
 */
export function spellable(
  sentence: DeriveSentence,
  problems: readonly AddressProblem[] = [],
): AddressReading {
  const reading = scaleAsked(sentence.tonic, sentence.scale);
  if (reading.ok) return servable(sentence, problems);
  const tonic = reading.problem.instead ?? FIRST_SENTENCE.tonic;
  return servable({ ...sentence, tonic }, [
    ...problems,
    { code: 'address-word', parameter: 'tonic', problem: reading.problem, shown: asciiName(tonic) },
  ]);
}

function servable(sentence: DeriveSentence, problems: readonly AddressProblem[]): AddressReading {
  const problem = methodProblem(sentence);
  const shown = fitting(sentence);
  const method: readonly AddressProblem[] = problem
    ? [{ code: 'address-method', problem, shown: shown.method }]
    : [];
  const found = [...problems, ...method, ...besideProblems(sentence, shown)];
  return { sentence: shown, problems: found.length === problems.length ? problems : found };
}

/** Why what the address wants beside is not there, where it is not simply the same. */
function besideProblems({ beside }: DeriveSentence, shown: DeriveSentence): readonly AddressProblem[] {
  if (!beside || shown.beside) return [];
  if (beside.kind === 'method') {
    const problem = methodProblem(shown, beside.method);
    return problem ? [{ code: 'address-beside', problem }] : [];
  }
  const reading = scaleAsked(beside.tonic, beside.scale);
  if (reading.ok) return [];
  return [{ code: 'address-word', parameter: 'beside', problem: reading.problem, shown: 'nothing' }];
}

/** The query that says a sentence, in English ASCII; `#` is sent as `%23`. */
export function writeAddress({
  tonic,
  scale,
  direction,
  clef,
  signature,
  method,
  step,
  beside,
}: DeriveSentence): string {
  const query = new URLSearchParams({ tonic: asciiName(tonic) });
  query.set(isTyped(scale) ? 'steps' : 'scale', scale);
  for (const [name, value] of Object.entries({ direction, clef, signature, method })) query.set(name, value);
  if (step !== null) query.set('step', String(step));
  if (beside) query.set('beside', writeBeside(beside));
  return `?${query}`;
}
