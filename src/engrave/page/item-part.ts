import type { Answer } from '@/core/exercise/answer';
import { isRow, type MarkQuestion, rightAnswer, shownBy } from '@/core/exercise/kinds/all';
import { claimsOf } from '@/core/exercise/sheet/key/claims';
import { askedIn, type SheetItem, standsIn } from '@/core/exercise/sheet/task/all';
import { openGaps, rowWithGaps } from '@/core/exercise/sheet/task/gaps';
import type { Form } from '@/core/exercise/sheet/task/task';
import { accidentalsOf } from '@/core/scale/signature';
import { sayClaim } from '@/core/words/say-claim';
import { sayGiven } from '@/core/words/say-given';
import { SHEET_WORDS as SAY } from '@/core/words/screen/sheet-paper';
import { group, type Mark } from '../scene';
import { circlePart } from './circle-part';
import { grandPart } from './grand-part';
import { labelPart } from './label-part';
import { type Part, ruledPart, scenePart, stacked, textPart } from './part';
import { pathPart } from './path-part';
import { pixels, type Setting } from './setting';
import {
  blankStaffPart,
  headsOf,
  NO_SIGNS,
  notesOf,
  rowPart,
  rowScene,
  scaleFor,
  signsScene,
  staffOf,
  staffPart,
  TO_WRITE,
} from './staff-part';

/** The widest a staff for a signature alone is, in pixels. */
const SHORT_STAFF = 330;

const body = ({ m }: Setting) => ({ face: 'sans', size: m.type }) as const;
const bold = ({ m }: Setting) => ({ face: 'sans-bold', size: m.type }) as const;
const quiet = ({ m }: Setting) => ({ face: 'sans', size: m.small, ink: 'quiet' }) as const;

/** Places from the first that is still to be written. */
const restOf = (all: readonly unknown[], there: readonly unknown[]) =>
  all.flatMap((_, at) => (at < there.length ? [] : [at]));

function scalePart(asked: MarkQuestion, there: Answer, setting: Setting): Part {
  const staff = staffOf(asked, setting);
  if (there.is !== 'scale') return blankStaffPart(staff.clef, setting);
  const right = rightAnswer(asked, setting.w.settings);
  const all = right.is === 'scale' && right.notes.length > there.notes.length ? right.notes : there.notes;
  const notes = all.map((note, at) => there.notes[at] ?? note);
  return rowPart(staff, notes, setting, restOf(all, there.notes));
}

/** Words, or a line to write them on. */
function wordsPart(key: string, label: string, text: string, setting: Setting): Part {
  if (text === '') return ruledPart(key, label, Math.min(setting.width, 320), body(setting));
  return textPart(key, label === '' ? text : `${label} ${text}`, setting.width, bold(setting));
}

/** What is shown of a question before it is answered: a signature or a row of notes. */
export function shownPart(asked: MarkQuestion, setting: Setting): Part | null {
  const shown = shownBy(asked);
  if (!shown) return null;
  if ('notes' in shown) return rowPart({ clef: 'treble', atClef: NO_SIGNS }, notesOf(shown.notes), setting);
  const signs = accidentalsOf(shown.fifths).map((sign) => ({ sign, octave: null }));
  const width = Math.min(pixels(setting), SHORT_STAFF);
  return staffPart(signsScene('treble', signs, width), setting);
}

/** A half-done answer in words: the first thing that it is reasoned by. */
function hintPart(asked: MarkQuestion, setting: Setting): Part | null {
  const [first] = claimsOf(asked, setting.w.settings);
  return first ? textPart('hint', sayClaim(setting.w, first), setting.width, quiet(setting)) : null;
}

function signaturePart(asked: MarkQuestion, there: Answer, setting: Setting): Part {
  const { clef } = staffOf(asked, setting);
  const width = Math.min(pixels(setting), SHORT_STAFF);
  if (there.is !== 'drawn') return blankStaffPart(clef, setting, width);
  const scene = signsScene(clef, there.signs, width);
  return there.signs.length === 0 ? scenePart(scene, setting.m.staff, TO_WRITE) : staffPart(scene, setting);
}

function answerPart(asked: MarkQuestion, there: Answer, form: Form, setting: Setting): Part {
  if (isRow(asked)) return scalePart(asked, there, setting);
  if (asked.kind === 'signature') return signaturePart(asked, there, setting);
  const shown = shownPart(asked, setting);
  const text = there.is === 'blank' ? '' : sayGiven(setting.w, asked, there);
  const hint = form === 'half' && text === '' ? hintPart(asked, setting) : null;
  const open = form === 'half' && text !== '' ? wordsPart('open', '', '', setting) : null;
  const parts = [shown, hint, wordsPart('answer', '', text, setting), open];
  return stacked(
    parts.filter((part) => part !== null),
    2,
  );
}

/** The row with its gaps: a short line under the staff at each. */
function gapsPart(item: Extract<SheetItem, { task: 'gaps' }>, form: Form, setting: Setting): Part {
  const notes = rowWithGaps(item, setting.w.settings);
  const gaps = openGaps(item, form);
  const whole = rowScene(staffOf(item.question, setting), notes, pixels(setting));
  const heads = headsOf(whole);
  const marks = gaps.flatMap((gap): Mark[] => {
    const x = heads.get(gap)?.x;
    return x === undefined
      ? []
      : [{ kind: 'line', x1: x - 13, y1: 112, x2: x + 13, y2: 112, stroke: 'quiet', width: 1.6 }];
  });
  const scene = rowScene(staffOf(item.question, setting), notes, pixels(setting), gaps);
  const drawn = { ...scene, height: scene.height, groups: [...scene.groups, group('gaps', 'gap', marks)] };
  const low = Math.max(0, ...[...heads.values()].map(({ y }) => y - 104));
  const under = marks.length === 0 ? staffPart(whole, setting) : null;
  const groups = drawn.groups.map((each) => (each.key === 'gaps' ? { ...each, y: low } : each));
  return (
    under ??
    scenePart({ ...drawn, height: Math.max(drawn.height, 118 + low), groups }, scaleFor(scene, setting), {
      above: 8,
      below: 4,
    })
  );
}

function staffRows(item: Extract<SheetItem, { task: 'staff' }>, setting: Setting): Part {
  const { sort } = item;
  const row =
    sort === 'grand' ? grandPart(null, setting) : blankStaffPart(sort === 'none' ? null : sort, setting);
  const rows = Array.from({ length: item.rows }, (_, at) => ({
    ...row,
    groups: row.groups.map((each) => ({ ...each, key: `${at}-${each.key}` })),
  }));
  return stacked(rows, setting.m.type * 0.6);
}

/** A thing on a sheet without its number and its task: what stands there, and where the student writes. */
export function itemPart(item: SheetItem, form: Form, setting: Setting): Part {
  const { settings } = setting.w;
  switch (item.task) {
    case 'gaps':
      return gapsPart(item, form, setting);
    case 'label':
      return labelPart(item, form, setting);
    case 'path':
      return pathPart(item, form, setting);
    case 'grand':
      return grandPart({ item, form }, setting);
    case 'circle':
      return circlePart(item, form, setting);
    case 'staff':
      return staffRows(item, setting);
    case 'find-mistake':
    case 'which-note': {
      const { question, shown } = item;
      const given = scalePart(question, standsIn(item, 'blank', settings), setting);
      if (form === 'worked') return scalePart(question, standsIn(item, form, settings), setting);
      const hint =
        form === 'half'
          ? textPart('hint', SAY.faultyNotes(shown.notes.length), setting.width, quiet(setting))
          : null;
      return stacked(
        [given, ...(hint ? [hint] : []), blankStaffPart(staffOf(question, setting).clef, setting)],
        4,
      );
    }
    case 'answer':
    case 'complete': {
      const asked = askedIn(item) ?? item.question;
      return answerPart(asked, standsIn(item, form, settings), form, setting);
    }
  }
}
