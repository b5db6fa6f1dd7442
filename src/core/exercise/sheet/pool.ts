import { CLEFS, type Clef } from '../../instrument/staff';
import type { Mode } from '../../scale/mode';
import { PATTERNS, SCALE_IDS, type ScaleId, scaleOfMode } from '../../scale/pattern';
import { USUAL_SETTINGS } from '../../school/settings';
import { questionCode } from '../code';
import { type KindId, keyOf, type MarkQuestion, makeQuestion, markProblem } from '../kinds/all';
import { mistakesPossible } from '../possible';
import { everyMade } from './every-made';
import { fifthsAsked, measureOf } from './measure';
import type { Line, Recipe } from './recipe';
import { clefOfTask, suitsTask } from './task/all';

/** A question that fits, with what it is chosen by. */
export type Candidate = {
  readonly asked: MarkQuestion;
  readonly code: string;
  /** Fifths of its signature; null where it has to do with none. */
  readonly count: number | null;
  readonly clef: Clef | null;
  readonly measure: number;
  /** The scale it is about, where it names one, and the mode it is in; null for an order of signs. */
  readonly scale: ScaleId | null;
  readonly mode: Mode | null;
};

type Within = Pick<Recipe, 'maxSigns' | 'clefs' | 'signature' | 'habits'>;

function candidateOf(asked: MarkQuestion): Candidate {
  const { question } = asked;
  const scale = asked.kind === 'steps' ? asked.question.scale : (keyOf(asked)?.scale ?? null);
  const byMode = asked.kind === 'name-key' || asked.kind === 'partner' ? asked.question.mode : null;
  return {
    asked,
    code: questionCode(asked),
    count: fifthsAsked(asked),
    clef: 'clef' in question ? (question.clef ?? null) : null,
    measure: measureOf(asked),
    scale: byMode ? null : scale,
    mode: byMode ?? (scale && PATTERNS[scale].mode),
  };
}

const ALL = { maxSigns: 7, scales: SCALE_IDS, clefs: CLEFS };

const listed = new Map<KindId, readonly Candidate[]>();

/** Every question of a kind that can be asked, each once; listed when it is first wanted. */
function everyCandidate(kind: KindId): readonly Candidate[] {
  const known = listed.get(kind);
  if (known) return known;
  const made = everyMade((picks) => makeQuestion(kind, picks, ALL)).filter((asked) => !markProblem(asked));
  const once = [...new Map(made.map((asked) => [questionCode(asked), asked])).values()];
  const all = once.map(candidateOf);
  listed.set(kind, all);
  return all;
}

/** A signature belongs to a mode and not to a form: minor is asked once. */
function scalesFor({ kind, scales }: Line): readonly ScaleId[] {
  if (kind !== 'signature' && kind !== 'name-signature') return scales;
  return scales.map((scale) => scaleOfMode(PATTERNS[scale].mode));
}

/** Every question of a line within the recipe's limits, each once. Where none meets a habit that is wanted, all do. */
export function poolOf(line: Line, { maxSigns, clefs, signature, habits }: Within): readonly Candidate[] {
  const own = clefOfTask(line.task);
  const wanted = own ? [own] : clefs;
  const scales = scalesFor(line);
  const modes = line.scales.map((scale) => PATTERNS[scale].mode);
  const within = everyCandidate(line.kind).filter(({ asked, count, clef, scale, mode }) => {
    if (Math.abs(count ?? 0) > maxSigns || (clef && !wanted.includes(clef))) return false;
    if (scale ? !scales.includes(scale) : mode && !modes.includes(mode)) return false;
    if (!suitsTask(line.task, asked)) return false;
    if (asked.kind !== 'scale') return true;
    // Where there are no signs, with and without a signature are one question.
    const way = signature === 'either' && count === 0 ? 'written' : signature;
    return way === 'either' || asked.question.signature === way;
  });
  if (habits.length === 0) return within;
  const met = within.filter(({ asked }) =>
    mistakesPossible(asked, USUAL_SETTINGS).some((id) => habits.includes(id)),
  );
  return met.length > 0 ? met : within;
}
