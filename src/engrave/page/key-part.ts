import { rightAnswer } from '@/core/exercise/kinds/all';
import { type KeyEntry, keyEntry } from '@/core/exercise/sheet/key/key-entry';
import type { SheetItem } from '@/core/exercise/sheet/task/all';
import { sayClaims } from '@/core/words/say-claim';
import { sayGiven } from '@/core/words/say-given';
import { sayHabit } from '@/core/words/say-mistake';
import { sayWorking } from '@/core/words/say-working';
import { SHEET_WORDS as SAY } from '@/core/words/screen/sheet-paper';
import { itemPart } from './item-part';
import { barred, type Part, stacked, textPart } from './part';
import type { Setting } from './setting';
import { ringed, rowScene, staffOf, staffPart } from './staff-part';

/** Short has the answer and why; full has the whole working and the habits to look out for besides. */
export type KeyDepth = 'short' | 'full';

const INDENT = 9;

/** The habit of a faulty row: which notes must change, and what was done. */
function faultLines({ w }: Setting, item: SheetItem, { asked, fault }: KeyEntry): readonly string[] {
  if (!fault || (item.task !== 'find-mistake' && item.task !== 'which-note')) return [];
  const right = rightAnswer(asked, w.settings);
  const notes = fault.places.map((place) => {
    const [is, must] = [
      item.shown.notes[place]?.note,
      right.is === 'scale' ? right.notes[place]?.note : null,
    ];
    return is && must
      ? `${SAY.note(place + 1)}: ${SAY.changes(w.noteWithSign(is), w.noteWithSign(must))}.`
      : '';
  });
  const { name, why } = sayHabit(w, fault.habit, asked, item.shown);
  return [notes.join(' '), `${name}. ${why}`];
}

/** Other answers that are right: other names, other ways to write a numeral. */
function rightTooLine({ w }: Setting, { asked, answers }: KeyEntry): string {
  const others = answers.slice(1).map((answer) => sayGiven(w, asked, answer));
  return others.length === 0 ? '' : `${SAY.rightToo}: ${others.join(', ')}.`;
}

/** The habits that are likely here, each with the answer it leads to. */
function likelyLines({ w }: Setting, { asked, likely }: KeyEntry): readonly string[] {
  return likely.map(({ habit, answer }) => {
    const { name } = sayHabit(w, habit, asked, answer);
    return `${SAY.likely}: ${sayGiven(w, asked, answer)} (${name}).`;
  });
}

/** What a key says under an answer, line by line. */
function keyLines(setting: Setting, item: SheetItem, depth: KeyDepth): readonly string[] {
  const entry = keyEntry(item, setting.w.settings);
  if (!entry) return [];
  const reason = sayClaims(setting.w, entry.claims);
  const fault = faultLines(setting, item, entry);
  const habits = depth === 'full' ? likelyLines(setting, entry) : [];
  const working = depth === 'full' ? sayWorking(setting.w, entry.asked) : [];
  const steps = working.map((line, at) => `${at + 1}. ${line}`);
  // A working says all that its short reason says.
  const why = steps.length > 0 ? steps : fault.length === 0 ? [reason] : [];
  return [...fault, ...why, rightTooLine(setting, entry), ...habits].filter((each) => each !== '');
}

/** The answer as it should stand; of a faulty row that row, with what is wrong in it ringed. */
function answered(item: SheetItem, setting: Setting): Part {
  if (item.task !== 'find-mistake' && item.task !== 'which-note') return itemPart(item, 'worked', setting);
  const entry = keyEntry(item, setting.w.settings);
  const scene = rowScene(staffOf(item.question, setting), item.shown.notes, setting.width / setting.m.staff);
  return staffPart(ringed(scene, entry?.fault?.places ?? []), setting);
}

/** A thing in the key: the answer and its reasons. */
export function keyPart(item: SheetItem, depth: KeyDepth, setting: Setting): Part {
  const type = { face: 'sans', size: setting.m.small + 0.5 } as const;
  const lines = keyLines(setting, item, depth).map((text, at) =>
    textPart(`why-${at}`, text, setting.width - INDENT, type),
  );
  return stacked([answered(item, setting), barred('bar', stacked(lines, 2), INDENT)], 5);
}
