import { questionFrom } from '@/core/exercise/kinds/all';
import { USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import type { Slip, SlipItem } from '@/core/exercise/set/slip';
import type { ClassWords } from '@/core/words/class-words';
import { sayMarks } from '@/core/words/say-marks';
import { saySlipItem, saySlipPractice, saySlipTotal } from '@/core/words/say-slip';
import { sayTask } from '@/core/words/say-task';
import { group, type Scene } from '../scene';
import { itemPart } from './item-part';
import { columnWidth, type PageLook } from './look';
import { type Block, frameOf, laidOut } from './pages';
import { barred, line, type Part, stacked, textPart, withRoom } from './part';
import type { Setting } from './setting';
import { widthOf } from './type';

/** What a slip says of itself, in words. */
export type SlipHead = {
  readonly student: string;
  /** The set and its day. */
  readonly about: string;
  readonly practise: string;
  readonly given: string;
  readonly expected: string;
  /** What brackets mean. */
  readonly brackets: string;
  readonly allRight: string;
};

const INDENT = 9;
const BETWEEN = 12;

function headPart({ m, width }: Setting, head: SlipHead): Part {
  const room = widthOf(head.about, 'sans', m.small) + 16;
  const title = textPart('title', head.student, width - room, { face: 'serif-bold', size: m.title });
  const base = title.height - m.title * 0.38;
  const marks = [
    line(head.about, width, base, { face: 'sans', size: m.small, ink: 'quiet' }, 'end'),
    {
      kind: 'line' as const,
      x1: 0,
      y1: title.height + 4,
      x2: width,
      y2: title.height + 4,
      stroke: 'ink' as const,
      width: 0.75,
    },
  ];
  return { height: title.height + 14, groups: [...title.groups, group('head', 'head', marks)] };
}

function itemBlock(setting: Setting, head: SlipHead, item: SlipItem): Part {
  const { w, m, width } = setting;
  const { given, expected, why } = saySlipItem(w, item);
  const { got, of } = item.cell;
  const marks = got === null || of === null ? '' : ` (${sayMarks({ got, of })})`;
  const text = (key: string, words: string, bold = false) =>
    textPart(key, words, width, { face: bold ? 'sans-bold' : 'sans', size: m.type });
  const reasons = why.map((words, at) =>
    textPart(`why-${at}`, words, width - INDENT, { face: 'sans', size: m.type }),
  );
  return stacked(
    [
      text('task', `${item.number}. ${sayTask(w, item.question.item)}${marks}`, true),
      text('given', `${head.given}: ${given}`),
      text('expected', `${head.expected}: ${expected}`),
      barred('bar', stacked(reasons, 2), INDENT),
    ],
    3,
  );
}

/** The exercise with an empty staff under it. */
function practiceBlock(setting: Setting, head: SlipHead, slip: Slip): Part | null {
  const { w, m, width } = setting;
  const said = saySlipPractice(w, slip);
  if (said === null || !slip.practise) return null;
  const { tonic, scale } = slip.practise.key;
  const question = questionFrom(
    'scale',
    { ...USUAL_FIELDS, tonic, scale, direction: 'up', signature: 'none' },
    w.settings,
  );
  return stacked(
    [
      textPart('practise', head.practise, width, { face: 'sans-bold', size: m.type }),
      textPart('cure', said, width, { face: 'sans', size: m.type }),
      itemPart({ task: 'answer', question }, 'blank', setting),
    ],
    4,
  );
}

const block = (key: string, part: Part): Block => ({
  ...withRoom(
    { ...part, groups: part.groups.map((each) => ({ ...each, key: `${key}-${each.key}` })) },
    BETWEEN,
  ),
  at: null,
  wide: false,
});

/** The pages of a student's slip: marks, what is to be looked at again with its reasons, and one exercise with a staff. */
export function slipPages(w: ClassWords, look: PageLook, head: SlipHead, slip: Slip): readonly Scene[] {
  const { m, width } = frameOf(look);
  const setting: Setting = { w, m, width };
  const plain = { face: 'sans', size: m.type } as const;
  const total = saySlipTotal(slip).map((text, at) => textPart(`total-${at}`, text, width, plain));
  const again = slip.items.some(({ cell }) => cell.state !== 'right' && cell.state !== 'accepted');
  const note = again ? head.brackets : head.allRight;
  const first = stacked(
    [...total, textPart('note', note, width, { ...plain, size: m.small, ink: 'quiet' })],
    2,
  );
  const practice = practiceBlock(setting, head, slip);
  const blocks = [
    block('total', first),
    ...slip.items.map((item) => block(`item${item.number}`, itemBlock(setting, head, item))),
    ...(practice ? [block('practice', practice)] : []),
  ];
  const top = headPart({ ...setting, width: columnWidth(m, 1) }, head);
  const laid = laidOut(blocks, { m, columns: look.columns, head: top, later: top });
  return laid.map(({ groups }): Scene => ({ width: m.width, height: m.height, groups }));
}
