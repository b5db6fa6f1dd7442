import type { MarkQuestion } from '../exercise/kinds/all';
import { askedIn, type SheetItem } from '../exercise/sheet/task/all';
import type { StaffSort } from '../exercise/sheet/task/staff';
import type { Form } from '../exercise/sheet/task/task';
import { scaleOfMode } from '../scale/pattern';
import type { ClassWords } from './class-words';
import { instrumentNames } from './say-instrument';
import { modeKey } from './say-signature';
import { CLEF_WORDS, DIRECTION_WORDS, numberWord, ordinal, SIGNATURE_WORDS, signCount } from './vocabulary';

type Of<Kind extends MarkQuestion['kind']> = Extract<MarkQuestion, { readonly kind: Kind }>['question'];

/** The key whose signature is asked: minor is one key in all its forms. */
function keyOfScale(w: ClassWords, { tonic, scale }: Of<'name-signature'>): string {
  if (scale === 'major') return w.key(tonic, 'major');
  return scale.endsWith('-minor') ? w.key(tonic, 'minor') : w.scale(tonic, scale);
}

/** A scale as it is to be written; one that cannot have signs at its clef says nothing of a signature. */
function scaleText(w: ClassWords, { tonic, scale, direction, signature }: Of<'scale'>): string {
  return `${w.scale(tonic, scale)}, ${DIRECTION_WORDS[direction]}, ${SIGNATURE_WORDS[signature]}`;
}

const MODE_KEYS = ['major', 'minor'];

function nameKey(w: ClassWords, { mode }: Of<'name-key'>): string {
  const word = MODE_KEYS.includes(mode) ? mode : w.scaleWord(scaleOfMode(mode));
  return `Whose signature is this? Name the ${word} key.`;
}

function order({ order: count }: Of<'order'>): string {
  const many = Math.abs(count);
  const kind = count > 0 ? 'sharp' : 'flat';
  return many === 1
    ? `Which ${kind} comes first?`
    : `Write the first ${numberWord(many)} ${kind}s in their order.`;
}

function partner(w: ClassWords, { relation, tonic, mode }: Of<'partner'>): string {
  const words = {
    relative: w.relative,
    parallel: w.parallelWord,
    enharmonic: 'enharmonic equivalent',
  };
  return `Name the ${words[relation]} of ${modeKey(w, tonic, mode)}.`;
}

function chord(w: ClassWords, { wants, size, degree, tonic, scale }: Of<'chord'>): string {
  const sort = size === 3 ? 'triad' : 'seventh chord';
  const what = wants === 'notes' ? `the ${sort}` : `the numeral of the ${sort}`;
  return `Write ${what} on the ${degree === 1 ? 'tonic' : ordinal(degree)} of ${w.scale(tonic, scale)}.`;
}

/** What a question asks, in the words of a sheet. */
function sayAsked(w: ClassWords, asked: MarkQuestion): string {
  switch (asked.kind) {
    case 'scale':
      return scaleText(w, asked.question);
    case 'signature':
      return `Draw the signature of ${keyOfScale(w, asked.question)}.`;
    case 'name-key':
      return nameKey(w, asked.question);
    case 'name-signature':
      return `How many sharps or flats has ${keyOfScale(w, asked.question)}, and which?`;
    case 'order':
      return order(asked.question);
    case 'steps':
      return `Write the steps of ${w.scaleWord(asked.question.scale)}, ${DIRECTION_WORDS[asked.question.direction]}.`;
    case 'name-scale':
      return 'Name this scale.';
    case 'partner':
      return partner(w, asked.question);
    case 'degree':
      return `Which note is the ${ordinal(asked.question.degree)} of ${w.scale(asked.question.tonic, asked.question.scale)}?`;
    case 'chord':
      return chord(w, asked.question);
    case 'dictation':
      return `Listen, and write the line down in ${w.scale(asked.question.tonic, asked.question.scale)}.`;
    case 'transpose': {
      const { pitch, instrument } = asked.question;
      const name = instrumentNames(w)[instrument] ?? instrument;
      return `Write ${w.note(pitch.note)}${pitch.octave}, as it sounds, for ${name}.`;
    }
  }
}

/** A scale and its way, without how it is signed. */
function scaleOnly(w: ClassWords, { tonic, scale, direction }: Of<'scale'>): string {
  return `${w.scale(tonic, scale)}, ${DIRECTION_WORDS[direction]}`;
}

const CIRCLE_TEXTS = {
  major: 'Fill the circle: every major key at its place.',
  minor: 'Fill the circle: every minor key at its place.',
  both: 'Fill the circle: every major key at its place, its relative minor inside.',
} as const;

/** What a thing on a sheet asks; empty for staves to write on. */
export function sayTask(w: ClassWords, item: SheetItem): string {
  switch (item.task) {
    case 'answer':
      return sayAsked(w, item.question);
    case 'find-mistake':
      return `Find the mistake and put it right: ${scaleOnly(w, item.question.question)}`;
    case 'which-note':
      return `Which note must change? ${scaleOnly(w, item.question.question)}`;
    case 'gaps':
      return `Fill the gaps: ${scaleOnly(w, item.question.question)}`;
    case 'complete':
      return `Complete the signature of ${keyOfScale(w, item.question.question)}.`;
    case 'label': {
      const { scale, direction } = item.question.question;
      return `Label ${w.scale(item.tonic, scale)}, ${DIRECTION_WORDS[direction]}: degrees below the notes, steps between them.`;
    }
    case 'path':
      return 'Name this scale, decision by decision.';
    case 'grand':
      return w.scale(item.question.question.tonic, item.question.question.scale);
    case 'circle':
      return CIRCLE_TEXTS[item.part];
    case 'staff':
      return '';
  }
}

/** What a form is called. */
export const FORM_WORDS: Readonly<Record<Form, string>> = {
  blank: 'to be done',
  half: 'half done',
  worked: 'worked',
};

/** What sorts of empty staves are called. */
export const STAFF_WORDS: Readonly<Record<StaffSort, string>> = {
  ...CLEF_WORDS,
  grand: 'grand staff',
  none: 'no clef',
};

/** A thing on a sheet in a few words, for a list. */
export function nameOfItem(w: ClassWords, item: SheetItem): string {
  if (item.task === 'staff')
    return `Empty staves, ${STAFF_WORDS[item.sort]}, ${item.rows === 1 ? 'one row' : `${item.rows} rows`}`;
  const asked = askedIn(item);
  const clef = asked && 'clef' in asked.question && asked.question.clef;
  return clef && item.task !== 'grand' ? `${sayTask(w, item)} (${CLEF_WORDS[clef]})` : sayTask(w, item);
}

/** `up to four signs`; all of them, or none. */
export function sayMost(maxSigns: number): string {
  if (maxSigns === 0) return 'no signs';
  return `up to ${signCount(maxSigns).replace(/ sharps?$/u, maxSigns === 1 ? ' sign' : ' signs')}`;
}

/** Names one after the other in a sentence: `minor forms, signatures and gaps`. */
export function listed(names: readonly string[]): string {
  const last = names.at(-1) ?? '';
  return names.length < 2 ? last : `${names.slice(0, -1).join(', ')} and ${last}`;
}
