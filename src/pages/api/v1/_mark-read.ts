import { KIND_IDS, markProblem } from '@/core/exercise/kinds/all';
import type { MarkProblem } from '@/core/exercise/kinds/problem';
import type { Settings } from '@/core/school/settings';
import { sayMarkProblem } from '@/core/words/say-mark-problem';
import { API_KINDS, type Sent } from './_mark-kinds';
import { NotAllowed } from './_mark-parts';

/** What is wrong with a question or an answer: the status, and each field with what was read. */
export type MarkRefusal = {
  readonly status: 400 | 422;
  readonly found: readonly { readonly pointer: string; readonly detail: string }[];
};

export type MarkReading = ({ readonly ok: true } & Sent) | ({ readonly ok: false } & MarkRefusal);

function problemAt(problem: MarkProblem): MarkRefusal {
  return { status: 422, found: [{ pointer: '#/question', detail: sayMarkProblem(problem) }] };
}

/** Whether a place of a body that does not fit is only a value that is not allowed, and not another shape. */
const isValue = (code: string) => code === 'invalid_value' || code === 'too_big' || code === 'too_small';

/** Reads a question with its answer: the shape, then each text, then whether it has an answer at all. */
export function readMarkBody(sent: unknown, melodicDown: Settings['melodicDown']): MarkReading {
  const kind = (sent as { question?: { kind?: unknown } } | null)?.question?.kind;
  const known = KIND_IDS.find((each) => each === kind);
  if (!known) {
    const read =
      typeof kind === 'string'
        ? `'${kind.slice(0, 40)}' is no kind of question.`
        : 'A question with its kind is needed.';
    return {
      ok: false,
      status: typeof kind === 'string' ? 422 : 400,
      found: [{ pointer: '#/question/kind', detail: `${read} Kinds are ${KIND_IDS.join(', ')}.` }],
    };
  }
  const { body, read } = API_KINDS[known];
  const checked = body.safeParse(sent);
  if (!checked.success) {
    const found = checked.error.issues.map(({ path, message }) => ({
      pointer: `#/${path.join('/')}`,
      detail: message,
    }));
    return { ok: false, status: checked.error.issues.every(({ code }) => isValue(code)) ? 422 : 400, found };
  }
  try {
    const marked = read(checked.data, { melodicDown });
    const problem = markProblem(marked.asked);
    return problem ? { ok: false, ...problemAt(problem) } : { ok: true, ...marked };
  } catch (error) {
    if (!(error instanceof NotAllowed)) throw error;
    return { ok: false, status: 422, found: [{ pointer: error.pointer, detail: error.message }] };
  }
}
