import { questionCode, readQuestionCode } from '@/core/exercise/code';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { LIVE_STAGES, type LiveStage } from '@/core/live/live-class';
import { MARK_PATH } from './mark-address';

/**
 * What a class answered to one question: answers in codes, and how many gave each. Nobody's name stands in it, but where the
 * teacher has asked for names on the board.
 */
export type Poll = {
  readonly question: MarkQuestion;
  readonly counts: readonly (readonly [code: string, count: number])[];
  /** How far a class is that answers now; null where it has long answered. */
  readonly live: { readonly stage: LiveStage; readonly answered: number; readonly of: number } | null;
  /** Who gave each answer, in the order of the answers; none where no names are wanted. */
  readonly names: readonly string[];
};

/** How a class is joined, for the board. */
export type JoinShown = { readonly code: string; readonly link: string };

/** As many answers as are shown. */
const MOST_ANSWERS = 12;

/** Between answers, and between an answer and its count; no code of an answer holds them. */
const [BETWEEN, TIMES] = ['|', '*'];

/** The longest row of names of one answer, in characters. */
const LONGEST_NAMES = 300;

/** Whether a query of Mark is about what a class answered. */
export function isPollSearch(search: string): boolean {
  return new URLSearchParams(search).has('poll');
}

/** Reads what a class answered; null where the question cannot be read. Answers that cannot be read are left out. */
export function readPoll(search: string): Poll | null {
  const query = new URLSearchParams(search);
  const question = readQuestionCode(query.get('poll') ?? '');
  if (!question) return null;
  const counts = (query.get('answers') ?? '').split(BETWEEN).flatMap((part): Poll['counts'] => {
    const [code = '', count = ''] = part.split(TIMES);
    return code !== '' && /^\d{1,3}$/u.test(count) ? [[code, Number(count)]] : [];
  });
  const names = query.has('names') ? (query.get('names') ?? '').split(BETWEEN) : [];
  return { question, counts, live: liveFrom(query), names };
}

function liveFrom(query: URLSearchParams): Poll['live'] {
  const stage = LIVE_STAGES.find((each) => each === query.get('stage'));
  const count = (name: string) => Number(/^\d{1,4}$/u.exec(query.get(name) ?? '')?.[0] ?? 0);
  return stage ? { stage, answered: count('in'), of: count('of') } : null;
}

/** Whether a query of Mark is about how a class is joined. */
export function isJoinSearch(search: string): boolean {
  return new URLSearchParams(search).has('join');
}

/** Reads how a class is joined. */
export function readJoinShown(search: string): JoinShown {
  const query = new URLSearchParams(search);
  return { code: (query.get('join') ?? '').slice(0, 20), link: (query.get('at') ?? '').slice(0, 200) };
}

/** The address at which a board shows how a class is joined. */
export function joinShownHref({ code, link }: JoinShown): string {
  return `${MARK_PATH}?${new URLSearchParams({ join: code, at: link })}`;
}

/** The address at which a board shows what a class answered. */
export function pollHref({ question, counts, live, names }: Poll): string {
  const answers = counts.slice(0, MOST_ANSWERS).map(([code, count]) => code + TIMES + count);
  const query = new URLSearchParams({ poll: questionCode(question), answers: answers.join(BETWEEN) });
  if (live) {
    query.set('stage', live.stage);
    query.set('in', String(live.answered));
    query.set('of', String(live.of));
  }
  if (names.length > 0) {
    const rows = names
      .slice(0, MOST_ANSWERS)
      .map((row) => row.replaceAll(BETWEEN, '/').slice(0, LONGEST_NAMES));
    query.set('names', rows.join(BETWEEN));
  }
  return `${MARK_PATH}?${query}`;
}
