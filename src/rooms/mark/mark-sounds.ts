import { markProblem, rightAnswer, shownBy } from '@/core/exercise/kinds/all';
import { pitchesHeard } from '@/core/exercise/kinds/dictation/dictation-question';
import type { Pitch } from '@/core/note/pitch';
import { answerHeard, risingPitches, rowsHeard, sounding } from '@/core/play/heard';
import type { ClassWords } from '@/core/words/class-words';
import { LISTEN_WORDS as SAY } from '@/core/words/screen/listen';
import { readMark } from '../address/mark/mark-address';
import { askedOf } from '../address/mark/mark-sentence';
import { isPollSearch } from '../address/mark/poll-address';
import { isSetSearch } from '../address/mark/set-address';
import type { Listening } from '../shell/listen';

/** What can be heard in Mark: what is asked, what was given, what is right, and both one after the other. */
export function markSounds(w: ClassWords, search: string): readonly Listening[] {
  if (isSetSearch(search) || isPollSearch(search)) return [];
  const { sentence } = readMark(search);
  const asked = askedOf(sentence, w.settings);
  if (markProblem(asked)) return [];
  const right = answerHeard(rightAnswer(asked, w.settings));
  const given = sentence.given && answerHeard(sentence.given);
  const shown = shownBy(asked);
  const heard = (
    id: keyof typeof SAY & string,
    label: string,
    rows: readonly (readonly Pitch[])[],
  ): Listening => ({
    ...{ id, label, sounds: rowsHeard(rows.map((row) => sounding(row))) },
  });
  return [
    ...(given && right ? [heard('both', SAY.both, [given, right])] : []),
    ...(given ? [heard('given', SAY.given, [given])] : []),
    ...(right ? [heard('right', SAY.right, [right])] : []),
    ...(asked.kind === 'dictation' ? [heard('asked', SAY.asked, [pitchesHeard(asked.question)])] : []),
    ...(shown && 'notes' in shown ? [heard('asked', SAY.asked, [risingPitches(shown.notes)])] : []),
  ];
}
