import { rightAnswer } from '@/core/exercise/kinds/all';
import { standsIn } from '@/core/exercise/sheet/task/all';
import type { GrandItem } from '@/core/exercise/sheet/task/grand';
import type { Form } from '@/core/exercise/sheet/task/task';
import type { Clef } from '@/core/instrument/staff';
import { BOTTOM_LINE, BRACE, brace, TOP_LINE } from '../grand';
import { inkOf, noteLabel } from '../note-label';
import { type Group, group, type Scene } from '../scene';
import { type Part, scenePart } from './part';
import type { Setting } from './setting';
import { emptyScene, headsOf, rowScene, scaleFor, staffOf } from './staff-part';

/** From the upper staff to the lower one, with room for letters between, and the size of a letter. In pixels. */
const APART = 112;
const LETTER = 19;
const FOOT = 12;

type Grand = { readonly item: GrandItem; readonly form: Form };

/** One staff of the two with as much of the scale as stands there. */
function staffScene({ item, form }: Grand, clef: Clef, setting: Setting, width: number): Scene {
  const question = { ...item.question.question, clef };
  const asked = { kind: 'scale', question } as const;
  const { settings } = setting.w;
  const there = standsIn({ ...item, question: asked }, form, settings);
  const right = rightAnswer(asked, settings);
  if (there.is !== 'scale' || right.is !== 'scale') return emptyScene(clef, width);
  const rest = right.notes.flatMap((_, at) => (at < there.notes.length ? [] : [at]));
  return rowScene(staffOf(asked, setting), right.notes, width, rest);
}

/** The names of what stands on the upper staff, between the two. */
function letters({ w }: Setting, { item }: Grand, upper: Scene): readonly Group[] {
  const right = rightAnswer(item.question, w.settings);
  if (right.is !== 'scale') return [];
  const middle = (BOTTOM_LINE + APART + TOP_LINE) / 2;
  const heads = [...headsOf(upper)];
  const xs = heads.map(([, { x }]) => x);
  // A long name is set smaller where heads stand close.
  const widest = Math.min(...xs.slice(1).map((x, at) => Math.abs(x - (xs[at] ?? x)) - 4), 2 * LETTER);
  return heads.flatMap(([place, { x }]): readonly Group[] => {
    const note = right.notes[place]?.note;
    if (!note) return [];
    return [
      group(`between-${place}`, 'between', noteLabel(w.note(note), 0, 0, LETTER, inkOf(note), widest), {
        x: x + BRACE,
        y: middle,
      }),
    ];
  });
}

/** Two staves under one brace, letters between them; without a scale, empty ones. */
export function grandPart(grand: Grand | null, setting: Setting): Part {
  const width = setting.width / setting.m.staff - BRACE;
  const scene = (clef: Clef) => (grand ? staffScene(grand, clef, setting, width) : emptyScene(clef, width));
  const [upper, lower] = [scene('treble'), scene('bass')];
  const shifted = (drawn: Scene, prefix: string, y: number) =>
    drawn.groups.map((each) => ({ ...each, key: prefix + each.key, x: each.x + BRACE, y: each.y + y }));
  const groups = [
    brace(TOP_LINE, APART + BOTTOM_LINE),
    ...shifted(upper, 'up-', 0),
    ...(grand ? letters(setting, grand, upper) : []),
    ...shifted(lower, 'low-', APART),
  ];
  const height = APART + lower.height;
  const drawn = { width: Math.max(upper.width, lower.width) + BRACE, height, groups };
  return scenePart(drawn, scaleFor(drawn, setting), { above: FOOT, below: FOOT });
}
