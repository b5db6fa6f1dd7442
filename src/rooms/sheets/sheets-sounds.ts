import { rightAnswer } from '@/core/exercise/kinds/all';
import { standingSheet } from '@/core/exercise/sheet/sheet';
import { askedIn } from '@/core/exercise/sheet/task/all';
import { answerHeard, rowsHeard, sounding } from '@/core/play/heard';
import type { ClassWords } from '@/core/words/class-words';
import { sayTask } from '@/core/words/say-task';
import { LISTEN_WORDS as SAY } from '@/core/words/screen/listen';
import { readSheets } from '../address/sheets/sheets-address';
import type { Listening } from '../shell/listen';

/** What can be heard in Sheets: the right answer of each question that has a sound, by its number. */
export function sheetsSounds(w: ClassWords, search: string): readonly Listening[] {
  const { entries } = standingSheet(readSheets(search).sentence, w.settings);
  return entries.flatMap(({ item }, at): readonly Listening[] => {
    const asked = askedIn(item);
    const heard = asked && answerHeard(rightAnswer(asked, w.settings));
    if (!asked || !heard) return [];
    const label = SAY.question(at + 1, sayTask(w, { task: 'answer', question: asked }));
    return [{ id: `question-${at + 1}`, label, sounds: rowsHeard([sounding(heard)]) }];
  });
}
