import type { LiveProblem } from '../live/live-class';

/** Why somebody is not let into a class that is open, or an answer is not taken. */
export function sayLiveProblem(problem: LiveProblem): string {
  switch (problem.code) {
    case 'class-full':
      return `${problem.limit} have joined with names of their own, which is as many as there is room for.`;
    case 'nothing-asked':
      return 'Nothing is asked yet.';
    case 'other-round':
      return `Round ${problem.round} is answered here, and the class is at ${problem.now}.`;
    case 'thinking':
      return 'The class is still thinking; answers are taken when the teacher opens them.';
    case 'shown-already':
      return 'The right answer has been shown, so an answer can no longer be changed.';
    case 'round-closed':
      return 'No more answers are taken to this question.';
  }
}
