import { known } from '../known';
import type { SpelledNote } from '../note/spelled';
import { type AskedScale, askedFrom } from '../scale/asked';
import { NAMED_SCALE_IDS, SCALE_ALIASES, type ScaleId } from '../scale/pattern';
import { readTypedSteps } from '../scale/typed-steps';
import type { ClassWords } from './class-words';
import { sayProblem } from './say-problem';
import { SCALE_WORDS } from './vocabulary';

/** Minor forms as they are written after a tonic in German, and half in English. */
const GERMAN_FORMS: ReadonlyMap<string, ScaleId> = new Map([
  ['moll', 'natural-minor'],
  ['moll natürlich', 'natural-minor'],
  ['moll natural', 'natural-minor'],
  ['natürlich moll', 'natural-minor'],
  ['moll harmonisch', 'harmonic-minor'],
  ['moll harmonic', 'harmonic-minor'],
  ['harmonisch moll', 'harmonic-minor'],
  ['moll melodisch', 'melodic-minor'],
  ['moll melodic', 'melodic-minor'],
  ['melodisch moll', 'melodic-minor'],
  ['dur', 'major'],
]);

/** What a scale may be called, in small letters. `minor` alone would have to be guessed. */
function scaleFrom(w: ClassWords, text: string): ScaleId | null {
  const read = text
    .trim()
    .toLowerCase()
    .replace(/[\s-]+/gu, ' ');
  return (
    NAMED_SCALE_IDS.find((id) =>
      [SCALE_WORDS[id], w.scaleWord(id), id].some((word) => word.toLowerCase().replaceAll('-', ' ') === read),
    ) ??
    known(SCALE_ALIASES, read) ??
    GERMAN_FORMS.get(read) ??
    null
  );
}

/** A tonic and a scale, or why they could not be read. */
export type ReadScale =
  | { readonly tonic: SpelledNote; readonly scale: AskedScale }
  | { readonly why: string };

/**
 * Reads a tonic and a scale in the names of a class, `B♭ harmonic minor`, `D W W H W W W H`: the first place where
 * both halves can be read.
 */
export function readScale(w: ClassWords, text: string): ReadScale {
  const words = text.split(/\s+|(?<=\p{L})-(?=(?:dur|moll)\b)/iu);
  for (let cut = 1; cut < words.length; cut += 1) {
    const rest = words.slice(cut).join(' ');
    const steps = readTypedSteps(rest, w.figures);
    const scale = scaleFrom(w, rest) ?? (steps?.ok ? askedFrom(steps.steps) : null);
    const tonic = w.read(words.slice(0, cut).join(' '));
    if (scale && tonic.ok) return { tonic: tonic.note, scale };
    if (tonic.ok && steps && !steps.ok) return { why: sayProblem(w, steps.problem) };
    if (scale && !tonic.ok) return { why: sayProblem(w, tonic.problem) };
  }
  if (/\bminor$/iu.test(text)) return { why: 'Which minor? Write natural, harmonic or melodic minor.' };
  return { why: `No scale was read. Write a tonic and a scale: ${Object.values(SCALE_WORDS).join(', ')}.` };
}
