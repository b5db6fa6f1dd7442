import type { ShareList } from '../../shell/shares';

/** What can be copied, printed and saved of a set. */
export const SET_SHARES = {
  copies: ['link'],
  prints: ['print'],
  files: ['slips', 'marks', 'answers', 'blank'],
} as const satisfies ShareList<string>;

export type SetWay = Exclude<(typeof SET_SHARES)['copies' | 'files' | 'prints'][number], 'print'>;
