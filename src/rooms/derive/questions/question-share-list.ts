import type { ShareList } from '@/rooms/shell/shares';

export type QuestionWay = 'staffPicture' | 'text' | 'workingText' | 'link' | 'staffSvg';

/** What can be copied, printed or saved of a question. */
export const QUESTION_SHARES: ShareList<QuestionWay | 'print'> = {
  copies: ['staffPicture', 'text', 'workingText', 'link'],
  prints: ['print'],
  files: ['staffSvg'],
};
