import { TRANSPOSING } from '../instrument/transposing';
import type { NamedKey } from '../mark/machine/written';
import type { Letter } from '../note/letter';
import { midiOf, type Pitch } from '../note/pitch';
import type { SpelledNote } from '../note/spelled';
import { degreeOf } from '../scale/degree';
import { PATTERNS } from '../scale/pattern';
import { signatureOf } from '../scale/signature';
import type { Answer } from './answer';
import { keyOf, type MarkQuestion, rightAnswer } from './kinds/all';
import type { MarkSchool } from './kinds/kind';

/** A note that stands where another was wanted, and the degree that was wanted. */
export type Difference = { readonly want: SpelledNote; readonly got: SpelledNote; readonly degree: number };

/**
 * What can be said of an answer: the key that was asked, what differs from what is right, and how. Every sentence about
 * a mistake takes what it claims from here, so that it is true of this question and this answer.
 */
export type AnswerCase = {
  readonly asked: MarkQuestion;
  /** The key it is about; null where it is about none, as an order of signs is. */
  readonly key: NamedKey | null;
  /** Fifths of that key's signature. */
  readonly fifths: number | null;
  /** Notes or signs that are right, and those that were given; empty where the answer is none. */
  readonly right: readonly SpelledNote[];
  readonly given: readonly SpelledNote[];
  /** Where both have as many: what differs, each difference once. */
  readonly differences: readonly Difference[];
  /** Letters that are wanted and stand nowhere, and letters that stand for another as well. */
  readonly missingLetters: readonly Letter[];
  /** Signs that are wanted and are not there, and signs that are there and not wanted. */
  readonly missing: readonly SpelledNote[];
  readonly extra: readonly SpelledNote[];
  /** The name that was given, where a name was asked. */
  readonly named: NamedKey | null;
  readonly steps: readonly number[] | null;
  /** How far a pitch lies from the right one, in semitones, and the octaves its instrument is written away. */
  readonly off: number | null;
  readonly octaves: number;
};

function notesIn(answer: Answer): readonly SpelledNote[] {
  switch (answer.is) {
    case 'scale':
      return answer.notes.map(({ note }) => note);
    case 'notes':
      return answer.notes;
    case 'drawn':
      return answer.signs.map(({ sign }) => sign);
    case 'count':
      return answer.signs ?? [];
    default:
      return [];
  }
}

function differencesOf(
  right: readonly SpelledNote[],
  given: readonly SpelledNote[],
  key: NamedKey | null,
): readonly Difference[] {
  if (right.length !== given.length) return [];
  const found = new Map<string, Difference>();
  for (const [at, want] of right.entries()) {
    const got = given[at] as SpelledNote;
    if (got === want) continue;
    const degree = key ? degreeOf(want, key.tonic).degree : 0;
    found.set(`${want.letter}${want.alteration}${got.letter}${got.alteration}`, { want, got, degree });
  }
  return [...found.values()];
}

function octavesOf(asked: MarkQuestion): number {
  if (asked.kind !== 'transpose') return 0;
  return Math.trunc((TRANSPOSING[asked.question.instrument]?.semitones ?? 0) / 12);
}

const distance = (right: Pitch, given: Pitch) => midiOf(given) - midiOf(right);

/** The case of an answer. The question must be one that can be marked. */
export function caseOf(asked: MarkQuestion, answer: Answer, school: MarkSchool): AnswerCase {
  const wanted = rightAnswer(asked, school);
  const key = keyOf(asked);
  const [right, given] = [notesIn(wanted), notesIn(answer)];
  const letters = new Set(given.map(({ letter }) => letter));
  return {
    asked,
    key,
    fifths: key?.scale ? signatureOf(key.tonic, PATTERNS[key.scale].mode) : null,
    right,
    given,
    differences: differencesOf(right, given, key),
    missingLetters:
      right.length < 2
        ? []
        : [...new Set(right.map(({ letter }) => letter))].filter((letter) => !letters.has(letter)),
    missing: right.filter((note) => !given.includes(note)),
    extra: given.filter((note) => !right.includes(note)),
    named: answer.is === 'key' ? answer.key : null,
    steps: answer.is === 'steps' ? answer.steps : null,
    off: wanted.is === 'pitch' && answer.is === 'pitch' ? distance(wanted.pitch, answer.pitch) : null,
    octaves: octavesOf(asked),
  };
}
