import type { ShareList } from '../../common/ShareMenu';

export type ShareId =
  | 'staffPicture'
  | 'stridePicture'
  | 'railPicture'
  | 'text'
  | 'workingText'
  | 'link'
  | 'print'
  | 'printBlank'
  | 'musicxml'
  | 'staffSvg'
  | 'strideSvg'
  | 'railSvg';

/** What can be copied, printed or saved of a derivation. */
export const SHARES: ShareList<ShareId> = {
  copies: ['staffPicture', 'stridePicture', 'railPicture', 'text', 'workingText', 'link'],
  prints: ['print', 'printBlank'],
  files: ['musicxml', 'staffSvg', 'strideSvg', 'railSvg'],
};
