import { readDrawn } from '../identify/drawn-signature';
import { MOST_NOTES } from '../identify/scale-name';
import { known } from '../known';
import { noteNamed } from '../note/parse';
import type { SpelledNote } from '../note/spelled';
import { isTyped, scaleAsked } from '../scale/asked';
import { SCALE_IDS } from '../scale/pattern';
import { TONICS } from '../scale/tonic';
import type { ClassWords } from '../words/class-words';
import { readNotes } from '../words/read-notes';
import { METHOD_LEXICON, PLACE_LEXICON } from './lexicon';
import { orbitReadings, unspelledChord } from './orbit-phrase';
import { playPhrase } from './play-phrase';
import type { Asked, AskProblem, AskReading } from './reading';
import { relationReadings } from './relation-phrase';
import { type ScalePhrase, scalePhrases, stepsPhrase } from './scale-phrase';
import { sheetPhrase } from './sheet-phrase';
import { shownPhrase } from './shown-phrase';
import { countPhrase, lastSignPhrase, withoutSignature } from './signature-phrase';
import { theoryReadings } from './theory-phrase';
import { isKnownWord, wordsOfLine } from './words-of-line';

/** The longest line that is read, in characters. */
const ASK_LIMIT = 240;

/** Steps without a tonic are shown from here, and the reading says so. */
const HOME = noteNamed('C');

const NAMING = new Set(['what', 'is', 'name', 'notes', 'the', 'which', 'scale', 'has', 'are']);

/** Three notes or more and nothing else: `F G Ab Bb C Db E F`, `cdefgabc`. */
function notesIn(w: ClassWords, words: readonly string[]): readonly SpelledNote[] | null {
  const start = words.findIndex((word) => !NAMING.has(word.toLowerCase()));
  const reading = readNotes(w, words.slice(Math.max(0, start)).join(' '));
  if (!reading.ok || reading.notes.length < 3 || reading.notes.length > MOST_NOTES) return null;
  return reading.notes.some(({ octave }) => octave !== null) ? null : reading.notes.map(({ note }) => note);
}

function notesReadings(w: ClassWords, words: readonly string[]): readonly AskReading[] {
  const notes = notesIn(w, words);
  if (!notes) return [];
  const drawn = notes.length <= 7 ? readDrawn(notes) : null;
  const named: AskReading = { kind: 'name', notes };
  // Signs of one order can be meant as a signature.
  return drawn?.ok ? [{ kind: 'key', fifths: drawn.fifths, mode: null }, named] : [named];
}

const BESIDE = /\s(?:vs|versus|against|beside|compared (?:with|to))\s/iu;

/** Two sides of a comparison, as words; null where a line compares nothing. */
function sides(text: string): readonly [string, string] | null {
  const plain = text.replace(/\bside by side\b/giu, ' ').trim();
  const asks = plain !== text.trim() || /^compare\s/iu.test(plain);
  const line = plain.replace(/^compare\s+/iu, '');
  const cut = BESIDE.exec(line) ?? (asks ? /\s(?:with|and|to)\s/iu.exec(line) : null);
  if (!cut) return null;
  return [line.slice(0, cut.index), line.slice(cut.index + cut[0].length)];
}

function compareReadings(w: ClassWords, text: string): readonly AskReading[] {
  const found = sides(text);
  if (!found) return [];
  const [left, right] = found.map(wordsOfLine) as [readonly string[], readonly string[]];
  const method = known(
    METHOD_LEXICON,
    (right.filter((word) => word.toLowerCase() !== 'by')[0] ?? '').toLowerCase(),
  );
  const [one, second] = [spellable(scalePhrases(w, left)), spellable(scalePhrases(w, right))];
  const first = one[0];
  if (!first) return [];
  if (second.length === 0) {
    if (!method || method === first.options.method) return [];
    return [{ kind: 'compare', ...first, beside: method }];
  }
  return second.map(({ tonic, scale }) => ({ kind: 'compare', ...first, beside: { tonic, scale } }));
}

/** `mark B harmonic minor`: an answer to that question. */
function markReadings(w: ClassWords, words: readonly string[]): readonly AskReading[] {
  if (words[0]?.toLowerCase() !== 'mark') return [];
  return spellable(scalePhrases(w, words.slice(1))).flatMap(({ tonic, scale, options }): AskReading[] =>
    SCALE_IDS.some((id) => id === scale) && TONICS.includes(tonic)
      ? [{ kind: 'mark', tonic, scale, options }]
      : [],
  );
}

/** `play E major in thirds on alto saxophone`: the scale is read as anywhere, with what it is played on. */
function playReadings(w: ClassWords, text: string): readonly AskReading[] {
  const phrase = playPhrase(text);
  if (!phrase) return [];
  const words = wordsOfLine(phrase.rest);
  const shown = shownPhrase(words);
  const scales = spellable(scalePhrases(w, shown ? shown.rest : words));
  return scales.map(({ tonic, scale, options }) => ({
    ...{ kind: 'play', tonic, scale, said: phrase.said },
    options: { ...options, ...shown?.options },
  }));
}

/** `sheet of 12 questions on signatures`, `sheet E harmonic minor`: written work, or a question for it. */
function sheetReadings(w: ClassWords, text: string, words: readonly string[]): readonly AskReading[] {
  const first = words[0]?.toLowerCase();
  const asked = first === 'sheet' || first === 'worksheet' ? spellable(scalePhrases(w, words.slice(1))) : [];
  const questions = asked.flatMap(({ tonic, scale, options }): AskReading[] =>
    SCALE_IDS.some((id) => id === scale) && TONICS.includes(tonic)
      ? [{ kind: 'sheet-question', tonic, scale, options }]
      : [],
  );
  if (questions.length > 0) return questions;
  const sheet = sheetPhrase(text);
  return sheet ? [{ kind: 'sheet', sheet }] : [];
}

/** A scale that is to be shown or written for something besides: what the rest of the line means, with that. */
function shownReadings(w: ClassWords, words: readonly string[]): readonly AskReading[] {
  const shown = shownPhrase(words);
  if (!shown || shown.rest.length === 0) return [];
  return ask(w, shown.rest.join(' ')).readings.flatMap((reading): AskReading[] =>
    reading.kind === 'scale' || reading.kind === 'compare'
      ? [{ ...reading, options: { ...reading.options, ...shown.options } }]
      : [],
  );
}

function spellable(phrases: readonly ScalePhrase[]): readonly ScalePhrase[] {
  return phrases.filter(({ tonic, scale }) => scaleAsked(tonic, scale).ok);
}

function signatureReadings(w: ClassWords, words: readonly string[]): readonly AskReading[] {
  const left = withoutSignature(words);
  if (!left) return [];
  const keys = spellable(scalePhrases(w, left));
  // Forms of minor share one signature.
  const minor = keys.length === 3 && keys.every(({ tonic }) => tonic === keys[0]?.tonic);
  return (minor ? keys.slice(0, 1) : keys).flatMap(({ tonic, scale }): AskReading[] =>
    isTyped(scale) ? [] : [{ kind: 'signature', tonic, scale }],
  );
}

/** What is wrong with a line nothing was read in: words nobody knows, or words that do not go together. */
function problemOf(w: ClassWords, text: string, words: readonly string[]): AskProblem {
  const unknown = words.filter((word) => !isKnownWord(w, word));
  if (unknown.length > 0)
    return { code: 'ask-words', words: unknown.slice(0, 6).map((word) => word.slice(0, 40)) };
  return { code: 'ask-together', read: text.trim().slice(0, 80) };
}

const problem = (found: AskProblem): Asked => ({ readings: [], problem: found });
const read = (readings: readonly AskReading[]): Asked => ({ readings, problem: null });

/**
 * What a teacher's shorthand means, in the note names of the class: every reading there is, best first, or what was
 * not understood. Nothing is guessed in silence: a line that may mean two things has two readings.
 *
 * @param text any text; past 240 characters it is not read
 */
export function ask(w: ClassWords, text: string): Asked {
  if (text.length > ASK_LIMIT) return problem({ code: 'ask-long', length: text.length, limit: ASK_LIMIT });
  const words = wordsOfLine(text);
  if (words.length === 0) return read([]);
  const place = known(PLACE_LEXICON, words.join(' ').toLowerCase());
  if (place) return read([{ kind: 'place', place }]);
  const sheet = sheetReadings(w, text, words);
  if (sheet.length > 0) return read(sheet);
  const played = playReadings(w, text);
  if (played.length > 0) return read(played);
  const shown = shownReadings(w, words);
  if (shown.length > 0) return read(shown);
  const marked = markReadings(w, words);
  if (marked.length > 0) return read(marked);
  const compared = compareReadings(w, text);
  if (compared.length > 0) return read(compared);
  const orbit = orbitReadings(w, text, words);
  const theory = orbit.length > 0 ? [] : theoryReadings(w, words);
  if (theory.length > 0) return read(theory);
  if (orbit.length > 0) return read(orbit);
  const chord = unspelledChord(w, words);
  if (chord) return problem({ ...chord, code: 'ask-chord' });
  const signs = lastSignPhrase(w, words) ?? countPhrase(words);
  if (signs)
    return signs.ok
      ? read([{ kind: 'key', fifths: signs.fifths, mode: signs.mode }])
      : problem(signs.problem);
  const related = relationReadings(w, words);
  if (related.length > 0) return read(related);
  const signature = signatureReadings(w, words);
  if (signature.length > 0) return read(signature);
  const notes = notesReadings(w, words);
  if (notes.length > 0) return read(notes);
  const steps = stepsPhrase(w, words, HOME);
  if (steps) {
    if (!steps.ok) return problem({ code: 'ask-steps', sum: steps.sum });
    return read([{ kind: 'scale', tonic: steps.tonic, scale: steps.scale, options: {}, related: null }]);
  }
  return scaleReadings(w, text, words);
}

function scaleReadings(w: ClassWords, text: string, words: readonly string[]): Asked {
  const phrases = scalePhrases(w, words);
  const fits = spellable(phrases);
  if (fits.length > 0) {
    return read(fits.map((phrase) => ({ kind: 'scale', ...phrase, related: null })));
  }
  const [first] = phrases;
  const reading = first && scaleAsked(first.tonic, first.scale);
  if (first && reading && !reading.ok) {
    return problem({ code: 'ask-spelling', tonic: first.tonic, instead: reading.problem.instead });
  }
  return problem(problemOf(w, text, words));
}
