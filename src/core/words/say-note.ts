import { type Interval, intervalBetween, type Quality } from '../note/interval';
import { type Fifths, type SpelledNote, temptingSpelling } from '../note/spelled';
import { type StepKind, stepBetween } from '../note/step';
import type { PlacedNote } from '../scale/line';
import type { Mode } from '../scale/mode';
import { accidentalsOf } from '../scale/signature';
import { syllableOf } from '../scale/syllable';
import type { ClassWords } from './class-words';
import { sayKeyRule } from './say-rule';
import { capital, numberWord, ordinal, signCount } from './vocabulary';

/** What qualities of intervals are called. */
export const INTERVAL_QUALITIES: Readonly<Record<Quality, string>> = {
  perfect: 'perfect',
  major: 'major',
  minor: 'minor',
  augmented: 'augmented',
  diminished: 'diminished',
  'doubly-augmented': 'doubly augmented',
  'doubly-diminished': 'doubly diminished',
};

/** Gaps that are no steps but thirds, since they pass a letter over. */
const KIND_WORDS: Partial<Readonly<Record<StepKind, string>>> = {
  'minor-third': 'minor third',
  'major-third': 'major third',
  'diminished-third': 'diminished third',
};

/** What the gaps of a line are called, each once, by their size. */
export function gapNames(w: ClassWords, line: readonly PlacedNote[]): ReadonlyMap<number, string> {
  const names = new Map<number, string>();
  line.forEach(({ pitch }, place) => {
    const before = line[place - 1];
    if (!before) return;
    const { semitones, kind } = stepBetween(before.pitch, pitch);
    names.set(semitones, names.get(semitones) ?? KIND_WORDS[kind] ?? w.stepName(semitones));
  });
  return names;
}

/** The lower tonic of a line, from which its notes are measured. */
export function lowerTonic(line: readonly PlacedNote[]): PlacedNote {
  const found = line.find(({ degree, home }) => home && degree === 1);
  if (!found) throw new RangeError('a line has its tonic');
  return found;
}

/**
 * What the class sings on a note of a scale: its syllable, its number where it sings numbers, or nothing.
 *
 * @param mode whose syllables are sung; null for typed steps
 */
export function sungOn(
  { settings }: ClassWords,
  { degree }: PlacedNote,
  note: SpelledNote,
  tonic: SpelledNote,
  mode: Mode | null,
): string | null {
  if (!mode) return null;
  return settings.solfege === 'numbers' ? String(degree) : syllableOf(note, tonic, mode, settings);
}

/** Which of the two ends of an octave a syllable is sung at; a number tells it by itself. */
function endSung({ settings }: ClassWords, { home, degree }: PlacedNote): '' | 'low ' | 'high ' {
  if (!home || settings.solfege === 'numbers') return '';
  return degree === 8 ? 'high ' : 'low ';
}

/**
 * What a note of a line is, for whoever points at it: degree, both counts from the lower tonic with the word which
 * counts the start, the interval they make, what is sung on it, and the other name of its key.
 *
 * @param mode whose syllables are sung; null for typed steps
 * @param spellsOther whether the other name of its key is told
 */
export function sayPlace(
  w: ClassWords,
  line: readonly PlacedNote[],
  place: number,
  mode: Mode | null = null,
  spellsOther = true,
): string {
  const placed = line[place];
  if (!placed) throw new RangeError(`no place ${place}`);
  const { note } = placed.pitch;
  const tonic = lowerTonic(line).pitch;
  const twin = spellsOther ? temptingSpelling(note) : null;
  const sung = sungOn(w, placed, note, tonic.note, mode);
  const rest = `${sung ? ` Sung ${endSung(w, placed)}${sung}.` : ''}${twin ? ` Same key as ${w.note(twin)}.` : ''}`;
  if (placed.home && placed.degree === 1) return `${w.note(note)}, the tonic.${rest}`;
  const what =
    placed.degree === 8
      ? octaveName(placed.octave + 1)
      : `the ${w.degree(note, tonic.note)}${placed.raised ? ', raised' : ''}`;
  const counted = w.settings.hints === 'child' ? '' : ` ${countsOf(w, tonic, placed)}`;
  return `${w.note(note)}, ${what}.${counted}${rest}`;
}

/** The upper tonic so many octaves up. */
function octaveName(octaves: number): string {
  return octaves === 1 ? 'the octave' : `the tonic ${numberWord(octaves)} octaves up`;
}

/** An interval by its name: `minor 3rd`, `perfect 5th`, `octave`, `augmented unison`. */
export function intervalName({ letters, quality }: Pick<Interval, 'letters' | 'quality'>): string {
  const perfect = quality === 'perfect';
  if (perfect && letters === 8) return 'octave';
  if (perfect && letters === 15) return 'double octave';
  if (perfect && letters === 1) return 'unison';
  return `${INTERVAL_QUALITIES[quality]} ${letters === 1 ? 'unison' : letters === 8 ? 'octave' : ordinal(letters)}`;
}

function countsOf(w: ClassWords, tonic: PlacedNote['pitch'], placed: PlacedNote): string {
  const { letters, semitones, quality } = intervalBetween(tonic, placed.pitch);
  const name = intervalName({ letters, quality });
  return `${capital(numberWord(letters))} ${w.letterWords} from ${w.note(tonic.note)}, counting it; ${numberWord(semitones)} ${w.halves}, not counting it: ${name}.`;
}

/** `one here`, `none here: B♮ has a sign of its own`: what a sign at the clef does in a line. */
function governedIn(w: ClassWords, sign: SpelledNote, line: readonly PlacedNote[]): string {
  const onLetter = line.map(({ pitch }) => pitch.note).filter(({ letter }) => letter === sign.letter);
  if (onLetter.length === 0) return 'none stands in this line';
  const governed = onLetter.filter((note) => note === sign).length;
  const own = [...new Set(onLetter.filter((note) => note !== sign))].map(w.noteWithSign);
  const here = `${numberWord(governed)} here`;
  if (own.length === 0) return here;
  return `${here}; ${own.join(' and ')} ${own.length === 1 ? 'has a sign' : 'have signs'} of its own`;
}

/** What a sign at the clef does to the line; the last one also says how it names the key. */
export function saySign(
  w: ClassWords,
  sign: SpelledNote,
  line: readonly PlacedNote[],
  atClef: Fifths | null = null,
  mode: 'major' | 'minor' = 'major',
): string {
  const here = governedIn(w, sign, line);
  const text = `${w.note(sign)} in the signature alters every ${w.letter(sign.letter)}, in every octave: ${here}.`;
  const rule = atClef !== null && accidentalsOf(atClef).at(-1) === sign ? sayKeyRule(w, atClef, mode) : null;
  return rule ? `${text} ${rule}` : text;
}

/** A drawn line as a voice reads it: each note, and between two the step, with the letters a half step has. */
export function readLine(w: ClassWords, line: readonly PlacedNote[]): string {
  const parts = line.map(({ pitch }, place) => {
    const before = line[place - 1];
    if (!before) return w.spokenNote(pitch.note);
    const { semitones, kind } = stepBetween(before.pitch, pitch);
    const step =
      KIND_WORDS[kind] ?? (kind === 'half-chromatic' ? `chromatic ${w.halfTerm}` : w.stepName(semitones));
    return `${step}, ${w.spokenNote(pitch.note)}`;
  });
  return `${parts.join(', ')}.`;
}

/** A staff as a voice reads it: clef, signature, notes with their octaves. */
export function readStaff(
  w: ClassWords,
  clef: string,
  atClef: number | null,
  line: readonly PlacedNote[],
): string {
  const signature = atClef === null ? 'no key signature' : `key signature of ${signCount(atClef)}`;
  const notes = line.map(({ pitch }) => `${w.spokenNote(pitch.note)} ${pitch.octave}`).join(', ');
  return `${capital(clef)}, ${signature}. ${notes}.`;
}
