import { asciiName } from '@/core/note/spelled';
import { scaleAsked } from '@/core/scale/asked';
import type { AddressProblem } from '@/core/words/say-address';
import { readAskedScale, writeAskedScale } from '../asked-scale';
import { LONGEST_QUERY, QueryReader } from '../query-reader';
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
} from './derive-sentence';
import { readOn, readWays, SHOWN_PARAMETERS, writeShown } from './shown';

/** Where the room lies. */
export const DERIVE_PATH = '/derive';

export type AddressReading = {
  readonly sentence: DeriveSentence;
  readonly problems: readonly AddressProblem[];
};

/** Degrees that were moved, and those that are tried; 0 where none were. */
const HAND = /^(?:0|(?:[2-7][+-]){0,20}(?:~(?:[2-7][+-]){1,4})?)$/u;

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
  'hand',
  ...SHOWN_PARAMETERS,
] as const;

/**
 * Reads the query of an address into a sentence. What is left out is taken from the first sentence; what cannot be
 * read is named, and the rest of the address still holds.
 */
export function readAddress(search: string): AddressReading {
  if (search.length > LONGEST_QUERY) {
    return {
      sentence: FIRST_SENTENCE,
      problems: [{ code: 'address-too-long', length: search.length, limit: LONGEST_QUERY }],
    };
  }
  const reader = new QueryReader(search, PARAMETERS);
  if (reader.query.size === 0) return { sentence: FIRST_SENTENCE, problems: [] };
  const word = <Word extends ChoiceWord>(name: Word): Chosen[Word] =>
    reader.choice<Chosen[Word]>(name, CHOICES[name], FIRST_CHOICES[name]);
  const sentence: DeriveSentence = {
    tonic: reader.note('tonic', FIRST_SENTENCE.tonic),
    scale: readAskedScale(reader, FIRST_CHOICES.scale),
    direction: word('direction'),
    clef: word('clef'),
    signature: word('signature'),
    method: word('method'),
    step: reader.step(),
    beside: readOther(reader),
    hand: readMoves(reader),
    on: readOn(reader),
    ways: readWays(reader),
  };
  return spellable(sentence, reader.problems);
}

/** The moves of a hand, `3+7+~2-`, or null where none are said. */
function readMoves(reader: QueryReader): string | null {
  const read = reader.get('hand');
  if (read === null || HAND.test(read)) return read;
  reader.notAllowed('hand', ['degrees with a sign, such as 3+7+'], 'nothing');
  return null;
}

function readOther(reader: QueryReader): Beside | null {
  const read = reader.get('beside');
  if (read === null) return null;
  const beside = readBeside(read);
  if (beside) return beside;
  reader.notAllowed(
    'beside',
    [...CHOICES.method, 'a tonic with a scale, such as A natural-minor'],
    'nothing',
  );
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
  hand,
  on,
  ways,
}: DeriveSentence): string {
  const query = new URLSearchParams({ tonic: asciiName(tonic) });
  writeAskedScale(query, scale);
  for (const [name, value] of Object.entries({ direction, clef, signature, method })) query.set(name, value);
  if (step !== null) query.set('step', String(step));
  if (beside) query.set('beside', writeBeside(beside));
  if (hand !== null) query.set('hand', hand);
  writeShown(query, on, ways);
  return `?${query}`;
}

/** The address of a sentence, for a link. */
export function deriveHref(sentence: DeriveSentence): string {
  return DERIVE_PATH + writeAddress(sentence);
}
