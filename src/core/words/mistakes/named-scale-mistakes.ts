import type { MistakeId } from '../../mark/mistakes/all';
import type { MistakeSaying } from './mistake-case';

/** Mistakes with the minor forms and the modes where a scale was to be named, not written. */
export const NAMED_SCALE_HABITS: Partial<Readonly<Record<MistakeId, MistakeSaying>>> = {
  'seventh-not-raised': {
    name: ({ the }) => `Overlooked that ${the(7)} is raised`,
    why: ({ w, asked }) => `The last step is ${w.aStep(1)}, so it is ${asked} and not the natural form.`,
    say: 'Look at the last two notes alone. What step is it, and which minor has it there?',
    cure: ({ practice }) => `Write ${practice}, and the natural form beside it, and ring what differs.`,
  },
  'sixth-and-seventh-not-raised': {
    name: ({ the }) => `Overlooked that ${the(6)} and ${the(7)} are raised`,
    why: ({ asked }) => `Two notes stand above the signature, so it is ${asked}.`,
    say: 'Compare the upper four notes with the signature. How many of them differ from it?',
    cure: ({ practice }) => `Write the upper four notes of ${practice} in all three minor forms.`,
  },
  'sixth-not-raised': {
    name: ({ the }) => `Overlooked that ${the(6)} is raised as well`,
    why: ({ w, the, asked }) => `Between ${the(6)} and ${the(7)} there is ${w.aStep(2)}, so it is ${asked}.`,
    say: ({ the }) => `Both forms raise ${the(7)}. Measure the step before it: that one decides.`,
    cure: ({ practice }) =>
      `Write ${practice} and the harmonic form, and name the step before the last but one note in each.`,
  },
  'sixth-raised': {
    name: ({ the }) => `Took ${the(6)} for raised`,
    why: ({ w, the, asked }) => `Between ${the(6)} and ${the(7)} there is ${w.aStep(3)}, so it is ${asked}.`,
    say: ({ the }) => `Both forms raise ${the(7)}. Measure the step before it: that one decides.`,
    cure: ({ practice }) => `Write ${practice} and mark its widest step.`,
  },
  'form-unasked': {
    name: 'Took the natural form for one with raised notes',
    why: ({ asked }) => `Nothing stands above the signature, so it is ${asked}.`,
    say: 'Which note do you see raised? Show it to me.',
    cure: ({ practice }) => `Write ${practice}, then say which notes the other two forms would raise.`,
  },
  'wrong-mode': {
    name: 'Named another scale on the same tonic',
    why: ({ tonic, asked }) => `${tonic} is right; the steps are those of ${asked}.`,
    say: 'Begin with the third: major or minor? Then ask which degree is out of the ordinary.',
    cure: ({ practice }) => `Write ${practice} and say the one note by which it can be told.`,
  },
};
