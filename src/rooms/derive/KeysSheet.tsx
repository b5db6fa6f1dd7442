import { memo } from 'react';
import { deriveWords } from '@/core/words/screen/derive';
import { KeyList } from '@/ui/keys/KeyList';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly single: boolean;
  readonly onSingle: (on: boolean) => void;
};

/** Every key of the room. */
export const KeysSheet = memo(function KeysSheet(props: Props) {
  const { keysSheet: say } = deriveWords(useWords());
  return <KeyList {...props} title={say.title} summary={say.summary} list={say.list} />;
});
