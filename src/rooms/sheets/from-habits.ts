import { KIND_IDS } from '@/core/exercise/kinds/all';
import { topicsForHabits } from '@/core/exercise/sheet/topic';
import { type MistakeId, mistakeNamed } from '@/core/mark/mistakes/all';
import type { LatelyWrong } from '@/store/lately';
import type { SheetsSentence } from '../address/sheets/sheets-sentence';

/** As many habits as a sheet can do something about. */
const MOST_HABITS = 3;

/** The sheet turned to what went wrong: its habits, and the kinds of question in which they were met. Null for none known. */
export function withHabits(sheet: SheetsSentence, lately: readonly LatelyWrong[]): SheetsSentence | null {
  const known = lately.flatMap(({ habit, kinds }) => {
    const id = mistakeNamed(habit)?.id;
    return id ? [{ id, kinds }] : [];
  });
  const met = known.slice(0, MOST_HABITS);
  if (met.length === 0) return null;
  const habits: readonly MistakeId[] = met.map(({ id }) => id);
  const kinds = KIND_IDS.filter((kind) => met.some((each) => each.kinds.includes(kind)));
  const topics = topicsForHabits(sheet.topics, kinds);
  return { ...sheet, sort: 'questions', topics, habits, slots: null };
}
