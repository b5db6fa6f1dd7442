import type { ShareList } from '../shell/shares';

/** What can be copied and printed of a marked answer. */
export const MARK_SHARES: ShareList<'text' | 'link' | 'print'> = {
  copies: ['text', 'link'],
  prints: ['print'],
  files: [],
};
