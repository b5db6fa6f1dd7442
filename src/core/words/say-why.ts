import type { MethodId } from '../derive/derivation';
import { letterAfter } from '../note/letter';
import { noteNamed } from '../note/parse';
import { type Fifths, fifths, fifthsOf, noteAtFifths, type SpelledNote } from '../note/spelled';
import { MODE_PLACE } from '../scale/mode';
import { PATTERNS } from '../scale/pattern';
import { type Scale, scaleNamed } from '../scale/scale';
import {
  accidentalsOf,
  isPrintable,
  ORDER_OF_FLATS,
  ORDER_OF_SHARPS,
  ownerOf,
  signatureOf,
} from '../scale/signature';
import type { ClassWords } from './class-words';
import { degreeIn, numberWord, signCount } from './vocabulary';

/** Rules a teacher uses, by what is asked of each: why does it hold? */
export const WHY_IDS = [
  'one-letter',
  'pattern',
  'orders',
  'last-sharp',
  'last-but-one-flat',
  'f-major',
  'tetrachords',
  'relative',
  'minor-names',
  'parallel',
  'raised-seventh',
  'raised-not-sharp',
  'mode-places',
  'enharmonic',
  'chromatic',
] as const;

export type WhyId = (typeof WHY_IDS)[number];

/** A short derivation behind a rule, one fact a line. */
export type Why = { readonly id: WhyId; readonly title: string; readonly lines: readonly string[] };

/** Rules behind each method, the nearest first. */
const BEHIND: Readonly<Record<MethodId, readonly WhyId[]>> = {
  'step-pattern': ['one-letter', 'pattern'],
  tetrachords: ['tetrachords', 'pattern'],
  signature: ['pattern', 'orders', 'last-sharp', 'last-but-one-flat', 'f-major'],
  parallel: ['parallel', 'raised-not-sharp'],
  parent: ['relative', 'mode-places'],
  chain: ['pattern', 'orders'],
  window: ['mode-places', 'parallel'],
};

/** The rules that stand behind a scale and a method, the nearest first, then all others in their order. */
export function whysFor(w: ClassWords, scale: Scale, method: MethodId): readonly Why[] {
  const own: WhyId[] = [...BEHIND[method]];
  // What moves the window to another mode is its place; minor is one case of it, and told after it.
  const mode = scale.id && PATTERNS[scale.id].mode;
  if (
    mode &&
    mode !== 'major' &&
    mode !== 'minor' &&
    own.some((id) => id === 'parallel' || id === 'relative')
  )
    own.unshift('mode-places');
  if (scale.id === 'chromatic') own.unshift('chromatic');
  if (scale.raised.length > 0) own.unshift('raised-seventh');
  const order = [...new Set([...own, ...WHY_IDS])];
  return order.map((id) => sayWhy(w, id, scale));
}

/** Why a rule holds, with notes of the scale where it serves as an example. */
export function sayWhy(w: ClassWords, id: WhyId, scale: Scale): Why {
  return { id, ...WHYS[id](w, scale) };
}

type Said = Omit<Why, 'id'>;

const n = noteNamed;

/** A major key that has signs of the wanted kind: the scale's own if it can be printed, or else one of three signs. */
function example(
  scale: Scale,
  kind: 1 | -1,
  least = 1,
): { readonly tonic: SpelledNote; readonly count: Fifths } {
  const own = scale.signature;
  const fits = own !== null && isPrintable(own) && own * kind >= least;
  const count = fits ? own : fifths(3 * kind);
  const tonic = ownerOf(count, 'major');
  if (!tonic) throw new RangeError(`no major of ${count}`);
  return { tonic, count };
}

function majorOn(tonic: SpelledNote): readonly SpelledNote[] {
  const reading = scaleNamed(tonic, 'major');
  if (!reading.ok) throw new RangeError('the major of an example can be spelled');
  return reading.scale.ascending;
}

/** A degree as the class calls it, by its distance from major's in semitones. */
function degree(w: ClassWords, number: number, alteration: -1 | 0 = 0): string {
  return degreeIn(w.settings.degrees, number, alteration);
}

/** Which way flats follow each other, as the class says it. */
function flatWay({ settings }: ClassWords): string {
  return settings.flatsBy === 'fourth-up' ? 'fourths up' : 'fifths down';
}

function at(notes: readonly SpelledNote[], degree: number): SpelledNote {
  return notes[degree - 1] as SpelledNote;
}

const WHYS: Readonly<Record<WhyId, (w: ClassWords, scale: Scale) => Said>> = {
  'one-letter': (w) => ({
    title: `Why each ${w.letterWord} stands once`,
    lines: [
      `A scale of seven notes has seven ${w.letterWords}, so each line and each space is used once.`,
      `Write ${w.note(n('A#'))} for ${w.note(n('Bb'))} in ${w.key(n('F'), 'major')}, and ${w.letter('A')} stands twice while ${w.letter('B')} is missing.`,
      `Each ${w.note(n('A#'))} would then need its sign and each ${w.letter('A')} a natural again, every time they meet.`,
      `With one ${w.letterWord} a note, one signature says it for the whole line.`,
    ],
  }),
  pattern: (w, scale) => {
    const { tonic, count } = example(scale, scale.signature !== null && scale.signature < 0 ? -1 : 1);
    const way = count > 0 ? 'above' : 'below';
    return {
      title: 'Why the pattern makes these signatures',
      lines: [
        `Plain ${w.letterWords} from ${w.letter('C')} have their ${w.halves} at ${w.letter('E')}–${w.letter('F')} and ${w.letter('B')}–${w.letter('C')}: between 3 and 4, between 7 and 8. That is major.`,
        `From ${w.letter('G')}, a fifth up, the same ${w.letterWords} fit but for one: ${w.letter('F')} lies a ${w.whole} below ${w.letter('G')}, and the pattern wants a ${w.half}. Raise it: ${w.note(n('F#'))}.`,
        `From ${w.letter('F')}, a fifth down, they fit but for one: ${w.letter('B')} lies a ${w.whole} above ${w.letter('A')}, and the pattern wants a ${w.half}. Lower it: ${w.note(n('Bb'))}.`,
        'From each new key the next fifth changes one note more, and keeps the others.',
        `${w.key(tonic, 'major')} lies ${numberWord(Math.abs(count))} ${Math.abs(count) === 1 ? 'fifth' : 'fifths'} ${way} ${w.letter('C')}: ${w.noteList(accidentalsOf(count))}.`,
      ],
    };
  },
  orders: (w) => ({
    title: 'Why the two orders mirror each other',
    lines: [
      `The new sharp is always the ${degree(w, 7)} of the new key. Keys with sharps follow each other by fifths up, so the sharps do too: ${w.noteList(ORDER_OF_SHARPS)}.`,
      `The new flat is always the ${degree(w, 4)} of the new key. Keys with flats follow each other by ${flatWay(w)}, so the flats do too: ${w.noteList(ORDER_OF_FLATS)}.`,
      `Fifths up and ${flatWay(w)} are one line, read from its one end or from its other.`,
      `The seven plain ${w.letterWords} on that line run from ${w.letter('F')} to ${w.letter('B')}: ${w.letter('F')} is the first to be raised, ${w.letter('B')} the first to be lowered.`,
    ],
  }),
  'last-sharp': (w, scale) => {
    const { tonic, count } = example(scale, 1);
    const last = accidentalsOf(count).at(-1) as SpelledNote;
    return {
      title: 'Why the last sharp leads to the key',
      lines: [
        `The sharp that came last was put on the ${degree(w, 7)}, to lie a ${w.half} below the tonic.`,
        `So the tonic is a diatonic ${w.halfTerm} above it: the next ${w.letterWord}, with the sign it has in the signature.`,
        `Here: above ${w.note(last)} stands ${w.note(tonic)}.`,
        `With six sharps the last is ${w.note(n('E#'))}, and above it stands ${w.note(n('F#'))}, not ${w.letter('F')}: ${w.note(n('E#'))} and ${w.letter('F')} are one key on the keyboard.`,
      ],
    };
  },
  'last-but-one-flat': (w, scale) => {
    const { tonic, count } = example(scale, -1, 2);
    const [before, last] = accidentalsOf(count).slice(-2) as [SpelledNote, SpelledNote];
    return {
      title: 'Why the last but one flat names the key',
      lines: [
        `The last flat is always the ${degree(w, 4)} of the major key: here ${w.note(last)}.`,
        `Flats follow each other by ${flatWay(w)}, so the one before it lies a fifth above it: ${w.note(before)}.`,
        `A fifth above the ${degree(w, 4)} is the octave: 4 5 6 7 8 are five.`,
        `So the last but one flat is the tonic, with its flat: ${w.key(tonic, 'major')}.`,
      ],
    };
  },
  'f-major': (w) => {
    const cases = [-1, -3, -5].map((count) => {
      const last = accidentalsOf(fifths(count)).at(-1) as SpelledNote;
      const tonic = ownerOf(fifths(count), 'major') as SpelledNote;
      return `${w.note(last)} to ${w.note(tonic)}`;
    });
    return {
      title: `Why ${w.key(n('F'), 'major')} is the exception, and how it vanishes`,
      lines: [
        `${w.key(n('F'), 'major')} has one flat: ${w.note(n('Bb'))}. There is no last but one to name it.`,
        `One fifth above ${w.note(n('Bb'))} stands ${w.letter('F')}, a plain ${w.letterWord} and no flat. It is the only flat major key with a plain name.`,
        `The rule behind it has no exception: the last flat is the ${degree(w, 4)}, so the tonic lies a fourth below it.`,
        `Count a fourth down from the last flat: ${cases.join(', ')}. One rule for every flat key.`,
      ],
    };
  },
  tetrachords: (w, scale) => {
    const { tonic } = example(scale, 1);
    const notes = majorOn(tonic);
    const upper = notes.slice(4, 8);
    const next = majorOn(at(notes, 5));
    const steps = [2, 2, 1].map(w.stepLetters).join(' ');
    return {
      title: 'Why one tetrachord serves two keys',
      lines: [
        `Both tetrachords of major are ${steps}, a ${w.whole} apart, so the upper one can begin a scale of its own.`,
        `${w.noteList(upper)} ends ${w.key(tonic, 'major')} and begins ${w.key(at(next, 1), 'major')}, a fifth higher.`,
        `What is new lies in the tetrachord that follows: ${w.noteList(next.slice(4, 8))}.`,
        `Its third note had to be raised to lie a ${w.half} below the top: ${w.note(at(next, 7))}, the one new sharp.`,
      ],
    };
  },
  relative: (w, scale) => {
    const major = example(scale, scale.signature !== null && scale.signature < 0 ? -1 : 1).tonic;
    const notes = majorOn(major);
    const six = at(notes, 6);
    return {
      title: `Why ${w.settings.relatives === 'german' ? `the ${w.relative}` : `the ${w.relative} minor`} shares the signature`,
      lines: [
        `Begin ${w.key(major, 'major')} on its sixth note and go to its octave: ${w.noteList([...notes.slice(5, 7), ...notes.slice(0, 6)])}.`,
        'No note has changed, so no sign has changed.',
        `The steps now read ${PATTERNS['natural-minor'].rising.map(w.stepLetters).join(' ')}: natural minor, ${w.key(six, 'minor')}.`,
        `From 6 to 8 lie a ${w.whole} and a ${w.half}, three ${w.halves}: that is how far the two tonics are apart.`,
      ],
    };
  },
  'minor-names': (w, scale) => {
    const { count } = example(scale, 1);
    const last = accidentalsOf(count).at(-1) as SpelledNote;
    const minor = ownerOf(count, 'minor') as SpelledNote;
    const flat = example(scale, -1);
    const flatMinor = ownerOf(flat.count, 'minor') as SpelledNote;
    return {
      title: 'Why the last sharp and the flat-side major name the minor key',
      lines: [
        `The last sharp is the ${degree(w, 7)} of the major key, and so the ${degree(w, 2)} of the minor key that shares the signature, whose tonic lies three ${w.halves} below the major one.`,
        `So the minor tonic lies a ${w.whole} below the last sharp: below ${w.note(last)} stands ${w.note(minor)}.`,
        `With flats, name the major key first and go a third down, three ${w.halves}: from ${w.note(flat.tonic)} to ${w.note(flatMinor)}.`,
      ],
    };
  },
  parallel: (w, scale) => {
    const printed = (['major', 'minor'] as const).every((mode) =>
      isPrintable(signatureOf(scale.tonic, mode)),
    );
    const tonic = printed ? scale.tonic : n('C');
    const notes = majorOn(tonic);
    const lowered = [3, 6, 7].map((degree) => at(notes, degree));
    const flat = lowered.map((note) => noteAtFifths(fifthsOf(note) - 7) as SpelledNote);
    const [major, minor] = [signatureOf(tonic, 'major'), signatureOf(tonic, 'minor')];
    return {
      title: `Why ${w.parallel('minor')} lies three places flatter`,
      lines: [
        `Minor lowers the ${degree(w, 3)}, the ${degree(w, 6)} and the ${degree(w, 7)} of the major on its tonic: ${w.noteList(lowered)} become ${w.noteList(flat)}.`,
        'On the line of fifths these three are the last in the window of the major key.',
        'A lowered note goes seven places down the line, so all three come to stand before the first.',
        `The window has moved by three: ${signCount(major)}, then ${signCount(minor)}.`,
      ],
    };
  },
  'raised-seventh': (w, scale) => {
    const tonic = scale.id && PATTERNS[scale.id].mode === 'minor' ? scale.tonic : n('A');
    const reading = scaleNamed(tonic, 'natural-minor');
    const notes = reading.ok ? reading.scale.ascending : [];
    const [six, seven] = [at(notes, 6), at(notes, 7)];
    const up = (note: SpelledNote) => noteAtFifths(fifthsOf(note) + 7) as SpelledNote;
    return {
      title: 'Why minor raises notes that its signature does not have',
      lines: [
        `In natural minor the ${degree(w, 7, -1)}, ${w.noteWithSign(seven)}, lies a ${w.whole} below the tonic and does not lead to it. Raised to ${w.noteWithSign(up(seven))} it lies a ${w.half} below ${w.note(tonic)}.`,
        `Then 6 to 7, ${w.note(six)} to ${w.noteWithSign(up(seven))}, are three ${w.halves}: ${w.scaleWord('harmonic-minor')}.`,
        `To sing it smoothly the ${degree(w, 6, -1)} is raised as well, ${w.noteWithSign(up(six))}: ${w.scaleWord('melodic-minor')}. Coming down nothing has to lead up, so both are restored.`,
        'The signature stays: a raised note comes and goes, so its sign stands at the note.',
      ],
    };
  },
  'raised-not-sharp': (w) => ({
    title: 'Why raised is not the same as sharp',
    lines: [
      `To raise is to go up a ${w.half} on the same ${w.letterWord}; which sign that takes depends on where the note was.`,
      `From a flat it takes a natural: ${w.note(n('Bb'))} becomes ${w.noteWithSign(n('B'))}, the ${degree(w, 7)} of ${w.key(n('C'), 'minor')}.`,
      `From a natural it takes a sharp: ${w.noteWithSign(n('G'))} becomes ${w.note(n('G#'))}, the ${degree(w, 7)} of ${w.key(n('A'), 'minor')}.`,
      `From a sharp it takes a double sharp: ${w.note(n('F#'))} becomes ${w.note(n('F##'))}, the ${degree(w, 7)} of ${w.key(n('G#'), 'minor')}.`,
    ],
  }),
  'mode-places': (w, scale) => {
    const id = scale.id && scale.signature !== null && isPrintable(scale.signature) ? scale.id : 'dorian';
    const tonic = id === scale.id ? scale.tonic : n('D');
    const { mode } = PATTERNS[id];
    const place = MODE_PLACE[mode];
    const count = signatureOf(tonic, mode);
    const own = fifthsOf(tonic);
    return {
      title: 'Why the place of the tonic is the mode',
      lines: [
        'A signature picks seven neighbours on the line of fifths. Any of the seven can be the tonic.',
        `In major it is the 2nd of the seven, in natural minor the 5th; each place further makes the scale one sign flatter than the major on the same tonic, and the 1st place, ${w.scaleWord('lydian')}, makes it one sign sharper.`,
        `${w.note(tonic)} has the number ${signed(own)} on the line, counted from ${w.letter('C')}; less ${signed(place)} for ${mode === 'minor' || mode === 'major' ? mode : w.scaleWord(id)} makes ${signed(count)}: ${signCount(count)}.`,
      ],
    };
  },
  enharmonic: (w) => ({
    title: 'Why some keys have two names',
    lines: [
      `Twelve fifths make seven octaves, so the note twelve places along the line is the same key on the keyboard: ${w.note(n('Db'))} and ${w.note(n('C#'))}.`,
      'Twelve places are twelve signs: seven sharps sound like five flats, six like six, five like seven.',
      `Three pairs have seven signs or fewer on both sides: ${[
        ['B', 'Cb'],
        ['F#', 'Gb'],
        ['C#', 'Db'],
      ]
        .map(([one, other]) => `${w.note(n(one as string))} and ${w.note(n(other as string))}`)
        .join(', ')}.`,
    ],
  }),
  chromatic: (w) => ({
    title: 'Why a chromatic scale has sharps going up and flats coming down',
    lines: [
      `A raised note leads up, a lowered one down: ${w.note(n('C#'))} goes on to ${w.letter('D')}, ${w.note(n('Db'))} to ${w.letter('C')}.`,
      `It also needs fewer signs: ${w.letter('C')} ${w.note(n('C#'))} ${w.letter('D')} has one, ${w.letter('C')} ${w.note(n('Db'))} ${w.letter('D')} needs a natural as well.`,
      `What is in the key stays as the key spells it; ${w.letter(letterAfter('D', 1))}–${w.letter('F')} and ${w.letter('B')}–${w.letter('C')} have nothing between them.`,
    ],
  }),
};

function signed(count: number): string {
  return count < 0 ? `minus ${numberWord(-count)}` : count === 0 ? 'nought' : numberWord(count);
}
