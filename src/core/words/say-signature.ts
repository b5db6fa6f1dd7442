import type { PlaceProblem, SignatureProblem } from '../identify/drawn-signature';
import type { KeyFact, SignatureRule } from '../identify/key-of-signature';
import type { WriteFact } from '../identify/signature-of-key';
import { letterAfter } from '../note/letter';
import { noteNamed } from '../note/parse';
import type { SpelledNote } from '../note/spelled';
import type { Mode } from '../scale/mode';
import { scaleOfMode } from '../scale/pattern';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '../scale/signature';
import { type ClassWords, sayingOf } from './class-words';
import type { SaidStep } from './say-method';
import { sayStep } from './say-step';
import { degreeIn, numberWord, signCount } from './vocabulary';

const plain = (text: string): SaidStep => ({ text, reason: null });

/** A key by its mode: `A♭ major`, `F minor`, `B♭ dorian`. */
export function modeKey(w: ClassWords, tonic: SpelledNote, mode: Mode): string {
  return mode === 'major' || mode === 'minor' ? w.key(tonic, mode) : w.scale(tonic, scaleOfMode(mode));
}

/** A rule of thumb in the words of the sentence. */
export function ruleWords(w: ClassWords, rule: SignatureRule): string {
  switch (rule) {
    case 'last-but-one':
      return 'the last flat but one';
    case 'fourth-below':
      return 'a fourth below the last flat';
    case 'next-letter':
      return `the next ${w.letterWord} with its sign`;
    case 'half-step':
      return `a diatonic ${w.halfTerm} above the last sharp`;
  }
}

type Key<Code extends KeyFact['code']> = Extract<KeyFact, { readonly code: Code }>;

/** One step from a signature to its keys. */
export function sayKeyStep(w: ClassWords, fact: KeyFact): SaidStep {
  switch (fact.code) {
    case 'take-order':
      return takeOrderLine(w, fact);
    case 'empty-signature':
      return {
        text: `No sharps and no flats: ${w.key(fact.major, 'major')} or ${w.key(fact.minor, 'minor')}.`,
        reason: 'An empty signature is a full answer.',
      };
    case 'major-by-rule':
      return ruleLine(w, fact);
    case 'no-last-but-one':
      return noLastButOneLine(w, fact);
    case 'with-its-sign':
      return {
        text: `Not ${w.letter(fact.major.letter)}: the signature has ${w.note(fact.major)}, and the key takes its sign.`,
        reason: `From ${w.note(fact.sign)} to ${w.letter(fact.major.letter)} would be no step at all: they are one key on the keyboard.`,
      };
    case 'minor-by-relative':
      return {
        text: `${w.key(fact.minor, 'minor')} shares the signature: three ${w.halves} below ${w.note(fact.major)}.`,
        reason: `${w.note(fact.minor)} is the ${w.degree(fact.minor, fact.major)} of ${w.key(fact.major, 'major')}, its ${w.relative}${german(w) ? '' : ' minor'}.`,
      };
    case 'minor-by-last-sharp':
      return {
        text: `${capitalFirst(w.aStep(2))} below the last sharp, ${w.note(fact.sign)}, stands ${w.key(fact.minor, 'minor')}.`,
        reason: `The last sharp is the ${w.degree(fact.sign, fact.minor)} of the minor key.`,
      };
    case 'minor-by-third':
      return plain(
        `A third, three ${w.halves}, below ${w.note(fact.major)} stands ${w.key(fact.minor, 'minor')}.`,
      );
    case 'mode-owner':
      return {
        text: `${modeKey(w, fact.tonic, fact.mode)} has the same signature.`,
        reason: `${w.note(fact.tonic)} is the ${w.degree(fact.tonic, fact.major)} of ${w.key(fact.major, 'major')}, and a mode takes its parent's signature.`,
      };
    case 'mode-owners': {
      const owners = fact.owners.map(({ mode, tonic }) => modeKey(w, tonic, mode));
      return plain(`Every mode has one key with these signs: ${owners.join(', ')}.`);
    }
    case 'major-or-minor':
      return settleLine(w, fact);
    case 'all-seven':
      return sevenLine(w, fact.sharps);
  }
}

function german({ settings }: ClassWords): boolean {
  return settings.relatives === 'german';
}

function capitalFirst(text: string): string {
  return text.slice(0, 1).toUpperCase() + text.slice(1);
}

function takeOrderLine(w: ClassWords, { count, signs }: Key<'take-order'>): SaidStep {
  const order = count > 0 ? 'sharps' : 'flats';
  const saying = sayingOf(w, order);
  return {
    text: `${capitalFirst(signCount(count))}, by the order of ${order}: ${w.noteList(signs)}.`,
    reason: saying ? `‘${saying}’` : null,
  };
}

function ruleLine(w: ClassWords, { rule, sign, major }: Key<'major-by-rule'>): SaidStep {
  const key = w.key(major, 'major');
  const fourth = degreeIn(w.settings.degrees, 4, 0);
  const seventh = degreeIn(w.settings.degrees, 7, 0);
  switch (rule) {
    case 'last-but-one':
      return {
        text: `The last flat but one is ${w.note(sign)}: ${key}.`,
        reason: `The last flat is the ${fourth}, and the one before it lies a fifth higher: on the tonic.`,
      };
    case 'fourth-below':
      return {
        text: `A fourth below the last flat, ${w.note(sign)}, stands ${w.note(major)}: ${key}.`,
        reason: `The last flat is always the ${fourth}.`,
      };
    case 'next-letter':
      return {
        text: `The next ${w.letterWord} after the last sharp, ${w.note(sign)}, with its own sign is ${w.note(major)}: ${key}.`,
        reason: `The last sharp is always the ${seventh}, a ${w.half} below the tonic.`,
      };
    case 'half-step':
      return {
        text: `A diatonic ${w.halfTerm} above the last sharp, ${w.note(sign)}, stands ${w.note(major)}: ${key}.`,
        reason: `The last sharp is always the ${seventh}.`,
      };
  }
}

function noLastButOneLine(w: ClassWords, { sign, major }: Key<'no-last-but-one'>): SaidStep {
  return {
    text: `One flat has no last but one. It is the exception: ${w.key(major, 'major')}.`,
    reason: `The last flat, ${w.note(sign)}, is the ${degreeIn(w.settings.degrees, 4, 0)}: a fourth below it stands ${w.note(major)}. That rule has no exception.`,
  };
}

function settleLine(w: ClassWords, { major, minor, seventh, raised }: Key<'major-or-minor'>): SaidStep {
  return {
    text: `Which of the two? The home note decides: ${w.note(major)} for ${w.key(major, 'major')}, ${w.note(minor)} for ${w.key(minor, 'minor')}.`,
    reason: `Look at the first and last note and bass. ${w.noteWithSign(raised)} for ${w.noteWithSign(seventh)}, a raised ${degreeIn(w.settings.degrees, 7, -1)}, speaks for ${w.key(minor, 'minor')}.`,
  };
}

function sevenLine(w: ClassWords, sharps: boolean): SaidStep {
  const kind = sharps ? 'sharp' : 'flat';
  return {
    text: `All seven ${w.letterWords} are ${kind}.`,
    reason: `To read it at sight, think of plain ${w.letterWords}, every note a ${w.half} ${sharps ? 'higher' : 'lower'}.`,
  };
}

type Write<Code extends WriteFact['code']> = Extract<WriteFact, { readonly code: Code }>;

/** Why nothing stands on the staff. */
export function sayNoSignature(count: number): string {
  return `${capitalFirst(signCount(count))} would be needed. No such signature is printed: the signs stand at the notes.`;
}

/** One step of writing a signature. */
export function sayWriteStep(w: ClassWords, fact: WriteFact): SaidStep {
  switch (fact.code) {
    case 'no-signs':
      return { text: 'No sharps and no flats.', reason: 'An empty signature is a full answer.' };
    case 'sharps-until':
      return plain(
        `Say the sharps in order until the one a diatonic ${w.halfTerm} below ${w.note(fact.tonic)}.`,
      );
    case 'flats-past':
      return plain(`Say the flats in order to ${w.note(fact.tonic)}, and one more.`);
    case 'plain-flat-key':
      return {
        text: `${w.key(fact.tonic, 'major')} has one flat: ${w.note(fact.sign)}.`,
        reason: `It is the only flat major key with a plain name, so no flat stops the order; its one flat is the ${degreeIn(w.settings.degrees, 4, 0)}.`,
      };
    case 'say-sharp':
      return saySharpLine(w, fact);
    case 'say-flat':
      return sayFlatLine(w, fact);
    case 'take-next':
      return plain(`${w.note(fact.sign)}, ${numberWord(fact.number)} of ${numberWord(fact.of)}.`);
    case 'signature-stands':
      return {
        text: `It stands: ${signCount(fact.count)}, ${w.noteList(fact.signs)}.`,
        reason: 'In a piece it stands between the clef and the time signature, and again on every line.',
      };
    case 'seven-signs':
      return sevenLine(w, fact.sharps);
    default:
      return sayStep(w, fact);
  }
}

function saySharpLine(w: ClassWords, { sign, tonic, stops }: Write<'say-sharp'>): SaidStep {
  if (!stops) return plain(`${w.note(sign)}: not yet a ${w.half} below ${w.note(tonic)}, so go on.`);
  return {
    text: `${w.note(sign)}: a diatonic ${w.halfTerm} below ${w.note(tonic)}, so stop.`,
    reason: `It is the ${w.degree(sign, tonic)} of ${w.key(tonic, 'major')}.`,
  };
}

function sayFlatLine(w: ClassWords, { sign, tonic, role }: Write<'say-flat'>): SaidStep {
  switch (role) {
    case 'on-the-way':
      return plain(`${w.note(sign)}: not yet ${w.note(tonic)}, so go on.`);
    case 'tonic':
      return plain(`${w.note(sign)}: the name of the key, and one more.`);
    case 'one-more':
      return {
        text: `${w.note(sign)}: one more, so stop.`,
        reason: `It is the ${w.degree(sign, tonic)} of ${w.key(tonic, 'major')}.`,
      };
  }
}

/** Why drawn signs are no key signature: what stands, what is wrong, what to do. */
export function saySignatureProblem(w: ClassWords, problem: SignatureProblem | PlaceProblem): string {
  const sign = w.note(problem.sign);
  switch (problem.code) {
    case 'signature-mixed':
      return `${sign} mixes sharps and flats. A key signature has signs of one kind.`;
    case 'signature-natural':
      return `${w.noteWithSign(problem.sign)} is a natural. A key signature has sharps or flats; naturals stand there only to cancel an old one.`;
    case 'signature-double':
      return `${sign} has two signs. A key signature has single sharps or flats.`;
    case 'signature-twice':
      return `${sign} stands twice. Each sign stands once and holds in every octave.`;
    case 'signature-start':
      return `It begins with ${sign}. The order begins with ${w.note(problem.wanted)}.`;
    case 'signature-gap':
      return `${sign} stands where the order has ${w.note(problem.wanted)}. No sign of the order may be left out.`;
    case 'signature-order':
      return `The signs are right, but ${sign} stands where the order has ${w.note(problem.wanted)}.`;
    case 'signature-place':
      return `${sign} stands ${placeWords(problem.place)}. In this clef its place in a signature is ${placeWords(problem.wanted)}.`;
  }
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth'] as const;

/** A place on the staff in words, lines and spaces counted from below. */
function placeWords(place: number): string {
  if (place < 0) return place === -1 ? 'in the space below the staff' : 'below the staff';
  if (place > 8) return place === 9 ? 'in the space above the staff' : 'above the staff';
  const ordinal = ORDINALS[Math.floor(place / 2)] ?? '';
  return place % 2 === 0 ? `on the ${ordinal} line` : `in the ${ordinal} space`;
}

/**
 * How a sign of an order comes from the one before it, counted both ways: five letters with the start, seven half
 * steps without it; flats go a fifth down, or a fourth up where the class says so. The first sign has a reason of its
 * own.
 *
 * @param at place in the order, from 0
 */
export function sayHop(w: ClassWords, kind: 'sharps' | 'flats', at: number): string {
  const order = kind === 'sharps' ? ORDER_OF_SHARPS : ORDER_OF_FLATS;
  const [sign, before] = [order[at], order[at - 1]];
  if (!sign) throw new RangeError(`no sign ${at}`);
  if (!before) {
    return kind === 'sharps'
      ? `${w.note(sign)} is the first: one fifth above ${w.letter('C')}, in ${w.key(noteNamed('G'), 'major')}, only ${w.letter('F')} has to be raised.`
      : `${w.note(sign)} is the first: one fifth below ${w.letter('C')}, in ${w.key(noteNamed('F'), 'major')}, only ${w.letter('B')} has to be lowered.`;
  }
  const up = kind === 'sharps' || w.settings.flatsBy === 'fourth-up';
  const letters = kind === 'sharps' || !up ? 5 : 4;
  const walked = Array.from({ length: letters }, (_, step) =>
    w.letter(letterAfter(before.letter, up ? step : -step)),
  );
  const name = letters === 5 ? 'fifth' : 'fourth';
  const halves = letters === 5 ? 7 : 5;
  return `${w.note(before)} ${up ? 'up' : 'down'} a ${name} is ${w.note(sign)}: ${walked.join(' ')}, ${numberWord(letters)} ${w.letterWords} counting the first, and ${numberWord(halves)} ${w.halves} not counting it.`;
}
