import type { MistakeId } from '../../mark/mistakes/all';
import { modeKey } from '../say-signature';
import type { MistakeCase, MistakeSaying } from './mistake-case';
import type { ScaleMistakeSaid } from './scale-mistakes';

type NameMistake =
  | 'named-last-flat'
  | 'named-last-sharp'
  | 'other-kinds-rule'
  | 'named-below-last-sharp'
  | 'named-without-sign'
  | 'relative-wrong-way'
  | 'named-relative'
  | 'relative-with-asked-mode'
  | 'named-parallel'
  | 'named-enharmonic'
  | 'named-neighbour';

/** Whether the answer is a name, so that a sentence may speak of it. */
const isName = ({ answer }: MistakeCase) => answer.named !== null;

/** Mistakes in naming a key. */
export const NAME_HABITS: Readonly<Record<NameMistake, MistakeSaying>> = {
  'named-last-flat': {
    name: 'Named the key by its last flat',
    why: ({ asked }) => `The last flat was taken for the tonic; the signature is that of ${asked}.`,
    say: 'The last flat is the newest one, not the home note. Which note is home?',
    cure: ({ practice }) =>
      `Name three flat keys by their signatures, ${practice} among them, and prove each by writing it.`,
  },
  'named-last-sharp': {
    name: 'Named the key by its last sharp',
    why: ({ asked }) => `The last sharp was taken for the tonic; the signature is that of ${asked}.`,
    say: 'The last sharp wants to go on. Where does it lead?',
    cure: ({ practice }) =>
      `Say the last sharp of three sharp keys and the note each leads to; then name ${practice}.`,
  },
  'other-kinds-rule': {
    name: 'Used the rule of the other kind of signature',
    why: ({ asked }) => `Flats have one rule and sharps another; the signature is that of ${asked}.`,
    say: 'First say which kind you see. Then say the rule for that kind.',
    cure: ({ practice }) => `Name ${practice} and one key of the other kind, and say each rule aloud.`,
  },
  'named-below-last-sharp': {
    name: 'Went down from the last sharp instead of up',
    why: ({ asked, tonic }) => `The signature is that of ${asked}: ${tonic} is home.`,
    say: 'From the last sharp, which way lies the home note of a major key?',
    cure: ({ practice }) =>
      `Say the last sharp of three sharp keys and the note above it; then name ${practice}.`,
  },
  'named-without-sign': {
    name: 'Left out the sign in the name',
    why: ({ tonic, named }) => `The tonic is ${tonic}, sign and all; ${named} is another key.`,
    say: 'Is the home note itself among the signs of the key?',
    cure: ({ practice }) => `Name the keys with six and seven signs, and ${practice}, each with its sign.`,
  },
  'relative-wrong-way': {
    name: ({ w }) => `Went to the ${w.relative} the wrong way`,
    why: (c) => {
      const { answer, w, asked, tonic } = c;
      if (!isName(c)) return `The ${w.relative} of ${asked} was sought below ${tonic}; it lies above.`;
      if (answer.asked.kind !== 'partner') return '';
      const up = answer.asked.question.mode === 'minor';
      return `From ${w.note(answer.asked.question.tonic)} it lies ${up ? 'above' : 'below'}; the name given lies on the other side.`;
    },
    say: 'Which of the two lies lower? Check by their signatures: they must be the same.',
    cure: ({ practice }) =>
      `Find the key that shares the signature of ${practice}, and prove it by writing both signatures.`,
  },
  'named-relative': {
    name: ({ w }) => `Named the ${w.relative}`,
    why: ({ answer, asked, named, w }) =>
      answer.asked.kind === 'partner'
        ? `${named} shares its signature with ${modeKey(w, answer.asked.question.tonic, answer.asked.question.mode)}; ${asked} was asked.`
        : `${named} has the same signature as ${asked}, and another mode.`,
    say: 'Say once more what was asked: the same signature, or the same tonic?',
    cure: ({ practice }) => `Name both keys of the signature of ${practice}, and say which is which.`,
  },
  'relative-with-asked-mode': {
    name: ({ w }) => `Took the tonic of the ${w.relative} and kept the mode`,
    why: ({ asked, tonic }) => `The mode is right, but the signature is that of ${asked}: ${tonic} is home.`,
    say: 'You found a key of this signature, but its mode is the other one. Where is the home note of the mode I asked for?',
    cure: ({ practice }) => `For the signature of ${practice} say: major on this note, minor on that.`,
  },
  'named-parallel': {
    name: ({ w }) => `Named the ${w.parallelWord} key`,
    why: ({ answer, asked, named, w }) =>
      answer.asked.kind === 'partner'
        ? `${named} has the same tonic as ${modeKey(w, answer.asked.question.tonic, answer.asked.question.mode)}; ${asked} was asked.`
        : `The tonic of ${named} is right, but the mode is not that of ${asked}.`,
    say: 'Say once more what was asked: the same tonic, or the same signature?',
    cure: ({ practice }) => `Say the signatures of both keys on the tonic of ${practice}.`,
  },
  'named-enharmonic': {
    name: 'Named the key that sounds the same',
    why: ({ named, asked }) => `${named} sounds like ${asked} and has another signature.`,
    say: 'On the keyboard it is the same. What kind of signs does the key have on the staff?',
    cure: ({ practice }) =>
      `Write both signatures that sound like ${practice}, or the three pairs of keys that sound alike.`,
  },
  'named-neighbour': {
    name: 'Came out one place off on the circle',
    why: ({ named, asked }) => `${named} stands next to ${asked} on the circle: one sign more or less.`,
    say: 'Count the signs once more, with a finger on each.',
    cure: ({ practice }) => `Say the signs of ${practice} in order and count them.`,
  },
};

type RestHabit = Exclude<MistakeId, NameMistake | ScaleMistakeSaid>;

/** Mistakes in signatures, counting, chords and transposing. */
export const REST_HABITS: Readonly<Record<RestHabit, MistakeSaying>> = {
  'raised-in-signature': {
    name: 'Put the raised note into the signature',
    why: ({ the, asked }) =>
      `Minor raises ${the(7)} with a sign at the note; the signature of ${asked} does not have it.`,
    say: 'Is every sign you wrote in the order of sharps or flats? The one that is not belongs to a note.',
    cure: ({ practice }) =>
      `Write the signature of ${practice} and the raised note after it, at its place in the scale.`,
  },
  'fifth-by-letters': {
    name: ({ w }) => `Counted ${w.letterWords} and left out the sign`,
    why: ({ w, answer }) =>
      answer.right[0]
        ? `The ${w.letterWord} is right; ${w.note(answer.right[0])} has a sign.`
        : `The ${w.letterWord} is right.`,
    say: ({ w }) => `You counted well. Now ask the signature whether this ${w.letterWord} has a sign.`,
    cure: ({ practice }) => `Name the degrees of ${practice} with their signs, up and down.`,
  },
  'letters-without-start': {
    name: ({ w }) => `Counted ${w.letterWords} without the first`,
    why: 'It comes out one too high, as if the note it starts from were not counted.',
    say: 'Which note do you call one? Count again with the first note as one.',
    cure: ({ practice }) => `Count the degrees of ${practice} on your fingers, the tonic on the thumb.`,
  },
  'pattern-long': {
    name: 'Said a step too many',
    why: ({ answer }) => `Seven steps lead through a scale; ${answer.steps?.length ?? 0} were said.`,
    say: 'Eight notes have seven steps between them. Count yours.',
    cure: ({ practice }) => `Say the steps of ${practice} while walking its notes, and stop at the octave.`,
  },
  'pattern-short': {
    name: 'Left a step out',
    why: ({ answer }) => `Seven steps lead through a scale; ${answer.steps?.length ?? 0} were said.`,
    say: 'Eight notes have seven steps between them. Count yours.',
    cure: ({ practice }) => `Say the steps of ${practice} while walking its notes, and stop at the octave.`,
  },
  'case-swapped': {
    name: 'Swapped large and small numerals',
    why: 'The degree is right; large is for major, small for minor, and here it is the other way round.',
    say: 'Listen to the third of this chord: major or minor? How do we write that?',
    cure: ({ practice }) => `Write the seven numerals of ${practice}, and say major or minor at each.`,
  },
  'relative-numerals': {
    name: ({ w }) => `Counted in the ${w.relative}`,
    why: 'It is the numeral this chord has in another key with the same signature.',
    say: 'The chord is right. Which note is home in this key? Count from there.',
    cure: ({ practice }) =>
      `Write the chords of ${practice} with their numerals, then with those of the other key.`,
  },
  'diminished-unmarked': {
    name: 'Left the diminished chord unmarked',
    why: 'Its third is minor, but its fifth is diminished as well, and that has a sign of its own.',
    say: 'Measure the fifth of this chord. What do we add to the numeral?',
    cure: ({ practice }) => `Find a diminished chord of ${practice}, and write its numeral.`,
  },
  'transposed-wrong-way': {
    name: 'Transposed the wrong way',
    why: ({ answer }) =>
      `The part stands too ${(answer.off ?? 0) > 0 ? 'high' : 'low'}: the distance was counted in the other direction.`,
    say: 'Does this instrument sound higher than its part, or lower? Then where must the part stand?',
    cure: 'Write one note for the instrument, play it, and check that the sounding note is the one asked.',
  },
  'octave-forgotten': {
    name: 'Forgot the octave',
    why: 'The note is right and stands an octave away from where it must.',
    say: ({ answer }) =>
      answer.asked.kind === 'transpose' && answer.octaves !== 0
        ? 'This instrument is written an octave away, or more. Count the octave as well.'
        : 'Count the octave as well.',
    cure: ({ answer }) =>
      answer.octaves === 0
        ? 'Say the whole distance of the instrument, and where it puts middle C; then write two notes for it.'
        : 'Say the whole distance of the instrument, its octave too; then write two notes for it.',
  },
};
