import { memo } from 'react';
import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import { KeyList } from '@/ui/keys/KeyList';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly single: boolean;
  readonly onSingle: (on: boolean) => void;
};

/** Every key of the room. */
export const KeysSheet = memo(function KeysSheet(props: Props) {
  const { keys: say } = DERIVE_SHEETS;
  return <KeyList {...props} title={say.title} summary={say.summary} list={say.list} />;
});
