import { asksDrilled } from '@/core/practice/drill/skill';
import type { ClassWords } from '@/core/words/class-words';
import { drillWords } from '@/core/words/screen/drill';
import type { PaperItem } from '@/ui/paper/Paper';
import type { DrillSentence } from '../address/drill/drill-sentence';
import { drillText, howText } from './drill-words';

/** A level as a part of a handout: what is drilled, how, and what is asked. */
export async function drillItem(w: ClassWords, sentence: DrillSentence, title: string): Promise<PaperItem> {
  const say = drillWords(w);
  const { skills, way, answering, budget, due } = sentence;
  const asks = asksDrilled(skills, way, answering).map((id) => say.asks[id]);
  return {
    ...{ title, task: drillText(w, sentence), scenes: [], method: null, closing: null },
    lines: [
      ...(due ? [] : [howText(w, sentence), say.begin.asks(asks)]),
      say.begin.aim(budget.questions, budget.mistakes),
      say.begin.slow,
    ],
  };
}
