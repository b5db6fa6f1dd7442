import type { ScaleHabit } from '../../mark/habit';
import type { HabitSaying } from './habit-case';

type FormHabit =
  | 'seventh-not-raised'
  | 'sixth-and-seventh-not-raised'
  | 'sixth-raised'
  | 'sixth-not-raised'
  | 'form-unasked'
  | 'raised-coming-down'
  | 'one-restored'
  | 'raised-other-degree'
  | 'lowered-instead'
  | 'raised-is-sharp';

/** Habits in the minor forms. */
export const FORM_HABITS: Readonly<Record<FormHabit, HabitSaying>> = {
  'seventh-not-raised': ({ w, asked, the, note, tonic, practice }) => ({
    name: `Left ${the(7)} as the signature has it`,
    why: `${asked} raises ${the(7)} above its signature; here it stands unraised.`,
    say: `Sing from ${the(7)} up to ${tonic}. Is it ${w.aStep(1)}? ${note(7)} leads home; the note you wrote does not.`,
    cure: `Write ${practice}. Before the last note, check that it is reached by ${w.aStep(1)}.`,
  }),
  'sixth-and-seventh-not-raised': ({ w, asked, the, note, practice }) => ({
    name: `Raised neither ${the(6)} nor ${the(7)}`,
    why: `The natural form stands where ${asked} was asked: both of its raised notes are missing.`,
    say: `Melodic minor rises with ${note(6)} and ${note(7)}. Look at your last four notes: which of the steps is ${w.aStep(1)}?`,
    cure: `Write only the upper four notes of ${practice}, going up and coming down, and compare.`,
  }),
  'sixth-raised': ({ w, asked, the, practice }) => ({
    name: `Raised ${the(6)} as well as ${the(7)}`,
    why: `It is the melodic form going up, written for the harmonic.`,
    say: `${asked} raises only ${the(7)}. Look for ${w.aStep(3)} between ${the(6)} and ${the(7)}; yours has none.`,
    cure: `Write ${practice} and mark its widest step.`,
  }),
  'sixth-not-raised': ({ w, asked, the, practice }) => ({
    name: `Raised ${the(7)} but not ${the(6)}`,
    why: `It is the harmonic form, written for the melodic.`,
    say: `${asked} smooths the wide step: between ${the(6)} and ${the(7)} it wants ${w.aStep(2)}. What is yours?`,
    cure: `Write ${practice} going up, and name the step between every two notes.`,
  }),
  'form-unasked': ({ asked, practice }) => ({
    name: 'Raised notes of a natural minor',
    why: `${asked} takes its signature as it stands; here notes are raised above it.`,
    say: 'Natural minor is the signature and nothing more. Which sign did you add, and who asked for it?',
    cure: `Write ${practice} from its signature alone, then say which note the other forms would raise.`,
  }),
  'raised-coming-down': ({ the, asked, practice }) => ({
    name: 'Kept the raised notes coming down',
    why: `${asked} gives ${the(6)} and ${the(7)} back on the way down; here both stay raised.`,
    say: 'Up it reaches for home, down it lets go. Which two notes change when you turn round?',
    cure: `Write ${practice} up and down, and put the two notes that change in a ring.`,
  }),
  'one-restored': ({ the, asked, practice }) => ({
    name: 'Gave back one of the raised notes, not both',
    why: `Coming down, ${asked} gives back ${the(7)} and ${the(6)}; here one of them stays raised.`,
    say: 'Coming down it is the natural form. Read the signature once more and follow it for both notes.',
    cure: `Write only the first four notes of ${practice} coming down.`,
  }),
  'raised-other-degree': ({ the, note, asked, practice }) => ({
    name: `Raised another note instead of ${the(7)}`,
    why: `${asked} raises ${the(7)}, ${note(7)}; here another degree is raised and that one is not.`,
    say: 'Count up from the tonic and stop one note before the octave. That is the one to raise.',
    cure: `Number the notes of ${practice} from 1 to 8, then raise number 7 and no other.`,
  }),
  'lowered-instead': ({ the, note, asked, practice }) => ({
    name: 'Lowered what should be raised',
    why: `${asked} raises ${the(7)} to ${note(7)}; here it goes down instead.`,
    say: 'Raising brings it nearer to the octave. Is the note you wrote nearer, or further away?',
    cure: `Play the last three notes of ${practice} and write what you hear.`,
  }),
  'raised-is-sharp': ({ the, note, asked, practice }) => ({
    name: 'Took raising for a sharp',
    why: `${asked} raises ${the(7)} to ${note(7)}; raising starts from the sign the signature gives.`,
    say: 'Raised is not the same as sharp. From a flat it leads to a natural, from a sharp to a double sharp.',
    cure: `Say what raising makes of a flat, a natural and a sharp; then write ${practice}.`,
  }),
};

type SignatureHabit =
  | 'signature-ignored'
  | 'one-too-few'
  | 'one-too-many'
  | 'order-swapped'
  | 'kind-swapped'
  | 'parallel-signature'
  | 'relative-tonic'
  | 'own-major-signature'
  | 'parent-wrong-way'
  | 'parent-wrong-degree'
  | 'altered-twice';

/** Habits with the signature as a whole, its tonic or its parent. */
export const KEY_HABITS: Readonly<Record<SignatureHabit, HabitSaying>> = {
  'signature-ignored': ({ w, asked, signs, practice }) => ({
    name: `Wrote plain ${w.letterWords}`,
    why: `The key of ${asked} has ${signs}; here none of them was used.`,
    say: `The ${w.letterWords} are right. Which signs belong to this key? Say them in order, then write them in.`,
    cure: `Say the signs of ${practice} in order before writing its first note.`,
  }),
  'one-too-few': ({ asked, signs, practice }) => ({
    name: 'Stopped one sign too early',
    why: `The key of ${asked} has ${signs}; here the last of them is missing.`,
    say: 'Say the order as far as this key needs it. By what do you know when to stop?',
    cure: `Say the signs of ${practice} in order, and the rule by which you stop.`,
  }),
  'one-too-many': ({ asked, signs, practice }) => ({
    name: 'Went one sign too far',
    why: `The key of ${asked} has ${signs}; here one more of the order was used.`,
    say: 'Say the order slowly, and after each sign ask whether this key is reached.',
    cure: `Say the signs of ${practice} in order, and stop aloud at the last one.`,
  }),
  'order-swapped': ({ asked, signs, practice }) => ({
    name: 'Took the order from its wrong end',
    why: `${asked} has ${signs}: as many stand here, but counted from the other end of the order.`,
    say: 'How many was right. Sharps and flats share one row, read from opposite ends: where do the sharps begin?',
    cure: `Say the orders of sharps and of flats once each, then write ${practice}.`,
  }),
  'kind-swapped': ({ asked, signs, practice }) => ({
    name: 'Took the other kind of sign',
    why: `${asked} has ${signs}; here just as many of the other kind were used.`,
    say: 'The number is right. Is this key on the side of the sharps or of the flats? How can you tell from its name?',
    cure: `Sort ten keys into sharps and flats by their names alone; then write ${practice}.`,
  }),
  'parallel-signature': ({ w, asked, signs, practice }) => ({
    name: `Used the signature of the ${w.parallelWord} key`,
    why: `${asked} has ${signs}; here stand those of the other key on the same tonic.`,
    say: 'Major and minor on one tonic lie three signs apart. Which of the two did you write?',
    cure: `Write both keys on the tonic of ${practice} below each other and ring what changes.`,
  }),
  'relative-tonic': ({ w, asked, tonic, practice }) => ({
    name: `Began on the tonic of the ${w.relative}`,
    why: `The signs are those of ${asked}, but the scale begins on the home note of the other key that has them.`,
    say: `The signature is right. It has two home notes. Where does a scale of ${tonic} begin and end?`,
    cure: `Write ${practice}: its first and its last note before anything else.`,
  }),
  'own-major-signature': ({ asked, tonic, practice }) => ({
    name: 'Wrote the mode with the signature of its own major',
    why: `It has the signs of the major key on ${tonic}; ${asked} takes those of its parent.`,
    say: 'A mode borrows the notes of another major key. Which key is this one at home in?',
    cure: `Find the parent of ${practice}, write that scale, and start it on the right note.`,
  }),
  'parent-wrong-way': ({ asked, practice }) => ({
    name: 'Counted to the parent the wrong way',
    why: `The parent of ${asked} was sought above its tonic instead of below, or the other way round.`,
    say: 'The mode starts on a degree of its parent. Is the parent above that note, or under it?',
    cure: `Name the parent of ${practice} and prove it: count up from the parent to the mode's first note.`,
  }),
  'parent-wrong-degree': ({ asked, practice }) => ({
    name: 'Took the parent one degree off',
    why: `The signs are those of a mode next to ${asked} in the row of modes.`,
    say: 'On which degree of its parent does this mode begin? Count with a finger for each degree.',
    cure: `Say the modes in order with their degrees, then write ${practice}.`,
  }),
  'altered-twice': ({ asked, the, practice }) => ({
    name: 'Lowered what the signature had lowered already',
    why: `The signature of ${asked} is there, and ${the(3)}, ${the(6)} and ${the(7)} went down once more.`,
    say: 'Two ways to the minor were mixed. Either take its signature, or lower three notes of the major; not both.',
    cure: `Write ${practice} by each of the two ways, on two staves, and compare.`,
  }),
};

type OtherHabit = Exclude<ScaleHabit, FormHabit | SignatureHabit>;

/** Habits of spelling, reading, counting and single slips. */
export const ROW_HABITS: Readonly<Record<OtherHabit, HabitSaying>> = {
  respelled: ({ w, asked, practice }) => ({
    name: `Chose by sound, not by ${w.letterWord}`,
    why: `It sounds like ${asked}; but a scale takes each ${w.letterWord} once, and here one is skipped and another stands twice.`,
    say: `It sounds right. Read me the ${w.letterWords} alone, in order. Which one is missing?`,
    cure: `Write the ${w.letterWords} of ${practice} first, all of them, and the signs afterwards.`,
  }),
  'clef-misread': ({ w, practice }) => ({
    name: 'Read the staff as in another clef',
    why: `All the notes lie just as far from the right ones as the two clefs do.`,
    say: `The shape is right. Which ${w.letterWord} does this clef put on its line? Start again from there.`,
    cure: `Write ${practice} in both clefs, one under the other.`,
  }),
  'stuck-accidental': ({ asked, practice }) => ({
    name: 'Carried a sign on to the next note',
    why: `A note of ${asked} that has no sign got the one before it.`,
    say: 'A sign belongs to one note. Which note was it meant for, and which one caught it as well?',
    cure: `Write ${practice} and say after each note: sign, or no sign.`,
  }),
  'natural-half-step-forgotten': ({ w, asked, practice }) => ({
    name: `Forgot a ${w.half} between two plain ${w.letterWords}`,
    why: `${w.letter('E')} to ${w.letter('F')}, or ${w.letter('B')} to ${w.letter('C')}, was counted as ${w.aStep(2)} in ${asked}.`,
    say: `Look at the keyboard. Between which white keys is there no black one?`,
    cure: `Mark ${w.letter('E')}–${w.letter('F')} and ${w.letter('B')}–${w.letter('C')} on the letters of ${practice} before writing a sign.`.replace(
      'letters',
      w.letterWords,
    ),
  }),
  'counted-start': ({ w, practice }) => ({
    name: 'Counted the starting note as a step',
    why: `Every step came out ${w.aStep(1)} too small, as if the note it starts from were counted.`,
    say: 'A step is the way from one note to the next. On which key do you say one?',
    cure: `Walk ${practice} on the keyboard: say nothing on the first key, and one on the next.`,
  }),
  'half-step-misplaced': ({ w, asked, practice }) => ({
    name: `Put the ${w.halves} in other places`,
    why: `The row has five ${w.wholes} and two ${w.halves}, but not where ${asked} has them, and no scale has them so.`,
    say: `Say the pattern of this scale aloud, and lay a finger between the notes at each ${w.half}.`,
    cure: `Draw the steps of ${practice} first, as signs in a row; then the notes beneath.`,
  }),
  'wrong-mode': ({ asked, practice }) => ({
    name: 'Wrote another scale on the same tonic',
    why: `The notes are right for a scale with another name; ${asked} was asked.`,
    say: 'It is a real scale, only not this one. What makes the one I asked for different from it?',
    cure: `Write ${practice} and the scale you wrote, from one tonic, and ring what differs.`,
  }),
  'accidental-missing': ({ asked, practice }) => ({
    name: 'Left out one sign',
    why: `One sign of ${asked} is missing, and no other habit fits: perhaps a slip.`,
    say: 'One sign is missing. Check each note against the signs of the key and find it.',
    cure: `Write ${practice}, then read it back against its signs in order.`,
  }),
  'accidental-extra': ({ asked, practice }) => ({
    name: 'One sign too many, or another one',
    why: `One note of ${asked} has a sign it should not have, and no other habit fits: perhaps a slip.`,
    say: 'One note has a sign of its own. Which one, and where would it come from?',
    cure: `Write ${practice}, and for each sign say which rule asks for it.`,
  }),
};
