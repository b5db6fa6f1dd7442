import type { ClassWords } from '@/core/words/class-words';
import { sayMarkProblem } from '@/core/words/say-mark-problem';
import { compareScene } from '@/engrave/compare';
import type { Scene } from '@/engrave/scene';
import type { PaperItem } from '@/ui/paper/Paper';
import { compareRows } from '@/ui/question/compare-rows';
import { askedOf, type MarkSentence } from '../address/mark/mark-sentence';
import { markLines } from './mark-lines';
import { markText } from './mark-words';
import { type OutcomeReading, outcomeOf } from './outcome';

const WIDTH = 700;
const ROW_HEIGHT = 130;

function sceneOf(w: ClassWords, reading: OutcomeReading): readonly Scene[] {
  if (reading.is !== 'judged') return [];
  const { asked, given, judged } = reading.outcome;
  if (asked.kind !== 'scale') return [];
  const { rows, marks } = compareRows(w, asked, given, judged);
  return [compareScene({ w, rows, marks, width: WIDTH, height: rows.length * ROW_HEIGHT })];
}

/** A marked answer as a sheet or a part of a handout; decisions and comments stay with the room. */
export async function markItem(
  w: ClassWords,
  sentence: MarkSentence,
  title: string,
  known?: { readonly reading: OutcomeReading; readonly comment: string },
): Promise<PaperItem> {
  const reading =
    known?.reading ??
    outcomeOf(askedOf(sentence, w.settings), sentence.given, w.settings, { own: null, like: null }, []);
  const lines =
    reading.is === 'judged'
      ? markLines(w, reading.outcome, known?.comment ?? '')
      : reading.is === 'unasked'
        ? [sayMarkProblem(reading.problem)]
        : [];
  return {
    title,
    task: markText(w, sentence),
    scenes: sceneOf(w, reading),
    method: null,
    lines,
    closing: null,
  };
}
