import type { ShareList } from '@/rooms/shell/shares';

export type ShareWay =
  | 'staffPicture'
  | 'stridePicture'
  | 'railPicture'
  | 'text'
  | 'workingText'
  | 'link'
  | 'musicxml'
  | 'staffSvg'
  | 'strideSvg'
  | 'railSvg';

/** What can be copied, printed or saved of a derivation. */
export const SHARES: ShareList<ShareWay | 'print' | 'printBlank'> = {
  copies: ['staffPicture', 'stridePicture', 'railPicture', 'text', 'workingText', 'link'],
  prints: ['print', 'printBlank'],
  files: ['musicxml', 'staffSvg', 'strideSvg', 'railSvg'],
};
