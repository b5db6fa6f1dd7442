import { rightAnswer } from '@/core/exercise/kinds/all';
import { standsIn } from '@/core/exercise/sheet/task/all';
import type { LabelItem } from '@/core/exercise/sheet/task/label';
import type { Form } from '@/core/exercise/sheet/task/task';
import { group, type Mark, words } from '../scene';
import { type Part, scenePart } from './part';
import type { Setting } from './setting';
import { headsOf, rowScene, scaleFor, staffOf } from './staff-part';

/** Where what is labelled stands below the staff, and its sizes. In pixels. */
const DEGREES = 20;
const RADIUS = 13;
const STEP = { w: 30, h: 20 };
const TYPE = 16;

/** How much smaller they are where heads stand close, so that they never touch. */
const sizeFor = (heads: ReadonlyMap<number, { readonly x: number }>) => {
  const xs = [...heads.values()].map(({ x }) => x);
  const nearest = Math.min(...xs.slice(1).map((x, at) => Math.abs(x - (xs[at] ?? x))));
  return Math.min(1, nearest / (2 * RADIUS + STEP.w + 8));
};

const round = (x: number, y: number, text: string, size: number): readonly Mark[] => [
  { kind: 'circle', cx: x, cy: y, r: RADIUS * size, fill: 'none', stroke: 'quiet', width: 1 },
  ...(text === '' ? [] : [words(text, x, y + 5.5 * size, { size: TYPE * size, fill: 'ink' })]),
];

const box = (x: number, y: number, text: string, size: number): readonly Mark[] => [
  {
    kind: 'rect',
    x: x - (STEP.w * size) / 2,
    y: y - (STEP.h * size) / 2,
    w: STEP.w * size,
    h: STEP.h * size,
    r: 4,
    fill: 'none',
    stroke: 'quiet',
    width: 1,
  },
  ...(text === '' ? [] : [words(text, x, y + 5.5 * size, { size: (TYPE - 1) * size, fill: 'ink' })]),
];

/** A written scale with a circle for each degree and a box for each step. */
export function labelPart(item: LabelItem, form: Form, setting: Setting): Part {
  const { w } = setting;
  const { scale, direction } = item.question.question;
  const asked = {
    kind: 'scale',
    question: { tonic: item.tonic, scale, direction, signature: 'none', clef: item.clef },
  } as const;
  const right = rightAnswer(asked, w.settings);
  const notes = right.is === 'scale' ? right.notes : [];
  const scene = rowScene(staffOf(asked, setting), notes, setting.width / setting.m.staff);
  const heads = headsOf(scene);
  const low = Math.max(104, ...[...heads.values()].map(({ y }) => y + 12));
  const size = sizeFor(heads);
  const steps = standsIn(item, form, w.settings);
  const said = steps.is === 'steps' ? steps.steps : [];
  const marks = notes.flatMap((_, at): readonly Mark[] => {
    const [x, next] = [heads.get(at)?.x ?? 0, heads.get(at + 1)?.x];
    const degree = direction === 'down' ? notes.length - at : at + 1;
    const known = form === 'worked' || (form === 'half' && at <= said.length);
    const step = said[at];
    return [
      ...round(x, low + DEGREES, known ? String(degree) : '', size),
      ...(next === undefined
        ? []
        : box(
            (x + next) / 2,
            low + DEGREES,
            step === undefined ? '' : w.stepLetters(step) || String(step),
            size,
          )),
    ];
  });
  const height = low + DEGREES + RADIUS + 6;
  const above = Math.max(0, Math.min(20, ...[...heads.values()].map(({ y }) => y - 24)));
  return scenePart(
    { ...scene, height, groups: [...scene.groups, group('labels', 'label', marks)] },
    scaleFor(scene, setting),
    { above, below: 0 },
  );
}
