import * as z from 'zod';
import { KIND_IDS, rightAnswer } from '@/core/exercise/kinds/all';
import { keyEntry } from '@/core/exercise/sheet/key/key-entry';
import { makeSheet } from '@/core/exercise/sheet/make-sheet';
import { type Line, MOST_QUESTIONS, type Recipe, VERSIONS } from '@/core/exercise/sheet/recipe';
import { askedIn, type SheetItem } from '@/core/exercise/sheet/task/all';
import { CLEFS } from '@/core/instrument/staff';
import { MODES } from '@/core/scale/mode';
import { PATTERNS, SCALE_IDS } from '@/core/scale/pattern';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { sayClaims } from '@/core/words/say-claim';
import { sayTask } from '@/core/words/say-task';
import { counted } from '@/core/words/vocabulary';
import { type Answer, json, refused, refusedBody } from './_respond';
import { writeAnswer, writeQuestion } from './_sheet-write';

const FIND_MISTAKE = 'find-mistake';

/** Versions for one class; those to make up for a lesson are ours alone. */
const API_VERSIONS = VERSIONS.filter((version) => !version.startsWith('M'));

export const sheetBody = z.strictObject({
  seed: z
    .int()
    .min(0)
    .max(2 ** 32 - 1)
    .meta({ description: 'The same seed makes the same sheet for ever', example: 4127 }),
  count: z.int().min(1).max(MOST_QUESTIONS),
  kinds: z
    .array(z.enum([...KIND_IDS, FIND_MISTAKE]))
    .min(1)
    .max(20),
  maxSigns: z.int().min(0).max(7),
  modes: z.optional(
    z
      .array(z.enum([...MODES, ...SCALE_IDS]))
      .min(1)
      .max(20)
      .meta({ description: 'Modes or scales; minor stands for its three forms. Left out, major and minor' }),
  ),
  clefs: z.optional(z.array(z.enum(CLEFS)).min(1).max(4)),
  version: z._default(z.enum(API_VERSIONS), 'A'),
});

/** What can be sent, for the document; each is answered in a test. */
export const SHEET_EXAMPLES = {
  signatures: {
    summary: 'Signatures to name and to draw, up to four signs',
    value: { seed: 4127, count: 8, kinds: ['name-key', 'signature'], maxSigns: 4 },
  },
  mistakes: {
    summary: 'Minor scales, some of them with a mistake, version B',
    value: {
      seed: 12,
      count: 6,
      kinds: ['scale', 'find-mistake'],
      maxSigns: 3,
      modes: ['minor'],
      clefs: ['treble', 'bass'],
      version: 'B',
    },
  },
} as const;

const made = z.record(z.string(), z.unknown());

export const sheetAnswer = z.object({
  seed: z.int(),
  version: z.string(),
  questions: z.array(
    z.object({
      number: z.int(),
      question: made.meta({ description: 'As POST /mark takes it; of a find-mistake, `of` and `shown`' }),
      answers: z
        .array(made)
        .meta({ description: 'All that is right; of a find-mistake index, habit and right' }),
      text: z.string(),
      reason: z.string(),
    }),
  ),
  measure: z.int().meta({ description: 'How hard it is, in points; the same in every version' }),
});

type Body = z.infer<typeof sheetBody>;

/** The scales of modes; a mode that is a scale's own name is that scale. */
function scalesOf(modes: NonNullable<Body['modes']>): Line['scales'] {
  return SCALE_IDS.filter((id) => modes.some((mode) => mode === id || mode === PATTERNS[id].mode));
}

function recipeOf({ seed, count, kinds, maxSigns, modes, clefs, version }: Body): Recipe {
  const scales = scalesOf(modes ?? ['major', 'minor']);
  const lines = [...new Set(kinds)].map(
    (kind): Line =>
      kind === FIND_MISTAKE ? { task: kind, kind: 'scale', scales } : { task: 'answer', kind, scales },
  );
  return {
    ...{ seed, count, lines, maxSigns, version },
    clefs: [...new Set(clefs ?? ['treble' as const])],
    signature: 'either',
    habits: [],
  };
}

function written(item: SheetItem, number: number): z.infer<typeof sheetAnswer>['questions'][number] {
  const asked = askedIn(item);
  const key = keyEntry(item, USUAL_SETTINGS);
  if (!asked || !key) throw new RangeError('everything that is made asks something');
  const text = sayTask(ENGLISH, item);
  const reason = sayClaims(ENGLISH, key.claims);
  const question = writeQuestion(asked);
  if (item.task !== FIND_MISTAKE) {
    const answers = key.answers.map((answer) => writeAnswer(asked, answer));
    return { number, question, answers, text, reason };
  }
  const right = writeAnswer(asked, rightAnswer(asked, USUAL_SETTINGS));
  const places = key.fault?.places ?? [];
  return {
    number,
    question: { kind: FIND_MISTAKE, of: question, shown: writeAnswer(asked, item.shown) },
    answers: [{ index: places[0] ?? 0, indexes: places, habit: item.habit, right }],
    text,
    reason,
  };
}

/** POST /sheet: a sheet made from a seed, with its key. */
export function answerSheet(body: unknown): Answer {
  const read = sheetBody.safeParse(body);
  if (!read.success) return refusedBody(read.error.issues);
  const recipe = recipeOf(read.data);
  const { items, measure } = makeSheet(recipe);
  if (items.length < recipe.count)
    return refused(
      'count',
      `${counted(items.length, 'different question fits', 'different questions fit')} what was asked, not ${recipe.count}. Ask for fewer, or allow more kinds, signs, modes or clefs.`,
    );
  return json({
    seed: recipe.seed,
    version: recipe.version,
    questions: items.map(({ item }, at) => written(item, at + 1)),
    measure,
  } satisfies z.infer<typeof sheetAnswer>);
}
