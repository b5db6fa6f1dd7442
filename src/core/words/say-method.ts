import type { Fact, MovedSign, TetrachordPart } from '../derive/fact';
import type { MethodProblem } from '../derive/method';
import type { SpelledNote } from '../note/spelled';
import { PATTERNS, type ScaleId } from '../scale/pattern';
import type { ClassWords } from './class-words';
import { numberWord, ordinal, signCount } from './vocabulary';

/** One line of the working: the fact, and the reason that refuses the tempting wrong spelling, where there is one. */
export type SaidStep = { readonly text: string; readonly reason: string | null };

type Of<Code extends Fact['code']> = Extract<Fact, { readonly code: Code }>;

/** The sayings of the methods beyond walking the steps and counting round the circle. */
type MethodFact = Of<
  | 'tetrachords'
  | 'mend'
  | 'tetrachord-stands'
  | 'join'
  | 'parallel-major'
  | 'alter-degree'
  | 'signature-shift'
  | 'under-tonic'
  | 'written-under'
  | 'parent-degree'
  | 'two-octaves'
  | 'start-on'
  | 'parent-signature'
  | 'chain-start'
  | 'chain-link'
  | 'chain-arrive'
  | 'window-place'
  | 'window-order'
  | 'window-raise'
>;

/** Puts one step of such a method into a sentence. */
export function sayMethodStep(w: ClassWords, fact: MethodFact): SaidStep {
  switch (fact.code) {
    case 'tetrachords':
      return tetrachordsLine(w, fact);
    case 'mend':
      return mendLine(w, fact);
    case 'tetrachord-stands':
      return standsLine(w, fact);
    case 'join':
      return {
        text: `${w.note(fact.from)} up ${w.aStep(fact.semitones)} is ${w.note(fact.to)}: the two are joined.`,
        reason: null,
      };
    case 'parallel-major':
      return {
        text: `Its ${w.parallel('major')} is ${w.key(fact.tonic, 'major')}: ${w.noteList(fact.notes)}.`,
        reason: null,
      };
    case 'alter-degree':
      return { text: alterLine(w, fact), reason: null };
    case 'signature-shift':
      return shiftLine(w, fact);
    case 'under-tonic':
      return underTonicLine(w, fact);
    case 'written-under':
      return writtenUnderLine(w, fact);
    case 'parent-degree':
      return parentLine(w, fact);
    case 'two-octaves':
      return {
        text: `Two octaves of ${w.key(fact.parent, 'major')}: ${w.noteList(fact.notes)}.`,
        reason: null,
      };
    case 'start-on':
      return {
        text: `Begin on the ${ordinal(fact.degree)} note and go to its octave: ${w.noteList(fact.notes)}.`,
        reason: 'Notes, steps and chords stay where they are; only the counting begins elsewhere.',
      };
    case 'parent-signature':
      return {
        text: `${w.scale(fact.tonic, fact.scale)} takes the signature of ${w.key(fact.parent, 'major')}: ${signCount(fact.count)}.`,
        reason: null,
      };
    case 'chain-start':
      return chainStartLine(w, fact);
    case 'chain-link':
      return chainLinkLine(w, fact);
    case 'chain-arrive':
      return { text: `Arrived: ${w.noteList(fact.notes)}.`, reason: null };
    case 'window-place':
      return windowLine(w, fact);
    case 'window-order':
      return { text: `In the order of the ${w.letterWords}: ${w.noteList(fact.notes)}.`, reason: null };
    case 'window-raise':
      return windowRaiseLine(w, fact);
  }
}

/** Steps as they stand under the moons; a dash for what is no step at all. */
export function sizes(w: ClassWords, steps: readonly number[]): string {
  return steps.map((step) => (step > 0 ? w.stepLetters(step) || String(step) : '–')).join(' ');
}

/** What stands between two notes that may have met or crossed. */
export const stepFound = (w: ClassWords, size: number): string =>
  size <= 0 ? 'no step at all' : w.aStep(size);

/** A part of the two tetrachords by its name. */
export const partName = (part: TetrachordPart): string =>
  part === 'join' ? 'the join' : `the ${part} tetrachord`;

function tetrachordsLine(w: ClassWords, { lower, join, upper }: Of<'tetrachords'>): SaidStep {
  const [below, above] = [sizes(w, lower), sizes(w, upper)];
  const alike = below === above ? 'Both are built alike.' : null;
  const joined = join === 2 ? null : `Here they are joined by ${w.aStep(join)}, not by ${w.aStep(2)}.`;
  return {
    text: `Two tetrachords, ${below} and ${above}, joined by ${w.aStep(join)}.`,
    reason: [alike, joined].filter(Boolean).join(' ') || null,
  };
}

function mendLine(w: ClassWords, fact: Of<'mend'>): SaidStep {
  const { before, from, to, is, wanted, part, refused } = fact;
  const way = to.alteration > from.alteration ? 'Raise' : 'Lower';
  const text = `${way} ${w.note(from)} to ${w.note(to)}: ${w.note(before)} to ${w.note(from)} is ${stepFound(w, is)}, and ${partName(part)} wants ${w.aStep(wanted)}.`;
  if (!refused) return { text, reason: `${w.note(before)} is given and stays.` };
  const run = `${w.noteList(refused.run)} would be ${sizes(w, refused.sizes)}`;
  const other = refused.to.alteration > refused.from.alteration ? 'Raising' : 'Lowering';
  const reason = `${other} ${w.note(refused.from)} instead would not do: ${run}, not ${sizes(w, refused.wanted)}.`;
  return { text, reason };
}

function standsLine(w: ClassWords, { part, notes, sizes: steps, next }: Of<'tetrachord-stands'>): SaidStep {
  const text = `${w.noteList(notes)}: ${sizes(w, steps)}.`;
  const hand = part === 'lower' ? 'left hand, 5 4 3 2' : 'right hand, 2 3 4 5';
  const fingers = `On the keyboard: ${hand}, no thumb.`;
  const follows = next ? `It is the lower tetrachord of ${w.key(next, 'major')} as well, one fifth up. ` : '';
  return { text, reason: follows + fingers };
}

function alterLine(w: ClassWords, { tonic, from, to, falling }: Of<'alter-degree'>): string {
  const way = to.alteration > from.alteration ? 'raise' : 'lower';
  const done = `the ${w.degree(from, tonic)}: ${w.noteWithSign(from)} becomes ${w.noteWithSign(to)}.`;
  return falling ? `Coming down, ${way} ${done}` : `${way === 'raise' ? 'Raise' : 'Lower'} ${done}`;
}

/** How far one signature lies from another: `three places flatter`. */
export function shiftWords(from: number, to: number): string {
  const places = Math.abs(to - from);
  const many = places === 1 ? 'one place' : `${numberWord(places)} places`;
  return `${many} ${to < from ? 'flatter' : 'sharper'}`;
}

/** `B♭ E♭ go`, by how many they are; nothing for none. */
function counting(notes: readonly string[], one: string, many: string): string {
  return notes.length === 0 ? '' : `${notes.join(' ')} ${notes.length === 1 ? one : many}`;
}

function shiftLine(w: ClassWords, fact: Of<'signature-shift'>): SaidStep {
  const { gone, come } = fact;
  const names = (signs: readonly MovedSign[]) => signs.map(({ sign }) => w.note(sign));
  // A sign that gives way to a second one on its letter goes with none.
  const becoming = come.flatMap(({ sign }) => {
    const old = gone.find((each) => each.sign.letter === sign.letter);
    return old ? [{ old, sign }] : [];
  });
  const left = gone.filter(({ sign }) => !becoming.some(({ old }) => old.sign === sign));
  const cancelled = left.filter(({ now }) => now.every(({ alteration }) => alteration === 0));
  const kept = left.filter(({ sign, now }) => now.includes(sign));
  const fresh = come.filter(({ sign }) => !becoming.some((each) => each.sign === sign));
  const goes = counting(names(cancelled), 'goes', 'go');
  const leaves = counting(names(kept), 'leaves', 'leave');
  const comes = counting(names(fresh), 'comes', 'come');
  const atTheNote = fresh.flatMap(({ sign, now }) => now.filter((note) => note !== sign));
  const lines = [
    goes && `${goes}: a sign and the natural that cancels it go together.`,
    leaves && `${leaves} the signature and ${kept.length === 1 ? 'is' : 'are'} written at the note.`,
    ...becoming.map(({ old, sign }) => `${w.note(old.sign)} becomes ${w.note(sign)}.`),
    comes && `${comes} into the signature.`,
    atTheNote.length > 0 &&
      `${atTheNote.map(w.noteWithSign).join(' and ')} ${atTheNote.length === 1 ? 'is' : 'are'} written at the note.`,
  ];
  return { text: shiftText(w, fact), reason: lines.filter(Boolean).join(' ') || null };
}

function shiftText(w: ClassWords, { tonic, was, instead, from, to }: Of<'signature-shift'>): string {
  const key = w.key(tonic, was);
  if (from === to) return `It keeps the signature of ${key}: ${signCount(from)}.`;
  if (instead)
    return `With its parent's signature it would have ${signCount(to)} for ${signCount(from)}: ${shiftWords(from, to)}.`;
  return `From the signature of ${key}, ${signCount(from)}, to ${signCount(to)}: ${shiftWords(from, to)}.`;
}

/** The key on the tonic under whose signature a class writes a mode, and why that one. */
function underTonicLine(w: ClassWords, { tonic, scale, near }: Of<'under-tonic'>): SaidStep {
  return {
    text: `${w.scale(tonic, scale)} is written with the signature of ${w.key(tonic, near)}.`,
    reason: `Its third is ${near}.`,
  };
}

function writtenUnderLine(w: ClassWords, fact: Of<'written-under'>): SaidStep {
  const { tonic, near, count, notes } = fact;
  const { text } = underTonicLine(w, { ...fact, code: 'under-tonic' });
  const signs = `${w.key(tonic, near)} has ${signCount(count)}`;
  const at = notes.map(w.noteWithSign).join(' and ');
  return {
    text,
    reason:
      notes.length === 0
        ? `${signs}.`
        : `${signs}; ${at} ${notes.length === 1 ? 'has its sign' : 'have their signs'} at the note.`,
  };
}

function parentLine(w: ClassWords, { tonic, parent, down }: Of<'parent-degree'>): SaidStep {
  const steps = (count: number) => `${numberWord(count)} ${count === 1 ? w.half : w.halves}`;
  const other = 12 - down < down ? `, or ${steps(12 - down)} up` : '';
  return {
    text: `${w.note(tonic)} is the ${w.degree(tonic, parent)} of ${w.key(parent, 'major')}: ${steps(down)} down to ${w.note(parent)}${other}.`,
    reason: null,
  };
}

/** The key a chain passes: minor forms are their minor key, since nothing is raised on the way. */
function sayKeyOf(w: ClassWords, tonic: SpelledNote, scale: ScaleId): string {
  const { mode } = PATTERNS[scale];
  return mode === 'major' || mode === 'minor' ? w.key(tonic, mode) : w.scale(tonic, scale);
}

function chainStartLine(w: ClassWords, { tonic, scale, up, links }: Of<'chain-start'>): SaidStep {
  // A minor form has its key's signature, and what is raised above it comes at the end.
  const start = `${sayKeyOf(w, tonic, scale)} has no sharps or flats`;
  if (links === 0) return { text: `${start}: the chain ends where it begins.`, reason: null };
  const fourths = !up && w.settings.flatsBy === 'fourth-up';
  const size = fourths ? 'fourth' : 'fifth';
  const many = links === 1 ? `one ${size}` : `${numberWord(links)} ${size}s`;
  const text = `${start}. From there ${many} ${up || fourths ? 'up' : 'down'}, one ${up ? 'sharp' : 'flat'} each.`;
  return { text, reason: 'Each time keep all, and add one.' };
}

function chainLinkLine(w: ClassWords, { tonic, scale, sign }: Of<'chain-link'>): SaidStep {
  const degree = sign.letter === tonic.letter ? 'its tonic' : `its ${w.degree(sign, tonic)}`;
  const text = `${sayKeyOf(w, tonic, scale)}: ${w.note(sign)} comes, ${degree}.`;
  if (PATTERNS[scale].mode !== 'major') return { text, reason: null };
  const reason =
    sign.alteration > 0
      ? `It is the ${w.letterWord} before the tonic, with ${sign.alteration === 2 ? 'a double sharp' : 'its sharp'}.`
      : 'A flat always comes on the fourth note of the new major key.';
  return { text, reason };
}

function windowLine(w: ClassWords, { tonic, scale, place, window }: Of<'window-place'>): SaidStep {
  const { mode } = PATTERNS[scale];
  const name = mode === 'minor' || mode === 'major' ? mode : w.scaleWord(scale);
  const at = place === 1 ? 'the first' : `the ${ordinal(place)}`;
  return {
    text: `${w.note(tonic)} stands as ${at} of seven neighbours on the line of fifths: ${w.noteList(window)}.`,
    reason: `The place of the tonic is the mode: ${at} is ${name}.`,
  };
}

function windowRaiseLine(w: ClassWords, { tonic, from, to, past }: Of<'window-raise'>): SaidStep {
  const many = past === 1 ? 'one place' : `${numberWord(past)} places`;
  return {
    text: `Raise the ${w.degree(from, tonic)}: ${w.noteWithSign(from)} becomes ${w.noteWithSign(to)}.`,
    reason: `A raised note goes seven places along the line, here ${many} past the window.`,
  };
}

/** Why a method cannot serve a scale. */
export function sayWhyNot(w: ClassWords, { code, method }: MethodProblem): string {
  return `${w.method(method)}: ${whyNotReason(code)}`;
}

/** The same of all methods that cannot, those of one reason together, by the names of their tabs. */
export function sayWhyNotAll(w: ClassWords, problems: readonly MethodProblem[]): string {
  const codes = [...new Set(problems.map(({ code }) => code))];
  const lines = codes.map((code) => {
    const tabs = problems.filter((problem) => problem.code === code).map(({ method }) => w.methodTab(method));
    return `${tabs.join(', ')}: ${whyNotReason(code)}`;
  });
  return lines.join(' ');
}

function whyNotReason(code: MethodProblem['code']): string {
  switch (code) {
    case 'no-signature':
      return `typed steps have no signature of their own.`;
    case 'no-parallel':
      return `the major on this tonic would need a third sign.`;
    case 'own-parallel':
      return `major is what the others are compared with.`;
    case 'not-seven':
      return `only for scales of seven steps.`;
    case 'own-parent':
      return `major is its own parent.`;
  }
}
