import type { ShareList } from '../common/ShareMenu';

export type QuestionShare = 'staffPicture' | 'text' | 'workingText' | 'link' | 'print' | 'staffSvg';

/** What can be copied, printed or saved of a question. */
export const QUESTION_SHARES: ShareList<QuestionShare> = {
  copies: ['staffPicture', 'text', 'workingText', 'link'],
  prints: ['print'],
  files: ['staffSvg'],
};
