import { SCALE_IDS } from '../../scale/pattern';
import type { KindId } from '../kinds/all';
import type { Line } from './recipe';
import type { TaskId } from './task/all';

type Scales = Line['scales'];

/** What a sheet can be on: scales, or things to do with them. A sheet may be on several. */
type TopicRow = {
  /** The scales it brings; where none of the topics brings any, major and the minor forms are asked. */
  readonly scales?: Scales;
  readonly lines: readonly (readonly [TaskId, KindId])[];
  /** Whether it is asked where a class is to meet habits again: it shows them plainly and in few words. */
  readonly forHabits?: true;
};

const MINORS: Scales = ['natural-minor', 'harmonic-minor', 'melodic-minor'];
const USUAL: Scales = ['major', ...MINORS];
const MODES: Scales = SCALE_IDS.filter((id) => !USUAL.includes(id));

/** Every topic by its code, in the order in which they are offered. */
const TOPICS = {
  majors: { scales: ['major'], lines: [['answer', 'scale']] },
  minors: { scales: MINORS, lines: [['answer', 'scale']] },
  modes: { scales: MODES, lines: [['answer', 'scale']] },
  signatures: {
    lines: [
      ['answer', 'name-key'],
      ['answer', 'signature'],
      ['answer', 'name-signature'],
    ],
    forHabits: true,
  },
  order: { lines: [['answer', 'order']], forHabits: true },
  steps: { lines: [['answer', 'steps']], forHabits: true },
  naming: { lines: [['answer', 'name-scale']], forHabits: true },
  partners: { lines: [['answer', 'partner']], forHabits: true },
  degrees: { lines: [['answer', 'degree']], forHabits: true },
  chords: { lines: [['answer', 'chord']], forHabits: true },
  transposing: { lines: [['answer', 'transpose']], forHabits: true },
  dictation: { lines: [['answer', 'dictation']], forHabits: true },
  'find-mistake': { lines: [['find-mistake', 'scale']], forHabits: true },
  'which-note': { lines: [['which-note', 'scale']] },
  gaps: { lines: [['gaps', 'scale']] },
  complete: { lines: [['complete', 'signature']] },
  label: { lines: [['label', 'steps']] },
  path: { lines: [['path', 'name-scale']] },
  grand: { lines: [['grand', 'scale']] },
} as const satisfies Readonly<Record<string, TopicRow>>;

export type TopicId = keyof typeof TOPICS;

export const TOPIC_IDS = Object.keys(TOPICS) as readonly TopicId[];

/** The scales that topics bring, each once, in the order of the scales. */
export function scalesOf(topics: readonly TopicId[]): Scales {
  const brought = topics.flatMap((id): Scales => {
    const row: TopicRow = TOPICS[id];
    return row.scales ?? [];
  });
  return brought.length === 0 ? USUAL : SCALE_IDS.filter((id) => brought.includes(id));
}

/** The sorts of question that topics make: each task about all the scales, scales that are to be written about their own. */
export function linesOf(topics: readonly TopicId[]): readonly Line[] {
  const scales = scalesOf(topics);
  return topics.flatMap((id) => {
    const row: TopicRow = TOPICS[id];
    return row.lines.map(([task, kind]): Line => ({ task, kind, scales: row.scales ?? scales }));
  });
}

function asks({ lines }: TopicRow, kinds: readonly KindId[]): boolean {
  return lines.some(([, kind]) => kinds.includes(kind));
}

/**
 * What is asked so that habits can be met again: of what a sheet is on, all that asks one of the kinds of question in
 * which they were met, and whatever shows them. Scales keep the sort they were asked on; where there was none, minor
 * forms are where habits show.
 */
export function topicsForHabits(own: readonly TopicId[], kinds: readonly KindId[]): readonly TopicId[] {
  const asking = TOPIC_IDS.filter((id) => asks(TOPICS[id], kinds));
  const kept = own.filter((id) => asking.includes(id));
  const bringsScales = (id: TopicId) => 'scales' in TOPICS[id];
  const scales = kinds.includes('scale') && !kept.some(bringsScales) ? ['minors'] : [];
  return TOPIC_IDS.filter((id) => {
    const row: TopicRow = TOPICS[id];
    return kept.includes(id) || scales.includes(id) || (asking.includes(id) && row.forHabits);
  });
}
