import type { Answer } from '@/core/exercise/answer';
import { type AnswerCase, caseOf } from '@/core/exercise/answer-case';
import { judge } from '@/core/exercise/judge';
import { type MarkQuestion, markProblem } from '@/core/exercise/kinds/all';
import type { MarkProblem } from '@/core/exercise/kinds/problem';
import { keyAsked, type ScaleKey, tellingApart } from '@/core/exercise/practice';
import { invitedMistakes } from '@/core/mark/explain/invited';
import { type Explanation, evenFirst } from '@/core/mark/explain/rank';
import type { Finding, Judged } from '@/core/mark/judging/judged';
import { marksUnder, type Score, scoreOf } from '@/core/mark/judging/marks';
import { mistakesNamed } from '@/core/mark/mistakes/all';
import type { Settings } from '@/core/school/settings';
import type { MarkedAnswer } from '@/store/marked';

type Decided = Pick<MarkedAnswer, 'habit' | 'accepted' | 'marks'>;

/** What was decided: about this very answer, or about the same one of somebody else. */
type DecidedBefore = { readonly own: Decided | null; readonly like: Decided | null };

/** What the room shows of an answer. */
export type Outcome = {
  readonly asked: MarkQuestion;
  readonly given: Answer;
  readonly judged: Judged;
  readonly key: ScaleKey;
  /** What can be said of it. */
  readonly about: AnswerCase;
  /** What is shown as the habit; null where there is none. */
  readonly habit: Explanation | null;
  /** Whether the teacher put it there. */
  readonly chosen: boolean;
  /** Others of the same weight, and a question that tells them apart. */
  readonly tied: readonly Explanation[];
  readonly askNext: ScaleKey | null;
  readonly accepted: boolean;
  /** As counted, and as the teacher has it. */
  readonly counted: Score;
  readonly score: Score;
};

export type OutcomeReading =
  | { readonly is: 'unasked'; readonly problem: MarkProblem }
  | { readonly is: 'empty' }
  | { readonly is: 'judged'; readonly outcome: Outcome };

function explanationFrom(text: string): Explanation | null {
  const habits = mistakesNamed(text);
  return habits ? { habits, ranks: [] } : null;
}

/** The findings in words: steps follow from notes and are told by the drawing and the checks, but where they were asked. */
export function findingsToTell({ asked, judged }: Outcome): readonly Finding[] {
  return judged.findings.filter(({ code }) => code !== 'step-wrong' || asked.kind === 'steps');
}

/** Judges what was given, by the class's scheme and with what was decided about it before. */
export function outcomeOf(
  asked: MarkQuestion,
  given: Answer | null,
  settings: Settings,
  { own, like }: DecidedBefore,
  known: readonly string[],
): OutcomeReading {
  const problem = markProblem(asked);
  if (problem) return { is: 'unasked', problem };
  if (!given) return { is: 'empty' };
  const judged = judge(asked, given, {
    ...settings,
    known: [...known, ...invitedMistakes(settings)],
  });
  if (!judged) return { is: 'empty' };
  const decided = own ?? like;
  const choice = decided?.habit ?? null;
  const accepted = (decided?.accepted ?? false) && !judged.correct;
  const even = evenFirst(judged.causes);
  const habit = choice === null ? (even[0] ?? null) : explanationFrom(choice);
  const counted = scoreOf(judged, settings);
  const full = accepted ? { ...counted, got: counted.of } : counted;
  return {
    is: 'judged',
    outcome: {
      asked,
      given,
      judged,
      key: keyAsked(asked),
      about: caseOf(asked, given, settings),
      habit,
      chosen: choice !== null,
      tied: choice === null ? even.slice(1) : [],
      askNext: (choice === null && tellingApart(even, asked, settings)?.key) || null,
      accepted,
      counted,
      score: own?.marks ? { ...full, got: marksUnder(own.marks, full.of) } : full,
    },
  };
}
