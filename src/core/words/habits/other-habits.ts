import type { ScaleHabit } from '../../mark/habit';
import type { HabitId } from '../../mark/habit-id';
import type { HabitSaying } from './habit-case';

type NameHabit =
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

/** Habits in naming a key. */
export const NAME_HABITS_SAID: Readonly<Record<NameHabit, HabitSaying>> = {
  'named-last-flat': ({ asked, practice }) => ({
    name: 'Named the key by its last flat',
    why: `The last flat was taken for the tonic; for ${asked} it is not.`,
    say: 'The last flat is the newest one, not the home note. Which flat names the key?',
    cure: `Name three flat keys by the last flat but one, ${practice} among them.`,
  }),
  'named-last-sharp': ({ asked, practice }) => ({
    name: 'Named the key by its last sharp',
    why: `The last sharp was taken for the tonic; in ${asked} it is not.`,
    say: 'The last sharp wants to go up. Where does it lead?',
    cure: `From the last sharp of ${practice} sing one step up, and name the note you reach.`,
  }),
  'other-kinds-rule': ({ asked, practice }) => ({
    name: 'Used the rule of the other kind of signature',
    why: `Flats have one rule and sharps another; ${asked} was named by the wrong one.`,
    say: 'First say which kind you see. Then say the rule for that kind.',
    cure: `Name ${practice} and one key of the other kind, and say each rule aloud.`,
  }),
  'named-below-last-sharp': ({ w, asked, practice }) => ({
    name: 'Went down from the last sharp instead of up',
    why: `${asked} lies ${w.aStep(1)} above its last sharp; the name given lies under it.`,
    say: 'From the last sharp, which way lies the home note of a major key?',
    cure: `Say the last sharp of ${practice} and the note above it.`,
  }),
  'named-without-sign': ({ asked, tonic, practice }) => ({
    name: 'Left out the sign in the name',
    why: `The tonic of ${asked} is ${tonic}, sign and all; the plain one is another key.`,
    say: 'Look at the signature once more: is the home note itself among its signs?',
    cure: `Name the keys with six and seven signs, and ${practice}, each with its sign.`,
  }),
  'relative-wrong-way': ({ w, practice }) => ({
    name: `Went to the ${w.relative} the wrong way`,
    why: `Three ${w.halves} were counted, but in the other direction.`,
    say: 'Which of the two lies lower, the minor or the major? Check by their signatures: they must be the same.',
    cure: `Find the key that shares the signature of ${practice}, and prove it by writing both signatures.`,
  }),
  'named-relative': ({ w, asked, practice }) => ({
    name: `Named the ${w.relative}`,
    why: `It has the same signature as ${asked}, and the other mode.`,
    say: 'Two keys share this signature. Which of them was asked?',
    cure: `Name both keys of the signature of ${practice}, and say which is which.`,
  }),
  'relative-with-asked-mode': ({ w, asked, practice }) => ({
    name: `Took the tonic of the ${w.relative} and kept the mode`,
    why: `The mode was read as asked, but the home note is not that of ${asked}.`,
    say: 'You found a key of this signature, but its mode is the other one. Where is the home note of the mode I asked for?',
    cure: `For the signature of ${practice} say: major on this note, minor on that.`,
  }),
  'named-parallel': ({ w, asked, practice }) => ({
    name: `Named the ${w.parallelWord} key`,
    why: `The tonic is the same, but the mode is not that of ${asked}.`,
    say: 'The home note is right. Count the signs: which mode do they belong to?',
    cure: `Say the signatures of both keys on the tonic of ${practice}.`,
  }),
  'named-enharmonic': ({ asked, practice }) => ({
    name: 'Named the key that sounds the same',
    why: `It sounds like ${asked} and has another signature.`,
    say: 'On the keyboard it is the same. What kind of signs do you see on the staff?',
    cure: `Write both signatures that sound like ${practice}, or the three pairs of keys that sound alike.`,
  }),
  'named-neighbour': ({ asked, practice }) => ({
    name: 'Came out one place off on the circle',
    why: `The key next to ${asked} was named: one sign more or less.`,
    say: 'Count the signs once more, with a finger on each.',
    cure: `Say the signs of ${practice} in order and count them.`,
  }),
};

type RestHabit = Exclude<HabitId, NameHabit | ScaleHabit>;

/** Habits in signatures, counting, chords and transposing. */
export const REST_HABITS: Readonly<Record<RestHabit, HabitSaying>> = {
  'raised-in-signature': ({ the, asked, practice }) => ({
    name: 'Put the raised note into the signature',
    why: `Minor raises ${the(7)} with a sign at the note; the signature of ${asked} does not have it.`,
    say: 'Is every sign you wrote in the order of sharps or flats? The one that is not belongs to a note.',
    cure: `Write the signature of ${practice} and the raised note after it, at its place in the scale.`,
  }),
  'fifth-by-letters': ({ w, asked, practice }) => ({
    name: `Counted ${w.letterWords} and left out the sign`,
    why: `The ${w.letterWord} is right; in ${asked} it has a sign.`,
    say: `You counted well. Now ask the signature whether this ${w.letterWord} has a sign.`,
    cure: `Name the degrees of ${practice} with their signs, up and down.`,
  }),
  'letters-without-start': ({ w, practice }) => ({
    name: `Counted ${w.letterWords} without the first`,
    why: 'It comes out one too high, as if the note it starts from were not counted.',
    say: 'Which note do you call one? Count again with the first note as one.',
    cure: `Count the degrees of ${practice} on your fingers, the tonic on the thumb.`,
  }),
  'pattern-long': ({ w, practice }) => ({
    name: 'Said a step too many',
    why: `The steps add up to more than an octave of twelve ${w.halves}, or one was said twice.`,
    say: 'Eight notes have seven steps between them. Count yours.',
    cure: `Say the steps of ${practice} while walking its notes, and stop at the octave.`,
  }),
  'pattern-short': ({ w, practice }) => ({
    name: 'Said a step too few',
    why: `The steps do not reach the octave, twelve ${w.halves} up.`,
    say: 'Add them up. How much is missing to the octave, and where?',
    cure: `Say the steps of ${practice} while walking its notes, and stop at the octave.`,
  }),
  'case-swapped': ({ practice }) => ({
    name: 'Swapped large and small numerals',
    why: 'The degree is right; large is for major, small for minor, and here it is the other way round.',
    say: 'Listen to the third of this chord: major or minor? How do we write that?',
    cure: `Write the seven numerals of ${practice}, and say major or minor at each.`,
  }),
  'relative-numerals': ({ w, practice }) => ({
    name: `Counted in the ${w.relative}`,
    why: `It is the numeral this chord has in the other key with the same signature.`,
    say: 'The chord is right. Which note is home in this key? Count from there.',
    cure: `Write the chords of ${practice} with their numerals, then with those of the other key.`,
  }),
  'diminished-unmarked': ({ practice }) => ({
    name: 'Left the diminished chord unmarked',
    why: 'Its third is minor, but its fifth is too small as well, and that has a sign of its own.',
    say: 'Measure the fifth of this chord. What do we add to the numeral?',
    cure: `Find the diminished chord of ${practice}, and write its numeral.`,
  }),
  'transposed-wrong-way': () => ({
    name: 'Transposed the wrong way',
    why: 'The distance is right and the direction is not.',
    say: 'Does this instrument sound higher than its part, or lower? Then where must the part stand?',
    cure: 'Write one note for the instrument, play it, and check that the sounding note is the one asked.',
  }),
  'octave-forgotten': () => ({
    name: 'Forgot the octave',
    why: 'The note is right and stands an octave away.',
    say: 'This instrument is written more than an octave away. Add the octave to the distance.',
    cure: 'Say the whole distance of the instrument: octave and interval; then write two notes for it.',
  }),
};
