import type { Changed, Claim } from '../exercise/sheet/key/claim';
import type { ClassWords } from './class-words';
import { sayDecision } from './say-decision';
import { instrumentNames } from './say-instrument';
import { shiftWords } from './say-method';
import { sayKeyStep, sayWriteStep } from './say-signature';
import { capital, numberWord, ordinal, signCount } from './vocabulary';

type Of<Code extends Claim['code']> = Extract<Claim, { readonly code: Code }>;

/** `the 6th and the 7th` */
function together(parts: readonly string[]): string {
  const last = parts.at(-1) ?? '';
  return parts.length < 2 ? last : `${parts.slice(0, -1).join(', ')} and ${last}`;
}

function halfSteps(w: ClassWords, count: number): string {
  return `${numberWord(count)} ${count === 1 ? w.half : w.halves}`;
}

function hasSigns(w: ClassWords, { count, signs, major }: Of<'has-signs'>): string {
  const as = major ? `, as ${w.key(major, 'major')}` : '';
  return count === 0
    ? `No sharps or flats${as}.`
    : `${capital(signCount(count))}${as}: ${w.noteList(signs)}.`;
}

function becomes(w: ClassWords, { from, to }: Changed): string {
  return `${w.noteWithSign(from)} becomes ${w.noteWithSign(to)}`;
}

function raised(w: ClassWords, { tonic, notes }: Of<'raised'>): string {
  const degrees = together(notes.map(({ from }) => `the ${w.degree(from, tonic)}`));
  const many = notes.length > 1;
  const where = many ? 'their signs stand at the notes' : 'its sign stands at the note';
  return `${capital(degrees)} ${many ? 'are' : 'is'} raised: ${together(notes.map((each) => becomes(w, each)))}; ${where}.`;
}

function againstMajor(w: ClassWords, { tonic, notes }: Of<'against-major'>): string {
  const way = (lower: boolean) => notes.filter(({ from, to }) => to.alteration < from.alteration === lower);
  const said = (changes: readonly Changed[], verb: string) =>
    changes.length === 0
      ? []
      : [
          `${together(changes.map(({ from }) => `the ${w.degree(from, tonic)}`))} ${verb}: ${together(changes.map((each) => becomes(w, each)))}`,
        ];
  const parts = [...said(way(true), 'lowered'), ...said(way(false), 'raised')];
  return `${w.key(tonic, 'major')} with ${parts.join('; ')}.`;
}

function steps(w: ClassWords, { tonic, steps: sizes, down }: Of<'steps'>): string {
  const letters = sizes.map((size) => w.stepLetters(size) || String(size)).join(' ');
  const from = tonic ? `From ${w.note(tonic)} ${down ? 'down' : 'up'}` : down ? 'Coming down' : 'Going up';
  return `${from}: ${letters}.`;
}

function halfStepsAt(w: ClassWords, { below, wide }: Of<'half-steps'>): string {
  const at = (degrees: readonly number[]) => together(degrees.map((low) => `${low}–${low + 1}`));
  const three = wide.length === 0 ? '' : `, ${halfSteps(w, 3)} at ${at(wide)}`;
  return `${capital(w.halves)} at ${at(below)}${three}; all others are ${w.wholes}.`;
}

function order(w: ClassWords, { sharps, signs }: Of<'order'>): string {
  const flatWay = w.settings.flatsBy === 'fourth-up' ? 'a fourth above' : 'a fifth below';
  const way = sharps ? 'a fifth above' : flatWay;
  const first = signs[0];
  if (!first) return '';
  const begins = `The order begins with ${w.note(first)}`;
  return signs.length === 1 ? `${begins}.` : `${begins}; each next lies ${way} the one before.`;
}

function sharesSignature(w: ClassWords, { count, from, semitones }: Of<'shares-signature'>): string {
  const way = semitones < 0 ? 'below' : 'above';
  return `Both have ${signCount(count)}; its tonic lies ${halfSteps(w, Math.abs(semitones))} ${way} ${w.note(from)}.`;
}

function degree(w: ClassWords, { degree: number, tonic, note, because }: Of<'degree'>): string {
  const counted = `${capital(ordinal(number))} ${w.letterWord} from ${w.letter(tonic.letter)}: ${w.letter(note.letter)}`;
  if (because === 'signature') return `${counted}, which has its sign in the signature: ${w.note(note)}.`;
  if (because === 'raised') return `${counted}; this form raises it to ${w.noteWithSign(note)}.`;
  return because === 'plain'
    ? `${counted}, which the signature leaves plain.`
    : `${counted}, here ${w.note(note)}.`;
}

const THIRDS: Readonly<Record<number, string>> = { 3: 'minor', 4: 'major' };

function thirds(w: ClassWords, { notes, sizes, triad }: Of<'thirds'>): string {
  const named = sizes.map((size) => THIRDS[size] ?? `${numberWord(size)} ${w.halves}`);
  return `Thirds from ${w.note(notes[0] as (typeof notes)[number])}: ${named.join(', then ')}; the triad is ${triad}.`;
}

function reads(w: ClassWords, { instrument, letters, semitones }: Of<'reads'>): string {
  const name = instrumentNames(w)[instrument] ?? instrument;
  const way = semitones < 0 ? 'lower' : 'higher';
  const apart = `${numberWord(Math.abs(letters))} ${Math.abs(letters) === 1 ? w.letterWord : w.letterWords}`;
  return `Written for ${name}: ${halfSteps(w, Math.abs(semitones))} ${way} than it sounds, ${apart} on.`;
}

/** One claim as a sentence of the class. */
export function sayClaim(w: ClassWords, claim: Claim): string {
  switch (claim.code) {
    case 'has-signs':
      return hasSigns(w, claim);
    case 'order-ends':
      return claim.sharps
        ? `The sharps in order, up to ${w.note(claim.last)}, ${w.aStep(1)} below ${w.note(claim.major)}.`
        : `The flats in order to ${w.note(claim.major)}, and one more: ${w.note(claim.last)}.`;
    case 'raised':
      return raised(w, claim);
    case 'restored':
      return `Coming down, both are restored: ${claim.notes.map(w.noteWithSign).join(' and ')}.`;
    case 'nothing-raised':
      return `Coming down, ${w.scaleWord(claim.scale)} takes its natural form: nothing is raised.`;
    case 'steps':
      return steps(w, claim);
    case 'half-steps':
      return halfStepsAt(w, claim);
    case 'against-major':
      return againstMajor(w, claim);
    case 'order':
      return order(w, claim);
    case 'shares-signature':
      return sharesSignature(w, claim);
    case 'same-tonic':
      return `Both begin on ${w.note(claim.tonic)}; from ${signCount(claim.from)} to ${signCount(claim.to)} it is ${shiftWords(claim.from, claim.to)}.`;
    case 'sounds-alike':
      return `${w.note(claim.from)} and ${w.note(claim.to)} sound alike: ${signCount(claim.counts[0])} and ${signCount(claim.counts[1])}, twelve fifths apart.`;
    case 'degree':
      return degree(w, claim);
    case 'thirds':
      return thirds(w, claim);
    case 'heard':
      return `In degrees of ${w.scale(claim.tonic, claim.scale)} it goes ${claim.degrees.join(' ')}: ${w.noteList(claim.notes)}.`;
    case 'reads':
      return reads(w, claim);
    case 'key-fact':
      return sayKeyStep(w, claim.fact).text;
    case 'write-fact':
      return sayWriteStep(w, claim.fact).text;
    case 'decision':
      return sayDecision(w, claim.fact).text;
  }
}

/** Claims one after the other, in one line. */
export function sayClaims(w: ClassWords, claims: readonly Claim[]): string {
  return claims.map((claim) => sayClaim(w, claim)).join(' ');
}
