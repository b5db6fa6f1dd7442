import type { Saying } from '../derive/derivation';
import { letterAfter } from '../note/letter';
import type { SpelledNote } from '../note/spelled';
import {
  degreeWord,
  noteName,
  noteWithSign,
  numberWord,
  SCALE_WORDS,
  signCount,
  stepWord,
} from './vocabulary';

/** One line of the working: the fact, and the reason that refuses the tempting wrong spelling, where there is one. */
export type SaidStep = { readonly text: string; readonly reason: string | null };

type Of<Code extends Saying['code']> = Extract<Saying, { readonly code: Code }>;

/** Puts one step of a working into a sentence. */
export function sayStep(saying: Saying): SaidStep {
  switch (saying.code) {
    case 'letters':
      return plain(lettersLine(saying));
    case 'walk':
      return walkLine(saying);
    case 'same-coming-down':
      return plain('Coming down, the same notes in turn.');
    case 'natural-coming-down':
      return plain('Coming down, melodic minor takes its natural form: nothing is raised.');
    case 'restore':
      return plain(`Coming down, both are given back: ${saying.notes.map(noteWithSign).join(' and ')}.`);
    case 'relative-major':
      return plain(
        `${noteName(saying.tonic)} minor shares its signature with ${noteName(saying.major)} major, three half steps up.`,
      );
    case 'count-places':
      return plain(placesLine(saying));
    case 'take-signs':
      return plain(signsLine(saying));
    case 'theoretical':
      return theoreticalLine(saying);
    case 'put-sign':
      return plain(putLine(saying));
    case 'raise':
      return raiseLine(saying);
  }
}

/** The line and its reason as one text. */
export function stepText(saying: Saying): string {
  const { text, reason } = sayStep(saying);
  return reason ? `${text} ${reason}` : text;
}

function plain(text: string): SaidStep {
  return { text, reason: null };
}

function lettersLine({ letters, tonic }: Of<'letters'>): string {
  const row = `Write the letters ${letters.join(' ')}, one of each`;
  return !tonic || tonic.alteration === 0 ? `${row}.` : `${row}. Both ends are ${noteName(tonic)}.`;
}

function walkLine({ from, to, semitones, falling, plain: gap, refused, home }: Of<'walk'>): SaidStep {
  const way = falling ? 'down' : 'up';
  const move = `${noteName(from)} ${way} a ${stepWord(semitones)} is ${noteName(to)}`;
  if (home) return { text: `${move}: home.`, reason: semitones === 1 ? halfStepReason(from, to) : null };
  if (gap === null) return { text: `${move}.`, reason: semitones === 1 ? halfStepReason(from, to) : null };
  const why = `Not ${to.letter}: ${noteName(from)} to ${to.letter} is ${gapWord(gap, semitones)}.`;
  if (!refused) return { text: `${move}.`, reason: why };
  const side = falling ? 'before' : 'after';
  const chromatic =
    semitones === 1 && refused.letter === from.letter
      ? `${noteName(from)} to ${noteName(refused)} is a chromatic half step, on one letter, and `
      : '';
  return {
    text: `${move}.`,
    reason: `${why} ${noteName(refused)} sounds the same, but ${chromatic}the letter ${side} ${from.letter} is ${to.letter}.`,
  };
}

/** What kind of half step it is: E–F and B–C are there by nature; any other takes two letters as well. */
function halfStepReason(from: SpelledNote, to: SpelledNote): string {
  const plainOnes = from.alteration === 0 && to.alteration === 0;
  if (plainOnes) return `${from.letter} and ${to.letter} are a natural half step: no key lies between them.`;
  return `${from.letter} and ${to.letter} are two letters: a diatonic half step.`;
}

/** How far the plain letter is, beside how far it should be. */
function gapWord(gap: number, wanted: number): string {
  if (gap === 0) return 'no step at all';
  if (gap < 0) return 'no step that way';
  return gap < wanted ? `only a ${stepWord(gap)}` : `a ${stepWord(gap)}`;
}

function placesLine({ major, count }: Of<'count-places'>): string {
  if (count === 0) return 'C major stands at the top of the circle of fifths: no sharps or flats.';
  const way = count > 0 ? 'clockwise' : 'anticlockwise';
  const places = Math.abs(count) === 1 ? 'one place' : `${numberWord(Math.abs(count))} places`;
  return `${noteName(major)} lies ${places} ${way} from C on the circle of fifths: ${signCount(count)}.`;
}

function signsLine({ signs, count }: Of<'take-signs'>): string {
  if (count === 0) return 'An empty signature is a full answer: every letter stays plain.';
  const order = count > 0 ? 'sharps' : 'flats';
  const names = signs.map(noteName).join(' ');
  if (Math.abs(count) > 7) {
    return `Counted on past seven, the order of ${order} leaves ${names}.`;
  }
  return `From the order of ${order} take ${Math.abs(count) === 1 ? 'the first' : `the first ${numberWord(Math.abs(count))}`}: ${names}.`;
}

function theoreticalLine({ count, scale, instead }: Of<'theoretical'>): SaidStep {
  const text = `${capital(numberWord(Math.abs(count)))} is more than a signature prints: the key is theoretical, and its signs stand at the notes.`;
  if (!instead) return plain(text);
  return {
    text,
    reason: `In practice ${noteName(instead)} ${SCALE_WORDS[scale]} is written; it sounds the same.`,
  };
}

function putLine({ sign, degrees }: Of<'put-sign'>): string {
  const places = degrees.filter((degree) => degree !== 8).map(degreeWord);
  if (degrees.includes(8)) return `${sign.letter} becomes ${noteName(sign)}: the tonic, at both ends.`;
  return `${sign.letter} becomes ${noteName(sign)}: the ${places.join(' and ')}.`;
}

function raiseLine({ degree, from, to, refused }: Of<'raise'>): SaidStep {
  const text = `Raise the ${degreeWord(degree)}: ${noteWithSign(from)} becomes ${noteWithSign(to)}.`;
  const where = 'It is an accidental at the note, never in the signature.';
  if (!refused) return { text, reason: where };
  const reason = `${where} It sounds like ${noteName(refused)}, but the letter after ${letterAfter(to.letter, -1)} is ${to.letter}.`;
  return { text, reason };
}

function capital(word: string): string {
  return word.slice(0, 1).toUpperCase() + word.slice(1);
}
