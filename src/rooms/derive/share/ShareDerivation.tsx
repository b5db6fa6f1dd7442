import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import { ShareMenu } from '../../common/ShareMenu';
import { SHARES, type ShareId } from './share-list';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly onShare: (id: ShareId) => void;
};

/** What can be copied, printed and saved of a derivation. */
export function ShareDerivation(props: Props) {
  return <ShareMenu {...props} list={SHARES} names={DERIVE_SHEETS.share} />;
}
