import { answersOf } from '../../mark/explain/made';
import { mistakeNamed } from '../../mark/mistakes/all';
import { handIn } from '../hand-in';
import { type MarkQuestion, rightAnswer, taskOf } from '../kinds/all';
import type { MarkSchool } from '../kinds/kind';
import { mistakesPossible } from '../possible';
import { midiOfAnswer } from './played';

/** The habits a learner can show in a question by playing: those that sound otherwise than what is right. */
export function audibleHabits(asked: MarkQuestion, school: MarkSchool): readonly string[] {
  // An octave apart it is the same note.
  const sound = (keys: readonly number[]) => keys.map((key) => key % 12).join();
  const right = sound(midiOfAnswer(rightAnswer(asked, school)));
  return mistakesPossible(asked, school).filter(
    (habit) => sound(learnerPlays(asked, habit, school)) !== right,
  );
}

/** What a learner shows at the next time: now and then nothing wrong, else one habit after the other; null for nothing wrong. */
export function learnerShows(habits: readonly string[], times: number): string | null {
  if (habits.length === 0 || times % 3 === 2) return null;
  return habits[(times * 7) % habits.length] ?? null;
}

/**
 * What a learner plays to a question, in MIDI numbers: what is right, or what a habit of the catalogue makes of it; what is
 * right, too, where the habit cannot show.
 */
export function learnerPlays(
  asked: MarkQuestion,
  habit: string | null,
  school: MarkSchool,
): readonly number[] {
  const mistake = habit === null ? null : mistakeNamed(habit);
  const task = taskOf(asked, school);
  const [made] = mistake?.scopes.includes(task.scope) ? answersOf(mistake, task) : [];
  return midiOfAnswer(made ? handIn(asked, made.written) : rightAnswer(asked, school));
}
