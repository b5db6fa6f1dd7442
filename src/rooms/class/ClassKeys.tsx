import { classRoomWords } from '@/core/words/screen/class';
import { KeyList } from '@/ui/keys/KeyList';
import { useWords } from '@/ui/school/use-class';

type Props = {
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly single: boolean;
  readonly onSingle: (on: boolean) => void;
};

/** Every key of the room. */
export function ClassKeys(props: Props) {
  const say = classRoomWords(useWords());
  return <KeyList {...props} title={say.keysTitle} summary={say.keysSummary} list={say.keys} />;
}
