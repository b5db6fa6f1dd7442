import type { Fact } from '../derive/fact';
import { type Letter, letterAfter } from '../note/letter';
import { fifths, type SpelledNote } from '../note/spelled';
import { type ClassWords, sayingOf } from './class-words';
import { type SaidStep, sayMethodStep } from './say-method';
import { sayKeyRule } from './say-rule';
import { capital, numberWord, signCount } from './vocabulary';

type Of<Code extends Fact['code']> = Extract<Fact, { readonly code: Code }>;

/** Puts one step of a working into a sentence. */
export function sayStep(w: ClassWords, fact: Fact): SaidStep {
  switch (fact.code) {
    case 'letters':
      return lettersLine(w, fact);
    case 'walk':
      return walkLine(w, fact);
    case 'key-notes':
      return plain(`The notes of ${w.key(fact.tonic, 'major')} stand: ${w.noteList(fact.notes)}.`);
    case 'between':
      return betweenLine(w, fact);
    case 'no-between':
      return noBetweenLine(w, fact);
    case 'same-coming-down':
      return plain('Coming down, the same notes in turn.');
    case 'natural-coming-down':
      return plain(`Coming down, ${w.scaleWord('melodic-minor')} takes its natural form: nothing is raised.`);
    case 'restore':
      return plain(`Coming down, both are restored: ${fact.notes.map(w.noteWithSign).join(' and ')}.`);
    case 'relative-major':
      return relativeLine(w, fact);
    case 'count-places':
      return placesLine(w, fact);
    case 'less-three':
      return plain(lessThreeLine(w, fact));
    case 'take-signs':
      return signsLine(w, fact);
    case 'theoretical':
      return theoreticalLine(w, fact);
    case 'put-sign':
      return plain(putLine(w, fact));
    case 'raise':
      return raiseLine(w, fact);
    default:
      return sayMethodStep(w, fact);
  }
}

/** The line and its reason as one text. */
export function stepText(w: ClassWords, fact: Fact): string {
  const { text, reason } = sayStep(w, fact);
  return reason ? `${text} ${reason}` : text;
}

function plain(text: string): SaidStep {
  return { text, reason: null };
}

function lettersLine(w: ClassWords, { letters, tonic, skipped, repeated }: Of<'letters'>): SaidStep {
  const even = skipped.length + repeated.length === 0;
  const row = `Write the ${w.letterWords} ${letters.map(w.letter).join(' ')}${even ? ', one of each' : ''}`;
  const ends = letters[0] === letters.at(-1) ? 'Both ends are' : 'It begins on';
  const text = !tonic || tonic.alteration === 0 ? `${row}.` : `${row}. ${ends} ${w.note(tonic)}.`;
  if (even) return plain(text);
  const list = (found: readonly Letter[], one: string, many: string) =>
    found.length === 0 ? [] : [`${found.map(w.letter).join(' and ')} ${found.length === 1 ? one : many}`];
  const said = [
    ...list(skipped, 'is skipped', 'are skipped'),
    ...list(repeated, 'stands twice', 'stand twice'),
  ];
  return { text, reason: `${said.join(', ')}: no other spelling of these steps is simpler.` };
}

function betweenLine(w: ClassWords, { low, high, to, falling, refused }: Of<'between'>): SaidStep {
  const way = falling
    ? `coming down, lower ${w.note(high)} to ${w.note(to)}`
    : `rising, raise ${w.note(low)} to ${w.note(to)}`;
  const text = `Between ${w.note(low)} and ${w.note(high)}, ${way}.`;
  if (!refused) return plain(text);
  return {
    text,
    reason: `${w.note(refused)} sounds the same, but belongs to the way ${falling ? 'up' : 'down'}.`,
  };
}

function noBetweenLine(w: ClassWords, { pairs }: Of<'no-between'>): SaidStep {
  const found = pairs.map(([low, high]) => `${w.note(low)}–${w.note(high)}`).join(' and ');
  return plain(`${found} are ${w.halves} already: nothing lies between.`);
}

function walkLine(w: ClassWords, fact: Of<'walk'>): SaidStep {
  const { from, to, semitones, letters, falling, plain: gap, home } = fact;
  // After three half steps a natural is no plain matter, and its sign is said.
  const wide = semitones === 3 && letters === 1;
  const name = wide ? w.noteWithSign(to) : w.note(to);
  const move = `${w.note(from)} ${falling ? 'down' : 'up'} ${w.aStep(semitones)} is ${name}`;
  const text = home ? `${move}: home.` : `${move}.`;
  if (letters !== 1) return { text, reason: unevenReason(w, fact) };
  if (wide && gap === null) return { text, reason: wideReason(w, from, to) };
  if (home || gap === null) return { text, reason: semitones === 1 ? halfStepReason(w, from, to) : null };
  return { text, reason: alteredReason(w, fact, gap) };
}

/** Why a step stays on its letter or passes one over. */
function unevenReason(w: ClassWords, { from, to, semitones, letters, falling }: Of<'walk'>): string {
  if (letters === 0)
    return `The ${w.letterWord} ${w.letter(to.letter)} stands twice: a chromatic ${w.halfTerm}.`;
  const passed = w.letter(letterAfter(from.letter, falling ? -1 : 1));
  if (semitones === 3 && letters === 2)
    return `${passed} is skipped: a minor third, not an augmented second.`;
  return `${passed} is skipped.`;
}

/** Three half steps to the next letter. */
function wideReason(w: ClassWords, from: SpelledNote, to: SpelledNote): string {
  const letters = `${w.letter(from.letter)} and ${w.letter(to.letter)} are neighbouring ${w.letterWords}`;
  const named = w.settings.hints === 'child' ? '' : ': an augmented second';
  return `${letters}, three ${w.halves} apart here${named}.`;
}

/** Why the note carries its sign: its letter, the tempting other one, and for students the interval's name. */
function alteredReason(
  w: ClassWords,
  { from, to, semitones, falling, refused }: Of<'walk'>,
  gap: number,
): string {
  const letter = w.letter(to.letter);
  const why = `Not ${letter}: ${w.note(from)} to ${letter} is ${gapWord(w, gap, semitones)}.`;
  if (!refused) return why;
  const next = `the ${w.letterWord} ${falling ? 'before' : 'after'} ${w.letter(from.letter)} is ${letter}`;
  const { hints } = w.settings;
  if (hints === 'child') return `${why} Not ${w.note(refused)}: ${next}.`;
  const chromatic =
    semitones === 1 && refused.letter === from.letter
      ? `${w.note(from)} to ${w.note(refused)} is a chromatic ${w.halfTerm}, on one ${w.letterWord}, and `
      : '';
  const refusal = `${why} ${w.note(refused)} sounds the same, but ${chromatic}${next}.`;
  const second = semitones === 3 ? ` ${intervalReason(w, from, to, semitones)}` : '';
  return hints === 'student' ? `${refusal} ${intervalReason(w, from, to, semitones)}` : refusal + second;
}

const SECONDS = ['', 'minor', 'major', 'augmented', 'doubly augmented'];

function intervalReason(w: ClassWords, from: SpelledNote, to: SpelledNote, semitones: number): string {
  return `${w.note(from)} and ${w.note(to)} make ${semitones === 3 ? 'an' : 'a'} ${SECONDS[semitones]} second.`;
}

/** What kind of half step it is: E–F and B–C are there by nature; any other takes two letters as well. */
function halfStepReason(w: ClassWords, from: SpelledNote, to: SpelledNote): string {
  const [one, other] = [w.letter(from.letter), w.letter(to.letter)];
  const plainOnes = from.alteration === 0 && to.alteration === 0;
  const { hints } = w.settings;
  if (plainOnes && hints === 'child') return `${one} and ${other} are neighbours with no key between.`;
  if (plainOnes) return `${one} and ${other} are a natural ${w.half}: no key lies between them.`;
  if (hints === 'child') return `${one} and ${other} are two ${w.letterWords}.`;
  const text = `${one} and ${other} are two ${w.letterWords}: a diatonic ${w.halfTerm}.`;
  return hints === 'student' ? `${text} ${intervalReason(w, from, to, 1)}` : text;
}

/** How far the plain letter is, beside how far it should be. */
function gapWord(w: ClassWords, gap: number, wanted: number): string {
  if (gap === 0) return 'no step at all';
  if (gap < 0) return 'no step that way';
  return gap < wanted ? `only ${w.aStep(gap)}` : w.aStep(gap);
}

function relativeLine(w: ClassWords, { tonic, major }: Of<'relative-major'>): SaidStep {
  const three = `three ${w.halves} up`;
  const text =
    w.settings.relatives === 'german'
      ? `${w.key(tonic, 'minor')} shares its signature with its ${w.relative} ${w.key(major, 'major')}, ${three}.`
      : `${w.key(tonic, 'minor')} shares its signature with its ${w.relative} major, ${w.key(major, 'major')}, ${three}.`;
  if (w.settings.hints !== 'student') return plain(text);
  return { text, reason: `${w.note(major)} is the ${w.degree(major, tonic)} of ${w.key(tonic, 'minor')}.` };
}

function placesLine(w: ClassWords, { tonic, mode, count }: Of<'count-places'>): SaidStep {
  const { circle, flatsBy, minorCircle } = w.settings;
  const ring = `circle of ${circle}`;
  const minors = mode === 'minor' && minorCircle === 'own-circle' ? `${ring} of the minors` : ring;
  const start = mode === 'minor' ? 'A' : 'C';
  const top = w.letter(start);
  if (count === 0) {
    return plain(`${w.key(tonic, mode)} stands at the top of the ${minors}: no sharps or flats.`);
  }
  const clockwise = circle === 'fifths' ? count > 0 : count < 0;
  const signs = Math.abs(count);
  const places = signs === 1 ? 'one place' : `${numberWord(signs)} places`;
  const text = `${w.keyTonic(tonic, mode)} lies ${places} ${clockwise ? 'clockwise' : 'anticlockwise'} from ${top} on the ${minors}: ${signCount(count)}.`;
  const fourths = count < 0 && flatsBy === 'fourth-up';
  const each = count > 0 ? 'a fifth up' : fourths ? 'a fourth up' : 'a fifth down';
  return { text, reason: `Each place is ${each} and one more ${count > 0 ? 'sharp' : 'flat'}.` };
}

function lessThreeLine(w: ClassWords, { tonic, major, count }: Of<'less-three'>): string {
  const key = `Its ${w.parallel('minor')}, ${w.key(tonic, 'minor')},`;
  return `${key} lies three places flatter: from ${signCount(major)} to ${signCount(count)}.`;
}

function signsLine(w: ClassWords, { signs, count }: Of<'take-signs'>): SaidStep {
  if (count === 0) {
    return plain(`An empty signature is a full answer: every ${w.letterWord} stays plain.`);
  }
  const order = count > 0 ? 'sharps' : 'flats';
  const names = signs.map(w.note).join(' ');
  if (Math.abs(count) > 7) {
    return plain(`Counted on past seven, the order of ${order} leaves ${names}.`);
  }
  const first = Math.abs(count) === 1 ? 'the first' : `the first ${numberWord(Math.abs(count))}`;
  const saying = sayingOf(w, order);
  const rule = w.settings.hints === 'student' ? sayKeyRule(w, fifths(count), 'major') : null;
  const reasons = [saying ? `‘${saying}’` : null, rule].filter((each) => each !== null);
  return {
    text: `From the order of ${order} take ${first}: ${names}.`,
    reason: reasons.length > 0 ? reasons.join(' ') : null,
  };
}

function theoreticalLine(w: ClassWords, { count, scale, instead }: Of<'theoretical'>): SaidStep {
  const text = `${capital(numberWord(Math.abs(count)))} is more than a signature prints: the key is theoretical, and its signs stand at the notes.`;
  if (!instead) return plain(text);
  return { text, reason: `In practice ${w.scale(instead, scale)} is written; it sounds the same.` };
}

function putLine(w: ClassWords, { sign, tonic, here }: Of<'put-sign'>): string {
  if (!here) return `${w.note(sign)} is none of these notes, but stands in the signature.`;
  const becomes = `${w.letter(sign.letter)} becomes ${w.note(sign)}`;
  return sign.letter === tonic.letter
    ? `${becomes}: the tonic, at both ends.`
    : `${becomes}: the ${w.degree(sign, tonic)}.`;
}

function raiseLine(w: ClassWords, { tonic, from, to, refused }: Of<'raise'>): SaidStep {
  const text = `Raise the ${w.degree(from, tonic)}: ${w.noteWithSign(from)} becomes ${w.noteWithSign(to)}.`;
  if (w.settings.hints === 'child') return { text, reason: 'Its sign is written at the note.' };
  const where = 'It is an accidental at the note, never in the signature.';
  const sounds = refused
    ? ` It sounds like ${w.note(refused)}, but the ${w.letterWord} after ${w.letter(letterAfter(to.letter, -1))} is ${w.letter(to.letter)}.`
    : '';
  const now = w.settings.hints === 'student' ? ` ${w.note(to)} is now the ${w.degree(to, tonic)}.` : '';
  return { text, reason: where + sounds + now };
}
