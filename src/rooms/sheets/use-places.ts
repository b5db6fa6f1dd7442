import { useMemo, useState } from 'react';
import {
  adding,
  giveRoom,
  madeAnew,
  marking,
  moving,
  nextForm,
  pinning,
  removing,
  replacing,
  swapping,
} from '@/core/exercise/sheet/change';
import { asMade, type Slot } from '@/core/exercise/sheet/sheet';
import { readSlotCode } from '@/core/exercise/sheet/slot-code';
import { readItemCode, type SheetItem } from '@/core/exercise/sheet/task/all';
import type { ClassWords } from '@/core/words/class-words';
import { useSteady } from '@/ui/use-steady';
import type { SheetRow } from '@/workers/sheet';
import type { SheetsSentence } from '../address/sheets/sheets-sentence';
import { MAKES_ANEW, withSheetWord } from './sheets-words';
import { saySheets } from './use-sheets';

/** A seed that nobody chose: of four figures, so that it can be read out. */
const anySeed = () => Math.floor(Math.random() * 10_000);

const NO_ROWS: readonly SheetRow[] = [];

/** The places that stand while nothing was changed by hand; before they were made, as many as will be. */
function standingSlots(
  w: ClassWords,
  { sort, count }: SheetsSentence,
  rows: readonly SheetRow[],
): readonly Slot[] {
  if (rows.length > 0 || sort === 'book')
    return rows.flatMap(({ slot }): readonly Slot[] => {
      const read = readSlotCode(slot, w.settings);
      return read ? [read] : [];
    });
  return asMade(count);
}

/** What can be done with the places of a sheet, and which of them is chosen. */
export function usePlaces(w: ClassWords, sentence: SheetsSentence, rows: readonly SheetRow[] = NO_ROWS) {
  const [chosen, setChosen] = useState(0);
  const at = Math.max(0, rows.length === 0 ? chosen : Math.min(rows.length - 1, chosen));
  const slots = useMemo(() => sentence.slots ?? standingSlots(w, sentence, rows), [sentence, rows, w]);
  const items = () => rows.map(({ code }) => readItemCode(code, w.settings));
  const say = (next: readonly Slot[]) => {
    // A book that is still being made has no places yet.
    if (next !== slots && slots.length > 0) saySheets({ ...sentence, slots: next }, 'finished');
  };
  const marksAt = (place: number) => rows[place]?.marks ?? 0;
  const actions = useSteady({
    choose: setChosen,
    another: () => say(swapping(slots, at)),
    pin: () => say(pinning(slots, at)),
    form: () => say(nextForm(slots, at)),
    marks: (by: number) => say(marking(slots, at, marksAt(at) + by)),
    room: (by: number) => say(giveRoom(slots, at, (slots[at]?.room ?? 0) + by)),
    remove: () => say(removing(slots, at)),
    move: (from: number, to: number) => {
      say(moving(slots, from, to));
      setChosen(Math.max(0, Math.min(slots.length - 1, to)));
    },
    add: (added: readonly SheetItem[]) => {
      say(adding(slots, added));
      setChosen(slots.length);
    },
    replace: (item: SheetItem) => say(replacing(slots, at, item)),
    /** Other questions for all that is not pinned. */
    anew: () =>
      saySheets(
        { ...sentence, seed: anySeed(), slots: madeAnew(slots, items(), sentence.count) },
        'finished',
      ),
    /** A word of a sentence changed: what it makes anew keeps what is pinned. */
    pick: (id: string, value: string) => {
      const next = withSheetWord(sentence, id, value);
      if (next === sentence) return;
      const pinned = MAKES_ANEW.includes(id) && sentence.slots ? madeAnew(slots, items(), next.count) : null;
      const kept = MAKES_ANEW.includes(id) ? pinned : sentence.slots;
      saySheets({ ...next, slots: kept }, 'finished');
    },
    say: (next: SheetsSentence) => saySheets(next, 'finished'),
  });
  return useMemo(
    () => ({ at, slots, slot: slots[at] ?? null, row: rows[at] ?? null, actions }),
    [at, slots, rows, actions],
  );
}

export type Places = ReturnType<typeof usePlaces>;
