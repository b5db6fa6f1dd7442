import { useMemo } from 'react';
import { keyEntry } from '@/core/exercise/sheet/key/key-entry';
import { type Entry, standingSheet } from '@/core/exercise/sheet/sheet';
import type { ClassWords } from '@/core/words/class-words';
import { sayClaims } from '@/core/words/say-claim';
import { sayGiven } from '@/core/words/say-given';
import type { SaidStep } from '@/core/words/say-method';
import { titleOfSheet } from '@/core/words/say-sheet';
import { sayTask } from '@/core/words/say-task';
import { sheetsWords } from '@/core/words/screen/sheets';
import { itemPart } from '@/engrave/page/item-part';
import { measuresOf, USUAL_LOOK } from '@/engrave/page/look';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import { readSheets } from '../address/sheets/sheets-address';
import type { BoardKit, BoardViewProps } from '../shell/board-kit';

/** What can be asked on a board: everything but staves to write on. */
function entriesOf(w: ClassWords, search: string): readonly Entry[] {
  const { entries } = standingSheet(readSheets(search).sentence, w.settings);
  return entries.filter(({ item }) => item.task !== 'staff');
}

/** A question, and with the next press its answer with the reason. */
function linesOf(w: ClassWords, { item }: Entry, number: number): readonly SaidStep[] {
  const asked: SaidStep = { text: `${number}. ${sayTask(w, item)}`, reason: null };
  const key = keyEntry(item, w.settings);
  const [answer] = key?.answers ?? [];
  if (!key || !answer) return [asked];
  return [asked, { text: sayGiven(w, key.asked, answer), reason: sayClaims(w, key.claims) }];
}

/** How wide a question is drawn, in pixels of its own drawing. */
const WIDTH = 900;

/** Which question stands after so many lines, and whether its answer was given. */
function standing(w: ClassWords, entries: readonly Entry[], given: number) {
  let lines = 0;
  for (const [at, entry] of entries.entries()) {
    const own = linesOf(w, entry, at + 1).length;
    if (given <= lines + own) return { entry, answered: own > 1 && given === lines + own };
    lines += own;
  }
  return null;
}

function View({ search, given }: BoardViewProps) {
  const w = useWords();
  const entries = useMemo(() => entriesOf(w, search), [w, search]);
  const now = useMemo(() => standing(w, entries, given), [w, entries, given]);
  const scene = useMemo(() => {
    if (!now) return null;
    const m = { ...measuresOf(USUAL_LOOK), staff: 1, type: 24, small: 24 };
    const part = itemPart(now.entry.item, now.answered ? 'worked' : now.entry.slot.form, {
      w,
      width: WIDTH,
      m,
    });
    return { width: WIDTH, height: part.height + 8, groups: part.groups };
  }, [w, now]);
  if (!now || !scene) return null;
  return (
    <SceneView
      id="board-sheet"
      scene={scene}
      title={sayTask(w, now.entry.item)}
      description={sheetsWords(w).sheet}
      style={{ width: '100%', height: '100%' }}
    />
  );
}

/** Sheets on the board: question after question, each with its answer at the next press. */
export const SHEETS_BOARD: BoardKit = {
  heard: null,
  show: (w, search) => ({
    question: titleOfSheet(w, readSheets(search).sentence),
    head: null,
    layout: 'below',
    lines: entriesOf(w, search).flatMap((entry, at) => linesOf(w, entry, at + 1)),
    places: 0,
    views: [],
  }),
  View,
};
