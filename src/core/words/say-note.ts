import { intervalBetween, type Quality } from '../note/interval';
import { type SpelledNote, temptingSpelling } from '../note/spelled';
import { stepBetween } from '../note/step';
import type { PlacedNote } from '../scale/line';
import { degreeWord, noteName, numberWord, signCount, spokenNote, stepName } from './vocabulary';

const QUALITY_WORDS: Readonly<Record<Quality, string>> = {
  perfect: 'perfect',
  major: 'major',
  minor: 'minor',
  augmented: 'augmented',
  diminished: 'diminished',
  'doubly-augmented': 'doubly augmented',
  'doubly-diminished': 'doubly diminished',
};

function capital(text: string): string {
  return text.slice(0, 1).toUpperCase() + text.slice(1);
}

/** The lower tonic of a line, from which its notes are measured. */
export function lowerTonic(line: readonly PlacedNote[]): PlacedNote {
  const found = line.find(({ degree }) => degree === 1);
  if (!found) throw new RangeError('a line has its tonic');
  return found;
}

/**
 * What a note of a line is, for whoever points at it: degree, both counts from the lower tonic with the word which
 * counts the start, the interval they make, and the other name of its key.
 */
export function sayPlace(line: readonly PlacedNote[], place: number): string {
  const placed = line[place];
  if (!placed) throw new RangeError(`no place ${place}`);
  const { note } = placed.pitch;
  const twin = temptingSpelling(note);
  const same = twin ? ` Same key as ${noteName(twin)}.` : '';
  if (placed.degree === 1) return `${noteName(note)}, the tonic.${same}`;
  const tonic = lowerTonic(line);
  const { letters, semitones, quality } = intervalBetween(tonic.pitch, placed.pitch);
  const name = placed.degree === 8 ? 'octave' : `${QUALITY_WORDS[quality]} ${degreeWord(placed.degree)}`;
  const counted = `${capital(numberWord(letters))} letters from ${noteName(tonic.pitch.note)}, counting it; ${numberWord(semitones)} half steps, not counting it: ${name}.`;
  return `${noteName(note)}, ${placed.degree === 8 ? 'the octave' : `the ${degreeWord(placed.degree)}${placed.raised ? ', raised' : ''}`}. ${counted}${same}`;
}

/** What a sign at the clef does to the line. */
export function saySign(sign: SpelledNote, places: number): string {
  const here = places === 0 ? 'none stands in this line' : `${numberWord(places)} here`;
  return `${noteName(sign)} in the signature alters every ${sign.letter}, in every octave: ${here}.`;
}

/** A drawn line as a voice reads it: each note, and between two the step, with the letters a half step has. */
export function readLine(line: readonly PlacedNote[]): string {
  const parts = line.map(({ pitch }, place) => {
    const before = line[place - 1];
    if (!before) return spokenNote(pitch.note);
    const { semitones, kind } = stepBetween(before.pitch, pitch);
    const step = kind === 'half-chromatic' ? 'chromatic half step' : stepName(semitones);
    return `${step}, ${spokenNote(pitch.note)}`;
  });
  return `${parts.join(', ')}.`;
}

/** A staff as a voice reads it: clef, signature, notes with their octaves. */
export function readStaff(clef: string, atClef: number | null, line: readonly PlacedNote[]): string {
  const signature = atClef === null ? 'no key signature' : `key signature of ${signCount(atClef)}`;
  const notes = line.map(({ pitch }) => `${spokenNote(pitch.note)} ${pitch.octave}`).join(', ');
  return `${capital(clef)}, ${signature}. ${notes}.`;
}
