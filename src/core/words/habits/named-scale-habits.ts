import type { ScaleHabit } from '../../mark/habit';
import type { HabitSaying } from './habit-case';

/** Habits with the minor forms and the modes where a scale was to be named, not written. */
export const NAMED_SCALE_HABITS: Partial<Readonly<Record<ScaleHabit, HabitSaying>>> = {
  'seventh-not-raised': ({ w, the, asked, practice }) => ({
    name: `Overlooked that ${the(7)} is raised`,
    why: `The last step is ${w.aStep(1)}, so it is ${asked} and not the natural form.`,
    say: `Look at the last two notes alone. What step is it, and which minor has it there?`,
    cure: `Write ${practice}, and the natural form beside it, and ring what differs.`,
  }),
  'sixth-and-seventh-not-raised': ({ the, asked, practice }) => ({
    name: `Overlooked that ${the(6)} and ${the(7)} are raised`,
    why: `Two notes stand above the signature, so it is ${asked}.`,
    say: 'Compare the upper four notes with the signature. How many of them differ from it?',
    cure: `Write the upper four notes of ${practice} in all three minor forms.`,
  }),
  'sixth-not-raised': ({ w, the, asked, practice }) => ({
    name: `Overlooked that ${the(6)} is raised as well`,
    why: `Between ${the(6)} and ${the(7)} there is ${w.aStep(2)}, so it is ${asked}.`,
    say: `Both forms raise ${the(7)}. Measure the step before it: that one decides.`,
    cure: `Write ${practice} and the harmonic form, and name the step before the last but one note in each.`,
  }),
  'sixth-raised': ({ w, the, asked, practice }) => ({
    name: `Took ${the(6)} for raised`,
    why: `Between ${the(6)} and ${the(7)} there is ${w.aStep(3)}, so it is ${asked}.`,
    say: `Both forms raise ${the(7)}. Measure the step before it: that one decides.`,
    cure: `Write ${practice} and mark its widest step.`,
  }),
  'form-unasked': ({ asked, practice }) => ({
    name: 'Took the natural form for one with raised notes',
    why: `Nothing stands above the signature, so it is ${asked}.`,
    say: 'Which note do you see raised? Show it to me.',
    cure: `Write ${practice}, then say which notes the other two forms would raise.`,
  }),
  'wrong-mode': ({ asked, practice }) => ({
    name: 'Named another scale on the same tonic',
    why: `The tonic is right; its steps are those of ${asked}.`,
    say: 'Begin with the third: major or minor? Then ask which degree is out of the ordinary.',
    cure: `Write ${practice} and say the one note by which it can be told.`,
  }),
};
