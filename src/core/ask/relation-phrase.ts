import { known } from '../known';
import { scaleAsked } from '../scale/asked';
import { PATTERNS, type ScaleId } from '../scale/pattern';
import { type Relation, relatedKeys } from '../scale/related';
import { parentOf } from '../scale/tonic';
import type { ClassWords } from '../words/class-words';
import type { AskReading, AskRelated } from './reading';
import { type ScalePhrase, scalePhrases } from './scale-phrase';

const RELATION_WORDS: Readonly<Record<string, Relation | 'parent'>> = {
  rel: 'relative',
  relative: 'relative',
  paralleltonart: 'relative',
  par: 'parallel',
  parallel: 'parallel',
  tonic: 'parallel',
  varianttonart: 'parallel',
  enh: 'enharmonic',
  enharmonic: 'enharmonic',
  parent: 'parent',
};

const MODE_WORDS: Readonly<Record<string, 'major' | 'minor'>> = {
  major: 'major',
  maj: 'major',
  dur: 'major',
  minor: 'minor',
  min: 'minor',
  moll: 'minor',
};

const JOINS = new Set(['of', 'to', 'for', 'key', 'the', 'equivalent', 'scale', 'what', 'is']);

/** What is asked: a relation, the mode that is wanted, and the words of the key it is asked for. */
type Question = {
  readonly relation: Relation | 'parent';
  readonly wanted: 'major' | 'minor' | null;
  readonly rest: readonly string[];
};

/** A relation with the wanted mode right after it, before or behind the words of the key. */
function questionOf(words: readonly string[]): Question | null {
  const lower = words.map((word) => word.toLowerCase());
  const at = lower.findIndex((word) => Object.hasOwn(RELATION_WORDS, word));
  const relation = known(RELATION_WORDS, lower[at] ?? '');
  if (at < 0 || !relation || lower.includes('by')) return null;
  let next = at + 1;
  const wanted = known(MODE_WORDS, lower[next] ?? '') ?? null;
  if (wanted) next += 1;
  while (JOINS.has(lower[next] ?? '')) next += 1;
  const before = words.slice(0, at).filter((word) => !JOINS.has(word.toLowerCase()));
  return { relation, wanted, rest: [...before, ...words.slice(next)] };
}

/** The keys a relation is asked for: those the words can mean, in the mode that makes sense of what is wanted. */
function sources(w: ClassWords, { relation, wanted, rest }: Question): readonly ScalePhrase[] {
  const found = scalePhrases(w, rest);
  const bare = rest.every((word) => !Object.hasOwn(MODE_WORDS, word.toLowerCase()));
  // `relative minor of D flat` is asked of a major key; other forms of minor share its signature.
  const wantsMode: ScaleId | null =
    wanted === 'minor' ? 'major' : wanted === 'major' ? 'natural-minor' : null;
  if (
    bare &&
    wantsMode &&
    relation !== 'enharmonic' &&
    found.every(({ scale }) => scale === 'major' || scale === 'natural-minor')
  ) {
    const [first] = found;
    return first ? [{ ...first, scale: wantsMode }] : [];
  }
  if (bare && wanted && relation === 'enharmonic') {
    return found.filter(({ scale }) => (wanted === 'major' ? scale === 'major' : scale === 'natural-minor'));
  }
  const plainMinor = found.length === 3 && found.some(({ scale }) => scale === 'harmonic-minor');
  return plainMinor ? found.slice(0, 1) : found;
}

/** `rel minor of Db`, `parallel of B`, `enharmonic of F sharp major`, `parent of D dorian`: the keys that answer. */
export function relationReadings(w: ClassWords, words: readonly string[]): readonly AskReading[] {
  const question = questionOf(words);
  if (!question) return [];
  return sources(w, question).flatMap(({ tonic, scale, options }): AskReading[] => {
    const reading = scaleAsked(tonic, scale);
    if (!reading.ok) return [];
    const related: AskRelated = { relation: question.relation, of: { tonic, scale } };
    if (question.relation === 'parent') {
      const { id, signature } = reading.scale;
      if (!id || signature === null || PATTERNS[id].mode === 'major') return [];
      return [{ kind: 'scale', tonic: parentOf({ signature }), scale: 'major', options, related }];
    }
    const key = relatedKeys(reading.scale).find(({ relation }) => relation === question.relation);
    if (!key || (question.wanted && !matches(key.scale, question))) return [];
    return [{ kind: 'scale', tonic: key.tonic, scale: key.scale, options, related }];
  });
}

function matches(scale: ScaleId, { relation, wanted }: Question): boolean {
  return relation === 'enharmonic' || (PATTERNS[scale].mode === 'minor') === (wanted === 'minor');
}
