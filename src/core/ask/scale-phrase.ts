import { known } from '../known';
import type { SpelledNote } from '../note/spelled';
import type { AskedScale } from '../scale/asked';
import { askedFrom, scaleAsked } from '../scale/asked';
import type { ScaleId } from '../scale/pattern';
import { readTypedSteps } from '../scale/typed-steps';
import type { ClassWords } from '../words/class-words';
import { FILLERS, METHOD_LEXICON, OPTION_LEXICON, SCALE_LEXICON, type ScaleWord } from './lexicon';
import type { AskKey, AskOptions } from './reading';
import { notesAt } from './words-of-line';

/** A scale that was said, and how it is to be written. */
export type ScalePhrase = AskKey & { readonly options: AskOptions };

/** What words after or before a tonic say: every scale they can mean, and options. Null where a word says nothing. */
type Said = { readonly scales: readonly ScaleId[]; readonly options: AskOptions };

const MINORS: readonly ScaleId[] = ['natural-minor', 'harmonic-minor', 'melodic-minor'];

/** The scales that words for them can mean together; empty where they contradict each other. */
function scalesOf(words: ReadonlySet<ScaleWord>): readonly ScaleId[] {
  if (words.size === 0) return ['major', 'natural-minor'];
  const has = (...wanted: readonly ScaleWord[]) =>
    wanted.length === words.size && wanted.every((word) => words.has(word));
  const minor = words.has('minor');
  if (has('minor')) return MINORS;
  if (has('natural', 'minor') || has('natural')) return ['natural-minor'];
  if (has('harmonic', 'minor') || has('harmonic')) return ['harmonic-minor'];
  if (has('melodic', 'minor') || has('melodic')) return ['melodic-minor'];
  if (has('tetrachord') || has('major', 'tetrachord')) return ['major-tetrachord'];
  if (has('pentachord')) return ['major-pentachord', 'minor-pentachord'];
  if (words.has('pentachord') && words.size === 2)
    return minor ? ['minor-pentachord'] : words.has('major') ? ['major-pentachord'] : [];
  const [only] = words;
  const whole = words.size === 1 && only && !['natural', 'harmonic', 'melodic'].includes(only) ? only : null;
  return whole ? [whole as ScaleId] : [];
}

/** Reads the words round a tonic; a phrase such as `up and down` or `without signature` is taken together. */
function readAround(words: readonly string[]): Said | null {
  const found = new Set<ScaleWord>();
  let options: AskOptions = {};
  for (let at = 0; at < words.length; at += 1) {
    const word = (words[at] ?? '').toLowerCase();
    const next = (words[at + 1] ?? '').toLowerCase();
    const named = known(SCALE_LEXICON, word);
    if (word === 'by' && known(METHOD_LEXICON, next)) {
      const method = known(METHOD_LEXICON, next);
      options = method ? { ...options, method } : options;
      at += 1;
    } else if ((word === 'with' || word === 'without' || word === 'no') && signatureAt(words, at + 1) > 0) {
      options = { ...options, signature: word === 'with' ? 'written' : 'none' };
      at += signatureAt(words, at + 1);
    } else if (word === 'up' && next === 'and' && (words[at + 2] ?? '').toLowerCase() === 'down') {
      options = { ...options, direction: 'both' };
      at += 2;
    } else if (known(OPTION_LEXICON, word)) {
      options = { ...options, ...known(OPTION_LEXICON, word) };
    } else if (named) {
      found.add(named);
    } else if (!FILLERS.has(word)) {
      return null;
    }
  }
  const scales = scalesOf(found);
  return scales.length > 0 ? { scales, options } : null;
}

/** How many words `a key signature`, `key signature` or `signature` takes from a place; 0 where it is none of them. */
function signatureAt(words: readonly string[], from: number): number {
  const rest = words.slice(from, from + 3).map((word) => word.toLowerCase());
  const at = rest.findIndex((word) => word === 'signature' || word === 'sig');
  return at >= 0 && rest.slice(0, at).every((word) => word === 'a' || word === 'key') ? at + 1 : 0;
}

function phrases(tonic: SpelledNote, around: Said | null): readonly ScalePhrase[] {
  return (around?.scales ?? []).map((scale) => ({ tonic, scale, options: around?.options ?? {} }));
}

/**
 * Every scale a line can mean: a tonic with words for the scale after it, or before it (`harmonic minor on C sharp`),
 * or steps from a tonic. Where `minor` alone is said, all its forms; where nothing but a tonic is, major and minor.
 */
export function scalePhrases(w: ClassWords, words: readonly string[]): readonly ScalePhrase[] {
  const start = words.findIndex((word) => !FILLERS.has(word.toLowerCase()));
  if (start < 0) return [];
  const line = words.slice(start);
  for (const { note, taken } of notesAt(w, line, 0)) {
    const found = phrases(note, readAround(line.slice(taken)));
    if (found.length > 0) return found;
  }
  for (let at = 1; at < line.length; at += 1) {
    for (const { note, taken } of [...notesAt(w, line, at)].reverse()) {
      const found = phrases(note, readAround([...line.slice(0, at), ...line.slice(at + taken)]));
      if (found.length > 0) return found;
    }
  }
  return [];
}

/** Steps with a tonic after `from` or `on`, before them, or none: then they are shown from C. */
export type StepsPhrase =
  | { readonly ok: true; readonly tonic: SpelledNote; readonly scale: AskedScale }
  | { readonly ok: false; readonly sum: number };

/** Reads steps typed in a line with their tonic; null where the line holds no steps. */
export function stepsPhrase(w: ClassWords, words: readonly string[], home: SpelledNote): StepsPhrase | null {
  const cut = words.findIndex((word) => ['from', 'on'].includes(word.toLowerCase()));
  const tries: { readonly steps: readonly string[]; readonly tonic: SpelledNote | null }[] = [];
  if (cut >= 0) {
    const [before, after] = [words.slice(0, cut), words.slice(cut + 1)];
    for (const { note, taken } of notesAt(w, after, 0)) {
      tries.push({ steps: [...before, ...after.slice(taken)], tonic: note });
    }
  } else {
    for (const { note, taken } of notesAt(w, words, 0))
      tries.push({ steps: words.slice(taken), tonic: note });
    tries.push({ steps: words, tonic: home });
  }
  for (const { steps, tonic } of tries) {
    if (!tonic || steps.length === 0) continue;
    const reading = readTypedSteps(steps.join(' '), w.figures);
    if (!reading || (steps.length < 3 && steps.join('').length < 3)) continue;
    if (reading.ok) {
      const scale = askedFrom(reading.steps);
      if (scaleAsked(tonic, scale).ok) return { ok: true, tonic, scale };
    } else if (reading.problem.code === 'steps-sum') return { ok: false, sum: reading.problem.sum };
  }
  return null;
}
