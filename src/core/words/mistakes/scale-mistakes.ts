import type { MistakeId } from '../../mark/mistakes/all';
import { pitchClass } from '../../note/spelled';
import type { MistakeCase, MistakeSaying } from './mistake-case';

type FormMistake =
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

/** `C♯ is wanted, C♮ stands`: what stands on degrees, as far as it does; else what is true without them. */
function standing({ stands }: MistakeCase, degrees: readonly number[], otherwise = ''): string {
  const found = degrees.flatMap((degree) => stands(degree) ?? []);
  if (found.length === 0) return otherwise;
  return `${found.map(({ want, got }) => `${want} is wanted where ${got} stands`).join(', ')}.`;
}

const joined = (...parts: readonly string[]) => parts.filter(Boolean).join(' ');

const DEGREES = [1, 2, 3, 4, 5, 6, 7] as const;

/** Mistakes in the minor forms. */
export const FORM_HABITS: Readonly<Record<FormMistake, MistakeSaying>> = {
  'seventh-not-raised': {
    name: ({ the }) => `Left ${the(7)} as the signature has it`,
    why: (c) => joined(`Here ${c.the(7)} is raised above the signature.`, standing(c, [7])),
    say: ({ w, the }) => `Sing from ${the(7)} up to the tonic. Is it ${w.aStep(1)}?`,
    cure: ({ w, practice }) =>
      `Write ${practice}. Before the last note, check that it is reached by ${w.aStep(1)}.`,
  },
  'sixth-and-seventh-not-raised': {
    name: ({ the }) => `Raised neither ${the(6)} nor ${the(7)}`,
    why: (c) => joined(`Rising, the melodic form raises both.`, standing(c, [6, 7])),
    say: ({ w }) => `Look at your last four notes: which of the steps is ${w.aStep(1)}?`,
    cure: ({ practice }) =>
      `Write only the upper four notes of ${practice}, going up and coming down, and compare.`,
  },
  'sixth-raised': {
    name: ({ the }) => `Raised ${the(6)} as well as ${the(7)}`,
    why: (c) => joined(`The harmonic form raises only ${c.the(7)}.`, standing(c, [6])),
    say: ({ w, the }) => `Look for ${w.aStep(3)} between ${the(6)} and ${the(7)}; yours has none.`,
    cure: ({ practice }) => `Write ${practice} and mark its widest step.`,
  },
  'sixth-not-raised': {
    name: ({ the }) => `Raised ${the(7)} but not ${the(6)}`,
    why: (c) => joined(`Rising, the melodic form raises both.`, standing(c, [6])),
    say: ({ w, the }) => `Between ${the(6)} and ${the(7)} it wants ${w.aStep(2)}. What is yours?`,
    cure: ({ practice }) => `Write ${practice} going up, and name the step between every two notes.`,
  },
  'form-unasked': {
    name: 'Raised notes of a natural minor',
    why: (c) =>
      joined(
        `Natural minor takes its signature as it stands; here something is raised above it.`,
        standing(c, [6, 7]),
      ),
    say: 'Natural minor is the signature and nothing more. What did you add, and who asked for it?',
    cure: ({ practice }) =>
      `Write ${practice} from its signature alone, then say which note the other forms would raise.`,
  },
  'raised-coming-down': {
    name: 'Kept the raised notes coming down',
    why: (c) => joined(`On the way down both are restored.`, standing(c, [7, 6])),
    say: 'Up it reaches for home, down it lets go. Which two notes change when you turn round?',
    cure: ({ practice }) => `Write ${practice} up and down, and put the two notes that change in a ring.`,
  },
  'one-restored': {
    name: 'Restored one of the raised notes, not both',
    why: (c) =>
      joined(`On the way down both are restored; here one of them stays raised.`, standing(c, [7, 6])),
    say: 'Coming down it is the natural form. Read the signature once more and follow it for both notes.',
    cure: ({ practice }) => `Write only the first four notes of ${practice} coming down.`,
  },
  'raised-other-degree': {
    name: ({ the }) => `Raised another note instead of ${the(7)}`,
    why: (c) => joined(`The harmonic form raises ${c.the(7)} and no other.`, standing(c, DEGREES)),
    say: 'Count up from the tonic and stop one note before the octave. That is the one to raise.',
    cure: ({ practice }) => `Number the notes of ${practice} from 1 to 8, then raise number 7 and no other.`,
  },
  'lowered-instead': {
    name: 'Lowered what should be raised',
    why: (c) => joined(`Raising brings a note nearer to the octave.`, standing(c, [6, 7])),
    say: 'Is the note you wrote nearer to the octave, or further away?',
    cure: ({ practice }) => `Play the last three notes of ${practice} and write what you hear.`,
  },
  'raised-is-sharp': {
    name: 'Took raising for a sharp',
    why: (c) => joined(`Raising starts from the sign the signature gives.`, standing(c, [6, 7])),
    say: 'Raised is not the same as sharp. From a flat it leads to a natural, from a sharp to a double sharp.',
    cure: ({ practice }) =>
      `Say what raising makes of a flat, a natural and a sharp; then write ${practice}.`,
  },
};

type SignatureMistake =
  | 'signature-ignored'
  | 'one-too-few'
  | 'one-too-many'
  | 'order-swapped'
  | 'kind-swapped'
  | 'parallel-signature'
  | 'relative-tonic'
  | 'tonic-sign-dropped'
  | 'own-major-signature'
  | 'parent-wrong-way'
  | 'parent-wrong-degree'
  | 'altered-twice';

/** `The signature of E major has four sharps`; nothing where no key was asked. */
function signed({ asked, signs }: MistakeCase): string {
  return asked ? `The signature of ${asked} has ${signs}.` : '';
}

/** Signs that are missing, or too many, where the answer is made of signs. */
function signsOff({ answer, row }: MistakeCase, which: 'missing' | 'extra'): string {
  const { kind } = answer.asked;
  if (kind !== 'signature' && kind !== 'name-signature' && kind !== 'order') return '';
  const signs = answer[which];
  if (signs.length !== 1) return '';
  return which === 'missing' ? `${row(signs)} is not there.` : `${row(signs)} is one too many.`;
}

/** Mistakes with the signature as a whole, its tonic or its parent. */
export const KEY_HABITS: Readonly<Record<SignatureMistake, MistakeSaying>> = {
  'signature-ignored': {
    name: ({ w }) => `Wrote plain ${w.letterWords}`,
    why: (c) => joined(signed(c), 'The signs of the signature were left out.'),
    say: ({ w }) =>
      `The ${w.letterWords} are right. Which signs belong to this key? Say them in order, then write them in.`,
    cure: ({ practice }) => `Say the signs of ${practice} in order before writing its first note.`,
  },
  'one-too-few': {
    name: 'Stopped one sign too early',
    why: (c) => joined(signed(c), signsOff(c, 'missing'), 'The order was stopped one sign early.'),
    say: 'Say the order as far as it is needed. By what do you know when to stop?',
    cure: ({ practice }) => `Say the signs of ${practice} in order, and the rule by which you stop.`,
  },
  'one-too-many': {
    name: 'Went one sign too far',
    why: (c) => joined(signed(c), signsOff(c, 'extra'), 'One more of the order was taken.'),
    say: 'Say the order slowly, and after each sign ask whether it is far enough.',
    cure: ({ practice }) => `Say the signs of ${practice} in order, and stop aloud at the last one.`,
  },
  'order-swapped': {
    name: 'Took the order from its wrong end',
    why: (c) => joined(signed(c), 'They were counted from the other end of the order.'),
    say: 'Sharps and flats share one row, read from opposite ends. Where does this order begin?',
    cure: ({ practice }) => `Say the orders of sharps and of flats once each, then write ${practice}.`,
  },
  'kind-swapped': {
    name: 'Took the other kind of sign',
    why: (c) => joined(signed(c), 'Just as many of the other kind were taken.'),
    say: 'The number is right. Which kind is meant, sharps or flats, and how can you tell?',
    cure: ({ practice }) =>
      `Sort ten keys into sharps and flats by their names alone; then write ${practice}.`,
  },
  'parallel-signature': {
    name: ({ w }) => `Used the signature of the ${w.parallelWord} key`,
    why: (c) => joined(signed(c), 'Here stands that of the other mode on the same tonic.'),
    say: 'Major and minor on one tonic lie three signs apart. Which of the two did you write?',
    cure: ({ practice }) =>
      `Write both keys on the tonic of ${practice} below each other and ring what changes.`,
  },
  'relative-tonic': {
    name: ({ w }) => `Began on the tonic of the ${w.relative}`,
    why: ({ tonic }) => `The signature is right; but it was counted from another home note than ${tonic}.`,
    say: ({ tonic }) =>
      `The signature has more than one home note. Where does a scale of ${tonic} begin and end?`,
    cure: ({ practice }) => `Write ${practice}: its first and its last note before anything else.`,
  },
  'tonic-sign-dropped': {
    name: 'Began on the tonic without its sign',
    why: ({ tonic, answer, w }) =>
      answer.key
        ? `${tonic} was asked. All else is right for ${w.letter(answer.key.tonic.letter)} without its sign.`
        : 'The sign of the tonic was left out.',
    say: 'Read the name of the key once more, sign and all. On which note does it begin?',
    cure: ({ practice }) => `Name the tonic of ${practice} aloud, sign and all, and write it first and last.`,
  },
  'own-major-signature': {
    name: 'Took the signature of the major on the same tonic',
    why: ({ asked, tonic }) =>
      `It has the signs of the major key on ${tonic}; ${asked} takes those of its parent.`,
    say: 'A mode borrows the notes of another major key. Which key is this one at home in?',
    cure: ({ practice }) =>
      `Find the parent of ${practice}, write that scale, and start it on the right note.`,
  },
  'parent-wrong-way': {
    name: 'Counted to the parent the wrong way',
    why: ({ asked, tonic }) => `The parent of ${asked} was sought above ${tonic}; it lies below.`,
    say: 'The mode starts on a degree of its parent. Is the parent above that note, or below it?',
    cure: ({ practice }) =>
      `Name the parent of ${practice} and prove it: count up from the parent to the first note.`,
  },
  'parent-wrong-degree': {
    name: 'Took the parent one degree off',
    why: ({ asked }) => `${asked} was counted on a neighbouring degree of its parent.`,
    say: 'On which degree of its parent does this mode begin? Count with a finger for each degree.',
    cure: ({ practice }) => `Say the modes in order with their degrees, then write ${practice}.`,
  },
  'altered-twice': {
    name: 'Lowered what the signature had lowered already',
    why: ({ the }) => `The signature is there, and ${the(3)}, ${the(6)} and ${the(7)} went down once more.`,
    say: 'Two ways to the minor were mixed. Either take its signature, or lower three notes of the major; not both.',
    cure: ({ practice }) => `Write ${practice} by each of the two ways, on two staves, and compare.`,
  },
};

type RowMistake =
  | 'respelled'
  | 'key-respelled'
  | 'clef-misread'
  | 'stuck-accidental'
  | 'natural-half-step-forgotten'
  | 'counted-start'
  | 'half-step-misplaced'
  | 'wrong-mode'
  | 'accidental-missing'
  | 'accidental-extra';

/** `A♯ sounds like B♭`: the notes that sound alike under another spelling. */
function sounding({ answer, w }: MistakeCase): string {
  const alike = answer.differences.filter(({ want, got }) => pitchClass(want) === pitchClass(got));
  return alike.map(({ want, got }) => `${w.note(got)} sounds like ${w.note(want)}`).join(', ');
}

function missingLetters({ answer, w }: MistakeCase): string {
  const letters = answer.missingLetters.map(w.letter);
  if (letters.length === 0) return '';
  return `${letters.join(' and ')} ${letters.length === 1 ? 'is' : 'are'} missing.`;
}

/** Mistakes of spelling, reading, counting and single slips. */
export const ROW_HABITS: Readonly<Record<RowMistake, MistakeSaying>> = {
  respelled: {
    name: ({ w }) => `Chose by sound, not by ${w.letterWord}`,
    why: (c) => joined(`${sounding(c)}; but the ${c.w.letterWord} is another one.`, missingLetters(c)),
    say: ({ w }) =>
      `It sounds right. Read me the ${w.letterWords} alone, in order. Which one should stand here?`,
    cure: ({ w, practice }) =>
      `Write the ${w.letterWords} of ${practice} first, all of them, and the signs afterwards.`,
  },
  'key-respelled': {
    name: 'Wrote the key that sounds the same',
    why: ({ asked }) => `It sounds like ${asked} and is spelled as another key.`,
    say: 'On the keyboard it is the same. With which note does the name of the key begin?',
    cure: ({ practice }) =>
      `Write both signatures that sound like ${practice}, or the three pairs of keys that sound alike.`,
  },
  'clef-misread': {
    name: 'Read the staff as in another clef',
    why: 'All the notes lie just as far from the right ones as two clefs do.',
    say: ({ w }) =>
      `The shape is right. Which ${w.letterWord} does this clef put on its line? Start again from there.`,
    cure: ({ practice }) => `Write ${practice} in both clefs, one under the other.`,
  },
  'stuck-accidental': {
    name: 'Carried a sign on to the next note',
    why: ({ answer, w }) => {
      const [found] = answer.differences;
      if (!found) return 'A note got the sign of the one before it.';
      return `${w.noteWithSign(found.want)} is wanted; ${w.note(found.got)} has the sign of the note before it.`;
    },
    say: 'A sign belongs to one note. Which note was it meant for, and which one caught it as well?',
    cure: ({ practice }) => `Write ${practice} and say after each note: sign, or no sign.`,
  },
  'natural-half-step-forgotten': {
    name: ({ w }) => `Forgot a ${w.half} between two plain ${w.letterWords}`,
    why: ({ w }) =>
      `${w.letter('E')} to ${w.letter('F')}, or ${w.letter('B')} to ${w.letter('C')}, or both, counted as ${w.aStep(2)}, leads to just these notes.`,
    say: 'Look at the keyboard. Between which white keys is there no black one?',
    cure: ({ w, practice }) =>
      `Mark ${w.letter('E')}–${w.letter('F')} and ${w.letter('B')}–${w.letter('C')} on the ${w.letterWords} of ${practice} before writing a sign.`,
  },
  'counted-start': {
    name: 'Counted the starting note as a step',
    why: ({ w }) =>
      `Each note was reached by ${w.aStep(1)} too few, as if the note a step starts from were counted.`,
    say: 'A step is the way from one note to the next. On which key do you say one?',
    cure: ({ practice }) =>
      `Walk ${practice} on the keyboard: say nothing on the first key, and one on the next.`,
  },
  'half-step-misplaced': {
    name: ({ w }) => `Put the ${w.halves} in other places`,
    why: ({ w, asked }) =>
      `Five ${w.wholes} and two ${w.halves} stand here, ${asked ? `not as ${asked} has its steps, and ` : ''}in an order that no scale has.`,
    say: ({ w }) =>
      `Say the pattern of this scale aloud, and lay a finger between the notes at each ${w.half}.`,
    cure: ({ practice }) => `Draw the steps of ${practice} first, as signs in a row; then the notes beneath.`,
  },
  'wrong-mode': {
    name: 'Wrote another scale on the same tonic',
    why: ({ asked }) =>
      asked
        ? `The notes are right for a scale with another name; ${asked} was asked.`
        : 'The steps are those of another scale.',
    say: 'It is a real scale, only not this one. What makes the one I asked for different from it?',
    cure: ({ practice }) =>
      `Write ${practice} and the scale you wrote, from one tonic, and ring what differs.`,
  },
  'accidental-missing': {
    name: 'Left out one sign',
    why: (c) => joined(standing(c, DEGREES, signsOff(c, 'missing')), 'It may be a slip.'),
    say: 'One sign is missing. Check each against the order and find it.',
    cure: ({ practice }) => `Write ${practice}, then read it back against its signs in order.`,
  },
  'accidental-extra': {
    name: 'One sign too many, or another one',
    why: (c) => joined(standing(c, DEGREES, signsOff(c, 'extra')), 'It may be a slip.'),
    say: 'One sign has come from somewhere. Which one, and what rule would ask for it?',
    cure: ({ practice }) => `Write ${practice}, and for each sign say which rule asks for it.`,
  },
};

/** Every mistake that these tables speak of, so that the rest is known. */
export type ScaleMistakeSaid = Extract<MistakeId, FormMistake | SignatureMistake | RowMistake>;
