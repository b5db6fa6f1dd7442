import type { DerivationStep } from '@/core/derive/derivation';
import { type Letter, letterAfter, letterIndex } from '@/core/note/letter';
import { pitchClass, type SpelledNote } from '@/core/note/spelled';
import { spellingsOf, type Walk } from '@/core/note/walk';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { figures } from './figures';
import { stepMoon } from './moon';
import { isAbout, noteCircle } from './note-circle';
import { noteLabel } from './note-label';
import { type Group, group, type Mark, type Scene } from './scene';

export type WheelQuestion = {
  readonly w: ClassWords;
  readonly written: WrittenScale;
  readonly step: DerivationStep;
  readonly walk: Walk;
  /** Whether it is drawn for the back row. */
  readonly far?: boolean;
  readonly width: number;
  readonly height: number;
};

/** The wheel begins at the top with A, the first letter of the alphabet; half steps begin with A too. */
const FIRST: Letter = 'A';
const FIRST_SOUND = 9;

type Layout = {
  readonly cx: number;
  readonly cy: number;
  readonly r: number;
  readonly node: number;
  readonly count: number;
  at(index: number, radius?: number): readonly [x: number, y: number];
};

function layoutFor(count: number, width: number, height: number): Layout {
  const node = Math.max(13, Math.min(26, height / 12));
  const r = Math.min(width, height) / 2 - node - 14;
  const [cx, cy] = [width / 2, height / 2];
  return {
    ...{ cx, cy, r, node, count },
    at: (index, radius = r) => {
      const angle = (index / count) * 2 * Math.PI - Math.PI / 2;
      return [cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)];
    },
  };
}

/** The place of the line at which a note stands, going up where it can. */
function placeOf({ line }: WrittenScale, matches: (note: SpelledNote) => boolean): number | null {
  const rising = line.findIndex(({ pitch, falling }) => matches(pitch.note) && !falling);
  const any = rising >= 0 ? rising : line.findIndex(({ pitch }) => matches(pitch.note));
  return any < 0 ? null : any;
}

function ring({ cx, cy, r }: Layout): Mark {
  return { kind: 'circle', cx, cy, r, fill: 'none', stroke: 'rule', width: 2 };
}

/** A stroke across the ring where the alphabet begins anew, between G and A. */
function seam({ at, count, r }: Layout): Mark {
  const [x1, y1] = at(count - 0.5, r - 11);
  const [x2, y2] = at(count - 0.5, r + 11);
  return { kind: 'line', x1, y1, x2, y2, stroke: 'quiet', width: 3 };
}

type Node = {
  readonly key: string;
  readonly index: number;
  readonly note: SpelledNote | null;
  readonly text: string;
  readonly place: number | null;
};

function drawNode(w: ClassWords, layout: Layout, { written, step, far }: WheelQuestion, node: Node): Group {
  const { note, text, place, index } = node;
  const [x, y] = layout.at(index);
  const r = layout.node;
  const plain: readonly Mark[] = [
    { kind: 'circle', cx: 0, cy: 0, r, fill: 'sheet', stroke: 'rule', width: 1.25 },
    ...noteLabel(text, 0, 0, r * 0.72, 'quiet'),
  ];
  const marks = note
    ? noteCircle(w, note, { r, width: 2, current: isAbout(step, written, note), far })
    : plain;
  return group(node.key, 'note', marks, { place, x, y });
}

/** A hop of a walk: an arc inside the wheel from one node to the next, with its number. */
function hop(layout: Layout, from: number, to: number, number: number): Group {
  const inner = layout.r - layout.node - 6;
  const [x1, y1] = layout.at(from, inner);
  const [x2, y2] = layout.at(to, inner);
  const middle = from + (to - from) / 2;
  const [qx, qy] = layout.at(middle, inner * 0.72);
  const [nx, ny] = layout.at(middle, inner * 0.74);
  return group(`hop-${number}`, 'hop', [
    { kind: 'path', d: `M${x1} ${y1}Q${qx} ${qy} ${x2} ${y2}`, fill: 'none', stroke: 'plum', width: 2 },
    ...figures(String(number), nx, ny + 4, 12, 'plum'),
  ]);
}

/** The step from each letter to the next one, where both are decided: its moon and its letters outside the wheel. */
function steps(w: ClassWords, layout: Layout, decided: ReadonlyMap<Letter, SpelledNote>): readonly Group[] {
  return Array.from({ length: 7 }, (_, index) => index).flatMap((index): Group[] => {
    const [from, to] = [decided.get(letterAfter(FIRST, index)), decided.get(letterAfter(FIRST, index + 1))];
    if (!from || !to) return [];
    const size = (pitchClass(to) - pitchClass(from) + 12) % 12;
    if (size < 1 || size > 4) return [];
    const [x, y] = layout.at(index + 0.5, layout.r);
    const [tx, ty] = layout.at(index + 0.5, layout.r + 22);
    return [
      group(`step-${index}`, 'wheel-step', [
        ...stepMoon(size, x, y, 8),
        ...figures(w.stepLetters(size), tx, ty + 4, 12, 'quiet'),
      ]),
    ];
  });
}

/** The nodes of a wheel: what stands in the places of the line that match, and a plain name where nothing is decided. */
function nodesOf(
  { written, step }: WheelQuestion,
  count: number,
  plain: (index: number) => {
    readonly key: string;
    readonly text: string;
    readonly matches: (note: SpelledNote) => boolean;
  },
): readonly Node[] {
  return Array.from({ length: count }, (_, index): Node => {
    const { key, text, matches } = plain(index);
    const place = placeOf(written, matches);
    const state = place === null ? undefined : step.line[place];
    return { key, index, text, place, note: state && state.stage !== 'letter' ? state.note : null };
  });
}

/** A wheel with the hops of its walk from the node at `start`, or with `still` where nothing is walked. */
function wheelWith(
  question: WheelQuestion,
  layout: Layout,
  nodes: readonly Node[],
  start: number,
  still: readonly Group[],
): Scene {
  const { walk, width, height } = question;
  const way = Math.sign(walk.count);
  const hops = Array.from({ length: Math.abs(walk.count) }, (_, at) =>
    hop(layout, start + way * at, start + way * (at + 1), at + 1),
  );
  return {
    width,
    height,
    groups: [
      group('wheel', 'wheel', [ring(layout), ...(layout.count === 7 ? [seam(layout)] : [])]),
      ...(walk.count === 0 ? still : hops),
      ...nodes.map((node) => drawNode(question.w, layout, question, node)),
    ],
  };
}

function letterWheel(question: WheelQuestion): Scene {
  const { w, walk, width, height } = question;
  const layout = layoutFor(7, width, height);
  const nodes = nodesOf(question, 7, (index) => {
    const letter = letterAfter(FIRST, index);
    return { key: `letter-${letter}`, text: w.letter(letter), matches: (note) => note.letter === letter };
  });
  const decided = new Map(nodes.flatMap(({ note }) => (note ? [[note.letter, note] as const] : [])));
  const start = (letterIndex(walk.from.letter) - letterIndex(FIRST) + 7) % 7;
  return wheelWith(question, layout, nodes, start, steps(w, layout, decided));
}

function soundWheel(question: WheelQuestion): Scene {
  const { w, walk, width, height } = question;
  const nodes = nodesOf(question, 12, (index) => {
    const sound = (FIRST_SOUND + index) % 12;
    const plain = spellingsOf(sound).find(({ alteration }) => alteration === 0);
    const text = plain ? w.letter(plain.letter) : '';
    return { key: `sound-${sound}`, text, matches: (note) => pitchClass(note) === sound };
  });
  const start = (pitchClass(walk.from) - FIRST_SOUND + 12) % 12;
  return wheelWith(question, layoutFor(12, width, height), nodes, start, []);
}

/**
 * The letters in a circle, A at the top and the seam where G goes on to A, with the notes of a scale on them as far as a
 * working has decided them; or the twelve half steps in a circle. A walk is drawn hop by hop.
 */
export function wheelScene(question: WheelQuestion): Scene {
  return question.walk.unit === 'letters' ? letterWheel(question) : soundWheel(question);
}
