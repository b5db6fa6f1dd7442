import { decisionsOf, type PathItem, pathAnswer } from '@/core/exercise/sheet/task/path';
import type { Form } from '@/core/exercise/sheet/task/task';
import { sayGiven } from '@/core/words/say-given';
import { SHEET_WORDS as SAY } from '@/core/words/screen/sheet-paper';
import { type Part, ruledPart, stacked, textPart } from './part';
import type { Setting } from './setting';
import { NO_SIGNS, notesOf, rowPart } from './staff-part';

/** A scale, its decisions one a line, and the name they lead to. */
export function pathPart(item: PathItem, form: Form, setting: Setting): Part {
  const { w, m, width } = setting;
  const decisions = decisionsOf(item);
  const done = form === 'worked' ? decisions.length : form === 'half' ? Math.floor(decisions.length / 2) : 0;
  const type = { face: 'sans', size: m.type } as const;
  const lines = decisions.map((decision, at) => {
    const head = SAY.decision(decision.from, decision.to);
    const key = `decision-${at}`;
    if (at >= done) return ruledPart(key, head, Math.min(width, 320), type);
    return textPart(key, `${head} ${SAY.halves(w, decision.semitones)}`, width, {
      ...type,
      face: 'sans-bold',
    });
  });
  const name =
    form === 'worked'
      ? textPart('name', `${SAY.so} ${sayGiven(w, item.question, pathAnswer(item, w.settings))}`, width, {
          ...type,
          face: 'sans-bold',
        })
      : ruledPart('name', SAY.so, Math.min(width, 320), type);
  const row = rowPart({ clef: 'treble', atClef: NO_SIGNS }, notesOf(item.question.question.notes), setting);
  return stacked([row, ...lines, name], 1);
}
