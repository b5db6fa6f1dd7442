import { readEnglishNote } from '@/core/note/parse';
import { asciiName } from '@/core/note/spelled';
import { scaleIdFrom } from '@/core/scale/pattern';
import { scaleNamed } from '@/core/scale/scale';
import type { AddressProblem } from '@/core/words/say-address';
import {
  CHOICES,
  type ChoiceWord,
  type DeriveSentence,
  FIRST_SENTENCE,
  fitting,
  methodProblem,
} from './sentence';

export type AddressReading = {
  readonly sentence: DeriveSentence;
  readonly problems: readonly AddressProblem[];
};

const LIMIT = 2000;
const PARAMETERS = ['tonic', 'scale', 'direction', 'clef', 'signature', 'method', 'step'] as const;

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
  const word = <Word extends ChoiceWord>(name: Word): (typeof CHOICES)[Word][number] =>
    readChoice(query, name, problems);

  const sentence: DeriveSentence = {
    tonic: readTonic(query, problems),
    scale: word('scale'),
    direction: word('direction'),
    clef: word('clef'),
    signature: word('signature'),
    method: word('method'),
    step: readStep(query, problems),
  };
  return spellable(sentence, problems);
}

function readChoice<Word extends ChoiceWord>(
  query: URLSearchParams,
  name: Word,
  problems: AddressProblem[],
): (typeof CHOICES)[Word][number] {
  const read = query.get(name);
  const usual = FIRST_SENTENCE[name];
  if (read === null) return usual;
  const allowed: readonly (typeof CHOICES)[Word][number][] = CHOICES[name];
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
  const reading = scaleNamed(sentence.tonic, sentence.scale);
  if (reading.ok) return servable(sentence, problems);
  const tonic = reading.problem.instead ?? FIRST_SENTENCE.tonic;
  return servable({ ...sentence, tonic }, [
    ...problems,
    { code: 'address-word', parameter: 'tonic', problem: reading.problem, shown: asciiName(tonic) },
  ]);
}

function servable(sentence: DeriveSentence, problems: readonly AddressProblem[]): AddressReading {
  const problem = methodProblem(sentence);
  if (!problem) return { sentence, problems };
  const shown = fitting(sentence);
  return {
    sentence: shown,
    problems: [...problems, { code: 'address-method', problem, shown: shown.method }],
  };
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
}: DeriveSentence): string {
  const query = new URLSearchParams({ tonic: asciiName(tonic), scale, direction, clef, signature, method });
  if (step !== null) query.set('step', String(step));
  return `?${query}`;
}
