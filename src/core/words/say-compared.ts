import { letterIndex } from '../note/letter';
import { pitchClass, type SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/direction';
import { notesOf } from '../scale/line';
import type { Scale } from '../scale/scale';
import type { ClassWords } from './class-words';
import { shiftWords } from './say-method';
import { scaleName } from './say-scale';
import { signCount } from './vocabulary';

/** The notes of a scale, each once, from the tonic up: of two on one letter the lower first. */
function each(scale: Scale, direction: Direction): readonly SpelledNote[] {
  const above = ({ letter, alteration }: SpelledNote) =>
    ((letterIndex(letter) - letterIndex(scale.tonic.letter) + 7) % 7) * 10 + alteration;
  return [...new Set(notesOf(scale, direction))].toSorted((a, b) => above(a) - above(b));
}

/**
 * What two scales have in common by their spelling and what each has alone, then how their signatures lie to each
 * other; one sentence each.
 */
export function sayCompared(
  w: ClassWords,
  one: Scale,
  other: Scale,
  direction: Direction,
): readonly string[] {
  const [first, second] = [each(one, direction), each(other, direction)];
  const aloneIn = (scale: Scale, notes: readonly SpelledNote[]) =>
    notes.length === 0 ? [] : [`Only in ${scaleName(w, scale)}: ${w.noteList(notes)}.`];
  const both = first.filter((note) => second.includes(note));
  const shared = both.length === 0 ? 'No note is spelled alike in both.' : `In both: ${w.noteList(both)}.`;
  const sounds = (notes: readonly SpelledNote[]) => new Set(notes.map(pitchClass));
  const [heard, others] = [sounds(first), sounds(second)];
  const alike =
    one.tonic !== other.tonic &&
    pitchClass(one.tonic) === pitchClass(other.tonic) &&
    heard.size === others.size &&
    [...heard].every((sound) => others.has(sound));
  const alone = [
    ...aloneIn(
      one,
      first.filter((note) => !second.includes(note)),
    ),
    ...aloneIn(
      other,
      second.filter((note) => !first.includes(note)),
    ),
  ];
  return [
    ...(alike ? ['To the ear they are the same: every note has two names.'] : []),
    shared,
    ...alone,
    ...signatures(one, other),
  ];
}

function signatures(one: Scale, other: Scale): readonly string[] {
  if (one.signature === null || other.signature === null) return [];
  if (one.signature === other.signature) return [`Both have the signature of ${signCount(one.signature)}.`];
  const shift = shiftWords(one.signature, other.signature);
  return [`Signatures: ${signCount(one.signature)} against ${signCount(other.signature)}, ${shift}.`];
}

/** That two methods arrive at the same notes. */
export function sayAgreed(w: ClassWords, notes: readonly SpelledNote[]): string {
  return `Both arrive at the same notes: ${w.noteList(notes)}.`;
}
