import { useMemo } from 'react';
import { rightAnswer } from '@/core/exercise/kinds/all';
import { practiceFor } from '@/core/exercise/practice';
import type { ClassWords } from '@/core/words/class-words';
import { sayFinding } from '@/core/words/say-finding';
import { sayGiven } from '@/core/words/say-given';
import type { SaidStep } from '@/core/words/say-method';
import { sayMistake } from '@/core/words/say-mistake';
import { markWords } from '@/core/words/screen/mark';
import { GivenOn } from '@/ui/question/GivenOn';
import { useWords } from '@/ui/school/use-class';
import { readMark } from '../address/mark/mark-address';
import { askedOf } from '../address/mark/mark-sentence';
import { isJoinSearch, isPollSearch } from '../address/mark/poll-address';
import { isSetSearch } from '../address/mark/set-address';
import type { BoardKit, BoardViewProps } from '../shell/board-kit';
import { markSounds } from './mark-sounds';
import { answeredText } from './mark-words';
import { findingsToTell, type Outcome, outcomeOf } from './outcome';
import { JoinView, joinShow, PollView, pollShow } from './poll-board';

/** What an answer comes to by itself; what was decided about somebody's is not for the class. */
function outcomeIn(w: ClassWords, search: string): Outcome | null {
  const { sentence } = readMark(search);
  const nothing = { own: null, like: null };
  const reading = outcomeOf(askedOf(sentence, w.settings), sentence.given, w.settings, nothing, []);
  return reading.is === 'judged' ? reading.outcome : null;
}

/** What was given, what was expected, what differs, and the habit behind it. */
function linesOf(w: ClassWords, outcome: Outcome): readonly SaidStep[] {
  const { given: say, habit: names } = markWords(w);
  const { asked, given, judged, habit, key, about } = outcome;
  const line = (text: string, reason: string | null = null): SaidStep => ({ text, reason });
  const habits = (judged.correct ? [] : (habit?.habits ?? [])).map((id) => {
    const { name, why } = sayMistake(w, id, about, practiceFor(id, key));
    return line(`${name}.`, why);
  });
  return [
    line(`${say.given}: ${sayGiven(w, asked, given) || say.nothing}`),
    line(`${say.expected}: ${sayGiven(w, asked, rightAnswer(asked, w.settings))}`),
    ...findingsToTell(outcome).map((finding) => line(sayFinding(w, finding, asked.kind))),
    ...(judged.correct ? [line(`${names.right}.`)] : habits),
  ];
}

function View(props: BoardViewProps) {
  if (isJoinSearch(props.search)) return <JoinView {...props} />;
  return isPollSearch(props.search) ? <PollView {...props} /> : <OneAnswer {...props} />;
}

function OneAnswer({ search, given }: BoardViewProps) {
  const w = useWords();
  const outcome = useMemo(() => outcomeIn(w, search), [w, search]);
  if (!outcome) return null;
  const { asked, given: answer, judged } = outcome;
  const expected = given > 1;
  return <GivenOn {...{ asked, expected }} given={answer} judged={expected ? judged : null} />;
}

/** An answer on the board, above what was expected, without its name. */
export const MARK_BOARD: BoardKit = {
  heard: (w, search) => markSounds(w, search)[0]?.sounds ?? [],
  show: (w, search) => {
    if (isJoinSearch(search)) return joinShow(w, search);
    if (isPollSearch(search) || isSetSearch(search)) return pollShow(w, search);
    const outcome = outcomeIn(w, search);
    const question = answeredText(w, readMark(search).sentence);
    return {
      question,
      head: { name: question, rest: '' },
      layout: 'below',
      lines: outcome ? linesOf(w, outcome) : [],
      places: 0,
      views: [],
    };
  },
  View,
};
