import type { ChordQuality } from '../harmony/chord';
import { chordOn } from '../harmony/chord';
import { type ChordProblem, spellChord } from '../harmony/chord-spelling';
import { dominantOf } from '../harmony/family';
import type { Key } from '../harmony/key';
import type { SpelledNote } from '../note/spelled';
import { isTyped } from '../scale/asked';
import { MODES } from '../scale/mode';
import { scaleOfMode } from '../scale/pattern';
import { TONICS } from '../scale/tonic';
import type { ClassWords } from '../words/class-words';
import { readGluedChord, readQuality } from '../words/read-chord';
import type { AskReading } from './reading';
import { scalePhrases } from './scale-phrase';
import { notesAt, wordsOfLine } from './words-of-line';

/** The keys some words can mean: majors, natural minors and modes. A tonic alone is major or minor. */
function keysIn(w: ClassWords, words: readonly string[]): readonly Key[] {
  return scalePhrases(w, words).flatMap(({ tonic, scale, options }): Key[] => {
    const mode = MODES.find((each) => scaleOfMode(each) === scale);
    const plain = Object.keys(options).length === 0 && !isTyped(scale);
    return mode && plain && TONICS.includes(tonic) ? [{ tonic, mode }] : [];
  });
}

const without = (words: readonly string[], gone: ReadonlySet<string>): readonly string[] =>
  words.filter((word) => !gone.has(word.toLowerCase()));

const ROUTE_WORDS = new Set(['go', 'route', 'way', 'path', 'from', 'modulate', 'change', 'key']);

/** `E major to F major`, `route from E to F`: the ways from one key to another. */
function routeReadings(w: ClassWords, text: string): readonly AskReading[] {
  const cut = /\s(?:to|->|→)\s/iu.exec(text);
  if (!cut) return [];
  const left = without(wordsOfLine(text.slice(0, cut.index)), ROUTE_WORDS);
  const right = without(wordsOfLine(text.slice(cut.index + cut[0].length)), ROUTE_WORDS);
  const [starts, ends] = [keysIn(w, left), keysIn(w, right)];
  return starts.flatMap((from) => {
    // A tonic alone on both sides is meant in one mode.
    const same = ends.filter(({ mode }) => starts.length === 1 || ends.length === 1 || mode === from.mode);
    return same.map((to): AskReading => ({ kind: 'route', from, to }));
  });
}

const CHORDS_WORDS = new Set([
  'chords',
  'triads',
  'sevenths',
  'seventh',
  'of',
  'in',
  'the',
  'numerals',
  'its',
]);

/** `chords of F minor`, `sevenths in G`, `ii V I in C`, `two five one in Eb`. */
function chordsReadings(w: ClassWords, words: readonly string[]): readonly AskReading[] {
  const lower = words.map((word) => word.toLowerCase());
  const turn = /^(?:ii v i|2 5 1|two five one|251|ii-v-i|2-5-1)\b/u.exec(lower.join(' '));
  const asked = lower.some(
    (word) => word === 'chords' || word === 'triads' || word === 'sevenths' || word === 'numerals',
  );
  if (!turn && !asked) return [];
  const rest = turn ? words.slice(turn[0].split(' ').length) : words;
  const size = turn || lower.includes('sevenths') || lower.includes('seventh') ? 'sevenths' : 'triads';
  return keysIn(w, without(rest, CHORDS_WORDS)).map((key): AskReading => ({ kind: 'chords', key, size }));
}

type ChordSaid = { readonly root: SpelledNote; readonly quality: ChordQuality };

/** `Gb maj7`, `spell Gb major seventh`, `Dm7`, `B diminished`: the chord that was said. */
function chordSaid(w: ClassWords, words: readonly string[]): ChordSaid | null {
  const spells = words[0]?.toLowerCase() === 'spell';
  const said = spells ? words.slice(1) : words;
  const [first = ''] = said;
  const glued = /^(?:|chord|triad)$/iu.test(said.slice(1).join(' ')) ? readGluedChord(w, first) : null;
  if (glued) return glued;
  const found = notesAt(w, said, 0)
    .toReversed()
    .flatMap(({ note, taken }): ChordSaid[] => {
      // After `spell` a bare root is its major triad.
      const quality = readQuality(said.slice(taken).join(' '), spells);
      return quality ? [{ root: note, quality }] : [];
    });
  return found[0] ?? null;
}

function chordReadings(w: ClassWords, words: readonly string[]): readonly AskReading[] {
  const said = chordSaid(w, words);
  return said && chordOn(said.root, said.quality) ? [{ kind: 'chord', ...said }] : [];
}

/** A chord that was said and cannot be spelled, or null. */
export function unspelledChord(w: ClassWords, words: readonly string[]): ChordProblem | null {
  const said = chordSaid(w, words);
  const spelling = said && spellChord(said.root, said.quality);
  return spelling && !spelling.ok ? spelling.problem : null;
}

const FIFTH = /^(?:the )?(?:perfect )?(?:fifth|5th) (?:above|over|up from|of|from|below|under|down from) /iu;
const DOMINANT = /^(?:v7?|dominant(?: seventh)?|five) of /iu;

/** `fifth above E`, `V of D`, `dominant seventh of A`. */
function fifthReadings(w: ClassWords, text: string): readonly AskReading[] {
  const line = wordsOfLine(text).join(' ');
  const fifth = FIFTH.exec(line);
  const dominant = DOMINANT.exec(line);
  const cut = (fifth ?? dominant)?.[0];
  if (!cut) return [];
  const reading = w.read(line.slice(cut.length));
  if (!reading.ok) return [];
  if (fifth) return [{ kind: 'note', note: reading.note }];
  const chord = dominantOf(reading.note, /7|seventh/iu.test(cut));
  return chord ? [{ kind: 'chord', root: chord.root, quality: chord.quality }] : [];
}

const CIRCLE_WORDS = new Set(['circle', 'neighbours', 'neighbors', 'of', 'on', 'the', 'in', 'place']);

/** `neighbours of E major`, `E major on the circle`: a key among the keys. */
function circleReadings(w: ClassWords, words: readonly string[]): readonly AskReading[] {
  const asked = words.some((word) => /^(?:circle|neighbou?rs)$/iu.test(word));
  if (!asked) return [];
  return keysIn(w, without(words, CIRCLE_WORDS)).map((key): AskReading => ({ kind: 'circle', key }));
}

/** What a line means on the circle: routes, chords, fifths, a key among the keys. */
export function orbitReadings(w: ClassWords, text: string, words: readonly string[]): readonly AskReading[] {
  for (const found of [
    routeReadings(w, text),
    chordsReadings(w, words),
    fifthReadings(w, text),
    circleReadings(w, words),
    chordReadings(w, words),
  ]) {
    if (found.length > 0) return found;
  }
  return [];
}
