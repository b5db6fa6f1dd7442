import { practiceFor } from '@/core/exercise/practice';
import type { MistakeId } from '@/core/mark/mistakes/all';
import type { ClassWords } from '@/core/words/class-words';
import { sayFinding } from '@/core/words/say-finding';
import { sayGiven } from '@/core/words/say-given';
import { sayMarkCheck } from '@/core/words/say-mark-check';
import { sayMarks } from '@/core/words/say-marks';
import { sayMistake } from '@/core/words/say-mistake';
import { markWords } from '@/core/words/screen/mark';
import { findingsToTell, type Outcome } from './outcome';

function habitLines(w: ClassWords, { habit, key, about, judged, accepted }: Outcome): readonly string[] {
  const say = markWords(w).habit;
  if (judged.correct) return [`${say.right}.`];
  if (accepted) return [`${say.accepted}.`];
  if (!habit) return [`${say.none}.`];
  return habit.habits.flatMap((id: MistakeId) => {
    const { name, why, say: spoken, cure } = sayMistake(w, id, about, practiceFor(id, key));
    return [`${name}. ${why}`, `${say.say}: ${spoken}`, `${say.cure}: ${cure}`];
  });
}

/** What is to be said of an answer, line by line: what was given, the habit, the checks, the marks. */
export function markLines(w: ClassWords, outcome: Outcome, comment: string): readonly string[] {
  const say = markWords(w);
  const { asked, given, judged, score } = outcome;
  return [
    `${say.given.given}: ${sayGiven(w, asked, given) || say.given.nothing}`,
    ...habitLines(w, outcome),
    ...findingsToTell(outcome).map((finding) => sayFinding(w, finding, asked.kind)),
    ...judged.checks.filter(({ holds }) => holds === false).map((check) => `${sayMarkCheck(w, check)}.`),
    `${say.checks.marks}: ${sayMarks(score)}.`,
    ...(comment ? [comment] : []),
  ];
}
